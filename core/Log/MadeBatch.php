<?php

declare(strict_types=1);

namespace Vinculum\Log;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Figure;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Mixture;
use Vinculum\Recipe\WeighedLine;
use Vinculum\Solve\Rescue\Rescue;
use Vinculum\Taste\Measure;
use Vinculum\Taste\Tasting;

/**
 * A batch as it was made on a day: what was thought of it then, frozen, and what was measured since. Its composition is
 * kept by the constituents' names, so that a constituent the product learns of later is unknown in it and never an
 * error.
 *
 * @phpstan-type Estimate array{value: float|int, half: float|int, unit: string}
 * @phpstan-type FrozenCalibration array{slug: string, name: string, field: string, now: float|int, slope: float|int}
 * @phpstan-type Frozen array{
 *     composition: array<string, float|int>,
 *     estimates: array<string, Estimate>,
 *     calibrations: array<string, FrozenCalibration>,
 *     stirred_in?: list<string>,
 * }
 */
final readonly class MadeBatch
{
    /** From so many half-widths on, a reading is so far from what is thought that it is asked about. */
    private const IMPROBABLE = 3.0;

    /**
     * @param Frozen $frozen
     * @param list<Reading> $readings that stand, in the order they were taken
     */
    public function __construct(public array $frozen, public array $readings) {}

    /**
     * What a batch keeps of its day.
     *
     * @return Frozen
     */
    public static function freeze(Evaluation $evaluation): array
    {
        $estimates = [];
        $calibrations = [];
        $figures = [
            'ph' => $evaluation->estimates->ph(),
            'brix' => $evaluation->estimates->brix(),
            'salt' => $evaluation->tasting->measures[Measure::Saltiness->value]->figure,
            'mass' => $evaluation->estimates->mass(),
        ];
        foreach (array_filter($figures) as $kind => $figure) {
            $estimates[$kind] = [
                'value' => $figure->value,
                'half' => ($figure->high() - $figure->low()) / 2,
                'unit' => $figure->unit,
            ];
            $calibration = Calibration::of($evaluation->cooked, $kind);
            if ($calibration !== null) {
                $calibrations[$kind] = [
                    'slug' => $calibration->slug,
                    'name' => $calibration->name,
                    'field' => $calibration->field,
                    'now' => $calibration->now,
                    'slope' => $calibration->slope,
                ];
            }
        }

        return [
            'composition' => array_combine(Constituent::KEYS, $evaluation->cooked->mixture->grams),
            'estimates' => $estimates,
            'calibrations' => $calibrations,
            'stirred_in' => self::stirredIn($evaluation),
        ];
    }

    /** What was in the pot. */
    public function mixture(): Mixture
    {
        return Mixture::named($this->frozen['composition']);
    }

    /** As it was thought on its day; null where it could not be. */
    public function thought(string $kind): ?Figure
    {
        $estimate = $this->frozen['estimates'][$kind] ?? null;

        return $estimate === null
            ? null
            : Figure::even((float) $estimate['value'], (float) $estimate['half'], $estimate['unit']);
    }

    /** What its readings say together; null without any. */
    public function measured(string $kind, bool $decidingOnly = false): ?Figure
    {
        $readings = array_values(
            array_filter(
                $this->readings,
                static fn (Reading $reading): bool => $reading->kind === $kind
                    && (! $decidingOnly || $reading->decides()),
            ),
        );

        return $readings === [] ? null : Reading::together($readings);
    }

    /** Where the readings leave the estimate. */
    public function now(string $kind): ?Figure
    {
        $thought = $this->thought($kind);
        $measured = $this->measured($kind);

        return $thought === null || $measured === null ? $thought : Reading::moves($thought, $measured);
    }

    /**
     * Whether a reading lies so far from what is thought, or from the others, that it is asked about before it is
     * believed.
     */
    public function isImprobable(Reading $reading): bool
    {
        $thought = $this->thought($reading->kind);
        $others = array_values(
            array_filter(
                $this->readings,
                static fn (Reading $other): bool => $other->kind === $reading->kind && $other !== $reading,
            ),
        );
        foreach (array_filter([$thought, $others === [] ? null : Reading::together($others)]) as $known) {
            if (
                abs($reading->value - $known->value)
                > self::IMPROBABLE * sqrt($known->spread ** 2 + $reading->halfWidth() ** 2)
            ) {
                return true;
            }
        }

        return false;
    }

    /** @return array<string, float> what it tastes of, by Measure value, with what was measured taken into account */
    public function tastes(): array
    {
        $mixture = $this->mixture();
        $tastes = [];
        foreach (Measure::cases() as $measure) {
            $tastes[$measure->value] = Tasting::plain($measure, $mixture, $mixture->acidity());
        }
        $salt = $this->now('salt');

        return ($salt === null ? [] : [Measure::Saltiness->value => $salt->value]) + $tastes;
    }

    /**
     * What was added to taste once the sauce stood, in the order it was.
     *
     * @return list<string>
     */
    private static function stirredIn(Evaluation $evaluation): array
    {
        $sequence = [];
        foreach ($evaluation->recipe->stages as $stage) {
            if (($stage->extra[Rescue::TO_TASTE] ?? false) !== true) {
                continue;
            }
            $lines = array_filter(
                $evaluation->cooked->weighed->lines,
                static fn (WeighedLine $line): bool => $line->stage->id === $stage->id,
            );
            $added = array_map(
                static fn (WeighedLine $line): string => trim(
                    "{$line->line->amount} ".($line->ingredient->name ?? $line->line->ingredient),
                ),
                $lines,
            );
            $sequence[] = $added === [] ? $stage->name : implode(', ', $added);
        }

        return $sequence;
    }
}
