<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Say;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Safety\Allergens;
use Vinculum\Safety\Caution;
use Vinculum\Safety\Cautions;
use Vinculum\Safety\Diet;
use Vinculum\Safety\Facts;

final class CautionsTest extends TestCase
{
    private const COOKED = ['process' => ['kind' => 'simmer', 'minutes' => 10, 'lid' => true]];

    /**
     * @return iterable<string, array{array<array-key, string|array<string, mixed>>, array<string, mixed>,
     * list<string>, list<string>}> lines, stage, codes raised, codes not raised
     */
    public static function sauces(): iterable
    {
        yield 'a low-acid sauce in a jar' => [
            ['red-pepper' => '500 g', 'garlic' => '20 g'],
            self::COOKED,
            ['ph-above-limit', 'not-for-canning', 'cool-fast', 'not-shelf-stable'],
            ['raw-sauce', 'ph-is-an-estimate'],
        ];
        yield 'a sharp one is still only an estimate' => [
            ['white-vinegar' => '500 g', 'sugar' => '50 g'],
            self::COOKED,
            ['ph-is-an-estimate', 'not-shelf-stable'],
            ['ph-above-limit', 'ph-near-limit'],
        ];
        yield 'near the limit' => [
            ['tomato' => '500 g', 'lemon-juice' => '12 g'],
            self::COOKED,
            ['ph-near-limit'],
            ['ph-is-an-estimate'],
        ];
        yield 'garlic in oil' => [['garlic' => '30 g', 'olive-oil' => '200 g'], [], ['plant-in-oil'], ['cool-fast']];
        yield 'garlic in a third of oil is that, however sharp' => [
            ['garlic' => '5 g', 'olive-oil' => '100 g', 'white-vinegar' => '200 g'],
            [],
            ['raw-sauce', 'plant-in-oil'],
            [],
        ];
        yield 'garlic in vinegar with a little oil is not' => [
            ['garlic' => '5 g', 'olive-oil' => '30 g', 'white-vinegar' => '200 g'],
            [],
            ['raw-sauce'],
            ['plant-in-oil'],
        ];
        yield 'raw yolk' => [
            ['egg-yolk' => '40 g', 'sunflower-oil' => '300 g', 'lemon-juice' => '30 g'],
            [],
            ['raw-egg', 'not-for-canning'],
            [],
        ];
        yield 'a cooked one is not raw' => [
            ['egg-yolk' => '40 g', 'milk' => '300 g'],
            self::COOKED,
            ['not-for-canning'],
            ['raw-egg'],
        ];
        yield 'honey' => [
            ['honey' => '100 g', 'mustard-powder' => '20 g', 'cider-vinegar' => '50 g'],
            [],
            ['honey'],
            [],
        ];
        yield 'rhubarb and elderberry' => [
            ['rhubarb' => '300 g', 'elderberry' => '100 g', 'sugar' => '100 g'],
            self::COOKED,
            ['rhubarb-leaves', 'raw-elderberries', 'hot-sugar'],
            [],
        ];
        yield 'chilli on the hands' => [['habanero' => '50 g', 'white-vinegar' => '200 g'], [], ['chilli-hands'], []];
        yield 'a line nobody knows' => [
            ['unobtainium' => '50 g', 'white-vinegar' => '200 g'],
            [],
            ['lines-left-out'],
            [],
        ];
        yield 'so sweet that it is dry' => [
            ['honey' => '100 g', 'sugar' => '20 g'],
            [],
            ['dry-enough-for-toxin'],
            ['ph-above-limit'],
        ];
        yield 'a bottle of soy alone' => [
            ['soy-sauce' => '150 g'],
            [],
            ['as-its-label-says'],
            ['ph-above-limit', 'raw-sauce', 'not-shelf-stable', 'cool-fast'],
        ];
    }

    /**
     * @param array<array-key, string|array<string, mixed>> $lines
     * @param array<string, mixed> $stage
     * @param list<string> $raised
     * @param list<string> $not
     */
    #[DataProvider('sauces')]
    public function test_cautions(array $lines, array $stage, array $raised, array $not): void
    {
        $codes = array_map(
            static fn (Caution $caution): string => $caution->code,
            Cautions::of(Facts::of(Sauce::evaluate($lines, $stage))),
        );

        self::assertSame([], array_diff($raised, $codes), implode(' ', $codes));
        self::assertSame([], array_intersect($not, $codes));
    }

    /**
     * Common practice and the agencies' advice on plants in oil; what is dry, sour or refined brings no water and no
     * germ that grows.
     */
    public function test_which_plants_may_not_lie_under_oil(): void
    {
        $fresh = [
            'garlic',
            'roasted-garlic',
            'onion',
            'shallot',
            'ginger',
            'jalapeno',
            'habanero',
            'red-pepper',
            'roasted-pepper',
            'carrot',
            'mushroom',
            'basil',
            'parsley',
            'coriander-leaf',
            'spring-onion',
            'celery',
        ];
        $harmless = [
            'fine-salt',
            'garlic-powder',
            'onion-powder',
            'paprika',
            'black-pepper',
            'cumin-seed',
            'sugar',
            'white-vinegar',
            'lemon-juice',
            'tomatillo',
            'capers',
            'soy-sauce',
        ];
        $stops = static fn (string $slug): bool => in_array(
            'plant-in-oil',
            array_map(
                static fn (Caution $caution): string => $caution->code,
                Cautions::of(Facts::of(Sauce::evaluate([$slug => '20 g', 'olive-oil' => '100 g']))),
            ),
            true,
        );

        self::assertSame(
            [],
            array_values(array_filter($fresh, static fn (string $slug): bool => ! $stops($slug))),
            'said of these',
        );
        self::assertSame([], array_values(array_filter($harmless, $stops)), 'not of these');
    }

    public function test_every_caution_gives_its_reason_and_its_rule_and_the_grave_come_first(): void
    {
        $cautions = Cautions::of(
            Facts::of(
                Sauce::evaluate(
                    ['garlic' => '30 g', 'olive-oil' => '200 g', 'honey' => '20 g', 'habanero' => '10 g'],
                    self::COOKED,
                ),
            ),
        );
        $grades = array_map(static fn (Caution $caution): string => $caution->grade->value, $cautions);

        foreach ($cautions as $caution) {
            self::assertNotSame('', $caution->rule);
            self::assertStringNotContainsStringIgnoringCase('safe', Say::it($caution->text));
        }
        self::assertSame(['stop', 'mind', 'know'], array_values(array_unique($grades)));
    }

    public function test_what_goes_in_after_cooking_is_raw_and_so_is_a_blender_hot(): void
    {
        $codes = static fn (array $stages): array => array_map(
            static fn (Caution $caution): string => $caution->code,
            Cautions::of(Facts::of(Evaluation::of(Sauce::of([], [], ['stages' => $stages]), Sauce::catalogue(), null))),
        );
        $simmered = ['lines' => [['ingredient' => 'passata', 'amount' => '500 g']]] + self::COOKED;
        $after = ['lines' => [['ingredient' => 'garlic', 'amount' => '10 g']], 'process' => ['kind' => 'blend']];

        self::assertContains('raw-after-cooking', $codes([$simmered, $after]));
        self::assertContains('hot-blender', $codes([$simmered, $after]));
        self::assertNotContains(
            'hot-blender',
            $codes([$simmered, ['lines' => [], 'process' => ['kind' => 'chill']], $after]),
        );
        self::assertNotContains('raw-after-cooking', $codes([$after, $simmered]));
    }

    public function test_allergens_apart_by_contains_and_check_the_label(): void
    {
        $found = Allergens::of(
            Sauce::evaluate([
                'soy-sauce' => '20 g',
                'worcestershire-type-sauce' => '10 g',
                'breadcrumbs' => '10 g',
                'tahini' => '30 g',
            ])->cooked->weighed,
        );

        self::assertSame(['soy-sauce', 'breadcrumbs'], $found['contains']['wheat']);
        self::assertSame(['worcestershire-type-sauce'], $found['contains']['fish']);
        self::assertSame(['tahini'], $found['contains']['sesame']);
        self::assertArrayHasKey('milk', $found['check'], 'crumbs of some kinds');
        self::assertSame([], array_intersect_key($found['contains'], $found['check']));
    }

    /** The US nine and the EU fourteen, counting wheat within the cereals. */
    public function test_both_lists_are_whole(): void
    {
        $on = static fn (string $list): int => count(
            array_filter(
                Sauce::catalogue()->vocabulary->words['allergens'],
                static fn (array $entry): bool => in_array($list, $entry['lists'], true),
            ),
        );

        self::assertSame(9, $on('US') + 0);
        self::assertSame(14, $on('EU') - 1);
    }

    /**
     * @return iterable<string, array{array<string, string>, list<string>}> lines, diets they stand against
     */
    public static function diets(): iterable
    {
        yield 'fish hides in a Worcestershire-type sauce' => [
            ['worcestershire-type-sauce' => '10 g', 'water' => '1000 g'],
            ['vegetarian', 'vegan'],
        ];
        yield 'ketchup has sugar in it' => [['ketchup' => '10 g', 'water' => '1000 g'], ['no-added-sugar']];
        yield 'honey is not vegan, and sugar' => [
            ['honey' => '10 g', 'water' => '1000 g'],
            ['vegan', 'no-added-sugar'],
        ];
        yield 'wheat hides in soy sauce' => [['soy-sauce' => '100 g'], ['gluten-free', 'low-sodium']];
        yield 'egg in mayonnaise' => [['mayonnaise' => '10 g', 'water' => '1000 g'], ['vegan']];
        yield 'brandy, even boiled' => [['brandy' => '30 g', 'water' => '1000 g'], ['alcohol-free']];
        yield 'fruit has its own sugar' => [['plum' => '1000 g'], []];
    }

    /**
     * @param array<string, string> $lines
     * @param list<string> $against
     */
    #[DataProvider('diets')]
    public function test_diets_follow_the_lines(array $lines, array $against): void
    {
        $cooked = Sauce::evaluate($lines, self::COOKED)->cooked;
        $found = array_map(
            static fn (Diet $diet): string => $diet->slug,
            array_filter(
                Diet::all(Sauce::catalogue()->vocabulary),
                static fn (Diet $diet): bool => $diet->of($cooked)['against'] !== [],
            ),
        );

        self::assertSame($against, array_values($found));
    }

    public function test_an_empty_pot_has_nothing_to_mind(): void
    {
        self::assertSame([], Cautions::of(Facts::of(Sauce::evaluate([]))));
    }
}
