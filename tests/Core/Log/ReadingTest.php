<?php

declare(strict_types=1);

namespace Tests\Core\Log;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vinculum\Figure\Figure;
use Vinculum\Log\InvalidReading;
use Vinculum\Log\Reading;

/** What an instrument said, and how well it is known. */
final class ReadingTest extends TestCase
{
    /** @return iterable<string, array{key-of<Reading::POSSIBLE>}> */
    public static function kinds(): iterable
    {
        foreach (array_keys(Reading::POSSIBLE) as $kind) {
            yield $kind => [$kind];
        }
    }

    /** @param key-of<Reading::POSSIBLE> $kind */
    #[DataProvider('kinds')]
    public function test_whatever_can_be_read_can_be_combined(string $kind): void
    {
        [$least, $most] = Reading::POSSIBLE[$kind];
        foreach ([$least, ($least + $most) / 2, $most] as $value) {
            $once = new Reading($kind, $value);
            self::assertGreaterThan(0.0, $once->halfWidth(), 'nothing is known exactly');
            $twice = Reading::together([$once, $once]);
            self::assertEqualsWithDelta($value, $twice->value, 1e-9);
            self::assertEqualsWithDelta($once->halfWidth(), $twice->spread, 1e-9, 'its own error stays');
            $moved = Reading::moves(Figure::even($value, 1.0, ''), $twice);
            self::assertEqualsWithDelta($value, $moved->value, 1e-9);
            self::assertLessThan(1.0, $moved->spread, 'two know more than one');
        }
    }

    public function test_a_poorer_reading_weighs_less_and_two_that_disagree_hold_both(): void
    {
        $good = new Reading('ph', 3.6);
        $strip = new Reading('ph', 4.0, instrument: 'strips');
        $both = Reading::together([$good, $strip]);
        // weights 1/0.05² and 1/0.5²: a hundred to one
        self::assertEqualsWithDelta(3.6 + 0.4 / 101, $both->value, 1e-9);
        self::assertEqualsWithDelta(0.4 - 0.4 / 101, $both->spread, 1e-9);
        self::assertEqualsWithDelta(3.0 * $good->halfWidth(), (new Reading('ph', 3.6, true, false))->halfWidth(), 1e-9);
        self::assertSame([true, false, false], [
            $good->decides(),
            $strip->decides(),
            (new Reading('ph', 3.6, isRested: false))->decides(),
        ]);
        self::assertSame(
            (new Reading('mass', 500.0))->halfWidth(),
            (new Reading('mass', 500.0, true, false))->halfWidth(),
            'a scale does not mind what is hot',
        );
    }

    public function test_a_slip_of_the_finger_is_no_reading(): void
    {
        $this->expectException(InvalidReading::class);
        new Reading('ph', 36.0);
    }
}
