<?php

declare(strict_types=1);

namespace Tests\Support\Mutation;

/** PHPUnit on some files, in a process of its own, up to its first failure. */
final class Suite
{
    /** Seconds after which a run is given up: what never ends has been noticed. */
    private const PATIENCE = 240;

    /**
     * What failed first; '' where nothing did.
     *
     * @param list<string> $tests files or folders
     * @param array<string, string> $environment
     * @param list<string> $options of PHP
     */
    public static function run(string $root, array $tests, array $environment, array $options = []): string
    {
        $suite = '';
        foreach ($tests as $test) {
            $suite .= is_dir($test) ? "<directory>{$test}</directory>" : "<file>{$test}</file>";
        }
        $config = (string) tempnam(sys_get_temp_dir(), 'mutant');
        file_put_contents(
            $config,
            "<phpunit bootstrap=\"{$root}/tests/bootstrap.php\" cacheResult=\"false\"><testsuites><testsuite "
                ."name=\"x\">{$suite}</testsuite></testsuites></phpunit>",
        );
        $command = [
            'timeout',
            (string) self::PATIENCE,
            PHP_BINARY,
            ...['-d', 'opcache.enable_cli=1', '-d', 'opcache.jit=disable', '-d', 'memory_limit=1G', ...$options],
            "{$root}/vendor/bin/phpunit",
            ...['-c', $config, '--stop-on-defect', '--no-progress'],
        ];
        $files = [['file', '/dev/null', 'r'], ['pipe', 'w'], ['file', '/dev/null', 'w']];
        $process = proc_open($command, $files, $pipes, $root, $environment + getenv());
        if ($process === false) {
            throw new \RuntimeException('The tests did not start.');
        }
        $said = (string) stream_get_contents($pipes[1]);
        $status = proc_close($process);
        unlink($config);

        return match (true) {
            $status === 0 => '',
            preg_match('/^1\) (.+)$/m', $said, $match) === 1 => $match[1],
            default => $status === 124 ? 'it never ended' : 'it did not run',
        };
    }
}
