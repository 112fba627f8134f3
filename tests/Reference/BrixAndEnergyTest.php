<?php

declare(strict_types=1);

namespace Tests\Reference;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\GnuUnits;
use Tests\Support\Sauce;
use Tests\Support\Solution;
use Vinculum\Mixture\Brix;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Density;
use Vinculum\Mixture\Nutrition;

/** °Brix by refraction against the CRC Handbook, by density against GNU units; energy against published labels. */
final class BrixAndEnergyTest extends TestCase
{
    /**
     * Refractive index at 20 °C of a solution and of sucrose solutions (10 % 1.3479, 5 % 1.3403, 15 % 1.3557), CRC
     * Handbook,
     * concentrative properties, from memory; the Brix is read off between them.
     */
    public function test_what_is_not_sugar_bends_light_as_the_handbook_says(): void
    {
        $solution = static function (int $constituent, float $percent): float {
            $grams = array_fill(0, Constituent::COUNT, 0.0);
            $grams[Constituent::WATER] = 100 - $percent;
            $grams[$constituent] = $percent;

            return Brix::of($grams) ?? 0.0;
        };
        $salt = Solution::molal([Solution::SALT => 1000 / 9 / 58.443]);
        self::assertEqualsWithDelta(11.7, Brix::of($salt), 0.6, 'sodium chloride 10 %: 1.3505');
        self::assertEqualsWithDelta(2.4, $solution(Constituent::ACETIC, 5.0), 0.3, 'acetic acid 5 %: 1.3366');
        self::assertEqualsWithDelta(4.4, $solution(Constituent::ETHANOL, 10.0), 0.4, 'ethanol 10 %: 1.3395');
        self::assertEqualsWithDelta(8.7, $solution(Constituent::CITRIC, 10.0), 0.6, 'citric acid 10 %: 1.3459');
    }

    /** A syrup as heavy as the table's at a Brix is shown at that Brix, from water to 65. */
    public function test_syrups_are_shown_at_the_brix_of_gnu_units_table_for_their_density(): void
    {
        foreach ([10, 25, 40, 55, 65] as $brix) {
            $grams = array_fill(0, Constituent::COUNT, 0.0);
            $grams[Constituent::SUCROSE] = (float) $brix;
            $grams[Constituent::WATER] = 100.0 - $brix;
            $table = GnuUnits::convert("brix({$brix})", 'kg/m^3');
            self::assertEqualsWithDelta($table, 1e5 / Density::volumeOf($grams), 0.003 * $table);
            self::assertEqualsWithDelta($brix, Brix::of($grams), 1e-9);
        }
    }

    /**
     * @return iterable<string, array{string, float}> slug, kcal per 100 g in USDA FoodData Central, from memory
     */
    public static function labels(): iterable
    {
        foreach (
            [
                'ketchup' => 101,
                'mayonnaise' => 680,
                'honey' => 304,
                'maple-syrup' => 260,
                'yellow-mustard' => 60,
                'tahini' => 595,
                'peanut-butter' => 598,
                'milk' => 61,
                'yoghurt' => 61,
                'butter' => 717,
                'egg' => 143,
                'egg-yolk' => 322,
                'tomato-paste' => 82,
                'red-miso' => 198,
                'soy-sauce' => 53,
                'sugar' => 387,
                'olive-oil' => 884,
                'plain-flour' => 364,
                'gooseberry' => 44,
                'onion' => 40,
                'white-wine' => 82,
                'whipping-cream' => 340.0,
                'double-cream' => 450.0,
                'hard-cheese' => 392,
                'molasses' => 290,
                'almond' => 579,
            ] as $slug => $kcal
        ) {
            yield $slug => [$slug, (float) $kcal];
        }
    }

    /** A fifth, and 10 kcal: labels round, and Atwater's factors here are the EU's general ones. */
    #[DataProvider('labels')]
    public function test_energy(string $slug, float $kcal): void
    {
        self::assertEqualsWithDelta($kcal, Nutrition::energy(Solution::of($slug)), 0.2 * $kcal + 10);
    }

    /** Polyols by Regulation (EU) 1169/2011, annex XIV, from memory: erythritol 0 kcal/g, other polyols 2.4. */
    public function test_what_is_sweet_and_feeds_nobody_is_counted_so(): void
    {
        $energy = static fn (array $lines): float => Sauce::evaluate($lines)->estimates->energy();

        self::assertEqualsWithDelta(0.0, $energy(['erythritol' => '100 g']), 1.0);
        self::assertEqualsWithDelta(240.0, $energy(['xylitol' => '100 g']), 2.0);
        self::assertEqualsWithDelta(400.0, $energy(['sugar' => '100 g']), 2.0);
        // beside other things only its own part feeds nobody
        self::assertEqualsWithDelta(
            $energy(['passata' => '400 g']),
            $energy(['passata' => '400 g', 'erythritol' => '60 g']),
            1.0,
        );
    }
}
