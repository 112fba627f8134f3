<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Models\StoredRecipe;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;

/**
 * What comes in is checked as strictly as what is evaluated, and what is broken all the same takes nothing else down.
 */
final class DoorTest extends HttpTestCase
{
    /**
     * @return iterable<string, array{array<string, mixed>, string}> what the recipe brings, and the field that is
     * named
     */
    public static function broken(): iterable
    {
        yield 'an own ingredient like nothing there is' => [
            ['ingredients' => ['my-x' => ['name' => 'X', 'like' => 'no-such']]],
            'my-x',
        ];
        yield 'an ingredient by a number' => [['ingredients' => ['0' => (object) []]], 'ingredients'];
        yield 'a style that begins above its aim' => [
            [
                'style' => [
                    'slug' => 'my-s',
                    'name' => 'S',
                    'bands' => ['sweetness' => ['low' => 30, 'aim' => 20, 'high' => 40]],
                ],
            ],
            'style',
        ];
        yield 'a vessel by a number' => [['x-vessels' => ['2' => 300]], 'x-vessels'];
        yield 'a vessel of nothing' => [['x-vessels' => ['beaker' => -3]], 'x-vessels'];
    }

    /** @param array<string, mixed> $brings */
    #[DataProvider('broken')]
    public function test_what_would_not_evaluate_is_not_kept(array $brings, string $field): void
    {
        $recipe = $brings + self::RECIPE;
        $evaluated = $this->postJson('/api/evaluate', ['recipe' => $recipe]);
        $kept = $this->postJson('/api/recipes', ['recipe' => $recipe]);

        self::assertSame(422, $kept->getStatusCode(), (string) $kept->getContent());
        self::assertSame($evaluated->getStatusCode(), $kept->getStatusCode());
        self::assertStringContainsString($field, (string) $kept->getContent());
        self::assertSame(0, StoredRecipe::query()->count());

        $record = $this->kept();
        $this->putJson("/api/recipes/{$record['id']}", ['recipe' => $recipe], ['If-Match' => '"1"'])->assertStatus(422);
        self::assertSame(1, StoredRecipe::query()->findOrFail($record['id'])->revision);
    }

    public function test_a_broken_recipe_is_one_card_that_says_so_and_takes_nothing_else_down(): void
    {
        $whole = $this->kept('Whole');
        $ids = [];
        foreach (
            [
                ['ingredients' => ['my-x' => ['name' => 'X', 'like' => 'no-such']]] + self::RECIPE,
                ['x-vessels' => ['2' => 300]] + self::RECIPE,
                ['stages' => 'none'] + self::RECIPE,
                ['nothing'],
            ] as $i => $document
        ) {
            $ids[] = $id = strtolower((string) Str::ulid());
            DB::table('recipes')->insert([
                'id' => $id,
                'name' => "Broken {$i}",
                'document' => json_encode($document),
                'revision' => 1,
                'created_at' => now(),
                'updated_at' => now(),
            ]);
        }
        $torn = strtolower((string) Str::ulid());
        DB::table('recipes')->insert([
            'id' => $torn,
            'name' => 'Torn',
            'document' => '{"name": "To',
            'revision' => 1,
            'created_at' => now(),
            'updated_at' => now(),
        ]);

        $cards = $this->documented('recipe-list', $this->getJson('/api/recipes'))['recipes'];
        self::assertCount(6, $cards);
        $broken = array_column(
            array_filter($cards, static fn (array $card): bool => isset($card['broken'])),
            'broken',
            'name',
        );
        self::assertCount(5, $broken);
        self::assertStringContainsString('no-such', $broken['Broken 0']);
        self::assertArrayNotHasKey('Whole', $broken);

        // it can be had as text and thrown away, and the others live on
        self::assertStringContainsString(
            '{"name": "To',
            $this->get("/api/recipes/{$torn}/text")
                ->assertOk()
                ->getContent(),
        );
        self::assertStringContainsString(
            'no-such',
            $this->get("/api/recipes/{$ids[0]}/text")
                ->assertOk()
                ->getContent(),
        );
        $this->getJson("/api/recipes/{$ids[0]}")->assertStatus(422);
        $this->getJson("/api/recipes/{$torn}")->assertStatus(422);
        $this->getJson("/api/recipes/{$whole['id']}")->assertOk();
        foreach ([...$ids, $torn] as $id) {
            foreach (
                [
                    "recipes/{$id}/batches" => [],
                    "recipes/{$id}/as-style" => ['name' => 'Mine'],
                    "recipes/{$id}/as-ingredient" => [],
                    "recipes/{$id}/duplicate" => [],
                    'shopping' => ['batches' => [['recipe' => $id, 'to' => '1x']]],
                ] as $path => $body
            ) {
                self::assertSame(422, $this->postJson("/api/{$path}", $body)->getStatusCode(), $path);
            }
        }
        foreach ([$ids[0], $torn] as $id) {
            $this->deleteJson("/api/recipes/{$id}")->assertNoContent();
        }
        self::assertCount(4, $this->documented('recipe-list', $this->getJson('/api/recipes'))['recipes']);
    }

    public function test_lists_asked_for_in_another_shape_are_answered(): void
    {
        foreach (
            [
                '/api/recipes?q[]=1',
                '/api/pantry?q[]=1',
                '/api/ingredients?q[]=1',
                '/api/pantry?role[]=sweet',
                '/api/styles?q[]=1',
            ] as $path
        ) {
            self::assertLessThan(500, $this->getJson($path)->getStatusCode(), $path);
        }
    }

    /** @return iterable<string, array{list<array<string, mixed>>, array<string, mixed>|null}> lines and process */
    public static function extremes(): iterable
    {
        yield 'an amount in per cent' => [[['ingredient' => 'sugar', 'amount' => '10 %']], null];
        yield 'fried for two days' => [
            [['ingredient' => 'soy-sauce', 'amount' => '200 g']],
            ['kind' => 'fry', 'minutes' => 3000],
        ];
        yield 'boiled and boiled' => [
            [['ingredient' => 'red-wine', 'amount' => '200 g']],
            ['kind' => 'boil', 'minutes' => 804.1],
        ];
        yield 'roasted for days' => [
            [['ingredient' => 'water', 'amount' => 'a fl oz + 1 tsp']],
            ['kind' => 'roast', 'minutes' => 6018],
        ];
    }

    /**
     * @param list<array<string, mixed>> $lines
     * @param array<string, mixed>|null $process
     */
    #[DataProvider('extremes')]
    public function test_extremes_are_answered(array $lines, ?array $process): void
    {
        $recipe
            = ['stages' => [['lines' => $lines] + ($process === null ? [] : ['process' => $process])]] + self::RECIPE;
        foreach (
            [
                ['evaluate', []],
                ['plan', ['to' => '6 x 250 ml']],
                ['scale', ['to' => '6 x 250 ml']],
                ['rescue', ['feels' => ['salty' => 2]]],
                ['rebalance', ['target' => ['sweetness' => 20]]],
                ['export', ['format' => 'markdown']],
            ] as [$path, $more]
        ) {
            $answer = $this->postJson("/api/{$path}", ['recipe' => $recipe] + $more);
            self::assertLessThan(
                500,
                $answer->getStatusCode(),
                $path.' '.mb_substr((string) $answer->getContent(), 0, 300),
            );
            self::assertStringNotContainsString('NAN', (string) $answer->getContent());
        }
    }
}
