<?php

declare(strict_types=1);

namespace App\Pantry;

use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\CatalogueReader;
use Vinculum\Recipe\RecipeDocument;

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
     */
    private function __construct(public array $pantry, public array $styles) {}

    public static function load(string $path): self
    {
        if (! is_file($path)) {
            throw new \RuntimeException('The catalogue has not been compiled. Run "php artisan vinculum:compile", or bin/start, which does.');
        }
        /** @var array{pantry: array<string, CompiledIngredient>, styles: array<string, StyleArray>} $compiled */
        $compiled = require $path;

        return new self($compiled['pantry'], $compiled['styles']);
    }

    /**
     * @param string $tables folder of the catalogue's tables
     * @param string $styles folder of the styles, one JSON file a family
     *
     * @throws \Vinculum\Pantry\CatalogueError
     */
    public static function from(string $tables, string $styles): self
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

        return new self(CatalogueReader::read($texts), $bySlug);
    }

    public function write(string $path): void
    {
        $text = "<?php\n\n// Made by \"php artisan vinculum:compile\" from database/pantry and database/styles.\n\nreturn "
            .var_export(['pantry' => $this->pantry, 'styles' => $this->styles], true).";\n";
        // whole or not at all: a request may be reading the old one
        file_put_contents("{$path}.new", $text, LOCK_EX);
        rename("{$path}.new", $path);
    }
}
