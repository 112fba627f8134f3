<?php

declare(strict_types=1);

namespace Tests\Http;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Server;

/** The command a newcomer types first, when it cannot do what it is asked: one line that says why, and what would work. */
final class StartTest extends TestCase
{
    /**
     * @return iterable<string, array{list<string>, string}> arguments, what is said
     */
    public static function slips(): iterable
    {
        yield 'a port that is no number' => [['--port', 'abc'], '--port takes a number from 1 to 65535.'];
        yield 'a port beyond the last' => [['--port=70000'], '--port takes a number from 1 to 65535.'];
        yield 'a word it does not know' => [['--loud'], '“--loud” is not understood. Use: bin/start [--port N] [--empty] [--house [--house-port N]]'];
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
        self::assertStringContainsString("port {$port} is taken. Stop what uses it, or run: bin/start --port ".($port + 1), $said);
    }

    public function test_with_house_it_serves_the_network_over_https_behind_a_sign_in_and_this_machine_without(): void
    {
        $folder = sys_get_temp_dir().'/vinculum-house-'.bin2hex(random_bytes(6));
        mkdir($folder);
        [$port, $house] = [Server::freePort(), Server::freePort()];
        $process = proc_open([Server::root().'/bin/start', '--empty', '--port', (string) $port, '--house', '--house-port', (string) $house], [['file', '/dev/null', 'r'], ['file', "{$folder}/said", 'w'], ['file', "{$folder}/said", 'a']], $pipes, null, ['VINCULUM_DATABASE' => "{$folder}/house.sqlite", 'VINCULUM_BACKUPS' => "{$folder}/copies"] + getenv());
        self::assertNotFalse($process);
        try {
            for ($tries = 0; $tries < 300 && ! str_contains((string) file_get_contents("{$folder}/said"), 'fingerprint'); $tries++) {
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
            proc_terminate($process);
            for ($tries = 0; proc_get_status($process)['running'] && $tries < 100; $tries++) {
                usleep(100_000);
            }
            proc_close($process);
        }
        self::assertSame('', trim((string) shell_exec('pgrep -f '.escapeshellarg("[:]{$house}").' || true')), 'nothing is left behind');
        shell_exec('rm -rf '.escapeshellarg($folder));
    }

    /** @return array{int, string} status and kind */
    private static function ask(string $address): array
    {
        $asked = curl_init($address);
        self::assertNotFalse($asked);
        curl_setopt_array($asked, [CURLOPT_RETURNTRANSFER => true, CURLOPT_SSL_VERIFYPEER => false, CURLOPT_SSL_VERIFYHOST => 0, CURLOPT_TIMEOUT => 10, CURLOPT_HTTPHEADER => ['Accept: application/json']]);
        curl_exec($asked);

        return [(int) curl_getinfo($asked, CURLINFO_RESPONSE_CODE), (string) curl_getinfo($asked, CURLINFO_CONTENT_TYPE)];
    }

    /**
     * @param list<string> $arguments
     * @return array{int, string} exit code, standard error
     */
    private static function start(array $arguments): array
    {
        $process = proc_open([Server::root().'/bin/start', ...$arguments], [['file', '/dev/null', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes);
        self::assertNotFalse($process);
        stream_get_contents($pipes[1]);
        $said = (string) stream_get_contents($pipes[2]);

        return [proc_close($process), $said];
    }
}
