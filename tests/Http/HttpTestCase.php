<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Support\Schemas;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

abstract class HttpTestCase extends TestCase
{
    use RefreshDatabase;

    /** Commands speak for themselves here, so nothing needs a stand-in for the console. */
    public $mockConsoleOutput = false;

    protected const RECIPE = [
        'format' => 'vinculum-recipe',
        'version' => 1,
        'name' => 'Test ketchup',
        'style' => 'fruit-ketchup',
        'stages' => [
            [
                'id' => 's1',
                'lines' => [
                    ['id' => 'l1', 'ingredient' => 'gooseberry', 'amount' => '1 kg'],
                    ['id' => 'l2', 'ingredient' => 'sugar', 'amount' => '1 1/4 cup'],
                    ['id' => 'l3', 'ingredient' => 'fine-salt', 'amount' => '2 tsp'],
                ],
                'process' => ['kind' => 'simmer', 'until' => ['loss_percent' => 30]],
            ],
        ],
    ];

    public function createApplication()
    {
        $app = require dirname(__DIR__, 2).'/bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();

        return $app;
    }

    /**
     * Holds an answer against its schema, and hands it over.
     *
     * @param TestResponse<Response> $response
     * @return array<string, mixed>
     */
    protected function documented(string $schema, TestResponse $response, int $status = 200): array
    {
        self::assertSame($status, $response->getStatusCode(), (string) $response->getContent());

        /** @var array<string, mixed> $document */
        $document = $this->app->make(Schemas::class)->check($schema, (string) $response->getContent());

        return $document;
    }

    /**
     * @return array<string, mixed> the record of a recipe just kept
     */
    protected function kept(string $name = 'Test ketchup'): array
    {
        return $this->documented(
            'recipe-record',
            $this->postJson('/api/recipes', ['recipe' => ['name' => $name] + self::RECIPE]),
            201,
        );
    }
}
