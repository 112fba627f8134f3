<?php

declare(strict_types=1);

namespace Tests\Core\Evaluation;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Cooking\StopGuide;
use Vinculum\Evaluation\StopChoices;
use Vinculum\Evaluation\StrongBeforeReduction;

final class EstimatesTest extends TestCase
{
    private const KETCHUP = [
        'passata' => '800 g',
        'cider-vinegar' => '120 g',
        'sugar' => '90 g',
        'fine-salt' => '12 g',
        'onion' => '100 g',
    ];

    public function test_a_ph_is_never_said_to_be_known_better_than_two_tenths(): void
    {
        $ph = Sauce::evaluate(['white-vinegar' => '1000 g'])->estimates->ph();

        self::assertNotNull($ph);
        self::assertGreaterThanOrEqual(0.2, $ph->spread);
        self::assertEqualsWithDelta($ph->value - $ph->low(), $ph->high() - $ph->value, 1e-12, 'even as it is');
    }

    public function test_a_glug_of_vinegar_leaves_the_ph_less_sure_than_a_weight(): void
    {
        $spread = static fn (string $vinegar): float => Sauce::evaluate([
            'milk' => '300 g',
            'white-vinegar' => $vinegar,
        ])->estimates->ph()->spread ?? 0.0;

        self::assertGreaterThan($spread('14 g') + 0.05, $spread('1 glug'));
    }

    public function test_what_is_too_dry_has_no_ph_and_no_water_activity_without_water(): void
    {
        $oil = Sauce::evaluate(['olive-oil' => '100 g'])->estimates;

        self::assertNull($oil->ph());
        self::assertNull($oil->waterActivity());
        self::assertNull(Sauce::evaluate([])->estimates->thickness());
    }

    public function test_stirring_ph_up_and_down(): void
    {
        $plain = Sauce::evaluate(self::KETCHUP)->estimates->ph()->value ?? 0.0;

        self::assertLessThan(
            $plain,
            Sauce::evaluate(self::KETCHUP + ['lemon-juice' => '50 g'])->estimates->ph()?->value,
        );
        self::assertGreaterThan($plain, Sauce::evaluate(self::KETCHUP + ['milk' => '200 g'])->estimates->ph()?->value);
    }

    /**
     * @return iterable<string, array{array<string, string>, string}>
     */
    public static function thicknesses(): iterable
    {
        yield 'vinegar and water run' => [['white-vinegar' => '50 g', 'water' => '50 g'], 'runs'];
        yield 'a vinaigrette runs' => [['olive-oil' => '75 g', 'wine-vinegar' => '25 g'], 'runs'];
        yield 'sieved tomato coats' => [['passata' => '100 g'], 'coats'];
        yield 'yoghurt coats' => [['yoghurt' => '100 g'], 'coats'];
        yield 'honey coats' => [['honey' => '100 g'], 'coats'];
        yield 'mayonnaise whisked from oil and yolk mounds' => [
            ['sunflower-oil' => '780 g', 'egg-yolk' => '80 g', 'white-vinegar' => '70 g'],
            'mounds',
        ];
        yield 'peanut butter mounds' => [['peanut-butter' => '100 g'], 'mounds'];
    }

    /** Half an hour leaves 35 of 100, give or take ten: nearly a third of what is left. */
    public function test_what_is_left_of_a_wine_is_known_to_ten_points_of_it(): void
    {
        $left = Sauce::evaluate(
            ['white-wine' => '300 g', 'passata' => '2700 g'],
            ['process' => ['kind' => 'simmer', 'minutes' => 30, 'heat' => 'low', 'pan_cm' => 16]],
        )->estimates->ethanol();

        self::assertNotNull($left);
        // with what the hob is not known by
        self::assertGreaterThan(0.1 / 0.35, $left->spread);
        self::assertLessThan(0.45, $left->spread);
        self::assertLessThan(
            0.15,
            Sauce::evaluate(['white-wine' => '300 g', 'passata' => '300 g'])->estimates->ethanol()->spread ?? 1.0,
        );
    }

    /**
     * Common practice, no source.
     *
     * @param array<string, string> $lines
     */
    #[DataProvider('thicknesses')]
    public function test_thickness_is_what_a_spoon_would_say(array $lines, string $word): void
    {
        self::assertSame($word, Sauce::evaluate($lines)->estimates->thickness()?->words());
    }

    public function test_how_to_know_that_it_is_done(): void
    {
        $report = Sauce::evaluate(self::KETCHUP, [
            'process' => ['kind' => 'simmer', 'pan_cm' => 20, 'until' => ['loss_percent' => 30]],
        ])->cooked->stages[0];
        $guide = StopGuide::of($report);

        self::assertNotNull($guide);
        self::assertEqualsWithDelta(0.7 * 1122, $guide->grams->value, 1e-6);
        // volume over the area of a 20 cm pan, 314 cm²
        self::assertEqualsWithDelta($report->volumeAfter / 31.416, $guide->depthAfter->value, 0.01);
        // the water falls by the share that a litre in this pan loses: by a third in half an hour or less
        self::assertGreaterThan(20.0, $guide->minutes?->value);
        self::assertLessThan(40.0, $guide->minutes->value);
        self::assertEqualsWithDelta(
            $guide->minutes->value,
            (20 * 0.3) / StopGuide::lostIn($report, 20),
            1e-6,
            'both ways',
        );
        self::assertGreaterThan(3.0, $guide->heatingMinutes);
    }

    public function test_a_later_stop_is_a_smaller_stronger_sauce(): void
    {
        $recipe = Sauce::of(self::KETCHUP, ['process' => ['kind' => 'simmer', 'until' => ['loss_percent' => 30]]]);
        $choices = StopChoices::of($recipe, 'stage', Sauce::catalogue(), null);
        $masses = array_map(
            static fn (array $choice): float => $choice['evaluation']->estimates->mass()->value,
            $choices,
        );
        $sweet = array_map(
            static fn (array $choice): float => $choice['evaluation']->tasting->value(
                \Vinculum\Taste\Measure::Sweetness,
            ),
            $choices,
        );

        self::assertGreaterThan(5, count($choices));
        self::assertLessThan(80.0, end($choices)['percent'] ?? 100.0, 'none below the dry matter');
        self::assertSame($masses, array_values(array_reverse(array_values(self::sorted($masses)))));
        self::assertSame($sweet, self::sorted($sweet));
    }

    public function test_salt_before_a_long_reduction_is_pointed_out(): void
    {
        $held = static fn (array $stage): array => array_map(
            static fn (StrongBeforeReduction $back): string => $back->line->line->id,
            StrongBeforeReduction::of(Sauce::evaluate(self::KETCHUP, $stage)),
        );

        self::assertSame(['fine-salt'], $held(['process' => ['kind' => 'simmer', 'until' => ['loss_percent' => 40]]]));
        self::assertSame([], $held(['process' => ['kind' => 'simmer', 'until' => ['loss_percent' => 10]]]));
    }

    /**
     * @param list<float> $values
     * @return list<float>
     */
    private static function sorted(array $values): array
    {
        sort($values);

        return $values;
    }
}
