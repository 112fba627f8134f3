<?php

declare(strict_types=1);

namespace Tests\Reference;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\GnuUnits;
use Tests\Support\Sauce;
use Vinculum\Amount\Amount;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Pantry\Weight;

/**
 * What a cup or spoon weighs, against the densities of cooking ingredients in GNU units' definitions.units (which
 * takes them
 * from a baking handbook and from package labels). Ours come from elsewhere, so they differ by how a cup is filled.
 */
final class CookingDensityTest extends TestCase
{
    /**
     * @return iterable<string, array{string, string, string, float, 4?: string}> ingredient, amount, GNU expression,
     * tolerance, prep
     */
    public static function measures(): iterable
    {
        yield 'white sugar' => ['sugar', '1 cup', 'sugar uscup', 0.02];
        yield 'light brown sugar, packed' => ['light-brown-sugar', '1 cup', 'brownsugar_light uscup', 0.03, 'packed'];
        // theirs is firmly packed and moist: 239 g; ours 230
        yield 'dark brown sugar, packed' => ['dark-brown-sugar', '1 cup', 'brownsugar_dark uscup', 0.05, 'packed'];
        yield 'honey' => ['honey', '1 cup', 'honey uscup', 0.03];
        // theirs, 11.25 oz, is 5 % below a syrup of 78 °Brix: it holds air
        yield 'molasses' => ['molasses', '1 cup', 'molasses uscup', 0.06];
        yield 'maize starch' => ['maize-starch', '1 cup', 'cornstarch uscup', 0.08];
        yield 'plain flour, spooned' => ['plain-flour', '1 cup', 'flour_spooned uscup', 0.05];
        yield 'butter' => ['butter', '1 cup', 'butter uscup', 0.02];
        yield 'neutral oil' => ['sunflower-oil', '1 cup', 'oil uscup', 0.03];
        yield 'cream' => ['double-cream', '1 cup', 'heavycream uscup', 0.03];
        yield 'fine salt' => ['fine-salt', '1 tsp', 'salt ustsp', 0.02];
        yield 'flake salt' => ['flake-salt', '1 tsp', 'koshersalt ustsp', 0.02];
        yield 'coarse salt' => ['coarse-salt', '1 tsp', 'koshersalt_morton ustsp', 0.02];
        yield 'a stick of butter' => ['butter', '1 stick', 'stickbutter', 0.001];
    }

    #[DataProvider('measures')]
    public function test_weighs_what_gnu_units_says(
        string $slug,
        string $amount,
        string $gnu,
        float $tolerance,
        ?string $prep = null,
    ): void {
        $theirs = GnuUnits::convert($gnu, 'g');
        $ours = Weight::of(Amount::parse($amount, MeasuringSet::Us), Sauce::ingredient($slug), $prep)->grams;

        self::assertEqualsWithDelta($theirs, $ours, $tolerance * $theirs);
    }
}
