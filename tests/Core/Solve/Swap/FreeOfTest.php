<?php

declare(strict_types=1);

namespace Tests\Core\Solve\Swap;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Pantry\Seasons;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\Recipe;
use Vinculum\Safety\Need;
use Vinculum\Solve\Swap\Criteria;
use Vinculum\Solve\Swap\FreeOf;
use Vinculum\Solve\Swap\Swap;
use Vinculum\Words\Speech;
use Vinculum\Words\SwapView;

/** Sixty recipes of our own, as they were jotted down, each for everybody who does not eat something of it. */
final class FreeOfTest extends TestCase
{
    /** What everybody may eat. */
    private const NEEDS_NOTHING = ['Guacamole' => 0];

    private const SOMETHING = [
        'vegan',
        'vegetarian',
        'gluten',
        'nuts',
        'peanuts',
        'eggs',
        'milk',
        'soy',
        'fish',
        'shellfish',
        'sesame',
        'mustard',
        'sulphites',
        'alcohol',
        'added-sugar',
    ];

    /** @return iterable<string, array{Recipe}> */
    public static function recipes(): iterable
    {
        foreach (Sauce::sixty() as $name => $recipe) {
            yield $name => [$recipe];
        }
    }

    #[DataProvider('recipes')]
    public function test_what_the_sauce_is_made_of_stays_and_whatever_moves_is_said(Recipe $recipe): void
    {
        $from = Evaluation::of($recipe, Sauce::catalogue(), null);
        $view = new SwapView(Speech::usual(), $recipe, Seasons::of(Sauce::catalogue()), 11, []);
        $asked = 0;
        foreach (self::SOMETHING as $word) {
            $need = Sauce::need($word);
            if (FreeOf::offending($from, [$need]) === []) {
                continue;
            }
            $asked++;
            $freed = FreeOf::of($from, Sauce::catalogue(), [$need], new Criteria);
            $this->assertNothingIsUnsaid($recipe, $freed->recipe, $view->freed($freed), $word);
            self::assertNothingOfIt($freed->after, $need, array_column($freed->left, 'line'));
        }
        self::assertGreaterThanOrEqual(self::NEEDS_NOTHING[$this->dataName()] ?? 1, $asked);
    }

    /**
     * @param array<string, mixed> $said
     */
    private function assertNothingIsUnsaid(Recipe $was, Recipe $is, array $said, string $word): void
    {
        $swapped = array_column($said['changes'], 'line');
        $now = [];
        foreach ($is->lines() as $line) {
            $now[$line->id] = $line;
        }
        $told = array_column($said['also'], 'now', 'name');
        foreach ($was->lines() as $line) {
            $new = $now[$line->id] ?? null;
            if (in_array($line->id, $swapped, true) || $new === null) {
                self::assertContains($line->id, $swapped, "{$word}: {$line->ingredient} is gone");
                continue;
            }
            $ingredient = Sauce::catalogue()->find($line->ingredient);
            if ($new->amount !== $line->amount) {
                self::assertTrue(
                    $ingredient?->isSeasoning(),
                    "{$word}: {$line->ingredient} {$line->amount} became {$new->amount}",
                );
                self::assertSame($new->amount, $told[$ingredient->shortName()] ?? null, "{$word}: unsaid");
                self::assertDoesNotMatchRegularExpression(
                    '/^[\d\/ ]+$/',
                    (string) $line->amount,
                    "{$word}: a count of {$line->ingredient} became {$new->amount}",
                );
            }
        }
        // and what is said to go in is what stands there
        $stands = array_map(static fn (Line $line): string => "{$line->ingredient} {$line->amount}", $is->lines());
        foreach ($said['changes'] as $change) {
            foreach ($change['with'] as $with) {
                self::assertContains("{$with['ingredient']} {$with['text']}", $stands, $word);
            }
        }
    }

    /** @param list<string> $left */
    private static function assertNothingOfIt(Evaluation $after, Need $need, array $left): void
    {
        self::assertSame([], array_diff(array_column(FreeOf::offending($after, [$need]), 0), $left), $need->slug);
    }

    public function test_a_stand_in_is_in_words_a_cook_can_measure(): void
    {
        foreach (Sauce::sixty() as $name => $recipe) {
            $from = Evaluation::of($recipe, Sauce::catalogue(), null);
            $lines = $from->cooked->weighed->lines;
            $line = $lines[crc32($name) % count($lines)];
            foreach (Swap::options($from, Sauce::catalogue(), $line->line->id, new Criteria) as $option) {
                foreach ([...$option->with, ...$option->added] as $addition) {
                    $said = "{$name}: {$addition->text} {$addition->ingredient->slug} for {$line->line->amount} "
                        ."{$line->line->ingredient}";
                    self::assertDoesNotMatchRegularExpression('/^[1-9]\d*\.\d g$/', $addition->text, $said);
                    self::assertDoesNotMatchRegularExpression(
                        '/^(?:1[3-9]|[2-9]\d)(?: [a-z]+)?$/',
                        preg_replace('/^\d+ (?:g|ml)$/', '', $addition->text) ?? '',
                        $said,
                    );
                }
            }
        }
    }

    public function test_what_was_weighed_is_weighed_and_what_was_poured_is_poured(): void
    {
        $with = static fn (array $lines, string $need): string => FreeOf::of(
            Sauce::evaluate($lines),
            Sauce::catalogue(),
            [Sauce::need($need)],
            new Criteria,
        )->changes[0]->with[0]->text;

        self::assertSame('60 ml', $with(['passata' => '500 g', 'vodka' => '60 ml', 'onion' => '100 g'], 'alcohol'));
        self::assertStringEndsWith(' g', $with(['mayonnaise' => '200 g', 'gherkin' => '50 g'], 'eggs'));
        self::assertStringContainsString('cup', $with(['mayonnaise' => '1 cup', 'gherkin' => '50 g'], 'eggs'));
        self::assertStringContainsString(
            'tbsp',
            $with(['soy-sauce' => '3 tbsp', 'honey' => '100 g', 'water' => '200 ml'], 'gluten'),
        );
    }

    public function test_salt_beside_yeast_flakes_is_as_much_as_the_cheese_had(): void
    {
        $freed = FreeOf::of(
            Sauce::evaluate([
                'cheddar' => '250 g',
                'evaporated-milk' => '120 ml',
                'jalapeno' => '30 g',
                'tomato' => '120 g',
            ]),
            Sauce::catalogue(),
            [Sauce::need('milk')],
            new Criteria,
        );
        $salt
            = array_values(
                array_filter(
                    $freed->changes[0]->with,
                    static fn ($each): bool => $each->ingredient->slug === 'fine-salt',
                ),
            )[0] ?? null;

        self::assertLessThan(5.0, $salt->grams ?? 0.0);
        self::assertLessThan(2.0, abs($freed->steps['salty']));
    }

    public function test_a_syrup_is_added_sugar_whatever_it_is_pressed_from(): void
    {
        foreach ([['honey' => '100 g'], ['light-brown-sugar' => '100 g'], ['palm-sugar' => '1 tbsp']] as $sweet) {
            $freed = FreeOf::of(
                Sauce::evaluate($sweet + ['passata' => '400 g', 'cider-vinegar' => '60 ml']),
                Sauce::catalogue(),
                [Sauce::need('added-sugar')],
                new Criteria,
            );
            foreach ($freed->changes[0]->with as $with) {
                self::assertStringNotContainsString('syrup', $with->ingredient->slug);
            }
        }
    }

    public function test_who_only_does_not_eat_milk_may_have_soya_and_who_is_ill_of_it_rather_not(): void
    {
        $dip = Sauce::evaluate(['yoghurt' => '300 g', 'cucumber' => '150 g', 'garlic' => '5 g']);
        $first = static fn (string $need): string => FreeOf::of(
            $dip,
            Sauce::catalogue(),
            [Sauce::need($need)],
            new Criteria,
        )->changes[0]->with[0]->ingredient->slug;

        self::assertSame('soya-yoghurt', $first('vegan'));
        self::assertNotSame('soya-yoghurt', $first('milk'));
    }

    public function test_what_moves_besides_is_said_in_words_that_can_be_measured(): void
    {
        $said = 0;
        foreach (Sauce::sixty() as $name => $recipe) {
            $from = Evaluation::of($recipe, Sauce::catalogue(), null);
            foreach (['milk', 'soy', 'mustard', 'peanuts'] as $word) {
                if (FreeOf::offending($from, [Sauce::need($word)]) === []) {
                    continue;
                }
                $freed = FreeOf::of($from, Sauce::catalogue(), [Sauce::need($word)], new Criteria);
                $view = (new SwapView(Speech::usual(), $recipe, Seasons::of(Sauce::catalogue()), 11, []))->freed(
                    $freed,
                );
                self::assertSame($view['also'] === [], $view['also_text'] === '', "{$name}, {$word}");
                foreach ($view['also'] as ['name' => $ingredient, 'was' => $was, 'now' => $now]) {
                    $said++;
                    self::assertDoesNotMatchRegularExpression(
                        '/\d\.\d g$/',
                        $now,
                        "{$name}, {$word}: {$ingredient} {$was} became {$now}",
                    );
                    self::assertStringContainsString(
                        $was === null ? "{$now} {$ingredient} more" : "{$ingredient} {$was} → {$now}",
                        $view['also_text'],
                    );
                }
            }
        }
        self::assertGreaterThan(20, $said);
    }

    public function test_nothing_besides_is_said_where_one_thing_does(): void
    {
        $recipe = Sauce::of(['passata' => '500 g', 'vodka' => '60 ml', 'onion' => '100 g']);
        $freed = FreeOf::of(
            Evaluation::of($recipe, Sauce::catalogue(), null),
            Sauce::catalogue(),
            [Sauce::need('alcohol')],
            new Criteria,
        );

        self::assertSame(
            '',
            (new SwapView(Speech::usual(), $recipe, Seasons::of(Sauce::catalogue()), 11, []))->freed($freed)[
                'also_text'
            ],
        );
    }
}
