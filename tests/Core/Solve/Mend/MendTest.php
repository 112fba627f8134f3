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
