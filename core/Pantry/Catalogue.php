<?php

declare(strict_types=1);

namespace Vinculum\Pantry;

/**
 * The ingredients a recipe can name. Built from compiled arrays, one Ingredient made the first time it is asked for.
 *
 * @phpstan-type CompiledIngredient array{
 *     slug: string,
 *     name: string,
 *     kinds: non-empty-list<string>,
 *     aliases: list<string>,
 *     maybe: list<string>,
 *     was: list<string>,
 *     roles: list<string>,
 *     tint: string,
 *     form: string,
 *     certainty: string,
 *     density: float|null,
 *     densitySource: string,
 *     portions: list<array{0: string, 1: float, 2: string, 3?: float|null}>,
 *     composition: list<float|null>,
 *     sources: list<string>,
 *     caution: string,
 *     contains: list<string>,
 *     mayContain: list<string>,
 *     allergensKnown: bool,
 *     edible: float,
 *     edibleSource: string,
 *     ph: float|null,
 *     phSource: string,
 *     sourness: float|null,
 *     traits: list<string>,
 *     mostShare: float,
 *     aroma: array<string, float>,
 *     aromaSource: string,
 *     season: array{int, int}|null,
 *     thickens: float,
 *     setsCold: bool,
 *     thickensSource: string,
 *     pulpOfRest?: float,
 *     doubts?: array<string, float>,
 *     standIns?: list<list<non-empty-list<string>>>,
 *     sharesName?: bool,
 *     plain?: string,
 *     kcal?: float|null, keeps?: array{fridge: int, opened: int, frozen: int}|null,
 * }
 */
final class Catalogue
{
    /** What no kitchen is without the plain thing for. */
    private const STAPLES = ['salty', 'sweet', 'sour'];

    /** @var array<string, Ingredient> */
    private array $made = [];

    /** @var array<string, string>|null slug by every slug and alias, lower case */
    private ?array $names = null;

    /** @var array<string, true> words that names begin with */
    private array $firstWords = [];

    /** @var array<string, true> every word of every name */
    private array $wordsOfNames = [];

    private ?Likeness $likeness = null;

    /** @var array<string, string>|null slugs by the slugs they once had */
    private ?array $former = null;

    /** @var array<string, array<string, string>>|null slugs by what may mean them, likeliest first */
    private ?array $maybe = null;

    /**
     * @param array<string, CompiledIngredient> $compiled by slug
     * @param array<string, string> $meanings slugs by what a household means by a few words
     */
    public function __construct(
        private readonly array $compiled,
        public readonly Vocabulary $vocabulary,
        private readonly array $meanings = [],
    ) {}

    /** By slug or by the slug it once had. */
    public function find(string $slug): ?Ingredient
    {
        if (isset($this->made[$slug])) {
            return $this->made[$slug];
        }
        $found = isset($this->compiled[$slug])
            ? $slug
            : $this->former()[$slug] ?? ($this->names()[PlainName::of($slug)] ?? null);
        if ($found === null) {
            return null;
        }

        return $this->made[$slug] = Ingredient::fromCompiled($this->compiled[$found]);
    }

    /** By a whole name as a maker writes it, in the singular or plural, in British, American or Australian spelling. */
    public function named(string $name): ?Ingredient
    {
        $plain = PlainName::of($name);
        // "chipotles in adobo"
        $one
            = preg_match('/^(\S+) (?:in|with) /', $plain, $head) === 1
                ? Singular::of($head[1]).substr($plain, strlen($head[1]))
                : $plain;
        foreach ([$plain, Singular::of($plain), "{$plain}s", "{$plain}es", $one] as $form) {
            $slug = $this->names()[$form] ?? null;
            if ($slug !== null) {
                return $this->made[$slug] ??= Ingredient::fromCompiled($this->compiled[$slug]);
            }
        }

        return null;
    }

    /** Whether a name of several words begins with this one: at one look, most words begin none. */
    public function beginsAName(string $word): bool
    {
        if ($this->firstWords === []) {
            $this->maybe('', 'us');
            foreach ([...array_keys($this->names()), ...array_keys($this->maybe ?? [])] as $name) {
                $this->firstWords[explode(' ', (string) $name, 2)[0]] = true;
            }
        }
        $plain = explode(' ', PlainName::of($word), 2)[0];

        return isset($this->firstWords[$plain]) || isset($this->firstWords[Singular::of($plain)]);
    }

    /** Whether some name holds this word. */
    public function isWordOfAName(string $word): bool
    {
        if ($this->wordsOfNames === []) {
            $this->maybe('', 'us');
            foreach ([...array_keys($this->names()), ...array_keys($this->maybe ?? [])] as $name) {
                foreach (explode(' ', (string) $name) as $each) {
                    $this->wordsOfNames[$each] = true;
                }
            }
        }
        $plain = PlainName::of($word);

        return isset($this->wordsOfNames[$plain]) || isset($this->wordsOfNames[Singular::of($plain)]);
    }

    /**
     * What is called by a noun with a word before it: flour gives rice flour and almond flour.
     *
     * @param string $noun in the singular
     * @return array<string, Ingredient> by the whole name
     */
    public function endingIn(string $noun): array
    {
        $noun = PlainName::of($noun);
        $found = [];
        foreach ($this->names() as $name => $slug) {
            $name = (string) $name;
            if (str_ends_with($name, " {$noun}") || str_ends_with(Singular::of($name), " {$noun}")) {
                $found[$name] = $this->made[$slug] ??= Ingredient::fromCompiled($this->compiled[$slug]);
            }
        }

        return $found;
    }

    /** Whether these very words are a name, and not only the singular or plural of one. */
    public function isName(string $words): bool
    {
        return isset($this->names()[PlainName::of($words)]);
    }

    /**
     * What a name may mean that means more than one thing, the likeliest first: "cider", "tomato purée". None for a
     * name that means one thing.
     *
     * @param string $set the measuring set, since names differ by country
     * @return list<Ingredient>
     */
    public function maybe(string $name, string $set): array
    {
        if ($this->maybe === null) {
            $this->maybe = [];
            foreach ($this->compiled as $slug => $ingredient) {
                foreach ($ingredient['maybe'] as $entry) {
                    // "tomato puree 1 us": first, where measures are US ones; second without a number
                    preg_match('/^(.+?)(?: ([1-9]))?(?: (us|metric|imperial|australian))?$/', $entry, $parts);
                    $rank = ($parts[2] ?? '') === '' ? 2 : (int) $parts[2];
                    $this->maybe[PlainName::of($parts[1] ?? $entry)][$slug] = $rank.($parts[3] ?? '');
                }
            }
        }
        $plain = PlainName::of($name);
        $ranked = $this->maybe[$plain] ?? [];
        uasort(
            $ranked,
            static fn (string $a, string $b): int => self::rank($a, $set) <=> self::rank($b, $set),
        );

        return array_values(array_filter(array_map($this->find(...), array_keys($ranked))));
    }

    /** @return array<string, string> */
    private function former(): array
    {
        if ($this->former === null) {
            $this->former = [];
            foreach ($this->compiled as $slug => $ingredient) {
                foreach ($ingredient['was'] as $old) {
                    $this->former[$old] = $slug;
                }
            }
        }

        return $this->former;
    }

    /** A rank that holds for one country counts there, and last elsewhere. */
    private static function rank(string $entry, string $set): int
    {
        $country = substr($entry, 1);

        return $country === '' ? 10 * (int) $entry[0] : ($country === $set ? (int) $entry[0] : 90);
    }

    /** @return array<string, array{int, int}> first and last month, by slug */
    public function seasons(): array
    {
        return array_filter(
            array_map(static fn (array $ingredient): ?array => $ingredient['season'], $this->compiled),
            static fn (?array $months): bool => $months !== null,
        );
    }

    /**
     * What every kitchen has and nobody marks as on hand: salt, sugar and a vinegar; common practice.
     *
     * @return list<string> slugs
     */
    public function staples(): array
    {
        return array_values(array_filter(array_map(
            fn (string $for): ?string => $this->plainFor($for)?->slug,
            self::STAPLES,
        )));
    }

    /** The plain thing to salt with, to thin with and so on, by Ingredient::PLAIN_FOR; null where there is none. */
    public function plainFor(string $for): ?Ingredient
    {
        foreach ($this->compiled as $slug => $ingredient) {
            if (($ingredient['plain'] ?? '') === $for) {
                return $this->find($slug);
            }
        }

        return null;
    }

    /**
     * @return list<string>
     */
    public function slugs(): array
    {
        return array_keys($this->compiled);
    }

    /**
     * Ingredients by what a maker types, best first: whole name, then its start, then the start of a word, then
     * anywhere.
     *
     * @return list<Ingredient>
     */
    public function search(string $typed, int $most = 12): array
    {
        $wanted = PlainName::of($typed);
        $ranked = [];
        $words = explode(' ', $wanted);
        $longest = static fn (string $a, string $b): string => strlen($b) > strlen($a) ? $b : $a;
        $rarest = array_reduce($words, $longest, '');
        foreach ($this->names() as $name => $slug) {
            $name = (string) $name;
            // most names hold none of it, and are passed over at one look
            if (! str_contains($name, $rarest)) {
                continue;
            }
            $rank = match (true) {
                $wanted === '' => 0,
                $name === $wanted => 0,
                str_starts_with($name, $wanted) => 1,
                str_contains(' '.$name, ' '.$wanted) => 2,
                self::holdsAllWords($name, $words) => 3,
                str_contains($name, $wanted) => 4,
                default => null,
            };
            if ($rank === null) {
                continue;
            }
            // its own name before what it is called besides: flake salt before flaked almonds
            $isItsOwn = in_array($name, [PlainName::of($this->compiled[$slug]['name']), PlainName::of($slug)], true);
            $ranked[$slug] = min(2 * $rank + ($isItsOwn ? 0 : 1), $ranked[$slug] ?? INF);
        }
        $slugs = array_map(strval(...), array_keys($ranked));
        $names = array_map(fn (string $slug): string => $this->compiled[$slug]['name'], $slugs);
        array_multisort(array_values($ranked), $names, $slugs);

        return array_map(
            fn (string $slug): Ingredient => ($this->made[$slug] ??= Ingredient::fromCompiled(
                $this->compiled[$slug],
            )),
            array_slice($slugs, 0, $most),
        );
    }

    /** The likeliest of those in whose names these words stand, one of its words beginning with them; null for none. */
    public function beginning(string $typed): ?Ingredient
    {
        $best = $this->search($typed, 1)[0] ?? null;
        $wanted = ' '.PlainName::of($typed);
        foreach ($best === null ? [] : [$best->name, $best->slug, ...$best->aliases] as $name) {
            if (str_contains(' '.PlainName::of($name), $wanted)) {
                return $best;
            }
        }

        return null;
    }

    /**
     * Up to three ingredients whose names are most like a word nobody knows.
     *
     * @return list<string> slugs
     */
    public function nearest(string $word): array
    {
        return $this->likeness()->nearest(PlainName::of($word));
    }

    /** What words most likely are, misspelt by a letter or, where they are long, by two; null for nothing near. */
    public function misspelt(string $written): ?Ingredient
    {
        $slug = $this->likeness()->misspelt(PlainName::of($written));

        return $slug === null ? null : $this->find($slug);
    }

    private function likeness(): Likeness
    {
        return $this->likeness ??= new Likeness($this->names());
    }

    /** @param list<string> $words */
    private static function holdsAllWords(string $name, array $words): bool
    {
        foreach ($words as $word) {
            if (! str_contains(' '.$name, ' '.$word)) {
                return false;
            }
        }

        return true;
    }

    /**
     * @return array<string, string>
     */
    private function names(): array
    {
        if ($this->names !== null) {
            return $this->names;
        }
        $names = [];
        foreach ($this->meanings as $words => $slug) {
            // an own ingredient that is gone means nothing any more
            if (isset($this->compiled[$slug])) {
                $names[PlainName::of((string) $words)] = $slug;
            }
        }
        foreach ($this->compiled as $slug => $ingredient) {
            foreach ([$slug, $ingredient['name'], ...$ingredient['aliases']] as $name) {
                $names[PlainName::of($name)] ??= $slug;
            }
        }

        return $this->names = $names;
    }
}
