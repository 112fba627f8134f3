<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Support\ScreenScripts;
use Tests\Support\Server;

/** What goes over the wire: every script compressed, and no more of them than the screen that is opened needs. */
final class WireTest extends HttpTestCase
{
    /** Bytes that the first screen may take, compressed: its scripts and styles. */
    private const FIRST_SCREEN = 170_000;

    public function test_what_is_built_comes_as_the_browser_takes_it_and_is_the_same(): void
    {
        $server = Server::start(demo: false);
        try {
            $path = '/build/'.self::manifest()['resources/js/main.tsx']['file'];
            $plain = (string) file_get_contents(Server::root()."/public{$path}");
            $ways = ['gzip, deflate' => 'gzip', 'gzip, br' => 'br', 'identity' => '', 'br;q=0, gzip' => 'gzip'];
            foreach ($ways as $takes => $comes) {
                $curl = curl_init($server->url.$path);
                $headers = [];
                curl_setopt_array($curl, [
                    CURLOPT_RETURNTRANSFER => true,
                    CURLOPT_HTTPHEADER => ["Accept-Encoding: {$takes}"],
                    CURLOPT_HEADERFUNCTION => static function ($curl, string $line) use (&$headers): int {
                        [$name, $value] = [...explode(':', $line, 2), ''];
                        $headers[strtolower(trim($name))] = trim($value);

                        return strlen($line);
                    },
                ]);
                $body = (string) curl_exec($curl);
                self::assertSame($comes, $headers['content-encoding'] ?? '', $takes);
                self::assertSame('Accept-Encoding', $headers['vary'] ?? '', $takes);
                self::assertSame(strlen($body), (int) ($headers['content-length'] ?? 0), $takes);
                if ($comes !== 'br') {
                    self::assertSame($plain, $comes === 'gzip' ? gzdecode($body) : $body, $takes);
                } else {
                    self::assertLessThan(strlen($plain) / 3, strlen($body));
                }
            }
        } finally {
            $server->stop();
        }
    }

    public function test_the_first_screen_is_small(): void
    {
        $manifest = self::manifest();
        $bytes = 0;
        foreach (self::with('resources/js/main.tsx', $manifest) as $file) {
            $path = Server::root()."/public/build/{$file}";
            $bytes += (int) filesize(is_file("{$path}.br") ? "{$path}.br" : $path);
        }

        self::assertGreaterThan(50_000, $bytes);
        self::assertLessThan(self::FIRST_SCREEN, $bytes);
    }

    public function test_the_page_names_the_scripts_of_its_screen_and_of_no_other(): void
    {
        $manifest = self::manifest();
        foreach (ScreenScripts::BEGINS as $screen => $module) {
            self::assertArrayHasKey($module, $manifest, "{$screen} begins in a file that is built");
            $page = (string) $this->get("/{$screen}")->getContent();
            self::assertStringContainsString($manifest[$module]['file'], $page, $screen);
            foreach (array_diff(ScreenScripts::BEGINS, [$module]) as $other) {
                self::assertStringNotContainsString($manifest[$other]['file'], $page, "{$screen} fetches {$other}");
            }
        }
        self::assertStringNotContainsString('Bench-', (string) $this->get('/shelf')->getContent());
    }

    public function test_every_screen_that_comes_later_has_its_scripts_named(): void
    {
        $app = (string) file_get_contents(Server::root().'/resources/js/App.tsx');
        $shape = "#^  (\w+): later\(async \(\) => \(await import\('\./([^']+)'\)#m";
        preg_match_all($shape, $app, $found, PREG_SET_ORDER);
        $later = [];
        foreach ($found as [, $screen, $module]) {
            $later[$screen] = "resources/js/{$module}.tsx";
        }

        self::assertNotSame([], $later);
        self::assertEquals($later, ScreenScripts::BEGINS);
    }

    /** @return array<string, array{file: string, imports?: list<string>, css?: list<string>}> */
    private static function manifest(): array
    {
        return json_decode((string) file_get_contents(Server::root().'/public/build/manifest.json'), true);
    }

    /**
     * @param array<string, array{file: string, imports?: list<string>, css?: list<string>}> $manifest
     * @return array<string, string>
     */
    private static function with(string $module, array $manifest): array
    {
        $found = [$module => $manifest[$module]['file']];
        foreach ($manifest[$module]['css'] ?? [] as $css) {
            $found[$css] = $css;
        }
        foreach ($manifest[$module]['imports'] ?? [] as $import) {
            $found += self::with($import, $manifest);
        }

        return $found;
    }
}
