<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Jotted;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Amount\Kitchenware;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Recipe\Jotted\LineKind;
use Vinculum\Recipe\Jotted\LineReader;
use Vinculum\Recipe\Jotted\Markup;
use Vinculum\Recipe\Jotted\Naming;
use Vinculum\Recipe\Jotted\Reading\Heading;
use Vinculum\Recipe\Jotted\Sorter;

/** What a line of a note is for, before anything of it is read. */
final class SorterTest extends TestCase
{
    /**
     * @return iterable<string, array{LineKind, string, bool, bool}> kind, line, whether it is the first, whether the
     * method has begun
     */
    public static function lines(): iterable
    {
        $by = [
            'Title' => ['Gran’s plum ketchup', 'Mustard 2', 'Ketchup No. 5', 'Sweet and sour sauce'],
            'Yield' => [
                'Makes 3 small jars',
                'Yield: about 2 cups',
                'makes a pint',
                'Enough for one bottle',
                'Fills four jars',
            ],
            'Servings' => ['Serves 4', 'Servings: 6', 'feeds 12'],
            'Heading' => [
                'For the glaze:',
                '## Method',
                'Ingredients',
                '**To finish**',
                'For the base',
                'You will need',
                'THE HOT ONE',
            ],
            'Ingredient' => [
                '2 cups cider vinegar',
                'salt',
                'a pinch of cayenne',
                'juice of half a lemon',
                'Brown sugar 3 tablespoons',
                'onions x 2',
                '3:1 oil to vinegar',
                'warm water',
                'as much honey as mustard',
                'pinch of salt',
                'pot of yoghurt',
                'fresh chillies (as many as you dare)',
            ],
            'Method' => [
                'Simmer for 20 minutes.',
                'Blend',
                'Stir in the butter',
                '20 minutes',
                'Add the vinegar and cook it down.',
                'look for: coats the spoon',
                'Shake in a jar',
                'Pot hot.',
                'All in the blender except the oil. Drizzle the oil in.',
            ],
            'Remark' => [
                'Jo says more chilli',
                'Note: better next day',
                'from the back of the jar',
                'a bit too sweet last time',
                'still a touch too thin',
                'Prep time: 10 min',
                'pH was 3.6 on the meter.',
                'v2 was too sour (lemon was 140)',
            ],
            'Rule' => ['-----', '***', '____'],
        ];
        foreach ($by as $kind => $lines) {
            foreach ($lines as $line) {
                yield "{$kind}: {$line}" => [constant(LineKind::class."::{$kind}"), $line, $kind === 'Title', false];
            }
        }
        yield 'in the method a sentence is method' => [
            LineKind::Method,
            'Everything into the jar, lid on',
            false,
            true,
        ];
        yield 'and an ingredient an ingredient' => [LineKind::Ingredient, '2 tbsp butter', false, true];
    }

    #[DataProvider('lines')]
    public function test_a_line_is_sorted(LineKind $kind, string $line, bool $isFirst, bool $isInMethod): void
    {
        $raw = Markup::even($line);

        self::assertSame($kind, self::sorter()->kind($raw, Markup::plain(Markup::row($raw)), $isFirst, $isInMethod));
    }

    public function test_a_heading_says_what_stands_under_it(): void
    {
        foreach (['Method', '## Directions:', 'The steps'] as $heading) {
            self::assertTrue(Heading::opensMethod($heading), $heading);
        }
        foreach (['Notes', 'Cook’s notes:', 'Variations', 'Nutrition facts', 'Storage'] as $heading) {
            self::assertTrue(Heading::opensRemarks($heading), $heading);
            self::assertFalse(Heading::opensMethod($heading), $heading);
        }
        self::assertTrue(Heading::opensList('You’ll need'));
        self::assertFalse(Heading::opensList('For the glaze'));
    }

    /** @return iterable<string, array{string, string}> */
    public static function marks(): iterable
    {
        yield 'a bullet' => ['• 2 cups sugar', '2 cups sugar'];
        yield 'a dash and a number' => ['- 1/2 cup sugar', '1/2 cup sugar'];
        yield 'a box' => ['[x] salt', 'salt'];
        yield 'a numbered step' => ['3. Simmer it.', 'Simmer it.'];
        yield 'a step in brackets' => ['(2) Blend', 'Blend'];
        yield 'a picture' => ['🍅 2 tomatoes', '2 tomatoes'];
        yield 'stars' => ['**1 cup** vinegar', '1 cup vinegar'];
        yield 'an amount is no number of a step' => ['1.5 l water', '1.5 l water'];
        yield 'a row' => ['| 2 cups | sugar |', '2 cups sugar'];
        yield 'the head of a table' => ['| Amount | Ingredient |', ''];
        yield 'digits of another script' => ['٢ cups sugar', '2 cups sugar'];
        yield 'a hard space' => ["2\u{00A0}cups\u{202F}sugar", '2 cups sugar'];
    }

    #[DataProvider('marks')]
    public function test_marks_are_taken_off(string $written, string $plain): void
    {
        self::assertSame($plain, Markup::plain(Markup::row(Markup::even($written))));
    }

    private static function sorter(): Sorter
    {
        $catalogue = Sauce::catalogue();
        return new Sorter(
            new LineReader($catalogue, Kitchenware::of(MeasuringSet::Us), new Naming($catalogue, 'us')),
        );
    }
}
