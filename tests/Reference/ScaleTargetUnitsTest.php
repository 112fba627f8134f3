<?php

declare(strict_types=1);

namespace Tests\Reference;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\GnuUnits;
use Tests\Support\Sauce;
use Vinculum\Amount\Kitchenware;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Batch\Division;
use Vinculum\Batch\ScaleTarget;
use Vinculum\Batch\Shopping;
use Vinculum\Batch\Stock;
use Vinculum\Recipe\LineWriter;

/** The arithmetic of a batch against GNU units 2.22 (its definitions.units). */
final class ScaleTargetUnitsTest extends TestCase
{
    /** @return iterable<string, array{MeasuringSet, string, string}> what is typed, and the same to GNU units */
    public static function volumes(): iterable
    {
        yield 'litres' => [MeasuringSet::Us, '1.5 l', '1.5 liter'];
        yield 'US cups' => [MeasuringSet::Us, '3 cups', '3 uscup'];
        yield 'US pints' => [MeasuringSet::Us, '4 pints', '4 uspint'];
        yield 'imperial pints' => [MeasuringSet::Imperial, '4 pints', '4 brpint'];
        yield 'a US quart' => [MeasuringSet::Us, '1 quart', '1 usquart'];
        yield 'metric cups' => [MeasuringSet::Metric, '2 cups', '2 metriccup'];
        yield 'Australian tablespoons' => [MeasuringSet::Australian, '12 tbsp', '12 australiatablespoon'];
        yield 'fluid ounces' => [MeasuringSet::Us, '32 fl oz', '32 usfluidounce'];
    }

    #[DataProvider('volumes')]
    public function test_a_volume_is_as_large_as_gnu_units_says(MeasuringSet $set, string $typed, string $theirs): void
    {
        $from = Sauce::evaluate(['passata' => '1 kg', 'sugar' => '100 g']);
        $wanted = GnuUnits::convert($theirs, 'ml');

        self::assertEqualsWithDelta(
            $wanted / $from->estimates->volume()->value,
            ScaleTarget::parse($typed, $set)->factorFor($from, $wanted),
            1e-9,
        );
    }

    public function test_bottles_and_pounds_are_what_gnu_units_says(): void
    {
        foreach (
            [
                [MeasuringSet::Us, '6 x 8 fl oz', '8 usfluidounce'],
                [MeasuringSet::Imperial, '3 x 1/2 pint', '0.5 brpint'],
                [MeasuringSet::Us, '12 x 1 cup', 'uscup'],
            ] as [$set, $typed, $theirs]
        ) {
            self::assertEqualsWithDelta(
                GnuUnits::convert($theirs, 'ml'),
                ScaleTarget::parse($typed, $set)->millilitres ?? 0.0,
                1e-6,
                $typed,
            );
        }
        foreach (['2 lb' => '2 pound', '24 oz' => '24 ounce', '0.9 kg' => '0.9 kg'] as $typed => $theirs) {
            self::assertEqualsWithDelta(
                GnuUnits::convert($theirs, 'g'),
                ScaleTarget::parse($typed, MeasuringSet::Us)->grams ?? 0.0,
                1e-6,
                $typed,
            );
        }
    }

    public function test_portions_are_what_gnu_units_says(): void
    {
        foreach (
            [
                [MeasuringSet::Us, 'mop 2 cups', '2 uscup'],
                [MeasuringSet::Imperial, 'table 1 pint', '1 brpint'],
                [MeasuringSet::Metric, 'table 3 tbsp', '3 brtablespoon'],
            ] as [$set, $typed, $theirs]
        ) {
            self::assertEqualsWithDelta(
                GnuUnits::convert($theirs, 'ml'),
                Division::of($typed, 5000.0, $set)[0]['ml'],
                1e-6,
            );
        }
    }

    public function test_a_pack_by_volume_weighs_its_density_times_what_gnu_units_says(): void
    {
        foreach (
            [
                ['cider-vinegar', '500 ml', '500 ml'],
                ['maple-syrup', '8 fl oz', '8 usfluidounce'],
                ['honey', '1 lb', null],
            ] as [$slug, $pack, $theirs]
        ) {
            $ingredient = Sauce::ingredient($slug);
            $shelf = Stock::noted($ingredient, null, 1.0, $pack, MeasuringSet::Us);
            $weighed = Sauce::evaluate([$slug => '3 kg'])->cooked->weighed;
            $line = Shopping::of([$weighed], [$slug => $shelf])->lines[0];
            $grams
                = $theirs === null
                    ? GnuUnits::convert('1 pound', 'g')
                    : GnuUnits::convert($theirs, 'ml') * ($ingredient->density ?? 0.0);

            self::assertSame((int) ceil(3000 / $grams - 1e-9), $line->packs, $slug);
            self::assertEqualsWithDelta($line->packs * $grams - 3000, $line->leftGrams, 0.5, $slug);
        }
    }

    public function test_what_is_written_in_spoons_weighs_its_density_times_what_gnu_units_says(): void
    {
        $kit = Kitchenware::of(MeasuringSet::Us);
        foreach (
            [
                '1 cup' => '1 uscup',
                '1 1/3 cup' => '4|3 uscup',
                '2 tbsp + 1 tsp' => '7 usteaspoon',
                '1/8 tsp' => '0.125 usteaspoon',
                '3/4 tsp' => '0.75 usteaspoon',
            ] as $text => $theirs
        ) {
            foreach (['cider-vinegar', 'honey', 'soy-sauce'] as $slug) {
                $ingredient = Sauce::ingredient($slug);
                self::assertEqualsWithDelta(
                    GnuUnits::convert($theirs, 'ml') * ($ingredient->density ?? 0.0),
                    LineWriter::gramsOf($text, $ingredient, null, $kit),
                    1e-6,
                    "{$text} {$slug}",
                );
            }
        }
    }
}
