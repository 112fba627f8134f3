<?php

declare(strict_types=1);

namespace Vinculum\Words;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Figure;
use Vinculum\Log\Calibration;
use Vinculum\Log\MadeBatch;
use Vinculum\Log\Reading;
use Vinculum\Safety\Cautions;
use Vinculum\Safety\Facts;
use Vinculum\Safety\KeepingTime;

/** A batch: what was estimated on its day, what was measured since, where that leaves it, and what to mind about it. */
final readonly class BatchView
{
    private const LABELS = ['ph' => 'pH', 'brix' => '°Brix', 'salt' => 'Salt, %', 'mass' => 'Mass, g'];

    private const PLACES = ['ph' => 2, 'brix' => 1, 'salt' => 2, 'mass' => 0];

    private const FIELD_WORDS = [
        'ph' => 'a pH of %s',
        'sugars_g' => '%s g of sugars in 100 g',
        'sodium_mg' => '%s mg of sodium in 100 g',
    ];

    private const INSTRUMENTS = [
        'calibrated' => 'calibrated',
        'uncalibrated' => 'not calibrated: about',
        'strips' => 'strips: about',
    ];

    public function __construct(private Speech $speech) {}

    /** @return list<array<string, mixed>> */
    public function figures(MadeBatch $batch): array
    {
        $figures = [];
        foreach (array_keys($batch->frozen['estimates']) as $kind) {
            $figures[] = $this->figure($batch, (string) $kind);
        }

        return $figures;
    }

    /**
     * One reading as it stands or stood.
     *
     * @return array{
     *     kind: string,
     *     label: string,
     *     value: float,
     *     text: string,
     *     instrument: string,
     *     hot: bool,
     *     rested: bool,
     *     question: string,
     * }
     */
    public function reading(Reading $reading, MadeBatch $batch, bool $stands): array
    {
        $aside = array_filter([
            self::INSTRUMENTS[$reading->instrument] === 'calibrated' || $reading->kind !== 'ph'
                ? ''
                : self::INSTRUMENTS[$reading->instrument],
            $reading->isHot ? 'hot' : '',
            $reading->isRested ? '' : 'not rested',
        ]);

        return [
            'kind' => $reading->kind,
            'label' => self::LABELS[$reading->kind],
            'value' => $reading->value,
            'text'
                => $this->speech->grouped($reading->value, self::PLACES[$reading->kind])
                .($aside === [] ? '' : ' ('.implode(', ', $aside).')'),
            'instrument' => $reading->instrument,
            'hot' => $reading->isHot,
            'rested' => $reading->isRested,
            'question'
                => $stands && $batch->isImprobable($reading)
                    ? 'Far from what is thought or was read before. Measure again, or correct it, before you '
                        .'believe it.'
                    : '',
        ];
    }

    /**
     * What to mind about this batch, its own readings taken into account, and how long it keeps.
     *
     * @return array{cautions: list<array<string, mixed>>, times: array{short: string, text: string, rule: string}|null}
     */
    public function safety(MadeBatch $batch, Evaluation $asMade): array
    {
        $view = new SafetyView($this->speech);
        $facts = Facts::of($asMade, $batch->measured('ph', decidingOnly: true), $batch->measured('ph'));
        $times = KeepingTime::of($facts);

        return [
            'cautions' => array_map($view->caution(...), Cautions::of($facts)),
            'times' => $times === null ? null : $view->times($times),
        ];
    }

    /** @return array<string, mixed> */
    private function figure(MadeBatch $batch, string $kind): array
    {
        $thought = $batch->thought($kind) ?? Figure::even(0.0, 0.0, '');
        $measured = $batch->measured($kind);
        $now = $batch->now($kind) ?? $thought;

        return [
            'kind' => $kind,
            'label' => self::LABELS[$kind],
            'estimate_text' => $this->figureText($thought, $kind),
            'now_text' => $measured === null ? '' : $this->figureText($now, $kind),
            'moved_text' => $measured === null ? '' : $this->moved($measured, $thought),
            'offer' => $measured === null ? null : $this->offer($batch, $kind, $measured, $thought),
        ];
    }

    private function figureText(Figure $figure, string $kind): string
    {
        return $this->speech->grouped($figure->value, self::PLACES[$kind])
            .' ± '
            .$this->speech->grouped($figure->spread, self::PLACES[$kind]);
    }

    private function moved(Figure $measured, Figure $thought): string
    {
        return abs($measured->value - $thought->value) <= $thought->spread
            ? 'within what was said'
            : 'further than was said; trust the instrument for this batch';
    }

    /**
     * @return array<string, mixed>|null
     */
    private function offer(MadeBatch $batch, string $kind, Figure $measured, Figure $thought): ?array
    {
        $frozen = $batch->frozen['calibrations'][$kind] ?? null;
        // what is hardly believed of the sauce says nothing of what went into it
        $isDoubted = array_filter(
            $batch->readings,
            static fn (Reading $reading): bool => $reading->kind === $kind && $batch->isImprobable($reading),
        ) !== [];
        if ($frozen === null || $isDoubted || abs($measured->value - $thought->value) <= $measured->spread) {
            return null;
        }
        $value = (new Calibration(
            $frozen['slug'],
            $frozen['name'],
            $frozen['field'],
            (float) $frozen['now'],
            (float) $frozen['slope'],
        ))->corrected($thought->value, $measured->value);
        if ($value === null) {
            return null;
        }
        $rounded = $frozen['field'] === 'sodium_mg' ? round($value) : round($value, 2);

        return [
            'text' => sprintf(
                'If it is the %s: it would have '.self::FIELD_WORDS[$frozen['field']].'.',
                $frozen['name'],
                $this->speech->number($rounded),
            ),
            'ingredient' => [
                'name' => "my {$frozen['name']}",
                'like' => $frozen['slug'],
                'values' => [$frozen['field'] => $rounded],
            ],
        ];
    }
}
