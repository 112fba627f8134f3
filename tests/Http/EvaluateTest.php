<?php

declare(strict_types=1);

namespace Tests\Http;

use PHPUnit\Framework\Attributes\DataProvider;

final class EvaluateTest extends HttpTestCase
{
    public function test_a_draft_comes_back_as_its_figures_and_nothing_is_stored(): void
    {
        $answer = $this->documented('evaluation', $this->postJson('/api/evaluate', ['recipe' => self::RECIPE]));

        self::assertEqualsWithDelta(884.0, $answer['analysis']['yield']['mass_g'], 5.0);
        self::assertSame('level', $answer['bench']['columns'][2]['verdict']['words']);
        self::assertTrue($answer['bench']['complete']);
        self::assertSame([], $this->documented('recipe-list', $this->getJson('/api/recipes'))['recipes']);
    }

    public function test_amounts_come_back_ready_to_be_set_and_stepped(): void
    {
        $line = $this->documented('evaluation', $this->postJson('/api/evaluate', ['recipe' => self::RECIPE]))['bench'][
            'lines'
        ][1];

        self::assertSame(['whole' => '1', 'numerator' => '1', 'denominator' => '4'], $line['terms'][0]['number']);
        self::assertSame('cup', $line['terms'][0]['unit']);
        self::assertSame('1 1/4 cup', $line['ladder'][$line['rung']]);
        self::assertSame('250 g', $line['mass_text']);
        self::assertSame('perhaps 238 g to 263 g', $line['spread_text']);
    }

    public function test_umami_beyond_what_the_formula_was_fitted_on_is_only_or_more(): void
    {
        $recipe = self::RECIPE;
        $recipe['stages'][0]['lines'] = [['id' => 'l1', 'ingredient' => 'anchovy', 'amount' => '100 g']];
        $umami = $this->documented('evaluation', $this->postJson('/api/evaluate', ['recipe' => $recipe]))['bench'][
            'columns'
        ][3];

        self::assertSame('10 or more', $umami['value_text']);
    }

    public function test_columns_are_stacked_without_gaps_up_to_their_top(): void
    {
        foreach (
            $this->documented('evaluation', $this->postJson('/api/evaluate', ['recipe' => self::RECIPE]))['bench'][
                'columns'
            ] as $column
        ) {
            $at = 0.0;
            foreach ($column['segments'] as $segment) {
                self::assertEqualsWithDelta($at, $segment['from'], 1e-4);
                $at = $segment['to'];
            }
            self::assertEqualsWithDelta($column['top'], $at, 1e-4);
        }
    }

    public function test_a_line_that_cannot_be_read_is_a_problem_and_the_rest_is_evaluated(): void
    {
        $recipe = self::RECIPE;
        $recipe['stages'][0]['lines'][1]['amount'] = '3 flurps of sugar';
        $answer = $this->documented('evaluation', $this->postJson('/api/evaluate', ['recipe' => $recipe]));

        self::assertFalse($answer['bench']['complete']);
        self::assertSame(
            ['l2', 'unit-unknown'],
            [$answer['analysis']['problems'][0]['at'], $answer['analysis']['problems'][0]['code']],
        );
        self::assertGreaterThan(0.0, $answer['analysis']['measures']['saltiness']['value']);
    }

    public function test_a_style_nobody_knows_is_a_problem_and_gives_no_verdicts(): void
    {
        $answer = $this->documented(
            'evaluation',
            $this->postJson('/api/evaluate', ['recipe' => ['style' => 'no-such-style'] + self::RECIPE]),
        );

        self::assertSame('style-unknown', $answer['analysis']['problems'][0]['code']);
        self::assertNull($answer['analysis']['measures']['sweetness']['steps']);
    }

    public function test_a_style_may_be_carried_in_the_recipe(): void
    {
        $style = [
            'slug' => 'mine',
            'name' => 'Mine',
            'family' => 'Mine',
            'source' => 'my own',
            'bands' => ['saltiness' => ['low' => 5, 'aim' => 6, 'high' => 7]],
        ];
        $answer = $this->documented(
            'evaluation',
            $this->postJson('/api/evaluate', ['recipe' => ['style' => $style] + self::RECIPE]),
        );

        self::assertStringContainsString('short', $answer['bench']['columns'][2]['verdict']['words']);
        self::assertNull($answer['bench']['columns'][0]['verdict']);
    }

    /**
     * @return iterable<string, array{callable(array<string, mixed>): mixed, string, string}> what is done to a good
     * recipe, the field named, words of the message
     */
    public static function malformed(): iterable
    {
        $set = static fn (string $path, mixed $value): callable => static function (array $recipe) use (
            $path,
            $value,
        ): array {
            data_set($recipe, $path, $value);

            return $recipe;
        };
        yield 'no name' => [
            static fn (array $recipe): array => array_diff_key($recipe, ['name' => 0]),
            'recipe.name',
            'is missing',
        ];
        yield 'an empty name' => [$set('name', ''), 'recipe.name', '1 to 120 characters'];
        yield 'another format' => [$set('format', 'other'), 'recipe.format', 'vinculum-recipe'];
        yield 'a newer version' => [$set('version', 4), 'recipe.version', 'newer Vinculum'];
        yield 'measures from nowhere' => [
            $set('measures', 'martian'),
            'recipe.measures',
            'us, metric, imperial, australian',
        ];
        yield 'a field nobody knows' => [
            $set('stages.0.lines.0.amuont', '1 kg'),
            'recipe.stages[0].lines[0].amuont',
            'not a field here. Accepted: id, ingredient, amount',
        ];
        yield 'a process nobody knows' => [
            $set('stages.0.process.kind', 'microwave'),
            'recipe.stages[0].process.kind',
            'one of none, soak',
        ];
        yield 'two end points' => [
            $set('stages.0.process.until', ['loss_percent' => 30, 'mass_g' => 100]),
            'recipe.stages[0].process.until',
            'at most one',
        ];
        yield 'a loss of everything' => [
            $set('stages.0.process.until', ['loss_percent' => 100]),
            'recipe.stages[0].process.until.loss_percent',
            'below 100 per cent',
        ];
        yield 'a line without an ingredient' => [
            $set('stages.0.lines.1', ['id' => 'l2', 'amount' => '1 g']),
            'recipe.stages[0].lines[1].ingredient',
            'is missing',
        ];
        yield 'an amount that is a number' => [
            $set('stages.0.lines.0.amount', 3),
            'recipe.stages[0].lines[0].amount',
            'as the maker writes it',
        ];
        yield 'a slug for a style with spaces' => [
            $set('style', 'Fruit Ketchup!'),
            'recipe.style',
            'the slug of a style',
        ];
        yield 'thirteen stages' => [
            $set('stages', array_fill(0, 13, ['lines' => []])),
            'recipe.stages',
            'at most 12 stages',
        ];
        yield 'sixty-one lines' => [
            $set('stages', [
                ['lines' => array_fill(0, 30, ['ingredient' => 'sugar', 'amount' => '1 g'])],
                ['lines' => array_fill(0, 31, ['ingredient' => 'sugar', 'amount' => '1 g'])],
            ]),
            'stages',
            'at most 60',
        ];
        yield 'an id used twice' => [$set('stages.0.lines.1.id', 'l1'), 'stages[0].lines[1].id', 'used twice'];
        yield 'a line with neither amount nor tie' => [
            $set('stages.0.lines.1', ['id' => 'l2', 'ingredient' => 'sugar']),
            'recipe.stages[0].lines[1]',
            'ingredient and its amount',
        ];
    }

    #[DataProvider('malformed')]
    public function test_a_malformed_document_names_its_field_and_what_is_accepted(
        callable $spoil,
        string $field,
        string $words,
    ): void {
        $failure = $this->documented(
            'failure',
            $this->postJson('/api/evaluate', ['recipe' => $spoil(self::RECIPE)]),
            422,
        );
        $messages = array_column($failure['error']['fields'], 'message', 'field');

        self::assertArrayHasKey($field, $messages, json_encode($messages, JSON_THROW_ON_ERROR));
        self::assertStringContainsString($words, $messages[$field]);
    }

    public function test_scales_to_six_bottles(): void
    {
        $answer = $this->documented(
            'scale',
            $this->postJson('/api/scale', ['recipe' => self::RECIPE, 'to' => '6 x 250 ml', 'headspace_percent' => 5]),
        );

        self::assertSame(6, $answer['containers']['count']);
        self::assertEqualsWithDelta(237.5, $answer['containers']['fill_ml'], 0.05 * 237.5);
        self::assertEqualsWithDelta(6 * 237.5, $answer['yield']['volume_ml'], 60.0);
        self::assertSame('s1', $answer['recipe']['stages'][0]['id']);
    }

    public function test_an_amount_that_is_no_batch_size_says_what_is(): void
    {
        $failure = $this->documented(
            'failure',
            $this->postJson('/api/scale', ['recipe' => self::RECIPE, 'to' => 'loads']),
            422,
        );

        self::assertSame('to', $failure['error']['fields'][0]['field']);
        self::assertStringContainsString('6 x 250 ml', $failure['error']['message']);
    }

    public function test_jotted_text_becomes_lines_and_questions(): void
    {
        $reading = $this->documented(
            'reading',
            $this->postJson('/api/read', ['text' => "2/3 cup cider vinegar\n1 tsp coriander", 'measures' => 'metric']),
        );

        self::assertSame(
            ['metric', 'cider-vinegar'],
            [$reading['recipe']['measures'], $reading['recipe']['stages'][0]['lines'][0]['ingredient']],
        );
        self::assertSame(['coriander-leaf', 'coriander-seed'], array_slice($reading['questions'][0]['guesses'], 0, 2));
        $this->documented('failure', $this->postJson('/api/read', ['text' => 7]), 422);
        $this->documented('failure', $this->postJson('/api/read', ['text' => str_repeat("1 g salt\n", 61)]), 422);
    }

    public function test_ingredients_are_found_with_their_strength_and_what_they_are_confused_with(): void
    {
        $found = $this->documented('ingredient-list', $this->getJson('/api/ingredients?q=flake'))['ingredients'];

        self::assertSame('flake-salt', $found[0]['slug']);
        self::assertStringContainsString('Less than half as salty', $found[0]['caution']);
        self::assertSame('salt 100 %', $found[0]['strength_text']);
        self::assertSame('1 tsp', $found[0]['starting_amount']);
        self::assertLessThanOrEqual(
            12,
            count($this->documented('ingredient-list', $this->getJson('/api/ingredients'))['ingredients']),
        );
    }

    public function test_the_styles_that_ship_are_listed(): void
    {
        self::assertGreaterThanOrEqual(
            4,
            count($this->documented('style-list', $this->getJson('/api/styles'))['styles']),
        );
    }

    /** A hob that was weighed at the Stove says its own minutes on the Bench and in Batch, and not the usual ones. */
    public function test_what_was_learned_of_a_hob_stands_in_the_minutes(): void
    {
        $clock = fn (): string => implode(
            ' ',
            $this->documented('evaluation', $this->postJson('/api/evaluate', ['recipe' => self::RECIPE]))['bench'][
                'stages'
            ][0]['stop'],
        );
        self::assertStringContainsString('No two hobs agree.', $before = $clock());
        \App\Models\HobRecord::query()->create([
            'name' => 'simmer medium 24 cm',
            'grams_per_minute' => 40.0,
            'spread' => 0.08,
            'pots' => 3,
        ]);

        self::assertStringContainsString('That is what yours did', $after = $clock());
        preg_match('/By the clock: about (\d+) min/', $before, $usual);
        preg_match('/By the clock: about (\d+) min/', $after, $learned);
        // a medium simmer in a pan of 24 cm takes off 6.8 g a minute otherwise
        self::assertLessThan((int) $usual[1] / 3, (int) $learned[1]);
    }
}
