<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Support\Schemas;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;

/** The OpenAPI document says what is really served, by the same schemas the answers are held against. */
final class SchemasTest extends HttpTestCase
{
    public function test_every_route_is_described_and_nothing_else_is(): void
    {
        $served = [];
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            /** @var Route $route */
            if (str_starts_with($route->uri(), 'api/') && ! str_ends_with($route->uri(), '.json')) {
                foreach (array_diff($route->methods(), ['HEAD']) as $method) {
                    $served[] = strtolower($method).' /'.$route->uri();
                }
            }
        }
        $described = [];
        foreach ($this->openApi()['paths'] as $path => $operations) {
            foreach (array_diff(array_keys($operations), ['parameters']) as $method) {
                $described[] = "{$method} {$path}";
            }
        }

        self::assertEqualsCanonicalizing($served, $described);
    }

    public function test_every_schema_it_refers_to_is_served_beside_it(): void
    {
        preg_match_all(
            '/"([a-z-]+\.schema\.json)"/',
            (string) json_encode($this->openApi(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES),
            $matches,
        );
        self::assertNotEmpty($matches[1]);
        foreach (array_unique($matches[1]) as $schema) {
            $response = $this->get("/api/{$schema}");
            $response->assertOk();
            self::assertSame(Schemas::BASE.$schema, $response->json('$id'));
            self::assertSame('https://json-schema.org/draft/2020-12/schema', $response->json('$schema'));
        }
    }

    public function test_there_is_no_schema_by_another_name(): void
    {
        $this->get('/api/nothing.schema.json')->assertNotFound();
        $this->get('/api/..%2Fsecret.schema.json')->assertNotFound();
    }

    /**
     * @return array{openapi: string, paths: array<string, array<string, mixed>>}
     */
    private function openApi(): array
    {
        $document = $this->get('/api/openapi.json')->json();
        self::assertSame('3.1.0', $document['openapi']);

        return $document;
    }
}
