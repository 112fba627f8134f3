<?php

declare(strict_types=1);

namespace Vinculum\Stove;

use Vinculum\Cooking\Hob;
use Vinculum\Figure\Figure;
use Vinculum\Recipe\Process;

/** What is known of the time this household takes: its hands beside what is usual, and its hobs. */
final readonly class Clock
{
    /**
     * @param array<string, float> $paces how many times as long as usual, by the StepKind of the work
     * @param array<string, Figure> $hobs what its hobs are known to take off, g a minute, by Hob::name()
     */
    public function __construct(private array $paces = [], public array $hobs = []) {}

    /** How many times as long as usual a kind of work takes here. */
    public function pace(StepKind $kind): float
    {
        return $this->paces[$kind->value] ?? 1.0;
    }

    /** What this hob takes off, g a minute; null where nobody weighed. */
    public function hob(Process $process): ?Figure
    {
        return Hob::learned($process, $this->hobs);
    }
}
