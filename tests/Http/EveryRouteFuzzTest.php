<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Models\Batch;
use App\Models\CookRecord;
use App\Models\JarRecord;
use App\Models\StoredRecipe;
use Tests\Support\Fuzzer;

/**
 * Whole and spoiled bodies over every route: no 5xx but one that is stated, no answer over five seconds, no page
 * where JSON was
 * asked for, no trace and no path. A short run here; bin/fuzz makes a long one, of as many as it is told.
 */
final class EveryRouteFuzzTest extends HttpTestCase
{
    private const USUAL = 700;

    private const SLOWEST_S = 5.0;

    public function test_every_route_answers_in_words_whatever_it_is_sent(): void
    {
        $runs = (int) (getenv('FUZZ_RUNS') ?: self::USUAL);
        $seed = (int) (getenv('FUZZ_SEED') ?: 20261125);
        $until = microtime(true) + (float) (getenv('FUZZ_SECONDS') ?: 600);
        $fuzzer = new Fuzzer(resource_path('schemas'), $seed);
        $operations = [];
        foreach ($fuzzer->paths() as $path => $methods) {
            foreach (
                array_intersect_key($methods, array_flip(['get', 'post', 'put', 'delete'])) as $method => $operation
            ) {
                // an archive is no JSON, and a copy of the house is a file each
                if (! in_array($path, ['/api/house/archive', '/api/house/copies'], true)) {
                    $operations[] = [$method, $path, $operation];
                }
            }
        }
        $statuses = [];
        $this->seedHouse();
        for ($run = 0; $run < $runs && microtime(true) < $until; $run++) {
            [$method, $path, $operation] = $operations[$run % count($operations)];
            $address = (string) preg_replace_callback(
                '/\{(\w+)\}/',
                fn (array $name): string => mt_rand(0, 2) === 0 ? $fuzzer->part() : $this->there($name[1]),
                $path,
            );
            if ($method === 'get' && mt_rand(0, 1) === 1) {
                $address .= '?q='.$fuzzer->part().'&page='.$fuzzer->part();
            }
            $body = $fuzzer->body($operation);
            $json = (string) json_encode($body, JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE);
            $began = microtime(true);
            $response = $this->call(
                strtoupper($method),
                $address,
                [],
                [],
                [],
                ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json', 'HTTP_IF_MATCH' => '"1"'],
                $method === 'get' || $method === 'delete' ? null : $json,
            );
            $took = microtime(true) - $began;
            $said = "seed {$seed}, run {$run}: {$method} {$address} {$json}";
            $status = $response->getStatusCode();
            $text = (string) $response->getContent();
            self::assertTrue(
                $status < 500 || ($status === 503 && str_contains($text, '"code"')),
                "{$said} was answered {$status}: {$text}",
            );
            self::assertLessThan(self::SLOWEST_S, $took, $said);
            if ($status !== 204 && ! str_ends_with($path, '/text')) {
                self::assertJson($text, $said);
            }
            self::assertDoesNotMatchRegularExpression('#Stack trace|\.php\b|/vendor/|SQLSTATE#', $text, $said);
            $statuses[$status] = ($statuses[$status] ?? 0) + 1;
            if ($run % 200 === 199) {
                $this->seedHouse();
            }
        }
        // it has to have reached what it was to reach
        self::assertGreaterThan($run / 20, $statuses[200] ?? 0);
        self::assertGreaterThan($run / 20, $statuses[422] ?? 0);
        if (getenv('FUZZ_RUNS') !== false) {
            ksort($statuses);
            fwrite(STDERR, sprintf("%d inputs, seed %d: %s\n", $run, $seed, json_encode($statuses)));
        }
    }

    /** Something of everything, so that what is asked for is there. */
    private function seedHouse(): void
    {
        $recipe = $this->kept('Fuzz '.bin2hex(random_bytes(4)));
        $batch = $this->postJson("/api/recipes/{$recipe['id']}/batches", [])->json('id');
        $this->postJson("/api/batches/{$batch}/jars", ['count' => 2]);
        $this->postJson('/api/cooks', ['recipe' => $recipe['id'], 'practice' => true]);
    }

    private function there(string $what): string
    {
        return (string) match ($what) {
            'recipe' => StoredRecipe::query()->latest('id')->value('id'),
            'batch', 'other' => Batch::query()->latest('id')->value('id'),
            'cook' => CookRecord::query()->latest('id')->value('id'),
            'jar' => JarRecord::query()->latest('id')->value('id'),
            'what' => ['mass', 'temperature', 'ph', 'brix'][mt_rand(0, 3)],
            'ingredient' => ['sugar', 'tomato', 'fine-salt'][mt_rand(0, 2)],
            default => '1',
        };
    }
}
