<?php

declare(strict_types=1);

namespace Vinculum\Safety\Keeping;

use Vinculum\Pantry\KeepingPage;
use Vinculum\Recipe\WeighedLine;
use Vinculum\Safety\Facts;
use Vinculum\Safety\InFat;

/**
 * Which lines of a sauce a row of database/keeping.txt is about: what they are, and what was done to them.
 *
 * @phpstan-import-type KeepingRow from KeepingPage
 */
final readonly class Things
{
    private InFat $fat;

    public function __construct(private Facts $sauce)
    {
        $this->fat = new InFat($sauce);
    }

    /**
     * @param KeepingRow $row
     * @return list<int> places of lines that are there
     */
    public function of(array $row): array
    {
        $found = [];
        foreach ($this->sauce->present() + $this->sauce->unknown() as $place => $line) {
            if ($this->isOne($line, $place, $row)) {
                $found[] = $place;
            }
        }

        return $found;
    }

    /** @param KeepingRow $row */
    private function isOne(WeighedLine $line, int $place, array $row): bool
    {
        $isAny = false;
        foreach ($row['of'] as $asked) {
            $isAny = $isAny || $this->is($line, $place, $asked['word'], $asked['name']);
        }
        foreach ($isAny ? $row['only'] : [] as $asked) {
            if ($this->is($line, $place, $asked['word'], $asked['name']) === $asked['not']) {
                return false;
            }
        }

        return $isAny;
    }

    private function is(WeighedLine $line, int $place, string $word, string $name): bool
    {
        $thing = $line->ingredient;

        return match ($word) {
            'kind' => $thing?->isOf($name) === true,
            'trait' => $thing?->is($name) === true,
            'named' => $thing === null && preg_match("/\\b(?:{$name})s?\\b/iu", $line->line->ingredient) === 1,
            'hazard' => $thing?->is($name) === true || ($thing === null && $this->isHazard($line, $name)),
            'unread' => $thing === null,
            'bought' => $thing?->is('bought') === true,
            'raw' => ! $this->sauce->treatment->isCooked($place),
            'cooked' => $this->sauce->treatment->isCooked($place),
            'prepared' => $this->sauce->treatment->isCooked($place) || $thing?->is('fresh-plant') !== true,
            'soaked' => $this->sauce->treatment->isSoaked($line),
            'fermented' => $this->sauce->isLeftToSour(),
            'under-oil' => $this->fat->liesUnderOil() && ! $this->fat->isFriedDry(),
            'fried-dry' => $this->fat->liesUnderOil() && $this->fat->isFriedDry(),
            'in-drops' => $this->fat->isOily() && ! $this->fat->liesUnderOil(),
            default => false,
        };
    }

    private function isHazard(WeighedLine $line, string $name): bool
    {
        $words = "{$line->line->amount} {$line->line->ingredient} {$line->line->prep}";

        return isset($this->sauce->cooked->weighed->vocabulary->hazardsNamed($words)[$name]);
    }
}
