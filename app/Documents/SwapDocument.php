<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\OnHand;
use App\Models\SwapMemory;
use Illuminate\Database\QueryException;
use Illuminate\Support\Carbon;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Pantry\Seasons;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\WeighedLine;
use Vinculum\Safety\Allergens;
use Vinculum\Solve\Addition;
use Vinculum\Solve\Feel;
use Vinculum\Solve\LineChange;
use Vinculum\Solve\Swap\FreedLine;
use Vinculum\Solve\Swap\FreedRecipe;
use Vinculum\Solve\Swap\Substitution;

/** Stand-ins, and whole recipes freed of something, as the API and the console send them (swap and free.schema.json). */
final readonly class SwapDocument
{
    private const WORTH_SAYING = 0.3;

    /**
     * @param array<string, array{price: string|null, pack: string|null, have: bool}> $shelf by slug
     */
    private function __construct(private Recipe $given, private Seasons $seasons, private array $shelf) {}

    public static function for(Recipe $given, Seasons $seasons): self
    {
        $shelf = [];
        try {
            foreach (OnHand::query()->get() as $record) {
                $shelf[$record->slug] = ['price' => $record->price, 'pack' => $record->pack, 'have' => $record->have];
            }
        } catch (QueryException) {
            // the console works before the first start has made a database
        }

        return new self($given, $seasons, $shelf);
    }

    /**
     * @param list<Substitution> $options
     * @param array<string, SwapMemory> $memories by what went in
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
        return [
            'changes' => array_map(static fn (FreedLine $change): array => [
                'line' => $change->line,
                'name' => $change->name,
                'with' => array_map(self::addition(...), $change->with),
                'with_text' => self::text($change->with),
                'why' => $change->why,
                'notes' => $change->notes,
            ], $freed->changes),
            'left' => $freed->left,
            'steps_after' => array_map(AnalysisDocument::digits(...), $freed->steps),
            'cost_text' => self::cost($freed->steps),
            'notes' => $freed->notes,
            'cautions' => $freed->cautions,
            'check_text' => $freed->toCheck === [] ? '' : 'Check the label of '.implode(', ', $freed->toCheck).': some kinds are not.',
            'ghosts' => BenchDocument::ghosts($freed->after),
            'recipe' => $this->recipe($freed->recipe),
        ];
    }

    /**
     * @param array<string, SwapMemory> $memories
     * @return array<string, mixed>
     */
    private function option(Substitution $option, array $memories): array
    {
        $first = $option->with[0]->ingredient;
        $memory = $memories[$first->slug] ?? null;
        $allergens = static fn (array $names): array => array_map(static fn (string $name): string => Allergens::LISTED[$name][0], $names);
        $shelf = $this->shelf[$first->slug] ?? null;

        return [
            'words' => self::text($option->with),
            'with' => array_map(self::addition(...), $option->with),
            'compensations' => [
                ...array_map(fn (LineChange $change): array => ['id' => $change->id, 'name' => $this->name($change->id, $option->after), 'mass_g' => AnalysisDocument::digits($change->afterG - $change->beforeG), 'text' => $change->text ?? ''], $option->compensations),
                ...array_map(static fn (Addition $addition): array => ['id' => '', 'name' => $addition->ingredient->shortName(), 'mass_g' => AnalysisDocument::digits($addition->grams), 'text' => $addition->text], $option->added),
            ],
            'compensation_text' => $this->compensations($option),
            'steps_after' => array_map(AnalysisDocument::digits(...), $option->steps),
            'cost_text' => self::cost($option->steps),
            'allergens_gained' => $allergens($option->gained),
            'allergens_lost' => $allergens($option->lost),
            'notes' => $option->notes,
            'cautions' => $option->cautions,
            'on_hand' => $shelf['have'] ?? false,
            'season_text' => $this->season($first->slug),
            'price_text' => $shelf === null || $shelf['price'] === null ? '' : trim($shelf['price'].' for '.($shelf['pack'] ?? 'a pack')),
            'remembered' => $memory === null ? null : ['verdict' => $memory->verdict, 'note' => $memory->note],
            'ghosts' => BenchDocument::ghosts($option->after),
            'recipe' => $this->recipe($option->recipe),
        ];
    }

    private function season(string $slug): string
    {
        $month = Carbon::now()->month;

        return match (true) {
            $this->seasons->isIn($slug, $month) => 'in season',
            $this->seasons->isOut($slug, $month) => 'out of season',
            default => '',
        };
    }

    /** "and 20 g less white sugar, 1 tsp fine salt more" */
    private function compensations(Substitution $option): string
    {
        $parts = array_map(fn (LineChange $change): string => sprintf('%s %s %s (%s)', Wording::grams(abs($change->afterG - $change->beforeG)), $change->afterG < $change->beforeG ? 'less' : 'more', $this->name($change->id, $option->after), $change->text), $option->compensations);
        foreach ($option->added as $addition) {
            $parts[] = "{$addition->text} {$addition->ingredient->shortName()}";
        }

        return $parts === [] ? '' : 'and '.implode(', ', $parts);
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
    private static function addition(Addition $addition): array
    {
        return ['ingredient' => $addition->ingredient->slug, 'name' => $addition->ingredient->shortName(), 'mass_g' => AnalysisDocument::digits($addition->grams), 'text' => $addition->text];
    }

    /** @param list<Addition> $with */
    private static function text(array $with): string
    {
        return implode(', ', array_map(static fn (Addition $addition): string => "{$addition->text} {$addition->ingredient->name}", $with));
    }

    /** @param array<string, float> $steps */
    private static function cost(array $steps): string
    {
        $moved = [];
        foreach (Feel::cases() as $feel) {
            if (abs($steps[$feel->value]) >= self::WORTH_SAYING) {
                $moved[] = ($steps[$feel->value] < 0 ? 'less ' : 'more ').$feel->value.' by '.Wording::steps($steps[$feel->value]);
            }
        }

        return $moved === [] ? 'the balance holds' : implode(', ', $moved);
    }
}
