<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Formats;

use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\Handling;
use Vinculum\Recipe\InvalidRecipe;

final class RecipeDocumentTest extends TestCase
{
    private const FULL = [
        'format' => 'vinculum-recipe',
        'version' => 3,
        'name' => 'Gooseberry ketchup',
        'style' => 'fruit-ketchup',
        'measures' => 'us',
        'size' => null,
        'pins' => [['ratio' => 'sugar_acid', 'value' => 22.0]],
        'stages' => [
            [
                'id' => 's1',
                'name' => 'Simmer',
                'lines' => [
                    ['id' => 'l1', 'ingredient' => 'gooseberry', 'amount' => '1 kg', 'x-from' => 'the garden'],
                    [
                        'id' => 'l2',
                        'ingredient' => 'cider-vinegar',
                        'amount' => '1 1/4 cup',
                        'lock' => true,
                        'min_g' => 100.0,
                        'max_g' => 400.0,
                    ],
                    ['id' => 'l3', 'ingredient' => 'sugar', 'tie' => ['line' => 'l2', 'ratio' => 0.9]],
                    [
                        'id' => 'l4',
                        'ingredient' => 'cinnamon-stick',
                        'amount' => '1 stick',
                        'handling' => 'steeped',
                        'extent' => 0.5,
                        'note' => 'fish it out',
                    ],
                    [
                        'id' => 'l5',
                        'ingredient' => 'onion',
                        'amount' => '1',
                        'prep' => 'chopped',
                        'loss_percent' => 20.0,
                        'optional' => true,
                        'left_out' => true,
                    ],
                ],
                'process' => [
                    'kind' => 'simmer',
                    'heat' => 'low',
                    'minutes' => 35.0,
                    'until' => ['loss_percent' => 30.0],
                    'pan_cm' => 24.0,
                    'lid' => false,
                    'x-hob' => 2,
                ],
                'strain' => ['press' => 0.2],
                'look_for' => 'coats the spoon',
                'x-seen' => true,
            ],
        ],
        'ingredients' => ['my-salt' => ['name' => 'my salt']],
        'x-made-by' => 'me',
    ];

    public function test_what_is_read_is_written_back_untouched(): void
    {
        self::assertEquals(self::FULL, RecipeDocument::write(RecipeDocument::read(self::FULL)));
    }

    public function test_defaults_are_those_of_the_format(): void
    {
        $recipe = RecipeDocument::read([
            'format' => 'vinculum-recipe',
            'version' => 2,
            'name' => 'Plain',
            'stages' => [['lines' => [['ingredient' => 'sugar', 'amount' => '1 g']]]],
        ]);
        $line = $recipe->lines()[0];

        self::assertSame(MeasuringSet::Us, $recipe->measures);
        self::assertNull($recipe->style);
        self::assertSame(Handling::In, $line->handling);
        self::assertSame(1.0, $line->extent);
        self::assertFalse($line->lock || $line->optional || $line->leftOut);
    }

    public function test_missing_ids_are_made_and_never_those_that_are_taken(): void
    {
        $recipe = RecipeDocument::read([
            'format' => 'vinculum-recipe',
            'version' => 2,
            'name' => 'Ids',
            'stages' => [
                [
                    'lines' => [
                        ['ingredient' => 'a', 'amount' => '1 g'],
                        ['id' => 'l3', 'ingredient' => 'b', 'amount' => '1 g'],
                        ['ingredient' => 'c', 'amount' => '1 g'],
                    ],
                ],
            ],
        ]);
        $ids = array_map(static fn ($line): string => $line->id, $recipe->lines());

        self::assertCount(3, array_unique([...$ids]));
        self::assertContains('l3', $ids);
    }

    public function test_an_id_used_twice_is_named_with_its_field(): void
    {
        try {
            RecipeDocument::read([
                'format' => 'vinculum-recipe',
                'version' => 2,
                'name' => 'Twice',
                'stages' => [
                    [
                        'id' => 's1',
                        'lines' => [
                            ['id' => 'l1', 'ingredient' => 'a', 'amount' => '1 g'],
                            ['id' => 'l1', 'ingredient' => 'b', 'amount' => '1 g'],
                        ],
                    ],
                ],
            ]);
            self::fail('It was read.');
        } catch (InvalidRecipe $invalid) {
            self::assertSame('stages[0].lines[1].id', $invalid->errors[0]['field']);
        }
    }

    public function test_more_than_sixty_lines_over_all_stages_are_refused(): void
    {
        $lines = static fn (int $count): array => array_fill(0, $count, ['ingredient' => 'sugar', 'amount' => '1 g']);

        $this->expectExceptionMessage('There are 61 lines. A recipe has at most 60.');
        RecipeDocument::read([
            'format' => 'vinculum-recipe',
            'version' => 2,
            'name' => 'Many',
            'stages' => [['lines' => $lines(30)], ['lines' => $lines(31)]],
        ]);
    }

    public function test_a_scaled_end_point_keeps_its_share_and_multiplies_its_mass(): void
    {
        $of = static fn (array $until): mixed => Sauce::of(
            ['water' => '1 kg'],
            ['process' => ['kind' => 'boil', 'until' => $until]],
        )->stages[0]->process?->scaled(3.0)->until?->value;

        self::assertSame(30.0, $of(['loss_percent' => 30]));
        self::assertSame(1500.0, $of(['mass_g' => 500]));
        self::assertSame(900.0, $of(['volume_ml' => 300]));
    }
}
