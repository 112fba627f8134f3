<?php

declare(strict_types=1);

namespace Tests\Support\Mutation;

/** Several workers at once, and the wait until all have ended. */
final class Forked
{
    /** @param \Closure(int): void $work told which worker it is, from 0 */
    public static function each(int $jobs, \Closure $work): void
    {
        $workers = [];
        for ($job = 0; $job < $jobs; $job++) {
            $pid = pcntl_fork();
            if ($pid === 0) {
                $work($job);
                exit(0);
            }
            $workers[] = $pid;
        }
        foreach ($workers as $pid) {
            pcntl_waitpid($pid, $status);
        }
    }
}
