<?php

declare(strict_types=1);

namespace Tests\Support;

/** The product as bin/start serves it, on a free port, with a database of its own. */
final class Server
{
    /** As bin/start has it. */
    private const FAST = ['-d', 'opcache.enable_cli=1', '-d', 'opcache.jit=disable'];

    /** Where what every request needs is put together once; made anew in each run, so that it is never of yesterday. */
    private static ?string $served = null;

    /** @var resource */
    private $process;

    public readonly string $url;

    /**
     * @var array<int, string> folders of a database that was filled once, and is copied for each server: with the
     * demo, and without
     */
    private static array $filled = [];

    private static ?self $shared = null;

    private function __construct(public readonly string $folder, int $port)
    {
        $this->url = "http://127.0.0.1:{$port}";
        $process = proc_open(
            [
                PHP_BINARY,
                ...self::FAST,
                '-d',
                'opcache.preload='.self::served().'/preload.php',
                ...posix_getuid() === 0 ? ['-d', 'opcache.preload_user=root'] : [],
                '-S',
                "127.0.0.1:{$port}",
                '-t',
                self::root().'/public',
                self::root().'/bin/router.php',
            ],
            [1 => ['file', "{$folder}/server.log", 'a'], 2 => ['file', "{$folder}/server.log", 'a']],
            $pipes,
            self::root(),
            ['PHP_CLI_SERVER_WORKERS' => '4', 'VINCULUM_DATABASE' => "{$folder}/vinculum.sqlite"]
                + self::servedFrom(self::served())
                + getenv(),
        );
        if ($process === false) {
            throw new \RuntimeException('The server did not start.');
        }
        $this->process = $process;
    }

    /** @param bool $demo with the demo recipes; otherwise with none */
    public static function start(bool $demo): self
    {
        $folder = self::folder();
        copy(self::filled($demo), "{$folder}/vinculum.sqlite");
        $server = new self($folder, self::freePort());
        for ($tries = 0; $tries < 200; $tries++) {
            if (@file_get_contents($server->url.'/api/styles') !== false) {
                return $server;
            }
            usleep(50_000);
        }
        throw new \RuntimeException('The server does not answer: '.file_get_contents("{$folder}/server.log"));
    }

    /** The one that all share who do not stop it, as if it had just been started. Nobody may be asking it anything. */
    public static function shared(bool $demo): self
    {
        if (self::$shared === null) {
            self::$shared = self::start($demo);
            register_shutdown_function(self::$shared->stop(...));
        }
        self::$shared->refill($demo);

        return self::$shared;
    }

    /** Its database as it was filled. Every request opens it anew. */
    private function refill(bool $demo): void
    {
        foreach (glob("{$this->folder}/vinculum.sqlite*") ?: [] as $file) {
            unlink($file);
        }
        copy(self::filled($demo), "{$this->folder}/vinculum.sqlite");
    }

    /** The database that each is a copy of. */
    private static function filled(bool $demo): string
    {
        if (! isset(self::$filled[(int) $demo])) {
            $filled = self::$filled[(int) $demo] = self::folder();
            self::artisan($filled, ['migrate', '--force', '--quiet']);
            if ($demo) {
                self::artisan($filled, ['db:seed', '--class=Database\\Seeders\\DemoSeeder', '--force', '--quiet']);
            }
            register_shutdown_function(static fn () => self::remove($filled));
        }

        return self::$filled[(int) $demo].'/vinculum.sqlite';
    }

    public static function root(): string
    {
        return dirname(__DIR__, 2);
    }

    public static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new \RuntimeException('There is no free port.');
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr($name, (int) strrpos($name, ':') + 1);
    }

    public function stop(): void
    {
        // workers outlive a parent that is only told to end
        $parent = proc_get_status($this->process)['pid'];
        foreach (explode("\n", (string) shell_exec("pgrep -P {$parent}")) as $worker) {
            if ((int) $worker > 0) {
                posix_kill((int) $worker, SIGTERM);
            }
        }
        proc_terminate($this->process);
        proc_close($this->process);
        self::remove($this->folder);
    }

    private static function served(): string
    {
        if (self::$served === null) {
            $folder = self::folder();
            self::artisan($folder, ['vinculum:served', "{$folder}/preload.php"], self::servedFrom($folder));
            register_shutdown_function(static fn () => self::remove($folder));
            self::$served = $folder;
        }

        return self::$served;
    }

    /**
     * @return array<string, string>
     */
    private static function servedFrom(string $folder): array
    {
        return [
            'APP_CONFIG_CACHE' => "{$folder}/config.php",
            'APP_ROUTES_CACHE' => "{$folder}/routes.php",
            'APP_EVENTS_CACHE' => "{$folder}/events.php",
        ];
    }

    private static function folder(): string
    {
        $folder = sys_get_temp_dir().'/vinculum-'.bin2hex(random_bytes(6));
        mkdir($folder);

        return $folder;
    }

    private static function remove(string $folder): void
    {
        array_map(unlink(...), glob("{$folder}/*") ?: []);
        rmdir($folder);
    }

    /**
     * @param list<string> $arguments
     * @param array<string, string> $environment
     */
    private static function artisan(string $folder, array $arguments, array $environment = []): void
    {
        $process = proc_open(
            [PHP_BINARY, 'artisan', ...$arguments],
            [1 => ['pipe', 'w'], 2 => ['pipe', 'w']],
            $pipes,
            self::root(),
            ['VINCULUM_DATABASE' => "{$folder}/vinculum.sqlite"] + $environment + getenv(),
        );
        if ($process === false) {
            throw new \RuntimeException('artisan did not start.');
        }
        $said = stream_get_contents($pipes[1]).stream_get_contents($pipes[2]);
        if (proc_close($process) !== 0) {
            throw new \RuntimeException('artisan '.implode(' ', $arguments).": {$said}");
        }
    }
}
