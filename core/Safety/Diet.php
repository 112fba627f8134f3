<?php

declare(strict_types=1);

namespace Vinculum\Safety;

use Vinculum\Cooking\CookedRecipe;
use Vinculum\Mixture\Constituent;
use Vinculum\Pantry\Ingredient;
use Vinculum\Pantry\Vocabulary;

/**
 * A way of eating, and which lines stand in its way: by allergens, traits and figures, as the vocabulary says. It
 * follows the lines: alcohol that boiled off was still put in.
 *
 * @phpstan-import-type DietRule from Vocabulary
 */
final readonly class Diet
{
    /**
     * @param DietRule $against what stands in its way
     * @param DietRule $check what does in some kinds
     */
    private function __construct(
        public string $slug,
        public string $name,
        public string $why,
        private array $against,
        private array $check,
    ) {}

    /** @return list<self> */
    public static function all(Vocabulary $vocabulary): array
    {
        return array_map(
            static fn (string $slug): self => self::named($slug, $vocabulary),
            array_keys($vocabulary->words['diets']),
        );
    }

    /** @throws \LogicException where the vocabulary has no such diet */
    public static function named(string $slug, Vocabulary $vocabulary): self
    {
        $words = $vocabulary->words['diets'][$slug] ?? throw new \LogicException("There is no diet {$slug}.");

        return new self($slug, $words['name'], $words['why'], $words['against'], $words['check']);
    }

    /**
     * Lines in its way, lines of which some kinds are, and lines of which nobody has said what they are made of.
     *
     * @return array{against: list<string>, check: list<string>} line ids
     */
    public function of(CookedRecipe $cooked): array
    {
        $found = ['against' => [], 'check' => []];
        $isSalty = $this->isSalty($cooked);
        foreach ($cooked->weighed->lines as $line) {
            if ($line->line->leftOut) {
                continue;
            }
            $verdict
                = $line->ingredient === null
                    ? $this->verdictOnUnknown($line->line->ingredient, $cooked->weighed->vocabulary)
                    : $this->verdict($line->ingredient);
            if ($line->ingredient !== null && isset($this->against['sodium_over'])) {
                $verdict
                    = $isSalty
                    && 100 * $line->ingredient->perGram[Constituent::SODIUM] > $this->against['sodium_over']
                        ? 'against'
                        : null;
            }
            if ($verdict !== null) {
                $found[$verdict][] = $line->line->id;
            }
        }

        return $found;
    }

    /**
     * Whether a thing by itself stands in its way; how salty a sauce is hangs on all of it. What nobody has spoken for
     * is to be checked, for any diet that goes by what a thing contains or is.
     *
     * @return 'against'|'check'|null
     */
    public function verdict(Ingredient $ingredient): ?string
    {
        $goesByContents = isset($this->against['contains']) || isset($this->against['traits']);

        return match (true) {
            self::holds($this->against, $ingredient, $ingredient->contains) => 'against',
            self::holds($this->check, $ingredient, $ingredient->mayContain),
            ! $ingredient->allergensKnown && $goesByContents
                => 'check',
            default => null,
        };
    }

    /**
     * Of what nobody knows: what its own name says is in its way, and all else is to be checked.
     *
     * @return 'against'|'check'
     */
    public function verdictOnUnknown(string $name, Vocabulary $vocabulary): string
    {
        $isNamed = array_intersect($vocabulary->allergensNamed($name), $this->against['contains'] ?? []) !== []
            || $vocabulary->isNamed($this->against['named'] ?? [], $name)
            || $vocabulary->isOneOf($this->against['names'] ?? [], $name);

        return $isNamed ? 'against' : 'check';
    }

    /**
     * @param DietRule $rule
     * @param list<string> $allergens
     */
    private static function holds(array $rule, Ingredient $ingredient, array $allergens): bool
    {
        return array_intersect($allergens, $rule['contains'] ?? []) !== []
            || array_intersect($ingredient->traits, $rule['traits'] ?? []) !== []
            || (isset($rule['ethanol_from'])
                && 100 * $ingredient->perGram[Constituent::ETHANOL] >= $rule['ethanol_from']);
    }

    private function isSalty(CookedRecipe $cooked): bool
    {
        $mass = $cooked->mixture->mass();

        return $mass > 0.0
            && (100 * $cooked->mixture->grams[Constituent::SODIUM]) / $mass > ($this->against['sodium_over'] ?? INF);
    }
}
