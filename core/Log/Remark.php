<?php

declare(strict_types=1);

namespace Vinculum\Log;

/**
 * What a remark says of a sauce, read from its own words: which taste there was too much or too little of, which thing,
 * and how it felt. Only what a spoon could say as well is counted; the rest of the remark is left as it stands.
 *
 * A clause is three things in any order: what is spoken of (a taste, a texture, a thing that is in it), which way (more
 * or less than is wanted, or as it should be) and how far. A word that is a complaint by itself ("runny") needs no way.
 * What a word may be stands in database/words/remarks.txt.
 */
final readonly class Remark
{
    /** What cuts a remark into what it says, one after the other. */
    private const CLAUSES = '/[,;:.!?()"“”–—]+|\b(?:and|but|though|although|yet|while|still)\b/iu';

    /** Steps of what is said plainly, as a spoon has it. */
    private const PLAINLY = 2.0;

    /** At most so many words go with what was said before them: "too sweet and sticky". */
    private const GOES_ON = 2;

    /**
     * @param array<string, float> $feels steps by Feel value, positive is too much; 0 where it was said to be right
     * @param array<string, float> $things by the name of a thing that is in it: 1 for too much of it, −1 for too little
     * @param list<string> $textures words for how it felt, as they were said
     */
    private function __construct(public array $feels, public array $things, public array $textures) {}

    /**
     * @param array<string, string> $page database/words/remarks.txt
     * @param list<string> $names of what is in it
     */
    public static function read(string $text, array $page, array $names): self
    {
        $feels = $things = $textures = [];
        $way = null;
        foreach (preg_split(self::CLAUSES, mb_strtolower(strtr($text, ['’' => "'"]))) ?: [] as $clause) {
            preg_match_all("/[\\p{L}']+/u", $clause, $found);
            $words = $found[0];
            $own = self::way($words, $page);
            $way = $own ?? (count($words) <= self::GOES_ON ? $way : null);
            foreach ($words as $i => $word) {
                ['means' => $means, 'wish' => $isWish, 'way' => $prefixed] = self::meaning($word, $page);
                if ($means === 'texture') {
                    $textures[] = $word;
                }
                if (
                    preg_match('/^(?!by\b)(\w+) (-?\d+)( fault)?( \w+)?$/', $means, $parts) !== 1
                    || ($isWish && in_array('than', array_slice($words, $i), true))
                ) {
                    continue;
                }
                $textures = isset($parts[4]) ? [...$textures, $word] : $textures;
                $each = (float) $parts[2];
                $steps = self::steps($each, isset($parts[3]), $isWish, $prefixed ?? $way, $words, $i, $page);
                if ($steps !== null) {
                    $feels[$parts[1]] = $steps;
                }
            }
            $things = [...$things, ...self::things($words, $page, $names, $way)];
        }

        return new self($feels, $things, array_values(array_unique($textures)));
    }

    public function isNothing(): bool
    {
        return $this->feels === [] && $this->things === [] && $this->textures === [];
    }

    /**
     * 1 for more than is wanted, −1 for less, 0 for as it should be; null where a clause says none of them.
     *
     * @param list<string> $words
     * @param array<string, string> $page
     */
    private static function way(array $words, array $page): ?int
    {
        $isNot = self::denies($words, $page);
        $says = array_map(static fn (string $word): string => $page[$word] ?? '', $words);
        foreach (array_keys($words, 'at', true) as $at) {
            // "not hot at all" says nothing of all of it
            $says[$at + 1] = '';
        }
        if (in_array('right', $says, true)) {
            // "not sweet enough"
            return $isNot ? -1 : 0;
        }
        $isMore = in_array('more than wanted', $says, true);
        $small = [...array_keys($words, 'little', true), ...array_keys($words, 'few', true)];
        // "too little salt" is too little; "a little less sweet" says how far, and no way
        $isShort = array_filter($small, static fn (int $i): bool => ($words[$i - 1] ?? '') === 'too') !== [];
        $small = array_filter($small, static fn (int $i): bool => ($words[$i - 1] ?? '') === 'a');
        $isLess = in_array('less than wanted', array_diff_key($says, array_flip($small)), true);
        $way = match (true) {
            $isShort => -1,
            // "needs less salt" is less, whoever needs it
            $isMore => 1,
            $isLess => -1,
            default => null,
        };

        // "not too sweet" is as it should be
        return $way !== null && $isNot ? 0 : $way;
    }

    /**
     * What a word says by the page, whether it is the wish for more of it ("hotter"), and which way it says itself
     * ("undersalted").
     *
     * @param array<string, string> $page
     * @return array{means: string, wish: bool, way: int|null}
     */
    private static function meaning(string $word, array $page): array
    {
        $none = ['means' => $page[$word] ?? '', 'wish' => false, 'way' => null];
        if (isset($page[$word])) {
            return $none;
        }
        if (preg_match('/^(over|under)(\p{L}{3,})$/u', $word, $match) === 1 && isset($page[$match[2]])) {
            return ['means' => $page[$match[2]], 'wish' => false, 'way' => $match[1] === 'over' ? 1 : -1];
        }
        if (preg_match('/^(\p{L}{2,})er$/u', $word, $match) === 1) {
            $doubled = (string) preg_replace('/(\p{L})\1$/u', '$1', $match[1]);
            foreach ([$match[1], $doubled, (string) preg_replace('/i$/', 'y', $match[1]), "{$match[1]}e"] as $base) {
                if (isset($page[$base])) {
                    return ['means' => $page[$base], 'wish' => true, 'way' => null];
                }
            }
        }

        return $none;
    }

    /**
     * @param float $each steps of the word, with its sign
     * @param list<string> $words of its clause
     * @param int $at where it stands there
     * @param array<string, string> $page
     */
    private static function steps(
        float $each,
        bool $isFault,
        bool $isWish,
        ?int $way,
        array $words,
        int $at,
        array $page,
    ): ?float {
        $degrees = [];
        foreach ($words as $word) {
            if (str_starts_with($page[$word] ?? '', 'by ')) {
                $degrees[] = (float) substr($page[$word], 3);
            }
        }
        // "a bit too salty" is a bit, "far too salty" is far
        $far = $degrees === [] ? self::PLAINLY : (min($degrees) < self::PLAINLY ? min($degrees) : max($degrees));
        $sign = $each > 0.0 ? 1.0 : -1.0;
        $isNot = self::denies($words, $page);
        $before = $words[$at - 1] ?? '';
        // "a bit sharp", "so sweet it hurt", "a touch on the salty side": who says how far thinks it is too far
        $isSo = $before === 'so'
            || ($degrees !== [] && min($degrees) < self::PLAINLY && ! in_array($before, ['of', 'with'], true));

        return match (true) {
            // "hotter next time" is a wish
            $isWish => -$sign * $far,
            $way !== null => $sign * $way * $far,
            $isFault && $isNot && $before !== 'no' => 0.0,
            $isFault => $sign * ($degrees === [] ? abs($each) : $far),
            // "no depth", "not hot at all", "not very sweet"
            $isNot && ($before === 'no' || $degrees !== [] || in_array('all', $words, true)) => -$sign * self::PLAINLY,
            $isSo && ! $isNot => $sign * $far,
            default => null,
        };
    }

    /**
     * Things that there was too much or too little of.
     *
     * @param list<string> $words
     * @param array<string, string> $page
     * @param list<string> $names
     * @return array<string, float>
     */
    private static function things(array $words, array $page, array $names, ?int $way): array
    {
        $covers = null;
        foreach ($words as $i => $word) {
            $stem = (string) preg_replace('/(?:ing|ed|es|s)$/u', '', $word);
            $isOne = ! isset($page[$word]) || $page[$word] === 'covers';
            $covers = $isOne && in_array('covers', [$page[$stem] ?? '', $page["{$stem}e"] ?? ''], true) ? $i : $covers;
        }
        $things = [];
        foreach ($names as $name) {
            foreach ($words as $i => $word) {
                if (! self::isNamed($word, $name, $page)) {
                    continue;
                }
                $said = match (true) {
                    $covers !== null => $i < $covers ? 1.0 : -1.0,
                    ($words[$i - 1] ?? '') === 'no' => -1.0,
                    default => (float) ($way ?? 0.0),
                };
                $things = $said === 0.0 ? $things : [$name => $said] + $things;
            }
        }

        return $things;
    }

    /**
     * @param list<string> $words
     * @param array<string, string> $page
     */
    private static function denies(array $words, array $page): bool
    {
        return array_filter($words, static fn (string $word): bool => ($page[$word] ?? '') === 'denies') !== [];
    }

    /**
     * A word of a thing's name that is no taste's.
     *
     * @param array<string, string> $page
     */
    private static function isNamed(string $word, string $name, array $page): bool
    {
        return mb_strlen($word) > 2
            && ! isset($page[$word])
            && preg_match('/(?:^|[^\p{L}])'.preg_quote(rtrim($word, 's'), '/').'/u', mb_strtolower($name)) === 1;
    }
}
