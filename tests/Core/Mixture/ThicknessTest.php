<?php

declare(strict_types=1);

namespace Tests\Core\Mixture;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Thickness;

/** Thickness in five words. */
final class ThicknessTest extends TestCase
{
    private const BOILED = ['process' => ['kind' => 'simmer', 'minutes' => 3, 'lid' => true]];

    private const REDUCED_BY_HALF = ['process' => ['kind' => 'simmer', 'until' => ['loss_percent' => 50]]];

    /**
     * Common practice, no source, but where one is named (from memory).
     *
     * @return iterable<string, array{array<string, string>, array<string, mixed>, list<string>}>
     */
    public static function sauces(): iterable
    {
        $line = ['holds a line'];
        yield 'water runs' => [['water' => '100 g'], [], ['runs']];
        yield 'vinegar runs' => [['cider-vinegar' => '100 g'], [], ['runs']];
        yield 'soy sauce runs' => [['soy-sauce' => '100 g'], [], ['runs']];
        yield 'orange juice runs' => [['orange-juice' => '100 g'], [], ['runs']];
        yield 'milk runs (Steffe, Rheological Methods: 2 mPa s)' => [['milk' => '100 g'], [], ['runs']];
        yield 'a thin pepper sauce runs' => [['hot-pepper-sauce' => '100 g'], [], ['runs']];
        yield 'a loose vinaigrette runs or coats thinly' => [
            ['olive-oil' => '75 g', 'cider-vinegar' => '25 g'],
            [],
            ['runs', 'coats thinly'],
        ];
        yield 'a vinaigrette with mustard coats thinly' => [
            ['olive-oil' => '60 g', 'cider-vinegar' => '30 g', 'dijon-type-mustard' => '10 g'],
            [],
            ['coats thinly', 'coats'],
        ];
        yield 'a thin soy glaze coats thinly' => [
            ['soy-sauce' => '60 g', 'sugar' => '40 g', 'water' => '20 g'],
            [],
            ['coats thinly'],
        ];
        yield 'single cream coats thinly' => [['single-cream' => '100 g'], [], ['coats thinly']];
        yield 'double cream coats, thinly or well' => [['double-cream' => '100 g'], [], ['coats thinly', 'coats']];
        yield 'tomato juice coats thinly' => [['tomato-juice' => '100 g'], [], ['coats thinly']];
        yield 'passata coats' => [['passata' => '100 g'], [], ['coats']];
        yield 'ketchup holds a line (Bostwick 3 to 7 cm: US grades of catsup)' => [['ketchup' => '100 g'], [], $line];
        yield 'yellow mustard holds a line' => [['yellow-mustard' => '100 g'], [], $line];
        yield 'smooth hot mustard holds a line or mounds' => [
            ['dijon-type-mustard' => '100 g'],
            [],
            ['holds a line', 'mounds'],
        ];
        yield 'honey coats and runs level (Steffe: 10 Pa s)' => [['honey' => '100 g'], [], ['coats']];
        yield 'golden syrup coats' => [['golden-syrup' => '100 g'], [], ['coats']];
        yield 'maple syrup coats (0.15 Pa s)' => [['maple-syrup' => '100 g'], [], ['coats thinly', 'coats']];
        yield 'yoghurt coats or holds a line' => [['yoghurt' => '100 g'], [], ['coats', 'holds a line']];
        yield 'strained yoghurt mounds' => [['strained-yoghurt' => '100 g'], [], ['mounds']];
        yield 'soured cream holds a line or mounds' => [['sour-cream' => '100 g'], [], ['holds a line', 'mounds']];
        yield 'cream cheese mounds' => [['cream-cheese' => '100 g'], [], ['mounds']];
        yield 'mayonnaise mounds' => [['mayonnaise' => '100 g'], [], ['mounds']];
        yield 'light mayonnaise holds a line or mounds' => [
            ['light-mayonnaise' => '100 g'],
            [],
            ['holds a line', 'mounds'],
        ];
        yield 'peanut butter mounds' => [['peanut-butter' => '100 g'], [], ['mounds']];
        yield 'tomato paste mounds' => [['tomato-paste' => '100 g'], [], ['mounds']];
        yield 'a medium sauce, 8 g of starch to a US cup' => [
            ['water' => '237 g', 'maize-starch' => '8 g'],
            self::BOILED,
            ['coats'],
        ];
        yield 'half of that is a thin one' => [
            ['water' => '237 g', 'maize-starch' => '4 g'],
            self::BOILED,
            ['coats thinly'],
        ];
        yield 'nearly twice that holds a line' => [
            ['water' => '237 g', 'maize-starch' => '14 g'],
            self::BOILED,
            ['holds a line', 'mounds'],
        ];
        yield 'a medium white sauce has twice as much flour' => [
            ['milk' => '237 g', 'plain-flour' => '16 g'],
            self::BOILED,
            ['coats'],
        ];
        yield 'raw starch does nothing' => [['water' => '237 g', 'maize-starch' => '14 g'], [], ['runs']];
        yield 'raw flour does nothing' => [['water' => '237 g', 'plain-flour' => '14 g'], [], ['runs']];
        yield 'xanthan, an eighth of a teaspoon to a cup, coats' => [
            ['water' => '237 g', 'xanthan' => '0.4 g'],
            [],
            ['coats'],
        ];
        yield 'three times that holds a line' => [
            ['water' => '237 g', 'xanthan' => '1.2 g'],
            [],
            ['holds a line', 'mounds'],
        ];
        yield 'a leaf and a half of gelatine sets a cup' => [
            ['water' => '237 g', 'gelatine' => '3 g'],
            self::BOILED,
            ['holds a line', 'mounds'],
        ];
        yield 'four yolks thicken a pint of milk' => [
            ['milk' => '500 g', 'egg-yolk' => '72 g'],
            ['process' => ['kind' => 'simmer', 'minutes' => 3, 'lid' => true, 'temperature_c' => 70]],
            ['coats'],
        ];
        yield 'and not before they are cooked' => [
            ['milk' => '500 g', 'egg-yolk' => '72 g'],
            [],
            ['runs', 'coats thinly'],
        ];
        yield 'apricot jam holds a line or mounds' => [['apricot-jam' => '100 g'], [], ['holds a line', 'mounds']];
        yield 'crumbs make a bread sauce that holds a line' => [
            ['milk' => '300 g', 'breadcrumbs' => '35 g'],
            [],
            ['holds a line', 'mounds'],
        ];
        yield 'passata boiled down by half holds a line or mounds' => [
            ['passata' => '500 g'],
            self::REDUCED_BY_HALF,
            ['holds a line', 'mounds'],
        ];
        yield 'pepper thickens nothing' => [
            ['water' => '237 g', 'black-pepper' => '2 g'],
            [],
            ['runs', 'coats thinly'],
        ];
    }

    /**
     * @param array<string, string> $lines
     * @param array<string, mixed> $stage
     * @param list<string> $words
     */
    #[DataProvider('sauces')]
    public function test_common_sauces_are_as_thick_as_makers_say(array $lines, array $stage, array $words): void
    {
        self::assertContains(Sauce::evaluate($lines, $stage)->estimates->thickness()?->words(), $words);
    }

    public function test_starch_thickens_only_once_it_has_boiled_and_more_of_it_more(): void
    {
        $powers = static fn (int $constituent, float $percent): float => Thickness::powers(
            self::grams([Constituent::WATER => 100 - $percent, $constituent => $percent]),
            0.0,
            0.0,
            null,
            0.0,
        );

        self::assertGreaterThan($powers(Constituent::STARCH_RAW, 4.0) + 2.0, $powers(Constituent::STARCH_COOKED, 4.0));
        $last = -1.0;
        foreach ([0.0, 1.0, 2.0, 4.0, 8.0] as $percent) {
            self::assertGreaterThan($last, $powers(Constituent::STARCH_COOKED, $percent));
            $last = $powers(Constituent::STARCH_COOKED, $percent);
        }
    }

    public function test_a_long_sour_simmer_weakens_starch_and_a_mild_one_does_not(): void
    {
        $grams = self::grams([Constituent::WATER => 96.0, Constituent::STARCH_COOKED => 4.0]);
        $after = static fn (float $ph, float $minutes): float => Thickness::powers($grams, 0.0, 0.0, $ph, $minutes);

        self::assertEqualsWithDelta(0.6, $after(3.2, 60.0) / $after(3.2, 0.0), 1e-9);
        self::assertSame($after(5.0, 0.0), $after(5.0, 60.0));
    }

    /** Sucrose at 20 °C, log10 of viscosity beside water: CRC Handbook of Chemistry and Physics, from memory. */
    public function test_syrups_are_as_thick_as_the_handbook_has_them(): void
    {
        foreach ([20 => 0.29, 40 => 0.79, 60 => 1.77, 70 => 2.68] as $percent => $log) {
            self::assertEqualsWithDelta(
                $log,
                Thickness::powers(
                    self::grams([Constituent::WATER => 100.0 - $percent, Constituent::SUCROSE => (float) $percent]),
                    0.0,
                    0.0,
                    null,
                    0.0,
                ),
                0.1 + 0.05 * $log,
                "{$percent} %",
            );
        }
    }

    /** Jelly is a soup while it is hot, and holds once it is cold. */
    public function test_gelatine_sets_only_when_it_is_cold(): void
    {
        $estimates = Sauce::evaluate(['water' => '237 g', 'gelatine' => '3 g'], self::BOILED)->estimates;

        self::assertSame(Thickness::Runs, $estimates->thickness(isHot: true));
        self::assertGreaterThanOrEqual(Thickness::HoldsALine->value, $estimates->thickness()?->value);
    }

    public function test_hot_is_never_thicker_than_cold(): void
    {
        $thinner = 0;
        foreach (
            [
                ['water' => '300 g', 'maize-starch' => '12 g'],
                ['passata' => '400 g', 'sugar' => '30 g'],
                ['stock-cube' => '5 g', 'water' => '200 g', 'gelatine' => '8 g'],
                ['mayonnaise' => '200 g', 'milk' => '20 g'],
                ['honey' => '200 g', 'water' => '40 g'],
            ] as $lines
        ) {
            $estimates = Sauce::evaluate($lines, ['process' => ['kind' => 'simmer', 'minutes' => 5]])->estimates;
            $cold = $estimates->thickness()->value ?? -1;
            $hot = $estimates->thickness(true)->value ?? 9;
            self::assertLessThanOrEqual($cold, $hot, implode(', ', array_keys($lines)));
            $thinner += $hot < $cold ? 1 : 0;
        }
        // and jelly at the least is only a jelly once it is cold
        self::assertGreaterThan(0, $thinner);
    }

    public function test_nothing_is_as_thick_as_nothing(): void
    {
        self::assertSame(0.0, Thickness::powers(self::grams([]), 0.0, 0.0, null, 0.0));
        self::assertSame(
            Thickness::Runs,
            Thickness::word(Thickness::powers(self::grams([Constituent::WATER => 10.0]), 0.0, 0.0, null, 0.0)),
        );
    }

    /**
     * @param array<int, float> $of
     * @return array<int, float>
     */
    private static function grams(array $of): array
    {
        return $of + array_fill(0, Constituent::COUNT, 0.0);
    }
}
