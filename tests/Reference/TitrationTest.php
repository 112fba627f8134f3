<?php

declare(strict_types=1);

namespace Tests\Reference;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Solution;
use Vinculum\Mixture\Acidity;
use Vinculum\Mixture\Brix;
use Vinculum\Mixture\Constituent;

/**
 * Foods were fitted at one pH, their own. Here they are titrated to 8.1, thinned, and soured: what that took and
 * where it led
 * against published figures, from memory after the source named.
 */
final class TitrationTest extends TestCase
{
    /** A published range is of so many fruits: ours may lie this far outside, as a factor. */
    private const BEYOND = 1.15;

    private const SADLER = 'Sadler and Murphy, "pH and titratable acidity", in Nielsen, Food Analysis, table of '
        .'fruit juices';

    /**
     * @return iterable<string, array{string, float, float, float, string}> slug, grams of the acid that neutralises a
     * mole, published range in per cent of it, source
     */
    public static function acidities(): iterable
    {
        $citric = 64.04;
        $malic = 67.05;
        yield 'apple, as malic' => ['apple', $malic, 0.27, 1.02, self::SADLER];
        yield 'cherry, as malic' => ['cherry', $malic, 0.47, 1.86, self::SADLER];
        yield 'grapefruit juice, as citric' => ['grapefruit-juice', $citric, 0.64, 2.1, self::SADLER];
        yield 'lemon juice, as citric' => ['lemon-juice', $citric, 4.2, 8.33, self::SADLER];
        yield 'lime juice, as citric' => ['lime-juice', $citric, 4.9, 8.3, self::SADLER];
        yield 'orange juice, as citric' => ['orange-juice', $citric, 0.68, 1.2, self::SADLER];
        yield 'raspberry, as citric' => ['raspberry', $citric, 1.57, 2.23, self::SADLER];
        yield 'strawberry, as citric' => ['strawberry', $citric, 0.95, 1.18, self::SADLER];
        yield 'tomato, as citric' => ['tomato', $citric, 0.2, 0.6, self::SADLER];
        yield 'milk, as lactic' => ['milk', 90.08, 0.13, 0.17, 'Walstra, Dairy Science and Technology'];
        yield 'yoghurt, as lactic' => ['yoghurt', 90.08, 0.8, 1.2, 'Codex STAN 243: at least 0.6; usual 0.8 to 1.2'];
        yield 'white wine, as tartaric' => ['white-wine', 75.05, 0.5, 0.9, 'OIV: 5 to 9 g/L'];
        yield 'cider vinegar, as acetic' => [
            'cider-vinegar',
            60.05,
            4.0,
            5.5,
            'US FDA CPG 525.825: at least 4 %; sold at 5 %',
        ];
        yield 'soy sauce, as lactic' => [
            'soy-sauce',
            90.08,
            1.0,
            1.6,
            'published titratable acidity of brewed soy sauce',
        ];
    }

    #[DataProvider('acidities')]
    public function test_titratable_acidity(
        string $slug,
        float $equivalent,
        float $low,
        float $high,
        string $source,
    ): void {
        $percent = (Acidity::titratable(Solution::of($slug)) / 60.052) * $equivalent;

        self::assertGreaterThan($low / self::BEYOND, $percent, $source);
        self::assertLessThan($high * self::BEYOND, $percent, $source);
    }

    /**
     * These stand outside the same table, and are left so: the catalogue's acids are a table's average of another
     * fruit. Named
     * here so that a change that mends or worsens one is seen.
     */
    public function test_three_fruits_are_milder_than_their_published_range(): void
    {
        foreach (
            [
                'pear' => [67.05, 0.34], 'pineapple' => [64.04, 0.78], 'grape' => [75.05, 0.84],
            ] as $slug => [$equivalent, $low]
        ) {
            $percent = (Acidity::titratable(Solution::of($slug)) / 60.052) * $equivalent;
            self::assertLessThan($low, $percent, $slug);
            self::assertGreaterThan($low / 2, $percent, $slug);
        }
    }

    /**
     * Thinning tenfold moves a weak acid by half a unit (Ostwald's law: vinegar 5 % at 2.4, 0.5 % at 2.9); what its own
     * minerals buffer hardly moves for twofold (wine, milk, tomato, orange: within 0.1, as every table of buffers has
     * it); and
     * lemon juice, strong and little buffered, lies between.
     */
    public function test_thinning(): void
    {
        $thinned = static function (string $slug, float $fold): float {
            $grams = Solution::of($slug);
            $grams[Constituent::WATER] += 100 * ($fold - 1);

            return Acidity::of($grams)->ph ?? 0.0;
        };
        self::assertGreaterThan(2.3 + 0.15, $thinned('lemon-juice', 10));
        self::assertLessThan(2.3 + 0.5, $thinned('lemon-juice', 10));
        self::assertEqualsWithDelta(2.9, $thinned('white-vinegar', 10), 0.05);
        self::assertEqualsWithDelta(3.2, $thinned('white-wine', 2), 0.1);
        self::assertEqualsWithDelta(6.7, $thinned('milk', 2), 0.1);
        self::assertEqualsWithDelta(4.3, $thinned('tomato', 2), 0.1);
        self::assertEqualsWithDelta(3.7, $thinned('orange-juice', 2), 0.1);
    }

    /**
     * Curves: lemon juice is at citric acid's own middle pKa when half its acid is neutralised; vinegar at acetate's
     * 4.65; and milk
     * takes about 50 mmol of strong acid to the kilogram to come to pH 4.6 (Walstra): ours takes 38, a quarter too
     * little, since
     * calcium phosphate that dissolves on the way is not in the model. That is a known error, and not hidden.
     */
    public function test_curves(): void
    {
        $with = static function (string $slug, float $molPerKg): float {
            $grams = Solution::of($slug);
            $grams[$molPerKg > 0 ? Constituent::STRONG_BASE : Constituent::STRONG_ACID] += abs($molPerKg) / 10;

            return Acidity::of($grams)->ph ?? 0.0;
        };
        $lemon = Acidity::titratable(Solution::of('lemon-juice')) / 6.0052;
        self::assertEqualsWithDelta(
            4.6,
            $with('lemon-juice', $lemon / 2),
            0.25,
            'published curves pass 4.4 to 4.8 at the half',
        );
        $vinegar = Acidity::titratable(Solution::of('white-vinegar')) / 6.0052;
        self::assertEqualsWithDelta(
            4.65,
            $with('white-vinegar', $vinegar / 2),
            0.02,
            'as the NBS acetate buffer reads, 4.652',
        );
        self::assertEqualsWithDelta(4.6, $with('milk', -0.038), 0.1);
        self::assertLessThan(4.35, $with('milk', -0.05), 'published: 4.6');
    }

    /**
     * Brix of the same table, which our sugars and acids were not taken from.
     */
    public function test_brix_of_juices(): void
    {
        foreach (
            [
                'orange-juice' => [9.0, 14.0],
                'tomato' => [4.0, 5.0],
                'lemon-juice' => [7.1, 11.9],
                'grapefruit-juice' => [7.0, 10.0],
                'pineapple' => [12.3, 16.8],
                'raspberry' => [9.0, 11.1],
                'apple' => [9.12, 13.5],
                'cherry' => [13.4, 18.0],
            ] as $slug => [$low, $high]
        ) {
            $brix = Brix::of(Solution::of($slug));
            self::assertGreaterThan($low / 1.1, $brix, $slug);
            self::assertLessThan($high * 1.1, $brix, $slug);
        }
    }
}
