<?php

declare(strict_types=1);

namespace Vinculum\Pantry;

/**
 * The ingredients a recipe can name. Built from compiled arrays, one Ingredient made the first time it is asked for.
 *
 * @phpstan-type CompiledIngredient array{slug: string, name: string, group: string, aliases: list<string>, roles: list<string>, tint: string, form: string, certainty: string, density: float|null, densitySource: string, portions: list<array{string, float, string}>, composition: list<float|null>, sources: list<string>, caution: string, contains: list<string>, mayContain: list<string>}
 */
final class Catalogue
{
    /** @var array<string, Ingredient> */
    private array $made = [];

    /** @var array<string, string>|null slug by every slug and alias, lower case */
    private ?array $names = null;

    /**
     * @param array<string, CompiledIngredient> $compiled by slug
     */
    public function __construct(private readonly array $compiled) {}

    /** By slug or by the slug it once had. */
    public function find(string $slug): ?Ingredient
    {
        if (isset($this->made[$slug])) {
            return $this->made[$slug];
        }
        $found = isset($this->compiled[$slug]) ? $slug : $this->names()[self::plain($slug)] ?? null;
        if ($found === null) {
            return null;
        }

        return $this->made[$slug] = Ingredient::fromCompiled($this->compiled[$found]);
    }

    /**
     * @return list<string>
     */
    public function slugs(): array
    {
        return array_keys($this->compiled);
    }

    /**
     * Ingredients by what a maker types, best first: whole name, then its start, then the start of a word, then anywhere.
     *
     * @return list<Ingredient>
     */
    public function search(string $typed, int $most = 12): array
    {
        $wanted = self::plain($typed);
        $ranked = [];
        foreach ($this->names() as $name => $slug) {
            $rank = match (true) {
                $wanted === '' => 0,
                $name === $wanted => 0,
                str_starts_with($name, $wanted) => 1,
                str_contains(' '.$name, ' '.$wanted) => 2,
                self::holdsAllWords($name, $wanted) => 3,
                str_contains($name, $wanted) => 4,
                default => null,
            };
            if ($rank !== null && $rank < ($ranked[$slug] ?? 9)) {
                $ranked[$slug] = $rank;
            }
        }
        $slugs = array_keys($ranked);
        usort($slugs, fn (string $a, string $b): int => [$ranked[$a], $this->compiled[$a]['name']] <=> [$ranked[$b], $this->compiled[$b]['name']]);

        return array_map(fn (string $slug): Ingredient => $this->made[$slug] ??= Ingredient::fromCompiled($this->compiled[$slug]), array_slice($slugs, 0, $most));
    }

    /**
     * Up to three ingredients whose names are most like a word nobody knows.
     *
     * @return list<string> slugs
     */
    public function nearest(string $word): array
    {
        $plain = self::plain($word);
        $distance = [];
        foreach ($this->names() as $name => $slug) {
            $near = levenshtein(substr($plain, 0, 60), substr($name, 0, 60)) / max(strlen($plain), strlen($name), 1);
            if ($near <= 0.4 || ($plain !== '' && str_contains($name, $plain))) {
                $distance[$slug] = min($near, $distance[$slug] ?? 1.0);
            }
        }
        asort($distance);

        return array_slice(array_keys($distance), 0, 3);
    }

    /** Lower case, hyphens and punctuation as spaces. */
    private static function plain(string $name): string
    {
        return trim(preg_replace('/[^\p{L}\p{N}%]+/u', ' ', mb_strtolower($name)) ?? '');
    }

    private static function holdsAllWords(string $name, string $wanted): bool
    {
        foreach (explode(' ', $wanted) as $word) {
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
        foreach ($this->compiled as $slug => $ingredient) {
            foreach ([$slug, $ingredient['name'], ...$ingredient['aliases']] as $name) {
                $names[self::plain($name)] ??= $slug;
            }
        }

        return $this->names = $names;
    }
}
