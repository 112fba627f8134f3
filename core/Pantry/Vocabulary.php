<?php

declare(strict_types=1);

namespace Vinculum\Pantry;

/**
 * The words that data and rules share. They stand once, in database/vocabulary.json and the pages beside it, which also
 * say what each means; an invalid table of them is refused when the product is built.
 *
 * @phpstan-type Allergen array{
 *     name: string,
 *     lists: list<string>,
 *     also?: list<string>,
 *     unexpected?: bool,
 *     named?: list<string>,
 *     things?: list<string>,
 * }
 * @phpstan-type Hazard array{
 *     traits?: list<string>, kinds?: list<string>, named?: list<string>, names?: list<string>, unless?: list<string>,
 *     anywhere?: bool, called?: string, share?: float, wet?: bool, until_cooked?: bool, cooked_from?: float|int,
 *     grade?: string, grade_cooked?: string, forbids?: bool, name?: string, text: string, rule: string,
 * }
 * @phpstan-type DietRule array{
 *     contains?: list<string>, traits?: list<string>, named?: list<string>, names?: list<string>,
 *     ethanol_from?: float|int, sodium_over?: float|int,
 * }
 * @phpstan-type DietWords array{name: string, why: string, against: DietRule, check: DietRule}
 * @phpstan-type NeedWords array{
 *     name: string, diet?: string, allergens?: list<string>, traits?: list<string>, also?: list<string>,
 * }
 * @phpstan-type ProcessWords array{name: string, leaves_it: string, cooks: bool}
 * @phpstan-import-type KeepingRow from KeepingPage
 * @phpstan-import-type HandsArray from HandsPage
 * @phpstan-type VocabularyArray array{
 *     keepers: array<string, array<string, float>>,
 *     keeping: array<string, KeepingRow>,
 *     hands: HandsArray,
 *     allergens: array<string, Allergen>,
 *     names: array<string, array{named: list<string>, unless: list<string>}>,
 *     hazards: array<string, Hazard>,
 *     diets: array<string, DietWords>,
 *     needs: array<string, NeedWords>,
 *     roles: array<string, string>,
 *     processes: array<string, ProcessWords>,
 *     tints: array<string, string>,
 *     colours: array<string, string>,
 *     of_any_sauce: list<string>,
 *     yardsticks: array<string, list<string>>,
 *     hues: list<array{int, string}>,
 *     kinds: array<string, array{name: string, of?: string, called?: list<string>, holds?: array<string, int>}>,
 *     traits: array<string, string>,
 *     reading: array<string, array<string, string>>,
 * }
 */
final readonly class Vocabulary
{
    /** Words of what stands in the place of something. */
    private const INSTEAD = ['vegan', 'plant', 'mock', 'substitute', 'replacer'];

    /** Then what is said may hold and may not: "milk or plant milk", "soy sauce (gluten-free if needed)". */
    private const PERHAPS = '/\b(?:or|if|for|otherwise|check|omit|leave)\b/iu';

    /** What something is free of: "gluten-free", "eggless", "without nuts", but no "free-range". */
    private const FREE_OF = '/\b(?:(?:free (?:of|from)|without) (?:the |any )?(\p{L}+)'
        .'|(\p{L}+)(?:\W?free|less)\b(?!\W?range))/iu';

    /**
     * @param VocabularyArray $words
     *
     * @throws CatalogueError where a diet, a need or a process names what is not in it
     */
    public function __construct(public array $words)
    {
        foreach (array_keys($words['kinds']) as $kind) {
            $this->kindsOf($kind);
        }
        foreach ($words['diets'] as $diet) {
            foreach ([$diet['against'], $diet['check']] as $rule) {
                self::refuseUnknown('allergen', $rule['contains'] ?? [], $words['allergens']);
                self::refuseUnknown('trait', $rule['traits'] ?? [], $words['traits']);
            }
        }
        foreach ($words['needs'] as $need) {
            self::refuseUnknown('allergen', $need['allergens'] ?? [], $words['allergens']);
            self::refuseUnknown('trait', $need['traits'] ?? [], $words['traits']);
            self::refuseUnknown('diet', isset($need['diet']) ? [$need['diet']] : [], $words['diets']);
        }
    }

    /**
     * The same, with every name that things of the pantry go by beside the allergens they contain, so that an unread
     * line is warned of by whatever it names: "walnut butter". A noun that all of several end in counts too: every miso
     * is of soya, though not every flour of wheat.
     *
     * @param list<array{names: list<string>, contains: list<string>}> $things
     * @return VocabularyArray
     */
    public function withThings(array $things): array
    {
        $named = [];
        $ending = [];
        foreach ($things as $thing) {
            $nouns = [];
            foreach ($thing['names'] as $name) {
                // "cider vinegar, 5 %": what stands behind the comma says which, and is no part of a name
                $name = Singular::of(mb_strtolower(explode(',', $name)[0]));
                $nouns[(string) preg_replace('/^.*[\s-]/u', '', $name)] = true;
                foreach ($thing['contains'] as $allergen) {
                    $named[$allergen][preg_quote($name, '/')] = true;
                }
            }
            foreach (array_keys($nouns) as $noun) {
                $ending[$noun][] = $thing['contains'];
            }
        }
        foreach ($ending as $noun => $contained) {
            foreach (count($contained) > 1 ? array_intersect(...$contained) : [] as $allergen) {
                $named[$allergen][preg_quote((string) $noun, '/')] = true;
            }
        }
        $words = $this->words;
        foreach ($words['allergens'] as $allergen => $says) {
            $says['things'] = array_map(strval(...), array_keys($named[$allergen] ?? []));
            $words['allergens'][$allergen] = $says;
        }

        return $words;
    }

    /**
     * A kind, and those it is within, the widest last.
     *
     * @return non-empty-list<string>
     *
     * @throws CatalogueError where there is no such kind, or one is within itself
     */
    public function kindsOf(string $kind): array
    {
        $kinds = [$kind];
        while (true) {
            self::refuseUnknown('kind', [$kind], $this->words['kinds']);
            $kind = $this->words['kinds'][$kind]['of'] ?? null;
            if ($kind === null) {
                return $kinds;
            }
            if (in_array($kind, $kinds, true)) {
                throw CatalogueError::at('vocabulary.json', 0, "the kind “{$kind}” is within itself");
            }
            $kinds[] = $kind;
        }
    }

    /** As a shelf of the pantry is read: "fruit". */
    public function kindName(string $kind): string
    {
        return $this->words['kinds'][$kind]['name'] ?? $kind;
    }

    /**
     * Allergens nobody expects where there were none: of animals, nuts and sesame.
     *
     * @return list<string>
     */
    public function unexpectedAllergens(): array
    {
        return array_keys(array_filter(
            $this->words['allergens'],
            static fn (array $allergen): bool => $allergen['unexpected'] ?? false,
        ));
    }

    /** @return list<string> in the order they are shown */
    public function allergens(): array
    {
        return array_keys($this->words['allergens']);
    }

    /** As it is read: "tree nuts". */
    public function allergenName(string $allergen): string
    {
        return $this->words['allergens'][$allergen]['name'] ?? $allergen;
    }

    /**
     * Allergens that words name, whoever knows the thing: "soy flour", "six oysters", and by the name of anything in
     * the pantry that contains them: "raw cashew butter". Not the one it is said to be free of, and none of an animal
     * where plants are said to stand in its place.
     *
     * @return list<string> in the order they are shown
     */
    public function allergensNamed(string $words): array
    {
        $without = [
            ...$this->allergensWithout($words),
            ...$this->isInstead($words) ? $this->words['diets']['vegan']['against']['contains'] ?? [] : [],
        ];
        $words = (string) preg_replace(self::FREE_OF, ' ', $words);
        $named = array_keys(array_filter(
            $this->words['allergens'],
            static fn (array $says): bool => self::holds([...$says['named'] ?? [], ...$says['things'] ?? []], $words),
        ));

        return array_values(array_diff($named, $without));
    }

    /**
     * Allergens of what may be taken in the place of a thing: "or soya cream", "oat if you like".
     *
     * @return list<string> in the order they are shown
     */
    public function allergensOfAnother(string $words): array
    {
        return self::isPerhaps($words) ? $this->allergensNamed($words) : [];
    }

    /** Whether words name a choice: what they say of a thing may hold and may not. */
    public static function isPerhaps(string $words): bool
    {
        return preg_match(self::PERHAPS, $words) === 1;
    }

    /** Whether words say that it is not this: gluten-free flour is no plain flour, vegan honey no honey. */
    public function isRuledOut(Ingredient $ingredient, string $words): bool
    {
        $against = $this->isInstead($words) ? $this->words['diets']['vegan']['against'] : [];

        return array_intersect(
            [...$this->allergensWithout($words), ...$against['contains'] ?? []],
            $ingredient->contains,
        ) !== [] || array_intersect($against['traits'] ?? [], $ingredient->traits) !== [];
    }

    /** Whether it is made of plants in the place of what it is called after. */
    private function isInstead(string $words): bool
    {
        return self::holds(self::INSTEAD, $words) && ! self::isPerhaps($words);
    }

    /** @return list<string> allergens that words say are not in the thing */
    private function allergensWithout(string $words): array
    {
        if (self::isPerhaps($words)) {
            return [];
        }
        preg_match_all(self::FREE_OF, $words, $free);
        $without = implode(' ', [...$free[1], ...$free[2]]);

        return array_keys(array_filter(
            $this->words['allergens'],
            static fn (array $says, string $allergen): bool => self::holds(
                [$allergen, ...$says['also'] ?? [], ...$says['named'] ?? []],
                $without,
            ),
            ARRAY_FILTER_USE_BOTH,
        ));
    }

    /**
     * What is poisonous, or is until it is boiled, by the words alone.
     *
     * @return array<string, Hazard> by code
     */
    public function hazardsNamed(string $words): array
    {
        return array_filter(
            $this->words['hazards'],
            fn (array $hazard): bool => (self::holds($hazard['named'] ?? [], $words)
                    || $this->isOneOf($hazard['names'] ?? [], $words))
                && ! self::holds($hazard['unless'] ?? [], $words),
        );
    }

    /**
     * Whether words name one of these things, and not one that stands in its place.
     *
     * @param list<string> $patterns of whole words
     */
    public function isNamed(array $patterns, string $words): bool
    {
        return self::holds($patterns, (string) preg_replace(self::FREE_OF, ' ', $words)) && ! $this->isInstead($words);
    }

    /**
     * Whether words name one of a group of things, "meat", and not something that is only called after one: beef
     * tomatoes, kidney beans, duck eggs.
     *
     * @param list<string> $groups of "names"
     */
    public function isOneOf(array $groups, string $words): bool
    {
        foreach ($groups as $group) {
            ['named' => $named, 'unless' => $unless] = $this->words['names'][$group];
            if ($this->isNamed($named, $words) && ! self::holds($unless, $words)) {
                return true;
            }
        }

        return false;
    }

    /** @param list<string> $patterns of whole words, of one or of several */
    private static function holds(array $patterns, string $words): bool
    {
        return $patterns !== [] && preg_match('/\b(?:'.implode('|', $patterns).')(?:e?s)?\b/iu', $words) === 1;
    }

    public function isAllergen(string $name): bool
    {
        return isset($this->words['allergens'][$name]);
    }

    public function isTrait(string $name): bool
    {
        return isset($this->words['traits'][$name]);
    }

    /** Whether what goes through it counts as cooked: blended, soaked and only warmed does not. */
    public function cooks(string $process): bool
    {
        return $this->words['processes'][$process]['cooks'];
    }

    /** Whether the pot is hot after it; null where it stays as it was. */
    public function leavesHot(string $process): ?bool
    {
        return match ($this->words['processes'][$process]['leaves_it']) {
            'hot' => true,
            'cold' => false,
            default => null,
        };
    }

    /**
     * @param list<string> $names
     * @param array<string, mixed> $known
     */
    private static function refuseUnknown(string $what, array $names, array $known): void
    {
        foreach ($names as $name) {
            if (! isset($known[$name])) {
                throw CatalogueError::at(
                    'vocabulary.json',
                    0,
                    "“{$name}” is no {$what}; they are ".implode(', ', array_keys($known)),
                );
            }
        }
    }
}
