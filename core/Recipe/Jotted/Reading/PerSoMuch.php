<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Recipe\Jotted\LineReader;

/** "garlic, 1 clove per 100 g tahini": how much that comes to is asked. */
final readonly class PerSoMuch implements Construct
{
    public function of(string $line, bool $optional, LineReader $reader): ?array
    {
        if (preg_match('/^(.{3,}?),?\s+(per\s+\d.*)$/iu', $line, $match) !== 1) {
            return null;
        }
        $read = $reader->unasked($match[1]);
        $first = $read[0];
        $ask = "It says “{$match[2]}”. How much {$first->named->words} is that?";

        return [
            $first->asking('amount', $ask, [$first->amount]),
            ...array_slice($read, 1),
        ];
    }
}
