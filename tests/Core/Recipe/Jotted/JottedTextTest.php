<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Jotted;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Recipe\Jotted\JottedText;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\WeighedRecipe;

/** What single lines are read as is in tests/data/jotted-lines.txt; here is what a whole text comes to. */
final class JottedTextTest extends TestCase
{
    public function test_a_whole_list_becomes_stages_of_lines_in_order(): void
    {
        [$recipe, $questions] = JottedText::read(
            "# Plum sauce\n\nIngredients:\n1 kg plums, stoned\n1 cup cider vinegar\n\nFor the finish:\n2 tbsp soy "
                ."sauce (optional)\n",
            Sauce::catalogue(),
        );

        self::assertSame('Plum sauce', $recipe->name);
        self::assertSame(['', 'For the finish'], array_map(static fn ($of): string => $of->name, $recipe->stages));
        self::assertSame(['plum', 'cider-vinegar', 'soy-sauce'], self::ingredients($recipe));
        self::assertSame(
            [false, false, true],
            array_map(static fn (Line $line): bool => $line->optional, $recipe->lines()),
        );
        self::assertSame([], $questions);
    }

    public function test_as_much_as_is_a_tie_that_weighs_the_same(): void
    {
        [$recipe] = JottedText::read(
            "as much honey as Dijon mustard\n50 g Dijon mustard\nhalf as much oil as honey",
            Sauce::catalogue(),
        );
        $grams = array_map(
            static fn ($line): float => $line->grams,
            WeighedRecipe::of($recipe, Sauce::catalogue())->lines,
        );

        self::assertEqualsWithDelta([50.0, 50.0, 25.0], $grams, 1e-9);
    }

    public function test_what_is_done_and_makes_no_stage_is_told_all_the_same(): void
    {
        foreach (['Whisk.', 'Shake in a jar.', 'Stir once in a while.'] as $said) {
            [$recipe] = JottedText::read("A\n\n50 ml cream\n1 tsp salt\n\n{$said}", Sauce::catalogue());
            $told = $recipe->story.implode(' ', array_map(
                static fn ($stage): string => $stage->lookFor.($stage->process?->kind->value ?? ''),
                $recipe->stages,
            ));

            self::assertStringContainsString(rtrim($said, '.'), $told);
        }
    }

    public function test_what_is_not_in_it_names_nothing(): void
    {
        [$recipe] = JottedText::read("1 g xanthan\n2 tbsp olive oil instead of butter\n3 onions without the skin\n"
            .'150 g cream cheese with chives', Sauce::catalogue());

        self::assertSame(['xanthan', 'olive-oil', 'onion', 'cream-cheese', 'chives'], self::ingredients($recipe));
    }

    public function test_a_relation_may_be_said_in_many_ways(): void
    {
        $ratios = [
            'honey, same as the mustard' => 1.0,
            'same amount of honey as mustard' => 1.0,
            'twice as much honey as mustard' => 2.0,
            'honey - half as much as the mustard' => 0.5,
            'honey, a bit more than the mustard' => 1.25,
            'three times the amount of honey as mustard' => 3.0,
        ];
        foreach ($ratios as $line => $ratio) {
            [$recipe] = JottedText::read("80 g Dijon mustard\n{$line}", Sauce::catalogue());
            $grams = array_map(
                static fn ($line): float => $line->grams,
                WeighedRecipe::of($recipe, Sauce::catalogue())->lines,
            );

            self::assertEqualsWithDelta([80.0, 80.0 * $ratio], $grams, 1e-9, $line);
        }
    }

    public function test_a_tie_to_what_is_not_there_is_asked(): void
    {
        [$recipe, $questions] = JottedText::read("100 g water\nas much honey as mustard", Sauce::catalogue());

        self::assertSame('to taste', $recipe->lines()[1]->amount);
        self::assertSame([2, 'amount'], [$questions[0]->line, $questions[0]->about]);
        self::assertStringContainsString('As much as what?', $questions[0]->ask);
    }

    public function test_equal_parts_fill_a_batch(): void
    {
        [$recipe] = JottedText::read('equal parts oil and wine vinegar', Sauce::catalogue());

        self::assertSame(
            ['1 part', '1 part'],
            array_map(static fn (Line $line): ?string => $line->amount, $recipe->lines()),
        );
    }

    public function test_two_amounts_that_disagree_are_told_in_grams(): void
    {
        [, $questions] = JottedText::read('1/2 cup, 150 g honey', Sauce::catalogue());

        self::assertSame(['1/2 cup', '150 g'], $questions[0]->guesses);
        self::assertStringContainsString('The first is 168 g, the second 150 g.', $questions[0]->ask);
    }

    public function test_the_same_words_mean_more_in_another_set(): void
    {
        [$recipe] = JottedText::read('4 tbsp honey', Sauce::catalogue(), MeasuringSet::Australian);

        self::assertEqualsWithDelta(80 * 1.42, WeighedRecipe::of($recipe, Sauce::catalogue())->lines[0]->grams, 1e-6);
    }

    public function test_a_question_knows_its_line_of_the_text_and_of_the_recipe(): void
    {
        [$recipe, $questions] = JottedText::read("1 kg plums\n\n1 cup xyzzy", Sauce::catalogue());

        self::assertSame(3, $questions[0]->line);
        self::assertSame($recipe->lines()[1]->id, $questions[0]->id);
        self::assertSame('xyzzy', $recipe->lines()[1]->ingredient, 'what nobody knows stays a line');
    }

    /**
     * @return iterable<string, array{string, int}> text, lines
     */
    public static function oddText(): iterable
    {
        yield 'nothing' => ['', 0];
        yield 'only spaces' => [" \u{00A0}\n\t\n", 0];
        yield 'a dash that is a bullet' => ['-3 flurps salt', 1];
        yield 'nothing over nothing' => ['0/0 cup sugar', 1];
        yield 'an enormous number' => ['1e9 kg sugar', 1];
        yield 'right to left' => ["ملح\u{200F} 2", 1];
        yield 'only punctuation' => ['?!', 1];
        yield 'an amount of nothing' => ['2 cups', 1];
        yield 'a very long line' => [str_repeat('salt ', 20_000), 1];
        yield 'old line ends' => ["1 cup sugar\r\n1 cup water\r2 tsp salt", 3];
    }

    public function test_a_first_line_with_its_amount_behind_it_is_no_title(): void
    {
        foreach (
            [
                "olive oil 3 parts\nred wine vinegar 1 part", "brown sugar, 2 cups\nsalt, 1 tsp",
                "Shallots: 3\nSalt: 5 g",
            ] as $text
        ) {
            self::assertCount(2, JottedText::read($text, Sauce::catalogue())[0]->lines(), $text);
        }
        self::assertSame('Mustard 2', JottedText::read("Mustard 2\n\n1 cup mustard", Sauce::catalogue())[0]->name);
    }

    public function test_a_picture_is_kept_as_a_remark(): void
    {
        [$recipe] = JottedText::read("1 g salt\n🍅🍅🍅", Sauce::catalogue());

        self::assertSame([1, '🍅🍅🍅'], [count($recipe->lines()), $recipe->story]);
    }

    #[DataProvider('oddText')]
    public function test_odd_text_loses_nothing_and_asks(string $text, int $lines): void
    {
        [$recipe, $questions] = JottedText::read($text, Sauce::catalogue());

        self::assertCount($lines, $recipe->lines());
        if ($lines === 1) {
            self::assertNotEmpty([...$questions, ...WeighedRecipe::of($recipe, Sauce::catalogue())->problems]);
        }
    }

    public function test_what_is_no_text_and_what_is_too_much_is_refused_in_words(): void
    {
        foreach (
            [
                "\xff\xfe" => 'UTF-8',
                str_repeat('x', 300_000) => 'at most 256 kB',
                str_repeat("1 g salt\n", 61) => 'at most 60',
            ] as $text => $words
        ) {
            try {
                JottedText::read((string) $text, Sauce::catalogue());
                self::fail('It was read.');
            } catch (InvalidRecipe $invalid) {
                self::assertStringContainsString($words, $invalid->getMessage());
            }
        }
    }

    /**
     * @return list<string>
     */
    private static function ingredients(Recipe $recipe): array
    {
        return array_map(static fn (Line $line): string => $line->ingredient, $recipe->lines());
    }
}
