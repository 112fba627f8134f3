<?php

declare(strict_types=1);

namespace Tests\Reference;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\GnuUnits;
use Tests\Support\Server;
use Vinculum\Amount\Dimension;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Amount\Units;

/**
 * Every volume and mass unit of every set against GNU units 2.22 (its definitions.units), which derives US measures
 * from NIST
 * Handbook 44 and imperial ones from the UK statute. Informal measures are common practice and have no reference, but
 * drops.
 */
final class UnitsTest extends TestCase
{
    /**
     * @return iterable<string, array{MeasuringSet, string, string}>
     */
    public static function units(): iterable
    {
        foreach (self::entries() as $entry) {
            foreach (isset($entry['gnu']) ? MeasuringSet::cases() : [] as $set) {
                $theirs = is_array($entry['gnu']) ? $entry['gnu'][$set->value] : $entry['gnu'];
                yield "{$set->value} {$entry['name']} is GNU {$theirs}" => [$set, $entry['name'], $theirs];
            }
        }
    }

    #[DataProvider('units')]
    public function test_is_as_large_as_gnu_units_says(MeasuringSet $set, string $ours, string $theirs): void
    {
        $unit = Units::find($ours, $set);
        self::assertNotNull($unit);

        self::assertEqualsWithDelta(
            GnuUnits::convert($theirs, $unit->dimension === Dimension::Mass ? 'g' : 'ml'),
            $unit->size,
            1e-9 * $unit->size,
        );
    }

    public function test_no_measured_unit_is_left_out_of_the_comparison_but_what_is_common_practice(): void
    {
        $compared = 0;
        foreach (self::entries() as $entry) {
            $isMeasured = in_array($entry['dimension'], ['mass', 'volume'], true) && ! ($entry['loose'] ?? false);
            $hasReference = isset($entry['gnu']) || str_starts_with($entry['source'] ?? '', 'common practice');
            self::assertTrue(
                ! $isMeasured || $hasReference,
                "{$entry['name']} names no unit of GNU units, and no practice",
            );
            $compared += isset($entry['gnu']) ? 1 : 0;
        }
        self::assertGreaterThan(15, $compared);
    }

    /**
     * @return list<array{name: string, dimension: string, loose?: bool, source?: string, gnu?: string|array<string,
     * string>}>
     */
    private static function entries(): array
    {
        return json_decode(
            (string) file_get_contents(Server::root().'/database/units.json'),
            true,
            flags: JSON_THROW_ON_ERROR,
        )['units'];
    }
}
