<?php

declare(strict_types=1);

namespace Tests\Core\Stove;

use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\Recipe;
use Vinculum\Stove\Cook;
use Vinculum\Stove\Event;
use Vinculum\Stove\HoldBack;
use Vinculum\Stove\Instruments\PhMeter;
use Vinculum\Stove\Instruments\Refractometer;
use Vinculum\Stove\Instruments\Scale;
use Vinculum\Stove\Instruments\Thermometer;
use Vinculum\Stove\Instruments\TruePot;
use Vinculum\Stove\SimulatedPot;
use Vinculum\Stove\Tongue;
use Vinculum\Taste\Measure;

/** A recipe while it is being cooked. Minutes are of the clock, from when the cook began. */
final class CookTest extends TestCase
{
    /** @var list<Event> */
    private array $events = [];

    public function test_only_what_is_ticked_is_in_the_pot_until_the_next_step(): void
    {
        $this->at(5, 'step', ['to' => 'a.add']);
        $this->at(6, 'tick', ['line' => 'plum', 'done' => true]);
        self::assertEqualsWithDelta(1000.0, $this->cook(6)->now?->cooked->mixture->mass(), 1e-6);

        $this->at(8, 'step', ['to' => 'a.simmer']);
        self::assertEqualsWithDelta(1320.0, $this->cook(8)->now?->cooked->mixture->mass(), 2.0);
        self::assertNull($this->fresh(0)->now);
    }

    public function test_what_really_went_in_moves_what_it_comes_to_and_says_what_makes_up_for_it(): void
    {
        $this->at(5, 'step', ['to' => 'a.add']);
        $this->at(6, 'went_in', ['line' => 'sugar', 'amount' => '245 g']);
        $cook = $this->cook(6);

        $moved = HoldBack::of($cook)[0];
        self::assertSame(Measure::Sweetness, $moved->measure);
        self::assertSame('syrup', $moved->line?->line->id);
        self::assertTrue($moved->isLess);
        // held back as it says, it is as sweet as planned
        $this->at(7, 'went_in', [
            'line' => 'syrup',
            'amount' => sprintf('%.1f g', $moved->line->grams - $this->gramsOf($moved->amount)),
        ]);
        $after = $this->cook(7);
        self::assertLessThan(
            0.25,
            abs(
                Measure::Sweetness->steps(
                    $after->planned->tasting->value(Measure::Sweetness),
                    $after->done->tasting->value(Measure::Sweetness),
                ),
            ),
        );
    }

    public function test_left_out_and_something_else_and_spilled_each_move_the_pot(): void
    {
        $this->at(5, 'step', ['to' => 'a.simmer']);
        $whole = $this->cook(5)->now?->cooked->mixture->mass() ?? 0.0;
        $this->at(6, 'went_in', ['line' => 'sugar', 'ingredient' => 'honey', 'amount' => '150 g']);
        $cook = $this->cook(6);
        self::assertSame('honey', $cook->done->cooked->weighed->lines[2]->ingredient?->slug);
        $this->at(7, 'went_in', ['line' => 'sugar', 'left_out' => true]);
        self::assertEqualsWithDelta($whole - 200.0, $this->cook(7)->now?->cooked->mixture->mass(), 2.0);
        $this->at(8, 'spilled', ['share' => 0.5]);
        self::assertEqualsWithDelta(($whole - 200.0) / 2, $this->cook(8)->now?->cooked->mixture->mass(), 6.0);
    }

    public function test_a_pot_of_unknown_weight_is_told_by_the_first_weighing_and_the_hob_by_the_second(): void
    {
        $this->at(5, 'step', ['to' => 'a.simmer']);
        $this->at(10, 'boils', ['stage' => 'a']);
        $grams = $this->cook(10)->reducing()?->at(10)->value ?? 0.0;
        $this->at(10, 'reading', ['what' => 'mass', 'value' => $grams + 1100, 'with_pan' => true]);
        self::assertEqualsWithDelta(1100.0, $this->cook(10)->reducing()?->pan, 1.0);
        $this->at(20, 'reading', ['what' => 'mass', 'value' => $grams + 1100 - 90, 'with_pan' => true]);
        $followed = $this->cook(20)->reducing();
        self::assertEqualsWithDelta(9.0, $followed?->reduction->rate, 0.3);
        self::assertEqualsWithDelta($grams - 90, $followed->at(20)->value, 3.0);
    }

    public function test_a_depth_on_the_handle_is_a_weighing(): void
    {
        $this->at(5, 'step', ['to' => 'a.simmer']);
        $this->at(10, 'boils', ['stage' => 'a']);
        $before = $this->cook(25)->reducing()?->at(25);
        $deep = (($this->cook(25)->reducing()->report->volumeBefore ?? 0.0) / (M_PI * 12 ** 2)) * 10;
        $this->at(25, 'reading', ['what' => 'depth', 'value' => 0.85 * $deep]);
        $after = $this->cook(25)->reducing()?->at(25);
        self::assertLessThan($before?->spread, $after?->spread);
    }

    public function test_water_that_makes_up_for_steam_leaves_the_stop_and_what_mends_the_taste_raises_it(): void
    {
        $this->at(5, 'step', ['to' => 'a.simmer']);
        $stop = $this->cook(5)->reducing()->stop ?? 0.0;
        $this->at(9, 'added', ['ingredient' => 'water', 'amount' => '50 g', 'puts_back' => true]);
        self::assertEqualsWithDelta($stop, $this->cook(9)->reducing()?->stop, 1e-6);
        $this->at(10, 'added', ['ingredient' => 'water', 'amount' => '80 g']);
        self::assertEqualsWithDelta($stop + 80, $this->cook(10)->reducing()?->stop, 1e-6);
        self::assertEqualsWithDelta(
            $this->fresh(0)->done->cooked->mixture->mass() + 80,
            $this->cook(10)->done->cooked->mixture->mass(),
            3.0,
        );
    }

    public function test_where_it_was_weighed_at_the_end_is_what_the_sauce_is(): void
    {
        $this->at(5, 'step', ['to' => 'a.simmer']);
        $this->at(10, 'boils', ['stage' => 'a']);
        $this->at(40, 'reading', ['what' => 'mass', 'value' => 700]);
        $this->at(41, 'step', ['to' => 'b.add']);
        $cook = $this->cook(42);
        self::assertEqualsWithDelta(690.0, $cook->followed['a']->at(41)->value, 15.0);
        self::assertEqualsWithDelta(
            $cook->followed['a']->at(41)->value + 100,
            $cook->done->cooked->mixture->mass(),
            6.0,
        );
        self::assertTrue($cook->isHot());
        self::assertNull($cook->stillToCome);
    }

    public function test_a_step_back_and_a_mistake_taken_back_leave_no_trace(): void
    {
        $this->at(5, 'step', ['to' => 'a.simmer']);
        $this->at(6, 'spilled', ['share' => 0.3]);
        $this->at(7, 'taken_back', ['event' => 2]);
        $this->at(8, 'step', ['to' => 'a.add']);
        $this->at(9, 'step', ['to' => 'a.simmer']);
        $cook = $this->cook(9);
        // the heat has been on since it was first lit
        self::assertSame(5.0, $cook->reducing()?->began);
        self::assertEqualsWithDelta(
            $this->fresh(0)->done->cooked->mixture->mass(),
            $cook->done->cooked->mixture->mass(),
            1e-6,
        );
    }

    public function test_instruments_read_the_pot_as_it_really_is_each_with_its_own_fault(): void
    {
        $this->at(5, 'step', ['to' => 'a.simmer']);
        $far = $otherwise = 0;
        for ($seed = 1; $seed <= 60; $seed++) {
            $truth = new SimulatedPot($seed);
            $really = Cook::of(
                $this->recipe(),
                $this->events,
                0.0,
                1.0,
                30 * 60.0,
                Sauce::catalogue(),
                null,
                truth: $truth,
            );
            $pot = TruePot::of($really, $truth);
            self::assertEqualsWithDelta($pot->grams + $truth->pan(), (new Scale)->read($pot, 1), 12.0);
            self::assertEqualsWithDelta($pot->celsius, (new Thermometer)->read($pot, 1), 3.0);
            self::assertEqualsWithDelta($pot->sauce->acidity()?->ph, (new PhMeter)->read($pot, 1), 0.7);
            self::assertSame(0.0, fmod((float) (new Refractometer)->read($pot, 1), 0.5));
            // weighed once more it is seldom the same to the gram, and the same weighing always is
            $otherwise += (new Scale)->read($pot, 1) === (new Scale)->read($pot, 2) ? 0 : 1;
            self::assertSame(
                (new Scale)->read($pot, 4),
                (new Scale)->read(TruePot::of($really, new SimulatedPot($seed)), 4),
            );
            $far += abs(log($truth->hobFactor())) > 0.4 ? 1 : 0;
        }
        // four hobs in five are within their factor
        self::assertEqualsWithDelta(12, $far, 8);
        self::assertGreaterThan(40, $otherwise);
    }

    public function test_boiled_down_to_where_it_is_said_to_be_thicker_it_is(): void
    {
        $cook = $this->fresh(0);
        $evaluation = $cook->done;
        $thicker = $evaluation->estimates->thickerAt();
        self::assertNotNull($thicker);
        self::assertGreaterThan($evaluation->estimates->thickness()?->value, $thicker['thickness']->value);
        $lines = ['plum' => '1000 g', 'cider-vinegar' => '120 g', 'sugar' => '200 g', 'maple-syrup' => '100 g'];
        $down = static fn (float $grams): ?int => Sauce::evaluate($lines, [
            'process' => ['kind' => 'simmer', 'until' => ['mass_g' => $grams]],
        ])->estimates->thickness()?->value;
        self::assertSame($thicker['thickness']->value, $down($thicker['grams'] - 5));
        self::assertSame($evaluation->estimates->thickness()?->value, $down($thicker['grams'] + 25));
        // what no boiling thickens has no such place
        self::assertNull(Sauce::evaluate(['water' => '500 g', 'fine-salt' => '5 g'])->estimates->thickerAt());
    }

    public function test_a_chilli_that_burst_gives_all_its_heat(): void
    {
        $recipe = RecipeDocument::read([
            'format' => 'vinculum-recipe',
            'version' => 2,
            'name' => 'Hot',
            'stages' => [
                [
                    'id' => 'a',
                    'lines' => [
                        ['id' => 'p', 'ingredient' => 'plum', 'amount' => '1 kg'],
                        ['id' => 'h', 'ingredient' => 'habanero', 'amount' => '10 g', 'handling' => 'whole'],
                    ],
                    'process' => ['kind' => 'simmer', 'minutes' => 20, 'lid' => true],
                ],
            ],
        ]);
        $heat = static fn (array $events): float => Cook::of(
            $recipe,
            $events,
            0.0,
            1.0,
            60.0,
            Sauce::catalogue(),
            null,
        )->done->tasting->value(Measure::Heat);

        self::assertEqualsWithDelta(
            10.0,
            $heat([new Event(1, 0.0, 'went_in', ['line' => 'h', 'burst' => true])]) / $heat([]),
            0.5,
        );
    }

    public function test_whoever_tastes_knows_the_style_and_says_it_in_words(): void
    {
        $style = Sauce::style('fruit-ketchup');
        $right = Sauce::evaluate(
            ['plum' => '1 kg', 'sugar' => '180 g', 'cider-vinegar' => '120 g', 'fine-salt' => '9 g'],
            style: $style,
        );
        $salty = Sauce::evaluate(
            ['plum' => '1 kg', 'sugar' => '180 g', 'cider-vinegar' => '120 g', 'fine-salt' => '60 g'],
            style: $style,
        );

        self::assertStringContainsString('too salty', \Tests\Support\Say::it(Tongue::says($salty)['words']));
        self::assertGreaterThan(0.0, Tongue::says($salty)['feels']['salty']);
        self::assertStringNotContainsString('too salty', \Tests\Support\Say::it(Tongue::says($right)['words']));
        self::assertStringContainsString(
            'only you can say',
            \Tests\Support\Say::it(Tongue::says(Sauce::evaluate(['plum' => '1 kg']))['words']),
        );
    }

    private function gramsOf(string $amount): float
    {
        $held = Sauce::evaluate([['id' => 'x', 'ingredient' => 'maple-syrup', 'amount' => $amount]]);

        return array_sum($held->cooked->rows[0]);
    }

    /**
     * @param value-of<Event::KINDS> $kind
     * @param array<string, mixed> $data
     */
    private function at(float $minute, string $kind, array $data): void
    {
        $this->events[] = new Event(count($this->events) + 1, $minute * 60, $kind, $data);
    }

    private function cook(float $minute): Cook
    {
        return Cook::of($this->recipe(), $this->events, 0.0, 1.0, $minute * 60, Sauce::catalogue(), null);
    }

    /** The same with nothing that happened. */
    private function fresh(float $minute): Cook
    {
        return Cook::of($this->recipe(), [], 0.0, 1.0, $minute * 60, Sauce::catalogue(), null);
    }

    private function recipe(): Recipe
    {
        return RecipeDocument::read([
            'format' => 'vinculum-recipe',
            'version' => 2,
            'name' => 'Plum',
            'stages' => [
                [
                    'id' => 'a',
                    'name' => 'Down',
                    'lines' => [
                        ['id' => 'plum', 'ingredient' => 'plum', 'amount' => '1000 g'],
                        ['id' => 'vinegar', 'ingredient' => 'cider-vinegar', 'amount' => '120 g'],
                        ['id' => 'sugar', 'ingredient' => 'sugar', 'amount' => '200 g'],
                    ],
                    'process' => ['kind' => 'simmer', 'until' => ['loss_percent' => 30]],
                ],
                [
                    'id' => 'b',
                    'name' => 'To finish',
                    'lines' => [['id' => 'syrup', 'ingredient' => 'maple-syrup', 'amount' => '100 g']],
                ],
            ],
        ]);
    }
}
