<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Formats;

use Eris\Attributes\ErisShrink;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Server;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Recipe\Formats\JsonLd;
use Vinculum\Recipe\Formats\Markdown;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\Formats\Sheet;
use Vinculum\Recipe\Formats\WebPage;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Recipe\Jotted\JottedText;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\ProcessKind;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\Stage;
use Vinculum\Recipe\WeighedRecipe;

/** The many shapes in which a schema.org Recipe comes, and every demo recipe out and in again. */
final class ImportTest extends TestCase
{
    use TestTrait;

    /** @return iterable<string, array{array<array-key, mixed>}> the same sauce, as different pages write it */
    public static function shapes(): iterable
    {
        $steps = ['Stir it together.', 'Simmer for 20 minutes.'];
        $recipe = [
            '@type' => 'Recipe',
            'name' => 'Plum sauce',
            'recipeIngredient' => ['900 g plums', '200 g sugar', '1/2 cup cider vinegar'],
        ];
        yield 'steps as text' => [$recipe + ['recipeInstructions' => implode(' ', $steps)]];
        yield 'steps as a list of text' => [$recipe + ['recipeInstructions' => $steps]];
        yield 'steps as HowToStep' => [
            $recipe + [
                'recipeInstructions' => array_map(
                    static fn (string $text): array => ['@type' => 'HowToStep', 'text' => $text],
                    $steps,
                ),
            ],
        ];
        yield 'steps in sections' => [
            $recipe + [
                'recipeInstructions' => [
                    [
                        '@type' => 'HowToSection',
                        'name' => 'All',
                        'itemListElement' => array_map(
                            static fn (string $text): array => ['@type' => 'HowToStep', 'text' => $text],
                            $steps,
                        ),
                    ],
                ],
            ],
        ];
        yield 'in a list of things' => [[['@type' => 'WebSite'], $recipe + ['recipeInstructions' => $steps]]];
        yield 'in a graph' => [
            [
                '@context' => 'https://schema.org',
                '@graph' => [['@type' => 'Person', 'name' => 'Nobody'], $recipe + ['recipeInstructions' => $steps]],
            ],
        ];
        yield 'under a page' => [['@type' => 'WebPage', 'mainEntity' => $recipe + ['recipeInstructions' => $steps]]];
        yield 'of two types' => [['@type' => ['Recipe', 'NewsArticle']] + $recipe + ['recipeInstructions' => $steps]];
        yield 'the old name of its list' => [
            [
                '@type' => 'Recipe',
                'name' => 'Plum sauce',
                'ingredients' => $recipe['recipeIngredient'],
                'recipeInstructions' => $steps,
            ],
        ];
        yield 'its type by its address' => [
            ['@type' => 'http://schema.org/Recipe'] + $recipe + ['recipeInstructions' => $steps],
        ];
        yield 'steps in a list of items' => [
            $recipe + [
                'recipeInstructions' => [
                    '@type' => 'ItemList',
                    'itemListElement' => array_map(
                        static fn (string $text): array => [
                            '@type' => 'ListItem',
                            'item' => ['@type' => 'HowToStep', 'text' => $text],
                        ],
                        $steps,
                    ),
                ],
            ],
        ];
        yield 'with markup in it' => [
            [
                'name' => '<b>Plum</b> sauce',
                'recipeIngredient' => [
                    '<li>900&nbsp;g plums</li>',
                    '200 g  <i>sugar</i>',
                    '&frac12; cup cider vinegar',
                ],
            ]
            + $recipe + ['recipeInstructions' => '<p>Simmer for 20 minutes.</p>'],
        ];
    }

    /**
     * @param array<array-key, mixed> $document
     */
    #[DataProvider('shapes')]
    public function test_every_shape_is_the_same_sauce(array $document): void
    {
        [$recipe, $questions] = JsonLd::read($document, Sauce::catalogue(), MeasuringSet::Us);

        self::assertSame('Plum sauce', $recipe->name);
        self::assertSame(
            ['plum', 'sugar', 'cider-vinegar'],
            array_map(static fn (Line $line): string => $line->ingredient, $recipe->lines()),
        );
        $grams = array_map(
            static fn ($line): float => round($line->grams),
            WeighedRecipe::of($recipe, Sauce::catalogue())->lines,
        );
        self::assertSame([900.0, 200.0, 120.0], $grams);
        self::assertSame([], $questions);
        self::assertSame(
            [ProcessKind::Simmer, 20.0],
            [$recipe->stages[0]->process?->kind, $recipe->stages[0]->process?->minutes],
        );
    }

    public function test_a_yield_may_be_a_quantity(): void
    {
        $of = static fn (mixed $yield): string => JsonLd::read(
            ['@type' => 'Recipe', 'name' => 'A', 'recipeIngredient' => ['1 l water'], 'recipeYield' => $yield],
            Sauce::catalogue(),
            MeasuringSet::Us,
        )[0]->makes;

        self::assertSame('2 cups', $of(['@type' => 'QuantitativeValue', 'value' => 2, 'unitText' => 'cups']));
        self::assertSame('4-6 jars', $of(['minValue' => 4, 'maxValue' => 6, 'unitText' => 'jars']));
        self::assertSame('2 cups', $of(['6', '2 cups']));
    }

    public function test_minutes_between_two_are_their_middle_and_none_are_none(): void
    {
        $of = static fn (string $method): ?float => JsonLd::read(
            ['@type' => 'Recipe', 'name' => 'A', 'recipeIngredient' => ['1 l water'], 'recipeInstructions' => $method],
            Sauce::catalogue(),
            MeasuringSet::Us,
        )[0]->stages[0]->process?->minutes;

        self::assertSame(25.0, $of('Simmer gently for 20 to 30 minutes.'));
        self::assertSame(10.0, $of('Boiling hard, 10 min.'));
        self::assertNull($of('Simmer until thick.'));
    }

    public function test_an_endless_list_is_refused_before_it_is_read_and_a_long_name_is_cut(): void
    {
        [$recipe] = JsonLd::read(
            ['@type' => 'Recipe', 'name' => str_repeat('x', 300), 'recipeIngredient' => array_fill(0, 60, '1 g salt')],
            Sauce::catalogue(),
            MeasuringSet::Us,
        );
        self::assertSame([60, 120], [count($recipe->lines()), mb_strlen($recipe->name)]);

        $this->expectExceptionMessage('lists 200 ingredients; at most 60');
        JsonLd::read(
            ['@type' => 'Recipe', 'name' => 'A', 'recipeIngredient' => array_fill(0, 200, '1 g salt')],
            Sauce::catalogue(),
            MeasuringSet::Us,
        );
    }

    public function test_a_web_page_s_recipe_keeps_its_yield_its_stages_and_its_straining(): void
    {
        [$recipe] = JsonLd::read(
            [
                '@graph' => [
                    ['@type' => 'WebPage'],
                    [
                        '@type' => ['Recipe'],
                        'name' => 'Plum sauce',
                        'recipeYield' => ['3', '3 jars'],
                        'recipeIngredient' => ['1 kg plums', '100&nbsp;ml cider vinegar', '200 g sugar'],
                        'recipeInstructions' => [
                            [
                                '@type' => 'HowToSection',
                                'itemListElement' => [
                                    [
                                        '@type' => 'HowToStep',
                                        'text' => 'Simmer the plums in the vinegar for 20 minutes.',
                                    ],
                                    ['@type' => 'HowToStep', 'text' => '<b>Push</b> through a sieve.'],
                                ],
                            ],
                            ['text' => 'Stir in the sugar and reduce by a third.'],
                        ],
                    ],
                ],
            ],
            Sauce::catalogue(),
            MeasuringSet::Metric,
        );

        self::assertSame(['Plum sauce', '3 jars'], [$recipe->name, $recipe->makes]);
        self::assertSame(
            [['plum', 'cider-vinegar'], ['sugar']],
            array_map(
                static fn ($stage): array => array_map(static fn ($line): string => $line->ingredient, $stage->lines),
                $recipe->stages,
            ),
        );
        self::assertNotNull($recipe->stages[0]->strain);
        self::assertSame([20.0, null], [$recipe->stages[0]->process?->minutes, $recipe->stages[1]->process?->minutes]);
        self::assertEqualsWithDelta(33.3, $recipe->stages[1]->process->until->value ?? 0.0, 0.1);
    }

    public function test_every_ingredient_of_the_pantry_comes_back_as_itself_from_every_format(): void
    {
        $slugs = array_values(
            array_filter(
                Sauce::catalogue()->slugs(),
                static fn (string $slug): bool => ! Sauce::ingredient($slug)->is('refused'),
            ),
        );
        foreach (array_chunk($slugs, 50) as $some) {
            $weighed = Sauce::evaluate(
                array_map(
                    static fn (string $slug): array => [
                        'id' => $slug,
                        'ingredient' => $slug,
                        'amount' => '100 g',
                        'prep' => 'chopped',
                    ],
                    $some,
                ),
            )->cooked->weighed;
            $jsonLd = json_decode((string) json_encode(JsonLd::write($weighed, '1 jar')), true);
            $read = [
                'Markdown' => JottedText::read(Markdown::write($weighed), Sauce::catalogue(), MeasuringSet::Us)[0],
                'CSV' => Sheet::read(Sheet::write($weighed), Sauce::catalogue(), MeasuringSet::Us)[0],
                'JSON-LD' => JsonLd::read($jsonLd, Sauce::catalogue(), MeasuringSet::Us)[0],
            ];
            foreach ($read as $format => $recipe) {
                self::assertSame(
                    $some,
                    array_map(static fn ($line): string => $line->ingredient, $recipe->lines()),
                    $format,
                );
                self::assertSame(
                    ['100 g'],
                    array_values(array_unique(array_map(static fn ($of): ?string => $of->amount, $recipe->lines()))),
                    $format,
                );
            }
        }
    }

    public function test_a_table_in_any_order_with_units_of_their_own_and_semicolons(): void
    {
        foreach (
            [
                "Ingredient;Quantity;Unit\nplums;250;g\nsugar;1,5;cups\n",
                "unit\tamount\titem\ng\t250\tplums\ncups\t1,5\tsugar\n",
                "amount,unit,ingredient\n250,g,plums\n1.5,cups,sugar\n",
            ] as $csv
        ) {
            self::assertTrue(Sheet::isTable($csv));
            $recipe = Sheet::read($csv, Sauce::catalogue(), MeasuringSet::Us)[0];
            self::assertEqualsWithDelta(
                [250.0, 299.9],
                array_map(
                    static fn ($line): float => round($line->grams, 1),
                    WeighedRecipe::of($recipe, Sauce::catalogue())->lines,
                ),
                0.1,
            );
        }
        self::assertFalse(Sheet::isTable("Plum sauce\n1 kg plums"));
    }

    public function test_what_nobody_knows_stays_a_line_and_a_question(): void
    {
        [$recipe, $questions] = JsonLd::read(
            [
                '@type' => 'Recipe',
                'name' => 'A',
                'recipeIngredient' => ['1 cup essence of moonlight', ['text' => '2 tsp salt'], 7],
            ],
            Sauce::catalogue(),
            MeasuringSet::Us,
        );

        self::assertGreaterThanOrEqual(2, count($recipe->lines()));
        self::assertNotEmpty($questions);
    }

    public function test_the_recipe_is_found_in_any_script_of_a_page_and_what_has_no_place_is_said(): void
    {
        $recipe = [
            '@type' => 'Recipe',
            'name' => 'Plum sauce',
            'image' => 'p.jpg',
            'author' => ['name' => 'nobody'],
            'keywords' => '',
            'totalTime' => 'PT1H',
            'description' => 'Good with 2 cups of rice. Boil it for jam.',
            'recipeIngredient' => ['900 g plums', '200 g sugar'],
            'recipeInstructions' => [
                [
                    '@type' => 'HowToSection',
                    'name' => 'The fruit',
                    'itemListElement' => ['Simmer the plums for 20 minutes.'],
                ],
                [
                    '@type' => 'HowToSection',
                    'name' => 'To finish',
                    'itemListElement' => [['@type' => 'HowToStep', 'text' => 'Stir in the sugar.']],
                ],
            ],
        ];
        $page
            = '<!doctype html><html><script type="application/ld+json">{"@type":"WebSite"}</script><script '
                ."type='application/ld+json'>{broken,</script>\n<script type=\"application/ld+json\">//<![CDATA[\n"
            .json_encode($recipe, JSON_THROW_ON_ERROR)
            ."\n//]]></script><p>1 cup of markup</p>";
        [$read, $questions, $lost] = JsonLd::read(
            WebPage::described($page) ?? self::fail(),
            Sauce::catalogue(),
            MeasuringSet::Us,
        );

        self::assertSame([], $questions);
        self::assertSame(
            [['plum'], ['sugar']],
            array_map(
                static fn (Stage $stage): array => array_map(
                    static fn (Line $line): string => $line->ingredient,
                    $stage->lines,
                ),
                $read->stages,
            ),
        );
        self::assertSame('Good with 2 cups of rice. Boil it for jam.', $read->story);
        self::assertSame(['pictures', 'who wrote it and when', 'times as a whole; those of the steps are read'], $lost);
    }

    public function test_a_page_without_a_script_that_can_be_read_is_refused_with_what_to_do(): void
    {
        self::assertNull(WebPage::described("1 cup sugar\n<b>2</b> plums"));
        foreach (
            [
                '<div itemscope itemtype="https://schema.org/Recipe"><li itemprop="recipeIngredient">1 cup '
                    .'sugar</li></div>'
                    => 'microdata',
                "<!-- a -->\n<html><body>1 cup sugar</body></html>" => 'without a recipe that can be read by machine',
                '<html><script type="application/ld+json">{oops</script></html>' => 'Copy the list and the method',
            ] as $page => $words
        ) {
            try {
                WebPage::described($page);
                self::fail('It was read.');
            } catch (InvalidRecipe $why) {
                self::assertStringContainsString($words, $why->getMessage());
            }
        }
    }

    public function test_a_table_says_which_of_its_columns_are_not_read(): void
    {
        self::assertSame(
            ['the column “Shop”'],
            Sheet::read("Item;Shop;Qty;Grams\nsugar;corner;1 cup;200\n", Sauce::catalogue(), MeasuringSet::Us)[2],
        );
    }

    /** Other recipes every time; what fails says with which seed to see it again. */
    #[ErisShrink(10)]
    public function test_any_recipe_comes_back_from_markdown_and_csv_with_the_same_figures(): void
    {
        $slugs = array_values(
            array_filter(
                Sauce::catalogue()->slugs(),
                static fn (string $slug): bool => ! Sauce::ingredient($slug)->is('refused'),
            ),
        );
        $line = Generators::tuple(
            Generators::elements(...$slugs),
            Generators::elements('250 g', '1/3 cup', '1 1/2 tsp', '2 tbsp', '0.5 l', '75 ml', '1.25 kg'),
        );
        $this->limitTo(30)
            ->forAll(
                Generators::vector(4, $line),
                Generators::vector(2, $line),
                Generators::elements(
                    null,
                    ['kind' => 'simmer', 'minutes' => 25, 'heat' => 'low'],
                    ['kind' => 'boil', 'minutes' => 5, 'lid' => true],
                    ['kind' => 'rest', 'minutes' => 120],
                ),
            )
            ->then(function (array $first, array $second, ?array $process): void {
                $stage = static fn (string $id, array $pairs, ?array $process): array => [
                    'id' => $id,
                    'name' => "Part {$id}",
                    'lines' => array_map(
                        static fn (array $pair, int $i): array => [
                            'id' => $id.$i,
                            'ingredient' => $pair[0],
                            'amount' => $pair[1],
                        ],
                        $pairs,
                        array_keys($pairs),
                    ),
                ] + ($process === null ? [] : ['process' => $process]);
                $recipe = RecipeDocument::read([
                    'format' => 'vinculum-recipe',
                    'version' => 2,
                    'name' => 'Any',
                    'measures' => 'us',
                    'stages' => [$stage('a', $first, $process), $stage('b', $second, null)],
                ]);
                $whole = Evaluation::of($recipe, Sauce::catalogue(), null);
                [$fromMarkdown] = JottedText::read(Markdown::write($whole->cooked->weighed), Sauce::catalogue());
                [$fromCsv] = Sheet::read(Sheet::write($whole->cooked->weighed), Sauce::catalogue(), MeasuringSet::Us);

                $same = static fn (Evaluation $one): array => array_map(
                    static fn ($line): array => [$line->line->ingredient, round($line->grams, 6)],
                    $one->cooked->weighed->lines,
                );
                self::assertSame($same($whole), $same(Evaluation::of($fromCsv, Sauce::catalogue(), null)), 'the table');
                $read = Evaluation::of($fromMarkdown, Sauce::catalogue(), null);
                self::assertSame($same($whole), $same($read), Markdown::write($whole->cooked->weighed));
                self::assertEqualsWithDelta(
                    $whole->cooked->mixture->mass(),
                    $read->cooked->mixture->mass(),
                    1e-6 * $whole->cooked->mixture->mass(),
                    Markdown::write($whole->cooked->weighed),
                );
                self::assertEqualsWithDelta($whole->cooked->mixture->grams, $read->cooked->mixture->grams, 1e-6);
            });
    }

    /** @return iterable<string, array{string}> */
    public static function demos(): iterable
    {
        foreach (glob(Server::root().'/database/demo/*.json') ?: [] as $file) {
            yield basename($file, '.json') => [$file];
        }
    }

    #[DataProvider('demos')]
    public function test_json_loses_nothing_of_a_demo_recipe(string $file): void
    {
        $recipe = RecipeDocument::read(json_decode((string) file_get_contents($file), true, 512, JSON_THROW_ON_ERROR));

        self::assertEquals($recipe, RecipeDocument::read(RecipeDocument::write($recipe)));
    }

    #[DataProvider('demos')]
    public function test_other_formats_carry_the_lines_of_a_demo_recipe_and_their_weights(string $file): void
    {
        $weighed = WeighedRecipe::of(
            RecipeDocument::read(json_decode((string) file_get_contents($file), true, 512, JSON_THROW_ON_ERROR)),
            Sauce::catalogue(),
        );
        [$back] = JsonLd::read(JsonLd::write($weighed, '1 L'), Sauce::catalogue(), $weighed->recipe->measures);
        $again = WeighedRecipe::of($back, Sauce::catalogue());

        self::assertSame(
            array_map(static fn ($line): string => $line->line->ingredient, $weighed->lines),
            array_map(static fn ($line): string => $line->line->ingredient, $again->lines),
        );
        foreach ($weighed->lines as $i => $line) {
            self::assertEqualsWithDelta(
                $line->grams,
                $again->lines[$i]->grams,
                0.02 * $line->grams + 0.1,
                $line->line->ingredient,
            );
        }
        // the step names what it puts in, so a line comes back into its own stage
        $stages = static fn (Recipe $recipe): array => array_values(
            array_filter(
                array_map(
                    static fn (Stage $stage): array => array_map(
                        static fn (Line $line): string => $line->ingredient,
                        $stage->lines,
                    ),
                    $recipe->stages,
                ),
            ),
        );
        self::assertSame($stages($weighed->recipe), $stages($back));
        self::assertSame(1 + count($weighed->lines), substr_count(trim(Sheet::write($weighed)), "\n") + 1);

        // a line that follows another leaves with its grams, rounded to a tenth
        [$read, $questions] = JottedText::read(
            Markdown::write($weighed),
            Sauce::catalogue(),
            $weighed->recipe->measures,
        );
        $of = static fn (Recipe $recipe): array => Evaluation::of($recipe, Sauce::catalogue(), null)->cooked->mixture
            ->grams;
        self::assertEqualsWithDelta($of($weighed->recipe), $of($read), 0.005);
        self::assertSame([], $questions);
        $says = static fn (Recipe $recipe): array => array_map(
            static fn (Stage $stage): array => [
                $stage->lookFor,
                $stage->strain?->press,
                array_map(static fn (Line $line): string => $line->handling->value, $stage->lines),
            ],
            $recipe->stages,
        );
        self::assertSame($says($weighed->recipe), $says($read));
    }
}
