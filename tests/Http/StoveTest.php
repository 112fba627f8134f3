<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Models\CookEvent;
use App\Models\HobRecord;
use Illuminate\Support\Carbon;

/** A pot on the stove: everything that happens is written down, and every answer is the cook as it stands. */
final class StoveTest extends HttpTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow(Carbon::create(2026, 11, 28, 14, 0, 0));
    }

    protected function tearDown(): void
    {
        Carbon::setTestNow();
        parent::tearDown();
    }

    public function test_a_whole_cook_ends_in_a_batch_as_it_was_really_made(): void
    {
        $cook = $this->begun();
        self::assertSame('gather', $cook['step']);
        self::assertSame('1 of 7', $cook['where']);

        $cook = $this->happens($cook, ['kind' => 'step', 'to' => 's1.add']);
        $cook = $this->happens($cook, ['kind' => 'went_in', 'line' => 'l2', 'amount' => '330 g']);
        self::assertSame(
            ['330 g', 'planned 1 1/4 cup'],
            [$cook['steps'][2]['lines'][1]['mass_text'], $cook['steps'][2]['lines'][1]['planned_text']],
        );
        self::assertMatchesRegularExpression('/^Sweet up /', $cook['otherwise'][0]);

        $cook = $this->happens($cook, ['kind' => 'step', 'to' => 's1.simmer']);
        self::assertNotNull($cook['reduction']);
        self::assertSame('Down by 30 %', $cook['reduction']['heading']);
        foreach (['taste', 'cool', 'fill'] as $to) {
            Carbon::setTestNow(Carbon::now()->addMinutes(30));
            $cook = $this->happens($cook, ['kind' => 'step', 'to' => $to]);
        }
        $over = $this->documented('cook-finish', $this->postJson("/api/cooks/{$cook['id']}/finish", []));
        self::assertSame(['Sweet', 'Sour', 'Salty'], array_slice(array_column($over['near'], 'label'), 0, 3));
        $kept = $this->documented('batch-list', $this->getJson("/api/recipes/{$cook['recipe']}/batches"));
        self::assertSame($over['batch'], $kept['batches'][0]['id']);
        self::assertSame([], $this->documented('stove', $this->getJson('/api/cooks'))['cooks']);
        // and pressed twice it is one batch
        self::assertSame(
            $over['batch'],
            $this->documented('cook-finish', $this->postJson("/api/cooks/{$cook['id']}/finish", []))['batch'],
        );
    }

    public function test_weighings_tell_the_hob_and_the_next_cook_begins_with_it(): void
    {
        $cook = $this->atTheSimmer();
        self::assertStringStartsWith('The usual hob', $cook['reduction']['hob_text']);
        $wide = $cook['reduction']['range_text'];
        Carbon::setTestNow(Carbon::now()->addMinutes(8));
        $cook = $this->happens($cook, ['kind' => 'boils', 'stage' => 's1']);
        $cook = $this->happens($cook, ['kind' => 'pan', 'amount' => '1200 g']);
        Carbon::setTestNow(Carbon::now()->addMinutes(10));
        $cook = $this->happens($cook, ['kind' => 'reading', 'what' => 'mass', 'amount' => '2 330', 'with_pan' => true]);
        self::assertSame('2'."\u{00A0}".'330 g', $cook['readings'][0]['text']);
        self::assertSame('1'."\u{00A0}".'130 g', $cook['reduction']['curve']['points'][0]['text']);
        self::assertStringStartsWith('By one reading', $cook['reduction']['hob_text']);
        self::assertNotSame($wide, $cook['reduction']['range_text']);

        $this->postJson("/api/cooks/{$cook['id']}/finish", [])->assertOk();
        $hob = HobRecord::query()->firstOrFail();
        self::assertSame('simmer medium 24 cm', $hob->name);
        self::assertLessThan(0.4, $hob->spread);
        self::assertStringContainsString(
            (string) round($hob->grams_per_minute),
            $this->atTheSimmer()['reduction']['hob_text'],
        );
    }

    public function test_a_weight_that_cannot_be_read_is_said_and_nothing_is_written(): void
    {
        $cook = $this->atTheSimmer();
        foreach (['27oo', '3 cups', '', '-4', '1e9'] as $typed) {
            $failure = $this->documented(
                'failure',
                $this->postJson("/api/cooks/{$cook['id']}/events", [
                    'kind' => 'reading',
                    'what' => 'mass',
                    'amount' => $typed,
                ]),
                422,
            );
            self::assertSame('amount', $failure['error']['fields'][0]['field'], $typed);
        }
        foreach (
            [
                ['kind' => 'went_in', 'line' => 'l2', 'amount' => '3 blorps'],
                ['kind' => 'added', 'ingredient' => 'no-such-thing', 'amount' => '2 g'],
                ['kind' => 'step', 'to' => 'nowhere'],
                ['kind' => 'went_in', 'line' => 'l2'],
                ['kind' => 'spilled'],
            ] as $event
        ) {
            $this->documented('failure', $this->postJson("/api/cooks/{$cook['id']}/events", $event), 422);
        }
        self::assertSame(2, CookEvent::query()->count());
        // far from what is thought it is asked about, and believed when it is said again
        $failure = $this->documented(
            'failure',
            $this->postJson("/api/cooks/{$cook['id']}/events", [
                'kind' => 'reading',
                'what' => 'mass',
                'amount' => '400',
            ]),
            422,
        );
        self::assertStringContainsString('Was the pan on the scale', $failure['error']['message']);
        self::assertSame(
            '400 g',
            $this->happens($cook, ['kind' => 'reading', 'what' => 'mass', 'amount' => '400', 'sure' => true])[
                'readings'
            ][0]['text'],
        );
    }

    public function test_what_is_sent_twice_happened_once(): void
    {
        $cook = $this->atTheSimmer();
        $event = ['kind' => 'added', 'ingredient' => 'sugar', 'amount' => '2 tbsp', 'key' => 'k-1'];
        $once = $this->happens($cook, $event);
        self::assertSame($once['revision'], $this->happens($cook, $event)['revision']);
    }

    public function test_a_pot_tasted_on_its_way_down_is_mended_for_where_it_will_end(): void
    {
        $cook = $this->atTheSimmer();
        $this->putJson('/api/pantry/sugar/on-hand', ['have' => true])->assertOk();
        $answer = $this->documented(
            'cook-taste',
            $this->postJson("/api/cooks/{$cook['id']}/taste", ['feels' => ['sour' => 2]]),
        );
        self::assertNotSame([], $answer['options']);
        self::assertNotSame([], $answer['options'][0]['all']);
        $first = $answer['options'][0]['all'][0];
        $cook = $this->happens($cook, ['kind' => 'added'] + $first);
        self::assertNotNull($cook['reduction']);
        // nothing in it yet: nothing to taste
        $this->documented(
            'failure',
            $this->postJson("/api/cooks/{$this->begun()['id']}/taste", ['feels' => ['sour' => 2]]),
            422,
        );
    }

    public function test_past_the_stop_it_says_how_much_water_puts_it_back(): void
    {
        $cook = $this->atTheSimmer();
        Carbon::setTestNow(Carbon::now()->addMinutes(8));
        $cook = $this->happens($cook, ['kind' => 'boils', 'stage' => 's1']);
        Carbon::setTestNow(Carbon::now()->addMinutes(50));
        $cook = $this->happens($cook, ['kind' => 'reading', 'what' => 'mass', 'value' => 700, 'sure' => true]);
        self::assertNotNull($cook['reduction']['past']);
        $cook = $this->happens(
            $cook,
            ['kind' => 'added', 'puts_back' => true] + $cook['reduction']['past']['put_back'],
        );
        self::assertNull($cook['reduction']['past']);
    }

    public function test_a_logger_delivers_readings_and_they_are_told_from_simulated_ones(): void
    {
        $cook = $this->atTheSimmer();
        $cook = $this->documented(
            'cook',
            $this->postJson("/api/cooks/{$cook['id']}/readings", [
                'what' => 'temperature',
                'value' => 98.6,
                'instrument' => 'probe in the pantry',
            ]),
        );
        self::assertSame(['98.6 °C', false], [$cook['readings'][0]['text'], $cook['readings'][0]['is_simulated']]);
        $this->documented('failure', $this->postJson("/api/cooks/{$cook['id']}/instruments/mass", []), 409);

        $practice = $this->documented(
            'cook',
            $this->postJson('/api/cooks', ['recipe' => $cook['recipe'], 'practice' => true]),
            201,
        );
        $this->documented('failure', $this->postJson("/api/cooks/{$practice['id']}/instruments/mass", []), 409);
        $this->happens($practice, ['kind' => 'step', 'to' => 's1.simmer']);
        foreach (['mass', 'temperature', 'ph', 'brix'] as $what) {
            $practice = $this->documented(
                'cook',
                $this->postJson("/api/cooks/{$practice['id']}/instruments/{$what}", []),
            );
            self::assertTrue($practice['readings'][0]['is_simulated']);
        }
        $tongue = $this->documented('tongue', $this->postJson("/api/cooks/{$practice['id']}/tongue", []));
        self::assertNotSame('', $tongue['words']);
        $this->documented('failure', $this->postJson("/api/cooks/{$cook['id']}/tongue", []), 409);
        // a pot that was never there leaves no batch
        self::assertNull(
            $this->documented('cook-finish', $this->postJson("/api/cooks/{$practice['id']}/finish", []))['batch'],
        );
    }

    public function test_two_pots_stand_on_one_line_and_what_is_next_comes_first(): void
    {
        $this->atTheSimmer();
        $second = $this->begun();
        $stove = $this->documented('stove', $this->getJson('/api/cooks'));
        self::assertCount(2, $stove['cooks']);
        self::assertSame($second['id'], $stove['next'][0]['cook']);
        self::assertNotNull($stove['next'][1]['at']);
        foreach ($stove['cooks'] as $cook) {
            foreach ($cook['bars'] as $bar) {
                self::assertGreaterThanOrEqual(0.0, $bar['left']);
                self::assertLessThanOrEqual(1.02, $bar['left'] + $bar['width']);
            }
        }
        $this->deleteJson("/api/cooks/{$second['id']}")->assertNoContent();
        self::assertCount(1, $this->getJson('/api/cooks')->json('cooks'));
    }

    public function test_a_pot_that_cannot_be_read_takes_no_other_down(): void
    {
        $broken = $this->begun();
        $whole = $this->begun();
        \App\Models\CookRecord::query()
            ->whereKey($broken['id'])
            ->toBase()
            ->update(['document' => '{"name": "torn"}']);

        self::assertSame(
            [$whole['id']],
            array_column($this->documented('stove', $this->getJson('/api/cooks'))['cooks'], 'id'),
        );
        $this->deleteJson("/api/cooks/{$broken['id']}")->assertNoContent();
    }

    public function test_a_mistake_is_taken_back(): void
    {
        $cook = $this->atTheSimmer();
        $before = $cook['pot'];
        $cook = $this->happens($cook, ['kind' => 'spilled', 'share' => 0.5]);
        self::assertNotSame($before, $cook['pot']);
        $cook = $this->happens($cook, ['kind' => 'taken_back', 'event' => $cook['revision']]);
        self::assertSame($before, $cook['pot']);
    }

    /** @return array<string, mixed> */
    private function begun(): array
    {
        $recipe = $this->kept('Ketchup '.bin2hex(random_bytes(4)));

        return $this->documented('cook', $this->postJson('/api/cooks', ['recipe' => $recipe['id']]), 201);
    }

    /** @return array<string, mixed> */
    private function atTheSimmer(): array
    {
        $cook = $this->happens($this->begun(), ['kind' => 'step', 'to' => 's1.add']);

        return $this->happens($cook, ['kind' => 'step', 'to' => 's1.simmer']);
    }

    /**
     * @param array<string, mixed> $cook
     * @param array<string, mixed> $event
     * @return array<string, mixed>
     */
    private function happens(array $cook, array $event): array
    {
        return $this->documented('cook', $this->postJson("/api/cooks/{$cook['id']}/events", $event));
    }

    /**
     * Asked every seven seconds for an hour and more, by a clock that is not even: a timer ends at the second it was
     * set to.
     */
    public function test_a_timer_does_not_drift_in_an_hour(): void
    {
        Carbon::setTestNow('2026-11-25 18:00:00');
        $cook = $this->postJson('/api/cooks', ['recipe' => $this->kept()['id']])
            ->assertCreated()
            ->json('id');
        Carbon::setTestNow('2026-11-25 18:03:00');
        $this->postJson("/api/cooks/{$cook}/events", ['kind' => 'timer', 'minutes' => 60])->assertSuccessful();
        $ends = Carbon::parse('2026-11-25 19:03:00')->getTimestamp();
        for ($second = 0; $second < 3900; $second += 7) {
            Carbon::setTestNow(
                Carbon::parse('2026-11-25 18:03:00')
                    ->addSeconds($second)
                    ->addMilliseconds($second % 900),
            );
            self::assertEqualsWithDelta(
                $ends,
                $this->getJson("/api/cooks/{$cook}")->json('timers.0.ends_at'),
                0.5,
                "{$second} s on",
            );
        }
        Carbon::setTestNow();
    }
}
