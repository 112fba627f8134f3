<?php

declare(strict_types=1);

namespace Vinculum\Solve\Swap;

use Vinculum\Pantry\Ingredient;
use Vinculum\Safety\Need;

/**
 * What a stand-in should be like besides tasting right: what there is, what is in season, what was tried before, what
 * is ruled out.
 */
final readonly class Criteria
{
    /**
     * @param list<string> $onHand slugs
     * @param list<string> $inSeason slugs
     * @param list<string> $outOfSeason slugs
     * @param array<string, int> $remembered what the maker thought of it before, by slug: 1 good, 0 so-so, -1 not again
     * @param list<Need> $needs
     * @param list<string> $never slugs of what never comes into this house
     */
    public function __construct(
        public array $onHand = [],
        public array $inSeason = [],
        public array $outOfSeason = [],
        public array $remembered = [],
        public array $needs = [],
        public array $never = [],
    ) {}

    /**
     * @param list<Need> $needs
     * @param list<string> $nor slugs of what is ruled out besides
     */
    public function freeOf(array $needs, array $nor): self
    {
        return new self(
            $this->onHand,
            $this->inSeason,
            $this->outOfSeason,
            $this->remembered,
            $needs,
            [...$this->never, ...$nor],
        );
    }

    /** What is ruled out by a need; some kinds of it being so only counts against it. */
    public function ruleOut(Ingredient $ingredient): bool
    {
        if ($ingredient->is('refused') || in_array($ingredient->slug, $this->never, true)) {
            return true;
        }
        foreach ($this->needs as $need) {
            if ($need->verdict($ingredient) === 'against') {
                return true;
            }
        }

        return false;
    }

    public function isToCheck(Ingredient $ingredient): bool
    {
        foreach ($this->needs as $need) {
            if ($need->verdict($ingredient) === 'check') {
                return true;
            }
        }

        return false;
    }
}
