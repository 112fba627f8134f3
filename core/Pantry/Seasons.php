<?php

declare(strict_types=1);

namespace Vinculum\Pantry;

/** When things are in season; a table a household changes for where it is. */
final readonly class Seasons
{
    /** Kinds of what grows, and so may have a season; a bottle has none. */
    private const GROWN = ['fruit', 'fresh-tomato', 'vegetable', 'fresh-chilli'];

    /**
     * @param array<string, array{int, int}> $months first and last, by slug; the last may lie in the next year
     */
    public function __construct(private array $months) {}

    /**
     * As the catalogue has them, where the household says nothing else.
     *
     * @param array<string, array{int, int}|null> $changed by slug; null for one that has none here
     */
    public static function of(Catalogue $catalogue, array $changed = []): self
    {
        return new self(
            array_filter($changed + $catalogue->seasons(), static fn (?array $months): bool => $months !== null),
        );
    }

    /** @return array{int, int}|null null for what has no season */
    public function monthsOf(string $slug): ?array
    {
        return $this->months[$slug] ?? null;
    }

    /** Whether a season can be given to it. */
    public static function mayHave(Ingredient $ingredient): bool
    {
        return $ingredient->isOf(...self::GROWN);
    }

    /** True for what has a season and is in it. */
    public function isIn(string $slug, int $month): bool
    {
        $months = $this->months[$slug] ?? null;
        if ($months === null) {
            return false;
        }
        [$first, $last] = $months;

        return $first <= $last ? $month >= $first && $month <= $last : $month >= $first || $month <= $last;
    }

    /** True for what has a season and is out of it. */
    public function isOut(string $slug, int $month): bool
    {
        return isset($this->months[$slug]) && ! $this->isIn($slug, $month);
    }
}
