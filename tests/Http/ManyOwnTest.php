<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Models\OwnIngredientRecord;
use App\Pantry\Compiled;
use App\Pantry\Household;
use Illuminate\Support\Facades\DB;

/** A pantry with more of one's own than anybody reads. */
final class ManyOwnTest extends HttpTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        foreach (range(1, 330) as $number) {
            OwnIngredientRecord::factory()->numbered($number)->create();
        }
    }

    /** @return list<string> */
    private function found(string $path): array
    {
        return array_column(
            $this->getJson("/api/{$path}")
                ->assertOk()
                ->json('ingredients'),
            'name',
        );
    }

    public function test_each_is_found_by_its_name_its_beginning_its_words_and_a_part_of_one(): void
    {
        foreach (
            ['bottle 117 of emiles vinegar', 'Bottle 117', 'émile’s 117', 'my-bottle-117', 'ottle 117'] as $typed
        ) {
            self::assertSame(
                'Bottle 117 of Émile’s vinegar',
                $this->found('ingredients?q='.urlencode($typed))[0] ?? null,
                $typed,
            );
        }
    }

    public function test_a_search_finds_what_it_would_if_all_were_read(): void
    {
        foreach (['vinegar', 'bottle', 'b', 'of em', '13', 'cider', '', 'e vin'] as $typed) {
            $path = 'ingredients?q='.urlencode($typed);
            $few = $this->found($path);
            $all = $this->app->make(Household::class)->whole()->search($typed);
            self::assertSame(array_map(static fn ($each): string => $each->name, $all), $few, $typed);
        }
    }

    public function test_the_pantry_shows_the_first_of_them_and_all_that_ships_and_says_so(): void
    {
        $list = $this->documented('pantry-list', $this->getJson('/api/pantry'));
        $own = array_filter($list['ingredients'], static fn (array $each): bool => $each['own']);

        self::assertCount(100, $own);
        self::assertCount(
            count($this->app->make(Compiled::class)->catalogue()->slugs()),
            array_filter($list['ingredients'], static fn (array $each): bool => ! $each['own']),
        );
        self::assertSame(
            'Of your own 330, these are the first 100. Type more of a name to find the others.',
            $list['more_text'],
        );
        self::assertNull($this->documented('pantry-list', $this->getJson('/api/pantry?q=bottle+12'))['more_text']);
    }

    public function test_what_is_asked_of_all_of_them_is_answered_from_all_of_them(): void
    {
        self::assertCount(
            330,
            array_filter(
                $this->found('pantry?role=acid'),
                static fn (string $name): bool => str_starts_with($name, 'Bottle'),
            ),
        );
    }

    public function test_one_that_is_renamed_is_found_by_its_new_name_and_thrown_away_not_at_all(): void
    {
        $this->putJson('/api/own-ingredients/my-bottle-5', [
            'name' => 'The sharp one',
            'like' => 'cider-vinegar',
            'values' => ['acidity_percent' => 7],
        ])->assertOk();
        self::assertSame(['The sharp one'], $this->found('ingredients?q=sharp+one'));
        $this->deleteJson('/api/own-ingredients/my-bottle-5')->assertSuccessful();
        self::assertSame([], $this->found('ingredients?q=sharp+one'));
    }

    public function test_of_so_many_what_a_note_or_a_recipe_names_is_known_and_the_rest_costs_nothing(): void
    {
        $this->postJson('/api/own-ingredients', [
            'name' => 'Hedge wine', 'like' => 'cider-vinegar', 'values' => ['acidity_percent' => 1],
        ])->assertCreated();
        self::assertCount(
            count($this->app->make(Compiled::class)->catalogue()->slugs()),
            $this->app->make(Household::class)->catalogue()->slugs(),
        );
        $read = $this->postJson('/api/read', [
            'text' => "1 kg plums\n200 ml hedge wine\n100 g sugar",
            'measures' => 'metric',
        ])->assertOk()->json();
        self::assertSame([], $read['questions']);
        self::assertSame('my-hedge-wine', $read['recipe']['stages'][0]['lines'][1]['ingredient']);

        $line = $read['recipe']['stages'][0]['lines'][1]['id'];
        $swap = $this->postJson('/api/swap', ['recipe' => $read['recipe'], 'line' => $line])->assertOk()->json();
        self::assertNotSame([], $swap['options']);
        $this->postJson('/api/swap', ['recipe' => $read['recipe'], 'line' => $line, 'in' => 'my-bottle-9'])->assertOk();
        $this->postJson('/api/swap', ['recipe' => $read['recipe'], 'line' => $line, 'in' => 'my-bottle-9999'])
            ->assertStatus(422);
        $this->postJson(
            '/api/rescue',
            ['recipe' => $read['recipe'], 'feels' => ['sour' => -2], 'have' => ['my-bottle-44', 'sugar']],
        )->assertOk();
    }

    public function test_a_card_is_worked_out_anew_where_its_own_ingredient_changed_and_nowhere_else(): void
    {
        $ids = [];
        foreach (['my-bottle-3', 'cider-vinegar'] as $slug) {
            $ids[$slug] = $this->postJson('/api/recipes', ['recipe' => [
                'format' => 'vinculum-recipe', 'version' => 1, 'name' => "With {$slug}", 'style' => null,
                'measures' => 'metric', 'stages' => [['id' => 's1', 'name' => 'First', 'lines' => [
                    ['id' => 'l1', 'ingredient' => $slug, 'amount' => '100 ml'],
                ]]],
            ]])->assertSuccessful()->json('id');
        }
        $this->getJson('/api/recipes')->assertOk();
        $keys = static fn (): array => DB::table('recipes')->pluck('card_key', 'id')->all();
        $before = $keys();
        self::assertNotContains(null, $before);
        $this->putJson('/api/own-ingredients/my-bottle-3', [
            'name' => 'The sharp one', 'like' => 'cider-vinegar', 'values' => ['acidity_percent' => 7],
        ])->assertOk();
        $after = $keys();

        self::assertNull($after[$ids['my-bottle-3']]);
        self::assertSame($before[$ids['cider-vinegar']], $after[$ids['cider-vinegar']]);
    }
}
