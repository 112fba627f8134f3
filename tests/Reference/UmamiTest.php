<?php

declare(strict_types=1);

namespace Tests\Reference;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Cooking\CookedRecipe;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Mixture;
use Vinculum\Taste\Measure;
use Vinculum\Taste\Tasting;

/**
 * Equivalent umami concentration, y = Σ aᵢbᵢ + 1218 (Σ aᵢbᵢ)(Σ aⱼbⱼ), g MSG per 100 g: Yamaguchi, Yoshikawa, Ikeda and
 * Ninomiya, J. Food Sci. 36 (1971) 846 (from memory), worked by hand.
 */
final class UmamiTest extends TestCase
{
    /** Molar masses, g/mol (IUPAC atomic weights): what the formula is stated in, and what food tables give. */
    private const MSG = 187.13;
    private const GLUTAMIC = 147.13;
    private const ASPARTATE = 173.1;
    private const ASPARTIC = 133.1;
    private const DISODIUM_IMP = 527.25; // with 7.5 H2O
    private const IMP = 348.21;
    private const DISODIUM_GMP = 533.27; // with 7 H2O
    private const GMP = 363.22;

    /**
     * @return iterable<string, array{array<int, float>, float}> grams in 100 g, y worked by hand
     */
    public static function solutions(): iterable
    {
        yield '0.05 % MSG alone is itself' => [[Constituent::GLUTAMIC => (0.05 * self::GLUTAMIC) / self::MSG], 0.05];
        yield 'equal halves of 0.05 % MSG and IMP: 0.025 + 1218 × 0.025 × 0.025' => [
            [
                Constituent::GLUTAMIC => (0.025 * self::GLUTAMIC) / self::MSG,
                Constituent::IMP => (0.025 * self::IMP) / self::DISODIUM_IMP,
            ],
            0.78625,
        ];
        yield '0.1 % MSG with 0.01 % GMP: 0.1 + 1218 × 0.1 × 0.023' => [
            [
                Constituent::GLUTAMIC => (0.1 * self::GLUTAMIC) / self::MSG,
                Constituent::GMP => (0.01 * self::GMP) / self::DISODIUM_GMP,
            ],
            2.9014,
        ];
        yield 'aspartate at 0.077: 0.077 × 0.5' => [
            [Constituent::ASPARTIC => (0.5 * self::ASPARTIC) / self::ASPARTATE],
            0.0385,
        ];
        yield 'both amino acids with both nucleotides: u 0.2077, v 0.033; 0.2077 + 1218 × 0.2077 × 0.033' => [
            [
                Constituent::GLUTAMIC => (0.2 * self::GLUTAMIC) / self::MSG,
                Constituent::ASPARTIC => (0.1 * self::ASPARTIC) / self::ASPARTATE,
                Constituent::IMP => (0.01 * self::IMP) / self::DISODIUM_IMP,
                Constituent::GMP => (0.01 * self::GMP) / self::DISODIUM_GMP,
            ],
            8.556,
        ];
        yield 'a nucleotide alone has nothing to multiply' => [[Constituent::IMP => 0.5], 0.0];
    }

    /**
     * @param array<int, float> $solutes
     */
    #[DataProvider('solutions')]
    public function test_comes_to_what_was_worked_by_hand(array $solutes, float $expected): void
    {
        self::assertEqualsWithDelta($expected, self::umami($solutes), 0.001 * $expected + 1e-9);
    }

    /**
     * 0.02 to 0.2 % MSG beside as much IMP is the range the paper shows; the synergy is many times either alone.
     */
    public function test_the_shares_of_two_partners_are_equal_in_what_they_make_together(): void
    {
        $salt = Sauce::evaluate([
            'fine-salt' => '0.0001 g',
            'anchovy' => '10 g',
            'tomato-paste' => '10 g',
            'water' => '100 g',
        ]);
        $umami = $salt->tasting->measures['umami'];

        self::assertEqualsWithDelta($umami->figure->value, array_sum($umami->contributions), 1e-12);
        self::assertGreaterThan(
            2 * Sauce::evaluate(['tomato-paste' => '10 g', 'water' => '110 g'])->tasting->value(Measure::Umami),
            $umami->contributions[2],
        );
    }

    /**
     * @param array<int, float> $solutes grams in 100 g
     */
    private static function umami(array $solutes): float
    {
        $row = array_replace(array_fill(0, Constituent::COUNT, 0.0), $solutes);
        $row[Constituent::WATER] = 100.0;
        $row = array_values($row);
        $weighed = Sauce::evaluate(['water' => '100 g'])->cooked->weighed;

        return Tasting::of(
            new CookedRecipe($weighed, Mixture::of($row), [0 => $row], [0 => $row], [0 => 0.0], [], [], [], [], null),
        )->value(Measure::Umami);
    }
}
