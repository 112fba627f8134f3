<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use Eris\Attributes\ErisShrink;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Seed;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Safety\Allergens;
use Vinculum\Safety\Caution;
use Vinculum\Safety\Cautions;
use Vinculum\Safety\Diet;
use Vinculum\Safety\Facts;
use Vinculum\Safety\OwnSauce;

/** A sauce made into an ingredient of another loses nothing of what somebody has to know. */
final class OwnSauceTest extends TestCase
{
    use TestTrait;

    /**
     * What hangs on the stove and the hands while the part itself is cooked: it was minded then, or hangs on how the
     * whole is cooked, on its final pH and water (which move by rounding), or on how much of the alcohol is left (said
     * of the smallest amount, where the part is an ingredient) or on the share of cinnamon or nutmeg.
     */
    private const OF_THE_STOVE = [
        'cool-fast',
        'hot-sugar',
        'spirits-flare',
        'hot-blender',
        'chilli-hands',
        'as-its-label-says',
        'raw-sauce',
        'raw-after-cooking',
        'ph-is-an-estimate',
        'ph-near-limit',
        'ph-above-limit',
        'no-ph',
        'dry-enough-for-toxin',
        'not-shelf-stable',
        'raw-elderberries',
        'alcohol-remains',
        'coumarin',
        'much-nutmeg',
    ];

    /** Other recipes for every seed. */
    #[ErisShrink(20)]
    public function test_making_a_part_an_ingredient_changes_no_allergen_diet_or_caution(): void
    {
        $line = Generators::tuple(Generators::elements(...Seed::THINGS), Generators::choose(5, 300));
        $process = Generators::elements(
            ['kind' => 'none'],
            ['kind' => 'blend'],
            ['kind' => 'simmer', 'minutes' => 20, 'lid' => true],
            ['kind' => 'fry', 'minutes' => 5],
            ['kind' => 'roast', 'minutes' => 20],
            ['kind' => 'rest', 'minutes' => 60],
        );
        $this->limitTo(150)
            ->forAll(Generators::vector(3, $line), $process, Generators::vector(3, $line), $process)
            ->then(function (array $part, array $first, array $rest, array $second): void {
                $whole = self::evaluate([
                    ['lines' => self::lines($part, 'p'), 'process' => $first],
                    ['lines' => self::lines($rest, 'r'), 'process' => $second],
                ]);
                $made = self::evaluate([['lines' => self::lines($part, 'p'), 'process' => $first]]);
                $definition = OwnSauce::definition('part', $made);
                $own = [
                    'id' => 'own',
                    'ingredient' => 'part',
                    'amount' => sprintf('%.1f g', $made->cooked->mixture->mass()),
                ];
                $built = self::evaluate(
                    [['lines' => [$own, ...self::lines($rest, 'r')], 'process' => $second]],
                    ['part' => $definition],
                );

                self::assertSame(
                    self::safety($whole),
                    self::safety($built),
                    json_encode([$part, $first, $rest, $second], JSON_THROW_ON_ERROR),
                );
            });
    }

    public function test_egg_mayonnaise_of_ones_own_is_egg_and_raw_wherever_it_goes(): void
    {
        $mayonnaise = self::evaluate([
            ['lines' => self::lines([['egg-yolk', 40], ['sunflower-oil', 250], ['lemon-juice', 20]], 'p')],
        ]);
        $dip = self::evaluate(
            [
                [
                    'lines' => [
                        ['id' => 'own', 'ingredient' => 'mayo', 'amount' => '200 g'],
                        ['id' => 'y', 'ingredient' => 'yoghurt', 'amount' => '100 g'],
                    ],
                ],
            ],
            ['mayo' => OwnSauce::definition('mayo', $mayonnaise)],
        );

        self::assertSame(['eggs' => ['own'], 'milk' => ['y']], Allergens::of($dip->cooked->weighed)['contains']);
        self::assertContains(
            'raw-egg',
            array_map(static fn (Caution $caution): string => $caution->code, Cautions::of(Facts::of($dip))),
        );
        self::assertSame(
            'against',
            Diet::named('vegan', Sauce::catalogue()->vocabulary)->verdict(
                $dip->cooked->weighed->lines[0]->ingredient ?? self::fail(),
            ),
        );
    }

    /**
     * @return array{contains: list<string>, check: list<string>, unsaid: bool, diets: array<string, mixed>,
     * cautions: list<string>}
     */
    private static function safety(Evaluation $evaluation): array
    {
        $allergens = Allergens::of($evaluation->cooked->weighed);
        $diets = [];
        foreach (['vegan', 'vegetarian', 'gluten-free', 'alcohol-free', 'no-added-sugar'] as $slug) {
            $diet = Diet::named($slug, Sauce::catalogue()->vocabulary);
            $verdicts = array_map(
                static fn ($line): ?string => $line->ingredient === null ? null : $diet->verdict($line->ingredient),
                $evaluation->cooked->weighed->lines,
            );
            $diets[$slug] = in_array('against', $verdicts, true)
                ? 'against'
                : (in_array('check', $verdicts, true)
                    ? 'check'
                    : 'fits');
        }
        // one that names no line goes by the estimated pH, whose interval is another where a part is one thing
        $ofLines = array_filter(
            Cautions::of(Facts::of($evaluation)),
            static fn (Caution $caution): bool => $caution->lines !== [],
        );
        $cautions = array_values(
            array_unique(
                array_diff(
                    array_map(static fn (Caution $caution): string => $caution->code, $ofLines),
                    self::OF_THE_STOVE,
                ),
            ),
        );
        sort($cautions);

        return [
            'contains' => array_keys($allergens['contains']),
            'check' => array_keys($allergens['check']),
            'unsaid' => $allergens['unsaid'] !== [],
            'diets' => $diets,
            'cautions' => $cautions,
        ];
    }

    /**
     * @param list<array{string, int}> $pairs
     *
     * @return list<array{id: string, ingredient: string, amount: string}>
     */
    private static function lines(array $pairs, string $prefix): array
    {
        return array_map(
            static fn (array $pair, int $i): array => [
                'id' => $prefix.$i,
                'ingredient' => $pair[0],
                'amount' => "{$pair[1]} g",
            ],
            $pairs,
            array_keys($pairs),
        );
    }

    /**
     * @param list<array<string, mixed>> $stages
     * @param array<string, array<string, mixed>> $ingredients
     */
    private static function evaluate(array $stages, array $ingredients = []): Evaluation
    {
        foreach ($stages as $i => $stage) {
            $stages[$i] = ['id' => "s{$i}"] + $stage;
        }

        return Evaluation::of(
            RecipeDocument::read([
                'format' => 'vinculum-recipe',
                'version' => 1,
                'name' => 'Test',
                'stages' => $stages,
            ]),
            Sauce::catalogueWith($ingredients),
            null,
        );
    }
}
