<?php

declare(strict_types=1);

namespace Vinculum\Pantry;

/** An ingredient that cannot be; names the field, for the maker who gave it. */
final class InvalidIngredient extends \DomainException
{
    private function __construct(public readonly string $field, string $message)
    {
        parent::__construct($message);
    }

    public static function noRelative(string $slug): self
    {
        return new self(
            'like',
            $slug === ''
                ? 'Say what it is most like: what its label does not say is taken from there.'
                : "There is no “{$slug}” in the pantry to be like.",
        );
    }

    public static function noConstituent(string $key): self
    {
        return new self("per_100g.{$key}", "“{$key}” is no constituent.");
    }

    public static function moreThanHundred(float $grams): self
    {
        return new self(
            'values',
            sprintf(
                'These come to more than 100 g in 100 g: %.0f g without any water. Are they per serving? Then '
                    .'say how large a serving is.',
                $grams,
            ),
        );
    }

    public static function serving(): self
    {
        return new self(
            'serving',
            'is not a serving. Expected: grams, millilitres, spoons or cups, such as 30 g, 15 ml or 1 tbsp.',
        );
    }

    public static function servingWithoutDensity(): self
    {
        return new self(
            'serving',
            'is a volume, and nobody knows how heavy this is by volume. Give the serving in grams, which most '
                .'labels do beside it.',
        );
    }

    public static function emptyPot(): self
    {
        return new self('recipe', 'There is nothing in that pot yet.');
    }
}
