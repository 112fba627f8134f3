<?php

declare(strict_types=1);

namespace App\Pantry;

use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\CatalogueReader;
use Vinculum\Pantry\KitchenTables;
use Vinculum\Recipe\Formats\RecipeDocument;

/**
 * The catalogue's tables and the styles, read once and kept as a PHP file, so that a request parses nothing.
 *
 * @phpstan-import-type CompiledIngredient from Catalogue
 * @phpstan-import-type StyleArray from RecipeDocument
 */
final readonly class Compiled
{
    /**
     * @param array<string, CompiledIngredient> $pantry
     * @param array<string, StyleArray> $styles
     * @param array<string, array<string, float>> $aromas strength per gram, by slug and aroma
     * @param array<string, array{int, int}> $seasons first and last month, by slug
     */
    private function __construct(public array $pantry, public array $styles, public array $aromas, public array $seasons) {}

    public static function load(string $path): self
    {
        if (! is_file($path)) {
            throw new \RuntimeException('The catalogue has not been compiled. Run "php artisan vinculum:compile", or bin/start, which does.');
        }
        /** @var array{pantry: array<string, CompiledIngredient>, styles: array<string, StyleArray>, aromas: array<string, array<string, float>>, seasons: array<string, array{int, int}>} $compiled */
        $compiled = require $path;

        return new self($compiled['pantry'], $compiled['styles'], $compiled['aromas'], $compiled['seasons']);
    }

    /**
     * @param string $tables folder of the catalogue's tables
     * @param string $styles folder of the styles, one JSON file a family
     * @param string $kitchen folder of the tables of aromas and seasons
     *
     * @throws \Vinculum\Pantry\CatalogueError
     */
    public static function from(string $tables, string $styles, string $kitchen): self
    {
        $texts = [];
        foreach (glob("{$tables}/*.txt") ?: [] as $file) {
            $texts[basename($file)] = (string) file_get_contents($file);
        }
        $bySlug = [];
        foreach (glob("{$styles}/*.json") ?: [] as $file) {
            /** @var list<StyleArray> $family */
            $family = json_decode((string) file_get_contents($file), true, 16, JSON_THROW_ON_ERROR);
            foreach ($family as $style) {
                $bySlug[$style['slug']] = $style;
            }
        }

        $pantry = CatalogueReader::read($texts);
        $table = static fn (string $name): string => (string) file_get_contents("{$kitchen}/{$name}.txt");

        return new self($pantry, $bySlug, KitchenTables::aromas($table('aroma'), array_keys($pantry)), KitchenTables::seasons($table('seasons'), array_keys($pantry)));
    }

    public function write(string $path): void
    {
        $text = "<?php\n\n// Made by \"php artisan vinculum:compile\" from database/pantry, database/styles and database/kitchen.\n\nreturn "
            .var_export(['pantry' => $this->pantry, 'styles' => $this->styles, 'aromas' => $this->aromas, 'seasons' => $this->seasons], true).";\n";
        // whole or not at all: a request may be reading the old one
        file_put_contents("{$path}.new", $text, LOCK_EX);
        rename("{$path}.new", $path);
    }
}
