<?php

declare(strict_types=1);

namespace Vinculum\Recipe;

/** What is done to the pot once a stage's lines are in it. */
enum ProcessKind: string
{
    case None = 'none';
    case Soak = 'soak';
    case Fry = 'fry';
    case Warm = 'warm';
    case Simmer = 'simmer';
    case Boil = 'boil';
    case Roast = 'roast';
    case Flame = 'flame';
    case Grill = 'grill';
    case Blend = 'blend';
    case Ferment = 'ferment';
    case Rest = 'rest';
    case Chill = 'chill';

    /** Whether it is in a pan with water boiling off. */
    public function simmers(): bool
    {
        return $this === self::Simmer || $this === self::Boil;
    }
}
