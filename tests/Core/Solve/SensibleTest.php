<?php

declare(strict_types=1);

namespace Tests\Core\Solve;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Say;
use Tests\Support\Server;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Pantry\Ingredient;
use Vinculum\Recipe\Line;
use Vinculum\Solve\Aims;
use Vinculum\Solve\Draft\Draft;
use Vinculum\Solve\Draft\Drafted;
use Vinculum\Solve\Draft\MakeUps;
use Vinculum\Solve\Rebalance\Rebalance;
use Vinculum\Solve\Rescue\Rescue;
use Vinculum\Solve\Sensible;
use Vinculum\Solve\Swap\Criteria;
use Vinculum\Solve\Swap\FreeOf;
use Vinculum\Solve\Swap\Swap;
use Vinculum\Solve\WhyNot;

/** One judge: what no cook would do is in no answer, whichever part of the product gives it. */
final class SensibleTest extends TestCase
{
    private const COLD_DIP = [
        'yoghurt' => '300 g',
        'double-cream' => '60 g',
        'cayenne' => '1 g',
        'fine-salt' => '4 g',
        'lemon-juice' => '10 g',
    ];

    private const KETCHUP = [
        'tomato-paste' => '200 g',
        'water' => '350 g',
        'cider-vinegar' => '80 g',
        'sugar' => '90 g',
        'fine-salt' => '9 g',
        'soy-sauce' => '20 g',
        'clove' => '0.3 g',
    ];

    /** @return iterable<string, array{array<string, string>, array<string, mixed>, string, WhyNot|null}> */
    public static function things(): iterable
    {
        yield 'a potassium salt' => [
            self::KETCHUP,
            ['process' => ['kind' => 'simmer', 'minutes' => 20]],
            'potassium-salt',
            WhyNot::NotForEverybody,
        ];
        yield 'butter in what is never warm' => [self::COLD_DIP, [], 'butter', WhyNot::SetsCold];
        yield 'butter in what is warmed' => [
            self::COLD_DIP,
            ['process' => ['kind' => 'warm', 'minutes' => 5]],
            'butter',
            null,
        ];
        yield 'salt' => [self::COLD_DIP, [], 'fine-salt', null];
    }

    /**
     * @param array<string, string> $lines
     * @param array<string, mixed> $stage
     */
    #[DataProvider('things')]
    public function test_what_is_in_no_answer_here(array $lines, array $stage, string $slug, ?WhyNot $why): void
    {
        self::assertSame($why, (new Sensible(Sauce::evaluate($lines, $stage)))->whyNot(Sauce::ingredient($slug)));
    }

    public function test_it_is_in_no_rescue_no_swap_no_freed_recipe_and_no_draft(): void
    {
        $dip = Sauce::evaluate(self::COLD_DIP);
        $ketchup = Sauce::evaluate(self::KETCHUP, ['process' => ['kind' => 'simmer', 'minutes' => 20]]);
        $everything = array_map(Sauce::ingredient(...), Sauce::catalogue()->slugs());
        foreach (['hot' => 1.5, 'rich' => -2.0, 'thick' => -1.0, 'salty' => -2.0] as $feel => $steps) {
            foreach (Rescue::of($dip, Sauce::catalogue(), [$feel => $steps], $everything)->remedies as $remedy) {
                self::assertNothingForbidden($remedy->recipe->lines(), $dip, "{$feel} {$steps}");
            }
            foreach (Rescue::of($ketchup, Sauce::catalogue(), [$feel => $steps], $everything)->remedies as $remedy) {
                self::assertNothingForbidden($remedy->recipe->lines(), $ketchup, "{$feel} {$steps}");
            }
        }
        foreach (
            [
                [$dip, 'double-cream'], [$dip, 'fine-salt'], [$ketchup, 'fine-salt'], [$ketchup, 'soy-sauce'],
            ] as [$from, $slug]
        ) {
            $line = array_values(
                array_filter($from->recipe->lines(), static fn (Line $line): bool => $line->ingredient === $slug),
            )[0];
            foreach (Swap::options($from, Sauce::catalogue(), $line->id, new Criteria) as $option) {
                self::assertNothingForbidden($option->recipe->lines(), $from, "for {$slug}");
            }
        }
        foreach ([[$dip, 'milk'], [$ketchup, 'soy']] as [$from, $need]) {
            self::assertNothingForbidden(
                FreeOf::of($from, Sauce::catalogue(), [Sauce::need($need)], new Criteria)->recipe->lines(),
                $from,
                "without {$need}",
            );
        }
        foreach (
            [
                ['yoghurt-herb-dip', 'butter', 'Sets in lumps in what is never warm.'],
                ['tomato-ketchup', 'potassium-salt', 'A potassium salt is not for everybody.'],
            ] as [$style, $slug, $why]
        ) {
            $draft = self::draft($style, $slug, 40.0);
            self::assertNothingForbidden($draft->recipe->lines(), $draft->evaluation, $style);
            self::assertStringContainsString($why, implode(' ', array_map(Say::it(...), $draft->notes)));
        }
    }

    /** A spice is turned down by nobody to make a sauce sweeter, nor oil up to make it milder in salt. */
    public function test_what_a_cook_turns_is_no_spice_and_no_fat(): void
    {
        $sauce = Sauce::evaluate(
            self::KETCHUP + ['olive-oil' => '20 g', 'garlic' => '6 g', 'cayenne' => '1 g', 'parsley' => '20 g'],
        );
        $sensible = new Sensible($sauce);
        $turns = static fn (bool $heat): array => array_values(
            array_filter(
                [
                    'tomato-paste',
                    'water',
                    'cider-vinegar',
                    'sugar',
                    'fine-salt',
                    'soy-sauce',
                    'clove',
                    'olive-oil',
                    'garlic',
                    'cayenne',
                    'parsley',
                ],
                static fn (string $slug): bool => $sensible->isLever(Sauce::ingredient($slug), $heat),
            ),
        );

        self::assertSame(['tomato-paste', 'water', 'cider-vinegar', 'sugar', 'fine-salt', 'soy-sauce'], $turns(false));
        self::assertSame(
            ['tomato-paste', 'water', 'cider-vinegar', 'sugar', 'fine-salt', 'soy-sauce', 'cayenne'],
            $turns(true),
        );
        $aims = Aims::ofStyle($sauce, Sauce::style('tomato-ketchup'));
        foreach (Rebalance::answers($sauce, Sauce::catalogue(), $aims) as $answer) {
            $before = $sauce->cooked->weighed;
            foreach (['clove', 'olive-oil', 'garlic', 'parsley'] as $slug) {
                self::assertEqualsWithDelta(
                    $before->gramsOf($slug),
                    $answer->after->cooked->weighed->gramsOf($slug),
                    0.01 * $before->gramsOf($slug),
                    $slug,
                );
            }
        }
    }

    public function test_how_much_of_a_thing_still_goes_in(): void
    {
        $clove = Sauce::ingredient('clove');
        $most = $clove->mostShare;

        self::assertEqualsWithDelta($most * 500 - 1, Sensible::room($clove, 500.0, 1.0), 1e-9);
        self::assertSame(INF, Sensible::room(Sauce::ingredient('water'), 500.0, 400.0));
        // where it grows by what goes in, so much of the larger pot is clove
        $goesIn = Sensible::roomWhereItGrows($clove, 500.0, 1.0);
        self::assertEqualsWithDelta($most, (1.0 + $goesIn) / (500.0 + $goesIn), 1e-9);
    }

    public function test_more_than_anybody_puts_in_is_said_of_a_draft(): void
    {
        $draft = self::draft('tomato-ketchup', 'clove', 60.0);

        self::assertStringContainsString('That is more', implode(' ', array_map(Say::it(...), $draft->notes)));
        self::assertSame([], (new Sensible(self::draft('tomato-ketchup', 'clove', null)->evaluation))->tooMuch());
    }

    /** @param list<Line> $lines */
    private static function assertNothingForbidden(array $lines, Evaluation $from, string $where): void
    {
        $own = array_map(static fn (Line $line): string => $line->ingredient, $from->recipe->lines());
        $sensible = new Sensible($from);
        $things = array_map(static fn (Line $line): ?Ingredient => Sauce::catalogue()->find($line->ingredient), $lines);
        foreach (array_filter($things) as $thing) {
            self::assertTrue(
                in_array($thing->slug, $own, true) || $sensible->whyNot($thing) === null,
                "{$thing->slug} {$where}",
            );
        }
    }

    private static function draft(string $style, string $slug, ?float $grams): Drafted
    {
        $note = MakeUps::read((string) file_get_contents(Server::root().'/database/make-ups.txt'))->notes[$style];

        return Draft::of(
            Sauce::style($style),
            $style,
            $note,
            [['ingredient' => Sauce::ingredient($slug), 'grams' => $grams]],
            [],
            Sauce::catalogue(),
            new Criteria,
        );
    }
}
