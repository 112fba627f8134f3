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
    /** @var array<int, WeighedLine> lines that are there, by place */
    private array $lines;

    /** @var array<int, array<string, true>> kinds and traits of each, "kind fruit" */
    private array $are;

    /** @var array<string, array<int, WeighedLine>> the same the other way round: lines by "kind fruit" */
    private array $where;

    /** @var array<string, bool> what is true of the whole sauce */
    private array $sauceIs;

    public function __construct(private Facts $sauce)
    {
        $this->lines = $sauce->present() + $sauce->unknown();
        $are = [];
        foreach ($this->lines as $place => $line) {
            $are[$place] = [];
            foreach ($line->ingredient->kinds ?? [] as $kind) {
                $are[$place]["kind {$kind}"] = true;
            }
            foreach ($line->ingredient->traits ?? [] as $trait) {
                $are[$place]["trait {$trait}"] = true;
            }
        }
        $this->are = $are;
        $where = [];
        foreach ($are as $place => $each) {
            foreach ($each as $is => $_) {
                $where[$is][$place] = $this->lines[$place];
            }
        }
        $this->where = $where;
        $fat = new InFat($sauce);
        $isUnder = $fat->liesUnderOil();
        $isDry = $isUnder && $fat->isFriedDry();
        $this->sauceIs = [
            'fermented' => $sauce->isLeftToSour(),
            'under-oil' => $isUnder && ! $isDry,
            'fried-dry' => $isDry,
            'in-drops' => ! $isUnder && $fat->isOily(),
        ];
    }

    /**
     * @param KeepingRow $row
     * @return list<int> places of lines that are there
     */
    public function of(array $row): array
    {
        $found = [];
        foreach ($row['of'] as $any) {
            $isListed = $any['word'] === 'kind' || $any['word'] === 'trait';
            $lines = $isListed ? $this->where["{$any['word']} {$any['name']}"] ?? [] : $this->lines;
            foreach ($lines as $place => $line) {
                $is = $isListed || $this->is($line, $place, $any['word'], $any['name']);
                if ($is && ! isset($found[$place]) && $this->isAsAsked($line, $place, $row)) {
                    $found[$place] = true;
                }
            }
        }

        return array_keys($found);
    }

    /** @param KeepingRow $row */
    private function isAsAsked(WeighedLine $line, int $place, array $row): bool
    {
        foreach ($row['only'] as $asked) {
            if ($this->is($line, $place, $asked['word'], $asked['name']) === $asked['not']) {
                return false;
            }
        }

        return true;
    }

    private function is(WeighedLine $line, int $place, string $word, string $name): bool
    {
        if ($name !== '' && $word !== 'hazard') {
            return isset($this->are[$place]["{$word} {$name}"]);
        }
        $thing = $line->ingredient;

        return $this->sauceIs[$word] ?? match ($word) {
            'hazard' => isset($this->are[$place]["trait {$name}"])
                || ($thing === null && $this->isHazard($line, $name)),
            'unread' => $thing === null,
            'bought' => isset($this->are[$place]['trait bought']),
            'raw' => ! $this->sauce->treatment->isCooked($place),
            'cooked' => $this->sauce->treatment->isCooked($place),
            'prepared' => $this->sauce->treatment->isCooked($place)
                || ! isset($this->are[$place]['trait fresh-plant']),
            'soaked' => $this->sauce->treatment->isSoaked($line),
            default => false,
        };
    }

    private function isHazard(WeighedLine $line, string $name): bool
    {
        return isset($this->sauce->cooked->weighed->vocabulary->hazardsNamed($line->line->words())[$name]);
    }
}
