<?php

declare(strict_types=1);

namespace Tests\Core\Amount;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vinculum\Amount\Dimension;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Amount\Units;

/** The words for units. How large they are is held against GNU units in the Reference suite. */
final class UnitsTest extends TestCase
{
    /**
     * @return iterable<string, array{string, string|null}> word, unit
     */
    public static function words(): iterable
    {
        yield 'a plural' => ['cups', 'cup'];
        yield 'capitals and a full stop' => ['Tbsp.', 'tbsp'];
        yield 'British spelling' => ['millilitres', 'ml'];
        yield 'American spelling' => ['liters', 'l'];
        yield 'two words' => ['fluid ounces', 'fl oz'];
        yield 'a plural in -es' => ['dashes', 'dash'];
        yield 'another word for it' => ['grind', 'crank'];
        yield 'a clove is the pantry’s to explain' => ['clove', null];
        yield 'no word at all' => ['', null];
    }

    #[DataProvider('words')]
    public function test_finds_the_unit_a_word_means(string $word, ?string $name): void
    {
        self::assertSame($name, Units::find($word, MeasuringSet::Us)?->name);
    }

    public function test_every_set_has_its_spoons_and_its_cup_in_order(): void
    {
        foreach (MeasuringSet::cases() as $set) {
            $sizes = array_map(static fn (string $name): float => Units::find($name, $set)->size ?? 0.0, [
                'smidgen',
                'pinch',
                'dash',
                'tsp',
                'tbsp',
                'cup',
                'pint',
                'quart',
                'gallon',
            ]);
            $ascending = $sizes;
            sort($ascending);
            self::assertSame($ascending, $sizes, $set->value);
            self::assertSame(Dimension::Volume, Units::find('cup', $set)?->dimension);
        }
    }
}
