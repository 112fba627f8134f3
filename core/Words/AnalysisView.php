<?php

declare(strict_types=1);

namespace Vinculum\Words;

use Vinculum\Cooking\StageReport;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Evaluation\TastesLike;
use Vinculum\Figure\Figure;
use Vinculum\Recipe\Problem;
use Vinculum\Recipe\WeighedLine;
use Vinculum\Safety\Allergens;
use Vinculum\Safety\Caution;
use Vinculum\Safety\Cautions;
use Vinculum\Safety\Facts;
use Vinculum\Taste\Measure;
use Vinculum\Taste\Ratio;

/**
 * An evaluation as the console prints it and the API sends it (analysis.schema.json). Numbers to six significant
 * digits.
 */
final readonly class AnalysisView
{
    private const TOO_DRY = 'too little water in it';
    private const EMPTY = 'nothing in the pot yet';

    public function __construct(private Speech $speech) {}

    /**
     * @return array<string, mixed>
     */
    public function of(Evaluation $evaluation): array
    {
        $allergens = Allergens::of($evaluation->cooked->weighed);
        $facts = Facts::of($evaluation);

        return [
            'name' => $evaluation->recipe->name,
            'yield' => [
                'mass_g' => Digits::six($evaluation->estimates->mass()->value),
                'volume_ml' => Digits::six($evaluation->estimates->volume()->value),
                'density_g_ml'
                    => $evaluation->estimates->density() === null
                        ? null
                        : Digits::six($evaluation->estimates->density()),
            ],
            ...$this->tastes($evaluation),
            'ratios' => $this->ratios($evaluation),
            'physics' => [
                'ph' => $this->orUnknown($evaluation->estimates->ph(), self::TOO_DRY),
                'brix' => $this->orUnknown($evaluation->estimates->brix(), self::TOO_DRY),
                'titratable_acidity_acetic_percent' => $this->orUnknown(
                    $evaluation->estimates->titratableAcidity(),
                    self::EMPTY,
                ),
                'water_activity' => $this->orUnknown($evaluation->estimates->waterActivity(), self::TOO_DRY),
                'ethanol_percent' => $this->orUnknown($evaluation->estimates->ethanol(), self::EMPTY),
                'thickness'
                    => ($thickness = $evaluation->estimates->thickness()) === null
                        ? ['word' => null, 'why' => self::EMPTY]
                        : ['word' => $thickness->words()],
            ],
            'stages' => array_map(
                fn (StageReport $stage): array => [
                    'id' => $stage->stage->id,
                    'mass_in_g' => Digits::six($stage->massIn),
                    'boiled_off_g' => Digits::six($stage->boiledOff),
                    'lifted_out_g' => Digits::six($stage->liftedOut),
                    'mass_out_g' => Digits::six($stage->massOut),
                ],
                $evaluation->cooked->stages,
            ),
            'lines' => $this->lines($evaluation),
            'allergens' => array_keys($allergens['contains']),
            'allergens_to_check' => array_keys($allergens['check']),
            'allergens_unsaid' => $allergens['unsaid'],
            'cautions' => array_map(
                fn (Caution $caution): array => [
                    'code' => $caution->code,
                    'grade' => $caution->grade->value,
                    'text' => $this->speech->say($caution->text),
                    'rule' => $caution->rule,
                    'lines' => $caution->lines,
                ],
                Cautions::of($facts),
            ),
            'troubles' => (new TroubleView($this->speech))->of($evaluation->cooked),
            'problems' => array_map($this->problem(...), $evaluation->problems()),
        ];
    }

    /**
     * What is in it, how strong a tongue finds it, and what bites besides.
     *
     * @return array<string, mixed>
     */
    private function tastes(Evaluation $evaluation): array
    {
        $tongue = new TastesLike($evaluation);
        $measures = $likes = [];
        foreach (Measure::cases() as $measure) {
            $measures[$measure->value] = $this->measure($evaluation, $measure);
            $likes[$measure->value] = $this->figure($tongue->strength($measure));
        }

        return [
            'measures' => $measures,
            'tastes_like' => $likes,
            'bite' => $this->figure($tongue->bite()) + ['unit' => 'SHU'],
        ];
    }

    /**
     * @return array<string, mixed> by ratio
     */
    private function ratios(Evaluation $evaluation): array
    {
        $ratios = [];
        foreach (Ratio::cases() as $ratio) {
            $figure = $evaluation->tasting->ratios[$ratio->value];
            $ratios[$ratio->value]
                = $figure === null
                    ? $this->unknown("too little {$ratio->under()->value} to divide by")
                    : $this->figure($figure);
        }

        return $ratios;
    }

    /**
     * @return array<string, mixed>
     */
    private function measure(Evaluation $evaluation, Measure $measure): array
    {
        $tasted = $evaluation->tasting->measures[$measure->value];
        $verdict = $evaluation->verdict($measure);
        $document = $this->figure($tasted->figure) + [
            'unit' => $measure->unit(),
            'steps' => $verdict === null ? null : Digits::six($verdict->steps),
        ];
        if ($tasted->unknown !== []) {
            $document['unknown'] = array_map(
                fn (int $i): string => $evaluation->cooked->weighed->lines[$i]->line->id,
                $tasted->unknown,
            );
        }

        return $document;
    }

    /**
     * @return array{value: float, low: float, high: float}
     */
    private function figure(Figure $figure): array
    {
        return [
            'value' => Digits::six($figure->value),
            'low' => Digits::six($figure->low()),
            'high' => Digits::six($figure->high()),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private function orUnknown(?Figure $figure, string $why): array
    {
        return $figure === null ? $this->unknown($why) : $this->figure($figure);
    }

    /**
     * @return array{value: null, low: null, high: null, why: string}
     */
    private function unknown(string $why): array
    {
        return ['value' => null, 'low' => null, 'high' => null, 'why' => $why];
    }

    /**
     * @return list<array<string, mixed>>
     */
    private function lines(Evaluation $evaluation): array
    {
        $all = array_sum(
            array_map(fn (WeighedLine $line): float => $line->grams, $evaluation->cooked->weighed->lines),
        );

        return array_map(function (WeighedLine $line) use ($all): array {
            $mass = new Figure($line->grams, $line->spread, 'g');

            return [
                'id' => $line->line->id,
                'stage' => $line->stage->id,
                'ingredient' => $line->ingredient->slug ?? $line->line->ingredient,
                'text' => $line->line->amount,
                'mass_g' => Digits::six($mass->value),
                'low_g' => Digits::six($mass->low()),
                'high_g' => Digits::six($mass->high()),
                'share' => $all > 0.0 ? Digits::six($line->grams / $all) : 0.0,
            ];
        }, $evaluation->cooked->weighed->lines);
    }

    /**
     * @return array{at: string, code: string, text: string, suggestions: list<string>, suggestion_texts: list<string>}
     */
    private function problem(Problem $problem): array
    {
        return [
            'at' => $problem->at,
            'code' => $problem->code,
            'text' => $this->speech->say($problem->text),
            'suggestions' => $problem->suggestions,
            'suggestion_texts' => $problem->names === [] ? $problem->suggestions : $problem->names,
        ];
    }
}
