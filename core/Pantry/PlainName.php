<?php

declare(strict_types=1);

namespace Vinculum\Pantry;

/** A name as it is compared with another: British or American, with accents or without. */
final class PlainName
{
    private const WITHOUT_ACCENT = ['á' => 'a', 'à' => 'a', 'â' => 'a', 'ä' => 'a', 'ã' => 'a', 'é' => 'e', 'è' => 'e',
        'ê' => 'e', 'ë' => 'e', 'í' => 'i', 'î' => 'i', 'ï' => 'i', 'ó' => 'o', 'ô' => 'o', 'ö' => 'o', 'ú' => 'u',
        'û' => 'u', 'ü' => 'u', 'ñ' => 'n', 'ç' => 'c', 'ø' => 'o', 'å' => 'a'];

    /** One spelling for all, on both sides of a comparison. */
    private const SPELLINGS = [
        '/\bchil(?:i|e)(?=s?\b|es\b)/u' => 'chilli',
        '/\bchillis\b/u' => 'chillies',
        '/\byog(?:hou|u)rt\b/u' => 'yoghurt',
        '/\bcatsup\b/u' => 'ketchup',
        '/\bmould/u' => 'mold',
        '/\bpur[eé]e?\b/u' => 'puree',
        '/\bfiber\b/u' => 'fibre',
        '/\bflavou?r/u' => 'flavour',
        '/\bwhisky\b/u' => 'whiskey',
        '/\bvin\b/u' => 'vinegar',
        '/\bveg\b/u' => 'vegetable',
        '/\bcourgettes?\b/u' => 'courgette',
    ];

    /** What every one of those begins with, at one look: most names hold none of it. */
    private const SPELT_OTHERWISE = '/\\b(?:chi|yog|cats|mould|pur|fib|flav|whisk|vin|veg|cour)/u';

    /** Names spelt before, which are kept. */
    private const REMEMBERED = 5000;

    /** @var array<string, string> */
    private static array $plain = [];

    /** A name as a search compares it: lower case, without accents, one spelling, words between single spaces. */
    public static function of(string $name): string
    {
        if (count(self::$plain) >= self::REMEMBERED) {
            self::$plain = [];
        }

        return self::$plain[$name] ??= self::spelt($name);
    }

    private static function spelt(string $name): string
    {
        // most names are plain already but for a hyphen or a comma
        $plain = preg_match('/^[A-Za-z0-9 ,-]*$/D', $name) === 1
            ? trim(preg_replace('/ {2,}/', ' ', strtr(strtolower($name), ',-', '  ')) ?? '')
            : trim(
                preg_replace('/[^\\p{L}\\p{N}%]+/u', ' ', str_replace(["'", '’'], '', mb_strtolower($name)))
                    ?? '',
            );
        $plain = strtr($plain, self::WITHOUT_ACCENT);
        if (preg_match(self::SPELT_OTHERWISE, $plain) !== 1) {
            return $plain;
        }

        return preg_replace(array_keys(self::SPELLINGS), self::SPELLINGS, $plain) ?? $plain;
    }
}
