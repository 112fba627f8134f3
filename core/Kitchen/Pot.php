<?php

declare(strict_types=1);

namespace Vinculum\Kitchen;

use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Mixture;

/**
 * The pot while it is cooked: what each line has left in it, and how the whole answers to each line's amount.
 *
 * Both are carried through every process, so that contributions add up exactly to the mixture, and intervals need no second
 * pass. Rows are by line; tangents are d(total of a constituent) / d ln(amount), by the line that decides the amount.
 */
final class Pot
{
    /** @var array<int, list<float>> g of each constituent, by line */
    public array $rows = [];

    /** @var array<int, array<int, float>> g per unit ln(amount), by deciding line */
    public array $tangents = [];

    /** @var array<int, float> g of each constituent in the pot */
    public array $totals;

    public function __construct()
    {
        $this->totals = array_fill(0, Constituent::COUNT, 0.0);
    }

    /**
     * @param list<float> $perGram composition, g per g
     */
    public function add(int $line, int $source, float $grams, array $perGram): void
    {
        $row = [];
        $tangent = $this->tangents[$source] ?? array_fill(0, Constituent::COUNT, 0.0);
        foreach ($perGram as $constituent => $share) {
            $mass = $grams * $share;
            $row[] = $mass;
            $this->totals[$constituent] += $mass;
            $tangent[$constituent] += $mass;
        }
        $this->rows[$line] = $row;
        $this->tangents[$source] = $tangent;
    }

    /**
     * Takes water off as steam, from every line in proportion to the water it has there.
     *
     * @param float $grams at most the water in the pot
     * @param array<int, float> $tangents d(grams) / d ln(amount), by deciding line
     */
    public function boilOff(float $grams, array $tangents): void
    {
        $water = $this->totals[Constituent::WATER];
        if ($water <= 0.0) {
            return;
        }
        $left = ($water - $grams) / $water;
        foreach ($this->rows as $line => $row) {
            $this->rows[$line][Constituent::WATER] = $row[Constituent::WATER] * $left;
        }
        foreach ($tangents as $source => $tangent) {
            $this->tangents[$source][Constituent::WATER] -= $tangent;
        }
        $this->totals[Constituent::WATER] = $water - $grams;
    }

    public function mass(): float
    {
        return Mixture::massOf($this->totals);
    }

    public function mixture(): Mixture
    {
        return Mixture::of(array_values($this->totals));
    }
}
