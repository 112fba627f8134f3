<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\Ingredient;
use Vinculum\Pantry\Singular;
use Vinculum\Recipe\Jotted\Naming;

/**
 * Whether a word that no page and no name holds may make another thing of a name. Where the pantry calls many unlike
 * things by a noun with a word before it (flours, oils, milks, cheeses), it may; where it does not (thyme, peaches,
 * bean paste), such a word says whose, whence or how good it is.
 */
final class Modifiers
{
    /** So many unlike things of one noun, and a word before it decides what it is; judgement, read off the pantry. */
    private const UNLIKE_FROM = 3;

    /** Kinds that are made of plants as well, and then are another thing to whoever may not have milk or egg. */
    private const IMITATED = ['dairy', 'emulsion'];

    /** A word this long may be another one misspelt by a letter. */
    private const MISSPELT_FROM = 4;

    /** @var array<string, bool> */
    private array $manifold = [];

    public function __construct(private readonly Catalogue $catalogue, private readonly Lexicon $lexicon) {}

    /**
     * @param string $word nobody accounts for
     * @param string $name of the thing, as it is written
     */
    public function leavesAsItIs(string $word, string $name, Ingredient $thing): bool
    {
        return $this->isStrange($word)
            // there is a yoghurt and a mayonnaise of every plant
            && ! $thing->isOf(...self::IMITATED)
            && ! ($this->manifold[$name] ??= $this->isManifold(Singular::of($name), $thing));
    }

    /** Whether the two together are the name of something else: a prickly pear, a horse chestnut. */
    public function isAnother(string $word, string $name): bool
    {
        return $this->lexicon->is('elsewhere', "{$word} ".Singular::of($name));
    }

    /** In no page and no name, and no misspelling of what would change a thing. */
    public function isStrange(string $word): bool
    {
        if (
            preg_match('/\d|%/u', $word) === 1
            || $this->lexicon->isKnown($word)
            || $this->catalogue->isWordOfAName($word)
        ) {
            return false;
        }
        if (mb_strlen($word) < self::MISSPELT_FROM) {
            return true;
        }
        foreach ([...$this->lexicon->page('changing'), ...$this->lexicon->page('forms')] as $known) {
            if (abs(strlen($known) - strlen($word)) <= 1 && levenshtein($known, $word) <= 1) {
                return false;
            }
        }

        return true;
    }

    private function isManifold(string $noun, Ingredient $thing): bool
    {
        $unlike = [];
        foreach ($this->catalogue->endingIn($noun) as $name => $other) {
            $before = Naming::words(substr($name, 0, -strlen($noun)));
            // dried, powdered or chopped it is said to be so, and no stranger's word stands for that
            $isSaidSo = array_filter(
                $before,
                fn (string $word): bool => $this->lexicon->changes($word) || $this->lexicon->isWay($word),
            );
            if ($isSaidSo === [] && ($other->contains !== $thing->contains || $other->kinds !== $thing->kinds)) {
                $unlike[$other->slug] = true;
            }
        }

        return count($unlike) >= self::UNLIKE_FROM;
    }
}
