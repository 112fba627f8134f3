<?php

declare(strict_types=1);

namespace Vinculum\Amount;

/** An amount that cannot be turned into a number and a unit; the message is the one the maker reads. */
final class UnreadableAmount extends \DomainException
{
    /**
     * @param list<string> $suggestions up to three amounts that would be accepted
     */
    private function __construct(
        public readonly string $problem,
        string $message,
        public readonly array $suggestions = [],
    ) {
        parent::__construct($message);
    }

    public static function empty(): self
    {
        return new self('amount-missing', 'How much? Write an amount, such as 35 g, 2 tbsp or 1 1/2 cup.', [
            '1 tbsp',
            '100 g',
        ]);
    }

    public static function noNumber(string $text): self
    {
        return new self(
            'amount-unreadable',
            self::quote($text).' does not start with a number. Write an amount, such as 35 g, 2 tbsp or 1 1/2 cup.',
        );
    }

    public static function negative(string $text): self
    {
        return new self(
            'amount-negative',
            self::quote($text).' is less than nothing. Write an amount of 0 or more.',
            [ltrim(trim($text), '-–−')],
        );
    }

    public static function dividedByNothing(string $text): self
    {
        return new self('amount-unreadable', self::quote($text).' divides by zero. Write a fraction such as 1/2.');
    }

    public static function outOfRange(string $text): self
    {
        return new self(
            'amount-out-of-range',
            self::quote($text).' is more than a kitchen holds. Amounts go up to 100 kg or 100 l a line.',
        );
    }

    public static function commaEitherWay(string $digits): self
    {
        $thousands = str_replace(',', '', $digits);
        $decimal = rtrim(rtrim(strtr($digits, ',', '.'), '0'), '.');

        return new self(
            'amount-ambiguous',
            self::quote($digits)." could be {$thousands} or {$decimal}. Write one of them.",
            [$thousands, $decimal],
        );
    }

    public static function tooLong(): self
    {
        return new self('amount-unreadable', 'An amount is at most 200 characters, such as 1 1/2 cup.');
    }

    /**
     * @param list<string> $accepted units this ingredient can be measured in
     */
    public static function unknownUnit(string $unit, string $ingredient, Numeral $number, array $accepted): self
    {
        $last = array_pop($accepted);
        $list = $accepted === [] ? $last : implode(', ', $accepted)." or {$last}";

        return new self(
            'unit-unknown',
            self::quote($unit)." is not a measure of {$ingredient} that I know. Try {$list}.",
            array_slice(
                array_map(static fn (string $name): string => $number->text().' '.$name, [
                    ...$accepted,
                    (string) $last,
                ]),
                0,
                3,
            ),
        );
    }

    public static function volumeOfUnknownDensity(string $ingredient): self
    {
        return new self(
            'density-unknown',
            "How much a spoon or cup of {$ingredient} weighs is not known. Give its weight in g or oz.",
            ['100 g', '4 oz'],
        );
    }

    /** Shown within quotes, and never longer than a line of the screen. */
    private static function quote(string $text): string
    {
        $text = trim($text);

        return '“'.(mb_strlen($text) > 40 ? mb_substr($text, 0, 39).'…' : $text).'”';
    }
}
