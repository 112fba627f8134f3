<?php

declare(strict_types=1);

namespace Tests\Core\Cooking;

use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Cooking\Hob;
use Vinculum\Cooking\Steam;
use Vinculum\Figure\Figure;
use Vinculum\Log\Calibration;
use Vinculum\Log\Reading;
use Vinculum\Mixture\Constituent;
use Vinculum\Recipe\Process;
use Vinculum\Recipe\ProcessKind;

/** What leaves with the steam, how fast, and what an instrument says of it afterwards. */
final class SteamTest extends TestCase
{
    /** Undissociated all along, acetic acid follows Rayleigh's law: A/A₀ = (W/W₀)^0.7, in closed form. */
    public function test_strong_acid_holds_acetic_acid_undissociated_and_it_follows_rayleighs_law(): void
    {
        $grams = array_fill(0, Constituent::COUNT, 0.0);
        $grams[Constituent::WATER] = 940.0;
        $grams[Constituent::ACETIC] = 10.0;
        $grams[Constituent::CITRIC] = 50.0;
        [$water, $acetic] = Steam::off($grams, [], 470.0, [], 1.0, 1.0);

        self::assertEqualsWithDelta(470.0, 940.0 - $water + 10.0 - $acetic, 1e-9, 'as much as was asked leaves');
        self::assertEqualsWithDelta(10.0 * ($water / 940.0) ** Steam::VOLATILITY, $acetic, 0.05);
        self::assertGreaterThan(
            10.0 * ($water / 940.0) ** Steam::VOLATILITY,
            $acetic,
            'the little that is dissociated stays',
        );
    }

    public function test_half_a_boil_twice_is_the_whole_boil(): void
    {
        $grams = Sauce::evaluate(['cider-vinegar' => '500 g', 'sugar' => '100 g', 'passata' => '400 g'])->cooked
            ->mixture->grams;
        [$water, $acetic] = Steam::off($grams, [], 300.0, [], 1.0, 1.0);
        [$halfWater, $halfAcetic] = Steam::off($grams, [], 150.0, [], 1.0, 1.0);
        $grams[Constituent::WATER] = $halfWater;
        $grams[Constituent::ACETIC] = $halfAcetic;
        [$again, $acid] = Steam::off($grams, [], 150.0, [], 1.0, 1.0);

        self::assertEqualsWithDelta($water, $again, 1e-9 * $water);
        self::assertEqualsWithDelta($acetic, $acid, 1e-9 * $acetic);
    }

    public function test_half_a_boil_twice_is_the_whole_boil_to_the_last_of_the_water(): void
    {
        $grams = Sauce::evaluate([
            'white-vinegar' => '200 g',
            'dried-shiitake' => '150 g',
            'cashew' => '200 g',
            'kelp' => '40 g',
        ])->cooked->mixture->grams;
        $most = 0.99 * $grams[Constituent::WATER];
        [$water, $acetic] = Steam::off($grams, [], $most, [], 1.0, 1.0);
        [$grams[Constituent::WATER], $grams[Constituent::ACETIC]] = Steam::off($grams, [], 0.97 * $most, [], 1.0, 1.0);
        [$again, $acid] = Steam::off($grams, [], 0.03 * $most, [], 1.0, 1.0);

        self::assertEqualsWithDelta($water, $again, 1e-9);
        self::assertEqualsWithDelta($acetic, $acid, 1e-9);
    }

    public function test_a_boil_is_limited_by_the_hob_and_a_simmer_by_the_surface(): void
    {
        $rate = static fn (ProcessKind $kind, string $heat, float $pan): float => Hob::for(
            new Process($kind, heat: $heat, panCm: $pan),
        )->gramsPerMinute;

        // 1 kW takes off 1 / 2257 kJ/kg: 26.6 g a minute; a narrow pan stands on a smaller ring
        self::assertEqualsWithDelta(26.58, $rate(ProcessKind::Boil, 'medium', 24.0), 0.05);
        self::assertSame($rate(ProcessKind::Boil, 'high', 24.0), $rate(ProcessKind::Boil, 'high', 40.0));
        self::assertLessThan(0.7 * 26.58, $rate(ProcessKind::Boil, 'medium', 16.0));
        self::assertEqualsWithDelta(
            4.0,
            $rate(ProcessKind::Simmer, 'low', 40.0) / $rate(ProcessKind::Simmer, 'low', 20.0),
            1e-9,
        );
        self::assertGreaterThan($rate(ProcessKind::Simmer, 'medium', 24.0), $rate(ProcessKind::Simmer, 'high', 24.0));
        // a kilogram from the tap, 3.7 J/(g K) over 78 K at 1.1 kW
        self::assertEqualsWithDelta(
            (1000 * 3.7 * 78) / 1100 / 60,
            Hob::for(new Process(ProcessKind::Simmer, panCm: 24.0))->minutesToSimmer(1000.0),
            1e-9,
        );
        self::assertSame(0.0, Hob::for(new Process(ProcessKind::Boil))->dryingPerMinute);
        self::assertGreaterThan(0.0, Hob::for(new Process(ProcessKind::Roast))->dryingPerMinute);
    }

    public function test_a_reading_lands_between_and_narrows(): void
    {
        foreach (
            [
                ['ph', 3.4, 3.9, 0.2], ['brix', 28.0, 31.0, 2.0], ['salt', 1.8, 2.2, 0.3],
                ['mass', 900.0, 880.0, 25.0],
            ] as [$kind, $estimate, $read, $half]
        ) {
            $before = Figure::even($estimate, $half, '');
            $reading = new Reading($kind, $read, false, true);
            $after = Reading::moves($before, Reading::together([$reading]));

            self::assertGreaterThan(min($estimate, $read), $after->value);
            self::assertLessThan(max($estimate, $read), $after->value);
            $width = ($after->high() - $after->low()) / 2;
            self::assertEqualsWithDelta(1 / sqrt(1 / $half ** 2 + 1 / $reading->halfWidth() ** 2), $width, 1e-9, $kind);
            self::assertEqualsWithDelta(
                ($estimate / $half ** 2 + $read / $reading->halfWidth() ** 2) * $width ** 2,
                $after->value,
                1e-9,
                'weighted by how well each is known',
            );
        }
    }

    public function test_hot_and_unrested_readings_count_for_less_but_a_weight_is_a_weight(): void
    {
        $half = static fn (string $kind, bool $hot, bool $rested): float => (new Reading(
            $kind,
            2.0,
            $hot,
            $rested,
        ))->halfWidth();

        self::assertEqualsWithDelta(2.0, $half('ph', true, true) / $half('ph', false, true), 1e-9);
        self::assertEqualsWithDelta(1.5, $half('brix', false, false) / $half('brix', false, true), 1e-9);
        self::assertEqualsWithDelta(3.0, $half('salt', true, false) / $half('salt', false, true), 1e-9);
        self::assertSame($half('mass', false, true), $half('mass', true, false));
    }

    public function test_what_is_known_exactly_is_not_moved(): void
    {
        self::assertSame(
            5.0,
            Reading::moves(Figure::even(5.0, 0.0, ''), Reading::together([new Reading('brix', 7.0)]))->value,
        );
    }

    public function test_the_ingredient_that_leaves_most_in_doubt_is_named_and_corrected_to_the_reading(): void
    {
        $lines = ['gooseberry' => '800 g', 'sugar' => '150 g', 'fine-salt' => '10 g'];
        $evaluation = Sauce::evaluate($lines);
        $acid = Calibration::of($evaluation->cooked, 'ph');
        self::assertSame(['gooseberry', 'ph'], [$acid?->slug, $acid?->field]);
        $estimate = $evaluation->estimates->ph()->value ?? 0.0;
        self::assertEqualsWithDelta(
            $acid?->now + 0.1,
            $acid?->corrected($estimate, $estimate + 0.1 * $acid->slope),
            1e-9,
        );

        self::assertSame(
            'fine-salt',
            Calibration::of(Sauce::evaluate(['fine-salt' => '10 g', 'water' => '300 g'])->cooked, 'salt')?->slug,
        );
        self::assertNull(Calibration::of($evaluation->cooked, 'mass'), 'a weight hangs on the hob');
        self::assertNull($acid?->corrected($estimate, $estimate + 20.0), 'nothing is so sour');
    }
}
