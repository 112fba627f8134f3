<?php

declare(strict_types=1);

namespace Tests\Http;

use PHPUnit\Framework\Attributes\DataProvider;

final class PantryTest extends HttpTestCase
{
    public function test_salty_things_under_ten_per_cent_salt_strongest_first(): void
    {
        $found = array_column(
            $this->documented('pantry-list', $this->getJson('/api/pantry?taste=saltiness&most=10'))['ingredients'],
            'slug',
        );

        self::assertContains('white-miso', $found);
        self::assertNotContains('soy-sauce', $found);
        self::assertLessThan(array_search('white-miso', $found, true), array_search('anchovy', $found, true));
        self::assertNotContains('erythritol', $found, 'what is not salty at all is no salty thing');
    }

    /**
     * @return iterable<string, array{string, list<string>, list<string>}> query, slugs that are found, slugs that are
     * not
     */
    public static function queries(): iterable
    {
        yield 'by name' => ['q=soy', ['soy-sauce', 'light-soy'], ['honey']];
        yield 'by another name' => ['q=cilantro', ['coriander-leaf'], ['parsley']];
        yield 'by role' => ['role=acid', ['cider-vinegar', 'lemon-juice'], ['sugar']];
        yield 'without an allergen, which it may only have' => ['q=tamari&without=wheat', [], ['tamari']];
        yield 'with an allergen that hides' => ['q=worcester&contains=fish', ['worcestershire-type-sauce'], []];
        yield 'the strongest chillies' => ['taste=heat&least=10000', ['habanero', 'cayenne'], ['ancho', 'sugar']];
        yield 'a decimal comma' => ['taste=sourness&least=4,9&most=5,1', ['white-vinegar'], ['white-vinegar-4']];
    }

    /**
     * @param list<string> $in
     * @param list<string> $out
     */
    #[DataProvider('queries')]
    public function test_finds_what_is_looked_for(string $query, array $in, array $out): void
    {
        $found = array_column(
            $this->documented('pantry-list', $this->getJson("/api/pantry?{$query}"))['ingredients'],
            'slug',
        );

        self::assertSame([], array_diff($in, $found));
        self::assertSame([], array_intersect($out, $found));
    }

    public function test_a_page_says_how_strong_how_measured_from_where_and_used_in_what(): void
    {
        $record = $this->kept();
        $page = $this->documented('pantry-page', $this->getJson('/api/pantry/gooseberry'));

        self::assertSame([['id' => $record['id'], 'name' => 'Test ketchup']], $page['used_in']);
        $rows = array_column($page['composition'], null, 'name');
        self::assertSame('87.3 g', $rows['water']['text']);
        self::assertStringContainsString('Souci', $rows['water']['source']);
        self::assertSame('not known', $rows['glutamic']['text']);
        self::assertArrayNotHasKey('ethanol', $rows, 'what it cannot have is not listed');
        self::assertSame(['wheat'], $this->getJson('/api/pantry/tamari')->json('may_contain'));
        $this->documented('failure', $this->getJson('/api/pantry/unobtainium'), 404);
    }

    public function test_what_is_on_hand_is_marked_with_its_price_and_found_by_it(): void
    {
        $page = $this->documented(
            'pantry-page',
            $this->putJson('/api/pantry/honey/on-hand', ['have' => true, 'price' => 4.5, 'pack' => '340 g']),
        );

        self::assertSame(['have' => true, 'price' => 4.5, 'pack' => '340 g', 'amount' => null], $page['on_hand']);
        self::assertSame(['honey'], array_column($this->getJson('/api/pantry?on_hand=1')->json('ingredients'), 'slug'));
        $this->putJson('/api/pantry/honey/on-hand', ['have' => false])->assertOk();
        self::assertSame([], $this->getJson('/api/pantry?on_hand=1')->json('ingredients'));
        self::assertSame(
            'price',
            $this->documented(
                'failure',
                $this->putJson('/api/pantry/honey/on-hand', ['have' => true, 'price' => -1]),
                422,
            )['error']['fields'][0]['field'],
        );
    }

    public function test_an_ingredient_of_ones_own_is_kept_used_changed_and_moves_what_it_should(): void
    {
        $page = $this->documented(
            'pantry-page',
            $this->postJson('/api/own-ingredients', [
                'name' => 'My vinegar',
                'like' => 'cider-vinegar',
                'values' => ['acidity_percent' => 6],
            ]),
            201,
        );
        self::assertSame('my-vinegar', $page['slug']);
        self::assertSame(
            ['my-vinegar'],
            array_column(
                array_filter(
                    $this->getJson('/api/pantry?q=my vinegar')->json('ingredients'),
                    static fn ($it): bool => $it['own'],
                ),
                'slug',
            ),
        );

        $recipe = self::RECIPE;
        $recipe['stages'][0]['lines'][] = ['id' => 'l9', 'ingredient' => 'my-vinegar', 'amount' => '1 cup'];
        $record = $this->documented('recipe-record', $this->postJson('/api/recipes', ['recipe' => $recipe]), 201);
        self::assertSame('My vinegar', $record['recipe']['ingredients']['my-vinegar']['name'], 'the file stands alone');

        $stronger = ['name' => 'My vinegar', 'like' => 'cider-vinegar', 'values' => ['acidity_percent' => 9]];
        $preview = $this->documented(
            'own-preview',
            $this->postJson('/api/own-ingredients/preview?slug=my-vinegar', $stronger),
        );
        self::assertSame($record['id'], $preview['moves'][0]['id']);
        self::assertMatchesRegularExpression(
            '/sour (?:half a step|\d(?:\.\d)? steps?) up/',
            $preview['moves'][0]['text'],
        );
        self::assertEqualsWithDelta(
            6.0,
            (float) $this->getJson('/api/pantry/my-vinegar')->json('own.values.acidity_percent'),
            1e-9,
            'a preview keeps nothing',
        );

        $this->documented('pantry-page', $this->putJson('/api/own-ingredients/my-vinegar', $stronger));
        self::assertSame(9, $this->getJson('/api/pantry/my-vinegar')->json('own.values.acidity_percent'));

        $this->deleteJson('/api/own-ingredients/my-vinegar')->assertNoContent();
        $kept = $this->getJson("/api/recipes/{$record['id']}")->json('recipe');
        self::assertSame(
            [],
            $this->documented('evaluation', $this->postJson('/api/evaluate', ['recipe' => $kept]))['analysis'][
                'problems'
            ],
            'the recipe keeps what it was saved with',
        );
    }

    public function test_a_recipe_is_made_an_ingredient(): void
    {
        $page = $this->documented(
            'pantry-page',
            $this->postJson("/api/recipes/{$this->kept()['id']}/as-ingredient", []),
            201,
        );

        self::assertSame('Test ketchup', $page['name']);
        self::assertStringContainsString('g/mL', $page['density_text']);
    }

    public function test_a_label_that_cannot_be_names_its_field(): void
    {
        $failure = $this->documented(
            'failure',
            $this->postJson('/api/own-ingredients', [
                'name' => 'x',
                'like' => 'honey',
                'values' => ['sugars_g' => 150],
            ]),
            422,
        );
        self::assertStringContainsString('more than 100 g in 100 g', $failure['error']['message']);
        self::assertSame(
            'values.salt_g',
            $this->documented(
                'failure',
                $this->postJson('/api/own-ingredients', [
                    'name' => 'x',
                    'like' => 'honey',
                    'values' => ['salt_g' => 'lots'],
                ]),
                422,
            )['error']['fields'][0]['field'],
        );
        self::assertSame(
            [],
            array_filter($this->getJson('/api/pantry')->json('ingredients'), static fn ($it): bool => $it['own']),
            'nothing is half made',
        );
    }

    public function test_the_blue_mug_is_measured_once_and_goes_with_the_recipe(): void
    {
        $kept = $this->documented(
            'vessel-list',
            $this->putJson('/api/vessels', ['vessels' => [['name' => 'The blue mug', 'millilitres' => 330]]]),
        );
        self::assertSame('blue mug', $kept['vessels'][0]['name']);

        $reading = $this->documented('reading', $this->postJson('/api/read', ['text' => '2 blue mugs of water']));
        self::assertSame(
            ['water', '2 blue mugs'],
            [
                $reading['recipe']['stages'][0]['lines'][0]['ingredient'],
                $reading['recipe']['stages'][0]['lines'][0]['amount'],
            ],
        );
        $record = $this->documented(
            'recipe-record',
            $this->postJson('/api/recipes', ['recipe' => $reading['recipe']]),
            201,
        );
        self::assertEqualsWithDelta(330.0, $record['recipe']['x-vessels']->{'blue mug'}, 1e-9, 'the file stands alone');

        $this->putJson('/api/vessels', ['vessels' => []])->assertOk();
        $analysis = $this->documented('evaluation', $this->postJson('/api/evaluate', ['recipe' => $record['recipe']]))[
            'analysis'
        ];
        self::assertEqualsWithDelta(2 * 330 * 0.998, $analysis['lines'][0]['mass_g'], 0.01);
        self::assertSame(
            'vessels[0].name',
            $this->documented(
                'failure',
                $this->putJson('/api/vessels', ['vessels' => [['name' => 'cup', 'millilitres' => 300]]]),
                422,
            )['error']['fields'][0]['field'],
        );
    }

    public function test_a_corrected_copy_takes_the_place_of_the_old_one(): void
    {
        $kept = $this->kept();
        $page = $this->documented(
            'pantry-page',
            $this->postJson('/api/own-ingredients', [
                'name' => 'My gooseberries',
                'like' => 'gooseberry',
                'values' => ['sugars_g' => 9],
            ]),
            201,
        );
        self::assertSame([$kept['id']], array_column($page['could_replace'], 'id'));

        $page = $this->documented(
            'pantry-page',
            $this->postJson("/api/own-ingredients/my-gooseberries/instead-in/{$kept['id']}", []),
        );
        self::assertSame([[], [$kept['id']]], [$page['could_replace'], array_column($page['used_in'], 'id')]);
        $changed = $this->documented('recipe-record', $this->getJson("/api/recipes/{$kept['id']}"));
        self::assertSame(
            ['my-gooseberries', 2],
            [$changed['recipe']['stages'][0]['lines'][0]['ingredient'], $changed['revision']],
        );
        self::assertArrayHasKey('my-gooseberries', $changed['recipe']['ingredients'], 'the file stands alone');
    }

    public function test_the_household_says_how_it_measures_and_reads(): void
    {
        $recipe
            = [
                'stages' => [
                    [
                        'id' => 's',
                        'lines' => [
                            ['id' => 'a', 'ingredient' => 'fine-salt', 'amount' => '200 g'],
                            ['id' => 'b', 'ingredient' => 'water', 'amount' => '1.5 l'],
                        ],
                    ],
                ],
            ] + self::RECIPE;
        $evaluate = fn () => $this->postJson('/api/evaluate', ['recipe' => $recipe]);
        $read = fn (): array => $this->documented('evaluation', $evaluate());
        $usual = $this->documented('preferences', $this->getJson('/api/preferences'));
        self::assertSame(
            ['us', 'g', 'ml', 'point'],
            [$usual['measures'], $usual['mass'], $usual['volume'], $usual['decimal']],
        );
        self::assertSame('1.57 L', $read()['bench']['makes']['volume_text']);
        self::assertEqualsWithDelta(200 * exp(0.5 / 200), $read()['analysis']['lines'][0]['high_g'], 1e-3);

        $this->documented(
            'preferences',
            $this->putJson('/api/preferences', [
                'measures' => 'metric',
                'scale_g' => 5,
                'mass' => 'oz',
                'volume' => 'cup',
                'decimal' => 'comma',
            ]),
        );
        $mine = $read();
        self::assertSame(
            ['6,27 cups', '59,9 oz'],
            [$mine['bench']['makes']['volume_text'], $mine['bench']['makes']['mass_text']],
        );
        self::assertEqualsWithDelta(
            200 * exp(2.5 / 200),
            $mine['analysis']['lines'][0]['high_g'],
            1e-3,
            'a coarser scale',
        );
        self::assertSame(
            'scale_g',
            $this->documented('failure', $this->putJson('/api/preferences', ['scale_g' => 0] + $usual), 422)['error'][
                'fields'
            ][0]['field'],
        );
    }

    public function test_a_filter_that_cannot_be_read_names_its_field(): void
    {
        self::assertSame(
            'taste',
            $this->documented('failure', $this->getJson('/api/pantry?taste=bitter'), 422)['error']['fields'][0][
                'field'
            ],
        );
        self::assertSame(
            'most',
            $this->documented('failure', $this->getJson('/api/pantry?taste=heat&most=lots'), 422)['error']['fields'][0][
                'field'
            ],
        );
    }

    /**
     * A pantry of thousands costs a recipe nothing: of the household's own only what it names is read, by slug or by
     * what a word means here.
     */
    public function test_a_recipe_reads_of_the_households_own_only_what_it_names(): void
    {
        foreach (['My plums' => 9, 'My other plums' => 12, 'My third plums' => 14] as $name => $sugars) {
            $this->postJson('/api/own-ingredients', [
                'name' => $name,
                'like' => 'plum',
                'values' => ['sugars_g' => $sugars],
            ])->assertCreated();
        }
        $sweet = fn (string $slug): float => $this->documented(
            'evaluation',
            $this->postJson('/api/evaluate', [
                'recipe'
                    => [
                        'stages' => [
                            ['id' => 's', 'lines' => [['id' => 'a', 'ingredient' => $slug, 'amount' => '500 g']]],
                        ],
                    ] + self::RECIPE,
            ]),
        )['analysis']['measures']['sweetness']['value'];
        $this->app->forgetScopedInstances();
        $this->app->forgetInstance(\App\Pantry\Household::class);
        \Illuminate\Support\Facades\DB::enableQueryLog();
        $other = $sweet('my-other-plums');
        $asked = array_filter(
            array_column(\Illuminate\Support\Facades\DB::getQueryLog(), 'query'),
            static fn (string $query): bool => str_contains($query, 'from "own_ingredients"')
                && ! str_contains($query, 'aggregate'),
        );
        self::assertNotSame([], $asked);
        self::assertSame(
            [],
            array_filter($asked, static fn (string $query): bool => ! str_contains($query, '"slug" in')),
            'never all of them',
        );
        \Illuminate\Support\Facades\DB::disableQueryLog();

        self::assertGreaterThan($sweet('my-plums'), $other);
        self::assertEqualsWithDelta($other, $sweet('My other plums'), 1e-9, 'by its name as well');
        $this->putJson(
            '/api/preferences',
            ['meanings' => ['plums' => 'my-third-plums']] + $this->getJson('/api/preferences')->json(),
        );
    }
}
