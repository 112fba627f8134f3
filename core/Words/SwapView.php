<?php

declare(strict_types=1);

namespace Vinculum\Words;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Pantry\Seasons;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\WeighedLine;
use Vinculum\Solve\Addition;
use Vinculum\Solve\Feel;
use Vinculum\Solve\LineChange;
use Vinculum\Solve\Swap\FreedLine;
use Vinculum\Solve\Swap\FreedRecipe;
use Vinculum\Solve\Swap\Substitution;

/**
 * Stand-ins, and whole recipes freed of something, as the API and the console send them (swap and free.schema.json).
 */
final readonly class SwapView
{
    private const WORTH_SAYING = 0.3;

    /**
     * @param Recipe $given as it came: what the household adds to it stays out
     * @param int $month of today, 1 to 12
     * @param array<string, array{price: string|null, pack: string|null, have: bool}> $shelf by slug
     */
    public function __construct(
        private Speech $speech,
        private Recipe $given,
        private Seasons $seasons,
        private int $month,
        private array $shelf,
    ) {}

    /**
     * @param list<Substitution> $options
     * @param array<string, array{verdict: int, note: string}> $memories by what went in
     * @return array<string, mixed>
     */
    public function options(WeighedLine $out, array $options, array $memories): array
    {
        return [
            'line' => $out->line->id,
            'name' => $out->ingredient?->shortName() ?? $out->line->ingredient,
            'options' => array_map(fn (Substitution $option): array => $this->option($option, $memories), $options),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    public function freed(FreedRecipe $freed): array
    {
        $also = $this->also($freed);

        return [
            'changes' => array_map(
                fn (FreedLine $change): array => [
                    'line' => $change->line,
                    'name' => $change->name,
                    'with' => array_map($this->addition(...), $change->with),
                    'with_text' => $this->text($change->with),
                    'why' => $change->why,
                    'notes' => $this->speech->sayAll($change->notes),
                ],
                $freed->changes,
            ),
            'also' => $also,
            'also_text'
                => $also === []
                    ? ''
                    : 'Besides: '.implode(', ', array_map(self::moved(...), $also)).'.',
            'left' => array_map(
                fn (array $left): array => ['line' => $left['line'], 'why' => $this->speech->say($left['why'])],
                $freed->left,
            ),
            'brings' => BringsView::of($freed->brings),
            'steps_after' => array_map(Digits::six(...), $freed->steps),
            'cost_text' => $this->cost($freed->steps),
            'notes' => $this->speech->sayAll($freed->notes),
            'cautions' => $this->speech->sayAll($freed->cautions),
            'check_text'
                => $freed->toCheck === []
                    ? ''
                    : 'Check the label of '.implode(', ', $freed->toCheck).': some kinds are not.',
            'ghosts' => (new BenchView($this->speech, $freed->after))->ghosts(),
            'recipe' => $this->recipe($freed->recipe),
        ];
    }

    /** @param array{name: string, was: string|null, now: string} $line */
    private static function moved(array $line): string
    {
        return $line['was'] === null
            ? "{$line['now']} {$line['name']} more"
            : "{$line['name']} {$line['was']} → {$line['now']}";
    }

    /**
     * Every line that moved besides, and whatever came in besides: nothing changes unsaid.
     *
     * @return list<array{name: string, was: string|null, now: string}>
     */
    private function also(FreedRecipe $freed): array
    {
        $was = [];
        foreach ($this->given->lines() as $line) {
            $was[$line->id] = $line;
        }
        $said = array_merge(...array_map(static fn (FreedLine $change): array => $change->lines, $freed->changes));
        $also = [];
        foreach ($freed->after->cooked->weighed->lines as $line) {
            $before = $was[$line->line->id] ?? null;
            $now = $line->line->amount;
            if (
                $now !== null
                && $now !== $before?->amount
                && ! in_array($line->line->id, $said, true)
            ) {
                $also[] = [
                    'name' => $line->ingredient?->shortName() ?? $line->line->ingredient,
                    'was' => $before?->amount,
                    'now' => $now,
                ];
            }
        }

        return $also;
    }

    /**
     * @param array<string, array{verdict: int, note: string}> $memories
     * @return array<string, mixed>
     */
    private function option(Substitution $option, array $memories): array
    {
        $first = $option->with[0]->ingredient;
        $memory = $memories[$first->slug] ?? null;
        $vocabulary = $option->after->cooked->weighed->vocabulary;
        $shelf = $this->shelf[$first->slug] ?? null;

        return [
            'words' => $this->text($option->with),
            'with' => array_map($this->addition(...), $option->with),
            'compensations' => [
                ...array_map(
                    fn (LineChange $change): array => [
                        'id' => $change->id,
                        'name' => $this->name($change->id, $option->after),
                        'mass_g' => Digits::six($change->afterG - $change->beforeG),
                        'text' => $change->text ?? '',
                    ],
                    $option->compensations,
                ),
                ...array_map(
                    fn (Addition $addition): array => [
                        'id' => '',
                        'name' => $addition->ingredient->shortName(),
                        'mass_g' => Digits::six($addition->grams),
                        'text' => $addition->text,
                    ],
                    $option->added,
                ),
            ],
            'compensation_text' => $this->compensations($option),
            'brings' => BringsView::of($option->brings),
            'handling_text' => $option->handling === null ? '' : $this->speech->say($option->handling),
            'steps_after' => array_map(Digits::six(...), $option->steps),
            'cost_text' => $this->cost($option->steps),
            'allergens_gained' => array_map($vocabulary->allergenName(...), $option->gained),
            'allergens_lost' => array_map($vocabulary->allergenName(...), $option->lost),
            'notes' => $this->speech->sayAll($option->notes),
            'cautions' => $this->speech->sayAll($option->cautions),
            'on_hand' => $shelf['have'] ?? false,
            'season_text' => $this->season($first->slug),
            'price_text'
                => $shelf === null || $shelf['price'] === null
                    ? ''
                    : trim($shelf['price'].' for '.($shelf['pack'] ?? 'a pack')),
            'remembered' => $memory,
            'ghosts' => (new BenchView($this->speech, $option->after))->ghosts(),
            'recipe' => $this->recipe($option->recipe),
        ];
    }

    private function season(string $slug): string
    {
        return match (true) {
            $this->seasons->isIn($slug, $this->month) => 'in season',
            $this->seasons->isOut($slug, $this->month) => 'out of season',
            default => '',
        };
    }

    /**
     * "and 20 g less white sugar, 1 cup in all; 1 tsp fine salt": what to add and the new total, which cannot be
     * mistaken for each other.
     */
    private function compensations(Substitution $option): string
    {
        $parts = array_map(
            fn (LineChange $change): string => sprintf(
                '%s %s %s, %s in all',
                $this->speech->grams(abs($change->afterG - $change->beforeG)),
                $change->afterG < $change->beforeG ? 'less' : 'more',
                $this->name($change->id, $option->after),
                $change->text,
            ),
            $option->compensations,
        );
        foreach ($option->added as $addition) {
            $parts[] = "{$addition->text} {$addition->ingredient->shortName()}";
        }

        return $parts === [] ? '' : 'and '.implode('; ', $parts);
    }

    private function name(string $id, Evaluation $evaluation): string
    {
        foreach ($evaluation->cooked->weighed->lines as $line) {
            if ($line->line->id === $id) {
                return $line->ingredient?->shortName() ?? $line->line->ingredient;
            }
        }

        return $id;
    }

    /** @return array<string, mixed> */
    private function recipe(Recipe $recipe): array
    {
        return RecipeDocument::write($recipe->withStages($recipe->stages, $this->given->extra));
    }

    /** @return array{ingredient: string, name: string, mass_g: float, text: string} */
    private function addition(Addition $addition): array
    {
        return [
            'ingredient' => $addition->ingredient->slug,
            'name' => $addition->ingredient->shortName(),
            'mass_g' => Digits::six($addition->grams),
            'text' => $addition->text,
        ];
    }

    /** @param list<Addition> $with */
    private function text(array $with): string
    {
        return implode(
            ', ',
            array_map(fn (Addition $addition): string => "{$addition->text} {$addition->ingredient->name}", $with),
        );
    }

    /** @param array<string, float> $steps */
    private function cost(array $steps): string
    {
        $moved = [];
        foreach (Feel::cases() as $feel) {
            if (abs($steps[$feel->value]) >= self::WORTH_SAYING) {
                $moved[]
                    = ($steps[$feel->value] < 0 ? 'less ' : 'more ')
                    .$feel->value
                    .' by '
                    .$this->speech->steps($steps[$feel->value]);
            }
        }

        return $moved === [] ? 'it tastes the same' : implode(', ', $moved);
    }
}
