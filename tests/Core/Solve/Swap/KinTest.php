<?php

declare(strict_types=1);

namespace Tests\Core\Solve\Swap;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Solve\Swap\Criteria;
use Vinculum\Solve\Swap\Kin;
use Vinculum\Solve\Swap\Swap;

/** Who may stand in at all; common practice, no source. */
final class KinTest extends TestCase
{
    /**
     * @return iterable<string, array{string, list<string>, list<string>}> out, who may, who may not
     */
    public static function kin(): iterable
    {
        yield 'cream is no oil' => [
            'double-cream',
            ['sour-cream', 'coconut-cream', 'cream-cheese', 'strained-yoghurt'],
            ['sunflower-oil', 'lard', 'butter', 'coffee', 'peanut-butter'],
        ];
        yield 'a cooking fat is one' => [
            'lard',
            ['sunflower-oil', 'olive-oil', 'coconut-oil'],
            ['butter', 'mayonnaise', 'double-cream', 'peanut-butter', 'chilli-oil'],
        ];
        yield 'mayonnaise' => [
            'mayonnaise',
            ['plant-mayonnaise', 'light-mayonnaise'],
            ['butter', 'lard', 'sunflower-oil', 'peanut-butter'],
        ];
        yield 'a soft herb' => [
            'mint',
            ['basil', 'dill', 'parsley', 'tarragon'],
            ['butternut-squash', 'beetroot', 'avocado', 'cumin'],
        ];
        yield 'a spirit' => ['whiskey', ['brandy', 'rum'], ['vanilla-extract', 'liquid-smoke', 'milk', 'tonic-cola']];
        yield 'a beer' => ['stout', ['dry-cider'], ['whiskey', 'brandy', 'rum', 'tonic-cola']];
        yield 'a pale wine is no black beer' => [
            'white-wine',
            ['dry-sherry', 'cooking-rice-wine', 'dry-cider'],
            ['red-wine', 'stout', 'coffee', 'whiskey'],
        ];
        yield 'a starch' => [
            'maize-starch',
            ['tapioca-starch', 'arrowroot', 'potato-starch'],
            ['pectin', 'breadcrumbs', 'black-pepper'],
        ];
        yield 'a vinegar' => [
            'cider-vinegar',
            ['malt-vinegar', 'white-vinegar', 'wine-vinegar'],
            ['potassium-salt', 'fish-sauce', 'egg-yolk'],
        ];
        yield 'salt for salt' => [
            'soy-sauce',
            ['tamari', 'light-soy', 'dark-soy'],
            ['passata', 'fish-sauce', 'anchovy', 'coffee'],
        ];
    }

    /**
     * @param list<string> $may
     * @param list<string> $not
     */
    #[DataProvider('kin')]
    public function test_who_may_stand_in(string $out, array $may, array $not): void
    {
        $kin = new Kin(
            Sauce::ingredient($out),
            Sauce::evaluate([$out => '50 g', 'passata' => '300 g', 'sugar' => '20 g']),
        );
        $takes = static fn (string $slug): bool => $kin->mayStandIn(Sauce::ingredient($slug));

        self::assertSame($may, array_values(array_filter($may, $takes)), 'may');
        self::assertSame([], array_values(array_filter($not, $takes)), 'may not');
    }

    public function test_as_much_stock_goes_in_as_the_other_would(): void
    {
        $from = Sauce::evaluate([
            'chicken-stock' => '400 ml',
            'tomato' => '200 g',
            'dark-chocolate' => '40 g',
            'raisin' => '30 g',
        ]);
        foreach (['vegetable-stock', 'beef-stock'] as $stock) {
            self::assertSame(
                '400 ml',
                Swap::options($from, Sauce::catalogue(), 'chicken-stock', new Criteria, [$stock])[0]->with[0]->text,
                $stock,
            );
        }
    }

    public function test_a_drink_goes_in_by_the_measure_of_the_one_it_stands_in_for(): void
    {
        $kin = new Kin(
            Sauce::ingredient('white-wine'),
            Sauce::evaluate(['white-wine' => '150 g', 'passata' => '300 g']),
        );
        $sherry = Sauce::ingredient('dry-sherry');

        self::assertEqualsWithDelta(
            (150 * ($sherry->density ?? 0)) / (Sauce::ingredient('white-wine')->density ?? 1),
            $kin->sameMeasure($sherry, 150)[0] ?? 0,
            1e-9,
        );
        foreach (['water', 'verjuice', 'brandy', 'vanilla-extract'] as $other) {
            $measure = $kin->sameMeasure(Sauce::ingredient($other), 150);
            self::assertTrue($measure === null || $kin->mayStandIn(Sauce::ingredient($other)) === false, $other);
        }
        foreach (['whiskey' => ['brandy', 'rum'], 'white-wine' => ['dry-sherry']] as $out => $best) {
            $from = Sauce::evaluate(['ketchup' => '250 g', 'cider-vinegar' => '40 g', $out => '60 g']);
            $found = [];
            foreach (Swap::options($from, Sauce::catalogue(), $out, new Criteria) as $option) {
                if (count($option->with) === 1) {
                    $found[$option->with[0]->ingredient->slug] = $option->with[0]->grams;
                }
            }
            foreach ($best as $slug) {
                self::assertArrayHasKey($slug, $found, $out);
                self::assertEqualsWithDelta(60.0, $found[$slug], 14.0, "{$slug} for {$out}");
            }
        }
    }

    /**
     * @return iterable<string, array{string, string, float|null, float}> out, in, grams for 200 g of it, and how far
     * off it may be
     */
    public static function measures(): iterable
    {
        yield 'a wine for a wine' => ['white-wine', 'dry-sherry', 200.0, 0.2];
        yield 'a spirit for a wine, by its alcohol' => ['white-wine', 'brandy', 61.0, 0.2];
        yield 'no wine is measured as a spirit' => ['brandy', 'white-wine', null, 0.0];
        yield 'a juice is no drink' => ['white-wine', 'apple-juice', null, 0.0];
        yield 'nor is a vinegar' => ['white-wine', 'wine-vinegar', null, 0.0];
        yield 'a stock for a stock' => ['chicken-stock', 'vegetable-stock', 200.0, 0.04];
        yield 'a soy sauce is no stock' => ['vegetable-stock', 'soy-sauce', null, 0.0];
        yield 'a syrup for a syrup' => ['golden-syrup', 'corn-syrup', 197.0, 0.04];
        yield 'dry sugar is no syrup' => ['golden-syrup', 'sugar', null, 0.0];
        yield 'cream for cream' => ['double-cream', 'sour-cream', 200.0, 0.2];
        yield 'mayonnaise is no cream' => ['sour-cream', 'mayonnaise', null, 0.0];
        yield 'nuts for nuts, by weight' => ['pine-nut', 'almond', 200.0, 0.04];
        yield 'fruit for fruit, by weight' => ['mango', 'peach', 200.0, 0.1];
        yield 'dried fruit is not fresh' => ['apricot', 'dried-apricot', null, 0.0];
        yield 'an onion goes by its smell' => ['onion', 'shallot', null, 0.0];
        yield 'nor is milk' => ['vegetable-stock', 'milk', null, 0.0];
    }

    #[DataProvider('measures')]
    public function test_what_fills_the_same_measure(string $out, string $in, ?float $grams, float $within): void
    {
        $kin = new Kin(
            Sauce::ingredient($out),
            Sauce::evaluate([$out => '200 ml', 'onion' => '100 g', 'sugar' => '20 g']),
        );
        $same = $kin->sameMeasure(Sauce::ingredient($in), 200.0);

        self::assertSame($grams === null, $same === null);
        if ($same !== null) {
            // wines and spirits are bottled at 11 to 13 and 38 to 40 %: common practice, no source
            self::assertEqualsWithDelta($grams, $same[0], 0.06 * $grams);
            self::assertSame($within, $same[1]);
        }
    }

    public function test_nobody_pours_a_glass_of_brandy_for_a_glass_of_wine(): void
    {
        $from = Sauce::evaluate([
            'shallot' => '60 g',
            'white-wine' => '200 ml',
            'chicken-stock' => '300 ml',
            'butter' => '50 g',
            'double-cream' => '100 ml',
        ]);
        foreach (['brandy', 'vodka'] as $spirit) {
            self::assertLessThan(
                100.0,
                Swap::options($from, Sauce::catalogue(), 'white-wine', new Criteria, [$spirit])[0]->with[0]->grams,
                $spirit,
            );
        }
    }
}
