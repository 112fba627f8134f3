<?php

declare(strict_types=1);

namespace Vinculum\Recipe;

use Vinculum\Amount\Kitchenware;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Amount\Spread;
use Vinculum\Recipe\Formats\RecipeDocument;

/**
 * A recipe: stages of lines, and what they are measured in.
 *
 * @phpstan-import-type StyleArray from RecipeDocument
 */
final readonly class Recipe
{
    public const MAX_LINES = 60;

    public const VESSELS = 'x-vessels';

    public const SCALE = 'x-scale-g';

    /**
     * @param string|StyleArray|null $style a slug, a whole style, or none
     * @param list<array{ratio: string, value: float}> $pins ratios held in every operation
     * @param list<Stage> $stages
     * @param array<string, mixed> $ingredients own ingredients by slug, so that a file stands alone
     * @param array<string, mixed> $extra keys beginning "x-", kept untouched
     * @param string $makes what the note says it makes, as written; moves nothing
     * @param string $serves the same of people
     * @param string $story remarks that are neither line nor step
     * @param Ends|null $ends how a making of it usually ends; null for what is usual of its kind
     * @param string $family the sauce it is a try of, by name; empty for one that stands alone
     *
     * @throws InvalidRecipe where an id is there twice or there are too many lines
     */
    public function __construct(
        public string $name,
        public string|array|null $style,
        public MeasuringSet $measures,
        public ?Size $size,
        public array $pins,
        public array $stages,
        public array $ingredients = [],
        public array $extra = [],
        public string $makes = '',
        public string $serves = '',
        public string $story = '',
        public ?Ends $ends = null,
        public string $family = '',
    ) {
        $this->refuseIdsThereTwice();
    }

    /**
     * Every line in the order it goes into the pot.
     *
     * @return list<Line>
     */
    public function lines(): array
    {
        return array_merge(...array_map(static fn (Stage $stage): array => $stage->lines, $this->stages));
    }

    /**
     * What its amounts are measured in: its set, the vessels it names under "x-vessels" (millilitres by name), and the
     * step of its scale, grams, under "x-scale-g".
     */
    public function kitchenware(): Kitchenware
    {
        $step = $this->extra[self::SCALE] ?? null;

        return Kitchenware::with(
            $this->measures,
            $this->vessels(),
            (is_int($step) || is_float($step)) && $step > 0 ? (float) $step : Spread::SCALE_STEP_G,
        );
    }

    /**
     * With a household's vessels and scale, where the recipe does not say otherwise.
     *
     * @param array<string, float> $vessels millilitres by name
     * @param float $scaleStep g, above 0
     */
    public function measuredWith(array $vessels, float $scaleStep): self
    {
        $all = $this->vessels() + $vessels;
        $extra
            = ($all === [] ? [] : [self::VESSELS => $all])
            + $this->extra
            + ($scaleStep === Spread::SCALE_STEP_G ? [] : [self::SCALE => $scaleStep]);

        return $extra === $this->extra ? $this : $this->withStages($this->stages, $extra);
    }

    /**
     * The same recipe with other stages.
     *
     * @param list<Stage> $stages
     * @param array<string, mixed>|null $extra null for the same
     */
    public function withStages(array $stages, ?array $extra = null): self
    {
        return $this->with(stages: $stages, extra: $extra);
    }

    /** The same recipe in another set of cups and spoons, its amounts left as they are. */
    public function in(MeasuringSet $set): self
    {
        return $this->with(measures: $set);
    }

    /** The same recipe, held against another style. */
    public function withStyle(?string $style): self
    {
        return $this->with(styles: [$style]);
    }

    /**
     * @param list<Stage>|null $stages null for the same, as of all of these
     * @param array<string, mixed>|null $extra
     * @param list<string|StyleArray|null> $styles none for the same, since no style is one too
     */
    private function with(
        ?array $stages = null,
        ?array $extra = null,
        ?MeasuringSet $measures = null,
        array $styles = [],
        bool $isSized = true,
    ): self {
        return new self(
            $this->name,
            $styles === [] ? $this->style : $styles[0],
            $measures ?? $this->measures,
            $isSized ? $this->size : null,
            $this->pins,
            $stages ?? $this->stages,
            $this->ingredients,
            $extra ?? $this->extra,
            $this->makes,
            $this->serves,
            $this->story,
            $this->ends,
            $this->family,
        );
    }

    /**
     * The same recipe with some amounts written anew.
     *
     * @param array<string, string> $amounts by line id
     */
    public function withAmounts(array $amounts): self
    {
        return $this->withStages(
            array_map(
                static fn (Stage $stage): Stage => $stage->withLines(
                    array_map(
                        static fn (Line $line): Line => isset($amounts[$line->id])
                            ? $line->withAmount($amounts[$line->id])
                            : $line,
                        $stage->lines,
                    ),
                ),
                $this->stages,
            ),
        );
    }

    /**
     * The same recipe with the amounts it was weighed at, in grams, and no size to be shared out: what is in the pot
     * stays what it is whatever is added.
     *
     * @param WeighedRecipe $weighed this recipe, weighed
     */
    public function inGrams(WeighedRecipe $weighed): self
    {
        $grams = [];
        foreach ($weighed->lines as $i => $line) {
            if ($line->source === $i && $line->grams > 0.0) {
                $grams[$line->line->id] = LineWriter::weighed($line->grams, $this->kitchenware());
            }
        }

        return $this->with(stages: $this->withAmounts($grams)->stages, isSized: false);
    }

    /** An id nothing in it has. */
    public function freshId(string $prefix): string
    {
        $taken = array_merge(
            ...array_map(
                static fn (Stage $stage): array => [
                    $stage->id,
                    ...array_map(static fn (Line $line): string => $line->id, $stage->lines),
                ],
                $this->stages,
            ),
        );
        for ($number = count($taken) + 1; in_array("{$prefix}{$number}", $taken, true); $number++);

        return "{$prefix}{$number}";
    }

    /**
     * @return array<array-key, mixed> millilitres by name, as the document has them
     */
    private function vessels(): array
    {
        $vessels = $this->extra[self::VESSELS] ?? [];

        return match (true) {
            $vessels instanceof \stdClass => get_object_vars($vessels),
            is_array($vessels) => $vessels,
            default => [],
        };
    }

    private function refuseIdsThereTwice(): void
    {
        $seen = [];
        $lines = 0;
        foreach ($this->stages as $s => $stage) {
            foreach (
                ["stages[{$s}].id" => $stage->id]
                    + array_combine(
                        array_map(
                            static fn (int $l): string => "stages[{$s}].lines[{$l}].id",
                            array_keys($stage->lines),
                        ),
                        array_map(static fn (Line $line): string => $line->id, $stage->lines),
                    ) as $field => $id
            ) {
                if (isset($seen[$id])) {
                    throw InvalidRecipe::at(
                        $field,
                        "“{$id}” is used twice. Each stage and line has an id of its own; "
                            .'leave it out to have one made.',
                    );
                }
                $seen[$id] = true;
            }
            $lines += count($stage->lines);
        }
        if ($lines > self::MAX_LINES) {
            throw InvalidRecipe::at(
                'stages',
                "There are {$lines} lines. A recipe has at most ".self::MAX_LINES.'.',
            );
        }
    }
}
