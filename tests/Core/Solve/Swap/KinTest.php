<?php

declare(strict_types=1);

namespace Tests\Core\Solve\Swap;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Solve\Swap\Kin;

/** Who may stand in at all; common practice, no source. */
final class KinTest extends TestCase
{
    /**
     * @return iterable<string, array{string, list<string>, list<string>}> out, who may, who may not
     */
    public static function kin(): iterable
    {
        yield 'cream is no oil' => ['double-cream', ['sour-cream', 'coconut-cream', 'cream-cheese', 'strained-yoghurt'], ['sunflower-oil', 'lard', 'butter', 'coffee', 'peanut-butter']];
        yield 'a cooking fat is one' => ['lard', ['sunflower-oil', 'olive-oil', 'coconut-oil'], ['butter', 'mayonnaise', 'double-cream', 'peanut-butter', 'chilli-oil']];
        yield 'mayonnaise' => ['mayonnaise', ['plant-mayonnaise', 'light-mayonnaise'], ['butter', 'lard', 'sunflower-oil', 'peanut-butter']];
        yield 'a soft herb' => ['mint', ['basil', 'dill', 'parsley', 'tarragon'], ['butternut-squash', 'beetroot', 'avocado', 'cumin']];
        yield 'a spirit' => ['whiskey', ['brandy', 'rum'], ['vanilla-extract', 'liquid-smoke', 'milk', 'tonic-cola']];
        yield 'a beer' => ['stout', ['dry-cider'], ['whiskey', 'brandy', 'rum', 'tonic-cola']];
        yield 'a starch' => ['maize-starch', ['tapioca-starch', 'arrowroot', 'potato-starch'], ['pectin', 'breadcrumbs', 'black-pepper']];
        yield 'a vinegar' => ['cider-vinegar', ['malt-vinegar', 'white-vinegar', 'wine-vinegar'], ['potassium-salt', 'fish-sauce', 'egg-yolk']];
        yield 'salt for salt' => ['soy-sauce', ['tamari', 'light-soy', 'dark-soy'], ['passata', 'fish-sauce', 'anchovy', 'coffee']];
    }

    /**
     * @param list<string> $may
     * @param list<string> $not
     */
    #[DataProvider('kin')]
    public function test_who_may_stand_in(string $out, array $may, array $not): void
    {
        $kin = new Kin(Sauce::ingredient($out), Sauce::evaluate([$out => '50 g', 'passata' => '300 g', 'sugar' => '20 g']));
        $takes = static fn (string $slug): bool => $kin->mayStandIn(Sauce::ingredient($slug));

        self::assertSame($may, array_values(array_filter($may, $takes)), 'may');
        self::assertSame([], array_values(array_filter($not, $takes)), 'may not');
    }
}
