<?php

declare(strict_types=1);

namespace Tests\Http;

use Illuminate\Support\Carbon;
use Tests\Support\Sauce;
use Vinculum\Recipe\Formats\RecipeDocument;

/** One making is one amount, one clock and one end wherever it is asked for. */
final class MakingTest extends HttpTestCase
{
    private const AMOUNTS = ['', '2x', '1 x 16 oz', '3 x 250 ml', '4 people', '600 ml', 'half'];

    private const PORTIONS = [[], ['150 g for the marinade', 'table the rest'], ['a third to freeze']];

    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow(Carbon::create(2026, 11, 27, 8, 0, 0, 'UTC'));
    }

    protected function tearDown(): void
    {
        Carbon::setTestNow();
        parent::tearDown();
    }

    public function test_twenty_recipes_have_the_same_amount_minutes_and_end_on_every_screen(): void
    {
        $ends = ['hot', 'cold', 'jarred', 'frozen', 'base', null];
        $n = 0;
        foreach (Sauce::sixty() as $name => $recipe) {
            if ($n >= 20) {
                break;
            }
            $id = $this->documented(
                'recipe-record',
                $this->postJson('/api/recipes', ['recipe' => RecipeDocument::write($recipe)]),
                201,
            )['id'];
            $asked = [
                'recipe' => $id,
                'to' => self::AMOUNTS[$n % count(self::AMOUNTS)],
                'headspace_percent' => 5,
                'portions' => self::PORTIONS[$n % count(self::PORTIONS)],
                'ready' => null,
                'ends' => $ends[$n % count($ends)],
            ];
            $making = $this->documented('making', $this->postJson('/api/makings', $asked), 201);
            self::assertSame('', $making['problem'], $name);
            $this->everywhere($name, $making, $asked);
            $n++;
        }
        self::assertSame(20, $n);
    }

    /**
     * @param array<string, mixed> $making
     * @param array<string, mixed> $asked
     */
    private function everywhere(string $name, array $making, array $asked): void
    {
        $look = $making['look'];
        $by = ['making' => $making['id']];
        $plan = $this->documented('plan', $this->postJson('/api/plan', $by));
        self::assertEquals($look, $plan['making'], "{$name}: Batch");
        self::assertSame($look['makes_ml'], $plan['scale']['yield']['volume_ml'], $name);
        $scaled = $this->documented('scale', $this->postJson('/api/scale', $by));
        self::assertSame($look['makes_ml'], $scaled['yield']['volume_ml'], $name);
        self::assertEquals($plan['shopping'], $this->documented(
            'shopping',
            $this->postJson('/api/shopping', ['batches' => [$by]]),
        ), "{$name}: what to buy");

        $when = $this->documented('when', $this->postJson('/api/when', ['zone' => 'UTC', 'batches' => [$by]]));
        $outright = array_diff_key($asked, ['ready' => true]);
        self::assertEquals(
            $when,
            $this->documented('when', $this->postJson('/api/when', ['zone' => 'UTC', 'batches' => [$outright]])),
            "{$name}: said outright it is the same",
        );
        self::assertEquals($look, $when['sauces'][0]['making'], "{$name}: When");
        if ($look['all_minutes'] < 12 * 60) {
            self::assertEqualsWithDelta(
                $look['all_minutes'] * 60,
                $when['sauces'][0]['ready_at'] - $when['begin_at'],
                1.5,
                "{$name}: no night is in it",
            );
        }
        $cook = $this->documented('cook', $this->postJson('/api/cooks', $by), 201);
        self::assertEquals($look, $cook['making'], "{$name}: Stove");
        self::assertEqualsWithDelta($look['all_minutes'] * 60, $cook['done_at'] - $cook['now'], 1.5, $name);
        self::assertSame(array_column($look['steps'], 'id'), array_column($cook['steps'], 'id'), $name);
        self::assertSame($look['makes_text'], $cook['makes_text'], $name);
        $this->deleteJson("/api/cooks/{$cook['id']}")->assertNoContent();

        $batch = $this->documented('batch', $this->postJson("/api/recipes/{$asked['recipe']}/batches", $by), 201);
        $logged = $this->documented('logged-batch', $this->getJson("/api/batches/{$batch['id']}"));
        self::assertSame($look['makes_text'], $logged['makes_text'], "{$name}: Log");
        self::assertEquals($look['ends'], $logged['making']['ends'], "{$name}: Log");
    }

    public function test_nothing_is_taken_that_was_not_asked_and_what_was_made_last_is_the_second_choice(): void
    {
        $recipe = $this->kept()['id'];
        $start = $this->documented('making-start', $this->getJson("/api/recipes/{$recipe}/making"));
        self::assertNull($start['last']);
        self::assertEquals(5, $start['headspace_percent']);

        $asked = ['recipe' => $recipe, 'to' => '3 x 250 ml', 'headspace_percent' => 5];
        $making = $this->documented('making', $this->postJson('/api/makings', $asked), 201);
        $cook = $this->documented('cook', $this->postJson('/api/cooks', ['making' => $making['id']]), 201);
        $stands = $this->documented('making', $this->getJson("/api/makings/{$making['id']}"));
        self::assertSame($cook['id'], $stands['cook']);
        self::assertCount(1, $this->documented('making-list', $this->getJson('/api/makings'))['makings']);
        $this->postJson("/api/cooks/{$cook['id']}/events", ['kind' => 'step', 'to' => 's1.simmer'])->assertOk();
        $over = $this->documented('cook-finish', $this->postJson("/api/cooks/{$cook['id']}/finish", []));
        self::assertSame([], $this->documented('making-list', $this->getJson('/api/makings'))['makings'], 'it is made');

        $last = $this->documented('making-start', $this->getJson("/api/recipes/{$recipe}/making"))['last'];
        self::assertSame(['3 x 250 ml', []], [$last['to'], $last['portions']]);
        $logged = $this->documented('logged-batch', $this->getJson("/api/batches/{$over['batch']}"));
        self::assertSame('3 x 250 ml', $logged['making']['asked_text']);
        self::assertSame(3, $logged['making']['jars']['count']);
        self::assertEquals(250, $logged['making']['jars']['size_ml']);
    }

    public function test_a_making_is_said_otherwise_and_given_up(): void
    {
        $recipe = $this->kept()['id'];
        $making = $this->documented('making', $this->postJson('/api/makings', ['recipe' => $recipe]), 201);
        self::assertSame('as it is written', $making['look']['asked_text']);
        $saved = $this->documented('making', $this->putJson("/api/makings/{$making['id']}", [
            'recipe' => $recipe,
            'to' => '2x',
            'ends' => 'frozen',
            'ready' => '2026-11-29 18:00',
        ]));
        self::assertSame(['2x', 'frozen', '2026-11-29 18:00'], [$saved['to'], $saved['ends'], $saved['ready']]);
        self::assertSame('frozen', $saved['look']['ends_text']);
        $when = $this->documented('when', $this->postJson('/api/when', ['batches' => [['making' => $making['id']]]]));
        self::assertStringContainsString('29 November', $when['sauces'][0]['ready_text'], 'its own time');
        $this->deleteJson("/api/makings/{$making['id']}")->assertNoContent();
        $this->getJson("/api/makings/{$making['id']}")->assertNotFound();
    }

    public function test_what_cannot_be_a_making_names_its_field_and_keeps_nothing(): void
    {
        $recipe = $this->kept()['id'];
        foreach (
            [
                'recipe' => ['recipe' => 'none'],
                'version' => ['version' => 999],
                'ready' => ['ready' => 'tomorrow'],
                'ends' => ['ends' => 'burnt'],
                'headspace_percent' => ['headspace_percent' => 80],
            ] as $field => $said
        ) {
            $failure = $this->documented(
                'failure',
                $this->postJson('/api/makings', $said + ['recipe' => $recipe]),
                422,
            );
            self::assertSame($field, $failure['error']['fields'][0]['field']);
        }
        self::assertSame([], $this->documented('making-list', $this->getJson('/api/makings'))['makings']);
        foreach (['cooks' => [], 'plan' => [], 'when' => ['batches' => []]] as $path => $body) {
            $asked = $path === 'when' ? ['batches' => [['making' => 'none']]] : ['making' => 'none'];
            $this->documented('failure', $this->postJson("/api/{$path}", $asked), 422);
        }
    }

    /** An amount that cannot be made is kept as it was typed, and says so. */
    public function test_a_making_that_cannot_be_made_says_why_and_is_not_lost(): void
    {
        $asked = ['recipe' => $this->kept()['id'], 'to' => 'a bathtub'];
        $making = $this->documented('making', $this->postJson('/api/makings', $asked), 201);

        self::assertNull($making['look']);
        self::assertStringContainsString('bathtub', $making['problem']);
        $kept = $this->documented('making-list', $this->getJson('/api/makings'))['makings'][0];
        self::assertSame('a bathtub', $kept['to']);
    }

    public function test_a_version_of_before_is_made_as_it_was(): void
    {
        $record = $this->kept();
        $batch = $this->postJson("/api/recipes/{$record['id']}/batches", [])->assertCreated();
        self::assertNotNull($batch->json('id'));
        $document = $record['recipe'];
        $document['stages'][0]['lines'][0]['amount'] = '3 kg';
        $this->putJson("/api/recipes/{$record['id']}", ['recipe' => $document], ['If-Match' => '"1"'])->assertOk();
        $versions = $this->documented('version-list', $this->getJson("/api/recipes/{$record['id']}/versions"));
        $version = $versions['versions'][0];
        $of = fn (?int $version): float => $this->documented('making', $this->postJson('/api/makings', [
            'recipe' => $record['id'],
            'version' => $version,
        ]), 201)['look']['makes_ml'];

        self::assertGreaterThan(2 * $of($version['id']), $of(null));
    }

    public function test_what_was_learned_of_the_hands_is_shown_and_can_be_forgotten(): void
    {
        $recipe = $this->kept()['id'];
        $look = fn (): array => $this->documented(
            'making',
            $this->postJson('/api/makings', ['recipe' => $recipe]),
            201,
        )['look'];
        $before = $look();
        self::assertSame([], $before['paces']);
        for ($i = 0; $i < 3; $i++) {
            $cook = $this->documented('cook', $this->postJson('/api/cooks', ['recipe' => $recipe]), 201);
            Carbon::setTestNow(Carbon::now()->addMinutes(3));
            $this->postJson("/api/cooks/{$cook['id']}/events", ['kind' => 'step', 'to' => 'prepare'])->assertOk();
            Carbon::setTestNow(Carbon::now()->addMinutes(8));
            $this->postJson("/api/cooks/{$cook['id']}/events", ['kind' => 'step', 'to' => 's1.add'])->assertOk();
            $this->postJson("/api/cooks/{$cook['id']}/events", ['kind' => 'step', 'to' => 's1.simmer'])->assertOk();
            $this->postJson("/api/cooks/{$cook['id']}/finish", [])->assertOk();
        }
        $after = $look();
        self::assertSame('prepare', $after['paces'][0]['kind']);
        self::assertStringContainsString('quicker at chopping', $after['paces'][0]['text']);
        self::assertLessThan($before['hands_minutes'], $after['hands_minutes']);
        $this->deleteJson('/api/paces')->assertNoContent();
        self::assertEquals($before, $look());
    }
}
