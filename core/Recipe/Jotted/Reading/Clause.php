<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

/** A clause of a method as it is read: in small letters, and without what is not to be done. */
final class Clause
{
    public static function said(string $clause): string
    {
        // "45ish mins", "3 wks"
        $said = (string) preg_replace(
            ['/(?<=\d)[ -]?ish\b/u', '/(?<=\d)\s*wks?\b/u'],
            ['', ' weeks'],
            mb_strtolower($clause),
        );
        // "the rest of the milk" rests nowhere, and "(up to three days)" is how long it may
        $said = (string) preg_replace(
            ['/\([^()]*\bup to\b[^()]*\)/u', '/\b(?:the|and) rest\b(?= of|[ ,.]|$)/u'],
            [' ', ' remaining '],
            $said,
        );
        // what is not to be done, and how it keeps, are no steps
        return (string) preg_replace(
            '/\b(?:do not|don[’\']?t|never|without|before it|instead of|rather than|'
                .'avoid)\s+(?:let(?:ting)?\s+(?:it|them|this)\s+)?\w+(?:\s+it)?(?:\s+hard)?/u',
            ' ',
            $said,
        );
    }
}
