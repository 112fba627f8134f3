<?php

declare(strict_types=1);

namespace Vinculum\Words;

use Vinculum\Batch\ScaledLine;
use Vinculum\Batch\ScaledRecipe;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\Recipe;
use Vinculum\Taste\Measure;

/** A scaled recipe as the API sends it (scale.schema.json). */
final readonly class ScaleView
{
    /** Rounding below this many steps cannot be tasted. */
    private const FREE_STEPS = 0.3;

    public function __construct(private Speech $speech) {}

    /**
     * @param Recipe $given as it came: what the household adds to it stays out
     * @return array<string, mixed>
     */
    public function of(ScaledRecipe $scaled, Recipe $given): array
    {
        $names = [];
        $terms = [];
        foreach ($scaled->evaluation->cooked->weighed->lines as $line) {
            $names[$line->line->id] = $line->ingredient->name ?? $line->line->ingredient;
            $terms[$line->line->id] = AmountView::terms($line->amount, $this->speech);
        }
        $mass = $scaled->evaluation->estimates->mass()->value;
        $volume = $scaled->evaluation->estimates->volume()->value;

        return [
            'factor' => Digits::six($scaled->factor),
            'factor_text' => '× '.$this->speech->number($scaled->factor),
            'lines' => array_map(
                fn (ScaledLine $line): array => [
                    'id' => $line->id,
                    'name' => $names[$line->id],
                    'exact_g' => Digits::six($line->exactG),
                    'rounded_g' => Digits::six($line->roundedG),
                    'text' => $line->text,
                    'terms' => $terms[$line->id],
                    'note' => $this->speech->say($line->note),
                ],
                $scaled->lines,
            ),
            'before' => (new BenchView($this->speech, $scaled->from))->card()['columns'],
            'after' => (new BenchView($this->speech, $scaled->evaluation))->card()['columns'],
            'drift_steps' => array_map(Digits::six(...), $scaled->driftSteps),
            'drift_text' => $this->drift($scaled->driftSteps),
            'yield' => [
                'mass_g' => Digits::six($mass),
                'volume_ml' => Digits::six($volume),
                'text' => $this->speech->volume($volume).', '.$this->speech->grams($mass),
            ],
            'containers'
                => $scaled->containers === null
                    ? null
                    : $scaled->containers + ['text' => $this->containers($scaled->containers)],
            'unscaled' => array_map(
                fn (array $each): array => ['about' => $each['about'], 'text' => $this->speech->say($each['text'])],
                $scaled->unscaled,
            ),
            'to_weigh' => $scaled->toWeigh === null ? '' : $this->speech->say($scaled->toWeigh),
            'recipe' => RecipeDocument::write($scaled->recipe->withStages($scaled->recipe->stages, $given->extra)),
        ];
    }

    /**
     * @param array<string, float> $steps
     */
    private function drift(array $steps): string
    {
        $worst = Measure::Sweetness;
        foreach (Measure::cases() as $measure) {
            if (abs($steps[$measure->value]) > abs($steps[$worst->value])) {
                $worst = $measure;
            }
        }
        if (abs($steps[$worst->value]) < self::FREE_STEPS) {
            return 'Rounding to what can be measured moves no taste by as much as a third of a step.';
        }

        return sprintf(
            'Rounding moves %s most: %.1f steps %s.',
            mb_strtolower($this->speech->label($worst)),
            abs($steps[$worst->value]),
            $steps[$worst->value] > 0 ? 'up' : 'down',
        );
    }

    /**
     * @param array{count: int, volume_ml: float, fill_ml: float, full: int, left_ml: float} $containers
     */
    private function containers(array $containers): string
    {
        $left
            = $containers['left_ml'] < 0.02 * $containers['fill_ml']
                ? ''
                : ', and '.$this->speech->volume($containers['left_ml']).' over';

        return sprintf(
            '%d of %d filled with %s each%s',
            $containers['full'],
            $containers['count'],
            $this->speech->volume($containers['fill_ml']),
            $left,
        );
    }
}
