<?php

declare(strict_types=1);

namespace Tests\Reference;

use PHPUnit\Framework\TestCase;
use Tests\Support\Say;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Batch\Division;

/** Room in what goes into the freezer, against how far water swells and what home-preserving guidance leaves. */
final class FreezerTest extends TestCase
{
    /** Liquid at 0 °C over ice at 0 °C: CRC Handbook of Chemistry and Physics, from memory. */
    private const SWELLS = 0.9998 / 0.9167;

    /** Across the mouth of a straight wide jar, cm. Common practice, no source: it takes a three-inch lid. */
    private const WIDE_MOUTH = 7.6;

    /**
     * Headspace for liquids in wide-mouthed jars, inches by mL: US National Center for Home Food Preservation, from
     * memory.
     */
    private const HEADSPACE = ['pint' => [473.2, 0.5], 'quart' => [946.4, 1.0]];

    public function test_it_swells_within_the_room_it_is_given(): void
    {
        self::assertEqualsWithDelta(1.09, self::SWELLS, 0.005);
        self::assertGreaterThan(self::SWELLS, Division::FREEZER_ROOM);
    }

    public function test_no_less_is_left_than_guidance_leaves(): void
    {
        foreach (self::HEADSPACE as $jar => [$millilitres, $inches]) {
            $left = (($inches * 2.54 * M_PI) / 4) * self::WIDE_MOUTH ** 2;
            [$portion] = Division::of(sprintf('freezer %.0f ml', $millilitres - $left), $millilitres, MeasuringSet::Us);

            self::assertSame(1, preg_match('/holds ([\d\x{00A0}]+) mL/u', Say::it($portion['label']), $match));
            self::assertEqualsWithDelta($millilitres, (float) ($match[1] ?? 0), 0.03 * $millilitres, $jar);
            self::assertGreaterThanOrEqual($millilitres - 1, (float) ($match[1] ?? 0), $jar);
        }
    }
}
