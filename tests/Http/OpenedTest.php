<?php

declare(strict_types=1);

namespace Tests\Http;

use Illuminate\Support\Facades\DB;

/** All that the Bench opens with, in one answer. */
final class OpenedTest extends HttpTestCase
{
    public function test_a_recipe_comes_with_its_figures_and_the_styles(): void
    {
        $record = $this->kept();
        $opened = $this->documented('opened', $this->getJson("/api/bench?recipe={$record['id']}"));

        self::assertSame($record, $opened['record']);
        self::assertSame(
            $this->postJson('/api/evaluate', ['recipe' => $record['recipe']])->json(),
            $opened['evaluation'],
        );
        self::assertSame($this->getJson('/api/styles')->json(), $opened['styles']);
    }

    public function test_without_an_address_it_is_what_was_last_touched(): void
    {
        $this->kept();
        $this->travel(1)->minutes();
        $last = $this->kept();

        self::assertSame($last['id'], $this->documented('opened', $this->getJson('/api/bench'))['record']['id']);
    }

    public function test_with_nothing_kept_there_is_nothing_on_it(): void
    {
        $opened = $this->documented('opened', $this->getJson('/api/bench'));

        self::assertNull($opened['record']);
        self::assertNull($opened['evaluation']);
    }

    public function test_one_that_is_gone_or_broken_says_so_as_it_does_when_it_is_read(): void
    {
        $this->documented('failure', $this->getJson('/api/bench?recipe=nothing'), 404);
        $record = $this->kept();
        DB::table('recipes')
            ->where('id', $record['id'])
            ->update(['document' => '{"name": "torn']);

        self::assertSame(
            $this->getJson("/api/recipes/{$record['id']}")
                ->assertStatus(422)
                ->json('error.message'),
            $this->documented('failure', $this->getJson("/api/bench?recipe={$record['id']}"), 422)['error']['message'],
        );
    }

    public function test_the_page_says_what_it_will_ask_first(): void
    {
        self::assertStringContainsString(
            'href="/api/bench?recipe=a%22%3E"',
            (string) $this->get('/bench/a%22%3E')->getContent(),
        );
        self::assertStringContainsString(
            'href="/api/recipes?q=&amp;page=0&amp;by=family"',
            (string) $this->get('/shelf')->getContent(),
        );
        self::assertStringContainsString('href="/api/bench"', (string) $this->get('/bench')->getContent());
        self::assertStringNotContainsString('rel="preload" as="fetch"', (string) $this->get('/pantry')->getContent());
    }
}
