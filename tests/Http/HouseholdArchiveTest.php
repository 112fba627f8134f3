<?php

declare(strict_types=1);

namespace Tests\Http;

use App\House\Archive;
use App\House\Backups;
use App\House\UnreadableArchive;
use App\Models\StoredRecipe;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Tests\Support\Server;

/**
 * All that a house keeps goes into one archive and comes back as it was; copies are made, thinned and never
 * half-made.
 */
final class HouseholdArchiveTest extends HttpTestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/house-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
        config()->set('vinculum.backups', $this->folder);
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("{$this->folder}/*") ?: []);
        rmdir($this->folder);
        Carbon::setTestNow();
        parent::tearDown();
    }

    public function test_export_wipe_restore_export_is_equal_to_the_bit(): void
    {
        $this->furnish();
        Archive::write($first = "{$this->folder}/first.zip");
        $tables = Archive::read($first);
        foreach (
            [
                'batch_readings',
                'batches',
                'recipes',
                'vessels',
                'preferences',
                'equipment',
                'own_ingredients',
                'seasons',
                'swap_memories',
                'on_hand',
            ] as $table
        ) {
            self::assertArrayHasKey($table, $tables);
            DB::table($table)->delete();
        }
        self::assertSame(0, StoredRecipe::withTrashed()->count());

        Archive::restore($tables);
        Archive::write($second = "{$this->folder}/second.zip");

        self::assertSame(hash_file('sha256', $first), hash_file('sha256', $second));
        self::assertSame(
            ['Test ketchup', 'Thrown away'],
            StoredRecipe::withTrashed()->orderBy('name')->pluck('name')->all(),
        );
    }

    public function test_what_stands_for_its_family_is_known_anew_after_a_restore(): void
    {
        $first = $this->kept('The first of it');
        $this->travel(1)->minutes();
        $this->postJson("/api/recipes/{$first['id']}/duplicate")->assertSuccessful();
        $shelf = fn (): array => array_column(
            $this->getJson('/api/recipes?q=&page=0&by=family')->assertOk()->json('recipes'),
            'name',
        );
        $before = $shelf();
        self::assertSame(['The first of it, a copy'], $before);
        Archive::write($path = "{$this->folder}/house.zip");
        DB::table('recipes')->delete();
        self::assertSame([], $shelf());
        Archive::restore(Archive::read($path));
        self::assertSame($before, $shelf());
    }

    public function test_an_archive_of_before_batches_had_numbers_is_numbered_as_they_were_made(): void
    {
        $this->furnish();
        Archive::write($path = "{$this->folder}/old.zip");
        $tables = Archive::read($path);
        self::assertNotSame([], $tables['batches']);
        $tables['batches'] = array_map(
            static fn (array $row): array => array_diff_key($row, ['number' => 1, 'planned' => 1, 'words' => 1]),
            $tables['batches'],
        );
        $tables['jars'] = $tables['tastings'] = [];
        Archive::restore($tables);

        self::assertSame(
            range(1, count($tables['batches'])),
            DB::table('batches')->orderBy('made_on')->orderBy('id')->pluck('number')->all(),
        );
    }

    public function test_a_copy_is_looked_at_and_put_back_from_the_screen_after_a_copy_of_now(): void
    {
        $this->kept('Stays');
        $name = $this->documented('house', $this->postJson('/api/house/copies', []))['copies'][0]['name'];
        $this->kept('Comes later');
        $said = $this->documented('copy-changes', $this->getJson("/api/house/copies/{$name}"));
        self::assertStringContainsString('1 recipe would go: “Comes later”.', implode(' ', $said['changes']));
        self::assertSame(2, StoredRecipe::query()->count(), 'looking changes nothing');

        $house = $this->documented('house', $this->postJson("/api/house/copies/{$name}/put-back", []));
        self::assertSame(1, $house['recipes']);
        // how it was just before is the newest copy
        self::assertNotSame($name, $house['copies'][0]['name']);
        $this->documented('failure', $this->getJson('/api/house/copies/vinculum-of-nowhere.zip'), 404);
        $this->getJson('/api/house/copies/..%2F..%2F.env')->assertNotFound();
    }

    public function test_a_recipe_in_the_archive_is_a_file_of_its_own_that_can_be_read_without_us(): void
    {
        $record = $this->kept();
        Archive::write($path = "{$this->folder}/house.zip");
        $zip = new \ZipArchive;
        $zip->open($path);

        self::assertSame(
            'Test ketchup',
            json_decode((string) $zip->getFromName("recipes/{$record['id']}.json"), true)['name'],
        );
        $manifest = json_decode((string) $zip->getFromName('manifest.json'), true);
        self::assertSame(
            ['vinculum-house', 1, 1],
            [$manifest['format'], $manifest['version'], $manifest['counts']['recipes']],
        );
        self::assertSame(
            hash('sha256', (string) $zip->getFromName('recipes.json')),
            $manifest['sha256']['recipes.json'],
        );
    }

    public function test_what_would_change_is_said_and_nothing_is_changed(): void
    {
        $this->kept('Stays');
        $gone = $this->kept('Goes');
        Archive::write($path = "{$this->folder}/house.zip");
        $this->deleteJson("/api/recipes/{$gone['id']}");
        $this->kept('Comes later');
        $said = implode("\n", Archive::differences(Archive::read($path)));

        self::assertStringContainsString('1 recipe would go: “Comes later”.', $said);
        self::assertStringContainsString('would be as it was then: “Goes”.', $said);
        self::assertSame(2, StoredRecipe::query()->count());
    }

    public function test_a_torn_archive_and_one_of_somebody_else_change_nothing(): void
    {
        $this->kept();
        Archive::write($path = "{$this->folder}/house.zip");
        $zip = new \ZipArchive;
        $zip->open($path);
        $zip->addFromString('recipes.json', '[]');
        $zip->close();
        foreach (
            [
                $path => 'recipes.json', __FILE__ => 'no archive', "{$this->folder}/none.zip" => 'no archive',
            ] as $file => $said
        ) {
            try {
                Archive::read($file);
                self::fail("{$file} was read.");
            } catch (UnreadableArchive $why) {
                self::assertStringContainsString($said, $why->getMessage());
            }
        }
        self::assertSame(1, StoredRecipe::query()->count());
    }

    public function test_where_anything_fails_nothing_is_restored(): void
    {
        $this->kept();
        Archive::write($path = "{$this->folder}/house.zip");
        $tables = Archive::read($path);
        $tables['vessels'] = [['name' => 'mug', 'no_such_column' => 1]];
        try {
            Archive::restore($tables);
            self::fail('It was restored.');
        } catch (\PDOException) {
        }

        self::assertSame(1, StoredRecipe::query()->count());
    }

    public function test_copies_are_thinned_to_days_weeks_and_months(): void
    {
        $backups = new Backups($this->folder);
        for ($day = 400; $day >= 0; $day--) {
            Carbon::setTestNow(Carbon::parse('2026-11-25 08:00:00', 'UTC')->subDays($day));
            touch("{$this->folder}/vinculum-".Carbon::now('UTC')->format('Ymd-His').'.zip');
            $backups->thin();
        }
        $kept = array_map(static fn (array $copy): string => $copy['at']->format('Y-m-d'), $backups->all());

        self::assertSame(
            ['2026-11-25', '2026-11-24', '2026-11-23', '2026-11-22', '2026-11-21', '2026-11-20', '2026-11-19'],
            array_slice($kept, 0, 7),
        );
        self::assertLessThan(7 + 8 + 13, count($kept));
        self::assertGreaterThan(18, count($kept));
        self::assertStringStartsWith('2025-12', end($kept));
    }

    public function test_what_stood_before_a_restore_is_kept_for_thirty_days_whatever_else_is_thinned(): void
    {
        $this->kept('The whole house');
        $backups = Backups::usual();
        Carbon::setTestNow('2026-11-24 08:00:00');
        $first = $backups->beforeRestore();
        Carbon::setTestNow('2026-11-24 08:05:00');
        $second = $backups->beforeRestore();
        Carbon::setTestNow('2026-11-24 20:00:00');
        $backups->make();
        self::assertFileExists($first, 'two wrong restores on one day lose nothing');
        self::assertFileExists($second);
        self::assertContains(
            $first,
            array_column($backups->all(), 'path'),
            'and it is listed, so that it can be put back',
        );

        Carbon::setTestNow('2026-12-24 07:59:00');
        $backups->make();
        self::assertFileExists($first);
        Carbon::setTestNow('2027-03-24 08:06:00');
        $backups->make();
        self::assertFileDoesNotExist($first);
    }

    public function test_a_daily_copy_is_made_once_a_day(): void
    {
        $this->kept();
        Carbon::setTestNow('2026-11-24 08:00:00');
        self::assertNotNull(Backups::usual()->daily());
        self::assertNull(Backups::usual()->daily());
        Carbon::setTestNow('2026-11-25 08:00:01');
        $path = Backups::usual()->daily();

        self::assertNotNull($path);
        self::assertSame('0600', substr(sprintf('%o', fileperms($path)), -4), 'nobody else reads it');
    }

    public function test_a_copy_that_is_dated_ahead_keeps_no_other_from_being_made_or_kept(): void
    {
        $this->kept();
        Carbon::setTestNow('2030-01-01 08:00:00');
        $ahead = Backups::usual()->make();
        Carbon::setTestNow('2026-11-24 08:00:00');
        $today = Backups::usual()->daily();
        self::assertNotNull($today);
        for ($day = 0; $day < 40; $day++) {
            Carbon::setTestNow(Carbon::parse('2026-11-24 08:00:00')->addDays($day + 1)->addSeconds($day));
            self::assertNotNull($today = Backups::usual()->daily());
        }
        self::assertFileExists($ahead, 'nobody knows what is in it');
        self::assertFileExists($today, 'the newest of today');
        self::assertGreaterThan(7, count(Backups::usual()->all()));
    }

    public function test_a_restore_that_is_only_looked_at_makes_and_prepares_nothing(): void
    {
        $this->kept('Stays');
        Archive::write($path = "{$this->folder}/house.zip");
        $nowhere = "{$this->folder}/none.sqlite";
        foreach ([$nowhere => false, "{$this->folder}/empty.sqlite" => true] as $file => $isThere) {
            if ($isThere) {
                touch($file);
            }
            $command = PHP_BINARY.' '.Server::root().'/artisan vinculum:restore '.escapeshellarg($path).' 2>&1';
            $said = (string) shell_exec('VINCULUM_DATABASE='.escapeshellarg($file)." {$command}");
            self::assertStringContainsString('Nothing was changed.', $said);
            self::assertSame($isThere, is_file($file), $file);
            clearstatcache();
            self::assertSame(0, $isThere ? filesize($file) : 0);
        }
        // and said to be put back, it is, into a house that was not there
        $said = (string) shell_exec('VINCULUM_DATABASE='.escapeshellarg($nowhere).' VINCULUM_BACKUPS='
            .escapeshellarg($this->folder).' '.str_replace(' 2>&1', ' --yes 2>&1', $command));
        self::assertStringContainsString('It is put back.', $said);
        self::assertSame('0600', substr(sprintf('%o', fileperms($nowhere)), -4));
    }

    public function test_the_house_says_what_it_keeps_and_makes_a_copy(): void
    {
        $this->furnish();
        $house = $this->documented('house', $this->getJson('/api/house'));
        self::assertSame(
            [1, 1, [], ['Thrown away']],
            [$house['recipes'], $house['batches'], $house['copies'], array_column($house['bin'], 'name')],
        );

        self::assertCount(1, $this->documented('house', $this->postJson('/api/house/copies'))['copies']);
        $taken = $this->get('/api/house/archive')->assertOk();
        self::assertSame('application/zip', $taken->headers->get('Content-Type'));

        config()->set('vinculum.backups', '/proc/no/such/folder');
        self::assertStringContainsString(
            '/proc/no/such/folder',
            $this->documented('failure', $this->postJson('/api/house/copies'), 503)['error']['message'],
        );
    }

    public function test_what_was_thrown_away_is_put_back_or_forgotten_unless_a_batch_keeps_it(): void
    {
        [$made, $thrown] = $this->furnish();
        $this->documented('failure', $this->deleteJson("/api/house/bin/recipe/{$made}"), 409);
        $this->documented('failure', $this->deleteJson("/api/house/bin/thing/{$made}"), 404);
        $this->deleteJson("/api/recipes/{$made}")->assertNoContent();
        self::assertStringContainsString(
            'Batches were made',
            $this->documented('failure', $this->deleteJson("/api/house/bin/recipe/{$made}"), 409)['error']['message'],
        );
        $this->documented('house', $this->postJson("/api/house/bin/recipe/{$made}/restore"));
        $this->getJson("/api/recipes/{$made}")->assertOk();

        $this->documented('house', $this->deleteJson("/api/house/bin/recipe/{$thrown}"));
        self::assertSame([], $this->documented('house', $this->getJson('/api/house'))['bin']);
        $this->getJson("/api/recipes/{$thrown}")->assertNotFound();
    }

    public function test_batches_ingredients_and_styles_rest_in_the_bin_too_and_come_back_whole(): void
    {
        [$made, $thrown] = $this->furnish();
        $batch = $this->getJson("/api/recipes/{$made}/batches")->json('batches.0.id');
        $own = $this->postJson('/api/own-ingredients', [
            'name' => 'Hedge plum',
            'like' => 'plum',
            'values' => ['ph' => 3.3],
        ])
            ->assertCreated()
            ->json('slug');
        $style = $this->postJson("/api/recipes/{$made}/as-style", ['name' => 'Ours'])
            ->assertCreated()
            ->json('slug');
        $before = [
            'batch' => $this->getJson("/api/batches/{$batch}")->json(),
            'ingredient' => $this->getJson("/api/pantry/{$own}")->json(),
            'style' => $this->getJson('/api/styles')->json(),
        ];
        foreach (["batches/{$batch}", "own-ingredients/{$own}", "styles/{$style}"] as $each) {
            $this->deleteJson("/api/{$each}")->assertNoContent();
        }
        $this->getJson("/api/batches/{$batch}")->assertNotFound();
        self::assertSame([], $this->getJson('/api/log')->json('batches'));
        // what rests there keeps its number and its slug
        self::assertNotSame(
            $own,
            $this->postJson('/api/own-ingredients', [
                'name' => 'Hedge plum',
                'like' => 'plum',
                'values' => ['ph' => 3.3],
            ])->json('slug'),
        );
        self::assertSame(
            2,
            $this->getJson('/api/batches/'.$this->postJson("/api/recipes/{$made}/batches", [])->json('id'))->json(
                'number',
            ),
        );

        $house = $this->documented('house', $this->getJson('/api/house'));
        self::assertEqualsCanonicalizing(
            ['recipe', 'batch', 'ingredient', 'style'],
            array_column($house['bin'], 'kind'),
        );
        foreach (['batch' => $batch, 'ingredient' => $own, 'style' => $style] as $kind => $id) {
            $this->documented('house', $this->postJson("/api/house/bin/{$kind}/{$id}/restore"));
        }
        self::assertSame($before['batch'], $this->getJson("/api/batches/{$batch}")->json());
        self::assertSame($before['ingredient'], $this->getJson("/api/pantry/{$own}")->json());
        self::assertSame($before['style'], $this->getJson('/api/styles')->json());

        // emptied by hand, and what a batch keeps stays
        foreach (["batches/{$batch}", "own-ingredients/{$own}", "styles/{$style}", "recipes/{$made}"] as $each) {
            $this->deleteJson("/api/{$each}")->assertNoContent();
        }
        self::assertSame(
            [$made],
            array_column($this->documented('house', $this->deleteJson('/api/house/bin'))['bin'], 'id'),
        );
    }

    public function test_many_thrown_away_are_listed_with_no_more_questions_than_one(): void
    {
        $ask = function (): int {
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->getJson('/api/house')->assertOk();

            return count(DB::getQueryLog());
        };
        $throw = function (string $name): void {
            $recipe = $this->kept($name)['id'];
            $this->deleteJson(
                '/api/batches/'.$this->postJson("/api/recipes/{$recipe}/batches", [])->json('id'),
            )->assertNoContent();
            $this->deleteJson("/api/recipes/{$recipe}")->assertNoContent();
        };
        $throw('One');
        $one = $ask();
        array_map($throw, ['Two', 'Three', 'Four', 'Five']);
        self::assertSame($one, $ask());
    }

    /** @return array{string, string} a recipe that was made, and one that was thrown away */
    private function furnish(): array
    {
        $made = $this->kept()['id'];
        $thrown = $this->kept('Thrown away')['id'];
        $this->deleteJson("/api/recipes/{$thrown}")->assertNoContent();
        $batch = $this->postJson("/api/recipes/{$made}/batches", [])
            ->assertCreated()
            ->json('id');
        $this->postJson("/api/batches/{$batch}/readings", ['kind' => 'ph', 'value' => 3.4]);
        $this->putJson('/api/vessels', ['vessels' => [['name' => 'blue mug', 'millilitres' => 287.5]]])->assertOk();
        $this->putJson('/api/equipment', [
            'equipment' => [['name' => 'big pan', 'kind' => 'pan', 'ml' => 3000, 'count' => 1, 'width_cm' => 24.5]],
        ])->assertOk();
        $this->putJson('/api/swap-memory', [
            'out' => 'sugar',
            'in' => 'honey',
            'verdict' => 1,
            'note' => 'gut',
        ])->assertNoContent();
        $this->putJson('/api/seasons/gooseberry', ['first' => 6, 'last' => 8])->assertOk();

        return [$made, $thrown];
    }
}
