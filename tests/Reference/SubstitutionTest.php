<?php

declare(strict_types=1);

namespace Tests\Reference;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Solve\Swap\Criteria;
use Vinculum\Solve\Swap\Swap;

/**
 * Amounts of a stand-in against published substitution tables. Such tables round to spoons and are made for baking as
 * much as
 * for sauces, so a factor of two either way is agreement for smells, and 1.4 for sugar, salt and acid, which are
 * computed from
 * composition; where one differs by more, the case says why. All from memory, after the source named.
 */
final class SubstitutionTest extends TestCase
{
    private const EXTENSION = 'ingredient substitution tables of US extension services (Nebraska, North Dakota, '
        .'Iowa State)';

    /**
     * @return iterable<string, array{string, string, string, string, float, float, string}>
     */
    public static function published(): iterable
    {
        yield 'garlic powder for fresh garlic: 1/8 teaspoon a clove' => [
            'garlic',
            '4 clove',
            'garlic-powder',
            '1/2 tsp',
            2.0,
            1.0,
            self::EXTENSION,
        ];
        yield 'onion powder for an onion: 1 tablespoon' => [
            'onion',
            '1 medium',
            'onion-powder',
            '1 tbsp',
            2.0,
            1.0,
            self::EXTENSION,
        ];
        yield 'fresh herbs for dried: three times by volume' => [
            'dried-thyme',
            '1 tsp',
            'thyme',
            '1 tbsp',
            2.0,
            1.0,
            self::EXTENSION,
        ];
        yield 'ground ginger for fresh: 1/4 teaspoon a tablespoon' => [
            'ginger',
            '2 tbsp',
            'ground-ginger',
            '1/2 tsp',
            2.0,
            1.0,
            'common practice, no source',
        ];
        yield 'dry mustard for prepared: 1 teaspoon a tablespoon' => [
            'yellow-mustard',
            '1 tbsp',
            'mustard-powder',
            '1 tsp',
            2.5,
            1.0,
            self::EXTENSION,
        ];
        yield 'flour for maize starch: twice as much' => [
            'maize-starch',
            '2 tbsp',
            'plain-flour',
            '4 tbsp',
            1.8,
            1.0,
            self::EXTENSION,
        ];
        yield 'potato starch for maize starch: as much' => [
            'maize-starch',
            '1 tbsp',
            'potato-starch',
            '1 tbsp',
            1.6,
            1.0,
            self::EXTENSION,
        ];
        yield 'honey for sugar: three quarters of a cup to a cup' => [
            'sugar',
            '1 cup',
            'honey',
            '0.85 cup',
            1.4,
            1.0,
            self::EXTENSION,
        ];
        yield 'brown sugar for white: as much, packed' => [
            'sugar',
            '1 cup',
            'light-brown-sugar',
            '200 g',
            1.25,
            1.0,
            self::EXTENSION,
        ];
        yield 'maple syrup for sugar: three quarters of a cup' => [
            'sugar',
            '1 cup',
            'maple-syrup',
            '0.85 cup',
            1.4,
            1.0,
            self::EXTENSION,
        ];
        yield 'coarse salt for fine, by weight: as much' => [
            'fine-salt',
            '12 g',
            'coarse-salt',
            '12 g',
            1.1,
            1.0,
            'both are sodium chloride',
        ];
        yield 'cider vinegar for white: as much, both 5 %' => [
            'white-vinegar',
            '100 g',
            'cider-vinegar',
            '100 g',
            1.2,
            1.0,
            'acid at least 4 % by the US identity of vinegar (FDA CPG 525.825)',
        ];
        yield 'vinegar of 4 % for one of 5 %: a quarter more' => [
            'white-vinegar',
            '100 g',
            'white-vinegar-4',
            '125 g',
            1.15,
            1.0,
            'by strength; FDA CPG 525.825',
        ];
        yield 'tamari for soy sauce: as much' => [
            'soy-sauce',
            '3 tbsp',
            'tamari',
            '3 tbsp',
            1.3,
            1.0,
            'common practice, no source',
        ];
        yield 'tomato paste for passata: about half and water' => [
            'passata',
            '400 g',
            'tomato-paste',
            '130 g',
            1.6,
            1.0,
            self::EXTENSION,
        ];
    }

    #[DataProvider('published')]
    public function test_the_amount_is_about_what_is_published(
        string $out,
        string $amount,
        string $in,
        string $published,
        float $factor,
        float $known,
        string $source,
    ): void {
        $from = Sauce::evaluate(
            [['id' => 'out', 'ingredient' => $out, 'amount' => $amount], 'water' => '500 g', 'apple-puree' => '300 g'],
            ['process' => ['kind' => 'simmer', 'minutes' => 3, 'lid' => true]],
        );
        $option = Swap::options($from, Sauce::catalogue(), 'out', new Criteria, [$in])[0];
        $expected
            = $known
            * Sauce::evaluate(['thing' => ['id' => 'thing', 'ingredient' => $in, 'amount' => $published]])->cooked
                ->weighed->lines[0]->grams;

        self::assertLessThan($factor, $option->with[0]->grams / $expected, $source);
        self::assertGreaterThan(1 / $factor, $option->with[0]->grams / $expected, $source);
    }
}
