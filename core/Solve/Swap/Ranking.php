<?php

declare(strict_types=1);

namespace Vinculum\Solve\Swap;

use Vinculum\Pantry\Aroma;
use Vinculum\Pantry\Ingredient;

/** How far a stand-in is from what it stands in for. */
final readonly class Ranking
{
    public function __construct(private Equations $equations) {}

    /**
     * How far a stand-in is from what it stands in for: what it leaves of taste and smell, what else it is for, how
     * much else has to move, and what the maker has and remembers. In steps, about.
     *
     * @param non-empty-list<Ingredient> $things
     * @param list<float> $grams
     */
    public function distance(array $things, array $grams, float $steps, float $whiff, int $helpers): float
    {
        $out = $this->equations->out->ingredient;
        if ($out === null) {
            return INF;
        }
        $roles = array_values(
            array_unique(array_merge(...array_map(static fn (Ingredient $thing): array => $thing->roles, $things))),
        );
        $shared
            = count(array_intersect($out->roles, $roles)) / max(1, count(array_unique([...$out->roles, ...$roles])));
        $weights = array_sum($grams);
        // a line that is there for its taste is missed less for its smell
        $distance
            = 1.2 * $steps
            + ($this->equations->isFor === null ? 1.0 : 0.3) * min(3.0, $whiff)
            + 2.0 * (1 - $shared)
            + 0.3 * $helpers
            + 0.35 * (count($things) - 1);
        foreach ($things as $i => $thing) {
            $share = $grams[$i] / $weights;
            $distance
                += $share
                * (1.2 * (1 - Aroma::likeness($out, $thing))
                    + ($thing->isBeside($out) ? 0.0 : 0.6)
                    + ($thing->form === $out->form ? 0.0 : 0.6));
            $distance += $this->equations->wishes->isToCheck($thing) ? 0.7 : 0.0;
            $distance -= in_array($thing->slug, $this->equations->wishes->onHand, true) ? 0.6 * $share : 0.0;
            $distance -= in_array($thing->slug, $this->equations->wishes->inSeason, true) ? 0.4 * $share : 0.0;
            $distance += in_array($thing->slug, $this->equations->wishes->outOfSeason, true) ? 0.4 * $share : 0.0;
            $distance -= 4.0 * ($this->equations->wishes->remembered[$thing->slug] ?? 0);
        }
        // fifty times as much of a thing, or a fiftieth, is something else
        $distance += max(0.0, abs(log($weights / $this->equations->out->grams)) - 2.5);

        return $distance;
    }
}
