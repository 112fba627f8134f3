<?php

declare(strict_types=1);

namespace Tests\Http;

final class BatchTest extends HttpTestCase
{
    public function test_a_reading_moves_its_batch_narrows_it_and_offers_a_calibration(): void
    {
        $id = $this->kept()['id'];
        $batch = $this->documented('batch', $this->postJson("/api/recipes/{$id}/batches", []), 201);
        $ph = $batch['figures'][0];
        self::assertSame(['ph', '', null], [$ph['kind'], $ph['now_text'], $ph['offer']]);
        self::assertMatchesRegularExpression('/^\d\.\d\d ± 0\.[23]\d$/', $ph['estimate_text']);

        $read = $this->documented(
            'batch',
            $this->postJson("/api/batches/{$batch['id']}/readings", ['kind' => 'ph', 'value' => 3.3]),
        );
        [$now] = sscanf($read['figures'][0]['now_text'], '%f');
        self::assertEqualsWithDelta(3.3, $now, 0.03, 'a calibrated meter outweighs an estimate');
        self::assertStringEndsWith('± 0.05', $read['figures'][0]['now_text']);
        self::assertSame('gooseberry', $read['figures'][0]['offer']['ingredient']['like']);
        self::assertGreaterThan(
            2.9,
            $read['figures'][0]['offer']['ingredient']['values']['ph'],
            'this year they are milder',
        );
        self::assertSame('', $read['figures'][1]['now_text'], 'only what was measured moves');
    }

    public function test_a_hot_reading_counts_for_less(): void
    {
        $id = $this->kept()['id'];
        $now = function (bool $hot) use ($id): string {
            $batch = $this->documented('batch', $this->postJson("/api/recipes/{$id}/batches", []), 201);

            return $this->documented(
                'batch',
                $this->postJson("/api/batches/{$batch['id']}/readings", [
                    'kind' => 'brix',
                    'value' => 30,
                    'hot' => $hot,
                ]),
            )['figures'][1]['now_text'];
        };

        self::assertStringEndsWith('± 0.5', $now(false));
        self::assertMatchesRegularExpression('/± (0\.9|1\.0)$/', $now(true));
    }

    public function test_a_later_change_of_the_catalogue_never_moves_a_past_batch(): void
    {
        $recipe = self::RECIPE;
        $this->postJson('/api/own-ingredients', [
            'name' => 'My berries',
            'like' => 'gooseberry',
            'values' => ['ph' => 3.0],
        ])->assertCreated();
        $recipe['stages'][0]['lines'][0]['ingredient'] = 'my-berries';
        $id = $this->documented('recipe-record', $this->postJson('/api/recipes', ['recipe' => $recipe]), 201)['id'];
        $batch = $this->documented('batch', $this->postJson("/api/recipes/{$id}/batches", []), 201);
        $this->putJson('/api/own-ingredients/my-berries', [
            'name' => 'My berries',
            'like' => 'gooseberry',
            'values' => ['ph' => 3.8],
        ])->assertOk();

        $later = $this->documented('batch', $this->postJson("/api/recipes/{$id}/batches", []), 201);
        $list = $this->documented('batch-list', $this->getJson("/api/recipes/{$id}/batches"))['batches'];
        self::assertSame($batch['figures'], $list[1]['figures']);
        self::assertNotSame($batch['figures'][0]['estimate_text'], $later['figures'][0]['estimate_text']);

        $this->deleteJson("/api/batches/{$batch['id']}")->assertNoContent();
        self::assertCount(1, $this->getJson("/api/recipes/{$id}/batches")->json('batches'));
    }

    public function test_bad_readings_name_their_field(): void
    {
        $id = $this->kept()['id'];
        $batch = $this->documented('batch', $this->postJson("/api/recipes/{$id}/batches", []), 201);
        $field = fn (array $body): string => $this->documented(
            'failure',
            $this->postJson("/api/batches/{$batch['id']}/readings", $body),
            422,
        )['error']['fields'][0]['field'];

        self::assertSame('value', $field(['kind' => 'ph', 'value' => -3]));
        self::assertSame('kind', $field(['kind' => 'colour', 'value' => 3]));
        self::assertSame('value', $field(['kind' => 'ph', 'value' => 'sour']));
        $this->documented(
            'failure',
            $this->postJson('/api/batches/nosuch/readings', ['kind' => 'ph', 'value' => 3]),
            404,
        );
        $empty = $this->documented(
            'recipe-record',
            $this->postJson('/api/recipes', ['recipe' => ['stages' => []] + self::RECIPE]),
            201,
        );
        $this->documented('failure', $this->postJson("/api/recipes/{$empty['id']}/batches", []), 422);
    }

    public function test_where_to_stop(): void
    {
        $choices = $this->documented(
            'stop-list',
            $this->postJson('/api/stop', ['recipe' => self::RECIPE, 'stage' => 's1']),
        )['choices'];

        self::assertSame('10 %', $choices[0]['text']);
        self::assertGreaterThan(5, count($choices));
        self::assertSame(
            [],
            $this->documented('stop-list', $this->postJson('/api/stop', ['recipe' => self::RECIPE, 'stage' => 'none']))[
                'choices'
            ],
        );
    }
}
