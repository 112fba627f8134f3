<?php

declare(strict_types=1);

namespace Vinculum\Pantry;

/** What things smell of and how strongly, by the gram: enough to find and weigh out a stand-in. Common practice. */
final class Aroma
{
    /** How alike a thing that smells and one that does not are taken to be; judgement. */
    private const ONE_SMELLS = 0.4;

    /** How alike two things smell, from 0 to 1: the cosine between them; 1 where both smell of nothing. */
    public static function likeness(Ingredient $one, Ingredient $other): float
    {
        $a = $one->aroma;
        $b = $other->aroma;
        if ($a === [] || $b === []) {
            return $a === $b ? 1.0 : self::ONE_SMELLS;
        }
        $dot = 0.0;
        foreach ($a as $name => $strength) {
            $dot += $strength * ($b[$name] ?? 0.0);
        }
        $square = static fn (float $each): float => $each ** 2;

        return $dot / sqrt(array_sum(array_map($square, $a)) * array_sum(array_map($square, $b)));
    }
}
