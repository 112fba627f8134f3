<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Formats;

use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Recipe\Recipe;

/** The vessels a recipe measures in, which no schema sees, as they stand under a key of our own. */
final class VesselsDocument
{
    /** Characters of a vessel's name, and millilitres of a vessel. */
    private const LONGEST_VESSEL = 60;
    private const LARGEST_VESSEL = 100000;

    /**
     * @param array<string, mixed> $document
     *
     * @throws InvalidRecipe naming the vessel
     */
    public static function check(array $document): void
    {
        $vessels = $document[Recipe::VESSELS] ?? [];
        $vessels = $vessels instanceof \stdClass ? get_object_vars($vessels) : $vessels;
        if (! is_array($vessels)) {
            throw InvalidRecipe::at(Recipe::VESSELS, 'Expected: millilitres by the name of a vessel.');
        }
        foreach ($vessels as $name => $millilitres) {
            $field = Recipe::VESSELS.".{$name}";
            if (preg_match('/\p{L}/u', (string) $name) !== 1 || mb_strlen((string) $name) > self::LONGEST_VESSEL) {
                throw InvalidRecipe::at($field, 'Expected: a vessel’s name has a letter in it, such as blue mug.');
            }
            $isNumber = is_int($millilitres) || is_float($millilitres);
            if (! $isNumber || $millilitres <= 0 || $millilitres > self::LARGEST_VESSEL) {
                throw InvalidRecipe::at($field, 'Expected: millilitres above 0, up to 100000.');
            }
        }
    }
}
