<?php

declare(strict_types=1);

namespace Tests\Core\Words;

use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Stove\Cook;
use Vinculum\Stove\Event;
use Vinculum\Words\CookView;
use Vinculum\Words\Speech;

/** A cook as the Stove shows it. Minutes are of the clock, from when it began. */
final class CookViewTest extends TestCase
{
    public function test_the_bars_follow_one_another_and_it_is_done_where_the_last_one_ends(): void
    {
        foreach ([0.0, 7.0, 30.0, 90.0] as $minute) {
            $view = $this->view([[5, 'step', ['to' => 'stage.add']], [6, 'step', ['to' => 'stage.simmer']]], $minute);
            $bars = $view['bars'];
            foreach ($bars as $i => $bar) {
                self::assertGreaterThanOrEqual($bar['from'], $bar['to'], $bar['label']);
                self::assertSame($bar['to'], $bars[$i + 1]['from'] ?? $bar['to'], $bar['label']);
            }
            self::assertSame($bars[count($bars) - 1]['to'], $view['done_at']);
            self::assertGreaterThanOrEqual($minute * 60, $view['done_at']);
            self::assertCount(1, array_filter($bars, static fn (array $bar): bool => $bar['state'] === 'now'));
        }
    }

    public function test_the_way_back_and_the_way_on_are_the_neighbours_and_the_end_is_said(): void
    {
        $first = $this->view([], 0.0);
        self::assertSame('', $first['back_to']);
        $ids = array_column($first['steps'], 'id');
        foreach ($ids as $i => $id) {
            $view = $this->view([[1, 'step', ['to' => $id]]], 2.0);
            self::assertSame($ids[$i - 1] ?? '', $view['back_to']);
            self::assertSame($ids[$i + 1] ?? '', $view['go_on']['to']);
            self::assertSame($i + 1 .' of '.count($ids), $view['where']);
        }
        self::assertSame('It is done', $this->view([[1, 'step', ['to' => end($ids)]]], 2.0)['go_on']['text']);
    }

    public function test_a_pot_past_its_stop_is_told_to_stop_and_how_much_water_puts_it_back(): void
    {
        $view = $this->view(
            [
                [6, 'step', ['to' => 'stage.simmer']],
                [10, 'boils', ['stage' => 'stage']],
                [40, 'reading', ['what' => 'mass', 'value' => 700]],
            ],
            40.0,
        );
        $past = $view['reduction']['past'];

        self::assertStringStartsWith('Stop: it is ', $past['text']);
        self::assertSame('water', $past['put_back']['ingredient']);
        // 1 200 g down by 30 % is 840 g
        self::assertEqualsWithDelta(140.0, (float) $past['put_back']['amount'], 15.0);
        self::assertStringContainsString(
            $past['put_back']['amount'],
            str_replace("\u{00A0}", ' ', $past['put_back_text']),
        );
        self::assertSame(1, count($view['reduction']['curve']['points']));
        self::assertSame('there', $view['reduction']['minutes_text']);
    }

    public function test_the_falling_line_falls_inside_its_picture_and_inside_its_band(): void
    {
        $curve = $this->view(
            [
                [6, 'step', ['to' => 'stage.simmer']],
                [10, 'boils', ['stage' => 'stage']],
                [20, 'reading', ['what' => 'mass', 'value' => 1100]],
            ],
            22.0,
        )['reduction']['curve'];
        $before = 2.0;
        foreach ($curve['line'] as $point) {
            self::assertLessThanOrEqual($before, $point['y']);
            $before = $point['y'];
            self::assertTrue(
                0.0 <= $point['low']
                    && $point['low'] <= $point['y']
                    && $point['y'] <= $point['high']
                    && $point['high'] <= 1.0,
            );
        }
        self::assertSame(
            [0.0, 1.0],
            [(float) $curve['line'][0]['x'], (float) $curve['line'][count($curve['line']) - 1]['x']],
        );
    }

    public function test_how_near_it_came_names_what_is_off_and_leaves_out_what_is_not_there(): void
    {
        $view = new CookView(Speech::usual());
        $planned = Sauce::evaluate(['plum' => '1 kg', 'sugar' => '200 g', 'cider-vinegar' => '100 g']);
        $near = array_column(
            $view->near($planned, Sauce::evaluate(['plum' => '1 kg', 'sugar' => '320 g', 'cider-vinegar' => '100 g'])),
            'off_text',
            'label',
        );

        self::assertStringContainsString('more', $near['Sweet']);
        self::assertArrayNotHasKey('Heat', $near);
        self::assertSame('as planned', array_column($view->near($planned, $planned), 'off_text', 'label')['Sour']);
    }

    /**
     * @param list<array{int, value-of<Event::KINDS>, array<string, mixed>}> $events
     * @return array<string, mixed>
     */
    private function view(array $events, float $minute): array
    {
        $recipe = Sauce::of(
            ['plum' => '1000 g', 'sugar' => '200 g'],
            ['name' => 'Down', 'process' => ['kind' => 'simmer', 'until' => ['loss_percent' => 30]]],
        );
        $happened = array_map(
            static fn (array $event, int $at): Event => new Event($at + 1, $event[0] * 60.0, $event[1], $event[2]),
            $events,
            array_keys($events),
        );

        return (new CookView(Speech::usual()))->of(
            Cook::of($recipe, $happened, 0.0, 1.0, $minute * 60, Sauce::catalogue(), null),
            $minute * 60,
        );
    }
}
