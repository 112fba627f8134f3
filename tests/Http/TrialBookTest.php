<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Models\Batch;
use App\Models\StoredRecipe;
use Illuminate\Support\Facades\DB;

/** One sauce, many tries: its family, its book, what was otherwise, and the next try. */
final class TrialBookTest extends HttpTestCase
{
    public function test_whatever_is_made_of_a_sauce_belongs_to_it_and_stands_as_one_card(): void
    {
        $first = $this->kept()['id'];
        $batch = $this->made($first, '2026-09-01');
        $again = $this->postJson("/api/batches/{$batch}/again")->assertCreated()->json('id');
        $copy = $this->documented('recipe-record', $this->postJson("/api/recipes/{$again}/duplicate"), 201)['id'];
        $variant = $this->postJson('/api/recipes', [
            'recipe' => ['name' => 'With plums'] + self::RECIPE,
            'variant_of' => $copy,
        ])->assertCreated()->json('id');
        $this->kept('Another sauce');
        $this->made($variant, '2026-09-08');

        self::assertSame($again, StoredRecipe::query()->findOrFail($copy)->parent_id);
        self::assertSame($copy, StoredRecipe::query()->findOrFail($variant)->parent_id);
        $cards = $this->documented('recipe-list', $this->getJson('/api/recipes?by=family'));
        self::assertSame(2, $cards['count']);
        self::assertCount(2, $cards['recipes']);
        $card = array_column($cards['recipes'], null, 'tries')[2];
        self::assertSame('2 tries of 4 recipes', $card['family_text']);
        // and each of them is there for whoever wants one
        self::assertSame(5, $this->documented('recipe-list', $this->getJson('/api/recipes'))['count']);
        // a word of one of them finds the family
        $found = $this->documented('recipe-list', $this->getJson('/api/recipes?by=family&q=plums'));
        self::assertSame([$variant], array_column($found['recipes'], 'id'));
        // all tries of all of them, from any of them
        foreach ([$first, $copy, $variant] as $of) {
            self::assertCount(2, $this->book($of)['trials']);
        }
    }

    public function test_a_family_is_split_and_joined_by_hand(): void
    {
        $first = $this->kept()['id'];
        $variant = $this->variant($first, 'Hotter');
        $of = $this->variant($variant, 'Hotter still');
        $beside = $this->variant($first, 'Milder');
        $family = fn (string $id): array => array_column($this->getJson("/api/recipes/{$id}")->json('family'), 'id');

        $this->documented('recipe-record', $this->deleteJson("/api/recipes/{$variant}/family"));
        self::assertSame([$of], $family($variant), 'what was made from it goes with it');
        self::assertSame([$beside], $family($first));
        // the first leaves: the others stay together
        $third = $this->variant($first, 'Third');
        $this->documented('recipe-record', $this->deleteJson("/api/recipes/{$first}/family"));
        self::assertSame([], $family($first));
        self::assertSame([$third], $family($beside));
        $this->documented('failure', $this->deleteJson("/api/recipes/{$first}/family"), 409);

        $this->documented('recipe-record', $this->putJson("/api/recipes/{$first}/family", ['with' => $of]));
        self::assertEqualsCanonicalizing([$variant, $of], $family($first));
        $this->documented('failure', $this->putJson("/api/recipes/{$first}/family", ['with' => $variant]), 409);
        $refused = $this->documented(
            'failure',
            $this->putJson("/api/recipes/{$first}/family", ['with' => 'nobody']),
            422,
        );
        self::assertSame('with', $refused['error']['fields'][0]['field']);
    }

    public function test_a_document_that_names_its_sauce_belongs_to_it(): void
    {
        $first = $this->kept('Plum sauce')['id'];
        $try = $this->documented('recipe-record', $this->postJson('/api/recipes', [
            'recipe' => ['name' => 'Plum sauce, hotter', 'family' => 'Plum sauce', 'version' => 3] + self::RECIPE,
        ]), 201);
        self::assertSame([$first], array_column($try['family'], 'id'));
        self::assertSame('Plum sauce', $try['recipe']['family']);
        // what is said of a sauce that is not there is no family, and taken away again by a split
        $alone = $this->postJson('/api/recipes', [
            'recipe' => ['name' => 'Pear sauce', 'family' => 'Nobody’s', 'version' => 3] + self::RECIPE,
        ])->assertCreated()->json();
        self::assertSame([], $alone['family']);
        self::assertArrayNotHasKey('family', $alone['recipe']);
        $left = $this->deleteJson("/api/recipes/{$try['id']}/family")->json();
        self::assertArrayNotHasKey('family', $left['recipe']);
        $same = static fn (array $document): array => $document;
        $saved = $this->saved(['revision' => $left['revision']] + $try, $same);
        self::assertSame([], $saved['family'], 'an old page that still says so joins nothing');
    }

    public function test_copies_of_a_house_of_before_are_joined_by_their_ancestry(): void
    {
        $first = $this->kept('Plum sauce')['id'];
        $copy = $this->kept('Plum sauce, a copy')['id'];
        $other = $this->kept('Pear sauce, a copy')['id'];
        $migration = require database_path('migrations/2026_12_02_000025_join_the_tries_of_a_sauce.php');
        $migration->down();
        $migration->up();

        self::assertSame($first, StoredRecipe::query()->findOrFail($copy)->variant_of);
        self::assertNull(StoredRecipe::query()->findOrFail($other)->variant_of, 'of none that is there');
    }

    public function test_the_book_says_what_was_different_what_it_moved_and_which_was_best(): void
    {
        $recipe = $this->kept();
        $this->documented('failure', $this->getJson("/api/recipes/{$recipe['id']}/trials"), 404);
        $ids = [];
        foreach (['1 1/4 cup', '1 cup', '1 cup'] as $i => $sugar) {
            $recipe = $this->saved($recipe, static function (array $document) use ($sugar, $i): array {
                $document['stages'][0]['lines'][1]['amount'] = $sugar;
                $document['stages'][0]['lines'][2]['amount'] = $i === 2 ? '1 tsp' : '2 tsp';

                return $document;
            });
            $ids[] = $this->made($recipe['id'], '2026-09-0'.($i + 1));
        }
        $book = $this->book($recipe['id']);

        self::assertSame($ids, array_column($book['trials'], 'id'));
        self::assertSame(['the first', 'as no. 1', 'as no. 2'], array_column($book['trials'], 'as_text'));
        self::assertSame(['1 cup white sugar, not 1 1/4 cup'], $book['trials'][1]['different']);
        self::assertSame(['1 tsp fine salt, not 2 tsp'], $book['trials'][2]['different']);
        self::assertSame(0.0, (float) $book['trials'][0]['steps']['saltiness']);
        self::assertLessThan(-1.0, $book['trials'][2]['steps']['saltiness']);
        self::assertStringContainsString('Taste two of them', $book['best_text']);
        self::assertSame('3 tries since 1 Sep, nobody has tasted yet', $book['family_text']);
        self::assertStringContainsString('nobody said how well', $book['effects'][0]['effect_text']);

        foreach ([['', 4, 0], ['', 8, 2], ['Wen', 3, 0], ['Wen', 9, 2]] as [$who, $liking, $i]) {
            $this->postJson("/api/batches/{$ids[$i]}/tastings", ['who' => $who, 'liking' => $liking])->assertOk();
        }
        $book = $this->book($recipe['id']);
        self::assertSame([false, false, true], array_column($book['trials'], 'is_best'));
        self::assertSame(
            [['who' => 'me', 'text' => '8'], ['who' => 'Wen', 'text' => '9']],
            $book['trials'][2]['liked'],
        );
        self::assertSame($ids[2], $this->book($recipe['id'], '?sort=liking')['trials'][0]['id']);
        $found = $this->book($recipe['id'], '?find=salt');
        self::assertSame([$ids[2]], array_column($found['trials'], 'id'));
        self::assertSame('2 tries have no such words.', $found['hidden_text']);
        self::assertSame([$ids[0], $ids[2]], array_column(
            $this->book($recipe['id'], "?batches={$ids[0]},{$ids[2]}")['trials'],
            'id',
        ));
        self::assertSame([8.0, 9.0], [
            (float) $this->book($recipe['id'], '?taster=')['trials'][2]['liked'][0]['text'],
            (float) $this->book($recipe['id'], '?taster=Wen')['trials'][2]['liked'][1]['text'],
        ]);

        $csv = $this->documented('export-file', $this->getJson("/api/recipes/{$recipe['id']}/trials/csv"));
        self::assertStringContainsString('"1 tsp fine salt, not 2 tsp"', $csv['text']);
        self::assertCount(4, array_filter(explode("\n", $csv['text'])));
    }

    public function test_two_things_that_moved_at_once_are_said_and_the_next_try_tells_them_apart(): void
    {
        $recipe = $this->kept();
        $one = $this->made($recipe['id'], '2026-09-01');
        $recipe = $this->saved($recipe, static function (array $document): array {
            $document['stages'][0]['lines'][1]['amount'] = '1 cup';
            $document['stages'][0]['lines'][2]['amount'] = '1 tsp';

            return $document;
        });
        $two = $this->made($recipe['id'], '2026-09-02');
        foreach ([[$one, 5], [$two, 8]] as [$batch, $liking]) {
            $this->postJson("/api/batches/{$batch}/tastings", ['liking' => $liking])->assertOk();
        }
        $book = $this->book($recipe['id']);
        self::assertStringStartsWith('two things moved', $book['trials'][1]['moved_text']);
        self::assertStringContainsString('never moved without', $book['effects'][0]['effect_text']);

        $next = $this->documented('next-tries', $this->getJson("/api/recipes/{$recipe['id']}/next-tries"))['tries'];
        self::assertSame($two, $next[0]['batch']);
        self::assertNotSame('', $next[0]['only']);
        self::assertStringContainsString('and nothing else otherwise', $next[0]['text']);
        $set = $this->documented(
            'recipe-record',
            $this->postJson("/api/batches/{$two}/next-try", ['only' => $next[0]['only']]),
            201,
        );
        $amounts = array_column($set['recipe']['stages'][0]['lines'], 'amount', 'ingredient');
        self::assertSame(['1 cup', '2 tsp'], [$amounts['sugar'], $amounts['fine-salt']]);
        self::assertContains($recipe['id'], array_column($set['family'], 'id'));
        $this->documented('failure', $this->postJson("/api/batches/{$two}/next-try", ['only' => 'of nothing']), 409);
    }

    public function test_hotter_next_time_is_a_proposed_edit_in_amounts(): void
    {
        $recipe = $this->kept();
        $batch = $this->made($recipe['id'], '2026-09-01');
        $this->postJson("/api/batches/{$batch}/tastings", ['feels' => ['salty' => 2], 'liking' => 6])->assertOk();
        $next = $this->documented('next-tries', $this->getJson("/api/recipes/{$recipe['id']}/next-tries"))['tries'];

        self::assertSame(['salty'], array_keys($next[0]['feels']));
        self::assertGreaterThan(0.0, $next[0]['feels']['salty']);
        self::assertMatchesRegularExpression('/^No\. 1 with .* fine salt, not 2 tsp/', $next[0]['text']);
        self::assertSame('It settles whether you want it less salty.', $next[0]['settles']);
    }

    public function test_what_was_different_that_time_stays_with_the_batch(): void
    {
        $recipe = $this->kept();
        $said = '1 cup sugar; no salt; the gooseberries were riper';
        $read = $this->documented(
            'different',
            $this->postJson("/api/recipes/{$recipe['id']}/different", ['text' => $said]),
        );
        self::assertSame(
            ['1 cup white sugar, not 1 1/4 cup', 'no fine salt', ''],
            array_column($read['clauses'], 'understood'),
        );
        $batch = $this->documented(
            'batch',
            $this->postJson("/api/recipes/{$recipe['id']}/batches", ['made_on' => '2026-08-01', 'different' => $said]),
            201,
        )['id'];
        $logged = $this->documented('logged-batch', $this->getJson("/api/batches/{$batch}"));

        self::assertSame([['white sugar', '1 cup']], array_map(
            static fn (array $line): array => [$line['name'], $line['actual']],
            $logged['went_in'],
        ));
        self::assertSame('the gooseberries were riper', $logged['notes'][0]['text']);
        // the recipe is as it was
        self::assertSame($recipe['recipe'], $this->getJson("/api/recipes/{$recipe['id']}")->json('recipe'));

        // and it may be said long after
        $later = $this->made($recipe['id'], '2026-08-02');
        $logged = $this->documented(
            'logged-batch',
            $this->putJson("/api/batches/{$later}/different", ['text' => '900 g gooseberries']),
        );
        self::assertSame('900 g', $logged['went_in'][0]['actual']);
        $was = Batch::query()->findOrFail($later)->frozen['composition'];
        $this->putJson("/api/batches/{$later}/different", ['text' => 'half the gooseberries'])->assertOk();
        $now = Batch::query()->findOrFail($later);
        self::assertLessThan(array_sum($was), array_sum($now->frozen['composition']));
        self::assertSame('0.5 kg', $now->document['stages'][0]['lines'][0]['amount'], 'of what was planned');
        $this->documented(
            'failure',
            $this->putJson("/api/batches/{$later}/different", ['text' => 'no gooseberries, no sugar, no salt']),
            422,
        );
    }

    public function test_a_remark_is_offered_back_once_and_a_taste_nobody_spoke_of_is_no_taste_that_is_fine(): void
    {
        $batch = $this->made($this->kept()['id'], '2026-09-01');
        $logged = $this->documented('logged-batch', $this->postJson("/api/batches/{$batch}/tastings", [
            'note' => 'far too salty',
            'feels' => ['sweet' => 0],
        ]));
        $said = array_column($logged['tastings'][0]['said'], 'text', 'label');
        self::assertSame(['fine', '–'], [$said['Sweet'], $said['Salty']]);
        self::assertStringContainsString('far less', $logged['tastings'][0]['heard_text']);

        $tasting = $logged['tastings'][0]['id'];
        $counted = $this->documented(
            'logged-batch',
            $this->putJson("/api/batches/{$batch}/tastings/{$tasting}/heard", ['counts' => true]),
        );
        self::assertSame('', $counted['tastings'][0]['heard_text']);
        self::assertContains('far less', array_column($counted['tastings'][0]['said'], 'text'));

        $denied = $this->postJson("/api/batches/{$batch}/tastings", ['note' => 'too sweet'])->json('tastings.1.id');
        $logged = $this->documented(
            'logged-batch',
            $this->putJson("/api/batches/{$batch}/tastings/{$denied}/heard", ['counts' => false]),
        );
        self::assertSame('', $logged['tastings'][1]['heard_text']);
        self::assertNotContains('less', array_column($logged['tastings'][1]['said'], 'text'));
        $this->documented(
            'failure',
            $this->putJson("/api/batches/{$batch}/tastings/9999/heard", ['counts' => true]),
            404,
        );
    }

    public function test_a_pasty_try_says_that_it_was_boiled_too_long(): void
    {
        $recipe = $this->kept();
        $this->made($recipe['id'], '2026-09-01');
        $this->saved($recipe, static function (array $document): array {
            $document['stages'][0]['process'] = ['kind' => 'simmer', 'until' => ['loss_percent' => 55]];

            return $document;
        });
        $two = $this->made($recipe['id'], '2026-09-02');
        $this->postJson("/api/batches/{$two}/tastings", ['note' => 'went pasty'])->assertOk();
        $try = $this->book($recipe['id'])['trials'][1];

        self::assertStringEndsWith('pasty', $try['thickness']);
        self::assertMatchesRegularExpression(
            '/^Pasty: boiled \d+ min longer than no\. 1, down to \d+ °Brix\. Stop at \d+\?$/',
            $try['why_text'],
        );
        preg_match_all('/\d+(?= °Brix)|(?<=Stop at )\d+/', $try['why_text'], $figures);
        self::assertLessThan((int) $figures[0][0], (int) $figures[0][1]);
    }

    public function test_a_try_that_cannot_be_read_takes_nothing_else_down(): void
    {
        $recipe = $this->kept()['id'];
        $broken = $this->made($recipe, '2026-09-01');
        $this->made($recipe, '2026-09-02');
        DB::table('batches')->where('id', $broken)->update(['document' => '{"name":"torn","stages":7}']);

        $book = $this->book($recipe);
        self::assertSame([2], array_column($book['trials'], 'number'));
        self::assertStringContainsString('No. 1 cannot be shown', $book['hidden_text']);
    }

    /** @return array<string, mixed> */
    private function book(string $recipe, string $asked = ''): array
    {
        return $this->documented('trials', $this->getJson("/api/recipes/{$recipe}/trials{$asked}"));
    }

    private function made(string $recipe, string $on): string
    {
        return (string) $this->postJson("/api/recipes/{$recipe}/batches", ['made_on' => $on])
            ->assertCreated()
            ->json('id');
    }

    private function variant(string $of, string $name): string
    {
        return (string) $this->postJson('/api/recipes', [
            'recipe' => ['name' => $name] + self::RECIPE,
            'variant_of' => $of,
        ])->assertCreated()->json('id');
    }

    /**
     * @param array<string, mixed> $record
     * @param \Closure(array<string, mixed>): array<string, mixed> $change
     * @return array<string, mixed>
     */
    private function saved(array $record, \Closure $change): array
    {
        return $this->documented('recipe-record', $this->putJson(
            "/api/recipes/{$record['id']}",
            ['recipe' => $change($record['recipe'])],
            ['If-Match' => "\"{$record['revision']}\""],
        ));
    }
}
