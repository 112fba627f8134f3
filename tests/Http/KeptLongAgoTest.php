<?php

declare(strict_types=1);

namespace Tests\Http;

use Illuminate\Support\Facades\DB;

/** What a household stored before the product learned something new still opens, and a database that fails is said. */
final class KeptLongAgoTest extends HttpTestCase
{
    /** As it stood in the table on the day; it knows nothing of one constituent the product has learned of since. */
    private const BATCH = __DIR__.'/../data/batch-of-2026.json';

    public function test_a_batch_written_before_a_constituent_existed_still_opens(): void
    {
        $id = $this->kept()['id'];
        $row = (array) json_decode((string) file_get_contents(self::BATCH), true);
        self::assertArrayNotHasKey('gingerols', $row['frozen']['composition']);
        $row['frozen']['composition']['of-a-later-day'] = 1.0;
        DB::table('batches')->insert(
            ['recipe_id' => $id, 'document' => json_encode($row['document']), 'frozen' => json_encode($row['frozen'])]
                + $row,
        );

        [$batch] = $this->documented('batch-list', $this->getJson("/api/recipes/{$id}/batches"))['batches'];
        self::assertSame('2.89 ± 0.35', $batch['figures'][0]['estimate_text']);

        $this->documented(
            'batch',
            $this->postJson("/api/batches/{$batch['id']}/readings", ['kind' => 'ph', 'value' => 3.1]),
        );
        $this->documented(
            'style',
            $this->postJson("/api/batches/{$batch['id']}/as-style", ['name' => 'Like that one']),
            201,
        );
    }

    public function test_a_database_that_fails_is_a_sentence_and_never_a_default(): void
    {
        $this->postJson('/api/own-ingredients', [
            'name' => 'My berries',
            'like' => 'gooseberry',
            'values' => ['ph' => 3.0],
        ])->assertCreated();
        DB::statement('ALTER TABLE own_ingredients RENAME TO own_ingredients_away');

        foreach ([['getJson', '/api/pantry'], ['postJson', '/api/evaluate', ['recipe' => self::RECIPE]]] as $asked) {
            $this->app->forgetScopedInstances();
            $answer = $this->{$asked[0]}(...array_slice($asked, 1));
            self::assertSame(503, $answer->getStatusCode(), $asked[1]);
            self::assertStringStartsWith('The kitchen’s database cannot be read', $answer->json('error.message'));
        }
    }
}
