<?php

declare(strict_types=1);

namespace Vinculum\Safety;

use Vinculum\Pantry\Ingredient;
use Vinculum\Pantry\Vocabulary;
use Vinculum\Recipe\InvalidRecipe;

/**
 * What a sauce is to be free of, or fit for. It says what lines contain and what to check: never that a sauce is safe
 * for anyone.
 */
final readonly class Need
{
    /**
     * @param list<string> $allergens none for a diet
     * @param list<string> $traits of what stands in its way besides
     */
    private function __construct(
        public string $slug,
        private ?Diet $diet,
        private array $allergens,
        private array $traits,
        private Vocabulary $vocabulary,
    ) {}

    /** What somebody does not eat, and not what makes them ill. */
    public function isDiet(): bool
    {
        return $this->diet !== null;
    }

    /** By its slug or as a cook says it, "egg", "no soya", "dairy-free"; null where the vocabulary has no such need. */
    public static function named(string $said, Vocabulary $vocabulary): ?self
    {
        $needs = $vocabulary->words['needs'];
        $slug = str_replace(' ', '-', mb_strtolower(trim($said)));
        $slug = (string) preg_replace('/^(?:no|without)-|-free$/', '', $slug);
        if (! isset($needs[$slug])) {
            $slug = (string) array_key_first(array_filter(
                $needs,
                static fn (array $words): bool => in_array($slug, $words['also'] ?? [], true),
            ));
        }
        $words = $needs[$slug] ?? null;

        return $words === null
            ? null
            : new self(
                $slug,
                isset($words['diet']) ? Diet::named($words['diet'], $vocabulary) : null,
                $words['allergens'] ?? [],
                $words['traits'] ?? [],
                $vocabulary,
            );
    }

    /**
     * @param list<string> $said
     * @return list<self>
     *
     * @throws InvalidRecipe naming the field, where the vocabulary has no such need
     */
    public static function each(array $said, Vocabulary $vocabulary, string $field): array
    {
        $accepted = implode(', ', array_keys($vocabulary->words['needs']));

        return array_map(
            static fn (string $one): self => self::named($one, $vocabulary)
                ?? throw InvalidRecipe::at($field, "“{$one}” is not accepted. Expected: one of {$accepted}."),
            $said,
        );
    }

    /**
     * Whether a thing stands in its way, or some kinds of it do; of what nobody has spoken for, perhaps.
     *
     * @return 'against'|'check'|null
     */
    public function verdict(Ingredient $ingredient): ?string
    {
        if ($this->diet !== null) {
            return $this->diet->verdict($ingredient);
        }

        return match (true) {
            array_intersect($ingredient->contains, $this->allergens) !== [],
            array_intersect($ingredient->traits, $this->traits) !== []
                => 'against',
            array_intersect($ingredient->mayContain, $this->allergens) !== [], ! $ingredient->allergensKnown => 'check',
            default => null,
        };
    }

    /**
     * Of what nobody knows: whether its own name is in the way, or all there is to say is that nobody knows.
     *
     * @return 'against'|'check'
     */
    public function verdictOnUnknown(string $name): string
    {
        if ($this->diet !== null) {
            return $this->diet->verdictOnUnknown($name, $this->vocabulary);
        }

        return array_intersect($this->vocabulary->allergensNamed($name), $this->allergens) === [] ? 'check' : 'against';
    }

    /** "contains wheat", "is not vegan" */
    public function why(Ingredient $ingredient): string
    {
        $found = array_intersect($ingredient->contains, $this->allergens);

        return $found === []
            ? $this->diet->why ?? 'is made of it, or may contain it'
            : 'contains '.implode(' and ', array_map($this->vocabulary->allergenName(...), $found));
    }
}
