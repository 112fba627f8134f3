<?php

declare(strict_types=1);

namespace Vinculum\Batch;

use Vinculum\Pantry\Catalogue;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\Stage;
use Vinculum\Recipe\WrittenAgain;
use Vinculum\Taste\Evaluation;
use Vinculum\Taste\Measure;

/**
 * Makes a recipe larger or smaller. Every amount and every end point in grams or millilitres is multiplied by one factor,
 * so before rounding the sauce is the same; then each line is written as the nearest amount its own unit can measure.
 */
final readonly class Scaler
{
    /** Lines rounded by more than this are pointed out. */
    private const NOTED_FROM = 0.03;

    /** From this share of a full batch on, all containers are filled a little less. */
    private const FULL_ENOUGH = 0.95;

    public function __construct(private Catalogue $catalogue) {}

    /**
     * @param float $headspacePercent of each container left empty, 0 to 50
     *
     * @throws UnreachableTarget
     */
    public function scale(Evaluation $from, ScaleTarget $target, float $headspacePercent = 0.0): ScaledRecipe
    {
        if ($headspacePercent < 0.0 || $headspacePercent > 50.0) {
            throw UnreachableTarget::headspace();
        }
        $mass = $from->jar->mass()->value;
        $volume = $from->jar->volume()->value;
        if ($mass <= 0.0) {
            throw UnreachableTarget::nothingToScale();
        }
        $fill = ($target->millilitres ?? 0.0) * ($target->containers > 0 ? 1 - $headspacePercent / 100 : 1.0);
        $factor = $target->factor ?? ($target->grams !== null ? $target->grams / $mass : $fill * max(1, $target->containers) / $volume);
        $recipe = $this->multiplied($from, $factor);
        $evaluation = Evaluation::of($recipe, $this->catalogue, $from->style);
        $drift = [];
        foreach (Measure::cases() as $measure) {
            $drift[$measure->value] = $measure->steps($from->tasting->value($measure), $evaluation->tasting->value($measure));
        }

        return new ScaledRecipe(
            $factor,
            $this->lines($from, $evaluation, $factor),
            $drift,
            $evaluation,
            $target->containers > 0 ? self::containers($target, $fill, $evaluation->jar->volume()->value) : null,
            $recipe,
        );
    }

    private function multiplied(Evaluation $from, float $factor): Recipe
    {
        $recipe = $from->recipe;
        $weighed = [];
        foreach ($from->cooked->weighed->lines as $line) {
            $weighed[$line->line->id] = $line;
        }
        $stages = array_map(fn (Stage $stage): Stage => new Stage(
            $stage->id,
            $stage->name,
            array_map(fn (Line $line): Line => $line->scaled(WrittenAgain::nearest($weighed[$line->id], $factor, $recipe->measures), $factor), $stage->lines),
            $stage->process?->scaled($factor),
            $stage->strain,
            $stage->lookFor,
            $stage->extra,
        ), $recipe->stages);

        return new Recipe($recipe->name, $recipe->style, $recipe->measures, $recipe->size?->scaled($factor), $recipe->pins, $stages, $recipe->ingredients, $recipe->extra);
    }

    /**
     * @return list<ScaledLine>
     */
    private function lines(Evaluation $from, Evaluation $to, float $factor): array
    {
        $lines = [];
        // all lines a little large is only a larger batch: what shifts the balance is a line that is out of step
        $batch = $to->jar->mass()->value / ($from->jar->mass()->value * $factor);
        foreach ($to->cooked->weighed->lines as $i => $line) {
            $exact = $from->cooked->weighed->lines[$i]->grams * $factor;
            $off = $exact > 0.0 && $batch > 0.0 ? $line->grams / $exact / $batch - 1 : 0.0;
            $note = abs($off) < self::NOTED_FROM ? '' : sprintf(
                '%d %% %s than its share; %s g would be even',
                (int) round(abs($off) * 100),
                $off > 0 ? 'more' : 'less',
                $exact * $batch < 10 ? number_format($exact * $batch, 1) : number_format($exact * $batch),
            );
            $lines[] = new ScaledLine($line->line->id, $exact, $line->grams, $line->line->amount, $note);
        }

        return $lines;
    }

    /**
     * @return array{count: int, volume_ml: float, fill_ml: float, full: int, left_ml: float}
     */
    private static function containers(ScaleTarget $target, float $fill, float $yield): array
    {
        // rounding to spoons makes a little more or less: a little less is shared out, so that no bottle is left half empty
        $fill = $yield < $fill * $target->containers && $yield > self::FULL_ENOUGH * $fill * $target->containers ? $yield / $target->containers : $fill;
        $full = (int) floor($yield / $fill + 1e-9);

        return [
            'count' => $target->containers,
            'volume_ml' => (float) $target->millilitres,
            'fill_ml' => $fill,
            'full' => min($full, $target->containers),
            'left_ml' => max(0.0, $yield - min($full, $target->containers) * $fill),
        ];
    }
}
