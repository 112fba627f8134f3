<?php

declare(strict_types=1);

namespace Vinculum\Pantry;

use Doctrine\Inflector\Inflector;
use Doctrine\Inflector\InflectorFactory;

/** One of what was written as many, and the other way about, by the rules of English as a library has them. */
final class Singular
{
    private static ?Inflector $inflector = null;

    /** Words asked before, which are kept: a note says the same ones again and again. */
    private const REMEMBERED = 5000;

    /** @var array<string, string> */
    private static array $asked = [];

    /** @var array<string, string> the same by the last word alone, by which phrases share it */
    private static array $words = [];

    /** "bay leaves" gives "bay leaf": only the last word before a comma changes. */
    public static function of(string $words): string
    {
        if (count(self::$asked) >= self::REMEMBERED) {
            [self::$asked, self::$words] = [[], []];
        }

        return self::$asked[$words] ??= self::singular($words);
    }

    /** Many of one word: "leaf" gives "leaves". */
    public static function many(string $word): string
    {
        self::$inflector ??= InflectorFactory::create()->build();

        return self::$inflector->pluralize($word);
    }

    private static function singular(string $words): string
    {
        if (preg_match('/^(.*?)(\p{L}+)(,.*|)$/us', $words, $parts) !== 1) {
            return $words;
        }

        return $parts[1].(self::$words[$parts[2]] ??= self::ofWord($parts[2])).$parts[3];
    }

    private static function ofWord(string $word): string
    {
        self::$inflector ??= InflectorFactory::create()->build();
        // the one plural of the kitchen that the rules make into weather, and the one thing that they make of lice
        $last = preg_replace('/^chil(l?)ies$/u', 'chil$1i', $word) ?? $word;

        return $last !== $word || $last === 'slice' ? $last : self::$inflector->singularize($last);
    }
}
