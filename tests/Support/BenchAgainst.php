<?php

declare(strict_types=1);

namespace Tests\Support;

/**
 * The bench at two commits, in turn on one machine, so that its noise cannot hide a loss: each line now, and its
 * ratio to
 * the same line before.
 */
final class BenchAgainst
{
    /** Rounds of each, one after the other. */
    private const ROUNDS = 5;

    /** @return int exit code: 1 where the commit is not there */
    public static function run(string $revision): int
    {
        $root = Server::root();
        exec(
            'git -C '.escapeshellarg($root).' rev-parse --verify --quiet '.escapeshellarg("{$revision}^{commit}"),
            $found,
            $status,
        );
        if ($status !== 0) {
            fwrite(
                STDERR,
                "Vinculum: there is no commit “{$revision}”. Use: bin/bench --against REV, such as HEAD~10.\n",
            );

            return 1;
        }
        $folder = sys_get_temp_dir().'/vinculum-bench-'.bin2hex(random_bytes(6));
        self::shell(
            'git -C '
                .escapeshellarg($root)
                .' worktree add --quiet --detach '
                .escapeshellarg($folder)
                .' '
                .escapeshellarg($found[0]),
        );
        try {
            // of its own, so that its classes are that commit's
            self::shell('cp -r '.escapeshellarg("{$root}/vendor").' '.escapeshellarg("{$folder}/vendor"));
            copy("{$root}/bin/bench", "{$folder}/bin/bench");
            copy(__FILE__, "{$folder}/tests/Support/BenchAgainst.php");
            $now = $then = [];
            for ($round = 0; $round < self::ROUNDS; $round++) {
                $now[] = self::lines($root);
                $then[] = self::lines($folder);
            }
        } finally {
            self::shell('git -C '.escapeshellarg($root).' worktree remove --force '.escapeshellarg($folder));
        }
        printf(
            "%-58s %10s %10s %7s   %s\n",
            "least of five medians, ms, against {$revision}",
            'now',
            'then',
            'ratio',
            '',
        );
        foreach ($now[0] as $what => [, $aim]) {
            [$here, $there] = [self::least($now, $what), self::least($then, $what)];
            printf(
                "%-58s %10.2f %10s %7s   %s\n",
                $what,
                $here,
                $there === null ? 'not there' : sprintf('%.2f', $there),
                $there === null ? '' : sprintf('%.2f', $here / $there),
                $aim,
            );
        }

        return 0;
    }

    /** @return array<string, array{float, string}> median in ms and the aim, by what was measured */
    private static function lines(string $root): array
    {
        // what an older commit has no class for ends its run; the lines before that count
        exec(escapeshellarg("{$root}/bin/bench").' --core 2>/dev/null', $output);
        $lines = [];
        foreach ($output as $line) {
            if (preg_match('/^(core: .*?)\s+median ([\d.]+) ms, p95 [\d.]+ ms\s+(.*)$/', $line, $match) === 1) {
                $lines[$match[1]] = [(float) $match[2], $match[3]];
            }
        }

        return $lines;
    }

    /** @param list<array<string, array{float, string}>> $rounds */
    private static function least(array $rounds, string $what): ?float
    {
        $found = array_filter(
            array_map(static fn (array $round): ?float => $round[$what][0] ?? null, $rounds),
            is_float(...),
        );

        // what else the machine does only ever adds
        return $found === [] ? null : min($found);
    }

    private static function shell(string $command): void
    {
        exec("{$command} 2>&1", $output, $status);
        if ($status !== 0) {
            throw new \RuntimeException("{$command}: ".implode("\n", $output));
        }
    }
}
