<?php

declare(strict_types=1);

namespace Tests\Support;

/** SciPy, as Debian packages it: a reference outside this project. */
final class SciPy
{
    /**
     * @param string $script beside this folder, under tests/Reference
     * @return array<array-key, mixed> what it prints
     */
    public static function run(string $script, mixed $input, string ...$arguments): array
    {
        $process = proc_open(
            ['/usr/bin/python3', Server::root()."/tests/Reference/{$script}", ...array_values($arguments)],
            [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']],
            $pipes,
        );
        if ($process === false) {
            throw new \RuntimeException('python3 did not start.');
        }
        fwrite($pipes[0], json_encode($input, JSON_THROW_ON_ERROR));
        fclose($pipes[0]);
        $said = (string) stream_get_contents($pipes[1]);
        $trouble = (string) stream_get_contents($pipes[2]);
        proc_close($process);
        $answer = json_decode($said, true);

        return is_array($answer) ? $answer : throw new \RuntimeException("SciPy on {$script}: {$trouble}");
    }
}
