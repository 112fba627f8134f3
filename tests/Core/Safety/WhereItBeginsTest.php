<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Say;
use Vinculum\Evaluation\Estimates;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Figure;
use Vinculum\Recipe\ProcessKind;
use Vinculum\Safety\Caution;
use Vinculum\Safety\Cautions;
use Vinculum\Safety\Diet;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\KeepingTime;
use Vinculum\Safety\Limits;

/** A caution begins where there is something to mind, and not before: the same sauce on either side of it. */
final class WhereItBeginsTest extends TestCase
{
    private const SIMMERED = ['process' => ['kind' => 'simmer', 'minutes' => 10, 'lid' => true]];

    /**
     * @return iterable<string, array{string, array<string, string>, array<string, string>, array<string, mixed>}>
     * code, lines without it, lines with it, stage of both
     */
    public static function amounts(): iterable
    {
        // 0.5 % is what is called free of alcohol in the EU and the UK, by volume; spirits of 32 % by mass
        yield 'a spoon of wine in a litre' => [
            'alcohol-remains',
            ['passata' => '980 g', 'white-wine' => '20 g'],
            ['passata' => '900 g', 'white-wine' => '100 g'],
            self::SIMMERED,
        ];
        yield 'sugar from fifteen in a hundred sticks' => [
            'hot-sugar',
            ['water' => '860 g', 'sugar' => '140 g'],
            ['water' => '840 g', 'sugar' => '160 g'],
            self::SIMMERED,
        ];
        yield 'five grams of nutmeg to a quarter of a litre' => [
            'much-nutmeg',
            ['passata' => '982 g', 'nutmeg' => '18 g'],
            ['passata' => '978 g', 'nutmeg' => '22 g'],
            self::SIMMERED,
        ];
        yield 'seven grams of cassia to a litre' => [
            'coumarin',
            ['passata' => '994 g', 'cinnamon' => '6 g'],
            ['passata' => '992 g', 'cinnamon' => '8 g'],
            self::SIMMERED,
        ];
        yield 'a fifth of fat is oily' => [
            'plant-in-oil',
            ['garlic' => '50 g', 'white-vinegar' => '860 g', 'olive-oil' => '190 g'],
            ['garlic' => '50 g', 'white-vinegar' => '740 g', 'olive-oil' => '210 g'],
            [],
        ];
        yield 'and so where nobody knows what the plant is' => [
            'unread-in-oil',
            ['unobtainium' => '50 g', 'white-vinegar' => '860 g', 'olive-oil' => '190 g'],
            ['unobtainium' => '50 g', 'white-vinegar' => '740 g', 'olive-oil' => '210 g'],
            [],
        ];
        yield 'dried mushrooms that lie in oil alone are dry, and with water are not' => [
            'plant-in-oil',
            ['dried-shiitake' => '10 g', 'olive-oil' => '200 g'],
            ['dried-shiitake' => '10 g', 'olive-oil' => '200 g', 'white-vinegar' => '40 g'],
            [],
        ];
        yield 'a hundredth of habanero, and three' => [
            'chilli-hands',
            ['passata' => '998 g', 'habanero' => '2 g'],
            ['passata' => '970 g', 'habanero' => '30 g'],
            self::SIMMERED,
        ];
        yield 'little chilli that makes much heat' => [
            'chilli-hands',
            ['passata' => '993 g', 'cayenne' => '7 g'],
            ['passata' => '982 g', 'cayenne' => '18 g'],
            self::SIMMERED,
        ];
    }

    /**
     * @param array<string, string> $without
     * @param array<string, string> $with
     * @param array<string, mixed> $stage
     */
    #[DataProvider('amounts')]
    public function test_by_how_much_is_in_it(string $code, array $without, array $with, array $stage): void
    {
        self::assertNotContains($code, self::codes(Sauce::evaluate($without, $stage)));
        self::assertContains($code, self::codes(Sauce::evaluate($with, $stage)));
        // more of the same sauce is the same sauce
        $twice = array_map(static fn (string $amount): string => (2 * (float) $amount).' g', $without);
        self::assertNotContains($code, self::codes(Sauce::evaluate($twice, $stage)));
    }

    /** Under oil there is no air; in drops in what is watery there is no oil above it: CDC and FDA on garlic in oil. */
    public function test_only_what_lies_under_oil_is_a_reason_to_stop(): void
    {
        $grade = static function (array $lines): ?string {
            foreach (Cautions::of(Facts::of(Sauce::evaluate($lines))) as $caution) {
                if ($caution->code === 'plant-in-oil') {
                    return $caution->grade->value;
                }
            }

            return null;
        };

        self::assertSame('stop', $grade(['garlic' => '30 g', 'olive-oil' => '200 g']));
        self::assertSame('stop', $grade(['basil' => '60 g', 'olive-oil' => '150 g', 'hard-cheese' => '40 g']));
        self::assertSame('stop', $grade(['shallot' => '80 g', 'butter' => '200 g']));
        self::assertSame('mind', $grade(['chives' => '1 g', 'mayonnaise' => '200 g']));
        self::assertSame('mind', $grade(['shallot' => '10 g', 'olive-oil' => '150 g', 'wine-vinegar' => '60 g']));
        self::assertSame('mind', $grade(['mushroom' => '100 g', 'double-cream' => '300 g']));
    }

    /** USDA Complete Guide on sauerkraut: two and a half per cent, and never less; common practice says two. */
    public function test_a_ferment_with_too_little_salt_is_a_reason_to_stop(): void
    {
        $ferment = static function (string $salt): Caution {
            $sauce = Sauce::evaluate(
                ['cabbage' => '1000 g', 'fine-salt' => $salt],
                ['process' => ['kind' => 'rest', 'minutes' => 10_080]],
            );
            $isOfIt = static fn (Caution $one): bool => $one->code === 'ferment';
            $found = array_filter(Cautions::of(Facts::of($sauce)), $isOfIt);

            return array_values($found)[0];
        };

        self::assertSame('stop', $ferment('4 g')->grade->value);
        self::assertStringContainsString('0.4 %', Say::it($ferment('4 g')->text));
        self::assertSame('mind', $ferment('25 g')->grade->value);
    }

    public function test_nitrate_is_said_of_what_is_meant_for_a_small_child(): void
    {
        $of = static fn (string $name): array => self::codes(
            Sauce::evaluate(['spinach' => '200 g', 'milk' => '50 g'], self::SIMMERED, ['name' => $name]),
        );

        self::assertContains('nitrate', $of('Spinach purée for the baby'));
        self::assertNotContains('nitrate', $of('Baby spinach sauce'));
        self::assertNotContains('nitrate', $of('Spinach sauce'));
    }

    public function test_by_the_minute(): void
    {
        $warm = static fn (int $minutes): array => self::codes(
            Sauce::evaluate(['stock' => '500 g'], ['process' => ['kind' => 'warm', 'minutes' => $minutes]]),
        );
        self::assertNotContains('keep-hot', $warm(29));
        self::assertContains('keep-hot', $warm(30));

        $mash = static fn (float $minutes, array $more = []): array => self::codes(
            Sauce::evaluate(
                ['red-chilli' => '500 g', 'fine-salt' => '15 g'] + $more,
                ['process' => ['kind' => 'rest', 'minutes' => $minutes]],
            ),
        );
        self::assertNotContains('ferment', $mash(2879));
        self::assertContains('ferment', $mash(2880), 'two days');
        self::assertNotContains('ferment', $mash(2880, ['olive-oil' => '100 g']), 'under oil it does not sour');
        // a stage of no minutes cooks nothing
        $egg = static fn (int $minutes): array => self::codes(
            Sauce::evaluate(['egg-yolk' => '40 g', 'milk' => '200 g'], [
                'process' => ['kind' => 'simmer', 'minutes' => $minutes],
            ]),
        );
        self::assertContains('raw-egg', $egg(0));
        self::assertNotContains('raw-egg', $egg(5));
    }

    public function test_what_is_brushed_on_and_when(): void
    {
        $called = static fn (string $name, string $sugar): array => self::codes(
            Sauce::evaluate(['passata' => '500 g', 'sugar' => $sugar], self::SIMMERED, ['name' => $name]),
        );
        self::assertContains('brush-at-the-end', $called('Barbecue', '150 g'));
        self::assertContains('brush-from-the-start', $called('Rib mop', '5 g'));
        self::assertSame(
            [],
            array_intersect(['brush-at-the-end', 'brush-from-the-start'], $called('Pasta sauce', '150 g')),
        );
        self::assertContains('raw-meat', $called('Rib mop', '5 g'));
        self::assertNotContains('raw-meat', $called('Pasta sauce', '5 g'));
    }

    public function test_what_boiled_off_was_put_in_all_the_same_and_what_is_left_is_said(): void
    {
        $stirred = Sauce::evaluate(['brandy' => '100 g', 'water' => '900 g']);
        $facts = Facts::of($stirred);
        // 40 % by volume: 0.4 · 0.789 / 0.95 g in a gram (ethanol 0.789 g/ml, spirit of 40 % 0.948; CRC Handbook,
        // from memory)
        self::assertEqualsWithDelta(0.1 * 0.4 * 0.789 / 0.948, $facts->alcoholPutIn(), 2e-3);
        $said = self::caution($stirred, 'alcohol-remains');
        self::assertStringContainsString('about 3.3 %', Say::it($said->text));
        self::assertSame(Grade::Know, $said->grade);

        $boiled = Sauce::evaluate(
            ['brandy' => '100 g', 'water' => '900 g'],
            ['process' => ['kind' => 'simmer', 'minutes' => 60]],
        );
        self::assertGreaterThanOrEqual($facts->alcoholPutIn(), Facts::of($boiled)->alcoholPutIn());
        self::assertContains('alcohol-remains', self::codes($boiled));
        $diet = Diet::named('alcohol-free', Sauce::catalogue()->vocabulary);
        self::assertSame(['against' => ['brandy'], 'check' => []], $diet->of($boiled->cooked));
        // vinegar and soy have a trace, which is to be checked, and apple juice none
        self::assertSame('check', $diet->verdict(Sauce::ingredient('soy-sauce')));
        self::assertNull($diet->verdict(Sauce::ingredient('apple-juice')));
    }

    public function test_low_sodium_goes_by_the_sauce_and_names_what_is_salty_in_it(): void
    {
        // at most 0.12 g of sodium in 100 g (Regulation (EC) 1924/2006, annex: low sodium)
        $diet = Diet::named('low-sodium', Sauce::catalogue()->vocabulary);
        $of = static fn (float $salt): array => $diet->of(
            Sauce::evaluate(['water' => (1000 - $salt).' g', 'fine-salt' => "{$salt} g", 'sugar' => '1 g'])->cooked,
        )['against'];
        // salt is 39.3 % sodium: 3.05 g in a kilogram
        self::assertSame([], $of(3.0));
        self::assertSame(['fine-salt'], $of(3.2));
    }

    public function test_a_meter_decides_at_the_limit_and_strips_only_raise(): void
    {
        $sauce = Sauce::evaluate(['passata' => '500 g', 'white-vinegar' => '20 g'], self::SIMMERED);
        $with = static fn (?Figure $measured, ?Figure $about = null): array => array_values(
            preg_grep('/^(?:ph-|dry-)/', array_map(
                static fn (Caution $caution): string => $caution->code,
                Cautions::of(Facts::of($sauce, $measured, $about)),
            )) ?: [],
        );
        $read = static fn (float $ph, float $half): Figure => Figure::even($ph, $half, '');
        // US 21 CFR 114.3: acid foods have a pH of 4.6 or below
        self::assertSame(['ph-measured'], $with($read(4.55, 0.05)));
        self::assertSame(['ph-measured-above-limit'], $with($read(4.56, 0.05)));
        self::assertSame(['ph-measured-above-limit'], $with($read(4.0, 0.7)));
        self::assertContains('ph-about-above-limit', $with(null, $read(4.2, 0.5)));
        self::assertNotContains('ph-about-above-limit', $with(null, $read(4.0, 0.5)));
        self::assertCount(2, $with(null, $read(4.2, 0.5)), 'and the estimate beside it');
        self::assertTrue(Facts::of($sauce, $read(4.7, 0.05))->isLowAcid());
        self::assertFalse(Facts::of($sauce, $read(4.5, 0.05))->isLowAcid());
    }

    public function test_a_change_towards_a_limit_is_said_and_one_away_from_it_is_not(): void
    {
        $at = static fn (string $vinegar): Estimates => new Estimates(
            Sauce::evaluate(['red-pepper' => '500 g', 'white-vinegar' => $vinegar])->cooked,
        );
        $said = static fn (Estimates $from, Estimates $to): string => implode(
            ' ',
            array_map(Say::it(...), Limits::approached($from, $to)),
        );
        self::assertMatchesRegularExpression('/Raises the pH .* beyond 4\.6/', $said($at('60 g'), $at('10 g')));
        self::assertMatchesRegularExpression('/Raises the pH .* towards 4\.6/', $said($at('100 g'), $at('40 g')));
        self::assertSame('', $said($at('10 g'), $at('60 g')), 'away from it');
        self::assertSame('', $said($at('60 g'), $at('60 g')), 'nothing moves');
        self::assertStringNotContainsString(
            'pH',
            $said($at('2000 g'), $at('1500 g')),
            'so sour that it is near nothing',
        );
        // a honey is at 0.6: enough water takes it over
        $syrup = static fn (string $water): Estimates => new Estimates(
            Sauce::evaluate(['honey' => '750 g', 'water' => $water])->cooked,
        );
        self::assertStringContainsString('Raises the water activity', $said($syrup('200 g'), $syrup('400 g')));
        self::assertSame('', $said($syrup('400 g'), $syrup('200 g')));
        self::assertSame('', $said($syrup('2000 g'), $syrup('3000 g')), 'it was far over already');
    }

    public function test_times_are_written_as_people_say_them(): void
    {
        $text = static fn (array $lines, array $stage = []): string => KeepingTime::of(
            Facts::of(Sauce::evaluate($lines, $stage)),
        )?->text() ?? '';

        self::assertStringStartsWith(
            'In the fridge, 2 days: the cautious figure. Makers say up to a week. Opened: 1 day. It does not freeze '
                .'well. Raw egg is good for germs',
            $text(['egg-yolk' => '40 g', 'sunflower-oil' => '300 g', 'lemon-juice' => '30 g']),
        );
        self::assertStringContainsString(
            'In the fridge, 4 weeks',
            $text(['plum' => '500 g', 'sugar' => '200 g', 'cider-vinegar' => '80 g'], self::SIMMERED),
        );
        $vinegar = $text(['white-vinegar' => '300 g', 'fine-salt' => '10 g'], self::SIMMERED);
        self::assertStringContainsString('In the fridge, 2 months', $vinegar);
        self::assertStringNotContainsString('Opened', $vinegar, 'it keeps as long opened');
        self::assertStringContainsString(
            'Frozen: 1 month, for its quality',
            $text(['milk' => '300 g', 'butter' => '20 g'], self::SIMMERED),
        );
    }

    public function test_vinegar_keeps_from_two_in_a_hundred_of_water_and_salt_from_eight(): void
    {
        $days = static fn (array $lines, array $stage): ?int => KeepingTime::of(
            Facts::of(Sauce::evaluate($lines, $stage)),
        )?->fridgeDays;
        // vinegar of 5 % acetic acid, sharp, pickled, and mostly vinegar: 0.6, 1.4 and 2 g to 100 g of water
        $plain = static fn (float $vinegar): ?int => $days(
            ['white-vinegar' => "{$vinegar} g", 'water' => (100 - $vinegar).' g', 'sugar' => '1 g'],
            [],
        );
        self::assertSame([10, 28, 28, 60], [$plain(8), $plain(16), $plain(32), $plain(45)]);
        // soy sauce has some 14 g of salt in 100 g
        $dip = static fn (float $soy): ?int => $days(
            ['soy-sauce' => "{$soy} g", 'water' => (100 - $soy).' g'],
            [],
        );
        self::assertSame([4, 28], [$dip(20), $dip(60)]);
    }

    public function test_a_bought_bottle_alone_keeps_as_its_label_says_until_something_is_done_with_it(): void
    {
        $of = static fn (array $lines, array $stage = []): bool => Facts::of(Sauce::evaluate($lines, $stage))
            ->isBoughtAlone();
        self::assertTrue($of(['ketchup' => '100 g']));
        self::assertFalse($of(['ketchup' => '100 g'], self::SIMMERED), 'it was boiled');
        self::assertFalse($of(['ketchup' => '100 g', 'water' => '10 g']));
        self::assertFalse($of(['ketchup' => '100 g', 'unobtainium' => '10 g']));
        self::assertFalse($of(['sugar' => '100 g', 'water' => '1 g']));
        self::assertFalse($of(['garlic' => '100 g']), 'it has no label');
    }

    public function test_an_empty_pot_has_shares_of_nothing(): void
    {
        $facts = Facts::of(Sauce::evaluate([]));
        self::assertSame(
            [0.0, 0.0, 0.0, 0.0, 0.0],
            [
                $facts->fat(),
                $facts->sugars(),
                $facts->alcoholPutIn(),
                $facts->shareHaving('burns-eyes'),
                $facts->heat(),
            ],
        );
        self::assertFalse($facts->isLowAcid());
        self::assertTrue($facts->isEmpty());
        self::assertNull($facts->treatment->minutesOf(ProcessKind::Simmer));
        self::assertNull(KeepingTime::of($facts));
    }

    /** @return list<string> */
    private static function codes(Evaluation $sauce): array
    {
        return array_map(
            static fn (Caution $caution): string => $caution->code,
            Cautions::of(Facts::of($sauce)),
        );
    }

    private static function caution(Evaluation $sauce, string $code): Caution
    {
        foreach (Cautions::of(Facts::of($sauce)) as $caution) {
            if ($caution->code === $code) {
                return $caution;
            }
        }
        self::fail("There is no {$code}.");
    }
}
