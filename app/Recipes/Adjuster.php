<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Models\OnHand;
use App\Pantry\Household;
use Vinculum\Amount\Amount;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Amount\UnreadableAmount;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Sentence;
use Vinculum\Mixture\Constituent;
use Vinculum\Pantry\Ingredient;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\WeighedLine;
use Vinculum\Solve\Aims;
use Vinculum\Solve\Feel;
use Vinculum\Solve\Mend\Complaint;
use Vinculum\Solve\Mend\Mend;
use Vinculum\Solve\Rebalance\Rebalance;
use Vinculum\Solve\Rebalance\Rebalanced;
use Vinculum\Solve\Rescue\BatchExtension;
use Vinculum\Solve\Rescue\NamelessPot;
use Vinculum\Solve\Rescue\PotState;
use Vinculum\Solve\Rescue\Remedy;
use Vinculum\Solve\Rescue\Rescue;
use Vinculum\Solve\Rescue\Rescued;
use Vinculum\Taste\Measure;
use Vinculum\Taste\Style;

/** Hands core what a maker wants changed, with what this household has. */
final readonly class Adjuster
{
    public const MOST_STEPS = 12.0;

    /** Grams of a pot in a kitchen. */
    private const LARGEST_POT = 100000.0;

    public function __construct(private Evaluator $evaluator, private Household $household, private Styles $styles) {}

    /**
     * A recipe on paper, moved to a style or to figures.
     *
     * @param string|null $style a slug to move to; null for the recipe's own where there are no figures and nothing
     * is felt
     * @param array<string, float> $figures by Measure value
     * @param array<string, float> $levels heights on the Line, by Measure value
     * @param array<string, float> $feels steps by Feel value, positive is too much
     * @return non-empty-list<Rebalanced>
     *
     * @throws InvalidRecipe
     */
    public function rebalance(
        Recipe $recipe,
        ?string $style,
        array $figures,
        array $levels = [],
        array $feels = [],
    ): array {
        if ($style !== null) {
            if ($this->styles->of($style) === null) {
                throw InvalidRecipe::at('style', "There is no style “{$style}”.");
            }
            $recipe = $recipe->withStyle($style);
        }
        $from = $this->evaluator->evaluate($recipe);
        if ($from->cooked->mixture->mass() <= 0.0) {
            throw InvalidRecipe::at(
                'recipe',
                'There is nothing in the pot yet, so there is nothing to balance. Give at least one line an amount.',
            );
        }
        foreach ($levels as $measure => $level) {
            $figures[$measure] = $level * $from->scaleOf(Measure::from($measure));
        }
        $aims = match (true) {
            $figures !== [] => Aims::ofFigures($from, $figures),
            $feels !== [] => Aims::ofSpoon($from, self::tastesOf($feels)),
            $from->style !== null => Aims::ofStyle($from, $from->style),
            default => throw InvalidRecipe::at(
                'style',
                'Say where it should go: choose a style, or give a taste a figure such as sweetness:18.',
            ),
        };

        return Rebalance::answers($from, $this->household->catalogueFor($recipe), $aims);
    }

    /**
     * A pot, mended by what can be added to it.
     *
     * @param array<string, float> $feels steps by Feel value, positive is too much
     * @param array<string, float> $much steps by line id: too much of one line
     * @param list<string>|null $have slugs; null for what is marked on hand and what the recipe has
     * @param array{in_pot?: string, boiled_further?: string, hot?: bool, before_stage?: string} $pot as the maker
     * says it
     *
     * @throws InvalidRecipe
     */
    public function rescue(
        Recipe $recipe,
        array $feels,
        array $much,
        ?array $have,
        array $pot,
        ?Complaint $trouble = null,
    ): Rescued {
        $from = $this->evaluator->evaluate($recipe);
        if ($from->cooked->mixture->mass() <= 0.0) {
            throw InvalidRecipe::at('recipe', 'There is nothing in the pot yet. Give at least one line an amount.');
        }
        $feels = array_filter($feels, static fn (float $steps): bool => $steps !== 0.0);
        $state = $this->state($from, $pot);
        $catalogue = $this->household->catalogueFor($recipe, implode(' ', $have ?? []));
        if ($trouble !== null) {
            $larder = $this->have($from, $have, $catalogue->find(...));

            return Mend::of($from, $catalogue, $trouble, $larder, $state->grams);
        }
        $remedies = [];
        foreach ($much as $line => $steps) {
            $remedy = BatchExtension::of($from, $catalogue, [(string) $line], $steps, $state);
            if ($remedy === null) {
                throw InvalidRecipe::at(
                    'much',
                    "“{$line}” is no line of this recipe that has a weight, beside others.",
                );
            }
            $remedies[] = $remedy;
        }
        if ($feels === []) {
            if ($remedies === []) {
                throw InvalidRecipe::at(
                    'feels',
                    'Say what the spoon says, such as salty:2 for clearly too salty, or sour:-1 for a little flat.',
                );
            }

            return new Rescued($remedies, [], $from, Sentence::of(''), []);
        }

        return Rescue::of($from, $catalogue, $feels, $this->have($from, $have, $catalogue->find(...)), $state)->after(
            $remedies,
        );
    }

    /**
     * A pot without a recipe, mended as far as its kind tells.
     *
     * @param array<string, float> $feels steps by Feel value, positive is too much
     * @param list<string>|null $have slugs; null for what is marked on hand
     * @return array{Style, list<array{remedy: Remedy, least: list<float>, most: list<float>, note: Sentence}>,
     * array<string, float>} what was said, without what is fine
     *
     * @throws InvalidRecipe
     */
    public function pot(
        string $style,
        string $amount,
        array $feels,
        ?array $have,
        bool $isCooked,
        ?MeasuringSet $measures,
    ): array {
        $of
            = $this->styles->of($style)
            ?? throw InvalidRecipe::at('style', 'is no kind of sauce that is known here. Expected: the slug of a '
                .'style.');
        $feels = array_filter($feels, static fn (float $steps): bool => $steps !== 0.0);
        if ($feels === []) {
            throw InvalidRecipe::at(
                'feels',
                'Say what the spoon says, such as salty:2 for clearly too salty, or sour:-1 for a little flat.',
            );
        }
        $set = $measures ?? $this->household->preferences()->measures;
        $catalogue = $this->household->catalogue(implode(' ', $have ?? []));
        $plain = NamelessPot::pot($of, 1000.0, $catalogue, $set, $isCooked, 0.0);
        $grams = $this->grams($amount, 'amount', $plain);
        if ($grams < 20.0 || $grams > self::LARGEST_POT) {
            throw InvalidRecipe::at(
                'amount',
                'is not accepted. Expected: how much is in the pot, from 20 g to 100 kg, such as 900 g or 1 l.',
            );
        }

        return [
            $of,
            NamelessPot::mended(
                $of,
                $grams,
                $feels,
                $this->have($plain, $have, $catalogue->find(...), isIn: false),
                $catalogue,
                $set,
                $isCooked,
            ),
            $feels,
        ];
    }

    /**
     * @param list<string>|null $slugs
     * @param callable(string): ?Ingredient $find
     * @param bool $isIn whether the lines are what somebody put in, who then eats it; otherwise they only stand for it
     * @return list<Ingredient>
     */
    private function have(Evaluation $from, ?array $slugs, callable $find, bool $isIn = true): array
    {
        if ($slugs === null) {
            $slugs = OnHand::slugs();
            foreach ($from->cooked->weighed->lines as $line) {
                $slugs[] = $line->ingredient->slug ?? '';
            }
            // unless the house says that it has not
            $without = OnHand::query()->where('have', false)->pluck('slug')->all();
            $slugs = [...$slugs, ...array_diff($this->household->catalogue()->staples(), $without)];
        } else {
            foreach ($slugs as $slug) {
                if ($find($slug) === null) {
                    throw InvalidRecipe::at('have', "“{$slug}” is not in the pantry.");
                }
            }
        }

        $preferences = $this->household->preferences();
        $vocabulary = $from->cooked->weighed->vocabulary;
        $in = $isIn
            ? array_map(
                static fn (WeighedLine $line): string => $line->ingredient->slug ?? '',
                $from->cooked->weighed->lines,
            )
            : [];
        $things = array_filter(array_map($find, array_values(array_filter($slugs))));

        return array_values(
            array_filter(
                $things,
                static fn (Ingredient $thing): bool => in_array($thing->slug, $in, true)
                    || ! $preferences->keepsOut($thing, $vocabulary),
            ),
        );
    }

    /**
     * @param array{in_pot?: string, boiled_further?: string, hot?: bool, before_stage?: string} $pot
     */
    private function state(Evaluation $from, array $pot): PotState
    {
        $planned = $from->estimates->mass()->value;
        $inPot = isset($pot['in_pot']) ? $this->grams($pot['in_pot'], 'in_pot', $from) : null;
        $further = isset($pot['boiled_further']) ? $this->grams($pot['boiled_further'], 'boiled_further', $from) : 0.0;
        $water = $from->cooked->mixture->grams[Constituent::WATER];
        if ($further >= 0.9 * $water) {
            throw InvalidRecipe::at(
                'boiled_further',
                sprintf(
                    'Only %d g of what the recipe makes is water, so no more than that can have boiled off.',
                    (int) $water,
                ),
            );
        }
        if ($inPot !== null && ($inPot < 1.0 || $inPot > 100 * $planned)) {
            throw InvalidRecipe::at(
                'in_pot',
                sprintf(
                    'The recipe makes %d g. Say how much of it is in the pot, such as 850 g.',
                    (int) round($planned),
                ),
            );
        }
        $stages = array_map(static fn ($stage): string => $stage->id, $from->recipe->stages);
        if (isset($pot['before_stage']) && ! in_array($pot['before_stage'], $stages, true)) {
            throw InvalidRecipe::at(
                'before_stage',
                'is no stage of this recipe. Its stages are '.implode(', ', $stages).'.',
            );
        }

        return new PotState($inPot, $further, $pot['hot'] ?? false, $pot['before_stage'] ?? null);
    }

    /** A mass, or a volume of this sauce, in grams. */
    private function grams(string $text, string $field, Evaluation $from): float
    {
        try {
            return Amount::parse($text, $from->recipe->kitchenware())->grams($from->estimates->density() ?? 1.0)
                ?? throw InvalidRecipe::at(
                    $field,
                    "“{$text}” is neither a weight nor a volume. Write one, such as 850 g or 3 cups.",
                );
        } catch (UnreadableAmount $why) {
            throw InvalidRecipe::at($field, $why->getMessage());
        }
    }

    /**
     * @param array<string, float> $feels
     * @return array<string, float> by Measure value: on paper, thickness and richness are not moved
     */
    private static function tastesOf(array $feels): array
    {
        $tastes = [];
        foreach ($feels as $feel => $steps) {
            $measure = Feel::from($feel)->measure();
            if ($measure === null) {
                throw InvalidRecipe::at(
                    'feels',
                    'On paper only the five tastes can be moved. How thick or rich it is, is mended in the pot.',
                );
            }
            $tastes[$measure->value] = $steps;
        }

        return $tastes;
    }
}
