<?php

declare(strict_types=1);

namespace Tests\Reference;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\GnuUnits;
use Vinculum\Amount\Dimension;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Amount\Units;

/**
 * Every volume and mass unit of every set against GNU units 2.22 (its definitions.units), which derives US measures from NIST
 * Handbook 44 and imperial ones from the UK statute. Informal measures are common practice and have no reference, but drops.
 */
final class UnitsTest extends TestCase
{
    private const SAME_EVERYWHERE = [
        'mg' => 'mg', 'g' => 'g', 'kg' => 'kg', 'oz' => 'ounce', 'lb' => 'pound',
        'ml' => 'ml', 'cl' => 'cl', 'dl' => 'dl', 'l' => 'liter', 'drop' => 'drop',
    ];

    private const IMPERIAL = ['fl oz' => 'brfluidounce', 'gill' => 'brgill', 'pint' => 'brpint', 'quart' => 'brquart', 'gallon' => 'brgallon'];

    private const BY_SET = [
        'us' => [
            'tsp' => 'usteaspoon', 'dessertspoon' => '2 usteaspoon', 'tbsp' => 'ustablespoon', 'cup' => 'uscup', 'fl oz' => 'usfluidounce', 'gill' => 'usgill',
            'pint' => 'uspint', 'quart' => 'usquart', 'gallon' => 'usgallon',
        ],
        // GNU units has no metric spoons of its own name; the British ones are the same 5 and 15 mL
        'metric' => ['tsp' => 'brteaspoon', 'dessertspoon' => '2 brteaspoon', 'tbsp' => 'brtablespoon', 'cup' => 'metriccup'] + self::IMPERIAL,
        'imperial' => ['tsp' => 'brteaspoon', 'dessertspoon' => '2 brteaspoon', 'tbsp' => 'brtablespoon', 'cup' => 'brcup'] + self::IMPERIAL,
        'australian' => ['tsp' => 'australiateaspoon', 'dessertspoon' => '2 australiateaspoon', 'tbsp' => 'australiatablespoon', 'cup' => 'metriccup'] + self::IMPERIAL,
    ];

    /**
     * @return iterable<string, array{MeasuringSet, string, string}>
     */
    public static function units(): iterable
    {
        foreach (MeasuringSet::cases() as $set) {
            foreach (self::SAME_EVERYWHERE + self::BY_SET[$set->value] as $ours => $theirs) {
                yield "{$set->value} {$ours} is GNU {$theirs}" => [$set, $ours, $theirs];
            }
        }
    }

    #[DataProvider('units')]
    public function test_is_as_large_as_gnu_units_says(MeasuringSet $set, string $ours, string $theirs): void
    {
        $unit = Units::find($ours, $set);
        self::assertNotNull($unit);

        self::assertEqualsWithDelta(GnuUnits::convert($theirs, $unit->dimension === Dimension::Mass ? 'g' : 'ml'), $unit->size, 1e-9 * $unit->size);
    }

    public function test_no_measured_unit_is_left_out_of_the_comparison(): void
    {
        foreach (MeasuringSet::cases() as $set) {
            $compared = array_keys(self::SAME_EVERYWHERE + self::BY_SET[$set->value]);
            foreach (Units::names($set) as $name) {
                $unit = Units::find($name, $set);
                if ($unit !== null && ! $unit->informal && in_array($unit->dimension, [Dimension::Mass, Dimension::Volume], true)) {
                    self::assertContains($name, $compared, $set->value);
                }
            }
        }
    }
}
