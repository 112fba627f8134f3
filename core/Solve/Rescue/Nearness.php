<?php

declare(strict_types=1);

namespace Vinculum\Solve\Rescue;

use Vinculum\Pantry\Ingredient;
use Vinculum\Solve\Feel;

/** How near a thing lies to the sauce it may go into: of two that do the same, the nearer is reached for. */
final readonly class Nearness
{
    /** g of sugar in 100 g from which a sauce is set by pectin and sugar, and not by starch; judgement. */
    private const SETS_LIKE_JAM = 45.0;

    public function __construct(private Equations $equations, private Candidates $candidates) {}

    /**
     * 2 for a line of the sauce and for boiling off, 1 for water and starch, 0 for what is new to it and what is only
     * chopped into it, which is no seasoning.
     *
     * @param Ingredient|null $thing null for boiling off
     */
    public function of(?Ingredient $thing): int
    {
        return match (true) {
            $thing === null => 2,
            // what is not hot enough takes more of its own chilli, in pieces or not
            $this->candidates->made->isItsMissingHeat($thing) => 2,
            Room::isChoppedIn($thing) => 0,
            // salt is what salts, before the mustard and the cheese
            $this->equations->isOnlyToSeason() && ! $thing->isSeasoning() && ! $thing->isPlain('water') => 0,
            $thing->slug !== $this->equations->boiledAway && $this->candidates->isBehindItsBody($thing) => 0,
            $this->candidates->made->isOwn($thing) => 2,
            // every kitchen has water, and starch before any gum but in what sets like a jam
            $thing->isPlain('water') => 1,
            $thing->isOf('starch') => Feel::Sweet->value($this->equations->pot) < self::SETS_LIKE_JAM ? 1 : 0,
            default => 0,
        };
    }
}
