<?php

declare(strict_types=1);

namespace Tests\Core\Evaluation;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Say;
use Vinculum\Evaluation\Colour;
use Vinculum\Evaluation\Likeness;
use Vinculum\Evaluation\StopChoices;
use Vinculum\Mixture\Thickness;
use Vinculum\Recipe\Process;
use Vinculum\Taste\Measure;

/** A figure in a cook's terms, a colour in words, and where a pot is as thick as something everybody knows. */
final class LikenessTest extends TestCase
{
    /** @return iterable<string, array{Measure, float, string|null}> */
    public static function figures(): iterable
    {
        yield 'a ketchup’s salt' => [Measure::Saltiness, 2.36, 'About as salty as tomato ketchup.'];
        yield 'between two' => [Measure::Saltiness, 9.5, 'Between hot pepper sauce and soy sauce.'];
        yield 'beyond the last' => [Measure::Saltiness, 25.0, 'Saltier than soy sauce.'];
        yield 'next to nothing is like nothing' => [Measure::Umami, 0.01, null];
        yield 'a jam’s sweetness' => [Measure::Sweetness, 56.0, 'About as sweet as orange marmalade.'];
    }

    #[DataProvider('figures')]
    public function test_what_a_figure_is_like(Measure $measure, float $value, ?string $said): void
    {
        $likeness = Likeness::of($measure, $value, Sauce::catalogue());

        self::assertSame($said, $likeness === null ? null : Say::it($likeness));
    }

    /**
     * @return iterable<string, array{array<string, string>, array<string, mixed>, list<string>}> common practice, no
     * source: what an eye says of each
     */
    public static function colours(): iterable
    {
        $boiled = ['process' => ['kind' => 'simmer', 'minutes' => 40]];
        yield 'ketchup' => [['ketchup' => '100 g'], [], ['red, cloudy', 'brick red, cloudy']];
        yield 'vinegar' => [['white-vinegar' => '100 g'], [], ['colourless']];
        yield 'milk' => [['milk' => '100 g'], [], ['white']];
        yield 'mayonnaise' => [['mayonnaise' => '100 g'], [], ['white', 'pale cream, cloudy']];
        yield 'yellow mustard' => [['yellow-mustard' => '100 g'], [], ['yellow, cloudy']];
        yield 'honey' => [['honey' => '100 g'], [], ['amber, clear']];
        yield 'soy sauce' => [['soy-sauce' => '100 g'], [], ['dark brown', 'nearly black']];
        yield 'molasses' => [['molasses' => '100 g'], [], ['nearly black', 'dark brown']];
        yield 'a little soy sauce in much water' => [
            ['soy-sauce' => '30 g', 'water' => '300 g'],
            [],
            ['straw, clear', 'pale cream, clear', 'light brown, clear'],
        ];
        yield 'barbecue sauce' => [
            ['ketchup' => '400 g', 'molasses' => '60 g', 'dark-brown-sugar' => '140 g'],
            [],
            ['red, cloudy', 'brick red, cloudy', 'brown, cloudy'],
        ];
        yield 'a green salsa' => [
            ['tomatillo' => '400 g', 'coriander-leaf' => '30 g', 'jalapeno' => '30 g'],
            [],
            ['green, cloudy'],
        ];
        yield 'a mango hot sauce' => [
            ['mango' => '400 g', 'habanero' => '20 g', 'cider-vinegar' => '100 g'],
            [],
            ['orange, cloudy', 'amber, cloudy'],
        ];
        yield 'red wine' => [['red-wine' => '100 g'], [], ['dark red', 'crimson, clear']];
        yield 'yoghurt and cucumber' => [
            ['yoghurt' => '300 g', 'cucumber' => '60 g'],
            [],
            ['white', 'straw, cloudy', 'pale green, cloudy', 'pale cream, cloudy'],
        ];
        yield 'sugar boiled long goes amber or brown' => [
            ['sugar' => '300 g', 'water' => '100 g', 'cider-vinegar' => '20 g'],
            $boiled,
            ['amber, clear', 'brown, clear', 'orange, clear', 'straw, clear', 'light brown, clear'],
        ];
    }

    /**
     * @param array<string, string> $lines
     * @param array<string, mixed> $stage
     * @param list<string> $words
     */
    #[DataProvider('colours')]
    public function test_what_colour_it_is(array $lines, array $stage, array $words): void
    {
        $colour = Colour::of(Sauce::evaluate($lines, $stage));

        self::assertContains($colour?->words, $words);
        self::assertMatchesRegularExpression('/^#[0-9a-f]{6}$/', $colour->swatch ?? '');
    }

    public function test_boiled_down_it_is_darker_and_with_fat_in_drops_paler(): void
    {
        $light = static fn (array $lines, array $stage = []): int => array_sum(
            array_map('hexdec', str_split(substr(Colour::of(Sauce::evaluate($lines, $stage))->swatch ?? '', 1), 2)),
        );
        $thin = ['soy-sauce' => '60 g', 'water' => '200 g', 'sugar' => '40 g'];

        self::assertLessThan(
            $light($thin),
            $light($thin, ['process' => ['kind' => 'simmer', 'until' => ['loss_percent' => 40]]]),
        );
        self::assertGreaterThan(
            $light(['soy-sauce' => '60 g', 'water' => '200 g']),
            $light(['soy-sauce' => '60 g', 'mayonnaise' => '200 g']),
        );
        self::assertNull(Colour::of(Sauce::evaluate([])));
    }

    public function test_where_a_pot_of_tomato_is_as_thick_as_ketchup(): void
    {
        $recipe = Sauce::of(
            ['passata' => '1 kg', 'sugar' => '60 g', 'cider-vinegar' => '60 g'],
            ['process' => ['kind' => 'simmer', 'until' => ['loss_percent' => 20]]],
        );
        $like = array_values(
            array_filter(
                StopChoices::of($recipe, 'stage', Sauce::catalogue(), null),
                static fn (array $choice): bool => $choice['like'] === 'tomato ketchup',
            ),
        );

        self::assertCount(1, $like);
        self::assertSame(Thickness::HoldsALine, $like[0]['evaluation']->estimates->thickness());
        // well into its word there, and a per cent less it is not yet
        $wanted = Thickness::HoldsALine->begins() + 0.15;
        self::assertGreaterThanOrEqual($wanted, $like[0]['evaluation']->estimates->powers());
        $process = $recipe->stages[0]->process ?? new Process(\Vinculum\Recipe\ProcessKind::Simmer);
        $less = $recipe->withStages([
            $recipe->stages[0]->processed(
                $process->upTo(new \Vinculum\Recipe\Until('loss_percent', $like[0]['percent'] - 1.0)),
            ),
        ]);
        self::assertLessThan(
            $wanted,
            \Vinculum\Evaluation\Evaluation::of($less, Sauce::catalogue(), null)->estimates->powers(),
        );
    }
}
