<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted;

use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\Ingredient;
use Vinculum\Pantry\Singular;
use Vinculum\Recipe\Jotted\Reading\Alternatives;
use Vinculum\Recipe\Jotted\Reading\Beside;
use Vinculum\Recipe\Jotted\Reading\ChangedBehind;
use Vinculum\Recipe\Jotted\Reading\Guesses;
use Vinculum\Recipe\Jotted\Reading\Harm;
use Vinculum\Recipe\Jotted\Reading\Lexicon;

/**
 * From the words of a line to an ingredient: the longest name of the pantry within them, with every word that changes
 * what it is, wherever that stands. What is left over says how it is prepared, or how good it is; a word that is
 * neither may change the substance, so it is asked.
 */
final class Naming
{
    /** @var array<string, Named> words read before, which a sorter and a reader both ask for */
    private array $read = [];

    /** @var array<string, list<Ingredient>> */
    private array $maybe = [];

    public readonly Lexicon $lexicon;

    public readonly Beside $beside;

    private readonly Harm $harm;

    public readonly Guesses $guesses;

    private readonly Alternatives $alternatives;

    private readonly ChangedBehind $changedBehind;

    /** @param string $tongue that the note is written in, where it is none of ours */
    public function __construct(
        private readonly Catalogue $catalogue,
        private readonly string $set,
        public readonly string $tongue = '',
    ) {
        $this->lexicon = new Lexicon($catalogue->vocabulary);
        $this->beside = new Beside($this, $this->lexicon, $catalogue, $set);
        $this->harm = new Harm($this, $this->lexicon, $catalogue);
        $this->guesses = new Guesses($this, $this->lexicon, $catalogue, $this->harm);
        $this->alternatives = new Alternatives($this, $catalogue);
        $this->changedBehind = new ChangedBehind($this, $this->lexicon, $catalogue);
    }

    /** Whether a few words name a thing, with whatever preparation. */
    public function knows(string $words): bool
    {
        return trim($words) !== '' && $this->sure($words) !== null;
    }

    /** The thing a few words certainly mean; null where they mean none, or one of several. */
    public function sure(string $words): ?Ingredient
    {
        $named = $this->of($words);

        return $named->isSure ? $named->ingredient : null;
    }

    /** Whether a few words mean something of the pantry, though perhaps one of several. */
    public function means(string $words): bool
    {
        return $this->knows($words)
            || $this->isUnsure(
                (string) preg_replace('/^(?:freshly ground|ground|fresh)\s+/iu', '', trim($words)),
            );
    }

    /** Exactly these words, and none besides. */
    public function exactly(string $words): ?Ingredient
    {
        $words = trim($words, " \t,.;:-–—");

        return $words === '' ? null : $this->maybe($words)[0] ?? $this->catalogue->named($words);
    }

    /** "vinegar white", "pepper black": the noun first, as a larder list has it. */
    public function turned(string $words): ?Ingredient
    {
        $words = self::words($words);

        return count($words) === 2 ? $this->catalogue->named("{$words[1]} {$words[0]}") : null;
    }

    /** Whether exactly these words mean one of several things. */
    public function isUnsure(string $words): bool
    {
        return $this->maybe(trim($words, " \t,.;:-–—")) !== [];
    }

    /**
     * The words of a line without its amount: "finely chopped red onions (peeled), about two".
     */
    public function of(string $words): Named
    {
        return $this->read[$words] ??= $this->named($words);
    }

    private function named(string $words): Named
    {
        $words = trim($words, " \t,.;:-–—*");
        // some names have a comma of their own: "cider vinegar, 5 %"
        $whole = $this->maybe($words) === [] ? $this->catalogue->named($words) : null;
        if ($whole !== null) {
            return new Named($whole, $words, '', true, length: count(self::words($words)));
        }
        // and some have a preparation behind that: "yoghurt, strained, whisked"
        $parts = preg_split('/\s*,\s*/u', $words) ?: [];
        for ($count = count($parts) - 1; $count > 1; $count--) {
            $whole = $this->catalogue->named(implode(', ', array_slice($parts, 0, $count)));
            if ($whole !== null) {
                return new Named($whole, $words, implode(', ', array_slice($parts, $count)), true);
            }
        }
        [$head, $behind] = self::parted($words);
        $head = (string) preg_replace('/^(?:an?|the|some)\s+(?=\S)/iu', '', $head);
        [$head, $behind] = $this->atItsPreposition($head, $behind);
        [$head, $behind] = $this->beside->withoutWhatIsNot($head, $behind);
        [$head, $instead] = $this->alternatives->alternative($head, $behind);
        $named = $instead ?? $this->within($head, $behind);
        $preparation = trim(
            implode(
                ', ',
                array_filter(
                    [$named->preparation, ...$behind],
                    static fn (string $part): bool => $part !== '',
                ),
            ),
        );

        return $this->harm->withoutHarm($named, $words, $preparation)->prepared($preparation);
    }

    /**
     * What stands first, and what stands in brackets or behind a comma or a dash.
     *
     * @return array{string, list<string>}
     */
    public static function parted(string $words): array
    {
        $behind = [];
        if (preg_match_all('/[(\[]([^()\[\]]*)[)\]]/u', $words, $matches) > 0) {
            $behind = array_map(trim(...), $matches[1]);
            $words = trim((string) preg_replace('/\s*[(\[][^()\[\]]*[)\]]/u', ' ', $words));
        }
        $parts = preg_split('/\s*[,;]\s*|\s+[–—-]\s+/u', trim($words, ' ()[]'), 2) ?: [$words];
        if (trim($parts[1] ?? '') !== '') {
            array_unshift($behind, trim($parts[1], ' ,;'));
        }
        $head = trim((string) preg_replace('/\s+/u', ' ', $parts[0]), " \t,.;:-–—");
        if ($head === '' && $behind !== []) {
            $head = (string) array_shift($behind);
        }

        return [$head, $behind];
    }

    /**
     * @param list<string> $behind
     */
    private function within(string $head, array $behind): Named
    {
        $words = self::words($head);
        $sure = $this->changedBehind->of($head, $this->longest($words), $words, $behind);
        if ($sure !== null) {
            return $sure;
        }
        $found = $this->longest($words);
        $turned = ($found[2] ?? 0) < 2 ? $this->turned($head) : null;
        if ($turned !== null && $turned->slug !== ($found[0]->slug ?? '')) {
            return new Named($turned, $head, '', true);
        }
        if ($found === null) {
            return new Named(null, $head, '', false, [], $head);
        }
        [$ingredient, $from, $count, $maybe] = $found;
        $before = array_slice($words, 0, $from);
        $after = array_slice($words, $from + $count);
        $name = implode(' ', array_slice($words, $from, $count));
        if ($this->beside->isOfAnotherThing($after)) {
            // "tomato soup": the noun behind is what it is, and nobody knows it; "vinegar white" is white vinegar
            return $turned !== null
                ? new Named($turned, $head, '', true)
                : new Named(null, $head, '', false, [$ingredient->slug], $head);
        }
        // "mustard the yellow kind"
        foreach ($maybe === [] ? [] : $after as $word) {
            $said = $this->exactly("{$word} {$name}");
            if ($said !== null && in_array($said, $maybe, true)) {
                return new Named($said, $head, implode(' ', [...$before, ...$after]), true, length: $count);
            }
        }
        $left = $this->beside->left($before, $after, $behind, $ingredient, $name);
        $isSure = $maybe === [] && $this->beside->leavesItAsItIs($left, $ingredient, $name);
        $guesses = array_map(static fn (Ingredient $one): string => $one->slug, $maybe === [] ? [$ingredient] : $maybe);
        $preparation = implode(' ', [...$before, ...$after]);

        return new Named(
            $ingredient,
            $head,
            $preparation,
            $isSure,
            $isSure ? [] : $guesses,
            $maybe === [] ? $head : $name,
            $count,
        );
    }

    /**
     * The longest run of words that is a name, the last of equals: the noun stands at the end.
     *
     * @param list<string> $words
     * @return array{Ingredient, int, int, list<Ingredient>}|null the thing, where it begins, of how many words, what
     * else it may be
     */
    private function longest(array $words): ?array
    {
        for ($count = min(6, count($words)); $count > 0; $count--) {
            $unsure = null;
            for ($from = count($words) - $count; $from >= 0; $from--) {
                $name = implode(' ', array_slice($words, $from, $count));
                $isLast = $from === count($words) - 1;
                $isAside = $this->isAside($name);
                if (($count === 1 && ! $isLast && $isAside) || ! $this->catalogue->beginsAName($words[$from])) {
                    continue;
                }
                $maybe = $this->maybe($name);
                $found = $maybe[0] ?? $this->catalogue->named($name);
                // "guajillo chillies": what means one thing before what may mean several
                if ($found !== null && $maybe === []) {
                    return [$found, $from, $count, []];
                }
                if ($found !== null) {
                    $unsure ??= [$found, $from, $count, $maybe];
                }
            }
            if ($unsure !== null) {
                return $unsure;
            }
        }

        return null;
    }

    /**
     * What a thing is stands before the first preposition: "oil for frying", "porcini soaked in warm water", "aquafaba
     * from the chickpea tin"; but some names have one of their own, "chipotles in adobo".
     *
     * @param list<string> $behind
     * @return array{string, list<string>}
     */
    private function atItsPreposition(string $head, array $behind): array
    {
        $words = explode(' ', $head);
        foreach (array_slice($words, 1, null, true) as $at => $word) {
            if (! $this->lexicon->is('prepositions', mb_strtolower($word))) {
                continue;
            }
            // "the size of" begins with its article
            $at -= $at > 1 && $this->lexicon->connects(mb_strtolower($words[$at - 1])) ? 1 : 0;
            $before = implode(' ', array_slice($words, 0, $at));
            $found = $this->longest(self::words($head));
            $isItsOwn = $found === null || ($found[1] < $at && $found[1] + $found[2] > $at);

            return $isItsOwn || $this->longest(self::words($before)) === null
                ? [$head, $behind]
                : [$before, [implode(' ', array_slice($words, $at)), ...$behind]];
        }

        return [$head, $behind];
    }

    private function isAside(string $word): bool
    {
        return $this->lexicon->is('ways', $word) || $this->lexicon->is('qualities', $word);
    }

    /** Whether words only say how a thing is prepared: "finely chopped". */
    public function isPreparation(string $words): bool
    {
        foreach (self::words($words) as $word) {
            if (! $this->lexicon->is('ways', $word)) {
                return false;
            }
        }

        return trim($words) !== '';
    }

    /** @return list<Ingredient> */
    public function maybe(string $name): array
    {
        return $this->maybe[$name] ??= $this->severalOf($name);
    }

    /** @return list<Ingredient> */
    private function severalOf(string $name): array
    {
        if ($this->catalogue->isName($name)) {
            return [];
        }
        $maybe = $this->catalogue->maybe($name, $this->set);
        $singular = Singular::of($name);

        return $maybe !== [] || $singular === $name || $this->catalogue->isName($singular)
            ? $maybe
            : $this->catalogue->maybe($singular, $this->set);
    }

    /** @return list<string> lower case, hyphens kept, without punctuation */
    public static function words(string $text): array
    {
        $plain = mb_strtolower((string) preg_replace('/[^\p{L}\p{N}%\/\'’.-]+/u', ' ', $text));

        return array_values(
            array_filter(
                preg_split('/\s+/u', trim($plain)) ?: [],
                static fn (string $word): bool => trim($word, '.-/') !== '',
            ),
        );
    }
}
