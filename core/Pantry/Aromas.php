<?php

declare(strict_types=1);

namespace Vinculum\Pantry;

/** What things smell of and how strongly, by the gram: enough to find and weigh out a stand-in. Common practice. */
final readonly class Aromas
{
    /**
     * @param array<string, array<string, float>> $bySlug strength per gram
     */
    public function __construct(private array $bySlug) {}

    /**
     * @return array<string, float> strength per gram, by aroma; empty where it smells of nothing in particular
     */
    public function of(Ingredient $ingredient): array
    {
        return $this->bySlug[$ingredient->slug] ?? $this->bySlug[$ingredient->like] ?? [];
    }

    /** How alike two things smell, from 0 to 1: the cosine between them; 1 where both smell of nothing. */
    public function likeness(Ingredient $one, Ingredient $other): float
    {
        $a = $this->of($one);
        $b = $this->of($other);
        if ($a === [] || $b === []) {
            return $a === $b ? 1.0 : 0.4;
        }
        $dot = 0.0;
        foreach ($a as $aroma => $strength) {
            $dot += $strength * ($b[$aroma] ?? 0.0);
        }

        return $dot / sqrt(array_sum(array_map(static fn (float $each): float => $each ** 2, $a)) * array_sum(array_map(static fn (float $each): float => $each ** 2, $b)));
    }
}
