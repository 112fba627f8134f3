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
        yield 'a word it does not know' => [['--loud'], '“--loud” is not understood. Use: bin/start [--port N] [--empty]'];
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
