<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Pantry\Compiled;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\Ingredient;
use Vinculum\Pantry\OwnIngredient;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\Jotted\JottedText;
use Vinculum\Recipe\Recipe;
use Vinculum\Safety\Need;
use Vinculum\Taste\Style;

/**
 * Short ways to a recipe and what it comes to, on the catalogue that ships.
 *
 * @phpstan-import-type Definition from OwnIngredient
 */
final class Sauce
{
    private static ?Compiled $compiled = null;

    private static ?Catalogue $catalogue = null;

    public static function catalogue(): Catalogue
    {
        return self::$catalogue ??= self::compiled()->catalogue();
    }

    public static function ingredient(string $slug): Ingredient
    {
        return self::catalogue()->find($slug) ?? throw new \LogicException("There is no {$slug}.");
    }

    public static function need(string $named): Need
    {
        return Need::named($named, self::catalogue()->vocabulary)
            ?? throw new \LogicException("There is no need {$named}.");
    }

    public static function style(string $slug): Style
    {
        return Style::of(self::compiled()->styles[$slug]);
    }

    /** @return array<string, Style> that ship, by slug */
    public static function styles(): array
    {
        return array_map(Style::of(...), self::compiled()->styles);
    }

    /** @return iterable<string, Recipe> sixty recipes of our own, read as they were jotted down */
    public static function sixty(): iterable
    {
        foreach (file(dirname(__DIR__).'/data/sixty-recipes.txt', FILE_IGNORE_NEW_LINES) ?: [] as $row) {
            [$name, $lines] = array_map(trim(...), explode('|', $row));
            yield $name => JottedText::read(
                "{$name}\n\n".str_replace('; ', "\n", $lines),
                self::catalogue(),
                MeasuringSet::Metric,
            )[0];
        }
    }

    /**
     * One stage of lines, "ingredient" => "amount", or whole lines.
     *
     * @param array<array-key, string|array<string, mixed>> $lines
     * @param array<string, mixed> $stage further members of the stage
     * @param array<string, mixed> $recipe further members of the recipe
     */
    public static function of(array $lines, array $stage = [], array $recipe = []): Recipe
    {
        $documents = [];
        foreach ($lines as $ingredient => $line) {
            $documents[] = is_array($line)
                ? $line
                : [
                    'id' => (string) $ingredient,
                    'ingredient' => preg_replace('/ \d+$/', '', (string) $ingredient),
                    'amount' => $line,
                ];
        }
        return RecipeDocument::read(
            $recipe + [
                'format' => 'vinculum-recipe',
                'version' => 1,
                'name' => 'Test',
                'stages' => [['id' => 'stage', 'lines' => $documents] + $stage],
            ],
        );
    }

    /**
     * @param array<array-key, string|array<string, mixed>> $lines
     * @param array<string, mixed> $stage
     * @param array<string, mixed> $recipe
     */
    public static function evaluate(
        array $lines,
        array $stage = [],
        array $recipe = [],
        ?Style $style = null,
    ): Evaluation {
        return Evaluation::of(self::of($lines, $stage, $recipe), self::catalogue(), $style);
    }

    /**
     * The catalogue that ships, and ingredients of one's own.
     *
     * @param array<string, Definition> $definitions by slug
     */
    public static function catalogueWith(array $definitions): Catalogue
    {
        $own = [];
        foreach ($definitions as $slug => $definition) {
            $own[$slug] = OwnIngredient::compile($slug, $definition, self::catalogue());
        }

        return new Catalogue($own + self::compiled()->pantry, self::catalogue()->vocabulary);
    }

    private static function compiled(): Compiled
    {
        return self::$compiled ??= Compiled::from(Server::root().'/database');
    }
}
