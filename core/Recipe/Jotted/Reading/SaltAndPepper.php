<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Recipe\Jotted\JottedLine;
use Vinculum\Recipe\Jotted\LineReader;

/** Written short. */
final readonly class SaltAndPepper implements Construct
{
    /** @return list<JottedLine>|null */
    public function of(string $line, bool $optional, LineReader $reader): ?array
    {
        return preg_match('/^s\s*(?:&|and|\+|n)\s*p\b(?:,?\s*(?:to|as) (?:taste|needed))?\.?$/iu', $line)
            === 1
            ? [$reader->things->line('salt', 'to taste'), $reader->things->line('black pepper', 'to taste')]
            : null;
    }
}
