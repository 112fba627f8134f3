<?php

declare(strict_types=1);

namespace Vinculum\Recipe;

/** How a making of a sauce ends. */
enum Ends: string
{
    case Hot = 'hot';
    case Cold = 'cold';
    case Jarred = 'jarred';
    case Frozen = 'frozen';
    case Base = 'base';

    /** In a word, as one of several to choose from. */
    public function short(): string
    {
        return $this === self::Base ? 'a base' : $this->value;
    }

    /** As it is said in a sentence. */
    public function called(): string
    {
        return match ($this) {
            self::Hot => 'hot, on the table',
            self::Cold => 'cold, on the table',
            self::Jarred => 'jarred',
            self::Frozen => 'frozen',
            self::Base => 'a base that waits',
        };
    }
}
