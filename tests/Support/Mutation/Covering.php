<?php

declare(strict_types=1);

namespace Tests\Support\Mutation;

/**
 * Which test files ever run a place of the code, and how long each takes: what never runs it cannot notice that it
 * changed. Measured once for a state of code and tests, each file of tests by itself, by the pcov extension.
 */
final readonly class Covering
{
    /** @param array<string, array{seconds: float, lines: array<string, list<int>>}> $tests by their path */
    private function __construct(private array $tests) {}

    /**
     * Null without the extension: then every test is asked.
     *
     * @param list<string> $tests paths of test files
     */
    public static function of(string $root, array $tests, int $jobs): ?self
    {
        if (! extension_loaded('pcov')) {
            return null;
        }
        $state = hash_init('xxh128');
        foreach ([...self::filesIn("{$root}/core"), ...self::filesIn("{$root}/tests"), ...$tests] as $path) {
            hash_update($state, $path.filemtime($path));
        }
        $kept = sys_get_temp_dir().'/covering-'.hash_final($state).'.json';
        if (! is_file($kept)) {
            fwrite(STDERR, count($tests)." files of tests are run once, to see what each runs\n");
            $partOf = static fn (int $job): string => "{$kept}.{$job}";
            Forked::each($jobs, function (int $job) use ($root, $tests, $jobs, $partOf): void {
                $found = [];
                foreach ($tests as $i => $test) {
                    if ($i % $jobs === $job) {
                        $found[$test] = self::measured($root, $test);
                    }
                }
                file_put_contents($partOf($job), json_encode($found, JSON_THROW_ON_ERROR));
            });
            $all = [];
            for ($job = 0; $job < $jobs; $job++) {
                $all += self::read($partOf($job));
                unlink($partOf($job));
            }
            file_put_contents($kept, json_encode($all, JSON_THROW_ON_ERROR));
        }

        return new self(self::read($kept));
    }

    /**
     * Of these tests the ones that run the place, the quickest first.
     *
     * @param list<string> $tests paths of test files
     * @param float $most seconds a test may take; INF for any
     * @return list<string>
     */
    public function thatRun(Mutant $mutant, array $tests, float $most): array
    {
        $place = array_fill_keys($mutant->lines, true);
        $running = array_filter($tests, function (string $test) use ($mutant, $place, $most): bool {
            if ($this->tests[$test]['seconds'] > $most) {
                return false;
            }
            $lines = $this->tests[$test]['lines'][$mutant->file] ?? [];

            return $place === [] ? $lines !== [] : array_intersect_key(array_fill_keys($lines, true), $place) !== [];
        });
        usort($running, fn (string $a, string $b): int => $this->tests[$a]['seconds'] <=> $this->tests[$b]['seconds']);

        return $running;
    }

    /** @return array{seconds: float, lines: array<string, list<int>>} */
    private static function measured(string $root, string $test): array
    {
        $into = (string) tempnam(sys_get_temp_dir(), 'covering');
        $began = microtime(true);
        Suite::run($root, [$test], ['VINCULUM_COVERING' => $into], ['-d', 'pcov.directory='.$root.'/core']);
        $seconds = microtime(true) - $began;
        /** @var array<string, list<int>> $lines */
        $lines = json_decode((string) file_get_contents($into) ?: '[]', true, flags: JSON_THROW_ON_ERROR);
        unlink($into);

        return ['seconds' => $seconds, 'lines' => $lines];
    }

    /** What a run of tests is told to note at its end: by tests/bootstrap.php. */
    public static function note(string $root, string $into): void
    {
        \pcov\start();
        register_shutdown_function(static function () use ($root, $into): void {
            \pcov\stop();
            $lines = [];
            /** @var array<string, array<int, int>> $collected */
            $collected = \pcov\collect();
            foreach ($collected as $file => $counts) {
                $lines[substr($file, strlen($root) + 1)] = array_keys(
                    array_filter($counts, static fn (int $count): bool => $count > 0),
                );
            }
            file_put_contents($into, json_encode($lines, JSON_THROW_ON_ERROR));
        });
    }

    /** @return array<string, array{seconds: float, lines: array<string, list<int>>}> */
    private static function read(string $path): array
    {
        /** @var array<string, array{seconds: float, lines: array<string, list<int>>}> */
        return json_decode((string) file_get_contents($path), true, flags: JSON_THROW_ON_ERROR);
    }

    /** @return list<string> */
    private static function filesIn(string $folder): array
    {
        $found = [];
        $all = new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS);
        /** @var \SplFileInfo $each */
        foreach (new \RecursiveIteratorIterator($all) as $each) {
            $found[] = $each->getPathname();
        }
        sort($found);

        return $found;
    }
}
