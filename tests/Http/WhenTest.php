<?php

declare(strict_types=1);

namespace Tests\Http;

use Illuminate\Support\Carbon;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;

/** When to begin, over HTTP. */
final class WhenTest extends HttpTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow(Carbon::create(2026, 11, 27, 9, 0, 0, 'UTC'));
    }

    protected function tearDown(): void
    {
        Carbon::setTestNow();
        parent::tearDown();
    }

    public function test_two_sauces_are_ready_at_noon_and_it_says_when_to_begin(): void
    {
        $plan = $this->documented(
            'when',
            $this->postJson('/api/when', [
                'zone' => 'Europe/Berlin',
                'batches' => [
                    ['recipe' => $this->kept('One')['id'], 'to' => '2x', 'ready' => '2026-11-28 12:00'],
                    ['recipe' => $this->kept('Two')['id'], 'ready' => '2026-11-28T12:00'],
                ],
            ]),
        );

        self::assertMatchesRegularExpression('/^Begin Saturday 28 November at (8|9|10):\d\d$/', $plan['begin_text']);
        self::assertSame('ready Saturday 28 November at 12:00', $plan['sauces'][0]['ready_text']);
        self::assertFalse($plan['sauces'][1]['is_late']);
        foreach ([...$plan['sauces'][0]['bars'], ...$plan['you'], ...$plan['rings'][0]] as $bar) {
            self::assertGreaterThanOrEqual(0.0, $bar['left']);
            self::assertLessThanOrEqual(1.001, $bar['left'] + $bar['width']);
        }
    }

    public function test_the_calendar_file_rings_five_minutes_before_and_is_one_moment_everywhere(): void
    {
        $asked = [
            'zone' => 'America/New_York',
            'batches' => [['recipe' => $this->kept()['id'], 'ready' => '2026-11-28 12:00']],
        ];
        $file = $this->documented('export-file', $this->postJson('/api/when/calendar', $asked));
        $plan = $this->documented('when', $this->postJson('/api/when', $asked));
        $calendar = Reader::read($file['text']);

        self::assertInstanceOf(VCalendar::class, $calendar);
        self::assertSame([], $calendar->validate());
        $first = $calendar->VEVENT[0] ?? self::fail('there is no event');
        self::assertEquals($plan['begin_at'], $first->DTSTART->getDateTime()->getTimestamp());
        self::assertSame('-PT5M', (string) $first->VALARM->TRIGGER);
        // noon in New York is five in the afternoon in UTC
        self::assertStringContainsString('T17', (string) $calendar->VEVENT[count($calendar->VEVENT) - 1]->DTEND);
    }

    public function test_what_cannot_be_is_said_with_the_nearest_that_can(): void
    {
        $plan = $this->documented(
            'when',
            $this->postJson('/api/when', [
                'zone' => 'UTC',
                'batches' => [['recipe' => $this->kept()['id'], 'ready' => '2026-11-27 09:10']],
            ]),
        );

        self::assertTrue($plan['sauces'][0]['is_late']);
        self::assertStringContainsString(
            'cannot be ready sooner than Friday 27 November at',
            implode(' ', $plan['notes']),
        );
    }

    public function test_a_time_a_zone_or_a_recipe_that_is_none_names_the_field(): void
    {
        $id = $this->kept()['id'];
        foreach (
            [
                ['batches[0].ready', ['recipe' => $id, 'ready' => 'noonish'], 'UTC'],
                ['zone', ['recipe' => $id], 'Mars/Base'],
                ['batches[0].recipe', ['recipe' => 'nothing'], 'UTC'],
            ] as [$field, $batch, $zone]
        ) {
            $failure = $this->documented(
                'failure',
                $this->postJson('/api/when', ['zone' => $zone, 'batches' => [$batch]]),
                422,
            );
            self::assertSame($field, $failure['error']['fields'][0]['field']);
        }
    }

    public function test_the_households_rings_and_hours_are_kept_and_minded(): void
    {
        $preferences = $this->documented('preferences', $this->getJson('/api/preferences'));
        self::assertSame(4, $preferences['kitchen']['rings']);
        $this->putJson(
            '/api/preferences',
            ['kitchen' => ['rings' => 1, 'oven' => false, 'wakes' => '10:00', 'sleeps' => '22:00', 'zone' => 'UTC']]
                + $preferences,
        )->assertOk();
        $plan = $this->documented(
            'when',
            $this->postJson('/api/when', [
                'zone' => 'Europe/Berlin',
                'batches' => [['recipe' => $this->kept()['id'], 'ready' => '2026-11-29 11:00']],
            ]),
        );
        // nobody is up before ten, so most of it is done the evening before
        self::assertStringContainsString('Saturday', $plan['begin_text']);
        $this->documented(
            'failure',
            $this->putJson(
                '/api/preferences',
                ['kitchen' => ['rings' => 0, 'oven' => true, 'wakes' => 'early', 'sleeps' => '22:00', 'zone' => '']]
                    + $preferences,
            ),
            422,
        );
    }

    public function test_what_a_sauce_is_for_stands_beside_it_and_what_says_no_time_is_named(): void
    {
        $asked = [
            'zone' => 'UTC',
            'batches' => [['recipe' => $this->kept('One')['id'], 'ready' => '2026-11-28 18:00', 'ends' => 'hot']],
            'beside' => [['text' => 'chicken on the grill 25 min, rests 5']],
        ];
        $plan = $this->documented('when', $this->postJson('/api/when', $asked));

        self::assertSame(['One', 'chicken'], array_column($plan['sauces'], 'name'));
        self::assertNull($plan['sauces'][1]['making']);
        self::assertSame($plan['sauces'][0]['ready_at'], $plan['sauces'][1]['ready_at'], 'eaten together');
        self::assertContains('chicken: take it off', array_column($plan['list'], 'text'));
        $file = $this->documented('export-file', $this->postJson('/api/when/calendar', $asked));
        self::assertStringContainsString('chicken: put it on', $file['text']);

        $failure = $this->documented('failure', $this->postJson('/api/when', [
            'beside' => [['text' => 'keep the mop warm']],
        ] + $asked), 422);
        self::assertSame('beside[0]', $failure['error']['fields'][0]['field']);
    }
}
