<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Recipes\Evaluator;
use PHPUnit\Framework\Attributes\DataProvider;

/** What is asked of the product from outside, and what never gets out of it. */
final class GuardTest extends HttpTestCase
{
    /**
     * @return iterable<string, array{string, string|null, int}> address, origin, status
     */
    public static function askers(): iterable
    {
        yield 'by our own name' => ['http://127.0.0.1:8000/api/styles', null, 200];
        yield 'by another name' => ['http://sauces.example/api/styles', null, 421];
        yield 'by a name that begins like ours' => ['http://127.0.0.1.sauces.example/api/styles', null, 421];
        yield 'a page by another name' => ['http://sauces.example/shelf', null, 421];
        yield 'from our own page' => ['http://localhost:8000/api/styles', 'http://localhost:8000', 200];
        yield 'from another page' => ['http://localhost:8000/api/styles', 'http://sauces.example', 403];
        yield 'from another port' => ['http://localhost:8000/api/styles', 'http://localhost:9000', 403];
        yield 'from nowhere' => ['http://localhost:8000/api/styles', 'null', 403];
    }

    #[DataProvider('askers')]
    public function test_only_our_own_host_and_origin_are_served(string $address, ?string $origin, int $status): void
    {
        $this->call('GET', $address, [], [], [], $origin === null ? [] : ['HTTP_ORIGIN' => $origin])->assertStatus(
            $status,
        );
    }

    public function test_a_form_of_another_page_cannot_be_a_request(): void
    {
        $this->documented('failure', $this->call('POST', '/api/recipes', ['name' => 'x']), 415);
    }

    public function test_what_is_not_json_is_answered_in_words(): void
    {
        $response = $this->call(
            'POST',
            '/api/evaluate',
            [],
            [],
            [],
            ['CONTENT_TYPE' => 'application/json'],
            '{"recipe": ',
        );

        self::assertSame('malformed-json', $this->documented('failure', $response, 400)['error']['code']);
    }

    public function test_a_body_beyond_256_kB_is_not_read(): void
    {
        $response = $this->call(
            'POST',
            '/api/evaluate',
            [],
            [],
            [],
            ['CONTENT_TYPE' => 'application/json'],
            str_repeat(' ', 256 * 1024).'{}',
        );

        self::assertStringContainsString(
            'at most 256 kB',
            $this->documented('failure', $response, 413)['error']['message'],
        );
    }

    public function test_a_hundred_kB_of_amount_is_a_named_field(): void
    {
        $recipe = self::RECIPE;
        $recipe['stages'][0]['lines'][0]['amount'] = str_repeat('x', 100_000);
        $failure = $this->documented('failure', $this->postJson('/api/evaluate', ['recipe' => $recipe]), 422);

        self::assertSame('recipe.stages[0].lines[0].amount', $failure['error']['fields'][0]['field']);
    }

    public function test_pages_may_load_nothing_from_anywhere_else(): void
    {
        $response = $this->get('/shelf');
        $policy = (string) $response->headers->get('Content-Security-Policy');

        $response->assertOk();
        self::assertStringContainsString("default-src 'none'", $policy);
        self::assertStringNotContainsString('unsafe', $policy);
        self::assertStringNotContainsString('http', $policy);
        self::assertSame(1, preg_match("/style-src 'self' 'nonce-([^']+)'/", $policy, $match));
        self::assertStringContainsString('content="'.$match[1].'"', (string) $response->getContent());
        self::assertStringNotContainsString(
            $match[1],
            (string) $this->get('/shelf')->headers->get('Content-Security-Policy'),
            'a nonce is used once',
        );
        self::assertNull($response->headers->get('Set-Cookie'));
    }

    public function test_a_failure_of_ours_shows_no_trace_of_the_inside(): void
    {
        $this->withoutExceptionHandling([]);
        $this->withExceptionHandling();
        $this->app->bind(Evaluator::class, static fn () => throw new \RuntimeException('secret inside'));
        $response = $this->postJson('/api/evaluate', ['recipe' => self::RECIPE]);

        $failure = $this->documented('failure', $response, 500);
        self::assertSame('failed', $failure['error']['code']);
        self::assertStringNotContainsString('secret inside', (string) $response->getContent());
        self::assertStringNotContainsString('.php', (string) $response->getContent());
    }

    public function test_an_address_that_is_none_is_said_to_be_none(): void
    {
        $this->documented('failure', $this->getJson('/api/nothing'), 404);
        $this->documented('failure', $this->getJson('/api/recipes/none'), 404);
        $this->documented('failure', $this->deleteJson('/api/evaluate'), 405);
    }

    public function test_the_method_is_the_one_that_came_and_json_is_json_exactly(): void
    {
        self::assertSame(405, $this->postJson('/api/recipes', ['_method' => 'DELETE'])->getStatusCode());
        self::assertSame(
            405,
            $this->json(
                'POST',
                '/api/recipes',
                ['recipe' => self::RECIPE],
                ['X-HTTP-Method-Override' => 'DELETE'],
            )->getStatusCode(),
        );
        foreach (
            ['text/plain; a=/json', 'application/x-json', 'application/json; charset=utf-16', 'text/json'] as $type
        ) {
            self::assertSame(
                415,
                $this->call(
                    'POST',
                    '/api/read',
                    [],
                    [],
                    [],
                    ['CONTENT_TYPE' => $type, 'HTTP_ACCEPT' => 'application/json'],
                    '{"text":"1 cup sugar"}',
                )->getStatusCode(),
                $type,
            );
        }
        self::assertSame(
            200,
            $this->call(
                'POST',
                '/api/read',
                [],
                [],
                [],
                ['CONTENT_TYPE' => 'application/json; charset=UTF-8', 'HTTP_ACCEPT' => 'application/json'],
                '{"text":"1 cup sugar"}',
            )->getStatusCode(),
        );
    }

    public function test_every_answer_says_what_it_may_not_use(): void
    {
        foreach (['/shelf', '/api/styles'] as $path) {
            $headers = $this->get($path)->headers;
            self::assertStringContainsString('camera=()', (string) $headers->get('Permissions-Policy'), $path);
            self::assertNull($headers->get('X-Powered-By'), $path);
        }
    }

    public function test_a_script_that_asks_in_process_and_prints_meanwhile_is_answered_every_time(): void
    {
        $script = <<<'PHP'
        require 'vendor/autoload.php';
        $kernel = (require 'bootstrap/app.php')->make(Illuminate\Contracts\Http\Kernel::class);
        foreach ([1, 2] as $time) {
            echo $kernel->handle(Illuminate\Http\Request::create('http://127.0.0.1:8000/api/read', 'POST', server: ['CONTENT_TYPE' => 'application/json'], content: '{"text": "3 tbsp honey"}'))->getStatusCode(), ' ';
        }
        PHP;

        self::assertSame(
            '200 200',
            trim(
                (string) shell_exec(
                    'cd '
                        .escapeshellarg(base_path())
                        .' && VINCULUM_DATABASE=/no/household.sqlite '
                        .escapeshellarg(PHP_BINARY)
                        .' -r '
                        .escapeshellarg($script),
                ),
            ),
        );
    }
}
