<?php

declare(strict_types=1);

namespace Vinculum\Safety;

use Vinculum\Pantry\Ingredient;

/** What a sauce is to be free of, or fit for. It says what lines contain and what to check: never that a sauce is safe for anyone. */
enum Need: string
{
    case Vegan = 'vegan';
    case Vegetarian = 'vegetarian';
    case Gluten = 'gluten';
    case Nuts = 'nuts';
    case Peanuts = 'peanuts';
    case Eggs = 'eggs';
    case Milk = 'milk';
    case Soy = 'soy';
    case Fish = 'fish';
    case Shellfish = 'shellfish';
    case Sesame = 'sesame';
    case Celery = 'celery';
    case Mustard = 'mustard';
    case Sulphites = 'sulphites';
    case Lupin = 'lupin';
    case Alcohol = 'alcohol';
    case AddedSugar = 'added-sugar';

    /**
     * Whether a thing stands in its way, or some kinds of it do.
     *
     * @return 'against'|'check'|null
     */
    public function verdict(Ingredient $ingredient): ?string
    {
        $diet = $this->diet();
        if ($diet !== null) {
            return $diet->verdict($ingredient);
        }
        $allergens = $this->allergens();

        return match (true) {
            array_intersect($ingredient->contains, $allergens) !== [] => 'against',
            array_intersect($ingredient->mayContain, $allergens) !== [] => 'check',
            default => null,
        };
    }

    /** "contains wheat", "is not vegan" */
    public function why(Ingredient $ingredient): string
    {
        $found = array_intersect($ingredient->contains, $this->allergens());

        return match (true) {
            $found !== [] => 'contains '.implode(' and ', array_map(static fn (string $allergen): string => Allergens::LISTED[$allergen][0], $found)),
            $this === self::Alcohol => 'has alcohol in it',
            $this === self::AddedSugar => 'is added sugar, or has some',
            default => "is not {$this->value}",
        };
    }

    private function diet(): ?Diet
    {
        return match ($this) {
            self::Vegan => Diet::Vegan,
            self::Vegetarian => Diet::Vegetarian,
            self::Gluten => Diet::GlutenFree,
            self::Alcohol => Diet::AlcoholFree,
            self::AddedSugar => Diet::NoAddedSugar,
            default => null,
        };
    }

    /** @return list<string> */
    private function allergens(): array
    {
        return match ($this) {
            self::Gluten => ['gluten', 'wheat'],
            self::Nuts => ['nuts', 'peanuts'],
            self::Shellfish => ['crustaceans', 'molluscs'],
            self::Peanuts, self::Eggs, self::Milk, self::Soy, self::Fish, self::Sesame, self::Celery, self::Mustard, self::Sulphites, self::Lupin => [$this->value],
            default => [],
        };
    }
}
