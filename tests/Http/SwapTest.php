<?php

declare(strict_types=1);

namespace Tests\Http;

use Illuminate\Support\Carbon;

/** Stand-ins for a line and for a whole recipe; what is in season; what was thought of a swap. */
final class SwapTest extends HttpTestCase
{
    public function test_a_line_is_swapped_and_the_verdict_ranks_it_the_next_time(): void
    {
        $swap = $this->documented('swap', $this->postJson('/api/swap', ['recipe' => self::RECIPE, 'line' => 'l2']));
        self::assertSame('white sugar', $swap['name']);
        $again = $this->documented(
            'evaluation',
            $this->postJson('/api/evaluate', ['recipe' => $swap['options'][0]['recipe']]),
        );
        self::assertEqualsWithDelta(
            $swap['options'][0]['ghosts'][0]['top'],
            $again['bench']['columns'][0]['top'],
            1e-3,
        );

        $last = end($swap['options']);
        $slug = $last['with'][0]['ingredient'];
        $this->putJson('/api/swap-memory', [
            'out' => 'sugar',
            'in' => $slug,
            'verdict' => 1,
            'note' => 'everybody liked it',
        ])->assertNoContent();
        $next = $this->documented('swap', $this->postJson('/api/swap', ['recipe' => self::RECIPE, 'line' => 'l2']));
        self::assertSame(
            [$slug, 1, 'everybody liked it'],
            [
                $next['options'][0]['with'][0]['ingredient'],
                $next['options'][0]['remembered']['verdict'],
                $next['options'][0]['remembered']['note'],
            ],
        );
    }

    public function test_only_what_is_asked_for(): void
    {
        $swap = $this->documented(
            'swap',
            $this->postJson('/api/swap', ['recipe' => self::RECIPE, 'line' => 'l3', 'in' => 'celery-seed']),
        );

        self::assertCount(1, $swap['options']);
        self::assertStringContainsString('only sounds right', implode(' ', $swap['options'][0]['notes']));
    }

    public function test_a_recipe_is_freed_and_milder(): void
    {
        $recipe = self::RECIPE;
        $recipe['stages'][0]['lines'][] = ['id' => 'l4', 'ingredient' => 'soy-sauce', 'amount' => '2 tbsp'];
        $free = $this->documented(
            'free',
            $this->postJson('/api/free', ['recipe' => $recipe, 'needs' => ['gluten'], 'salt_times' => 0.7]),
        );

        self::assertSame(
            ['soy sauce', 'contains cereals with gluten and wheat'],
            [
                $free['changes'][0]['name'],
                str_replace('contains wheat', 'contains cereals with gluten and wheat', $free['changes'][0]['why']),
            ],
        );
        $was = $this->postJson('/api/evaluate', ['recipe' => $recipe])->json('analysis.measures.saltiness.value');
        $is = $this->documented('evaluation', $this->postJson('/api/evaluate', ['recipe' => $free['recipe']]));
        self::assertEqualsWithDelta(0.7 * $was, $is['analysis']['measures']['saltiness']['value'], 0.08 * $was);
        self::assertNotContains('wheat', $is['analysis']['allergens']);
        self::assertStringContainsString('Less salt keeps it', implode(' ', $free['notes']));
    }

    public function test_seasons_are_the_households_to_change(): void
    {
        Carbon::setTestNow('2026-11-24');
        $now = fn (): array => array_column(
            array_filter(
                $this->documented('season-list', $this->getJson('/api/seasons'))['seasons'],
                static fn (array $season): bool => $season['now'],
            ),
            'slug',
        );
        self::assertContains('cranberry', $now());
        self::assertNotContains('gooseberry', $now());

        $this->documented('season-list', $this->putJson('/api/seasons/gooseberry', ['first' => 11, 'last' => 1]));
        self::assertContains('gooseberry', $now());
        $this->documented('season-list', $this->putJson('/api/seasons/cranberry', ['first' => null, 'last' => null]));
        self::assertNotContains('cranberry', $now());
        Carbon::setTestNow();
    }

    public function test_what_cannot_be_asked_names_its_field(): void
    {
        $refused = fn (string $path, array $body): string => $this->documented(
            'failure',
            $this->postJson($path, ['recipe' => self::RECIPE] + $body),
            422,
        )['error']['fields'][0]['field'];

        self::assertSame('line', $refused('/api/swap', ['line' => 'l9']));
        self::assertSame('in', $refused('/api/swap', ['line' => 'l2', 'in' => 'moonlight']));
        self::assertSame('needs[0]', $refused('/api/free', ['needs' => ['joy']]));
        self::assertSame(
            'last',
            $this->documented(
                'failure',
                $this->putJson('/api/seasons/gooseberry', ['first' => 3, 'last' => null]),
                422,
            )['error']['fields'][0]['field'],
        );
        $this->putJson('/api/seasons/moonlight', ['first' => 3, 'last' => 4])->assertNotFound();
    }
}
