<?php

declare(strict_types=1);

namespace Tests\Core\Recipe;

use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Recipe\Problem;
use Vinculum\Recipe\WeighedRecipe;

final class WeighedRecipeTest extends TestCase
{
    public function test_a_tie_follows_its_line_through_other_ties(): void
    {
        $weighed = self::weigh([
            ['id' => 'a', 'ingredient' => 'cider-vinegar', 'amount' => '100 g'],
            ['id' => 'b', 'ingredient' => 'sugar', 'tie' => ['line' => 'a', 'ratio' => 0.9]],
            ['id' => 'c', 'ingredient' => 'honey', 'tie' => ['line' => 'b', 'ratio' => 0.5]],
        ]);

        self::assertEqualsWithDelta([100.0, 90.0, 45.0], self::grams($weighed), 1e-9);
        self::assertSame([0, 0, 0], array_map(static fn ($line): int => $line->source, $weighed->lines));
        self::assertSame([], $weighed->problems);
    }

    public function test_ties_that_lead_nowhere_are_problems_of_their_lines_and_the_rest_is_weighed(): void
    {
        $weighed = self::weigh([
            ['id' => 'a', 'ingredient' => 'sugar', 'tie' => ['line' => 'b', 'ratio' => 1]],
            ['id' => 'b', 'ingredient' => 'honey', 'tie' => ['line' => 'a', 'ratio' => 1]],
            ['id' => 'c', 'ingredient' => 'honey', 'tie' => ['line' => 'gone', 'ratio' => 1]],
            ['id' => 'd', 'ingredient' => 'water', 'amount' => '50 g'],
        ]);

        self::assertEqualsWithDelta([0.0, 0.0, 0.0, 50.0], self::grams($weighed), 1e-9);
        self::assertSame(['a' => 'tie-circular', 'b' => 'tie-circular', 'c' => 'tie-broken'], self::codes($weighed));
    }

    public function test_parts_fill_the_size_by_volume_around_what_is_measured(): void
    {
        $weighed = self::weigh(
            [
                ['id' => 'oil', 'ingredient' => 'olive-oil', 'amount' => '3 parts'],
                ['id' => 'vinegar', 'ingredient' => 'wine-vinegar', 'amount' => '1 part'],
                [
                    'id' => 'mustard',
                    'ingredient' => 'dijon-type-mustard',
                    'tie' => ['line' => 'vinegar', 'ratio' => 0.1],
                ],
                ['id' => 'water', 'ingredient' => 'water', 'amount' => '100 ml'],
            ],
            ['size' => ['volume_ml' => 600]],
        );
        [$oil, $vinegar, $mustard, $water] = self::grams($weighed);

        self::assertEqualsWithDelta(3.0, $oil / 0.915 / ($vinegar / 1.013), 1e-9);
        self::assertEqualsWithDelta(600.0, $oil / 0.915 + $vinegar / 1.013 + $mustard / 1.06 + $water / 0.998, 1e-6);
        self::assertEqualsWithDelta(0.1, $mustard / $vinegar, 1e-9);
    }

    public function test_parts_without_a_size_or_without_room_say_so(): void
    {
        self::assertSame(
            ['a' => 'size-missing'],
            self::codes(self::weigh([['id' => 'a', 'ingredient' => 'water', 'amount' => '1 part']])),
        );
        self::assertSame(
            ['a' => 'size-too-small'],
            self::codes(
                self::weigh(
                    [
                        ['id' => 'a', 'ingredient' => 'water', 'amount' => '1 part'],
                        ['id' => 'b', 'ingredient' => 'sugar', 'amount' => '700 g'],
                    ],
                    ['size' => ['mass_g' => 600]],
                ),
            ),
        );
    }

    public function test_what_cannot_be_read_or_is_not_known_weighs_nothing_and_says_why(): void
    {
        $weighed = self::weigh([
            ['id' => 'a', 'ingredient' => 'sugar', 'amount' => '3 flurps of sugar'],
            ['id' => 'b', 'ingredient' => 'goosebery', 'amount' => '1 kg'],
            ['id' => 'c', 'ingredient' => 'fine-salt', 'amount' => 'to taste'],
            ['id' => 'd', 'ingredient' => 'water', 'amount' => '50 g', 'left_out' => true],
            ['id' => 'e', 'ingredient' => 'water', 'amount' => '70 g', 'optional' => true],
            ['id' => 'f', 'ingredient' => 'lupin flour', 'amount' => '5 g'],
        ]);

        self::assertEqualsWithDelta([0.0, 0.0, 0.0, 0.0, 70.0, 0.0], self::grams($weighed), 1e-9);
        self::assertSame(
            ['a' => 'unit-unknown', 'b' => 'ingredient-unknown', 'c' => 'to-taste', 'f' => 'ingredient-unknown'],
            self::codes($weighed),
        );
        self::assertSame(['gooseberry', 'physalis'], $weighed->problems[1]->suggestions);
        self::assertSame(['plain-flour', 'maize-starch', 'tapioca-starch'], $weighed->problems[3]->suggestions);
        self::assertStringContainsString(
            'Did you mean plain flour or maize starch or tapioca starch?',
            (string) json_encode($weighed->problems[3]->text->slots),
        );
    }

    /**
     * @param list<array<string, mixed>> $lines
     * @param array<string, mixed> $recipe
     */
    private static function weigh(array $lines, array $recipe = []): WeighedRecipe
    {
        return WeighedRecipe::of(Sauce::of($lines, [], $recipe), Sauce::catalogue());
    }

    /**
     * @return list<float>
     */
    private static function grams(WeighedRecipe $weighed): array
    {
        return array_map(static fn ($line): float => $line->grams, $weighed->lines);
    }

    /**
     * @return array<string, string> by the line they are about
     */
    private static function codes(WeighedRecipe $weighed): array
    {
        return array_column(
            array_map(static fn (Problem $problem): array => [$problem->at, $problem->code], $weighed->problems),
            1,
            0,
        );
    }
}
