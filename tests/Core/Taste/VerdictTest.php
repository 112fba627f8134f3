<?php

declare(strict_types=1);

namespace Tests\Core\Taste;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Evaluation\Interactions;
use Vinculum\Figure\Figure;
use Vinculum\Figure\Sense;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Taste\Band;
use Vinculum\Taste\Measure;
use Vinculum\Taste\Style;
use Vinculum\Taste\Verdict;

final class VerdictTest extends TestCase
{
    /**
     * The design's closed form: 1000 g at 2 % salt and 10 % sugar, one step too salty, only water and sugar on hand,
     * sweetness
     * held. One step down is a factor of 1.15 with the threshold at 0, so 1150 g: 135 g of water and 15 g of sugar.
     */
    public function test_one_step_of_salt_is_a_batch_fifteen_per_cent_larger(): void
    {
        $before = Sauce::evaluate(['fine-salt' => '20 g', 'sugar' => '100 g', 'water' => '880 g'])->tasting;
        $after = Sauce::evaluate(['fine-salt' => '20 g', 'sugar' => '115 g', 'water' => '1015 g'])->tasting;

        // white sugar brings a trace of sodium of its own: 1 mg per 100 g
        self::assertEqualsWithDelta(1.15, $before->value(Measure::Saltiness) / $after->value(Measure::Saltiness), 1e-4);
        self::assertEqualsWithDelta($before->value(Measure::Sweetness), $after->value(Measure::Sweetness), 1e-12);
    }

    public function test_steps_are_signed_and_add_up(): void
    {
        foreach (Measure::cases() as $measure) {
            $t = $measure->threshold();
            $oneUp = (2.0 + $t) * (1 + $measure->sense()->weber()) - $t;
            self::assertEqualsWithDelta(1.0, $measure->steps(2.0, $oneUp), 1e-12);
            self::assertEqualsWithDelta(-1.0, $measure->steps($oneUp, 2.0), 1e-12);
            self::assertEqualsWithDelta(
                $measure->steps(1.0, 9.0),
                $measure->steps(1.0, 4.0) + $measure->steps(4.0, 9.0),
                1e-12,
            );
        }
    }

    /**
     * @return iterable<string, array{float, float, string, string}> salt, spread, kind, words; the band is 1.0 to 1.4
     */
    public static function verdicts(): iterable
    {
        yield 'inside is level' => [1.2, 0.05, Verdict::LEVEL, 'level'];
        yield 'at the edge is level' => [1.4, 0.05, Verdict::LEVEL, 'level'];
        yield 'a step over' => [1.63, 0.02, Verdict::OVER, '1 step over'];
        yield 'two steps short' => [0.71, 0.02, Verdict::SHORT, '2 steps short'];
        yield 'less than half a step' => [1.45, 0.01, Verdict::OVER, 'barely over'];
        yield 'far over' => [9.0, 0.02, Verdict::OVER, 'far over'];
        yield 'over, but the band is within what we know' => [1.5, 0.15, Verdict::UNSURE, 'too uncertain to say'];
        yield 'short, but the band is within what we know' => [0.9, 0.2, Verdict::UNSURE, 'too uncertain to say'];
        yield 'known too well to be unsure' => [1.63, 0.1, Verdict::OVER, '1 step over'];
    }

    #[DataProvider('verdicts')]
    public function test_a_verdict_goes_no_further_than_what_is_known(
        float $value,
        float $spread,
        string $kind,
        string $words,
    ): void {
        $verdict = Verdict::of(Measure::Saltiness, new Figure($value, $spread, ''), new Band(1.0, 1.2, 1.4));

        self::assertSame([$kind, $words], [$verdict->kind, $verdict->words]);
    }

    public function test_every_style_that_ships_has_five_bands_in_order(): void
    {
        $styles = Sauce::styles();
        self::assertGreaterThanOrEqual(20, count($styles));
        foreach ($styles as $slug => $style) {
            foreach (Measure::cases() as $measure) {
                self::assertNotNull($style->band($measure), "{$slug}, {$measure->value}");
            }
            // spices in oil have too little water for a pH
            if (($style->base['share'] ?? 0.0) < 0.7) {
                self::assertNotNull($style->figureBand('ph'), $slug);
            }
            self::assertLessThanOrEqual(4.0, $style->figureBand('thickness')->high ?? 9.0, $slug);
            self::assertNotEmpty($style->cues, $slug);
            self::assertNotSame('', $style->source, $slug);
        }
    }

    public function test_a_number_of_steps_is_one_of_five_words(): void
    {
        self::assertSame(
            ['a touch', 'a little', 'clearly', 'much', 'far too much'],
            array_map(Sense::degree(...), [0.3, 1.0, 2.0, 5.0, 9.0]),
        );
        self::assertSame('far too little', Sense::degree(-9.0));
    }

    public function test_a_sauce_that_was_liked_becomes_a_style_that_it_fits(): void
    {
        $liked = Sauce::evaluate(['gooseberry' => '500 g', 'sugar' => '120 g', 'fine-salt' => '6 g']);
        $tastes = [];
        foreach (Measure::cases() as $measure) {
            $tastes[$measure->value] = $liked->tasting->value($measure);
        }
        $style = Style::of(Style::like('mine', 'Like that one', $tastes, 3.1, 25.0, 2.0, 'captured'));

        foreach (Measure::cases() as $measure) {
            self::assertEqualsWithDelta(
                0.0,
                $style->band($measure)?->steps($measure, $tastes[$measure->value]) ?? 9.0,
                1e-9,
            );
        }
        self::assertEqualsWithDelta(
            1.0,
            Measure::Sweetness->steps($tastes['sweetness'], $style->band(Measure::Sweetness)->high ?? 0.0),
            1e-3,
        );
        self::assertSame([1.0, 3.0], [$style->figureBand('thickness')?->low, $style->figureBand('thickness')?->high]);
    }

    public function test_what_a_cook_would_add_is_said_in_words_and_changes_no_figure(): void
    {
        $notes = Interactions::of(
            Sauce::evaluate(['sugar' => '300 g', 'white-vinegar' => '300 g', 'water' => '400 g']),
        );
        self::assertStringContainsString('hides sourness', $notes['sourness']);
        self::assertSame([], Interactions::of(Sauce::evaluate(['water' => '100 g'])));
        self::assertStringContainsString(
            'Fat dulls heat',
            Interactions::of(Sauce::evaluate(['double-cream' => '300 g', 'cayenne' => '5 g']))['heat'],
        );
    }

    public function test_a_band_out_of_order_names_its_field(): void
    {
        $this->expectException(InvalidRecipe::class);
        $this->expectExceptionMessage('style.bands.umami: A band is low, aim, high in order');

        Style::of([
            'slug' => 'x',
            'name' => 'X',
            'family' => 'X',
            'source' => 'x',
            'bands' => ['umami' => ['low' => 2, 'aim' => 1, 'high' => 3]],
        ]);
    }
}
