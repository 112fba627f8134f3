<?php

declare(strict_types=1);

namespace Tests\Support\Mutation;

/**
 * Whether a mutant dies: the tests of its room are run on it, then all of Core. A copy of a number in a document
 * kills none.
 */
final class Trial
{
    /** Seconds after which a run is given up: what never ends has been noticed. */
    private const PATIENCE = 240;

    /**
     * Tests that hold a number against its copy, or the text of the code: they would kill what nothing else notices.
     */
    private const COPIES = ['ConstantsTest.php', 'HouseTest.php'];

    /**
     * @param list<list<string>> $rounds tests, room first
     */
    private function __construct(private readonly string $root, private readonly array $rounds) {}

    /** @param bool $ownOnly the tests of the room alone */
    public static function in(string $root, string $room, bool $ownOnly = false): self
    {
        $all = [];
        foreach (glob("{$root}/tests/Core/*") ?: [] as $path) {
            if (! in_array(basename($path), self::COPIES, true)) {
                $all[] = $path;
            }
        }
        $own = is_dir("{$root}/tests/Core/{$room}") ? ["{$root}/tests/Core/{$room}"] : [];
        foreach (glob("{$root}/tests/Reference/*Test.php") ?: [] as $path) {
            $text = (string) file_get_contents($path);
            // what asks another program takes its time, and is asked by bin/test
            if (
                str_contains($text, "Vinculum\\{$room}\\")
                && ! str_contains($text, 'python3')
                && ! str_contains($text, 'SciPy')
            ) {
                $own[] = $path;
            }
        }

        return new self($root, $ownOnly ? [$own] : [$own, array_values(array_diff($all, $own))]);
    }

    /** What is held against something outside alone: no answers, no reading, and nothing that asks another program. */
    public static function ofReferences(string $root): self
    {
        $checks = array_filter(
            glob("{$root}/tests/Reference/*Test.php") ?: [],
            static fn (string $path): bool => preg_match(
                '/python3|SciPy::|Vinculum.(?:Solve|Safety|Plan|Recipe.Jotted)/',
                (string) file_get_contents($path),
            ) !== 1,
        );

        return new self($root, [array_values($checks)]);
    }

    /** The test that noticed; '' where none did. */
    public function killedBy(Mutant $mutant): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'mutant');
        file_put_contents($file, $mutant->code);
        try {
            foreach ($this->rounds as $tests) {
                $killer = $tests === [] ? '' : $this->run($file, $tests);
                if ($killer !== '') {
                    return $killer;
                }
            }
        } finally {
            unlink($file);
        }

        return '';
    }

    /** @param list<string> $tests */
    private function run(string $file, array $tests): string
    {
        $suite = '';
        foreach ($tests as $test) {
            $suite .= is_dir($test) ? "<directory>{$test}</directory>" : "<file>{$test}</file>";
        }
        $config = (string) tempnam(sys_get_temp_dir(), 'mutant');
        file_put_contents(
            $config,
            "<phpunit bootstrap=\"{$this->root}/tests/bootstrap.php\" cacheResult=\"false\"><testsuites><testsuite "
                ."name=\"x\">{$suite}</testsuite></testsuites></phpunit>",
        );
        $command = [
            'timeout',
            (string) self::PATIENCE,
            PHP_BINARY,
            '-d',
            'opcache.enable_cli=1',
            '-d',
            'opcache.jit=disable',
            '-d',
            'memory_limit=1G',
            "{$this->root}/vendor/bin/phpunit",
            '-c',
            $config,
            '--stop-on-defect',
            '--no-progress',
        ];
        $process = proc_open(
            $command,
            [['file', '/dev/null', 'r'], ['pipe', 'w'], ['file', '/dev/null', 'w']],
            $pipes,
            $this->root,
            ['VINCULUM_MUTANT' => $file] + getenv(),
        );
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
