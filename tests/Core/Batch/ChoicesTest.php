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
    public function test_every_choice_weighs_what_it_says_and_the_nearest_comes_first(
        string $slug,
        string $amount,
        float $factor,
    ): void {
        foreach (MeasuringSet::cases() as $set) {
            $kit = Kitchenware::of($set);
            [$choices, $exact] = self::choices($slug, $amount, $factor, new Tools($kit));
            $off = array_map(static fn (Choice $choice): float => abs(log($choice->grams / $exact)), $choices);
            $sorted = $off;
            sort($sorted);

            self::assertSame($sorted, $off);
            foreach ($choices as $choice) {
                self::assertEqualsWithDelta(
                    $choice->grams,
                    LineWriter::gramsOf($choice->text, Sauce::ingredient($slug), null, $kit),
                    1e-9,
                    $choice->text,
                );
                self::assertGreaterThan(0, $choice->scoops);
            }
        }
    }

    #[DataProvider('amounts')]
    public function test_without_a_scale_nothing_that_can_be_spooned_or_counted_is_weighed(
        string $slug,
        string $amount,
        float $factor,
    ): void {
        foreach (
            self::choices($slug, $amount, $factor, self::withoutScale())[0] as $choice
        ) {
            self::assertDoesNotMatchRegularExpression('/\d (?:g|kg)$/', $choice->text);
        }
    }

    public function test_an_eighth_of_a_teaspoon_is_asked_only_of_who_has_one(): void
    {
        $with = array_column(
            self::choices('fine-salt', '1/2 tsp', 0.27, new Tools(Kitchenware::of(MeasuringSet::Us), scale: false))[0],
            'text',
        );
        $without = array_column(
            self::choices(
                'fine-salt',
                '1/2 tsp',
                0.27,
                new Tools(Kitchenware::of(MeasuringSet::Us), eighths: false, scale: false),
            )[0],
            'text',
        );

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
        foreach (
            self::choices('cider-vinegar', '1/2 cup', 1.5, new Tools(Kitchenware::of(MeasuringSet::Us)))[0] as $choice
        ) {
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
            self::assertSame(
                1,
                preg_match(
                    '/mix 1\/4 tsp with (\d+) tsp of water, and use (?:(\d+) )?(?:(\d)\/(\d))? ?tsp of that/',
                    $said,
                    $match,
                ),
                $said,
            );
            $used
                = (float) ($match[2] ?? 0)
                + (isset($match[4]) && $match[4] !== '' ? (float) $match[3] / (float) $match[4] : 0.0);
            // spoons of a quarter: the answer is at most half of one off
            self::assertEqualsWithDelta(
                $teaspoons,
                (0.25 * $used) / ((int) $match[1] + 0.25),
                (0.25 * 0.13) / ((int) $match[1] + 0.25),
                $said,
            );
            $found++;
        }
        self::assertSame(5, $found);
    }

    public function test_what_can_be_spooned_or_does_not_mix_is_not_diluted(): void
    {
        $tools = new Tools(Kitchenware::of(MeasuringSet::Us), scale: false);

        self::assertNull(Dilution::of(2.0, Sauce::ingredient('cayenne'), $tools));
        self::assertNull(Dilution::of(0.05, Sauce::ingredient('garlic'), $tools));
        self::assertNotNull(
            Dilution::of(
                0.5,
                Sauce::ingredient('fine-salt'),
                new Tools(Kitchenware::of(MeasuringSet::Us), eighths: false, scale: false),
            ),
        );
        self::assertNull(Dilution::of(0.6, Sauce::ingredient('fine-salt'), $tools), 'an eighth of a teaspoon will do');
    }

    /**
     * @return iterable<string, array{string, string, float, string, list<string>}> slug, amount, factor, set, choices
     * nearest first
     */
    public static function kinds(): iterable
    {
        yield 'weighed, in round grams' => ['flour', '500 g', 0.5, 'metric', ['250 g']];
        yield 'weighed, too little for the scale' => [
            'flour',
            '500 g',
            0.007,
            'metric',
            ['1 1/4 tsp + 1/8 tsp', '1 1/4 tsp', '1 1/2 tsp', '4 g', '1 tsp'],
        ];
        yield 'by the kilo' => ['flour', '2 kg', 1.5, 'metric', ['3 kg']];
        yield 'less than a kilo' => ['flour', '2 kg', 0.2, 'metric', ['400 g']];
        yield 'by the ounce, and by the gram' => ['butter', '8 oz', 0.5, 'us', ['4 oz', '113 g']];
        yield 'by the jug' => ['water', '600 ml', 0.5, 'metric', ['300 ml']];
        yield 'a cup where jugs are marked' => [
            'water',
            '1 cup',
            0.7,
            'metric',
            ['175 ml', '175 g', '2/3 cup + 1 3/4 tsp', '2/3 cup', '3/4 cup', '1/2 cup'],
        ];
        yield 'a cup where they are not' => [
            'water',
            '1 cup',
            0.7,
            'us',
            ['165 g', '2/3 cup + 1 1/2 tsp', '2/3 cup', '3/4 cup', '1/2 cup'],
        ];
        yield 'a spice by the spoon only' => ['cumin', '1 tsp', 0.3, 'metric', ['1/4 tsp']];
        yield 'cloves by the clove' => ['garlic', '3 cloves', 1.4, 'metric', ['4 cloves', '5 cloves']];
        yield 'much of what is counted by the scale too' => ['onion', '2', 3.4, 'metric', ['748 g', '7', '6']];
        yield 'a star of anise whole' => ['star-anise', '2', 0.6, 'metric', ['1']];
    }

    /** @param list<string> $texts */
    #[DataProvider('kinds')]
    public function test_it_is_measured_as_it_was(
        string $slug,
        string $amount,
        float $factor,
        string $set,
        array $texts,
    ): void {
        $line = Sauce::evaluate([$slug => $amount], [], ['measures' => $set])->cooked->weighed->lines[0];
        $choices = Choices::of(
            $line,
            $line->grams * $factor,
            $factor,
            new Tools(Kitchenware::of(MeasuringSet::from($set))),
        );

        self::assertSame($texts, array_column($choices, 'text'));
    }

    public function test_without_a_scale_a_little_of_what_was_weighed_is_spooned_and_a_lot_is_cups(): void
    {
        $tools = new Tools(Kitchenware::of(MeasuringSet::Metric), scale: false);
        foreach ([[0.004, 'tsp'], [0.1, 'tbsp'], [0.5, 'cup']] as [$factor, $unit]) {
            self::assertStringContainsString($unit, self::choices('sugar', '500 g', $factor, $tools)[0][0]->text);
        }
    }

    public function test_without_a_scale_what_comes_in_pieces_is_counted_too_as_far_as_anybody_counts(): void
    {
        $tools = new Tools(Kitchenware::of(MeasuringSet::Metric), scale: false);
        $texts = static fn (string $slug, string $amount, float $factor): array => array_column(
            self::choices($slug, $amount, $factor, $tools)[0],
            'text',
        );

        self::assertSame('5 cloves', $texts('garlic', '20 g', 1.0)[0]);
        self::assertContains('4 medium', $texts('tomato', '1 kg', 0.5));
        self::assertContains('8 squares', $texts('dark-chocolate', '40 g', 2.0), 'more than one of it is several');
        self::assertSame([], preg_grep('/leaf|leaves|sprig|handful/', $texts('mint', '50 g', 2.0)));
        foreach ([['tomato', '4 kg'], ['date', '500 g'], ['almond', '200 g']] as [$slug, $amount]) {
            foreach (
                preg_grep(
                    '/^\d+(?: [a-z]+)?$/',
                    preg_replace('/ (?:cup|tbsp|tsp)$/', '/spoon', $texts($slug, $amount, 1.0)) ?? [],
                )
                ?: [] as $count
            ) {
                self::assertLessThanOrEqual(12, (int) $count, "{$slug}: {$count}");
            }
        }
    }

    public function test_without_a_scale_what_is_cut_or_toasted_is_spooned_as_it_is(): void
    {
        $tools = new Tools(Kitchenware::of(MeasuringSet::Metric), scale: false);
        $line = Sauce::evaluate([['id' => 'nuts', 'ingredient' => 'almond', 'amount' => '60 g', 'prep' => 'toasted']])
            ->cooked->weighed->lines[0];
        foreach (Choices::of($line, 90.0, 1.5, $tools) as $choice) {
            self::assertMatchesRegularExpression('/cup|tbsp|tsp/', $choice->text);
            self::assertEqualsWithDelta(
                $choice->grams,
                LineWriter::gramsOf($choice->text, Sauce::ingredient('almond'), 'toasted', $tools->kit),
                1e-9,
            );
        }
    }

    /** @return array{non-empty-list<Choice>, float} */
    private static function choices(string $slug, string $amount, float $factor, Tools $tools): array
    {
        $line = Sauce::evaluate([$slug => $amount])->cooked->weighed->lines[0];

        return [Choices::of($line, $line->grams * $factor, $factor, $tools), $line->grams * $factor];
    }

    private static function withoutScale(): Tools
    {
        return new Tools(Kitchenware::of(MeasuringSet::Us), scale: false);
    }
}
