<?php

declare(strict_types=1);

namespace App\Documents;

use Vinculum\Cooking\StageReport;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Figure;
use Vinculum\Recipe\Problem;
use Vinculum\Recipe\WeighedLine;
use Vinculum\Safety\Allergens;
use Vinculum\Safety\Caution;
use Vinculum\Safety\Cautions;
use Vinculum\Taste\Measure;
use Vinculum\Taste\Ratio;

/** An evaluation as the console prints it and the API sends it (analysis.schema.json). Numbers to six significant digits. */
final class AnalysisDocument
{
    private const TOO_DRY = 'too little water in it';
    private const EMPTY = 'nothing in the pot yet';

    /**
     * @return array<string, mixed>
     */
    public static function of(Evaluation $evaluation): array
    {
        $allergens = Allergens::of($evaluation->cooked->weighed);
        $measures = [];
        foreach (Measure::cases() as $measure) {
            $measures[$measure->value] = self::measure($evaluation, $measure);
        }
        $ratios = [];
        foreach (Ratio::cases() as $ratio) {
            $figure = $evaluation->tasting->ratios[$ratio->value];
            $ratios[$ratio->value] = $figure === null ? self::unknown("too little {$ratio->under()->value} to divide by") : self::figure($figure);
        }

        return [
            'name' => $evaluation->recipe->name,
            'yield' => [
                'mass_g' => self::digits($evaluation->estimates->mass()->value),
                'volume_ml' => self::digits($evaluation->estimates->volume()->value),
                'density_g_ml' => $evaluation->estimates->density() === null ? null : self::digits($evaluation->estimates->density()),
            ],
            'measures' => $measures,
            'ratios' => $ratios,
            'physics' => [
                'ph' => self::orUnknown($evaluation->estimates->ph(), self::TOO_DRY),
                'brix' => self::orUnknown($evaluation->estimates->brix(), self::TOO_DRY),
                'titratable_acidity_acetic_percent' => self::orUnknown($evaluation->estimates->titratableAcidity(), self::EMPTY),
                'water_activity' => self::orUnknown($evaluation->estimates->waterActivity(), self::TOO_DRY),
                'ethanol_percent' => self::orUnknown($evaluation->estimates->ethanol(), self::EMPTY),
                'thickness' => ($thickness = $evaluation->estimates->thickness()) === null ? ['word' => null, 'why' => self::EMPTY] : ['word' => $thickness->words()],
            ],
            'stages' => array_map(static fn (StageReport $stage): array => [
                'id' => $stage->stage->id,
                'mass_in_g' => self::digits($stage->massIn),
                'boiled_off_g' => self::digits($stage->boiledOff),
                'lifted_out_g' => self::digits($stage->liftedOut),
                'mass_out_g' => self::digits($stage->massOut),
            ], $evaluation->cooked->stages),
            'lines' => self::lines($evaluation),
            'allergens' => array_keys($allergens['contains']),
            'allergens_to_check' => array_keys($allergens['check']),
            'cautions' => array_map(static fn (Caution $caution): array => ['code' => $caution->code, 'text' => $caution->text, 'rule' => $caution->rule, 'lines' => $caution->lines], Cautions::of($evaluation->cooked)),
            'problems' => array_map(self::problem(...), $evaluation->problems()),
        ];
    }

    public static function digits(float $value): float
    {
        return $value === 0.0 ? 0.0 : round($value, 5 - (int) floor(log10(abs($value))));
    }

    /**
     * @return array<string, mixed>
     */
    private static function measure(Evaluation $evaluation, Measure $measure): array
    {
        $tasted = $evaluation->tasting->measures[$measure->value];
        $verdict = $evaluation->verdict($measure);
        $document = self::figure($tasted->figure) + [
            'unit' => $measure->unit(),
            'steps' => $verdict === null ? null : self::digits($verdict->steps),
        ];
        if ($tasted->unknown !== []) {
            $document['unknown'] = array_map(static fn (int $i): string => $evaluation->cooked->weighed->lines[$i]->line->id, $tasted->unknown);
        }

        return $document;
    }

    /**
     * @return array{value: float, low: float, high: float}
     */
    private static function figure(Figure $figure): array
    {
        return ['value' => self::digits($figure->value), 'low' => self::digits($figure->low()), 'high' => self::digits($figure->high())];
    }

    /**
     * @return array<string, mixed>
     */
    private static function orUnknown(?Figure $figure, string $why): array
    {
        return $figure === null ? self::unknown($why) : self::figure($figure);
    }

    /**
     * @return array{value: null, low: null, high: null, why: string}
     */
    private static function unknown(string $why): array
    {
        return ['value' => null, 'low' => null, 'high' => null, 'why' => $why];
    }

    /**
     * @return list<array<string, mixed>>
     */
    private static function lines(Evaluation $evaluation): array
    {
        $all = array_sum(array_map(static fn (WeighedLine $line): float => $line->grams, $evaluation->cooked->weighed->lines));

        return array_map(static function (WeighedLine $line) use ($all): array {
            $mass = new Figure($line->grams, $line->spread, 'g');

            return [
                'id' => $line->line->id,
                'stage' => $line->stage->id,
                'ingredient' => $line->ingredient->slug ?? $line->line->ingredient,
                'text' => $line->line->amount,
                'mass_g' => self::digits($mass->value),
                'low_g' => self::digits($mass->low()),
                'high_g' => self::digits($mass->high()),
                'share' => $all > 0.0 ? self::digits($line->grams / $all) : 0.0,
            ];
        }, $evaluation->cooked->weighed->lines);
    }

    /**
     * @return array{at: string, code: string, text: string, suggestions: list<string>}
     */
    private static function problem(Problem $problem): array
    {
        return ['at' => $problem->at, 'code' => $problem->code, 'text' => $problem->text, 'suggestions' => $problem->suggestions];
    }
}
