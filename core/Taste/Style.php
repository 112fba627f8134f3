<?php

declare(strict_types=1);

namespace Vinculum\Taste;

use Vinculum\Recipe\InvalidRecipe;

/**
 * Bands for the measures and ratios of a kind of sauce.
 *
 * @phpstan-import-type StyleArray from \Vinculum\Recipe\RecipeDocument
 */
final readonly class Style
{
    /**
     * @param array<string, Band> $bands by Measure or Ratio value
     * @param list<string> $cues words makers use for it
     */
    private function __construct(
        public string $slug,
        public string $name,
        public string $family,
        public array $bands,
        public array $cues,
        public string $source,
    ) {}

    /**
     * @param StyleArray $style
     *
     * @throws InvalidRecipe where a band is out of order
     */
    public static function of(array $style): self
    {
        $bands = [];
        foreach ($style['bands'] as $figure => $band) {
            try {
                $bands[$figure] = new Band((float) $band['low'], (float) $band['aim'], (float) $band['high']);
            } catch (\DomainException $why) {
                throw InvalidRecipe::at("style.bands.{$figure}", $why->getMessage());
            }
        }

        return new self($style['slug'], $style['name'], $style['family'], $bands, $style['cues'] ?? [], $style['source']);
    }

    public function band(Measure|Ratio $figure): ?Band
    {
        return $this->bands[$figure->value] ?? null;
    }
}
