<?php

declare(strict_types=1);

namespace Vinculum\Pantry;

/** When things are in season; a table a household changes for where it is. */
final readonly class Seasons
{
    /**
     * @param array<string, array{int, int}> $months first and last, by slug; the last may lie in the next year
     */
    public function __construct(private array $months) {}

    /** @return array{int, int}|null null for what has no season */
    public function of(string $slug): ?array
    {
        return $this->months[$slug] ?? null;
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
