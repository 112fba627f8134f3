<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Models\StoredRecipe;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

final class RecipesTest extends HttpTestCase
{
    public function test_a_recipe_is_kept_read_and_listed_with_its_balance(): void
    {
        $record = $this->kept();

        self::assertSame(1, $record['revision']);
        self::assertSame($record, $this->documented('recipe-record', $this->getJson("/api/recipes/{$record['id']}")));
        $card = $this->documented('recipe-list', $this->getJson('/api/recipes'))['recipes'][0];
        self::assertSame(['Test ketchup', 'Fruit ketchup', 0], [$card['name'], $card['style_name'], $card['problems']]);
        self::assertCount(5, $card['columns']);
    }

    public function test_what_other_programs_wrote_under_x_keys_comes_back_as_it_was(): void
    {
        $extra = '{"empty":{},"list":[],"deep":{"x":[{}]}}';
        $json = json_encode(['recipe' => self::RECIPE], JSON_THROW_ON_ERROR);
        $response = $this->call(
            'POST',
            '/api/recipes',
            [],
            [],
            [],
            ['CONTENT_TYPE' => 'application/json'],
            str_replace('"name"', '"x-other":'.$extra.',"name"', $json),
        );
        $record = $this->documented('recipe-record', $response, 201);

        self::assertStringContainsString(
            '"x-other":'.$extra,
            (string) $this->getJson("/api/recipes/{$record['id']}")->getContent(),
        );
    }

    public function test_saving_over_the_revision_seen_makes_the_next(): void
    {
        $record = $this->kept();
        $saved = $this->documented(
            'recipe-record',
            $this->withHeader('If-Match', '"1"')->putJson("/api/recipes/{$record['id']}", [
                'recipe' => ['name' => 'Renamed'] + self::RECIPE,
            ]),
        );

        self::assertSame([2, 'Renamed'], [$saved['revision'], $saved['recipe']['name']]);
        self::assertSame('Renamed', $this->getJson('/api/recipes')->json('recipes.0.name'));
    }

    public function test_a_stale_save_changes_nothing_and_gets_both_versions(): void
    {
        $record = $this->kept();
        $url = "/api/recipes/{$record['id']}";
        $this->withHeader('If-Match', '"1"')
            ->putJson($url, ['recipe' => ['name' => 'Theirs'] + self::RECIPE])
            ->assertOk();
        $failure = $this->documented(
            'failure',
            $this->withHeader('If-Match', '"1"')->putJson($url, ['recipe' => ['name' => 'Mine'] + self::RECIPE]),
            409,
        );

        self::assertSame(
            ['Mine', 'Theirs', 2],
            [$failure['yours']['name'], $failure['theirs']['recipe']['name'], $failure['theirs']['revision']],
        );
        self::assertSame('Theirs', $this->getJson($url)->json('recipe.name'));
    }

    public function test_saving_without_saying_over_what_is_refused(): void
    {
        $record = $this->kept();

        $this->documented('failure', $this->putJson("/api/recipes/{$record['id']}", ['recipe' => self::RECIPE]), 428);
        $this->documented(
            'failure',
            $this->withHeader('If-Match', '*')->putJson("/api/recipes/{$record['id']}", ['recipe' => self::RECIPE]),
            428,
        );
    }

    public function test_an_invalid_recipe_is_not_kept_at_all(): void
    {
        $record = $this->kept();
        $this->documented(
            'failure',
            $this->withHeader('If-Match', '"1"')->putJson("/api/recipes/{$record['id']}", [
                'recipe' => ['measures' => 'martian'] + self::RECIPE,
            ]),
            422,
        );

        self::assertSame(1, $this->getJson("/api/recipes/{$record['id']}")->json('revision'));
    }

    public function test_deleting_is_taken_back_by_restoring(): void
    {
        $id = $this->kept()['id'];
        $this->deleteJson("/api/recipes/{$id}")->assertNoContent();
        $this->documented('failure', $this->getJson("/api/recipes/{$id}"), 404);
        self::assertSame([], $this->getJson('/api/recipes')->json('recipes'));

        $this->documented('recipe-record', $this->postJson("/api/recipes/{$id}/restore", []));
        self::assertSame('Test ketchup', $this->getJson('/api/recipes')->json('recipes.0.name'));
    }

    public function test_a_copy_is_a_recipe_of_its_own(): void
    {
        $id = $this->kept()['id'];
        $copy = $this->documented('recipe-record', $this->postJson("/api/recipes/{$id}/duplicate", []), 201);

        self::assertSame('Test ketchup, a copy', $copy['recipe']['name']);
        self::assertNotSame($id, $copy['id']);
        self::assertSame(2, StoredRecipe::query()->count());
    }

    public function test_the_shelf_is_searched_by_part_of_a_name(): void
    {
        $this->kept('Zebra sauce');
        $this->kept('100 % mustard');

        self::assertSame(['Zebra sauce'], array_column($this->getJson('/api/recipes?q=ZEBR')->json('recipes'), 'name'));
        self::assertSame(
            ['100 % mustard'],
            array_column($this->getJson('/api/recipes?q=%25')->json('recipes'), 'name'),
            'a per cent sign is only itself',
        );
        self::assertSame([], $this->getJson('/api/recipes?q=zzz')->json('recipes'));
    }

    public function test_the_demo_recipes_can_all_be_read_whole(): void
    {
        $this->seed(DemoSeeder::class);
        $cards = $this->documented('recipe-list', $this->getJson('/api/recipes'))['recipes'];

        self::assertCount(6, $cards);
        self::assertSame('Gooseberry ketchup', $cards[0]['name']);
        self::assertSame([0, 0, 0, 0, 0, 0], array_column($cards, 'problems'));
    }

    public function test_the_database_waits_for_another_writer_instead_of_failing(): void
    {
        self::assertSame(5000, DB::selectOne('pragma busy_timeout')->timeout);
        self::assertSame(1, DB::selectOne('pragma foreign_keys')->foreign_keys);
        self::assertSame('WAL', config('database.connections.sqlite.journal_mode'));
    }

    public function test_what_was_neither_named_nor_filled_is_left_behind_nowhere(): void
    {
        $blank = [
            'format' => 'vinculum-recipe',
            'version' => 2,
            'name' => 'New sauce',
            'stages' => [['id' => 's1', 'lines' => []]],
        ];
        $ids = [];
        foreach (
            [
                'blank' => $blank,
                'named' => ['name' => 'Plum something'] + $blank,
                'filled'
                    => [
                        'stages' => [
                            ['id' => 's1', 'lines' => [['id' => 'l1', 'ingredient' => 'plum', 'amount' => '1 kg']]],
                        ],
                    ] + $blank,
            ] as $which => $recipe
        ) {
            $ids[$which] = $this->postJson('/api/recipes', ['recipe' => $recipe])
                ->assertCreated()
                ->json('id');
        }
        self::assertEqualsCanonicalizing(
            [$ids['named'], $ids['filled']],
            array_column($this->getJson('/api/recipes')->json('recipes'), 'id'),
        );
        // who is still on the Bench with it goes on
        $this->getJson("/api/recipes/{$ids['blank']}")->assertOk();

        Carbon::setTestNow(Carbon::now()->addDays(2));
        $this->postJson('/api/recipes', ['recipe' => ['name' => 'Another'] + $blank])->assertCreated();
        $this->getJson("/api/recipes/{$ids['blank']}")->assertNotFound();
        $this->getJson("/api/recipes/{$ids['named']}")->assertOk();
        self::assertSame([], $this->getJson('/api/house')->json('bin'));
        Carbon::setTestNow();
    }

    public function test_the_shelf_is_searched_by_name_ingredient_kind_and_what_was_said_of_a_batch(): void
    {
        $plain = $this->kept('Plain one')['id'];
        $star = $this->postJson('/api/recipes', [
            'recipe'
                => [
                    'name' => 'Another',
                    'style' => 'fruit-chutney',
                    'stages' => [
                        ['id' => 's1', 'lines' => [['id' => 'l1', 'ingredient' => 'star-anise', 'amount' => '2']]],
                    ],
                ] + self::RECIPE,
        ])
            ->assertCreated()
            ->json('id');
        $batch = $this->postJson("/api/recipes/{$plain}/batches", [])->json('id');
        $this->postJson("/api/batches/{$batch}/notes", ['text' => 'for the Harbour Fair'])->assertOk();
        $found = fn (string $typed): array => array_column(
            $this->getJson('/api/recipes?q='.urlencode($typed))->json('recipes'),
            'id',
        );

        self::assertSame([$star], $found('anise'));
        self::assertSame([$star], $found('star chutney'));
        self::assertSame([$plain], $found('harbour'));
        self::assertSame([$plain], $found('plain FAIR'));

        // what is not in it, in whatever words
        $milk = $this->postJson('/api/recipes', [
            'recipe'
                => [
                    'name' => 'With milk',
                    'stages' => [
                        ['id' => 's1', 'lines' => [['id' => 'l1', 'ingredient' => 'yoghurt', 'amount' => '200 g']]],
                    ],
                ] + self::RECIPE,
        ])
            ->assertCreated()
            ->json('id');
        self::assertNotContains($plain, $found('milk'));
        foreach (['milk-free', 'without milk', 'no milk', 'vegan'] as $typed) {
            self::assertNotContains($milk, $found($typed), $typed);
            self::assertContains($plain, $found($typed), $typed);
        }
        self::assertSame([$milk], $found('yoghurt egg-free'));
        self::assertSame([], $found('anise harbour'));
        self::assertCount(3, $found(''));
    }
}
