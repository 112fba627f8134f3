<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Recipe\Jotted\JottedAmount;
use Vinculum\Recipe\Jotted\JottedLine;
use Vinculum\Recipe\Jotted\LineReader;
use Vinculum\Recipe\Jotted\Named;

/** A thing, and some of what it lies in. */
final readonly class InItsLiquid implements Construct
{
    /**
     * "1 chipotle in adobo plus 1 tbsp of the sauce": what it lies in goes in too, and is a line of its own.
     *
     * @return list<JottedLine>|null
     */
    public function of(string $line, bool $optional, LineReader $reader): ?array
    {
        if (
            preg_match(
                '/^(.+?)\s*,?\s*\(?(?:\bplus\b|\band\b|\bwith\b|\+|&)\s+(.*?\S)\s+(?:of\s+)?(?:the|its|their)\s+'
                    .'((?:\p{L}+\s+)?(?:sauce|liquid|brine|juices?|syrup|oil|liquor))\)?$/iu',
                $line,
                $match,
            ) !== 1
            || ! $reader->things->namesOne(JottedAmount::at($match[1], $reader->things->kit))
            || ($amount = JottedAmount::at("{$match[2]} {$match[3]}", $reader->things->kit)) === null
        ) {
            return null;
        }
        $first = $reader->unasked($match[1]);
        $of = $first[0]->named;
        // an oil is an oil; what a sauce or a brine is, is not known for sure: it tastes of what lies in it
        $said = $reader->things->naming->of($match[3]);
        $liquid = $said->isSure
            ? $said
            : new Named($of->ingredient, "{$match[3]} of {$of->words}", '', false);

        return [...$first, $reader->things->made($liquid, $amount->text, $optional, '', [])];
    }
}
