<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Safety\Facts;
use Vinculum\Safety\KeepingTime;

/**
 * How long a sauce keeps: the shortest that anything in it allows, and what is like nothing known the shortest of
 * all.
 */
final class KeepingTest extends TestCase
{
    private const SIMMERED = ['process' => ['kind' => 'simmer', 'minutes' => 20, 'lid' => true]];

    private const RAW = [];

    /**
     * @return iterable<string, array{array<string, string>, array<string, mixed>, int, int}> lines, stage, days in
     * the fridge at least and at most
     */
    public static function sauces(): iterable
    {
        yield 'stewed apple keeps a week (USDA FSIS, applesauce opened or home-made: a week to ten days)' => [
            ['apple' => '600 g', 'water' => '60 g', 'lemon-juice' => '8 g'],
            self::SIMMERED,
            3,
            10,
        ];
        yield 'a chutney keeps by its vinegar (extension services: a month and longer)' => [
            ['apple' => '500 g', 'cider-vinegar' => '300 g', 'light-brown-sugar' => '200 g'],
            self::SIMMERED,
            28,
            90,
        ];
        yield 'a ketchup keeps by vinegar and sugar (extension services: three to four weeks, cold)' => [
            ['chopped-tomatoes' => '800 g', 'cider-vinegar' => '120 g', 'light-brown-sugar' => '80 g'],
            self::SIMMERED,
            14,
            60,
        ];
        yield 'raw tuna is eaten the same day (US FDA)' => [
            ['mayonnaise' => '120 g', 'raw tuna' => '150 g', 'lemon-juice' => '15 g'],
            self::RAW,
            0,
            1,
        ];
        yield 'a jus of stock and wine keeps as stock does, however sour (USDA FSIS, gravy: three to four days)' => [
            ['beef-stock' => '500 g', 'red-wine' => '300 g'],
            self::SIMMERED,
            2,
            4,
        ];
        yield 'stock that was soured keeps no longer for it (the same)' => [
            ['chicken-stock' => '400 g', 'white-vinegar' => '120 g', 'sugar' => '40 g'],
            self::SIMMERED,
            2,
            4,
        ];
        yield 'tofu in a sour dressing keeps as tofu does' => [
            ['silken-tofu' => '200 g', 'rice-vinegar' => '120 g'],
            self::RAW,
            2,
            4,
        ];
        yield 'raw raspberries are raw however sour (US Food Code 3-501.17: seven days at most)' => [
            ['raspberry' => '300 g', 'icing-sugar' => '60 g'],
            self::RAW,
            2,
            7,
        ];
        yield 'and with a little lemon they keep as long' => [
            ['raspberry' => '300 g', 'icing-sugar' => '60 g', 'lemon-juice' => '5 g'],
            self::RAW,
            2,
            7,
        ];
        yield 'passata and vinegar keep no longer raw than cooked' => [
            ['passata' => '300 g', 'cider-vinegar' => '60 g'],
            self::RAW,
            2,
            7,
        ];
        yield 'the same cooked (USDA FSIS, tomato sauce: about a week)' => [
            ['passata' => '300 g', 'cider-vinegar' => '60 g'],
            self::SIMMERED,
            3,
            7,
        ];
        yield 'strong vinegar and salt keep for months (common practice, no source)' => [
            ['white-vinegar' => '300 g', 'fine-salt' => '10 g', 'sugar' => '20 g'],
            self::SIMMERED,
            28,
            90,
        ];
        yield 'honey and mustard out of jars keep for weeks (common practice, no source)' => [
            ['honey' => '100 g', 'yellow-mustard' => '100 g', 'cider-vinegar' => '30 g'],
            self::RAW,
            14,
            90,
        ];
        yield 'raw yolk (US Food Code 3-801.11; two days, judgement)' => [
            ['egg-yolk' => '40 g', 'sunflower-oil' => '300 g', 'lemon-juice' => '30 g'],
            self::RAW,
            1,
            2,
        ];
        yield 'a line nobody knows (judgement)' => [
            ['white-vinegar' => '300 g', 'unobtainium' => '50 g'],
            self::RAW,
            1,
            3,
        ];
    }

    /**
     * @param array<string, string> $lines
     * @param array<string, mixed> $stage
     */
    #[DataProvider('sauces')]
    public function test_keeps_so_many_days(array $lines, array $stage, int $least, int $most): void
    {
        $keeps = self::keeps($lines, $stage);

        self::assertGreaterThanOrEqual($least, $keeps->fridgeDays, $keeps->kind);
        self::assertLessThanOrEqual($most, $keeps->fridgeDays, $keeps->kind);
        self::assertLessThanOrEqual($keeps->fridgeDays, $keeps->openedDays, 'opened, it keeps no longer');
    }

    public function test_opened_and_frozen_are_the_shortest_of_all_that_is_in_it_too(): void
    {
        // a tomato sauce keeps 7 days and 5 opened; dairy freezes for 1 month only, and egg not at all
        $tomato = self::keeps(['passata' => '300 g', 'cider-vinegar' => '60 g'], self::SIMMERED);
        $creamed = self::keeps(
            ['passata' => '300 g', 'cider-vinegar' => '60 g', 'double-cream' => '60 g'],
            self::SIMMERED,
        );
        $bound = self::keeps(
            ['passata' => '300 g', 'cider-vinegar' => '60 g', 'double-cream' => '60 g', 'egg-yolk' => '30 g'],
            self::SIMMERED,
        );

        self::assertSame([7, 5, 6], [$tomato->fridgeDays, $tomato->openedDays, $tomato->frozenMonths]);
        self::assertSame([4, 3, 1], [$creamed->fridgeDays, $creamed->openedDays, $creamed->frozenMonths]);
        self::assertSame([3, 2, 0], [$bound->fridgeDays, $bound->openedDays, $bound->frozenMonths]);
        self::assertSame('bound with egg', $bound->kind, 'what decides is named');
    }

    public function test_where_the_kind_that_decides_keeps_longer_opened_another_shortens_that(): void
    {
        // nut paste keeps 7 days closed and opened; tomato 7 closed and 5 opened
        $keeps = self::keeps(
            ['passata' => '200 g', 'peanut-butter' => '120 g', 'cider-vinegar' => '100 g'],
            self::SIMMERED,
        );

        self::assertSame([7, 5], [$keeps->fridgeDays, $keeps->openedDays]);
    }

    public function test_what_matches_nothing_keeps_shortest(): void
    {
        $table = Sauce::catalogue()->vocabulary->words['keeping'];

        // what is called after raw seafood is known for what it is
        $known = array_diff_key($table, ['raw-seafood' => true]);
        self::assertSame(min(array_column($known, 'fridge_days')), $table['of-no-kind']['fridge_days']);
        foreach ($table as $kind => $row) {
            self::assertLessThanOrEqual($row['fridge_days'], $row['opened_days'], $kind);
        }
    }

    /**
     * @param array<string, string> $lines
     * @param array<string, mixed> $stage
     */
    private static function keeps(array $lines, array $stage): KeepingTime
    {
        return KeepingTime::of(Facts::of(Sauce::evaluate($lines, $stage))) ?? self::fail('It keeps for nothing.');
    }
}
