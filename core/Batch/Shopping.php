<?php

declare(strict_types=1);

namespace Vinculum\Batch;

use Vinculum\Pantry\Ingredient;
use Vinculum\Recipe\WeighedRecipe;

/** What several batches need, less what there is, in whole packs, and what that costs. */
final readonly class Shopping
{
    /**
     * @param list<ShoppingLine> $lines by group, then name
     * @param float $usedCost of what goes into the pots, as far as prices are known
     * @param list<string> $unpriced names of what has no price
     */
    private function __construct(
        public array $lines,
        public float $cost,
        public float $usedCost,
        public array $unpriced,
    ) {}

    /**
     * @param list<WeighedRecipe> $batches
     * @param array<string, Stock> $shelf by slug
     */
    public static function of(array $batches, array $shelf): self
    {
        /** @var array<string, array{Ingredient, float}> $needs */
        $needs = [];
        foreach ($batches as $batch) {
            foreach ($batch->lines as $line) {
                if ($line->ingredient === null || $line->grams <= 0.0 || $line->ingredient->isPlain('water')) {
                    continue;
                }
                $slug = $line->ingredient->slug;
                $needs[$slug] = [$line->ingredient, ($needs[$slug][1] ?? 0.0) + $line->grams];
            }
        }
        $lines = [];
        $cost = 0.0;
        $used = 0.0;
        $unpriced = [];
        foreach ($needs as $slug => [$ingredient, $grams]) {
            $line = self::line($ingredient, $grams, $shelf[$slug] ?? new Stock);
            $lines[] = $line;
            $cost += $line->cost ?? 0.0;
            $used += $line->usedCost ?? 0.0;
            if ($line->usedCost === null) {
                $unpriced[] = $ingredient->shortName();
            }
        }
        usort(
            $lines,
            static fn (ShoppingLine $a, ShoppingLine $b): int => [$a->ingredient->shelf(), $a->ingredient->name] <=> [
                $b->ingredient->shelf(),
                $b->ingredient->name,
            ],
        );

        return new self($lines, $cost, $used, $unpriced);
    }

    private static function line(Ingredient $ingredient, float $grams, Stock $shelved): ShoppingLine
    {
        $short = max(0.0, $grams - $shelved->haveGrams);
        $asBought = $short / $ingredient->edible;
        $pack = $shelved->packGrams;
        $packs = $pack === null || $pack <= 0.0 ? null : (int) ceil($asBought / $pack - 1e-9);

        return new ShoppingLine(
            $ingredient,
            $grams,
            $shelved->haveGrams,
            $asBought,
            $packs,
            $shelved->pack,
            $packs === null ? null : $packs * $pack - $asBought,
            $packs === null || $shelved->price === null ? null : $packs * $shelved->price,
            $pack === null || $pack <= 0.0 || $shelved->price === null
                ? null
                : ($grams / $ingredient->edible / $pack) * $shelved->price,
        );
    }
}
