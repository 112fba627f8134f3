<?php

declare(strict_types=1);

namespace Tests\Support;

/** GNU units, asked for a conversion: a reference outside this project. */
final class GnuUnits
{
    /** The number that the first amount comes to in the second unit. */
    public static function convert(string $have, string $want): float
    {
        $process = proc_open(
            ['units', '-t', '-d', '12', $have, $want],
            [1 => ['pipe', 'w'], 2 => ['pipe', 'w']],
            $pipes,
        );
        if ($process === false) {
            throw new \RuntimeException('GNU units did not start.');
        }
        $said = trim((string) stream_get_contents($pipes[1]));
        proc_close($process);
        if (! is_numeric($said)) {
            throw new \RuntimeException("GNU units on {$have} in {$want}: {$said}");
        }

        return (float) $said;
    }
}
