<?php

declare(strict_types=1);

namespace Tests\Support;

use Vinculum\Figure\Sentence;
use Vinculum\Words\Speech;

/** A sentence as somebody with grams, millilitres and a decimal point reads it. */
final class Say
{
    public static function it(?Sentence $sentence): string
    {
        return $sentence === null ? '' : Speech::usual()->say($sentence);
    }
}
