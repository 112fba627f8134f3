<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Formats;

use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Amount\Kitchenware;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Recipe\Formats\Format;
use Vinculum\Recipe\Formats\Formats;
use Vinculum\Recipe\Formats\HtmlCard;
use Vinculum\Recipe\Formats\JsonLd;
use Vinculum\Recipe\Formats\Markdown;
use Vinculum\Recipe\Formats\Outgoing;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\Formats\Sheet;
use Vinculum\Recipe\Formats\WebPage;
use Vinculum\Recipe\Formats\WritesText;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Recipe\Jotted\JottedText;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\ProcessKind;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\WeighedRecipe;

/** Recipes out and in by other formats. */
final class FormatsTest extends TestCase
{
    public function test_json_ld_goes_out_and_comes_in_with_the_same_lines(): void
    {
        $weighed = self::weighed();
        $written = JsonLd::write($weighed, '1 L');
        self::assertSame('Recipe', $written['@type']);
        self::assertNotEmpty((new JsonLd)->cannotCarry(), 'what it cannot carry is said');

        [$read] = JsonLd::read(['@graph' => [['@type' => 'WebPage'], $written]], Sauce::catalogue(), MeasuringSet::Us);
        self::assertSame('Test', $read->name);
        self::assertSame(self::amounts($weighed->recipe), self::amounts($read));
        self::assertSame(ProcessKind::Simmer, $read->stages[0]->process?->kind);
        self::assertSame(20.0, $read->stages[0]->process->minutes);
    }

    public function test_what_comes_in_is_text_and_never_markup(): void
    {
        [$read] = JsonLd::read(
            [
                '@type' => ['Recipe'],
                'name' => '<script>alert(1)</script>Sauce &amp; more',
                'recipeIngredient' => ['2 cups <b>cider vinegar</b>', '1 tsp &frac12; salt'],
                'recipeInstructions' => 'Stir.',
            ],
            Sauce::catalogue(),
            MeasuringSet::Us,
        );

        self::assertSame('alert(1)Sauce & more', $read->name);
        self::assertSame('cider-vinegar', $read->lines()[0]->ingredient);
        self::assertStringNotContainsString(
            '<',
            Markdown::write(
                WeighedRecipe::of(
                    new Recipe('a <img> b', null, MeasuringSet::Us, null, [], $read->stages),
                    Sauce::catalogue(),
                ),
            ),
        );
    }

    public function test_what_is_no_recipe_says_what_it_takes(): void
    {
        foreach ([['@type' => 'WebPage'], ['@type' => 'Recipe', 'name' => 'Empty']] as $document) {
            try {
                JsonLd::read($document, Sauce::catalogue(), MeasuringSet::Us);
                self::fail('It was read.');
            } catch (InvalidRecipe $why) {
                self::assertMatchesRegularExpression('/@type is Recipe|It takes a list of lines/', $why->getMessage());
            }
        }
    }

    public function test_markdown_and_csv_come_in_again_with_the_same_amounts(): void
    {
        $weighed = self::weighed();
        [$fromMarkdown] = JottedText::read(
            (string) preg_replace('/^> .*$/m', '', Markdown::write($weighed)),
            Sauce::catalogue(),
        );
        self::assertSame(self::amounts($weighed->recipe), self::amounts($fromMarkdown));
        self::assertSame('Test', $fromMarkdown->name);

        [$fromCsv] = Sheet::read(Sheet::write($weighed), Sauce::catalogue(), MeasuringSet::Us);
        self::assertSame(self::amounts($weighed->recipe), self::amounts($fromCsv));
    }

    public function test_a_csv_cell_is_never_a_formula(): void
    {
        $csv = Sheet::write(
            WeighedRecipe::of(
                Sauce::of([['id' => 'a', 'ingredient' => 'sugar', 'amount' => '=1+1 cups']]),
                Sauce::catalogue(),
            ),
        );

        self::assertStringContainsString("'=1+1 cups", $csv);
        $this->expectExceptionMessage('columns amount and ingredient');
        Sheet::read("a,b\n1,2\n", Sauce::catalogue(), MeasuringSet::Us);
    }

    /** @return array<string, string|null> */
    private static function amounts(Recipe $recipe): array
    {
        return array_column(
            array_map(static fn (Line $line): array => [$line->ingredient, $line->amount], $recipe->lines()),
            1,
            0,
        );
    }

    private static function weighed(): WeighedRecipe
    {
        return WeighedRecipe::of(
            Sauce::of(
                [
                    'gooseberry' => '1 kg',
                    'cider-vinegar' => '1 1/4 cup',
                    'sugar' => '200 g',
                    'fine-salt' => '2 tsp',
                    'garlic' => '3 clove',
                ],
                ['process' => ['kind' => 'simmer', 'minutes' => 20]],
            ),
            Sauce::catalogue(),
        );
    }

    public function test_every_format_that_is_written_and_read_brings_the_sauce_back(): void
    {
        $from = Sauce::evaluate(
            [
                'plum' => '1 kg',
                'cider-vinegar' => '250 ml',
                'dark-brown-sugar' => '200 g',
                'fine-salt' => '2 tsp',
                'clove' => '3',
            ],
            ['process' => ['kind' => 'simmer', 'minutes' => 20]],
        );
        $outgoing = new Outgoing($from->cooked->weighed, RecipeDocument::write($from->recipe), '1 L');
        foreach (Formats::writers() as $name => $writer) {
            $text = $writer->takeOut($outgoing);
            $reader = Formats::of($text);
            self::assertContains($reader->name(), [$name, 'text'], 'it is known by what it looks like');
            $in = $reader->bringIn($text, Sauce::catalogue(), Kitchenware::of($from->recipe->measures));
            $back = Evaluation::of($in->recipe, Sauce::catalogue(), null);
            self::assertSame($from->recipe->name, $name === 'csv' ? $from->recipe->name : $in->recipe->name, $name);
            $grams = static fn (Evaluation $of): array => array_map(
                static fn ($line): array => [$line->ingredient?->slug, round($line->grams, 6)],
                $of->cooked->weighed->lines,
            );
            self::assertSame($grams($from), $grams($back), $name);
        }
    }

    /** Anybody can open it, nothing in it runs or is fetched, and what a recipe says is text in it and never markup. */
    public function test_a_card_to_mail_is_one_page_that_carries_all_of_the_recipe(): void
    {
        $recipe = Sauce::of(
            ['plum' => '1 1/2 kg', 'cider-vinegar' => '250 ml', 'bay-leaf' => ['id' => 'b', 'ingredient' => 'bay-leaf',
                'amount' => '2', 'handling' => 'steeped', 'extent' => 0.5]],
            ['name' => '</script><b>Cook</b>', 'process' => ['kind' => 'simmer', 'until' => ['loss_percent' => 30]]],
            [
                'name' => 'Plum & <i>pepper</i>',
                'story' => "From </script><script>alert(1)</script>\nher",
                'ends' => 'hot',
            ],
        );
        $document = RecipeDocument::write($recipe);
        $weighed = WeighedRecipe::of($recipe, Sauce::catalogue());
        $text = (new HtmlCard)->takeOut(new Outgoing($weighed, $document, '1 L', ['Contains <milk>.']));
        $page = new \DOMDocument;
        self::assertTrue(@$page->loadHTML($text));

        self::assertSame(2, $page->getElementsByTagName('script')->length, 'no script of a name runs');
        foreach ($page->getElementsByTagName('script') as $script) {
            self::assertContains($script->getAttribute('type'), ['application/ld+json', 'application/json']);
        }
        self::assertSame(0, $page->getElementsByTagName('i')->length);
        self::assertSame('Plum & <i>pepper</i>', $page->getElementsByTagName('h1')->item(0)?->textContent);
        self::assertDoesNotMatchRegularExpression('/\b(?:src|href)=/', $text, 'nothing is fetched');
        self::assertStringContainsString('<b>1</b><b>2</b>', $text, 'a fraction over its bar');
        self::assertStringContainsString('Contains &lt;milk&gt;.', $text);
        $back = Formats::of($text);
        self::assertSame('html', $back->name());
        self::assertSame('recipe', $back->checked($text)['schema'] ?? null);
        $in = $back->bringIn($text, Sauce::catalogue(), Kitchenware::of($recipe->measures));
        self::assertSame($document, RecipeDocument::write($in->recipe), 'and all of it comes back');
        $described = WebPage::described($text);
        self::assertSame('Plum & <i>pepper</i>', $described[0]['name'] ?? null, 'for other programs too');
    }

    public function test_every_format_has_a_name_and_an_ending_of_its_own(): void
    {
        $all = Formats::all();
        $names = array_map(static fn (Format $format): string => $format->name(), $all);

        self::assertSame(array_unique($names), $names);
        self::assertSame(
            count(Formats::writers()),
            count(array_unique(array_map(static fn (WritesText $one): string => $one->ending(), Formats::writers()))),
        );
        self::assertSame('text', end($names), 'what reads anything stands last');
        self::assertSame('text', Formats::of('a cup of this and a spoon of that')->name());
    }
}
