<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Jotted;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Recipe\Jotted\JottedText;

/** Whether a word nobody knows beside a name is asked about: where it may be another thing, or hide an allergen. */
final class ModifiersTest extends TestCase
{
    /** @return iterable<string, array{string, string}> the line, and the slug it is read as; "ask" where it is asked */
    public static function lines(): iterable
    {
        foreach ([
            // whose, whence, how good: nothing to the thing
            '2 tbsp Pixian doubanjiang' => 'chilli-bean-paste',
            '3 Brandywine tomatoes' => 'tomato',
            '2 Roscoff onions, sliced' => 'onion',
            '1 tsp Tellicherry peppercorns' => 'black-pepper',
            '10 g Oaxacan oregano' => 'oregano',
            '2 sprigs Lakeland thyme' => 'thyme',
            '1 big ol\' head of garlic' => 'garlic',
            '500 g tomatoes cord and quartered' => 'tomato',
            '1 cup brown sugar packed down' => 'light-brown-sugar ask',
            '60 ml aquafaba from the chickpea tin' => 'aquafaba',
            // many unlike things have that noun: flours, milks, oils, butters, cheeses
            '100 g kamut flour' => 'ask',
            '200 ml quinoa milk' => 'ask',
            '2 tbsp argan oil' => 'ask',
            '50 g pecan butter' => 'ask',
            '50 g nettle cheese' => 'ask',
            '100 ml hawthorn vinegar' => 'ask',
            // of a plant it would be no milk and no egg
            '100 g tigernut yoghurt' => 'ask',
            '2 tbsp fava mayonnaise' => 'ask',
            // the noun behind is what it is
            '1 tin tomato chowder' => 'ask',
            '2 tbsp garlic schnapps' => 'ask',
            // another plant of that name, one of them poisonous
            '3 prickly pears' => 'ask',
            '1 tbsp dog parsley' => 'ask',
            '20 g horse chestnuts' => 'ask',
            // misspelt, it may be what would change it
            '1 tsp drid thyme' => 'ask',
            // short behind a bare number, it may be a measure
            '2 pks parsley' => 'ask',
        ] as $line => $wanted) {
            yield $line => [$line, $wanted];
        }
    }

    #[DataProvider('lines')]
    public function test_a_word_nobody_knows_is_asked_about_where_it_matters(string $line, string $wanted): void
    {
        [$recipe, $questions] = JottedText::read("1 g xanthan gum\n{$line}", Sauce::catalogue(), MeasuringSet::Us);
        $slugs = array_map(static fn ($each): string => $each->ingredient, array_slice($recipe->lines(), 1));
        [$slug, $asked] = [...explode(' ', $wanted), ''];
        if ($slug === 'ask') {
            self::assertNotSame([], $questions, implode(' ', $slugs));

            return;
        }
        self::assertSame([$slug], $slugs);
        if ($asked === '') {
            self::assertSame([], array_map(static fn ($each): string => $each->ask, $questions));
        }
    }
}
