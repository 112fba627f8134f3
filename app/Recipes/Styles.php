<?php

declare(strict_types=1);

namespace App\Recipes;

use Vinculum\Recipe\RecipeDocument;
use Vinculum\Taste\Style;

/**
 * The styles that ship with the product.
 *
 * @phpstan-import-type StyleArray from RecipeDocument
 */
final readonly class Styles
{
    /**
     * @param array<string, StyleArray> $bySlug
     */
    public function __construct(private array $bySlug) {}

    /**
     * @return list<StyleArray>
     */
    public function all(): array
    {
        return array_values($this->bySlug);
    }

    /**
     * The style a recipe names or carries; null for none, and for a slug that is not known.
     *
     * @param string|StyleArray|null $style
     */
    public function of(string|array|null $style): ?Style
    {
        $document = is_string($style) ? $this->bySlug[$style] ?? null : $style;

        return $document === null ? null : Style::of($document);
    }
}
