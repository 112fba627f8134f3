<?php

declare(strict_types=1);

namespace Vinculum\Batch;

use Vinculum\Amount\Amount;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Amount\UnreadableAmount;
use Vinculum\Pantry\Ingredient;
use Vinculum\Pantry\Weight;

/** What a household has of a thing, and what it pays for how much. */
final readonly class Stock
{
    /**
     * @param float $haveGrams what there is
     * @param float|null $price of a pack, in the maker's own money
     * @param float|null $packGrams
     */
    public function __construct(
        public float $haveGrams = 0.0,
        public ?float $price = null,
        public ?float $packGrams = null,
        public string $pack = '',
    ) {}

    /** From what was noted: "250 g left", "500 ml". What cannot be read is as if it were not there. */
    public static function noted(
        Ingredient $ingredient,
        ?string $have,
        ?float $price,
        ?string $pack,
        MeasuringSet $set,
    ): self {
        return new self(
            self::grams($have, $ingredient, $set) ?? 0.0,
            $price,
            self::grams($pack, $ingredient, $set),
            $pack ?? '',
        );
    }

    private static function grams(?string $text, Ingredient $ingredient, MeasuringSet $set): ?float
    {
        if ($text === null || trim($text) === '') {
            return null;
        }
        try {
            return Weight::of(
                Amount::parse(preg_replace('/\s*\bleft\b/iu', '', $text) ?? $text, $set),
                $ingredient,
            )->grams;
        } catch (UnreadableAmount) {
            return null;
        }
    }
}
