<?php

declare(strict_types=1);

namespace Tests\Core\Evaluation;

use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Evaluation\TastesLike;
use Vinculum\Taste\Measure;

/** How strong a tongue finds what is in the pot. */
final class TastesLikeTest extends TestCase
{
    /**
     * Sugar masks acid, and changes none of it: at 10 % of sucrose about a third less sour (Schifferstein and Frijters,
     * Chem. Senses 15 (1990) 87, from memory).
     */
    public function test_sugar_masks_acid_and_takes_none_of_it_away(): void
    {
        $of = static fn (string $sugar): TastesLike => new TastesLike(
            Sauce::evaluate(['water' => '860 g', 'sugar' => $sugar, 'white-vinegar' => '40 g']),
        );
        $is = static fn (string $sugar): float => Sauce::evaluate(
            ['water' => '860 g', 'sugar' => $sugar, 'white-vinegar' => '40 g'],
        )->tasting->value(Measure::Sourness);

        self::assertEqualsWithDelta(
            0.65,
            $of('100 g')->strength(Measure::Sourness)->value / $is('100 g'),
            0.08,
        );
        self::assertGreaterThan(
            0.95,
            $of('1 g')->strength(Measure::Sourness)->value / $is('1 g'),
        );
        self::assertLessThan(
            $of('100 g')->strength(Measure::Sourness)->value,
            $of('100 g')->strength(Measure::Sourness)->low(),
        );
    }

    public function test_fat_dulls_heat_and_savour_lifts_salt(): void
    {
        $share = static fn (array $lines, Measure $measure): float => (new TastesLike(Sauce::evaluate($lines)))
            ->strength($measure)->value / Sauce::evaluate($lines)->tasting->value($measure);

        $lean = ['water' => '200 g', 'cayenne' => '1 g'];
        self::assertEqualsWithDelta(1.0, $share($lean, Measure::Heat), 0.05);
        self::assertLessThan(0.6, $share($lean + ['sunflower-oil' => '100 g'], Measure::Heat));
        $salted = ['water' => '300 g', 'fine-salt' => '3 g'];
        self::assertEqualsWithDelta(1.0, $share($salted, Measure::Saltiness), 1e-9);
        self::assertEqualsWithDelta(1.15, $share($salted + ['msg' => '4 g'], Measure::Saltiness), 1e-6);
    }

    public function test_what_is_thick_gives_up_its_taste_slowly(): void
    {
        $lines = ['water' => '300 g', 'fine-salt' => '3 g', 'maize-starch' => '24 g'];
        $boiled = Sauce::evaluate($lines, ['process' => ['kind' => 'simmer', 'minutes' => 3, 'lid' => true]]);

        self::assertEqualsWithDelta(
            0.7,
            (new TastesLike($boiled))->strength(Measure::Saltiness)->value
                / $boiled->tasting->value(Measure::Saltiness),
            1e-6,
        );
    }

    /** Pepper has no capsaicin: it bites all the same, and a simmer does not take it away as it takes mustard's. */
    public function test_pepper_ginger_and_mustard_bite(): void
    {
        $bite = static fn (array $lines, array $stage = []): float => (new TastesLike(
            Sauce::evaluate($lines, $stage),
        ))->bite()->value;
        $simmered = ['process' => ['kind' => 'simmer', 'minutes' => 20, 'lid' => true]];

        self::assertSame(0.0, $bite(['water' => '200 g', 'fine-salt' => '2 g']));
        self::assertGreaterThan(40.0, $bite(['water' => '200 g', 'black-pepper' => '2 g']));
        self::assertLessThan(
            0.2 * $bite(['water' => '200 g', 'english-type-mustard' => '20 g']),
            $bite(['water' => '200 g', 'english-type-mustard' => '20 g'], $simmered),
        );
    }
}
