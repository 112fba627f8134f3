<?php

declare(strict_types=1);

namespace Tests\Core\Batch;

use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Say;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Batch\Equipment;
use Vinculum\Batch\EquipmentFit;
use Vinculum\Batch\Filling;
use Vinculum\Batch\NotInProportion;
use Vinculum\Batch\Scaler;
use Vinculum\Batch\ScaleTarget;
use Vinculum\Evaluation\Evaluation;

/** What does not simply double, and how a yield goes into what there is. */
final class NotInProportionTest extends TestCase
{
    public function test_a_stage_by_the_clock_takes_longer_for_more_and_comes_to_the_same_sauce(): void
    {
        foreach (['3x' => [3.0, 31], 'half' => [0.5, 15]] as $to => [$factor, $minutes]) {
            $from = Sauce::evaluate(
                ['plum' => '1 kg', 'sugar' => '200 g', 'cider-vinegar' => '150 g'],
                ['process' => ['kind' => 'simmer', 'minutes' => 20]],
            );
            $scaled = (new Scaler(Sauce::catalogue()))->scale($from, ScaleTarget::parse($to, MeasuringSet::Us));
            $process = $scaled->recipe->stages[0]->process;

            self::assertEqualsWithDelta(
                $factor,
                $scaled->evaluation->cooked->mixture->mass() / $from->cooked->mixture->mass(),
                0.02 * $factor,
            );
            self::assertEqualsWithDelta($minutes, $process?->minutes, 1.0, 'more of it stands in a wider pan');
            self::assertSame('loss_percent', $process?->until?->kind);
            self::assertStringContainsString(
                "about {$minutes} minutes",
                self::said(['process' => ['kind' => 'simmer', 'minutes' => 20]], $to)['time'],
            );
        }
        // and hardly another batch is cooked as it was
        $from = Sauce::evaluate(['plum' => '1 kg'], ['process' => ['kind' => 'simmer', 'minutes' => 20]]);
        $same = (new Scaler(Sauce::catalogue()))->scale($from, ScaleTarget::times(1.0))->recipe->stages[0]->process;
        self::assertSame(20.0, $same?->minutes);
        self::assertNull($same->until);
    }

    public function test_the_time_of_a_reduction_follows_the_pan(): void
    {
        $minutes = static function (float $pan): float {
            $said = self::said(
                ['process' => ['kind' => 'simmer', 'until' => ['loss_percent' => 30], 'pan_cm' => $pan]],
                '2x',
            );
            preg_match('/about (\d+) minutes/', $said['time'], $match);

            return (float) ($match[1] ?? 0);
        };

        self::assertEqualsWithDelta(
            4.0,
            $minutes(20.0) / $minutes(40.0),
            0.7,
            'a pan twice as wide has four times the surface',
        );
    }

    public function test_oil_goes_by_the_pan(): void
    {
        self::assertStringContainsString(
            'as much as covers it',
            self::said(['process' => ['kind' => 'fry', 'minutes' => 5]], '3x')['oil'],
        );
        self::assertArrayNotHasKey('oil', self::said(['process' => ['kind' => 'simmer', 'minutes' => 5]], '3x'));
    }

    public function test_nothing_is_said_of_nearly_the_same_batch_or_a_cold_sauce(): void
    {
        self::assertSame([], self::said(['process' => ['kind' => 'simmer', 'minutes' => 20]], '1.2x'));
        self::assertSame([], self::said([], '5x'));
    }

    public function test_no_container_is_overfilled_and_nothing_is_lost(): void
    {
        mt_srand(11);
        for ($i = 0; $i < 200; $i++) {
            $count = mt_rand(1, 12);
            $size = (float) mt_rand(50, 1000);
            $fill = ($size * mt_rand(50, 100)) / 100;
            $yield = (float) mt_rand(20, 9000);
            $filling = Filling::of($count, $size, $fill, $yield);

            self::assertLessThanOrEqual($fill + 1e-9, $filling['fill_ml']);
            self::assertLessThanOrEqual($count, $filling['full']);
            self::assertEqualsWithDelta($yield, $filling['full'] * $filling['fill_ml'] + $filling['left_ml'], 1e-6);
        }
    }

    public function test_a_little_short_is_shared_out_and_far_short_is_not(): void
    {
        self::assertSame(
            [6, 230.0],
            [Filling::of(6, 250.0, 237.5, 1380.0)['full'], round(Filling::of(6, 250.0, 237.5, 1380.0)['fill_ml'], 6)],
        );
        self::assertSame(
            [5, 237.5],
            [Filling::of(6, 250.0, 237.5, 1200.0)['full'], Filling::of(6, 250.0, 237.5, 1200.0)['fill_ml']],
        );
    }

    public function test_the_largest_jars_are_filled_first_and_the_smallest_takes_the_rest(): void
    {
        $kit = [
            new Equipment('sample', 'jar', 100, 2),
            new Equipment('large', 'bottle', 500, 2),
            new Equipment('small', 'jar', 200, 3),
            new Equipment('pan', 'pan', 5000),
        ];
        $jars = EquipmentFit::jars(1260.0, $kit, 0.0);

        self::assertSame(
            [
                ['name' => 'large', 'count' => 2, 'each_ml' => 500.0],
                ['name' => 'small', 'count' => 1, 'each_ml' => 200.0],
            ],
            $jars['filled'] ?? null,
        );
        self::assertSame('sample', $jars['part']['name'] ?? null);
        self::assertEqualsWithDelta(60.0, $jars['part']['ml'] ?? 0.0, 1e-9);
        self::assertEqualsWithDelta(
            1300.0,
            EquipmentFit::jars(3100.0, $kit, 0.0)['over_ml'] ?? 0.0,
            1e-9,
            'more than there are jars for',
        );
        // a jar is not dirtied for a spoonful
        $rest = EquipmentFit::jars(1012.0, [new Equipment('jar', 'jar', 500, 4)], 0.0);
        self::assertSame([null, 12.0], [$rest['part'] ?? null, round($rest['over_ml'] ?? 0.0, 6)]);
        self::assertSame(
            100.0,
            round(EquipmentFit::jars(1100.0, [new Equipment('jar', 'jar', 500, 4)], 0.0)['part']['ml'] ?? 0.0, 6),
        );
        self::assertNull(EquipmentFit::jars(500.0, [new Equipment('pan', 'pan', 5000)], 0.0));
    }

    public function test_a_cold_sauce_may_fill_a_blender_to_two_thirds_and_a_hot_one_to_half(): void
    {
        $blender = [new Equipment('jug', 'blender', 1000)];
        $cold = Sauce::evaluate(['passata' => '640 ml'], ['process' => ['kind' => 'blend']]);

        self::assertNull(EquipmentFit::blender($cold, $blender));
        self::assertStringContainsString(
            '2 goes',
            Say::it(
                EquipmentFit::blender(
                    Sauce::evaluate(['passata' => '700 ml'], ['process' => ['kind' => 'blend']]),
                    $blender,
                ),
            ),
        );
        self::assertNull(EquipmentFit::blender(Sauce::evaluate(['passata' => '5 l']), $blender), 'nothing is blended');
    }

    /**
     * @param array<string, mixed> $stage
     * @return array<string, string>
     */
    private static function said(array $stage, string $to): array
    {
        $from = Sauce::evaluate(['passata' => '1 kg', 'sugar' => '50 g'], $stage);
        $target = ScaleTarget::parse($to, MeasuringSet::Us);
        $scaled = (new Scaler(Sauce::catalogue()))->scale($from, $target);

        return array_map(
            Say::it(...),
            array_column(
                NotInProportion::of($from, Evaluation::of($scaled->recipe, Sauce::catalogue(), null), $scaled->factor),
                'text',
                'about',
            ),
        );
    }
}
