<?php

declare(strict_types=1);

namespace Vinculum\Safety;

use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\Ingredient;
use Vinculum\Pantry\Vocabulary;
use Vinculum\Recipe\WeighedRecipe;

/**
 * What a proposal brings into a sauce that was not in it: said before it is applied. Allergens, labels to check, and
 * what else somebody may not want to meet unawares.
 */
final readonly class Brings
{
    /** Traits worth a word where they are new, and the word. */
    private const OTHER = [
        'raw-egg' => 'raw egg',
        'flesh' => 'meat',
        'not-for-infants' => 'honey',
        'raw-flour' => 'raw flour',
        'potassium' => 'potassium salt',
        'animal-rennet' => 'rennet',
        'refused' => 'what has no place in a sauce',
    ];

    /**
     * @param list<string> $allergens it now contains, by the vocabulary's words
     * @param list<string> $check labels to check that there were not before
     * @param list<string> $other alcohol, raw egg, meat and the like
     */
    private function __construct(public array $allergens, public array $check, public array $other) {}

    public static function between(WeighedRecipe $before, WeighedRecipe $after): self
    {
        $was = Allergens::of($before);
        $is = Allergens::of($after);
        $name = $after->vocabulary->allergenName(...);
        $contains = array_keys(array_diff_key($is['contains'], $was['contains']));
        $check = array_keys(array_diff_key($is['check'], $was['check'], $was['contains']));
        $other = array_values(array_diff(self::others($after), self::others($before)));
        if ($is['unsaid'] !== [] && $was['unsaid'] === []) {
            $other[] = 'something of which nobody has said what it contains';
        }

        return new self(array_map($name, $contains), array_map($name, $check), $other);
    }

    public function isNothing(): bool
    {
        return $this->allergens === [] && $this->check === [] && $this->other === [];
    }

    /**
     * Slugs of what would bring an allergen (only of animals, nuts and sesame where so asked), or anything else worth a
     * word, that is not in a sauce already.
     *
     * @return list<string>
     */
    public static function strangersTo(
        WeighedRecipe $sauce,
        Catalogue $catalogue,
        bool $unexpectedOnly = false,
    ): array {
        $allergens = array_keys(Allergens::of($sauce)['contains']);
        if ($unexpectedOnly) {
            $allergens = [
                ...$allergens,
                ...array_diff($sauce->vocabulary->allergens(), $sauce->vocabulary->unexpectedAllergens()),
            ];
        }
        $others = self::others($sauce);
        $strangers = [];
        foreach ($catalogue->slugs() as $slug) {
            $thing = $catalogue->find($slug);
            if (
                $thing !== null
                && (array_diff($thing->contains, $allergens) !== []
                    || array_diff(self::othersOf($thing, $sauce->vocabulary), $others) !== [])
            ) {
                $strangers[] = $slug;
            }
        }

        return $strangers;
    }

    /** @return list<string> */
    private static function others(WeighedRecipe $weighed): array
    {
        $others = [];
        foreach ($weighed->lines as $line) {
            if ($line->ingredient !== null && ! $line->line->leftOut) {
                $others = [...$others, ...self::othersOf($line->ingredient, $weighed->vocabulary)];
            }
        }

        return array_values(array_unique($others));
    }

    /** @return list<string> */
    private static function othersOf(Ingredient $thing, Vocabulary $vocabulary): array
    {
        $others = array_filter(self::OTHER, $thing->is(...), ARRAY_FILTER_USE_KEY);
        if (Diet::named('alcohol-free', $vocabulary)->verdict($thing) === 'against') {
            $others[] = 'alcohol';
        }

        return array_values($others);
    }
}
