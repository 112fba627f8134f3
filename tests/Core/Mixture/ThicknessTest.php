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

    /** @return iterable<string, array{array<string, string>, array<string, mixed>, list<string>}> common practice, no source */
    public static function sauces(): iterable
    {
        yield 'water runs' => [['water' => '100 g'], [], ['runs']];
        yield 'a vinaigrette runs or coats thinly' => [['olive-oil' => '75 g', 'cider-vinegar' => '25 g'], [], ['runs', 'coats thinly']];
        yield 'a medium sauce, 8 g of starch to a cup' => [['water' => '237 g', 'maize-starch' => '8 g'], self::BOILED, ['coats']];
        yield 'twice that holds a line' => [['water' => '237 g', 'maize-starch' => '14 g'], self::BOILED, ['holds a line', 'mounds']];
        yield 'mayonnaise mounds' => [['mayonnaise' => '100 g'], [], ['mounds', 'holds a line']];
        yield 'honey coats, at least' => [['honey' => '100 g'], [], ['coats', 'holds a line']];
        yield 'tomato paste mounds' => [['tomato-puree' => '100 g'], [], ['mounds', 'holds a line']];
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
        $powers = static fn (int $constituent, float $percent): float => Thickness::powers(self::grams([Constituent::WATER => 100 - $percent, $constituent => $percent]), 0.0, 0.0, null, 0.0);

        self::assertGreaterThan($powers(Constituent::STARCH_RAW, 4.0) + 1.0, $powers(Constituent::STARCH_COOKED, 4.0));
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
            self::assertEqualsWithDelta($log, Thickness::powers(self::grams([Constituent::WATER => 100.0 - $percent, Constituent::SUCROSE => (float) $percent]), 0.0, 0.0, null, 0.0), 0.1 + 0.05 * $log, "{$percent} %");
        }
    }

    public function test_hot_is_never_thicker_than_cold(): void
    {
        foreach ([0.0, 1.0, 2.0, 3.0, 4.0, 6.0, 8.0] as $percent) {
            $grams = self::grams([Constituent::WATER => 100 - $percent, Constituent::STARCH_COOKED => $percent]);
            self::assertLessThanOrEqual(Thickness::of($grams, 0.0, 0.0, null, 0.0)->value, Thickness::of($grams, 0.0, 0.0, null, 0.0, true)->value);
        }
    }

    public function test_nothing_is_as_thick_as_nothing(): void
    {
        self::assertSame(0.0, Thickness::powers(self::grams([]), 0.0, 0.0, null, 0.0));
        self::assertSame(Thickness::Runs, Thickness::of(self::grams([Constituent::WATER => 10.0]), 0.0, 0.0, null, 0.0));
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
