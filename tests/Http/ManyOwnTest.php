<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Models\OwnIngredientRecord;
use App\Pantry\Compiled;
use App\Pantry\Household;

/** A pantry with more of one's own than anybody reads. */
final class ManyOwnTest extends HttpTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        foreach (range(1, 130) as $number) {
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
            $all = $this->app->make(Household::class)->catalogue()->search($typed);
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
            'Of your own 130, these are the first 100. Type more of a name to find the others.',
            $list['more_text'],
        );
        self::assertNull($this->documented('pantry-list', $this->getJson('/api/pantry?q=bottle+12'))['more_text']);
    }

    public function test_what_is_asked_of_all_of_them_is_answered_from_all_of_them(): void
    {
        self::assertCount(
            130,
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
}
