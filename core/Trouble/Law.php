<?php

declare(strict_types=1);

namespace Vinculum\Trouble;

/**
 * One way a pot may go wrong. Every class in Laws/ is one, and is asked of every stage: to add one, add a file. A law
 * asks for traits, kinds and what happened, never for a name.
 */
interface Law
{
    /** Null where nothing goes wrong. */
    public function of(Moment $moment): ?Trouble;
}
