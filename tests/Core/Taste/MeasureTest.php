<?php

declare(strict_types=1);

namespace Tests\Core\Taste;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Figure\Figure;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Mixture;
use Vinculum\Taste\Band;
use Vinculum\Taste\Measure;
use Vinculum\Taste\Style;
use Vinculum\Taste\Tasting;
use Vinculum\Taste\Verdict;

/** What each taste figure counts, one thing at a time, against what is published of it. */
final class MeasureTest extends TestCase
{
    /** @return iterable<string, array{Measure, array<int, float>, float}> measure, g in 100 g, figure */
    public static function single(): iterable
    {
        // by mass beside sucrose: Belitz, Grosch and Schieberle, Food Chemistry; from memory
        yield 'sucrose is what sweetness is counted in' => [Measure::Sweetness, [Constituent::SUCROSE => 10.0], 10.0];
        yield 'fructose is a fifth sweeter' => [Measure::Sweetness, [Constituent::FRUCTOSE => 10.0], 12.0];
        yield 'glucose is seven tenths as sweet' => [Measure::Sweetness, [Constituent::GLUCOSE => 10.0], 7.0];
        yield 'maltose is four tenths as sweet' => [Measure::Sweetness, [Constituent::MALTOSE => 10.0], 4.0];
        yield 'lactose is a fifth as sweet' => [Measure::Sweetness, [Constituent::LACTOSE => 10.0], 2.0];
        // molar masses, IUPAC: NaCl 58.443, Na 22.990, KCl 74.551, K 39.098
        yield 'two grams of salt are two' => [Measure::Saltiness, [Constituent::SODIUM => 2 * 22.990 / 58.443], 2.0];
        yield 'potassium chloride is a tenth as salty' => [
            Measure::Saltiness,
            [Constituent::POTASSIUM => 39.098 / 74.551],
            0.1,
        ];
        // 16 SHU to the mg/kg of capsaicinoids (ASTA 21.3, from memory): 5 mg/kg is 80
        yield 'five milligrams of capsaicinoids a kilogram' => [
            Measure::Heat,
            [Constituent::CAPSAICINOIDS => 5e-4],
            80.0,
        ];
        // Yamaguchi et al. (1971), from memory; MSG monohydrate 187.13, glutamic acid 147.13
        yield 'glutamic acid as its salt' => [Measure::Umami, [Constituent::GLUTAMIC => 0.5 * 147.13 / 187.13], 0.5];
        yield 'aspartic acid is a thirteenth of it' => [
            Measure::Umami,
            [Constituent::ASPARTIC => 133.10 / 173.10],
            0.077,
        ];
    }

    /** @param array<int, float> $grams */
    #[DataProvider('single')]
    public function test_counts_one_thing(Measure $measure, array $grams, float $figure): void
    {
        self::assertEqualsWithDelta($figure, self::plain($measure, $grams), 1e-4 * $figure);
        self::assertEqualsWithDelta(
            $figure,
            self::plain($measure, $grams, 700.0),
            1e-4 * $figure,
            'of any size of pot',
        );
    }

    /**
     * y = u + 1218 u v in g MSG in 100 mL (Yamaguchi et al., J. Food Sci. 36 (1971) 846; from memory): beside 0.05 g of
     * MSG 0.05 g of disodium inosinate is 3.1 g, and guanylate 2.3 times, adenylate 0.18 times as strong.
     */
    public function test_nucleotides_multiply_glutamate(): void
    {
        $glutamate = [Constituent::GLUTAMIC => 0.05 * 147.13 / 187.13];
        $with = static fn (int $nucleotide, float $grams): float => self::plain(
            Measure::Umami,
            $glutamate + [$nucleotide => $grams],
        );

        // inosinic acid 348.2, its salt with seven and a half of water 527.3; guanylic 363.2, 533.3
        self::assertEqualsWithDelta(0.05 + 1218 * 0.05 * 0.05, $with(Constituent::IMP, 0.05 * 348.2 / 527.3), 1e-6);
        self::assertEqualsWithDelta(
            0.05 + 1218 * 0.05 * 2.3 * 0.02,
            $with(Constituent::GMP, 0.02 * 363.2 / 533.3),
            1e-6,
        );
        self::assertEqualsWithDelta(0.05 + 1218 * 0.05 * 0.18 * 0.02, $with(Constituent::AMP, 0.02 / 1.5), 1e-6);
        self::assertSame(0.0, self::plain(Measure::Umami, [Constituent::IMP => 0.1]), 'alone they taste of nothing');
    }

    public function test_a_pot_by_itself_and_a_recipe_taste_the_same(): void
    {
        $sauce = Sauce::evaluate(
            [
                'passata' => '400 g',
                'soy-sauce' => '30 g',
                'dried-shiitake' => '5 g',
                'honey' => '40 g',
                'cayenne' => '1 g',
            ],
        );
        $mixture = $sauce->cooked->mixture;
        foreach (Measure::cases() as $measure) {
            $plain = Tasting::plain($measure, $mixture, $sauce->cooked->slurry);
            self::assertEqualsWithDelta($sauce->tasting->value($measure), $plain, 1e-9 * max(1.0, $plain));
            self::assertGreaterThan(0.0, $plain, $measure->value);
        }
        $empty = Mixture::of(array_fill(0, Constituent::COUNT, 0.0));
        self::assertSame(0.0, Tasting::plain(Measure::Sweetness, $empty, null));
        self::assertSame(0.0, Sauce::evaluate([])->tasting->value(Measure::Sweetness));
        self::assertSame(0.0, Sauce::evaluate([])->tasting->value(Measure::Umami));
    }

    public function test_a_ratio_is_one_over_the_other_and_knows_more_where_one_line_brings_both(): void
    {
        // 3 : 1 of sugar and salt, weighed; then both out of one jar
        $apart = Sauce::evaluate(['sugar' => '1/2 cup', 'fine-salt' => '2 tbsp', 'water' => '500 g'])->tasting;
        $salt = $apart->value(Measure::Saltiness);
        self::assertEqualsWithDelta(
            $apart->value(Measure::Sweetness) / $salt,
            $apart->ratios['sugar_salt']?->value,
            1e-9,
        );
        $together = Sauce::evaluate(['ketchup' => '1/2 cup', 'water' => '100 g'])->tasting;
        $spread = static fn (Tasting $of, Measure $measure): float => $of->measures[$measure->value]->figure->spread;
        $ratio = $together->ratios['sugar_salt'] ?? self::fail();
        $independent = hypot($spread($together, Measure::Sweetness), $spread($together, Measure::Saltiness));
        self::assertLessThan(0.999 * $independent, $ratio->spread, 'how much of the jar is in it does not move it');
        self::assertNull(Sauce::evaluate(['sugar' => '50 g', 'water' => '500 g'])->tasting->ratios['sugar_salt']);
    }

    public function test_a_sauce_without_any_of_a_taste_has_a_ratio_of_nothing_over_what_is_there(): void
    {
        $ratio = Sauce::evaluate(['fine-salt' => '10 g', 'water' => '500 g'])->tasting->ratios['heat_sugar'];
        self::assertNull($ratio, 'no sugar to hold it against');
        $none = Sauce::evaluate(['sugar' => '60 g', 'water' => '500 g'])->tasting->ratios['heat_sugar'];
        self::assertSame([0.0, 0.0], [$none?->value, $none?->spread]);
    }

    /** Free glutamate is 1 to 5 % of a vegetable's protein (common practice): unmeasured, the figure reaches to it. */
    public function test_what_nobody_measured_may_come_on_top(): void
    {
        $catalogue = Sauce::catalogue();
        $unmeasured = null;
        foreach ($catalogue->slugs() as $slug) {
            $thing = Sauce::ingredient($slug);
            if (! $thing->knows(Constituent::GLUTAMIC) && $thing->perGram[Constituent::PROTEIN] > 0.02) {
                $unmeasured = $slug;
                break;
            }
        }
        self::assertIsString($unmeasured);
        $sauce = Sauce::evaluate([$unmeasured => '200 g', 'water' => '200 g', 'msg' => '0.4 g']);
        $figure = $sauce->tasting->measures['umami']->figure;
        $protein = 200 * Sauce::ingredient($unmeasured)->perGram[Constituent::PROTEIN];
        $mass = $sauce->cooked->mixture->mass();
        $nucleotides = 1 + 1218 * 100 * Tasting::nucleotides($sauce->cooked->mixture->grams) / $mass;
        $most = 0.03 * $protein * 187.13 / 147.13 * 100 / $mass * $nucleotides;

        self::assertEqualsWithDelta($figure->value * exp($figure->spread) + $most, $figure->high(), 1e-9);
        self::assertEqualsWithDelta($figure->value * exp(-$figure->spread), $figure->low(), 1e-9, 'but never less');
        $known = Sauce::evaluate(['water' => '200 g', 'msg' => '0.4 g'])->tasting->measures['umami']->figure;
        self::assertEqualsWithDelta($known->value * exp($known->spread), $known->high(), 1e-9);
        self::assertSame(10.0, Measure::Umami->ceiling(), 'beyond it the formula was never tried (design)');
        self::assertNull(Measure::Sweetness->ceiling());
    }

    public function test_a_band_is_in_its_own_ends_and_unsure_where_what_is_known_reaches_it(): void
    {
        $band = new Band(1.0, 1.2, 1.4);
        $state = static fn (float $value, float $half): string => $band->state(Figure::even($value, $half, ''));
        self::assertSame(['in', 'in', 'in'], [$state(1.0, 0.0), $state(1.4, 0.0), $state(1.2, 9.0)]);
        self::assertSame(['unsure', 'unsure'], [$state(0.9, 0.1), $state(1.5, 0.1)], 'as far as its very end');
        self::assertSame(['short', 'over'], [$state(0.9, 0.05), $state(1.5, 0.05)]);
        self::assertSame([1.0, 1.4, 1.4], [$band->nearestEnd(1.19), $band->nearestEnd(1.2), $band->nearestEnd(3.0)]);
        self::assertSame(0.0, $band->steps(Measure::Saltiness, 1.0));
        self::assertSame(
            [0.0, 0.0],
            [(new Band(0.0, 0.0, 0.0))->low, (new Band(0.0, 0.0, 1.0))->aim],
            'nothing is a band',
        );
    }

    public function test_a_verdict_says_far_from_eight_steps_on_and_unsure_at_the_very_end(): void
    {
        $band = new Band(1.0, 1.2, 1.4);
        $of = static fn (float $steps, float $spread = 0.0): Verdict => Verdict::of(
            Measure::Saltiness,
            new Figure(Measure::Saltiness->moved($steps > 0 ? 1.4 : 1.0, $steps), $spread, ''),
            $band,
        );
        self::assertSame(['7 steps over', 'far over'], [$of(7.0)->words, $of(8.0)->words]);
        self::assertSame(['barely short', '5 steps short'], [$of(-0.4)->words, $of(-5.0)->words]);
        self::assertSame(
            'far short',
            Verdict::of(Measure::Sweetness, new Figure(0.0, 0.0, ''), new Band(9.0, 9.0, 9.0))->words,
        );
        $reaches = static fn (float $value, float $spread): string => Verdict::of(
            Measure::Saltiness,
            new Figure($value, $spread, ''),
            $band,
        )->kind;
        self::assertSame([Verdict::UNSURE, Verdict::OVER], [$reaches(1.6, log(1.6 / 1.4) + 1e-9), $reaches(1.6, 0.13)]);
        self::assertSame([Verdict::UNSURE, Verdict::SHORT], [$reaches(0.8, log(1 / 0.8) + 1e-9), $reaches(0.8, 0.22)]);
        self::assertSame(0.0, $of(0.0)->steps);
    }

    public function test_a_captured_style_has_a_step_and_a_little_room_around_what_was_liked(): void
    {
        $tastes = ['sweetness' => 20.0, 'sourness' => 1.0, 'saltiness' => 1.5, 'umami' => 0.2];
        $style = Style::like('mine', 'Mine', $tastes, 3.4, 30.0, 0.5, 'captured');
        self::assertSame(
            ['low' => 25.5, 'aim' => 30.0, 'high' => 34.5],
            $style['bands']['brix'],
            'a seventh of the °Brix',
        );
        self::assertSame(
            ['low' => 3.2, 'aim' => 3.4, 'high' => 3.6],
            $style['bands']['ph'],
            'as well as a pH is known',
        );
        self::assertSame(
            ['low' => 0.0, 'aim' => 0.5, 'high' => 1.5],
            $style['bands']['thickness'],
            'a word up, and none under',
        );
        self::assertEqualsWithDelta(1.0, Measure::Sourness->steps(1.0, $style['bands']['sourness']['high']), 1e-3);
        self::assertEqualsWithDelta(-1.0, Measure::Sourness->steps(1.0, $style['bands']['sourness']['low']), 1e-3);
        self::assertSame(0.0, $style['bands']['heat']['aim'], 'what it has none of');
        $plain = Style::like('mine', 'Mine', $tastes, null, null, null, 'captured');
        self::assertSame([], array_diff(array_keys($plain['bands']), array_column(Measure::cases(), 'value')));
        $mounds = Style::like('mine', 'Mine', $tastes, null, null, 3.5, 'captured')['bands']['thickness'];
        self::assertSame([2.5, 4.0], [$mounds['low'], $mounds['high']], 'nothing is thicker than what mounds');
    }

    public function test_a_style_moved_to_a_liking_moves_what_is_named_and_nothing_else(): void
    {
        $style = Sauce::style('mayonnaise-type');
        self::assertNotNull($style->base, 'made of something that is not water');
        $moved = $style->movedTo('mine', 'Mine', ['saltiness' => 1.0], 'liked');
        $of = static fn (string $figure): array => (array) $moved['bands'][$figure];
        $salt = $style->band(Measure::Saltiness);
        self::assertEqualsWithDelta(1.0, Measure::Saltiness->steps($salt->aim ?? 0.0, $of('saltiness')['aim']), 1e-3);
        self::assertEqualsWithDelta($style->band(Measure::Sourness)?->aim, $of('sourness')['aim'], 1e-4);
        self::assertEqualsWithDelta($style->figureBand('ph')?->aim, $of('ph')['aim'], 1e-4);
        self::assertSame($style->base, $moved['base'] ?? null);
        self::assertSame(
            ['mine', 'Mine', 'My own', 'liked'],
            [$moved['slug'], $moved['name'], $moved['family'], $moved['source']],
        );
        self::assertArrayNotHasKey('base', Sauce::style('tomato-ketchup')->movedTo('mine', 'Mine', [], 'liked'));
    }

    /** @param array<int, float> $grams in 100 g */
    private static function plain(Measure $measure, array $grams, float $mass = 100.0): float
    {
        $all = array_fill(0, Constituent::COUNT, 0.0);
        foreach ($grams as $constituent => $each) {
            $all[$constituent] = $each * $mass / 100;
        }
        $all[Constituent::WATER] = $mass - Mixture::massOf($all);

        return Tasting::plain($measure, Mixture::of($all), null);
    }
}
