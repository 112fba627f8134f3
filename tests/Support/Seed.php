<?php

declare(strict_types=1);

namespace Tests\Support;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Where all that these tests draw begins: a test's own number, and what VINCULUM_SEED says (0 where it says nothing),
 * so that any run
 * can be had again. Ingredients are drawn from a list of their own, so that one more in the pantry changes no draw.
 */
final class Seed
{
    /** Things of every kind: what a rule or a law is tried on. */
    public const THINGS = [
        'white-vinegar',
        'cider-vinegar',
        'malt-vinegar',
        'balsamic-vinegar',
        'wine-vinegar',
        'rice-vinegar',
        'lemon-juice',
        'lime-juice',
        'orange-juice',
        'tamarind-paste',
        'pomegranate-molasses',
        'pickle-brine',
        'citric-acid',
        'cream-of-tartar',
        'verjuice',
        'apple-juice',
        'habanero',
        'jalapeno',
        'red-chilli',
        'cayenne',
        'chilli-flakes',
        'hot-pepper-sauce',
        'chilli-garlic-sauce',
        'fermented-chilli-paste',
        'sunflower-oil',
        'olive-oil',
        'sesame-oil',
        'butter',
        'mayonnaise',
        'tahini',
        'peanut-butter',
        'yoghurt',
        'double-cream',
        'coconut-milk',
        'milk',
        'cream-cheese',
        'blue-cheese',
        'hard-cheese',
        'egg',
        'egg-yolk',
        'silken-tofu',
        'almond',
        'walnut',
        'gooseberry',
        'cranberry',
        'pineapple',
        'apple',
        'plum',
        'mango',
        'raisin',
        'raspberry',
        'blueberry',
        'banana',
        'rhubarb',
        'dried-apricot',
        'prune',
        'vegetable-stock',
        'chicken-stock',
        'dashi',
        'coffee',
        'white-wine',
        'red-wine',
        'dry-sherry',
        'whiskey',
        'rum',
        'stout',
        'dry-cider',
        'mirin',
        'vanilla-extract',
        'yellow-mustard',
        'mustard-seed',
        'mustard-powder',
        'horseradish',
        'wasabi-paste',
        'fine-salt',
        'flake-salt',
        'soy-sauce',
        'tamari',
        'fish-sauce',
        'white-miso',
        'worcestershire-type-sauce',
        'anchovy',
        'shrimp-paste',
        'kelp',
        'bonito-flakes',
        'dried-shiitake',
        'yeast-extract',
        'msg',
        'capers',
        'olives',
        'stock-powder',
        'potassium-salt',
        'sauerkraut',
        'black-pepper',
        'cinnamon-stick',
        'clove',
        'paprika',
        'smoked-paprika',
        'cumin',
        'star-anise',
        'ground-ginger',
        'turmeric',
        'bay-leaf',
        'dried-thyme',
        'saffron',
        'asafoetida',
        'curry-powder',
        'sugar',
        'dark-brown-sugar',
        'honey',
        'maple-syrup',
        'molasses',
        'erythritol',
        'stevia-drops',
        'apricot-jam',
        'dark-chocolate',
        'maize-starch',
        'plain-flour',
        'xanthan',
        'pectin',
        'gelatine',
        'breadcrumbs',
        'bicarbonate',
        'tomato',
        'passata',
        'tomato-paste',
        'ketchup',
        'sun-dried-tomato',
        'onion',
        'garlic',
        'ginger',
        'carrot',
        'tomatillo',
        'coriander-leaf',
        'parsley',
        'red-pepper',
        'celery',
        'beetroot',
        'avocado',
        'mushroom',
        'horseradish-root',
        'mint',
        'basil',
        'garlic-powder',
        'roasted-pepper',
        'spinach',
        'chickpeas',
        'potato',
    ];

    /** Whole seeds apart, so that one test's next number is not another's this one. */
    private const APART = 1_000_003;

    public static function of(int $own): int
    {
        return $own + self::APART * (int) getenv('VINCULUM_SEED');
    }

    public static function random(int $own): Randomizer
    {
        return new Randomizer(new Mt19937(self::of($own)));
    }

    public static function thing(Randomizer $random): string
    {
        return self::THINGS[$random->getInt(0, count(self::THINGS) - 1)];
    }
}
