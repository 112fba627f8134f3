<?php

declare(strict_types=1);

namespace Vinculum\Recipe;

use Vinculum\Amount\Amount;
use Vinculum\Amount\Kitchenware;
use Vinculum\Amount\UnreadableAmount;
use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\Ingredient;
use Vinculum\Pantry\Vocabulary;
use Vinculum\Pantry\Weight;

/**
 * A recipe with every line in grams, as far as they can be read. What cannot be is a problem on its line and weighs
 * nothing.
 */
final readonly class WeighedRecipe
{
    /**
     * @param list<WeighedLine> $lines in the order they go into the pot
     * @param list<Problem> $problems
     */
    private function __construct(
        public Recipe $recipe,
        public array $lines,
        public array $problems,
        public Vocabulary $vocabulary,
    ) {}

    public static function of(Recipe $recipe, Catalogue $catalogue): self
    {
        $problems = [];
        $lines = [];
        $stages = [];
        foreach ($recipe->stages as $stage) {
            foreach ($stage->lines as $line) {
                $lines[] = $line;
                $stages[] = $stage;
            }
        }
        $ingredients = [];
        $amounts = [];
        $weights = [];
        $kit = $recipe->kitchenware();
        foreach ($lines as $i => $line) {
            $ingredients[$i] = $catalogue->find($line->ingredient);
            if ($ingredients[$i] === null) {
                $names = [];
                foreach ($catalogue->nearest($line->ingredient) as $slug) {
                    $names[$slug] = $catalogue->find($slug)?->shortName() ?? $slug;
                }
                $problems[] = Problem::unknownIngredient($line->id, $line->ingredient, $names);
            }
            [$amounts[$i], $weights[$i], $problem] = self::weigh($line, $ingredients[$i], $kit);
            if ($problem !== null && $ingredients[$i] !== null) {
                $problems[] = $problem;
            }
        }
        [$sources, $ratios, $broken] = self::followTies($lines);
        $partMillilitres = self::partSize($recipe, $lines, $ingredients, $weights, $sources, $ratios, $problems);
        $weighed = [];
        foreach ($lines as $i => $line) {
            $source = $sources[$i];
            $weight = $weights[$source];
            $isLost = $weight === null || $ingredients[$i] === null || $line->leftOut || isset($broken[$i]);
            $density = $ingredients[$source]->density ?? 1.0;
            $grams = $isLost ? 0.0 : $ratios[$i] * ($weight->grams + $weight->parts * $partMillilitres * $density);
            $weighed[] = new WeighedLine(
                $line,
                $stages[$i],
                $ingredients[$i],
                $amounts[$i],
                $grams,
                $weights[$i]->spread ?? 0.0,
                $source,
            );
        }

        return new self($recipe, $weighed, [...$problems, ...array_values($broken)], $catalogue->vocabulary);
    }

    /**
     * The same recipe with other weights.
     *
     * @param array<int, float> $factors by deciding line; 1 where there is none
     */
    public function times(array $factors): self
    {
        return new self(
            $this->recipe,
            array_map(
                static fn (WeighedLine $line): WeighedLine => new WeighedLine(
                    $line->line,
                    $line->stage,
                    $line->ingredient,
                    $line->amount,
                    $line->grams * ($factors[$line->source] ?? 1.0),
                    $line->spread,
                    $line->source,
                ),
                $this->lines,
            ),
            $this->problems,
            $this->vocabulary,
        );
    }

    /** So many times every line, and every end point in grams or millilitres; minutes stay what they are. */
    public function scaled(float $factor): self
    {
        $stages = [];
        foreach ($this->recipe->stages as $stage) {
            $stages[$stage->id] = $stage->scaled($factor);
        }

        return new self(
            $this->recipe->withStages(array_values($stages)),
            array_map(
                static fn (WeighedLine $line): WeighedLine => new WeighedLine(
                    $line->line,
                    $stages[$line->stage->id],
                    $line->ingredient,
                    $line->amount,
                    $line->grams * $factor,
                    $line->spread,
                    $line->source,
                ),
                $this->lines,
            ),
            $this->problems,
            $this->vocabulary,
        );
    }

    /** Grams of an ingredient in all lines, but for the one at a place. */
    public function gramsOf(string $slug, ?int $except = null): float
    {
        $grams = 0.0;
        foreach ($this->lines as $i => $line) {
            $grams += $i !== $except && $line->ingredient?->slug === $slug ? $line->grams : 0.0;
        }

        return $grams;
    }

    /**
     * @return array{Amount|null, Weight|null, Problem|null}
     */
    private static function weigh(Line $line, ?Ingredient $ingredient, Kitchenware $kit): array
    {
        if ($line->amount === null) {
            return [null, null, $line->tie === null ? Problem::unreadable($line->id, UnreadableAmount::empty()) : null];
        }
        $amount = null;
        if ($ingredient?->is('refused') === true) {
            return [null, null, Problem::refused($line->id, $ingredient)];
        }
        try {
            $amount = Amount::parse($line->amount, $kit);
            $weight
                = $ingredient === null || $line->tie !== null
                    ? null
                    : Weight::of($amount, $ingredient, $line->prep, $kit->scaleStep);

            return [$amount, $weight, $amount->isToTaste() ? Problem::toTaste($line->id) : null];
        } catch (UnreadableAmount $why) {
            return [$amount, null, $line->tie === null ? Problem::unreadable($line->id, $why) : null];
        }
    }

    /**
     * @param list<Line> $lines
     * @return array{
     *     list<int>,
     *     list<float>,
     *     array<int, Problem>,
     * } the line that decides each, the ratio to it, and ties that lead nowhere
     */
    private static function followTies(array $lines): array
    {
        $place = [];
        foreach ($lines as $i => $line) {
            $place[$line->id] = $i;
        }
        $sources = [];
        $ratios = [];
        $broken = [];
        foreach ($lines as $i => $line) {
            $at = $i;
            $ratio = 1.0;
            $steps = 0;
            while (($tie = $lines[$at]->tie) !== null) {
                $ratio *= $tie->ratio;
                if (! isset($place[$tie->line])) {
                    $broken[$i] = Problem::tieToNothing($line->id, $tie->line);
                    break;
                }
                $at = $place[$tie->line];
                if (++$steps > count($lines)) {
                    $broken[$i] = Problem::tieInACircle($line->id);
                    break;
                }
            }
            $sources[] = isset($broken[$i]) ? $i : $at;
            $ratios[] = $ratio;
        }

        return [$sources, $ratios, $broken];
    }

    /**
     * Millilitres of one part, so that what goes into the pot is the batch's size. Linear in the part, so solved
     * directly.
     *
     * @param list<Line> $lines
     * @param array<int, Ingredient|null> $ingredients
     * @param array<int, Weight|null> $weights
     * @param list<int> $sources
     * @param list<float> $ratios
     * @param list<Problem> $problems
     */
    private static function partSize(
        Recipe $recipe,
        array $lines,
        array $ingredients,
        array $weights,
        array $sources,
        array $ratios,
        array &$problems,
    ): float {
        $fixed = 0.0;
        $perPart = 0.0;
        $inParts = [];
        foreach ($lines as $i => $line) {
            $weight = $weights[$sources[$i]];
            $ingredient = $ingredients[$i];
            if ($weight === null || $ingredient === null || $line->leftOut) {
                continue;
            }
            $each = $recipe->size?->volumeMl === null ? 1.0 : 1 / ($ingredient->density ?? 1.0);
            $fixed += $ratios[$i] * $weight->grams * $each;
            $perPart += $ratios[$i] * $weight->parts * ($ingredients[$sources[$i]]->density ?? 1.0) * $each;
            if ($weights[$i]?->parts > 0.0) {
                $inParts[] = $line->id;
            }
        }
        if ($inParts === []) {
            return 0.0;
        }
        $size = $recipe->size === null ? null : $recipe->size->massG ?? $recipe->size->volumeMl;
        if ($size === null || $size <= $fixed) {
            foreach ($inParts as $id) {
                $problems[] = $size === null ? Problem::partsWithoutSize($id) : Problem::sizeTooSmall($id);
            }

            return 0.0;
        }

        return ($size - $fixed) / $perPart;
    }
}
