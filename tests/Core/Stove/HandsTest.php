<?php

declare(strict_types=1);

namespace Tests\Core\Stove;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Pantry\CatalogueError;
use Vinculum\Pantry\HandsPage;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\Stage;
use Vinculum\Recipe\WeighedLine;
use Vinculum\Recipe\WeighedRecipe;
use Vinculum\Stove\Hands\Handwork;

/** How long work by hand takes: database/hands.txt against what a cook would say (tests/data/hands.txt). */
final class HandsTest extends TestCase
{
    #[DataProvider('works')]
    public function test_it_takes_as_long_as_a_cook_would_say(
        float $from,
        float $to,
        string $slug,
        string $amount,
        string $prep,
    ): void {
        $work = self::hands()->of(self::line($slug, $amount, $prep));
        $minutes = $work === null ? 0.0 : $work->minutes + array_sum($work->once);

        self::assertGreaterThanOrEqual($from, $minutes);
        self::assertLessThanOrEqual($to, $minutes);
    }

    /** @return iterable<string, array{float, float, string, string, string}> */
    public static function works(): iterable
    {
        $rows = file(dirname(__DIR__, 2).'/data/hands.txt', FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [];
        foreach ($rows as $row) {
            if ($row[0] !== '#') {
                [$range, $slug, $amount, $prep] = array_map(trim(...), explode('|', $row));
                [$from, $to] = array_map(floatval(...), explode(' ', $range));
                yield "{$amount} {$slug} {$prep}" => [$from, $to, $slug, $amount, $prep];
            }
        }
    }

    /** @return iterable<string, array{string, float, float, float, float}> task, each, litres, from, to */
    public static function tasks(): iterable
    {
        yield '3 things gathered' => ['gather', 3, 0, 1, 3];
        yield '6 things gathered' => ['gather', 6, 0, 3, 6];
        yield '10 things gathered' => ['gather', 10, 0, 5, 9];
        yield '15 things gathered' => ['gather', 15, 0, 7, 14];
        yield '8 things weighed' => ['weighed', 8, 0, 4, 8];
        yield '500 ml through a sieve' => ['sieve', 0, 0.5, 3, 7];
        yield '200 ml of oil by a whisk' => ['whisk', 0, 0.2, 7, 14];
        yield 'a warm yolk sauce' => ['whisk-warm', 0, 0.25, 10, 18];
        yield '1 jar' => ['fill', 1, 0, 1, 3];
        yield '6 jars' => ['fill', 6, 0, 8, 15];
        yield '3 labels' => ['label', 3, 0, 1.5, 4];
        yield '6 labels' => ['label', 6, 0, 3, 7];
        yield '1 l cools in the pan' => ['cool', 0, 1, 90, 180];
        yield '3 l cool in the pan' => ['cool', 0, 3, 180, 360];
        yield '250 ml chill' => ['chill', 0, 0.25, 60, 150];
        yield '3 l chill' => ['chill', 0, 3, 480, 900];
    }

    #[DataProvider('tasks')]
    public function test_a_task_takes_as_long_as_a_cook_would_say(
        string $task,
        float $each,
        float $litres,
        float $from,
        float $to,
    ): void {
        $minutes = self::hands()->task($task, $each, 1000 * $litres);

        self::assertGreaterThanOrEqual($from, $minutes);
        self::assertLessThanOrEqual($to, $minutes);
    }

    /** More of a thing is never less work, and half of one is peeled as a whole one is. */
    public function test_more_is_more_work(): void
    {
        foreach (['onion', 'garlic', 'parsley', 'tomato', 'red-chilli', 'apple', 'lemon-juice', 'carrot'] as $slug) {
            $before = 0.0;
            foreach (['5 g', '20 g', '100 g', '400 g', '2 kg'] as $amount) {
                $minutes = self::hands()->of(self::line($slug, $amount, ''))->minutes ?? 0.0;
                self::assertGreaterThanOrEqual($before, $minutes, "{$amount} {$slug}");
                $before = $minutes;
            }
        }
    }

    public function test_finer_takes_longer_and_a_blender_spares_work(): void
    {
        $of = static fn (string $prep, bool $isBlended = false): float
            => self::hands()->of(self::line('onion', '500 g', $prep), $isBlended)->minutes ?? 0.0;

        self::assertGreaterThan($of('chopped'), $of('finely chopped'));
        self::assertLessThan($of('chopped'), $of('roughly chopped'));
        self::assertSame($of('chopped'), $of(''), 'nothing said is as is usual');
        self::assertLessThan($of(''), $of('', true));
        self::assertSame($of('chopped'), $of('chopped', true), 'what is said is done');
        self::assertLessThan($of('chopped'), $of('unpeeled, chopped'));
    }

    public function test_every_kind_and_thing_that_is_named_is_in_the_pantry(): void
    {
        $vocabulary = Sauce::catalogue()->vocabulary;
        foreach ($vocabulary->words['hands']['rows'] as $row) {
            foreach ($row['things'] as $slug) {
                self::assertSame($slug, Sauce::ingredient($slug)->slug);
            }
            foreach ($row['kinds'] as $kind) {
                self::assertNotSame('', $vocabulary->kindName($kind));
            }
        }
    }

    /** @return iterable<string, array{string}> */
    public static function unreadable(): iterable
    {
        yield 'a work that nothing is meant by' => ["word chopped chopped\n== any\nalways whittled"];
        yield 'minutes by nothing' => ['task gather each'];
        yield 'a figure that is none' => ['task gather each some'];
        yield 'in no row' => ['of kind herb'];
        yield 'neither kind nor thing' => ["== any\nof herb"];
        yield 'a word of no meaning' => ["== any\nwhittled each 3"];
    }

    #[DataProvider('unreadable')]
    public function test_a_page_that_says_what_nothing_is_meant_by_is_refused(string $page): void
    {
        $this->expectException(CatalogueError::class);
        HandsPage::read($page);
    }

    private static function hands(): Handwork
    {
        return new Handwork(Sauce::catalogue()->vocabulary);
    }

    private static function line(string $slug, string $amount, string $prep): WeighedLine
    {
        $recipe = Sauce::of([])->withStages([
            new Stage('s', '', [new Line('l', $slug, $amount, $prep === '' ? null : $prep)]),
        ]);

        return WeighedRecipe::of($recipe, Sauce::catalogue())->lines[0];
    }
}
