<?php

declare(strict_types=1);

namespace Tests\Http;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Server;

/**
 * The command a newcomer types first, when it cannot do what it is asked: one line that says why, and what would
 * work.
 */
final class StartTest extends TestCase
{
    /**
     * @return iterable<string, array{list<string>, string}> arguments, what is said
     */
    public static function slips(): iterable
    {
        yield 'a port that is no number' => [['--port', 'abc'], '--port takes a number from 1 to 65535.'];
        yield 'a port beyond the last' => [['--port=70000'], '--port takes a number from 1 to 65535.'];
        yield 'a word it does not know' => [
            ['--loud'],
            '“--loud” is not understood. Use: bin/start [--port N] [--empty] [--new] [--house [--house-port N]]',
        ];
    }

    /**
     * @param list<string> $arguments
     */
    #[DataProvider('slips')]
    public function test_says_what_it_takes(array $arguments, string $said): void
    {
        self::assertSame([1, "Vinculum: {$said}\n"], self::start($arguments));
    }

    public function test_a_taken_port_is_named_with_the_next_one(): void
    {
        $taken = stream_socket_server('tcp://127.0.0.1:0') ?: throw new \RuntimeException('There is no free port.');
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($taken, false), ':'), 1);
        [$exit, $said] = self::start(['--port', (string) $port]);
        fclose($taken);

        self::assertSame(1, $exit);
        self::assertStringContainsString(
            "port {$port} is taken. Stop what uses it, or run: bin/start --port ".($port + 1),
            $said,
        );
    }

    public function test_no_empty_shelf_is_opened_beside_copies_of_a_house(): void
    {
        $folder = sys_get_temp_dir().'/vinculum-none-'.bin2hex(random_bytes(6));
        mkdir("{$folder}/copies", recursive: true);
        touch("{$folder}/copies/vinculum-20261101-080000.zip");
        touch("{$folder}/empty.sqlite");
        foreach (['gone.sqlite', 'empty.sqlite'] as $file) {
            [$exit, $said] = self::start(
                ['--port', (string) Server::freePort()],
                ['VINCULUM_DATABASE' => "{$folder}/{$file}", 'VINCULUM_BACKUPS' => "{$folder}/copies"],
            );
            self::assertSame(1, $exit, $said);
            self::assertStringContainsString('but copies of one: the newest is', $said);
            self::assertStringContainsString('bin/start --new', $said);
        }
        self::assertFileDoesNotExist("{$folder}/gone.sqlite");
        shell_exec('rm -rf '.escapeshellarg($folder));
    }

    public function test_what_is_put_together_beforehand_leaves_the_household_where_it_is(): void
    {
        $process = proc_open(
            ['bash', '-c', 'rm -f storage/stamps/served && source bin/setup.sh && need_served'],
            [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['pipe', 'w']],
            $pipes,
            Server::root(),
            ['VINCULUM_DATABASE' => '/nowhere/else.sqlite', 'VINCULUM_HOUSE' => 'https://elsewhere'] + getenv(),
        );
        self::assertNotFalse($process);
        $said = stream_get_contents($pipes[2]);
        self::assertSame(0, proc_close($process), (string) $said);
        $config = require Server::root().'/storage/framework/served/config.php';

        self::assertSame(
            Server::root().'/storage/vinculum.sqlite',
            $config['database']['connections']['sqlite']['database'],
        );
        self::assertSame('', $config['vinculum']['house']);
    }

    public function test_with_house_it_serves_the_network_over_https_behind_a_sign_in_and_this_machine_without(): void
    {
        $folder = sys_get_temp_dir().'/vinculum-house-'.bin2hex(random_bytes(6));
        mkdir($folder);
        [$port, $house] = [Server::freePort(), Server::freePort()];
        $process = proc_open(
            [
                Server::root().'/bin/start',
                '--empty',
                '--port',
                (string) $port,
                '--house',
                '--house-port',
                (string) $house,
            ],
            [['file', '/dev/null', 'r'], ['file', "{$folder}/said", 'w'], ['file', "{$folder}/said", 'a']],
            $pipes,
            null,
            ['VINCULUM_DATABASE' => "{$folder}/house.sqlite", 'VINCULUM_BACKUPS' => "{$folder}/copies"] + getenv(),
        );
        self::assertNotFalse($process);
        try {
            for (
                $tries = 0;
                $tries < 300 && ! str_contains((string) file_get_contents("{$folder}/said"), 'fingerprint');
                $tries++
            ) {
                usleep(200_000);
            }
            self::assertStringContainsString('fingerprint', (string) file_get_contents("{$folder}/said"));
            self::assertSame([200, 'application/json'], self::ask("http://127.0.0.1:{$port}/api/recipes"));
            self::assertSame([401, 'application/json'], self::ask("https://localhost:{$house}/api/recipes"));
            self::assertSame(302, self::ask("https://localhost:{$house}/shelf")[0]);
            self::assertSame(200, self::ask("https://localhost:{$house}/sign-in")[0]);
            self::assertSame(302, self::ask("https://localhost:{$house}/.env")[0]);
            self::assertSame(400, self::ask("http://localhost:{$house}/shelf")[0], 'http is refused there');
        } finally {
            self::end($process);
        }
        self::assertSame(
            '',
            trim((string) shell_exec('pgrep -f '.escapeshellarg("[:]{$house}").' || true')),
            'nothing is left behind',
        );
        shell_exec('rm -rf '.escapeshellarg($folder));
    }

    public function test_a_worker_or_the_server_itself_that_is_killed_is_replaced_and_the_log_stays_small(): void
    {
        $folder = sys_get_temp_dir().'/vinculum-start-'.bin2hex(random_bytes(6));
        mkdir($folder);
        $port = Server::freePort();
        $log = Server::root().'/storage/logs/server.log';
        @mkdir(dirname($log), recursive: true);
        file_put_contents($log, str_repeat("as it was long ago\n", 200_000), FILE_APPEND);
        $process = proc_open(
            [Server::root().'/bin/start', '--empty', '--port', (string) $port],
            [['file', '/dev/null', 'r'], ['file', "{$folder}/said", 'a'], ['file', "{$folder}/said", 'a']],
            $pipes,
            null,
            ['VINCULUM_DATABASE' => "{$folder}/house.sqlite", 'VINCULUM_BACKUPS' => "{$folder}/copies"] + getenv(),
        );
        self::assertNotFalse($process);
        $said = static fn (): string => (string) file_get_contents("{$folder}/said");
        $servers = static fn (): array => array_map(
            intval(...),
            array_filter(explode("\n", trim((string) shell_exec("pgrep -f '[1]27.0.0.1:{$port} -t public'")))),
        );
        $until = static function (callable $is): void {
            for ($tries = 0; $tries < 300 && ! $is(); $tries++) {
                usleep(100_000);
            }
        };
        try {
            $until(static fn (): bool => str_contains($said(), 'Vinculum is at'));
            $first = $servers();
            self::assertCount(5, $first, 'a server and four workers');
            posix_kill(max($first), 9);
            $until(
                static fn (): bool => substr_count($said(), 'started again') === 1
                    && count(array_diff($servers(), $first)) === 5,
            );
            $second = $servers();
            self::assertCount(5, array_diff($second, $first));
            posix_kill(min($second), 9);
            $until(
                static fn (): bool => substr_count($said(), 'started again') === 2
                    && count(array_diff($servers(), $second)) === 5,
            );
            self::assertSame([], array_intersect($servers(), $second), 'no worker of the one that died is left');
            $until(static fn (): bool => self::ask("http://127.0.0.1:{$port}/api/recipes")[0] === 200);
            self::assertSame([200, 'application/json'], self::ask("http://127.0.0.1:{$port}/api/recipes"));
            clearstatcache();
            self::assertLessThan(1_000_000, filesize($log));
        } finally {
            self::end($process);
        }
        self::assertSame([], $servers());
        shell_exec('rm -rf '.escapeshellarg($folder));
    }

    /** @param resource $process */
    private static function end($process): void
    {
        proc_terminate($process);
        for ($tries = 0; proc_get_status($process)['running'] && $tries < 100; $tries++) {
            usleep(100_000);
        }
        proc_close($process);
    }

    /** @return array{int, string} status and kind */
    private static function ask(string $address): array
    {
        $asked = curl_init($address);
        self::assertNotFalse($asked);
        curl_setopt_array($asked, [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_SSL_VERIFYPEER => false,
            CURLOPT_SSL_VERIFYHOST => 0,
            CURLOPT_TIMEOUT => 10,
            CURLOPT_HTTPHEADER => ['Accept: application/json'],
        ]);
        curl_exec($asked);

        return [
            (int) curl_getinfo($asked, CURLINFO_RESPONSE_CODE),
            (string) curl_getinfo($asked, CURLINFO_CONTENT_TYPE),
        ];
    }

    /**
     * @param list<string> $arguments
     * @param array<string, string> $house where it is kept
     * @return array{int, string} exit code, standard error
     */
    private static function start(array $arguments, array $house = []): array
    {
        $process = proc_open(
            [Server::root().'/bin/start', ...$arguments],
            [['file', '/dev/null', 'r'], ['pipe', 'w'], ['pipe', 'w']],
            $pipes,
            null,
            $house + getenv(),
        );
        self::assertNotFalse($process);
        $told = (string) stream_get_contents($pipes[1]);
        $said = (string) stream_get_contents($pipes[2]);

        // what it says of a house stands where a newcomer reads it
        return [proc_close($process), $house === [] ? $said : $told.$said];
    }
}
