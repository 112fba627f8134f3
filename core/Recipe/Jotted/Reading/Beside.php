<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Amount\MeasuringSet;
use Vinculum\Amount\Numeral;
use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\Ingredient;
use Vinculum\Recipe\Jotted\JottedAmount;
use Vinculum\Recipe\Jotted\Named;
use Vinculum\Recipe\Jotted\Naming;

/** The words beside a name: whether they make it another thing, and what of them nothing accounts for. */
final readonly class Beside
{
    /** Words within which a part is named of which something is said: "white and green parts"; judgement. */
    private const OF_A_PART = 3;

    public Modifiers $modifiers;

    public function __construct(
        private Naming $naming,
        private Lexicon $lexicon,
        Catalogue $catalogue,
        private string $set,
    ) {
        $this->modifiers = new Modifiers($catalogue, $lexicon);
    }

    /** Whether an amount behind a name is of another thing, which a line of one thing would lose. */
    private function isOfSomethingElse(string $part, Ingredient $ingredient): bool
    {
        $rest = JottedAmount::at($part, MeasuringSet::from($this->set))->rest ?? '';
        $other = $this->naming->sure($rest) ?? $this->naming->sure(Naming::parted($rest)[0]);

        return $other !== null
            && array_intersect(Naming::words($other->name), Naming::words($ingredient->name)) === [];
    }

    /**
     * "oil instead of butter", "salsa without the onion": what is not in it stands beside the name.
     *
     * @param list<string> $behind
     * @return array{string, list<string>}
     */
    public function withoutWhatIsNot(string $head, array $behind): array
    {
        $words = explode(' ', $head);
        foreach (array_slice($words, 1, null, true) as $i => $word) {
            if ($this->lexicon->is('negating', mb_strtolower($word))) {
                return [implode(' ', array_slice($words, 0, $i)), [implode(' ', array_slice($words, $i)), ...$behind]];
            }
        }

        return [$head, $behind];
    }

    /**
     * What of the words around a name may make it another thing.
     *
     * @param list<string> $before
     * @param list<string> $after
     * @param list<string> $behind what stands behind commas and in brackets
     * @return list<string>
     */
    public function left(array $before, array $after, array $behind, Ingredient $ingredient, string $name): array
    {
        $left = $before;
        $from = $this->describedFrom($after);
        foreach ($after as $i => $word) {
            // from there on something is said about it
            if ($this->lexicon->connects($word) && $word !== 'of') {
                break;
            }
            $isAside = $this->lexicon->is('ways-behind', $word)
                || ($i >= $from && ! $this->lexicon->changes($word) && $this->naming->exactly($word) === null);
            $left = $isAside ? $left : [...$left, $word];
        }
        foreach ($behind as $part) {
            // what stands behind the comma is how it is prepared, unless it makes it another thing
            array_push($left, ...$this->changing($part, $ingredient, $name));
        }

        return $left;
    }

    /**
     * Words behind a comma or in brackets that make it another thing, or are one.
     *
     * @return list<string>
     */
    private function changing(string $part, Ingredient $ingredient, string $name): array
    {
        if (preg_match('/^[~≈]?\s*'.Numeral::BEGINS.'/u', $part) === 1) {
            // how much it is, unless that is of something else
            $isStrength = str_contains($part, '%') && $ingredient->isOf('sour');

            return $isStrength || $this->isOfSomethingElse($part, $ingredient) ? Naming::words($part) : [];
        }
        $found = [];
        $words = Naming::words($part);
        foreach ($words as $i => $word) {
            if ($this->lexicon->connects($word)) {
                break;
            }
            // "white part only": of a part of it, and not of the thing
            $next = array_filter(
                array_slice($words, $i + 1, self::OF_A_PART),
                fn (string $other): bool => $this->lexicon->is('parts', $other),
            );
            if ($next !== []) {
                continue;
            }
            // "onion, yellow": of such a colour it is the same
            if ($this->naming->exactly("{$word} {$name}")?->slug === $ingredient->slug) {
                continue;
            }
            $isAnother = $this->lexicon->is('changing', $word)
                || $this->lexicon->isForm($word)
                || (! $this->lexicon->isWay($word) && $this->naming->exactly($word) !== null);
            if ($isAnother) {
                $found[] = $word;
            }
        }

        return $found;
    }

    /**
     * Words behind a name that are no way to cut or carry it, and no name of anything either: the noun behind is what
     * it is. Behind a way to cut it more is said of that: "packed down", "smashed up good".
     *
     * @param list<string> $after
     */
    public function isOfAnotherThing(array $after): bool
    {
        foreach (array_slice($after, 0, $this->describedFrom($after)) as $word) {
            if (
                ! $this->lexicon->is('ways-behind', $word)
                && ! $this->lexicon->isForm($word)
                && ! $this->lexicon->is('parts', $word)
                && preg_match('/\d/u', $word) !== 1
                && $this->naming->exactly($word) === null
            ) {
                return true;
            }
        }

        return false;
    }

    /**
     * Where among the words behind a name the first stands that says how it is treated, or connects, and from where
     * more is only said of that. "cord and quartered": what is joined to a way to cut it is another.
     *
     * @param list<string> $after
     */
    private function describedFrom(array $after): int
    {
        foreach ($after as $i => $word) {
            $isJoined = $this->lexicon->is('joining', $after[$i + 1] ?? '')
                && $this->lexicon->isWay($after[$i + 2] ?? '');
            if ($isJoined || ($word !== 'of' && ($this->lexicon->isWay($word) || $this->lexicon->connects($word)))) {
                return $i;
            }
        }

        return count($after);
    }

    /**
     * @param list<string> $left
     */
    public function leavesItAsItIs(array $left, Ingredient $ingredient, string $name): bool
    {
        foreach ($left as $word) {
            $word = trim($word, '.');
            if ($this->modifiers->isAnother($word, $name)) {
                return false;
            }
            if (
                $word !== ''
                && ! ($this->lexicon->isWay($word) && ! ($word === 'fresh' && $ingredient->is('dry-plant')))
                && preg_match('/^\d+(?:[.,\/]\d+)?(?:g|kg|ml|cm|mm|in|oz)?$/u', $word) !== 1
                && ! (
                    $word === 'dried'
                    && ($ingredient->is('dry-plant') || str_contains($ingredient->name, 'dried'))
                )
                && ! ($word === 'ground' && ($ingredient->is('dry-plant') || $ingredient->is('ground')))
                && ! ($word === 'hot' && $ingredient->isPlain('water'))
                && ! (str_ends_with($word, '%') && ! $ingredient->isOf('sour'))
                && ! $this->isOnlyGrownSo($word, $ingredient)
                && ! $this->saysItAgain($word, $ingredient)
                && ! $this->modifiers->leavesAsItIs($word, $name, $ingredient)
            ) {
                return false;
            }
        }

        return true;
    }

    /** Where and how a plant grew changes little, but with chillies it is another kind. */
    private function isOnlyGrownSo(string $word, Ingredient $ingredient): bool
    {
        return ($ingredient->isOf('fruit', 'vegetable') || $ingredient->is('fresh-plant'))
            && ! $ingredient->is('chilli')
            && $this->lexicon->is('grown', $word);
    }

    /** A word of its own name, or for what it is one of, changes nothing: "juice from a lemon", "serrano peppers". */
    private function saysItAgain(string $word, Ingredient $ingredient): bool
    {
        return $this->lexicon->saysItAgain($word, $ingredient)
            || in_array($word, Naming::words($ingredient->name), true);
    }

    /**
     * Of the words beside a name those that no page holds: whether each is a thing of its own, which would be lost.
     *
     * @return list<bool>
     */
    public function unaccounted(Named $named): array
    {
        $found = [];
        $own = Naming::words($named->ingredient->name ?? '');
        foreach (preg_split('/\s*,\s*/u', $named->preparation) ?: [] as $part) {
            foreach (Naming::words($part) as $word) {
                if ($this->lexicon->connects($word) && ! $this->lexicon->is('joining', $word)) {
                    break;
                }
                $isSaid = $this->lexicon->connects($word)
                    || $this->lexicon->isWay($word)
                    || in_array($word, $own, true)
                    || preg_match('/\d/u', $word) === 1;
                if (! $isSaid) {
                    $found[] = $this->naming->exactly($word) !== null;
                }
            }
        }

        return $found;
    }
}
