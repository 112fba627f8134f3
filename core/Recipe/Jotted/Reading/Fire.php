<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

/** How hot a pot is kept, and whether under a lid. */
final class Fire
{
    /** low, medium or high; null where it is not said. */
    public static function heat(string $said): ?string
    {
        return match (true) {
            preg_match('/\b(?:low(?:est)?|gentle|gently|slow(?:ly)?|barely)\b/u', $said) === 1 => 'low',
            preg_match('/\bmedium\b|\bmoderate\b/u', $said) === 1 => 'medium',
            preg_match('/\b(?:high|hard|rapid(?:ly)?|brisk(?:ly)?|fast|rolling|fierce)\b/u', $said) === 1
                => 'high',
            default => null,
        };
    }

    /** Whether the lid is on; null where it is off or not said. */
    public static function lid(string $said): ?bool
    {
        return match (true) {
            preg_match(
                '/\blid off\b|\buncovered\b|\bwithout (?:a|the) lid\b|\bopen pan\b|\bno lid\b/u',
                $said,
            ) === 1
                => null,
            preg_match(
                '/\blid(?:ded)? on\b|\blidded\b|\bcovered\b|\bcover and\b|\bwith (?:a|the) lid\b|\bunder a lid\b|'
                    .'\bput (?:a|the) '
                    .'lid\b|^cover\b/u',
                $said,
            ) === 1
                => true,
            default => null,
        };
    }

    /** Whether its minutes hold the heating up: "5 minutes up to the boil", "4 to 5 min until it thickens". */
    public static function isFromCold(string $said): bool
    {
        return preg_match('/\bsimmer|\b(?:once|when|after)\b[^.]*\b(?:boil|bubbl)/u', $said) !== 1
            && preg_match('/\bmin/u', $said) === 1
            && preg_match(
                '/\bup to (?:the|a) (?:boil|simmer)\b|\buntil\b[^.]*\b(?:boils|comes to (?:the|a) (?:boil|simmer)|'
                    .'thickens|thickened|clear)\b/u',
                $said,
            ) === 1;
    }
}
