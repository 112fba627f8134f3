<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Models\Batch;
use App\Models\JarRecord;
use App\Models\StoredRecipe;
use Illuminate\Support\Carbon;

/** The Log: batches, jars, tastings, and what this household seems to like. */
final class LogTest extends HttpTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow(Carbon::create(2026, 11, 24, 14, 0, 0));
    }

    protected function tearDown(): void
    {
        Carbon::setTestNow();
        parent::tearDown();
    }

    public function test_batches_are_numbered_and_found_by_name_ingredient_month_word_and_verdict(): void
    {
        $first = $this->made('Plum ketchup');
        $second = $this->made('Gooseberry ketchup');
        $this->said($second, [
            'feels' => ['salty' => 1],
            'liking' => 8,
            'who' => 'Ada',
            'with' => 'chips',
            'note' => 'best so far',
        ]);
        $this->postJson("/api/batches/{$first}/notes", ['text' => 'the cloves were old'])->assertOk();
        $this->filled($first, 2, 'freezer');

        self::assertSame([2, 1], array_column($this->log()['batches'], 'number'));
        foreach (
            [
                'gooseberry ketchup' => 2,
                'plum' => 1,
                'cloves' => 1,
                'too salty' => 2,
                'liked' => 2,
                'ada chips' => 2,
                'freezer' => 1,
                '1b' => 1,
                'no. 2' => 2,
            ] as $typed => $number
        ) {
            self::assertContains($number, array_column($this->log($typed)['batches'], 'number'), (string) $typed);
        }
        self::assertCount(2, $this->log('november 2026')['batches']);
        self::assertSame([], $this->log('pickled walnuts')['batches']);
        self::assertSame('liked 8 of 9', $this->log()['batches'][0]['said_text']);
    }

    public function test_a_jar_on_a_shelf_has_no_day_and_one_that_was_past_is_not_saved_by_the_freezer(): void
    {
        $jars = $this->filled($this->made('Ketchup'), 2)['jars'];
        $batch = $this->documented('logged-batch', $this->putJson("/api/jars/{$jars[0]['id']}", ['place' => 'shelf']));
        self::assertSame(
            ['No day is known for a shelf: keep it in the fridge.', 'Keep it in the fridge'],
            [$batch['jars'][0]['keeps_text'], $batch['jars'][0]['label_text']],
        );

        Carbon::setTestNow(Carbon::create(2026, 12, 28));
        $batch = $this->documented(
            'logged-batch',
            $this->putJson("/api/jars/{$jars[1]['id']}", ['place' => 'freezer']),
        );
        self::assertSame(
            ['freezer', true, 'keeps until 4 Dec'],
            [$batch['jars'][1]['place'], $batch['jars'][1]['is_past'], $batch['jars'][1]['keeps_text']],
        );
    }

    /** What waited is the first line of what comes next: as much of it, as old as it is, with all that is in it. */
    public function test_a_base_that_waited_is_the_beginning_of_another_sauce(): void
    {
        $id = $this->made('Ketchup', static function (array $recipe): array {
            $recipe['stages'][0]['lines'][] = ['id' => 'm', 'ingredient' => 'dijon-type-mustard', 'amount' => '2 tbsp'];

            return $recipe;
        });
        Carbon::setTestNow(Carbon::now()->addDays(2));
        $record = $this->documented('recipe-record', $this->postJson("/api/batches/{$id}/onward", [
            'amount' => '300 ml',
        ]), 201);
        $line = $record['recipe']['stages'][0]['lines'][0];
        $own = $record['recipe']['ingredients'][$line['ingredient']];
        self::assertSame('300 ml', $line['amount']);
        self::assertContains('mustard', $own['contains'], 'its allergens come along');
        $bench = $this->getJson("/api/bench?recipe={$record['id']}")->json('evaluation.bench');
        self::assertStringContainsString('mustard', mb_strtolower((string) json_encode($bench['keeping']['contains'])));
        Carbon::setTestNow(Carbon::now()->addDays(3));
        $whole = $this->documented('recipe-record', $this->postJson("/api/batches/{$id}/onward", []), 201);
        self::assertSame(
            $own['keeps']['fridge'] - 3,
            $whole['recipe']['ingredients'][$line['ingredient']]['keeps']['fridge'],
            'three days older it keeps three days less',
        );
        $logged = $this->documented('logged-batch', $this->getJson("/api/batches/{$id}"));
        $notes = implode(' ', array_column($logged['notes'], 'text'));
        self::assertStringContainsString('300 ml of it went on into', $notes);

        foreach (['9 l', 'x'] as $amount) {
            $failure = $this->documented(
                'failure',
                $this->postJson("/api/batches/{$id}/onward", ['amount' => $amount]),
                422,
            );
            self::assertSame('amount', $failure['error']['fields'][0]['field']);
        }
        Carbon::setTestNow(Carbon::now()->addYears(2));
        $this->documented('failure', $this->postJson("/api/batches/{$id}/onward", []), 409);
        $this->documented('logged-batch', $this->postJson("/api/batches/{$id}/jars", [
            'count' => 1,
            'place' => 'freezer',
        ]));
        $this->documented('failure', $this->postJson("/api/batches/{$id}/onward", []), 409);
    }

    public function test_a_jar_is_as_large_as_it_is_said_in_any_measure(): void
    {
        $batch = $this->made('Ketchup');
        $sizes = ['16 oz' => '473 mL', '250 ml' => '250 mL', '190' => '190 mL', '1/2 l' => '500 mL'];
        foreach ($sizes as $size => $text) {
            $logged = $this->documented(
                'logged-batch',
                $this->postJson("/api/batches/{$batch}/jars", ['count' => 1, 'size' => (string) $size]),
            );
            self::assertSame($text, $logged['jars'][count($logged['jars']) - 1]['size_text']);
        }
        foreach (['a thimble', '3 ml', '90 l'] as $size) {
            $failure = $this->documented(
                'failure',
                $this->postJson("/api/batches/{$batch}/jars", ['count' => 1, 'size' => $size]),
                422,
            );
            self::assertSame('size', $failure['error']['fields'][0]['field']);
        }
    }

    public function test_a_batch_thrown_away_with_an_open_jar_takes_its_jars_off_the_list_and_leaves_the_log_whole(): void
    {
        $open = JarRecord::factory()->opened()->create();
        JarRecord::factory()
            ->for(Batch::factory()->for(StoredRecipe::factory()->called('Relish'), 'recipe'))
            ->create();
        $this->deleteJson("/api/batches/{$open->batch_id}")->assertSuccessful();

        $log = $this->log();
        self::assertSame(['Relish'], array_column($log['batches'], 'name'));
        self::assertCount(1, $log['use_first']);
        $this->documented('failure', $this->putJson("/api/jars/{$open->id}", ['place' => 'freezer']), 404);
    }

    public function test_jars_past_their_day_do_not_crowd_out_what_is_still_to_be_eaten(): void
    {
        $this->filled($this->made('Ketchup'), 8);
        Carbon::setTestNow(Carbon::create(2026, 12, 28));
        $this->filled($this->made('Relish'), 2);

        $jars = $this->log()['use_first'];
        self::assertSame([true, true, true, false, false], array_column($jars, 'is_past'));
        self::assertStringStartsWith('Relish', $jars[3]['text']);
    }

    public function test_jars_keep_by_the_cautious_figure_and_shorter_once_they_are_open(): void
    {
        $batch = $this->filled($this->made('Ketchup'), 3);
        self::assertSame(['A', 'B', 'C'], array_column($batch['jars'], 'label'));
        self::assertSame(
            ['keeps until 4 Dec', 'Fridge, until 4 Dec'],
            [$batch['jars'][0]['keeps_text'], $batch['jars'][0]['label_text']],
        );

        Carbon::setTestNow(Carbon::create(2026, 11, 25));
        $batch = $this->documented(
            'logged-batch',
            $this->putJson("/api/jars/{$batch['jars'][1]['id']}", ['opened_on' => '2026-11-25']),
        );
        self::assertSame(['open', 'keeps until 2 Dec'], [$batch['jars'][1]['state'], $batch['jars'][1]['keeps_text']]);
        // what is opened comes first
        self::assertSame(
            ['Ketchup, 1B, opened', 'by 2 Dec'],
            [$this->log()['use_first'][0]['text'], $this->log()['use_first'][0]['until_text']],
        );

        $batch = $this->documented(
            'logged-batch',
            $this->putJson("/api/jars/{$batch['jars'][1]['id']}", [
                'gone_on' => '2026-11-25',
                'given_to' => 'the neighbours',
            ]),
        );
        self::assertSame(['gone', 'the neighbours'], [$batch['jars'][1]['state'], $batch['jars'][1]['given_to']]);
        self::assertCount(2, $this->log()['use_first']);
        $frozen = $this->documented(
            'logged-batch',
            $this->putJson("/api/jars/{$batch['jars'][2]['id']}", ['place' => 'freezer']),
        );
        self::assertSame('Frozen, until 24 May 2027', $frozen['jars'][2]['label_text']);
        // and back again
        $batch = $this->documented(
            'logged-batch',
            $this->putJson("/api/jars/{$batch['jars'][1]['id']}", ['gone_on' => null, 'opened_on' => null]),
        );
        self::assertSame(['full', 'keeps until 4 Dec'], [$batch['jars'][1]['state'], $batch['jars'][1]['keeps_text']]);
    }

    public function test_tastings_say_what_each_of_them_seems_to_like(): void
    {
        $id = $this->made('Ketchup');
        self::assertSame([], $this->documented('logged-batch', $this->getJson("/api/batches/{$id}"))['likes']);
        for ($i = 0; $i < 4; $i++) {
            $batch = $this->said($id, ['feels' => ['sour' => -2], 'who' => '']);
        }
        $batch = $this->said($id, ['liking' => 5, 'who' => 'Bo']);
        $likes = array_column($batch['likes'], null, 'who');
        self::assertSame(
            ['you', 'Bo'],
            [$batch['likes'][1]['who'] === 'you' ? 'you' : $batch['likes'][0]['who'], isset($likes['Bo']) ? 'Bo' : ''],
        );
        self::assertSame('after 4 tastings', $likes['you']['tastings_text']);
        self::assertSame([], $likes['Bo']['tastes']);
        self::assertStringStartsWith('Sweet, sour', $likes['Bo']['unknown_text']);
        self::assertSame('more', $batch['tastings'][0]['said'][1]['text']);
        $batch = $this->documented(
            'logged-batch',
            $this->deleteJson("/api/batches/{$id}/tastings/{$batch['tastings'][0]['id']}"),
        );
        self::assertCount(4, $batch['tastings']);
    }

    public function test_two_batches_side_by_side_show_only_what_differs(): void
    {
        $one = $this->made('Ketchup');
        $other = $this->made('Ketchup', static function (array $recipe): array {
            $recipe['stages'][0]['lines'][1]['amount'] = '2 cup';
            $recipe['stages'][0]['process']['until'] = ['loss_percent' => 40];

            return $recipe;
        });
        $beside = $this->documented('beside', $this->getJson("/api/batches/{$one}/beside/{$other}"));

        self::assertSame([['name' => 'white sugar', 'one' => '1 1/4 cup', 'other' => '2 cup']], $beside['lines']);
        self::assertStringContainsString('40 %', $beside['stages'][0]['other']);
        self::assertGreaterThan(0.0, $beside['tastes'][0]['share']);
        $same = $this->documented('beside', $this->getJson("/api/batches/{$one}/beside/{$one}"));
        self::assertSame([[], [], 'alike'], [$same['lines'], $same['stages'], $same['tastes'][0]['text']]);
    }

    public function test_a_cook_goes_into_the_log_with_what_went_otherwise_and_what_the_spoon_said(): void
    {
        $recipe = $this->kept('Ketchup');
        $cook = $this->documented('cook', $this->postJson('/api/cooks', ['recipe' => $recipe['id']]), 201);
        foreach (
            [
                ['kind' => 'step', 'to' => 's1.add'],
                ['kind' => 'went_in', 'line' => 'l2', 'amount' => '330 g'],
                ['kind' => 'step', 'to' => 's1.simmer'],
                ['kind' => 'note', 'text' => 'smelled of plums'],
            ] as $event
        ) {
            $this->postJson("/api/cooks/{$cook['id']}/events", $event)->assertOk();
        }
        $this->postJson("/api/cooks/{$cook['id']}/taste", ['feels' => ['salty' => -1]])->assertOk();
        $id = $this->documented('cook-finish', $this->postJson("/api/cooks/{$cook['id']}/finish", []))['batch'];
        $batch = $this->documented('logged-batch', $this->getJson("/api/batches/{$id}"));

        self::assertSame([['name' => 'white sugar', 'planned' => '1 1/4 cup', 'actual' => '330 g']], $batch['went_in']);
        self::assertSame('a touch more', $batch['tastings'][0]['said'][2]['text']);
        self::assertSame('smelled of plums', $batch['notes'][0]['text']);
        self::assertCount(1, $this->log('smelled')['batches']);
    }

    public function test_made_again_it_is_a_recipe_that_knows_where_it_came_from(): void
    {
        $id = $this->made('Ketchup');
        $again = $this->documented('recipe-record', $this->postJson("/api/batches/{$id}/again", []), 201);

        self::assertSame('Ketchup, as no. 1', $again['recipe']['name']);
        self::assertNotNull(\App\Models\StoredRecipe::query()->findOrFail($again['id'])->variant_of);
    }

    public function test_it_leaves_as_a_document_and_as_a_table_that_runs_no_formula(): void
    {
        $id = $this->made('=1+2 ketchup');
        $this->said($id, ['liking' => 7]);
        $document = json_decode(
            $this->documented('export-file', $this->getJson("/api/batches/{$id}/document"))['text'],
            true,
            32,
            JSON_THROW_ON_ERROR,
        );
        self::assertSame(
            ['vinculum-batch', 1, '2026-11-24', 7],
            [$document['format'], $document['version'], $document['made_on'], $document['tastings'][0]['liking']],
        );
        self::assertArrayHasKey('sucrose', $document['frozen']['composition']);
        $table = $this->documented('export-file', $this->getJson('/api/log/csv'))['text'];
        self::assertStringContainsString("'=1+2 ketchup", $table);
    }

    public function test_what_is_nothing_or_of_tomorrow_is_refused_with_the_field(): void
    {
        $id = $this->made('Ketchup');
        foreach (
            [
                ['tastings', ['who' => 'Ada'], 'feels'],
                ['tastings', ['liking' => 12], 'liking'],
                ['tastings', ['on' => '2030-01-01', 'liking' => 4], 'on'],
                ['tastings', ['on' => 'soon', 'liking' => 4], 'on'],
                ['jars', ['count' => 0], 'count'],
                ['notes', ['text' => ''], 'text'],
            ] as [$what, $body, $field]
        ) {
            $failure = $this->documented('failure', $this->postJson("/api/batches/{$id}/{$what}", $body), 422);
            self::assertSame($field, $failure['error']['fields'][0]['field'], $what);
        }
        $this->getJson('/api/batches/nothing')->assertNotFound();
        $this->putJson('/api/jars/999', ['opened_on' => null])->assertNotFound();
    }

    public function test_ten_thousand_batches_are_paged_and_a_deleted_recipe_leaves_its_batches_whole(): void
    {
        $id = $this->made('Ketchup');
        $row = Batch::query()->findOrFail($id)->getRawOriginal();
        $rows = [];
        for ($n = 2; $n <= 101; $n++) {
            $rows[] = ['id' => substr($row['id'], 0, 20).sprintf('%06d', $n), 'number' => $n] + $row;
        }
        Batch::query()->toBase()->insert($rows);
        $log = $this->log();
        self::assertSame([101, 4, 30], [$log['count'], $log['pages'], count($log['batches'])]);
        self::assertCount(11, $this->documented('log-list', $this->getJson('/api/log?page=3'))['batches']);

        $this->deleteJson("/api/recipes/{$row['recipe_id']}")->assertNoContent();
        self::assertSame('Ketchup', $this->documented('logged-batch', $this->getJson("/api/batches/{$id}"))['name']);
    }

    /** @return string its id */
    private function made(string $name, ?callable $changed = null): string
    {
        $recipe = ['name' => $name] + self::RECIPE;
        $kept = $this->documented(
            'recipe-record',
            $this->postJson('/api/recipes', ['recipe' => $changed === null ? $recipe : $changed($recipe)]),
            201,
        );

        return $this->documented('batch', $this->postJson("/api/recipes/{$kept['id']}/batches", []), 201)['id'];
    }

    /**
     * @param array<string, mixed> $tasting
     * @return array<string, mixed>
     */
    private function said(string $batch, array $tasting): array
    {
        return $this->documented('logged-batch', $this->postJson("/api/batches/{$batch}/tastings", $tasting));
    }

    /** @return array<string, mixed> */
    private function filled(string $batch, int $count, string $place = 'fridge'): array
    {
        return $this->documented(
            'logged-batch',
            $this->postJson("/api/batches/{$batch}/jars", ['count' => $count, 'size_ml' => 250, 'place' => $place]),
        );
    }

    /** @return array<string, mixed> */
    private function log(string $typed = ''): array
    {
        return $this->documented('log-list', $this->getJson('/api/log?q='.urlencode($typed)));
    }

    public function test_a_batch_is_written_down_on_the_day_it_was_made(): void
    {
        $recipe = $this->kept()['id'];
        $made = $this->postJson("/api/recipes/{$recipe}/batches", ['made_on' => '2026-08-30'])
            ->assertCreated()
            ->json();
        self::assertSame('2026-08-30', $made['made_on']);
        foreach (['2999-01-01', '2026-02-31', 'yesterday'] as $day) {
            self::assertSame(
                'made_on',
                $this->documented(
                    'failure',
                    $this->postJson("/api/recipes/{$recipe}/batches", ['made_on' => $day]),
                    422,
                )['error']['fields'][0]['field'],
                $day,
            );
        }
    }

    public function test_a_batch_that_went_out_as_a_file_comes_in_again_as_it_was(): void
    {
        $recipe = $this->kept()['id'];
        $id = $this->postJson("/api/recipes/{$recipe}/batches", ['made_on' => '2026-09-01'])->json('id');
        $this->postJson("/api/batches/{$id}/readings", ['kind' => 'ph', 'value' => 3.6])->assertOk();
        $this->postJson("/api/batches/{$id}/tastings", [
            'liking' => 7,
            'feels' => ['salty' => 1],
            'who' => 'Ilse',
        ])->assertOk();
        $this->postJson("/api/batches/{$id}/jars", ['count' => 2, 'size_ml' => 250])->assertOk();
        $this->postJson("/api/batches/{$id}/notes", ['text' => 'the hard plums'])->assertOk();
        $before = $this->getJson("/api/batches/{$id}")->json();
        $file = $this->getJson("/api/batches/{$id}/document")->json('text');
        $this->deleteJson("/api/batches/{$id}");
        $this->deleteJson('/api/house/bin');

        $after = $this->documented('logged-batch', $this->postJson('/api/log/import', ['text' => $file]), 201);
        $plain = static fn (array $batch): array => array_diff_key(
            $batch,
            array_flip(['id', 'jars', 'tastings', 'notes', 'readings']),
        ) + [
            'jars' => array_map(static fn (array $jar): array => array_diff_key($jar, ['id' => 1]), $batch['jars']),
            'said' => array_column($batch['tastings'], 'said'),
            'words' => array_column($batch['notes'], 'text'),
            'read' => array_column($batch['readings'], 'text'),
        ];
        self::assertSame($plain($before), $plain($after));
        self::assertSame($recipe, $after['recipe']);
        // once more it is another batch, and needs another number
        self::assertSame(2, $this->postJson('/api/log/import', ['text' => $file])->json('number'));

        // what is no batch, or none that can be read, names the field and brings nothing in
        $broken = json_decode($file, true);
        foreach (
            [
                'recipe.stages' => ['recipe', ['stages' => 7]],
                'made_on' => ['made_on', 'once'],
                'frozen.composition.water' => [
                    'frozen',
                    ['composition' => ['water' => 'much'], 'estimates' => (object) [], 'calibrations' => (object) []],
                ],
            ] as $field => [$key, $value]
        ) {
            $said = $this->documented(
                'failure',
                $this->postJson('/api/log/import', [
                    'text' => json_encode(
                        [$key => is_array($value) ? $value + (array) $broken[$key] : $value] + $broken,
                    ),
                ]),
                422,
            );
            self::assertStringStartsWith(explode('.', $field)[0], $said['error']['fields'][0]['field'], $field);
        }
        $this->documented('failure', $this->postJson('/api/log/import', ['text' => 'no file of ours']), 422);
        self::assertSame(2, Batch::query()->count());
    }

    public function test_two_blind_cups_teach_what_is_liked_and_the_result_is_said_in_words(): void
    {
        $batch = $this->made('Ketchup');
        $cups = $this->documented('next-trial', $this->getJson("/api/batches/{$batch}/next-trial"));
        self::assertNotSame($cups['changed'], $cups['plain']);
        self::assertNotSame('', $cups['put_text']);
        $say = static fn (string $better, string $who = ''): array => ['who' => $who, 'better' => $better];
        $body = [
            'taste' => $cups['taste'],
            'steps' => $cups['steps'],
            'changed' => $cups['changed'],
            'plain' => $cups['plain'],
            'answers' => [
                $say($cups['changed']),
                $say($cups['changed'], 'Ines'),
                $say($cups['changed'], 'Tomas'),
                $say('', 'Ada'),
            ],
        ];
        $answer = $this->documented('blind-result', $this->postJson("/api/batches/{$batch}/blind", $body));

        self::assertStringContainsString('3 liked it better with', $answer['text']);
        self::assertStringContainsString('1 could not tell', $answer['text']);
        self::assertStringContainsString('worth a batch', $answer['text']);
        self::assertCount(4, $answer['batch']['tastings']);
        self::assertStringStartsWith('blind: better with', $answer['batch']['tastings'][0]['note']);
        // the file takes it along, and brings it back
        $file = $this->getJson("/api/batches/{$batch}/document")->json('text');
        $this->documented('logged-batch', $this->postJson('/api/log/import', ['text' => $file]), 201);

        self::assertSame(
            'answers',
            $this->documented(
                'failure',
                $this->postJson("/api/batches/{$batch}/blind", ['answers' => []] + $body),
                422,
            )['error']['fields'][0]['field'],
        );
        self::assertSame(
            'taste',
            $this->documented(
                'failure',
                $this->postJson("/api/batches/{$batch}/blind", ['taste' => 'blue'] + $body),
                422,
            )['error']['fields'][0]['field'],
        );
    }

    public function test_what_is_known_of_what_a_household_likes_is_a_style_that_can_be_aimed_at(): void
    {
        $batch = $this->made('Ketchup', static fn (array $recipe): array => ['style' => 'tomato-ketchup'] + $recipe);
        $failure = $this->documented(
            'failure',
            $this->postJson("/api/batches/{$batch}/liked-style", ['name' => 'Our ketchup']),
            409,
        );
        self::assertStringContainsString('Taste a few more', $failure['error']['message']);

        $before = collect($this->getJson('/api/styles')->json('styles'))->firstWhere('slug', 'tomato-ketchup')['bands'];
        for ($i = 0; $i < 6; $i++) {
            $this->postJson("/api/batches/{$batch}/tastings", ['feels' => ['salty' => -3]])->assertOk();
        }
        $style = $this->documented(
            'style',
            $this->postJson("/api/batches/{$batch}/liked-style", ['name' => 'Our ketchup']),
            201,
        );
        $known = $this->getJson("/api/batches/{$batch}")->json('likes.0.tastes');
        $moved = array_filter(
            $style['bands'],
            static fn (array $band, string $figure): bool => abs($band['aim'] - ($before[$figure]['aim'] ?? 0))
                > 0.01 * $band['aim'],
            ARRAY_FILTER_USE_BOTH,
        );
        self::assertNotSame([], $known);
        self::assertCount(count($known), $moved, 'what is known is moved, and nothing else');
        self::assertSame('My own', $style['family']);
    }

    public function test_a_picture_is_drawn_anew_smaller_and_without_where_it_was_taken(): void
    {
        $batch = $this->made('Ketchup');
        $large = imagecreatetruecolor(2600, 1300);
        self::assertNotFalse($large);
        imagefill($large, 0, 0, (int) imagecolorallocate($large, 200, 30, 30));
        ob_start();
        imagejpeg($large);
        // a comment as cameras write it, where other things hide, and bytes of a script behind the picture
        $secret = 'GPS 54.0 N <?php echo 1;';
        $jpeg = (string) ob_get_clean();
        $jpeg
            = substr($jpeg, 0, 2)."\xFF\xFE".pack('n', strlen($secret) + 2).$secret.substr($jpeg, 2).$secret;
        $answer = $this->documented(
            'logged-batch',
            $this->postJson("/api/batches/{$batch}/pictures", ['picture' => base64_encode($jpeg)]),
        );
        self::assertSame([1280, 640], [$answer['pictures'][0]['width'], $answer['pictures'][0]['height']]);

        $kept = $this->get("/api/batches/{$batch}/pictures/{$answer['pictures'][0]['id']}")->assertOk();
        self::assertSame('image/jpeg', $kept->headers->get('Content-Type'));
        self::assertStringNotContainsString('GPS', (string) $kept->getContent());
        self::assertSame(
            [1280, 640, IMAGETYPE_JPEG],
            array_slice((array) getimagesizefromstring((string) $kept->getContent()), 0, 3),
        );

        // it goes into the archive of the house and comes out again, byte for byte
        $path = sys_get_temp_dir().'/pictures-'.bin2hex(random_bytes(4)).'.zip';
        \App\House\Archive::write($path);
        $this->documented(
            'logged-batch',
            $this->deleteJson("/api/batches/{$batch}/pictures/{$answer['pictures'][0]['id']}"),
        );
        self::assertSame([], $this->getJson("/api/batches/{$batch}")->json('pictures'));
        \App\House\Archive::restore(\App\House\Archive::read($path));
        unlink($path);
        self::assertSame(
            $kept->getContent(),
            $this->get("/api/batches/{$batch}/pictures/{$answer['pictures'][0]['id']}")->getContent(),
        );
    }

    public function test_what_is_no_picture_is_refused_with_a_sentence_and_nothing_is_kept(): void
    {
        $batch = $this->made('Ketchup');
        $png = (string) base64_decode(
            'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
            true,
        );
        $huge = substr_replace($png, pack('NN', 60000, 60000), 16, 8);
        foreach (
            [
                'a script' => '<?php system("id");',
                'a drawing' => '<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>',
                'half of one' => substr($png, 0, 40),
                'larger than anything' => $huge,
                'nothing' => '',
            ] as $what => $bytes
        ) {
            $said = $this->documented(
                'failure',
                $this->postJson("/api/batches/{$batch}/pictures", ['picture' => base64_encode($bytes)]),
                422,
            );
            self::assertSame('picture', $said['error']['fields'][0]['field'], $what);
        }
        self::assertSame(
            'picture',
            $this->documented(
                'failure',
                $this->postJson("/api/batches/{$batch}/pictures", ['picture' => '*** no base64 ***']),
                422,
            )['error']['fields'][0]['field'],
        );
        self::assertSame([], $this->getJson("/api/batches/{$batch}")->json('pictures'));

        for ($i = 0; $i < 4; $i++) {
            $this->postJson("/api/batches/{$batch}/pictures", ['picture' => base64_encode($png)])->assertOk();
        }
        self::assertStringContainsString(
            'at most 4',
            $this->documented(
                'failure',
                $this->postJson("/api/batches/{$batch}/pictures", ['picture' => base64_encode($png)]),
                409,
            )['error']['message'],
        );
    }

    /** Twelve people left a third of a cup of two: the next time twelve are asked for, it goes by what they had. */
    public function test_what_was_eaten_tells_how_much_the_next_time(): void
    {
        $recipe = $this->kept();
        $scale = fn (): array => $this->documented(
            'scale',
            $this->postJson('/api/scale', ['recipe' => $recipe['recipe'], 'to' => '12 people, dip']),
        );
        $before = $scale();
        $batch = $this->documented(
            'batch',
            $this->postJson("/api/recipes/{$recipe['id']}/batches", ['made_on' => '2026-11-20']),
            201,
        );
        $logged = $this->documented(
            'logged-batch',
            $this->putJson("/api/batches/{$batch['id']}/served", [
                'people' => 40,
                'left_over' => '1/3 cup',
                'cost' => 6.4,
            ]),
        );

        self::assertSame([40, 6.4], [$logged['served']['people'], $logged['served']['cost']]);
        self::assertStringContainsString('mL', $logged['served']['left_over_text']);
        self::assertStringContainsString('each', $logged['served']['text']);
        $after = $scale();
        self::assertLessThan(0.95 * $before['yield']['volume_ml'], $after['yield']['volume_ml']);
        $said = array_column($after['unscaled'], 'text', 'about');
        self::assertMatchesRegularExpression('/ each: what they had of it here, once/', $said['people'] ?? '');

        // what was said by number is not overruled
        $explicit = $this->documented(
            'scale',
            $this->postJson('/api/scale', ['recipe' => $recipe['recipe'], 'to' => '12 portions of 45 ml']),
        );
        self::assertEqualsWithDelta(540.0, $explicit['yield']['volume_ml'], 30.0);
        self::assertSame(
            'left_over',
            $this->documented(
                'failure',
                $this->putJson("/api/batches/{$batch['id']}/served", ['people' => 4, 'left_over' => 'plenty']),
                422,
            )['error']['fields'][0]['field'],
        );

        $document = json_decode(
            $this->getJson("/api/batches/{$batch['id']}/document")->json('text'),
            true,
            64,
            JSON_THROW_ON_ERROR,
        );
        self::assertSame([40, 6.4], [$document['served']['people'], $document['served']['cost']]);
    }
}
