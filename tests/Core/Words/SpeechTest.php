<?php

declare(strict_types=1);

namespace Tests\Core\Words;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Amount\Numeral;
use Vinculum\Figure\Figure;
use Vinculum\Words\BenchView;
use Vinculum\Words\Digits;
use Vinculum\Words\Speech;

/** Numbers as the screens show them. */
final class SpeechTest extends TestCase
{
    /**
     * @return iterable<string, array{float, string}>
     */
    public static function figures(): iterable
    {
        yield 'tens' => [27.07, '27.1'];
        yield 'ones' => [1.1249, '1.12'];
        yield 'parts of one' => [0.284, '0.28'];
        yield 'hundreds' => [853.2, '853'];
        yield 'thousands, to two figures' => [2076.04, "2\u{00A0}100"];
        yield 'next to nothing' => [0.004, '0'];
        yield 'nothing' => [0.0, '0'];
    }

    #[DataProvider('figures')]
    public function test_shows_as_many_digits_as_are_known(float $value, string $text): void
    {
        self::assertSame($text, Speech::usual()->number($value));
    }

    /**
     * @return iterable<string, array{int, int, string}>
     */
    public static function room(): iterable
    {
        yield 'plenty' => [9, 51, '51 more lines fit; a recipe holds 60.'];
        yield 'a few' => [57, 3, '3 more lines fit; a recipe holds 60.'];
        yield 'one' => [59, 1, 'One more line fits; a recipe holds 60.'];
        yield 'full' => [
            60,
            0,
            'A recipe holds 60 lines, and this one has them. Make a part of it a recipe of its own, and that an '
                .'ingredient.',
        ];
    }

    #[DataProvider('room')]
    public function test_the_most_lines_are_said_before_they_are_passed(int $lines, int $left, string $text): void
    {
        $bench = (new BenchView(
            Speech::usual(),
            Sauce::evaluate(array_fill(0, $lines, ['ingredient' => 'fine-salt', 'amount' => '1 g'])),
        ))->whole();

        self::assertSame(['lines_left' => $left, 'text' => $text, 'is_few' => $left <= 5], $bench['room']);
    }

    public function test_an_interval_says_both_ends_or_nothing(): void
    {
        self::assertSame('1.7–2.3', Speech::usual()->interval(new Figure(2.0, 0.15, '')));
        self::assertSame('43–180', Speech::usual()->interval(new Figure(88.0, M_LN2 + 0.03, '')));
        self::assertSame('', Speech::usual()->interval(new Figure(0.0, 0.0, '')));
        self::assertSame(
            '',
            Speech::usual()->interval(new Figure(2.0, 0.0, '')),
            'two ends that read alike are no interval',
        );
    }

    public function test_masses_and_volumes_are_in_the_unit_that_suits_them(): void
    {
        self::assertSame(
            ['0.08 g', '2.3 g', '12 g', "1\u{00A0}306 g"],
            array_map(Speech::usual()->grams(...), [0.08, 2.3, 12.2, 1306.4]),
        );
        self::assertSame(['942 mL', '1.19 L'], array_map(Speech::usual()->volume(...), [941.6, 1190.0]));
        self::assertSame(['<1 %', '24 %', '0 %'], array_map(Speech::usual()->percent(...), [0.004, 0.241, 0.0]));
    }

    public function test_a_number_is_set_as_a_whole_and_a_fraction(): void
    {
        $set = static fn (string $text): array => array_values(
            Speech::usual()->set((Numeral::read($text) ?? throw new \LogicException($text))[0]),
        );

        self::assertSame(
            [['1', '1', '4'], ['', '1', '2'], ['3', '', ''], ['0.5', '', '']],
            array_map($set, ['1 1/4', '½', '3', '0,5']),
        );
    }

    public function test_six_digits_and_no_more(): void
    {
        self::assertSame(
            [1234570.0, 0.00123457, 0.0, -1.23457],
            array_map(Digits::six(...), [1234567.8, 0.00123456789, 0.0, -1.234567]),
        );
    }

    public function test_how_long_and_one_of_it_is_one(): void
    {
        $speech = Speech::usual();
        foreach (
            [
                [0.0, '0 minutes'],
                [1.0, '1 minute'],
                [1.5, '1.5 minutes'],
                [25.0, '25 minutes'],
                [90.0, '90 minutes'],
                [179.0, '179 minutes'],
                [180.0, '3 hours'],
                [210.0, '3.5 hours'],
                [1440.0, '24 hours'],
            ] as [$minutes, $text]
        ) {
            self::assertSame($text, $speech->spell($minutes));
        }
    }
}
