<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Formats;

use Vinculum\Amount\Kitchenware;
use Vinculum\Pantry\Catalogue;
use Vinculum\Recipe\InvalidRecipe;

/**
 * The open recipe format (docs/format.md), which carries all of it.
 *
 * @phpstan-import-type RecipeArray from RecipeDocument
 */
final class VinculumJson implements ReadsText, WritesText
{
    public function name(): string
    {
        return 'json';
    }

    public function label(): string
    {
        return 'JSON';
    }

    public function isOf(string $text): bool
    {
        return (Json::object($text)['format'] ?? null) === RecipeDocument::FORMAT;
    }

    public function checked(string $text): array
    {
        return ['schema' => 'recipe', 'text' => $text];
    }

    public function bringIn(string $text, Catalogue $catalogue, Kitchenware $kit): BroughtIn
    {
        /** @var RecipeArray $document */
        $document = Json::object($text) ?? throw InvalidRecipe::at('text', 'This is no JSON that can be read.');

        return new BroughtIn(RecipeDocument::read($document));
    }

    public function ending(): string
    {
        return 'json';
    }

    public function mediaType(): string
    {
        return 'application/json';
    }

    public function takeOut(Outgoing $recipe): string
    {
        return Json::encode($recipe->document);
    }

    public function cannotCarry(): array
    {
        return [];
    }
}
