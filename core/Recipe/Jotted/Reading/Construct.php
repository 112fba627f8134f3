<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Recipe\Jotted\JottedLine;
use Vinculum\Recipe\Jotted\LineReader;

/**
 * One way a line of a list may be built, other than a thing with its amount. It says what the line would mean built
 * so; whether it is built so, is decided by what is left over.
 */
interface Construct
{
    /** @return list<JottedLine>|null null where the line cannot be built so */
    public function of(string $line, bool $optional, LineReader $reader): ?array;
}
