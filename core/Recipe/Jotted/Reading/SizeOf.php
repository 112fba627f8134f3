<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Recipe\Jotted\LineReader;

/** "butter the size of a walnut", "a walnut-sized lump of butter": a lump, by what it looks like. */
final readonly class SizeOf implements Construct
{
    public function of(string $line, bool $optional, LineReader $reader): ?array
    {
        $compared = implode('|', array_map(
            static fn (string $thing): string => preg_quote($thing, '/'),
            array_keys($reader->things->lexicon->page('size-of')),
        ));
        $lump = '(?:piece|lump|knob|chunk|ball|nut|bit)';
        foreach (
            [
                "/^(?:an?\\s+)?(?:{$lump}\\s+of\\s+)?(?<name>.+?),?\\s+(?:about\\s+)?(?:the\\s+)?size\\s+of\\s+"
                    ."(?:an?\\s+|your\\s+|my\\s+)?(?<size>{$compared})$/iu",
                "/^(?:an?\\s+|one\\s+|1\\s+)?(?<size>{$compared})(?:[- ]sized?)\\s+{$lump}s?\\s+of\\s+(?<name>.+)$/iu",
                "/^an?\\s+(?<size>{$compared})\\s+of\\s+(?<name>.+)$/iu",
            ] as $shape
        ) {
            if (preg_match($shape, $line, $match) === 1 && $reader->things->naming->means($match['name'])) {
                $grams = $reader->things->lexicon->says('size-of', mb_strtolower($match['size']));

                return [$reader->things->line(
                    $match['name'],
                    "about {$grams} g",
                    $optional,
                    "the size of: {$match['size']}",
                )];
            }
        }

        return null;
    }
}
