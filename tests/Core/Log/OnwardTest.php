<?php

declare(strict_types=1);

namespace Tests\Core\Log;

use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Log\Jar;
use Vinculum\Log\Onward;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Safety\Facts;
use Vinculum\Safety\KeepingTime;

/** A base that waited: as much of it, as old as it is, and never longer than the jar it stood in. */
final class OnwardTest extends TestCase
{
    public function test_it_keeps_as_long_as_the_jar_it_stood_in_still_does(): void
    {
        $keeps = self::keeps();
        [$closed, $opened] = [$keeps->fridgeDays, $keeps->openedDays];
        self::assertGreaterThan($opened, $closed);
        $left = static fn (Jar ...$jars): ?int => Onward::daysLeft(
            '2026-11-01',
            array_values($jars),
            $keeps,
            '2026-11-04',
        );

        self::assertSame($closed - 3, $left(), 'no jar is known: as the batch');
        self::assertSame($closed - 3, $left(new Jar('2026-11-01')));
        self::assertSame($opened - 2, $left(new Jar('2026-11-01', 'fridge', '2026-11-02')), 'opened, by that day');
        self::assertSame(
            $opened - 2,
            $left(new Jar('2026-11-01'), new Jar('2026-11-01', 'fridge', '2026-11-02')),
            'nobody says which jar: the shorter',
        );
        $frozen = new Jar('2026-11-01', 'freezer', null, '2026-11-01');
        self::assertSame($opened, $left($frozen), 'frozen at once, it keeps as what is thawed today');
        self::assertNull(Onward::daysLeft('2026-11-01', [], null, '2026-11-04'));
    }

    public function test_what_is_past_its_day_is_not_brought_back_by_the_freezer(): void
    {
        $left = static fn (Jar ...$jars): ?int => Onward::daysLeft(
            '2024-11-01',
            array_values($jars),
            self::keeps(),
            '2026-11-04',
        );

        self::assertLessThan(0, $left());
        self::assertLessThan(0, $left(new Jar('2024-11-01', 'freezer', null, '2026-11-03')), 'frozen two years late');
        self::assertLessThan(0, $left(new Jar('2024-11-01', 'freezer', null, '2024-11-02')), 'frozen for two years');
        self::assertGreaterThanOrEqual(
            0,
            $left(new Jar('2024-11-01'), new Jar('2026-11-02')),
            'of two jars the one that is still good',
        );
    }

    public function test_the_next_sauce_begins_with_so_much_of_it_and_with_all_that_is_in_it(): void
    {
        $made = self::made();
        $of = static fn (string $amount, ?int $left = 4): \Vinculum\Recipe\Recipe => Onward::recipe(
            'my-no-7',
            'Mustard base, no. 7',
            '2026-11-01',
            $made,
            self::keeps(),
            $left,
            $amount,
            Sauce::catalogue(),
        );
        $some = $of('200 ml');
        self::assertSame('200 ml', $some->lines()[0]->amount);
        self::assertSame(4, $some->ingredients['my-no-7']['keeps']['fridge']);
        self::assertLessThanOrEqual(4, $some->ingredients['my-no-7']['keeps']['opened']);
        self::assertContains('mustard', $some->ingredients['my-no-7']['contains']);
        self::assertStringContainsString('no. 7, made on 2026-11-01', $some->story);
        self::assertMatchesRegularExpression('/^\d+ g$/', (string) $of('')->lines()[0]->amount, 'all of it');

        foreach (['9 l', '5 kg', 'x', '0 ml'] as $amount) {
            try {
                $of($amount);
                self::fail("“{$amount}” was taken");
            } catch (InvalidRecipe $why) {
                self::assertSame('amount', $why->errors[0]['field']);
                self::assertStringContainsString('Expected', $why->getMessage());
            }
        }
    }

    private static function made(): Evaluation
    {
        return Sauce::evaluate(
            [
                'plum' => '500 g',
                'distilled-vinegar' => '200 g',
                'white-sugar' => '200 g',
                'dijon-type-mustard' => '30 g',
            ],
            ['process' => ['kind' => 'simmer', 'minutes' => 15]],
        );
    }

    private static function keeps(): KeepingTime
    {
        return KeepingTime::of(Facts::of(self::made())) ?? throw new \LogicException('It keeps for some time.');
    }
}
