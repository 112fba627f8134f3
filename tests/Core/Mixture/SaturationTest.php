<?php

declare(strict_types=1);

namespace Tests\Core\Mixture;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Mixture;
use Vinculum\Mixture\Saturation;
use Vinculum\Mixture\WaterActivity;

/** What the water cannot hold lies on the bottom. */
final class SaturationTest extends TestCase
{
    /**
     * Water activity over a saturated solution at 25 °C: Greenspan, J. Res. NBS 81A (1977) 89, for sodium chloride
     * 0.753; sucrose 0.843 to 0.86 (several tables); from memory.
     *
     * @return iterable<string, array{array<string, string>, float, float}>
     */
    public static function saturated(): iterable
    {
        yield 'salt' => [['fine-salt' => '60 g', 'water' => '40 g'], 0.753, 0.01];
        yield 'a little over' => [['fine-salt' => '30 g', 'water' => '70 g'], 0.753, 0.01];
        yield 'sugar' => [['sugar' => '300 g', 'water' => '100 g'], 0.85, 0.015];
    }

    /** @param array<string, string> $lines */
    #[DataProvider('saturated')]
    public function test_more_than_it_holds_makes_it_no_drier(array $lines, float $activity, float $within): void
    {
        $read = Sauce::evaluate($lines)->estimates->waterActivity();

        self::assertNotNull($read);
        self::assertEqualsWithDelta($activity, $read->value, $within);
    }

    public function test_grains_are_weighed(): void
    {
        $grains = static fn (array $lines): array => Saturation::grains(
            Sauce::evaluate($lines)->cooked->mixture->grams,
        );

        self::assertEqualsWithDelta(60 - 0.359 * 40, $grains(['fine-salt' => '60 g', 'water' => '40 g'])['salt'], 1.0);
        self::assertEqualsWithDelta(300 - 204, $grains(['sugar' => '300 g', 'water' => '100 g'])['sugars'], 1.0);
        self::assertSame(0.0, $grains(['sugar' => '100 g', 'water' => '100 g'])['sugars']);
        self::assertSame(0.0, $grains(['honey' => '100 g'])['sugars'], 'a honey stays a syrup');
    }

    public function test_a_thousand_pots_stay_within_what_is_possible(): void
    {
        mt_srand(7);
        for ($i = 0; $i < 1000; $i++) {
            $grams = array_fill(0, Constituent::COUNT, 0.0);
            $things = [
                Constituent::WATER, Constituent::SUCROSE, Constituent::GLUCOSE, Constituent::FRUCTOSE,
                Constituent::SODIUM, Constituent::OTHER_SOLUBLE, Constituent::ACETIC, Constituent::ETHANOL,
            ];
            foreach ($things as $thing) {
                $grams[$thing] = mt_rand(0, 1) * (mt_rand() / mt_getrandmax()) ** 3 * 100;
            }
            $grams[Constituent::WATER] += 0.01;
            $grams[Constituent::OTHER_SOLUBLE] += 1.6 * $grams[Constituent::SODIUM];
            $activity = WaterActivity::of($grams);
            self::assertGreaterThan(0.0, $activity);
            self::assertLessThanOrEqual(1.0, $activity);
            $dissolved = Saturation::dissolved($grams);
            self::assertLessThanOrEqual(Mixture::massOf($grams) + 1e-9, Mixture::massOf($dissolved));
        }
    }

    public function test_how_it_answers_to_a_gram_more_where_there_are_grains(): void
    {
        foreach ([['sugar' => '300 g', 'water' => '100 g'], ['fine-salt' => '60 g', 'water' => '60 g'],
            ['sugar' => '250 g', 'maple-syrup' => '100 g', 'fine-salt' => '60 g', 'water' => '60 g'],
            ['sugar' => '250 g', 'honey' => '150 g', 'water' => '10 g']] as $lines) {
            $grams = Sauce::evaluate($lines)->cooked->mixture->grams;
            $activity = WaterActivity::of($grams) ?? 0.0;
            $gradient = WaterActivity::gradient($grams, $activity);
            foreach ([Constituent::WATER, Constituent::SUCROSE, Constituent::GLUCOSE, Constituent::SODIUM] as $of) {
                if ($grams[$of] <= 0.01) {
                    continue;
                }
                $step = 1e-5 * Mixture::massOf($grams);
                [$more, $less] = [$grams, $grams];
                $more[$of] += $step;
                $less[$of] -= $step;
                $by = (WaterActivity::of($more) - WaterActivity::of($less)) / (2 * $step);
                // chloride, which comes with sodium, is not moved here
                $within = $of === Constituent::SODIUM ? 2e-3 : 1e-6;
                self::assertEqualsWithDelta($by, $gradient[$of] ?? 0.0, $within, Constituent::KEYS[$of]);
            }
        }
    }
}
