<?php

declare(strict_types=1);

namespace Tests\Core\Batch;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Amount\Kitchenware;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Batch\Choice;
use Vinculum\Batch\Choices;
use Vinculum\Batch\Dilution;
use Vinculum\Batch\Tools;
use Vinculum\Recipe\LineWriter;

/** What a kitchen can measure near an exact amount. */
final class ChoicesTest extends TestCase
{
    /** @return iterable<string, array{string, string, float}> */
    public static function amounts(): iterable
    {
        yield 'a spooned liquid' => ['cider-vinegar', '1/2 cup', 1.55];
        yield 'a spooned powder' => ['sugar', '2 tbsp', 0.37];
        yield 'a pinch' => ['cayenne', '1 pinch', 5.0];
        yield 'a weighed thing' => ['gooseberry', '350 g', 2.4];
        yield 'counted cloves' => ['garlic', '3 cloves', 0.5];
        yield 'a whole egg' => ['egg', '1', 1.6];
        yield 'a salt by the spoon' => ['fine-salt', '1 tsp', 1.9];
        yield 'a tiny share' => ['sugar', '1 tsp', 0.08];
    }

    #[DataProvider('amounts')]
    public function test_every_choice_weighs_what_it_says_and_the_nearest_comes_first(string $slug, string $amount, float $factor): void
    {
        foreach (MeasuringSet::cases() as $set) {
            $kit = Kitchenware::of($set);
            [$choices, $exact] = self::choices($slug, $amount, $factor, new Tools($kit));
            $off = array_map(static fn (Choice $choice): float => abs(log($choice->grams / $exact)), $choices);
            $sorted = $off;
            sort($sorted);

            self::assertSame($sorted, $off);
            foreach ($choices as $choice) {
                self::assertEqualsWithDelta($choice->grams, LineWriter::gramsOf($choice->text, Sauce::ingredient($slug), null, $kit), 1e-9, $choice->text);
                self::assertGreaterThan(0, $choice->scoops);
            }
        }
    }

    #[DataProvider('amounts')]
    public function test_without_a_scale_nothing_that_can_be_spooned_or_counted_is_weighed(string $slug, string $amount, float $factor): void
    {
        foreach (self::choices($slug, $amount, $factor, new Tools(Kitchenware::of(MeasuringSet::Us), scale: false))[0] as $choice) {
            self::assertDoesNotMatchRegularExpression('/\d (?:g|kg)$/', $choice->text);
        }
    }

    public function test_an_eighth_of_a_teaspoon_is_asked_only_of_who_has_one(): void
    {
        $with = array_column(self::choices('fine-salt', '1/2 tsp', 0.27, new Tools(Kitchenware::of(MeasuringSet::Us), scale: false))[0], 'text');
        $without = array_column(self::choices('fine-salt', '1/2 tsp', 0.27, new Tools(Kitchenware::of(MeasuringSet::Us), eighths: false, scale: false))[0], 'text');

        self::assertContains('1/8 tsp', $with);
        self::assertSame([], preg_grep('/\/8 tsp/', $without));
    }

    public function test_what_is_not_cut_stays_whole_and_what_is_may_be_halved(): void
    {
        $tools = new Tools(Kitchenware::of(MeasuringSet::Us), scale: false);

        self::assertSame([], preg_grep('/\//', array_column(self::choices('egg', '1', 1.5, $tools)[0], 'text')));
        self::assertContains('1 1/2 medium', array_column(self::choices('onion', '1 medium', 1.5, $tools)[0], 'text'));
    }

    public function test_pieces_cost_one_look_and_spoons_as_often_as_they_dip(): void
    {
        $scoops = [];
        foreach (self::choices('cider-vinegar', '1/2 cup', 1.5, new Tools(Kitchenware::of(MeasuringSet::Us)))[0] as $choice) {
            $scoops[$choice->text] = $choice->scoops;
        }
        self::assertSame(2, $scoops['3/4 cup'], 'a half and a quarter');

        foreach (self::choices('garlic', '3 cloves', 3.0, new Tools(Kitchenware::of(MeasuringSet::Us)))[0] as $choice) {
            self::assertSame(str_ends_with($choice->text, ' g') ? 8 : 1, $choice->scoops, $choice->text);
        }
    }

    public function test_too_little_for_a_spoon_is_diluted_to_the_same_amount(): void
    {
        $tools = new Tools(Kitchenware::of(MeasuringSet::Metric), scale: false);
        $cayenne = Sauce::ingredient('cayenne');
        $density = $cayenne->density ?? self::fail('It is measured by the spoon.');
        $found = 0;
        foreach ([0.01, 0.02, 0.03, 0.05, 0.07] as $teaspoons) {
            $said = (string) Dilution::of($teaspoons * 5.0 * $density, $cayenne, $tools);
            self::assertSame(1, preg_match('/mix 1\/4 tsp with (\d+) tsp of water, and use (?:(\d+) )?(?:(\d)\/(\d))? ?tsp of that/', $said, $match), $said);
            $used = (float) ($match[2] ?? 0) + (isset($match[4]) && $match[4] !== '' ? (float) $match[3] / (float) $match[4] : 0.0);
            // spoons of a quarter: the answer is at most half of one off
            self::assertEqualsWithDelta($teaspoons, 0.25 * $used / ((int) $match[1] + 0.25), 0.25 * 0.13 / ((int) $match[1] + 0.25), $said);
            $found++;
        }
        self::assertSame(5, $found);
    }

    public function test_what_can_be_spooned_or_does_not_mix_is_not_diluted(): void
    {
        $tools = new Tools(Kitchenware::of(MeasuringSet::Us), scale: false);

        self::assertNull(Dilution::of(2.0, Sauce::ingredient('cayenne'), $tools));
        self::assertNull(Dilution::of(0.05, Sauce::ingredient('garlic'), $tools));
        self::assertNotNull(Dilution::of(0.5, Sauce::ingredient('fine-salt'), new Tools(Kitchenware::of(MeasuringSet::Us), eighths: false, scale: false)));
        self::assertNull(Dilution::of(0.6, Sauce::ingredient('fine-salt'), $tools), 'an eighth of a teaspoon will do');
    }

    /** @return array{non-empty-list<Choice>, float} */
    private static function choices(string $slug, string $amount, float $factor, Tools $tools): array
    {
        $line = Sauce::evaluate([$slug => $amount])->cooked->weighed->lines[0];

        return [Choices::of($line, $line->grams * $factor, $factor, $tools), $line->grams * $factor];
    }
}
