<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Recipe\Jotted\LineKind;

/** What stands under a heading: the list, the method, or what is said besides. */
final class Heading
{
    /** Whether what stands under a heading is the list. */
    public static function opensList(string $heading): bool
    {
        return preg_match(
            '/^(?:the )?(?:ingredients?|you(?:’|\')?(?:ll| will)? need|what you need)$/iu',
            $heading,
        ) === 1;
    }

    /** Whether what stands under a heading is method. */
    public static function opensMethod(string $heading): bool
    {
        return preg_match(
            '/^#*\s*(?:the )?(?:method|directions|instructions|steps|procedure|preparation|how to)\b/iu',
            $heading,
        ) === 1;
    }

    /** Whether what stands under a heading is said besides, whatever it names: "Notes", "Variations". */
    public static function opensRemarks(string $heading): bool
    {
        return preg_match(
            '/^#*\s*(?:the |my |cook’s |cook\'s )?(?:(?:recipe )?notes?|tips?|variations?|storage|storing|'
                .'serving suggestions?|'
                .'nutrition(?: facts| information)?|about (?:this|the) \w+)\s*:?$/iu',
            $heading,
        ) === 1;
    }

    /** Remarks go on until the next heading that looks like one: "For a hotter sauce" is none. */
    public static function endsRemarks(LineKind $kind, string $raw): bool
    {
        return match ($kind) {
            LineKind::Rule, LineKind::Servings => true,
            LineKind::Heading => preg_match('/^(?:#|\*\*|__)|:$/u', $raw) === 1
                || preg_match('/^(?:ingredients|method|directions|instructions)$/iu', $raw) === 1,
            default => false,
        };
    }
}
