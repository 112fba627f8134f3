<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Models\EquipmentRecord;
use App\Models\StoredRecipe;
use App\Models\Vessel;
use App\Support\Merge;
use Illuminate\Database\UniqueConstraintViolationException;
use PHPUnit\Framework\Attributes\DataProvider;

/** Lists that two change at once: nobody's change takes another's away. */
final class ListsTest extends HttpTestCase
{
    /**
     * @return iterable<string, array{list<string>, list<string>, list<string>, list<string>}> now, as it was seen, as
     * it is wanted, what comes of it
     */
    public static function changes(): iterable
    {
        yield 'nobody else was there' => [['a', 'b'], ['a', 'b'], ['a', 'c'], ['a', 'c']];
        yield 'another added' => [['a', 'b', 'x'], ['a', 'b'], ['a', 'b', 'c'], ['a', 'b', 'x', 'c']];
        yield 'another took away what is left as it was' => [['a'], ['a', 'b'], ['a', 'b', 'c'], ['a', 'c']];
        yield 'both took the same away' => [['a'], ['a', 'b'], ['a'], ['a']];
        yield 'both added the same' => [['a', 'c'], ['a'], ['a', 'c'], ['a', 'c']];
    }

    /**
     * @param list<string> $now
     * @param list<string> $was
     * @param list<string> $wanted
     * @param list<string> $merged
     */
    #[DataProvider('changes')]
    public function test_what_one_changed_is_done_to_the_list_as_it_is_now(
        array $now,
        array $was,
        array $wanted,
        array $merged,
    ): void {
        self::assertSame($merged, Merge::lists($now, $was, $wanted, static fn (string $each): string => $each));
    }

    public function test_two_who_add_a_pan_at_once_both_keep_it(): void
    {
        $pan = static fn (string $name, int $count = 1): array => [
            'name' => $name,
            'kind' => 'pan',
            'ml' => 3000,
            'count' => $count,
            'width_cm' => null,
        ];
        $seen = $this->documented('equipment-list', $this->putJson('/api/equipment', ['equipment' => [$pan('big')]]))[
            'equipment'
        ];
        foreach (['small', 'wide', 'tall'] as $name) {
            $this->documented(
                'equipment-list',
                $this->putJson('/api/equipment', ['equipment' => [...$seen, $pan($name)], 'was' => $seen]),
            );
        }
        $this->documented(
            'equipment-list',
            $this->putJson('/api/equipment', ['equipment' => [$pan('big', 2)], 'was' => $seen]),
        );

        self::assertSame(
            ['big' => 2, 'small' => 1, 'wide' => 1, 'tall' => 1],
            EquipmentRecord::query()
                ->pluck('count', 'name')
                ->sortKeysUsing(
                    static fn (string $a, string $b): int => array_search($a, ['big', 'small', 'wide', 'tall'], true)
                        <=> array_search($b, ['big', 'small', 'wide', 'tall'], true),
                )
                ->all(),
        );

        // whoever says nothing of what they saw means the whole list
        $this->documented('equipment-list', $this->putJson('/api/equipment', ['equipment' => [$pan('only')]]));
        self::assertSame(['only'], EquipmentRecord::query()->pluck('name')->all());
    }

    public function test_two_who_add_a_mug_and_one_who_forgets_one(): void
    {
        $mug = static fn (string $name): array => ['name' => $name, 'millilitres' => 300];
        $seen = $this->documented(
            'vessel-list',
            $this->putJson('/api/vessels', ['vessels' => [$mug('blue mug'), $mug('egg cup')]]),
        )['vessels'];
        $this->putJson('/api/vessels', ['vessels' => [...$seen, $mug('my red mug')], 'was' => $seen])->assertOk();
        $this->putJson('/api/vessels', ['vessels' => [$mug('egg cup')], 'was' => $seen])->assertOk();

        self::assertSame(['egg cup', 'red mug'], Vessel::query()->orderBy('name')->pluck('name')->all());
    }

    public function test_a_vessel_named_by_a_number_is_refused_and_named(): void
    {
        $this->documented(
            'failure',
            $this->putJson('/api/vessels', ['vessels' => [['name' => '2', 'millilitres' => 300]]]),
            422,
        );
        self::assertSame(0, Vessel::query()->count());
    }

    public function test_two_who_change_different_preferences_at_once(): void
    {
        $seen = $this->documented('preferences', $this->getJson('/api/preferences'));
        $this->putJson('/api/preferences', ['measures' => 'metric', 'was' => $seen] + $seen)->assertOk();
        $this->putJson(
            '/api/preferences',
            ['meanings' => [['words' => 'soy', 'ingredient' => 'tamari']], 'was' => $seen] + $seen,
        )->assertOk();
        $last = $this->documented(
            'preferences',
            $this->putJson(
                '/api/preferences',
                ['meanings' => [['words' => 'vinegar', 'ingredient' => 'cider-vinegar']], 'was' => $seen] + $seen,
            ),
        );

        self::assertSame('metric', $last['measures']);
        self::assertSame(['soy', 'vinegar'], array_column($last['meanings'], 'words'));
    }

    public function test_the_same_name_at_once_is_a_sentence(): void
    {
        $this->app['router']
            ->post(
                '/api/twice',
                static fn () => throw new UniqueConstraintViolationException(
                    'sqlite',
                    'insert',
                    [],
                    new \PDOException('UNIQUE constraint failed'),
                ),
            )
            ->middleware('api');

        $failure = $this->documented('failure', $this->postJson('/api/twice', []), 409);
        self::assertStringContainsString('There is one of that name already', $failure['error']['message']);
    }

    /** @return iterable<string, array{string, string}> what the database says, what the maker reads */
    public static function troubles(): iterable
    {
        yield 'damaged' => ['database disk image is malformed', 'is damaged'];
        yield 'no database' => ['file is not a database', 'is damaged'];
        yield 'full' => ['database or disk is full', 'is full or cannot be written'];
        yield 'read only' => ['attempt to write a readonly database', 'is full or cannot be written'];
        yield 'anything else' => ['database is locked', 'cannot be read or written just now'];
    }

    #[DataProvider('troubles')]
    public function test_what_is_wrong_with_the_database_is_said_in_words(string $said, string $read): void
    {
        $this->app['router']
            ->post('/api/trouble', static fn () => throw new \PDOException("SQLSTATE[HY000]: General error: {$said}"))
            ->middleware('api');
        $failure = $this->documented('failure', $this->postJson('/api/trouble', []), 503);

        self::assertStringContainsString($read, $failure['error']['message']);
        self::assertStringNotContainsString('SQLSTATE', $failure['error']['message']);
    }

    /**
     * Seventy sauces: sixty on a page, the rest on the next, counted; and a card is worked out once and anew when it
     * has to be.
     */
    public function test_the_shelf_comes_in_pages_and_its_cards_are_kept(): void
    {
        for ($i = 0; $i < 70; $i++) {
            StoredRecipe::factory()->called(sprintf('Sauce %02d', $i))->create();
        }
        $first = $this->documented('recipe-list', $this->getJson('/api/recipes'));
        $second = $this->documented('recipe-list', $this->getJson('/api/recipes?page=1'));
        self::assertSame([60, 70, true], [count($first['recipes']), $first['count'], $first['has_more']]);
        self::assertSame([10, 70, false], [count($second['recipes']), $second['count'], $second['has_more']]);
        self::assertSame(
            [],
            array_intersect(array_column($first['recipes'], 'id'), array_column($second['recipes'], 'id')),
        );
        self::assertSame(
            [1, true],
            [
                count($this->getJson('/api/recipes?most=1')->json('recipes')),
                $this->getJson('/api/recipes?most=1')->json('has_more'),
            ],
        );
        self::assertSame(70, StoredRecipe::query()->whereNotNull('card_key')->count());

        // what is kept is what is shown, until the recipe or the household changes
        $id = $first['recipes'][0]['id'];
        \Illuminate\Support\Facades\DB::table('recipes')
            ->where('id', $id)
            ->update([
                'card' => str_replace('"makes ', '"would make ', (string) StoredRecipe::query()->findOrFail($id)->card),
            ]);
        $shown = fn (): string => collect($this->getJson('/api/recipes?q=sauce')->json('recipes'))->firstWhere(
            'id',
            $id,
        )['makes_text'];
        self::assertStringStartsWith('would make', $shown());
        $this->putJson(
            '/api/preferences',
            ['volume' => 'cup'] + $this->getJson('/api/preferences')->json(),
        )->assertOk();
        self::assertStringStartsWith('makes', $shown());
    }
}
