<?php

declare(strict_types=1);

namespace Tests\Reference;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vinculum\Amount\Numeral;

/** Numbers in words, held against the spelling of ICU as PHP's intl extension has it; fractions by hand. */
final class NumberWordsTest extends TestCase
{
    public function test_every_number_up_to_a_thousand_is_read_as_icu_spells_it(): void
    {
        $icu = new \NumberFormatter('en', \NumberFormatter::SPELLOUT);
        for ($number = 1; $number < 1000; $number++) {
            $words = (string) $icu->format($number);

            self::assertEqualsWithDelta($number, Numeral::read("{$words} grams")[0]->value ?? 0.0, 1e-9, $words);
            self::assertSame('grams', trim(Numeral::read("{$words} grams")[1] ?? ''), $words);
        }
    }

    /** @return iterable<string, array{float, string}> value, what follows */
    public static function parts(): iterable
    {
        yield 'half a cup' => [0.5, 'cup'];
        yield 'half an onion' => [0.5, 'onion'];
        yield 'a third of a cup' => [1 / 3, 'cup'];
        yield 'two thirds cup' => [2 / 3, 'cup'];
        yield 'a quarter teaspoon' => [0.25, 'teaspoon'];
        yield 'three quarters of a cup' => [0.75, 'cup'];
        yield 'three-quarters cup' => [0.75, 'cup'];
        yield 'a fifth' => [0.2, ''];
        yield 'five eighths inch' => [0.625, 'inch'];
        yield 'one and three quarter cups' => [1.75, 'cups'];
        yield 'two and a half pounds' => [2.5, 'pounds'];
        yield '2 and a half cups' => [2.5, 'cups'];
        yield '2 & 1/2 cups' => [2.5, 'cups'];
        yield '1 half cup' => [0.5, 'cup'];
        yield 'a couple of cloves' => [2.0, 'cloves'];
        yield 'couple tbsp' => [2.0, 'tbsp'];
        yield 'a pair of eggs' => [2.0, 'eggs'];
        yield 'a few sprigs' => [3.0, 'sprigs'];
        yield 'several leaves' => [4.0, 'leaves'];
        yield 'half a dozen eggs' => [6.0, 'eggs'];
        yield 'dozen eggs' => [12.0, 'eggs'];
        yield 'three to four onions' => [3.5, 'onions'];
        yield 'one or two chillies' => [1.5, 'chillies'];
        yield 'four halves' => [4.0, 'halves'];
    }

    #[DataProvider('parts')]
    public function test_parts_and_loose_numbers(float $value, string $rest): void
    {
        $read = Numeral::read((string) $this->dataName());

        self::assertEqualsWithDelta($value, $read[0]->value ?? 0.0, 1e-9);
        self::assertSame($rest, trim($read[1] ?? '?'));
    }
}
