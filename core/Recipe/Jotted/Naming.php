<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted;

use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\Ingredient;
use Vinculum\Pantry\Singular;
use Vinculum\Pantry\Vocabulary;
use Vinculum\Recipe\Jotted\Reading\Alternatives;
use Vinculum\Recipe\Jotted\Reading\Beside;
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

    /** @param string $tongue that the note is written in, where it is none of ours */
    public function __construct(
        private readonly Catalogue $catalogue,
        private readonly string $set,
        public readonly string $tongue = '',
    ) {
        $this->lexicon = new Lexicon($catalogue->vocabulary);
        $this->beside = new Beside($this, $this->lexicon, $set);
        $this->harm = new Harm($this, $this->lexicon, $catalogue);
        $this->guesses = new Guesses($this, $this->lexicon, $catalogue, $this->harm);
        $this->alternatives = new Alternatives($this, $catalogue);
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
        // "oil for frying", "water to cover", "butter the size of an egg"
        // and "dried porcini soaked in warm water": the water is no part of the name
        if (preg_match('/^(.+?)\s+((?:(?:for|to)\s+(?:[\p{L}-]+ing|serve|garnish|taste|cover|finish|loosen|thin|'
            .'top|the\s)|(?:mixed|dissolved|stirred|slaked|soaked|rehydrated|steeped|packed|fried|toasted|cooked)\s+'
            .'(?:in|with|into)\s|the\s+size\s+of\s|as\s+(?:big|large|small)\s+as\s).*)$/iu', $head, $match) === 1) {
            $head = $match[1];
            array_unshift($behind, $match[2]);
        }
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
        $sure = $this->changedBehind($head, $words, $behind);
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
        $left = $this->beside->left($before, $after, $behind, $ingredient);
        $isSure = $maybe === [] && $this->beside->leavesItAsItIs($left, $ingredient);
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
     * A word behind the comma that makes it another thing: "tomatoes, green", "yoghurt, Greek", "vinegar, 4 %",
     * "peppers, roasted and peeled", "orange, juiced".
     *
     * @param list<string> $words
     * @param list<string> $behind
     */
    private function changedBehind(string $head, array $words, array $behind): ?Named
    {
        $plain = $this->longest($words);
        if ($plain === null || $behind === []) {
            return null;
        }
        [$ingredient, $from, $count] = $plain;
        $name = implode(' ', array_slice($words, $from, $count));
        $before = implode(' ', array_slice($words, 0, $from));
        $tail = implode(' ', $behind);
        if (preg_match('/(\d+(?:[.,]\d+)?)\s*%/u', $tail, $match) === 1) {
            $strong
                = $this->catalogue->named("{$name}, {$match[1]} %")
                ?? $this->catalogue->named("{$ingredient->shortName()}, {$match[1]} %");
            if ($strong !== null) {
                return new Named($strong, $head, $before, true);
            }
        }
        $parts = preg_split('/\s*,\s*/u', implode(', ', $behind)) ?: [];
        foreach ($parts as $part) {
            // "salt, black pepper" are two things
            if (str_contains($part, ' ') && $this->exactly($part) !== null) {
                continue;
            }
            // "or dried", "dairy-free if needed": that is another way, and not this one
            $tailWords = Vocabulary::isPerhaps($part) ? [] : self::words($part);
            foreach ([2, 1] as $length) {
                for ($i = 0; $i + $length <= count($tailWords); $i++) {
                    $change = implode(' ', array_slice($tailWords, $i, $length));
                    // chopped is the same thing in pieces; roasted, dried or green is another
                    if ($this->lexicon->is('ways', $change)) {
                        continue;
                    }
                    foreach ($this->forms($change) as $form) {
                        $names = [
                            ...$this->catalogue->beginsAName($form) ? ["{$form} {$name}"] : [],
                            ...$this->lexicon->isForm($form) ? ["{$name} {$form}", Singular::of($name)." {$form}"] : [],
                        ];
                        foreach ($names as $made) {
                            $found = $this->catalogue->named($made);
                            if (
                                $found !== null
                                && ($found->slug !== $ingredient->slug || $this->maybe($name) !== [])
                            ) {
                                return $this->changedTo($found, $head, $before, $name);
                            }
                        }
                    }
                }
            }
        }

        return null;
    }

    /** Sure where the words behind say which of several it is, or where there was only one. */
    private function changedTo(Ingredient $found, string $head, string $before, string $name): Named
    {
        $maybe = array_map(static fn (Ingredient $one): string => $one->slug, $this->maybe($name));
        $isSure = $maybe === [] || in_array($found->slug, $maybe, true);

        return new Named(
            $found,
            $head,
            $before,
            $isSure,
            $isSure ? [] : [$found->slug],
            $name,
        );
    }

    /**
     * "juiced" is juice, "powdered" powder.
     *
     * @return list<string>
     */
    private function forms(string $change): array
    {
        $forms = [$change];
        if (preg_match('/^(.{3,}?)(?:e?d)$/u', $change, $match) === 1) {
            $forms[] = $match[1];
            $forms[] = $match[1].'e';
        }

        return $forms;
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
