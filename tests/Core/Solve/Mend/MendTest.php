<?php

declare(strict_types=1);

namespace Tests\Core\Solve\Mend;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Say;
use Vinculum\Solve\Addition;
use Vinculum\Solve\Mend\Complaint;
use Vinculum\Solve\Mend\Mend;
use Vinculum\Solve\Rescue\Remedy;

/**
 * What a cook does about a pot that has gone wrong, in amounts: McGee, On Food and Cooking (2004), from memory, and
 * common practice, no source.
 */
final class MendTest extends TestCase
{
    private const HOUSE = ['egg', 'maize-starch', 'milk', 'double-cream', 'dijon-type-mustard', 'fine-salt', 'sugar'];

    /**
     * @return iterable<string, array{array<string, string>, string, list<string>, array<string, float>, string}> lines,
     *     complaint, on hand, g of what the first way takes, and what the hands do
     */
    public static function pots(): iterable
    {
        yield 'a butter sauce' => [
            ['butter' => '200 g', 'white-wine' => '100 ml', 'shallot' => '30 g'],
            'split', ['double-cream'], ['double-cream' => 30.0], 'half in a clean pan',
        ];
        yield 'a mayonnaise' => [
            ['egg-yolk' => '17 g', 'sunflower-oil' => '250 ml', 'lemon-juice' => '15 ml'],
            'split', ['egg'], ['egg-yolk' => 17.0], 'by drops',
        ];
        yield 'a vinaigrette' => [
            ['olive-oil' => '150 ml', 'wine-vinegar' => '50 ml'],
            'split', ['dijon-type-mustard', 'honey'], ['dijon-type-mustard' => 5.0], 'shake',
        ];
        yield 'melted cheese in strings' => [
            ['cheddar' => '350 g', 'white-wine' => '250 ml'],
            'split', ['maize-starch', 'lemon-juice'],
            ['maize-starch' => 10.0, 'lemon-juice' => 15.0, 'white-wine' => 15.0], '75 °C',
        ];
        yield 'an egg and lemon soup' => [
            ['chicken-stock' => '550 ml', 'egg' => '100 g', 'lemon-juice' => '40 ml'],
            'curdled', ['maize-starch'], ['maize-starch' => 8.0], 'never boil',
        ];
        yield 'caramel' => [
            ['sugar' => '300 g', 'water' => '100 g'],
            'grainy', ['lemon-juice'], ['water' => 60.0, 'lemon-juice' => 5.0], 'Do not stir',
        ];
        yield 'chocolate that seized' => [
            ['dark-chocolate' => '200 g'],
            'grainy', ['double-cream'], ['double-cream' => 60.0], 'whisk until it is smooth',
        ];
        yield 'a hot sauce with gum' => [
            ['red-chilli' => '200 g', 'white-vinegar' => '300 ml', 'xanthan' => '1 g'],
            'lumpy', [], [], 'Blend it',
        ];
        yield 'a bitter chilli sauce' => [
            ['red-chilli' => '200 g', 'white-vinegar' => '200 ml', 'water' => '100 g'],
            'bitter', ['fine-salt', 'sugar', 'lime-juice'],
            ['fine-salt' => 1.2, 'sugar' => 12.0, 'lime-juice' => 5.0], 'taste between',
        ];
        yield 'a mustard too stiff' => [
            ['mustard-powder' => '80 g', 'white-vinegar' => '100 ml'],
            'pasty', [], ['white-vinegar' => 21.0], 'twelve hours',
        ];
        yield 'thin again' => [
            ['chicken-stock' => '500 ml', 'maize-starch' => '10 g', 'white-vinegar' => '20 ml'],
            'thin-again', [], ['maize-starch' => 10.5], 'two minutes',
        ];
    }

    /**
     * @param array<string, string> $lines
     * @param list<string> $have
     * @param array<string, float> $takes
     */
    #[DataProvider('pots')]
    public function test_it_is_mended_in_amounts(
        array $lines,
        string $complaint,
        array $have,
        array $takes,
        string $hands,
    ): void {
        $way = self::mended($lines, $complaint, $have)[0] ?? null;

        self::assertNotNull($way);
        self::assertStringContainsString($hands, implode(' ', array_map(Say::it(...), $way->hands)));
        $in = [];
        foreach ($way->additions as $addition) {
            $in[$addition->ingredient->slug] = $addition->grams;
        }
        self::assertSame([], array_diff_key($takes, $in));
        foreach ($takes as $slug => $grams) {
            self::assertEqualsWithDelta($grams, $in[$slug], 0.3 * $grams, $slug);
        }
        self::assertLessThan(0.55, $way->growth());
    }

    public function test_what_cannot_be_mended_is_said_and_nothing_is_sold_as_a_cure(): void
    {
        $from = Sauce::evaluate(
            ['olive-oil' => '40 ml', 'garlic' => '20 g', 'passata' => '500 g'],
            ['process' => ['kind' => 'fry', 'minutes' => 9]],
        );
        $burnt = Mend::of($from, Sauce::catalogue(), Complaint::Burnt, [Sauce::ingredient('sugar')]);

        self::assertSame([], $burnt->remedies);
        self::assertStringContainsString('begin with new oil', Say::it($burnt->note));
        self::assertStringContainsString('sugar only covers it', Say::it($burnt->note));
    }

    public function test_what_is_not_there_is_not_taken(): void
    {
        $butter = ['butter' => '200 g', 'white-wine' => '100 ml'];
        $without = self::mended($butter, 'split', []);

        self::assertSame(['water'], self::slugs($without[0]), 'no cream in the house');
    }

    /** @return iterable<string, array{array<string, string>}> */
    public static function neverHeated(): iterable
    {
        yield 'mayonnaise' => [['egg-yolk' => '17 g', 'sunflower-oil' => '250 ml', 'lemon-juice' => '15 ml']];
        yield 'vinaigrette' => [['olive-oil' => '150 ml', 'wine-vinegar' => '50 ml']];
        yield 'a herb dip' => [['yoghurt' => '400 g', 'mint' => '10 g', 'fine-salt' => '4 g']];
        yield 'a fresh salsa' => [['tomato' => '400 g', 'onion' => '80 g', 'lime-juice' => '20 g']];
        yield 'tahini sauce' => [['tahini' => '150 g', 'lemon-juice' => '60 ml', 'water' => '90 g']];
    }

    /** @param array<string, string> $lines */
    #[DataProvider('neverHeated')]
    public function test_what_was_never_heated_is_not_heated_to_mend_it(array $lines): void
    {
        foreach (Complaint::cases() as $complaint) {
            foreach (self::mended($lines, $complaint->value, self::HOUSE) as $way) {
                $hands = implode(' ', array_map(Say::it(...), $way->hands));
                self::assertDoesNotMatchRegularExpression('/Warm it|°C|[Bb]oil|simmer/', $hands, $complaint->value);
                self::assertNotContains('maize-starch', self::slugs($way), $complaint->value);
            }
        }
    }

    /** @return iterable<string, array{array<string, string>}> */
    public static function heldByFat(): iterable
    {
        yield 'mayonnaise' => [['egg-yolk' => '17 g', 'sunflower-oil' => '250 ml', 'lemon-juice' => '15 ml']];
        yield 'a butter sauce with yolks' => [['egg-yolk' => '54 g', 'butter' => '200 g', 'lemon-juice' => '15 g']];
        yield 'vinaigrette' => [['olive-oil' => '150 ml', 'wine-vinegar' => '50 ml']];
    }

    /** @param array<string, string> $lines */
    #[DataProvider('heldByFat')]
    public function test_fat_that_has_come_out_is_one_fault_whatever_it_looks_like(array $lines): void
    {
        $split = array_map(self::slugs(...), self::mended($lines, 'split', self::HOUSE));
        self::assertNotSame([], $split);
        foreach (['curdled', 'grainy', 'oily', 'thin-again'] as $complaint) {
            self::assertSame(
                $split,
                array_map(self::slugs(...), self::mended($lines, $complaint, self::HOUSE)),
                $complaint,
            );
        }
    }

    /** @return iterable<string, array{array<string, string>, string, string}> lines, complaint, what the hands do */
    public static function byHand(): iterable
    {
        yield 'nothing in it curdles' => [
            ['tomato' => '400 g', 'onion' => '80 g'], 'curdled', 'through a sieve',
        ];
        yield 'starch in it holds the milk' => [
            ['milk' => '500 ml', 'butter' => '30 g', 'plain-flour' => '30 g'], 'grainy', 'through a sieve',
        ];
        yield 'gelatine melts again' => [['water' => '300 ml', 'gelatine' => '8 g'], 'lumpy', 'has melted'];
        yield 'gelatine sets only cold' => [['water' => '300 ml', 'gelatine' => '8 g'], 'thin-again', 'fridge'];
        yield 'oil sets in the cold' => [
            ['olive-oil' => '150 ml', 'wine-vinegar' => '50 ml'], 'too-firm', 'warmth of the room',
        ];
        yield 'a dressing has nothing to drain' => [
            ['white-miso' => '40 g', 'orange-juice' => '100 ml', 'rice-vinegar' => '30 ml'],
            'thin-again', 'Whisk in more',
        ];
        yield 'salt draws water' => [['tomato' => '400 g', 'onion' => '80 g'], 'thin-again', 'drain'];
    }

    /** @param array<string, string> $lines */
    #[DataProvider('byHand')]
    public function test_where_nothing_is_short_the_hands_do_it(array $lines, string $complaint, string $hands): void
    {
        $way = self::mended($lines, $complaint, self::HOUSE)[0];

        self::assertSame([], $way->additions);
        self::assertStringContainsString($hands, implode(' ', array_map(Say::it(...), $way->hands)));
    }

    /** @return iterable<string, array{array<string, string>, string, list<string>}> lines, complaint, what is taken */
    public static function whatThereIsMostOf(): iterable
    {
        yield 'a paste of herbs is neither fondue nor dressing' => [
            ['basil' => '60 g', 'olive-oil' => '120 ml', 'parmesan' => '50 g', 'pine-nut' => '30 g'],
            'oily', [],
        ];
        yield 'butter in a curd is held by egg' => [
            ['lemon-juice' => '120 ml', 'egg' => '150 g', 'sugar' => '150 g', 'butter' => '100 g'],
            'curdled', ['maize-starch', 'water'],
        ];
        yield 'what egg came as mayonnaise is not cooked' => [
            ['buttermilk' => '200 ml', 'mayonnaise' => '100 g', 'chive' => '10 g'],
            'curdled', [],
        ];
    }

    /**
     * @param array<string, string> $lines
     * @param list<string> $takes
     */
    #[DataProvider('whatThereIsMostOf')]
    public function test_what_there_is_most_of_holds_it(array $lines, string $complaint, array $takes): void
    {
        self::assertSame($takes, self::slugs(self::mended($lines, $complaint, self::HOUSE)[0]));
    }

    public function test_it_is_sharpened_with_its_own_acid(): void
    {
        $mustard = ['mustard-powder' => '80 g', 'white-vinegar' => '100 ml'];

        self::assertSame(['white-vinegar'], self::slugs(self::mended($mustard, 'pasty', ['lemon-juice'])[0]));
    }

    public function test_stock_goes_only_into_what_is_made_of_it(): void
    {
        $jam = ['strawberry' => '500 g', 'sugar' => '400 g', 'lemon-juice' => '20 ml'];

        self::assertSame(['water'], self::slugs(self::mended($jam, 'too-firm', ['chicken-stock'])[0]));
    }

    public function test_eggs_without_starch_never_come_to_the_boil(): void
    {
        $custard = ['milk' => '400 ml', 'egg-yolk' => '80 g', 'sugar' => '60 g'];
        $way = self::mended($custard, 'thin-again', self::HOUSE)[0];

        self::assertStringContainsString('never boil it', Say::it($way->hands[1]));
    }

    public function test_what_was_boiled_down_without_starch_is_boiled_down_again_first(): void
    {
        $chutney = Sauce::evaluate(
            ['apple' => '800 g', 'sugar' => '400 g', 'cider-vinegar' => '300 ml'],
            ['process' => ['kind' => 'simmer', 'minutes' => 60]],
        );
        $way = Mend::of($chutney, Sauce::catalogue(), Complaint::ThinAgain, [Sauce::ingredient('maize-starch')]);

        self::assertSame([], $way->remedies[0]->additions);
        self::assertStringContainsString('Boil it down', Say::it($way->remedies[0]->hands[0]));
    }

    public function test_half_a_pot_takes_half(): void
    {
        $from = Sauce::evaluate(['sugar' => '300 g', 'water' => '100 g']);
        $grams = static fn (?float $in): float => Mend::of($from, Sauce::catalogue(), Complaint::Grainy, [
            Sauce::ingredient('lemon-juice'),
        ], $in)->remedies[0]->additions[0]->grams;

        self::assertEqualsWithDelta(0.5, $grams(200.0) / $grams(null), 0.1);
    }

    /**
     * @param array<string, string> $lines
     * @param list<string> $have
     * @return list<Remedy>
     */
    private static function mended(array $lines, string $complaint, array $have): array
    {
        return Mend::of(
            Sauce::evaluate($lines),
            Sauce::catalogue(),
            Complaint::from($complaint),
            array_map(Sauce::ingredient(...), $have),
        )->remedies;
    }

    /** @return list<string> */
    private static function slugs(Remedy $remedy): array
    {
        return array_map(static fn (Addition $addition): string => $addition->ingredient->slug, $remedy->additions);
    }
}
