<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Batch;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Figure;
use Vinculum\Log\Calibration;
use Vinculum\Log\Reading;
use Vinculum\Mixture\Acidity;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Mixture;
use Vinculum\Recipe\WeighedLine;
use Vinculum\Solve\Rescue\Rescue;
use Vinculum\Taste\Measure;
use Vinculum\Taste\Tasting;

/** A batch: what was estimated on its day, what was measured since, and where that leaves it (batch.schema.json). */
final class BatchDocument
{
    private const LABELS = ['ph' => 'pH', 'brix' => '°Brix', 'salt' => 'Salt, g in 100 g', 'mass' => 'Mass, g'];
    private const PLACES = ['ph' => 2, 'brix' => 1, 'salt' => 2, 'mass' => 0];
    private const FIELD_WORDS = ['ph' => 'a pH of %s', 'sugars_g' => '%s g of sugars in 100 g', 'sodium_mg' => '%s mg of sodium in 100 g'];

    /**
     * What a batch keeps of its day.
     *
     * @return array{composition: array<string, float>, estimates: array<string, array{value: float, half: float, unit: string}>, calibrations: array<string, array{slug: string, name: string, field: string, now: float, slope: float}>, stirred_in: list<string>}
     */
    public static function freeze(Evaluation $evaluation): array
    {
        $estimates = [];
        $calibrations = [];
        foreach (['ph' => $evaluation->estimates->ph(), 'brix' => $evaluation->estimates->brix(), 'salt' => $evaluation->tasting->measures[Measure::Saltiness->value]->figure, 'mass' => $evaluation->estimates->mass()] as $kind => $figure) {
            if ($figure === null) {
                continue;
            }
            $estimates[$kind] = ['value' => $figure->value, 'half' => ($figure->high() - $figure->low()) / 2, 'unit' => $figure->unit];
            $calibration = Calibration::of($evaluation->cooked, $kind);
            if ($calibration !== null) {
                $calibrations[$kind] = ['slug' => $calibration->slug, 'name' => $calibration->name, 'field' => $calibration->field, 'now' => $calibration->now, 'slope' => $calibration->slope];
            }
        }

        return ['composition' => array_combine(Constituent::KEYS, $evaluation->cooked->mixture->grams), 'estimates' => $estimates, 'calibrations' => $calibrations, 'stirred_in' => self::stirredIn($evaluation)];
    }

    /**
     * @return array<string, mixed>
     */
    public static function of(Batch $batch): array
    {
        $figures = [];
        foreach ($batch->frozen['estimates'] as $kind => $estimate) {
            $figures[] = self::figure($batch, (string) $kind, $estimate);
        }

        return [
            'id' => $batch->id,
            'recipe' => $batch->recipe_id,
            'name' => $batch->document['name'],
            'made_on' => $batch->made_on->toDateString(),
            'figures' => $figures,
            'readings' => $batch->readings,
            'stirred_in' => $batch->frozen['stirred_in'] ?? [],
        ];
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
            $lines = array_filter($evaluation->cooked->weighed->lines, static fn (WeighedLine $line): bool => $line->stage->id === $stage->id);
            $added = array_map(static fn (WeighedLine $line): string => trim("{$line->line->amount} ".($line->ingredient->name ?? $line->line->ingredient)), $lines);
            $sequence[] = $added === [] ? $stage->name : implode(', ', $added);
        }

        return $sequence;
    }

    /**
     * What a batch tastes of, with what was measured of it taken into account.
     *
     * @return array{array<string, float>, float|null, float|null} by Measure value; pH; °Brix
     */
    public static function tastes(Batch $batch): array
    {
        $mixture = Mixture::of(array_values($batch->frozen['composition']));
        $tastes = [];
        foreach (Measure::cases() as $measure) {
            $tastes[$measure->value] = Tasting::plain($measure, $mixture, Acidity::of($mixture->grams));
        }
        $now = static fn (string $kind): ?float => isset($batch->frozen['estimates'][$kind]) ? self::now($batch, $kind, $batch->frozen['estimates'][$kind])[1]->value : null;

        return [[Measure::Saltiness->value => $now('salt') ?? $tastes[Measure::Saltiness->value]] + $tastes, $now('ph'), $now('brix')];
    }

    /**
     * The estimate as it was, where the readings leave it, and the last of them.
     *
     * @param array{value: float, half: float, unit: string} $estimate
     * @return array{Figure, Figure, Reading|null}
     */
    private static function now(Batch $batch, string $kind, array $estimate): array
    {
        $first = $now = Figure::even((float) $estimate['value'], (float) $estimate['half'], $estimate['unit']);
        $last = null;
        foreach ($batch->readings as $given) {
            if ($given['kind'] === $kind) {
                $last = new Reading($given['kind'], (float) $given['value'], $given['hot'], $given['rested']);
                $now = $last->moves($now);
            }
        }

        return [$first, $now, $last];
    }

    /**
     * @param array{value: float, half: float, unit: string} $estimate
     * @return array<string, mixed>
     */
    private static function figure(Batch $batch, string $kind, array $estimate): array
    {
        $places = self::PLACES[$kind];
        [$first, $now, $last] = self::now($batch, $kind, $estimate);
        $text = static fn (Figure $figure): string => Wording::grouped($figure->value, $places).' ± '.Wording::grouped($figure->spread, $places);

        return [
            'kind' => $kind,
            'label' => self::LABELS[$kind],
            'estimate_text' => $text($first),
            'now_text' => $last === null ? '' : $text($now),
            'moved_text' => $last === null ? '' : self::moved($last, $first),
            'offer' => $last === null ? null : self::offer($batch, $last, $first),
        ];
    }

    private static function moved(Reading $reading, Figure $estimate): string
    {
        $off = abs($reading->value - $estimate->value);

        return $off <= $estimate->spread ? 'within what was said' : 'further than was said; trust the instrument for this batch';
    }

    /**
     * @return array<string, mixed>|null
     */
    private static function offer(Batch $batch, Reading $reading, Figure $estimate): ?array
    {
        $frozen = $batch->frozen['calibrations'][$reading->kind] ?? null;
        if ($frozen === null || abs($reading->value - $estimate->value) <= $reading->halfWidth()) {
            return null;
        }
        $value = (new Calibration($frozen['slug'], $frozen['name'], $frozen['field'], (float) $frozen['now'], (float) $frozen['slope']))->corrected($estimate->value, $reading->value);
        if ($value === null) {
            return null;
        }
        $rounded = $frozen['field'] === 'sodium_mg' ? round($value) : round($value, 2);

        return [
            'text' => sprintf('If it is the %s: it would have '.self::FIELD_WORDS[$frozen['field']].'.', $frozen['name'], Wording::number($rounded)),
            'ingredient' => ['name' => "my {$frozen['name']}", 'like' => $frozen['slug'], 'values' => [$frozen['field'] => $rounded]],
        ];
    }
}
