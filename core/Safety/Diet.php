<?php

declare(strict_types=1);

namespace Vinculum\Safety;

use Vinculum\Cooking\CookedRecipe;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Nutrition;
use Vinculum\Pantry\Ingredient;

/**
 * Ways of eating, and which lines stand in their way. It follows the lines: alcohol that boiled off was still put in.
 */
enum Diet: string
{
    case Vegetarian = 'vegetarian';
    case Vegan = 'vegan';
    case GlutenFree = 'gluten-free';
    case AlcoholFree = 'alcohol-free';
    case NoAddedSugar = 'no-added-sugar';
    case LowSodium = 'low-sodium';

    /** "Low sodium" on a label in the EU, g sodium per 100 g (1924/2006 annex, from memory). */
    public const LOW_SODIUM_G = 0.12;

    /** Share of alcohol from which a line is one, g per g; a ferment such as soy sauce has a little, and is to be checked. */
    private const ALCOHOL = 0.03;
    private const LITTLE_ALCOHOL = 0.002;

    private const FLESH = ['fish', 'crustaceans', 'molluscs'];

    /** Groups whose sugar is their own, but for what has been sweetened; g per g from which it counts. */
    private const OWN_SUGAR = ['fruit', 'vegetables', 'tomato', 'fats', 'liquids', 'acids', 'spices', 'chillies'];
    private const SWEETENED = ['ketchup', 'dried-cranberry', 'seasoned-rice-vinegar', 'tonic-cola', 'mirin', 'chilli-garlic-sauce', 'fermented-chilli-paste'];
    private const SOME_SUGAR = 0.02;

    public function words(): string
    {
        return str_replace('gluten free', 'gluten-free', str_replace('-', ' ', $this->value));
    }

    /**
     * Lines in its way, and lines of which some kinds are.
     *
     * @return array{against: list<string>, check: list<string>} line ids
     */
    public function of(CookedRecipe $cooked): array
    {
        $found = ['against' => [], 'check' => []];
        foreach ($cooked->weighed->lines as $line) {
            if ($line->ingredient === null || $line->line->leftOut) {
                continue;
            }
            $verdict = $this === self::LowSodium ? self::brings($line->ingredient, $cooked) : $this->verdict($line->ingredient);
            if ($verdict !== null) {
                $found[$verdict][] = $line->line->id;
            }
        }

        return $found;
    }

    /**
     * Whether a thing by itself stands in its way; how salty a sauce is hangs on all of it.
     *
     * @return 'against'|'check'|null
     */
    public function verdict(Ingredient $ingredient): ?string
    {
        $contains = $ingredient->contains;
        $may = $ingredient->mayContain;
        $isFlesh = $ingredient->animal === 'flesh' || array_intersect($contains, self::FLESH) !== [];
        $mayBeFlesh = in_array($ingredient->animal, ['perhaps', 'rennet'], true) || array_intersect($may, self::FLESH) !== [];

        return match ($this) {
            self::Vegetarian => $isFlesh ? 'against' : ($mayBeFlesh ? 'check' : null),
            self::Vegan => match (true) {
                $isFlesh, in_array($ingredient->animal, ['product', 'rennet'], true), array_intersect($contains, ['milk', 'eggs']) !== [] => 'against',
                $mayBeFlesh, array_intersect($may, ['milk', 'eggs']) !== [] => 'check',
                default => null,
            },
            self::GlutenFree => array_intersect($contains, ['gluten', 'wheat']) !== [] ? 'against' : (array_intersect($may, ['gluten', 'wheat']) !== [] ? 'check' : null),
            self::AlcoholFree => match (true) {
                $ingredient->perGram[Constituent::ETHANOL] >= self::ALCOHOL => 'against',
                $ingredient->perGram[Constituent::ETHANOL] >= self::LITTLE_ALCOHOL => 'check',
                default => null,
            },
            self::NoAddedSugar => match (true) {
                Nutrition::sugars($ingredient->perGram) < self::SOME_SUGAR, in_array($ingredient->group, self::OWN_SUGAR, true) && ! in_array($ingredient->like, self::SWEETENED, true) => null,
                in_array('sweet', $ingredient->roles, true), in_array($ingredient->like, self::SWEETENED, true) => 'against',
                default => 'check',
            },
            self::LowSodium => null,
        };
    }

    /**
     * A salty sauce is so by the lines that are saltier than the limit.
     *
     * @return 'against'|null
     */
    private static function brings(Ingredient $ingredient, CookedRecipe $cooked): ?string
    {
        $mass = $cooked->mixture->mass();
        $isLow = $mass <= 0.0 || 100 * $cooked->mixture->grams[Constituent::SODIUM] / $mass <= self::LOW_SODIUM_G;

        return ! $isLow && 100 * $ingredient->perGram[Constituent::SODIUM] > self::LOW_SODIUM_G ? 'against' : null;
    }
}
