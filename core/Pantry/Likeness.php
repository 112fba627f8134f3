<?php

declare(strict_types=1);

namespace Vinculum\Pantry;

/** How like a word nobody knows is to the names of the pantry, by its letters. */
final class Likeness
{
    /** Letters below which two of them off are another word; judgement. */
    private const SHORT = 6;

    /** Share of its letters by which a name that is only like a word may be off; judgement. */
    private const NEAR = 0.4;

    /** @var array<string, list<string>> names by the letter they begin with */
    private array $byLetter = [];

    /** @param array<array-key, string> $names slugs by plain names */
    public function __construct(private readonly array $names)
    {
        foreach (array_keys($names) as $name) {
            $this->byLetter[((string) $name)[0] ?? ''][] = (string) $name;
        }
    }

    /**
     * Up to three whose names are most like it.
     *
     * @param string $plain as a search compares names
     * @return list<string> slugs
     */
    public function nearest(string $plain): array
    {
        $distance = [];
        foreach ($this->names as $name => $slug) {
            $name = (string) $name;
            $near
                = levenshtein(substr($plain, 0, 60), substr($name, 0, 60))
                / max(strlen($plain), strlen($name), 1);
            if ($near <= self::NEAR || ($plain !== '' && str_contains($name, $plain))) {
                $distance[$slug] = min($near, $distance[$slug] ?? 1.0);
            }
        }
        asort($distance);

        return array_slice(array_keys($distance), 0, 3);
    }

    /**
     * What it most likely is, misspelt by a letter or, where it is long, by two; null for nothing near.
     *
     * @param string $plain as a search compares names
     */
    public function misspelt(string $plain): ?string
    {
        $allowed = mb_strlen($plain) >= 8 ? 2 : 1;
        $best = null;
        foreach ($this->byLetter[$plain[0] ?? ''] ?? [] as $name) {
            if (abs(strlen($name) - strlen($plain)) > $allowed + 1) {
                continue;
            }
            $off = self::off($plain, $name);
            if ($off <= $allowed && ($best === null || $off < $best[0]) && self::isLikeWordByWord($plain, $name)) {
                $best = [$off, $this->names[$name]];
            }
        }

        return $best[1] ?? null;
    }

    /** "black beans" are no "black teas": two letters of a short word are another word. */
    private static function isLikeWordByWord(string $written, string $name): bool
    {
        $ours = explode(' ', $name);
        $theirs = explode(' ', $written);
        if (count($ours) !== count($theirs)) {
            return true;
        }
        foreach ($theirs as $i => $word) {
            if (self::off($word, $ours[$i]) > (strlen($word) < self::SHORT ? 1 : 2)) {
                return false;
            }
        }

        return true;
    }

    /** Letters between what is written and a name, or many of it. */
    private static function off(string $written, string $name): int
    {
        return min(levenshtein($written, $name), levenshtein($written, "{$name}s"));
    }
}
