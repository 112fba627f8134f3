<?php

declare(strict_types=1);

namespace App\Pantry;

use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\CatalogueReader;
use Vinculum\Pantry\Containers;
use Vinculum\Pantry\HandsPage;
use Vinculum\Pantry\KeepingPage;
use Vinculum\Pantry\StandIns;
use Vinculum\Pantry\Vocabulary;
use Vinculum\Pantry\WordPages;
use Vinculum\Recipe\Formats\RecipeDocument;

/**
 * The catalogue's tables and the styles, read once and kept as a PHP file, so that a request parses nothing.
 *
 * @phpstan-import-type CompiledIngredient from Catalogue
 * @phpstan-import-type StyleArray from RecipeDocument
 * @phpstan-import-type VocabularyArray from Vocabulary
 */
final readonly class Compiled
{
    /**
     * @param array<string, CompiledIngredient> $pantry
     * @param array<string, StyleArray> $styles
     * @param VocabularyArray $words
     */
    private function __construct(public array $pantry, public array $styles, private array $words) {}

    public static function load(string $path): self
    {
        if (! is_file($path)) {
            throw new \RuntimeException(
                'The catalogue has not been compiled. Run "php artisan vinculum:compile", or bin/start, which does.',
            );
        }
        /**
         * @var array{pantry: array<string, CompiledIngredient>, styles: array<string, StyleArray>,
         * words: VocabularyArray} $compiled
         */
        $compiled = require $path;

        return new self($compiled['pantry'], $compiled['styles'], $compiled['words']);
    }

    /**
     * @param string $folder that holds the catalogue's tables, the styles and the vocabulary
     *
     * @throws \Vinculum\Pantry\CatalogueError
     */
    public static function from(string $folder): self
    {
        $json = static fn (string $file): mixed => json_decode(
            (string) file_get_contents($file),
            true,
            16,
            JSON_THROW_ON_ERROR,
        );
        /** @var VocabularyArray $words */
        $words = ['reading' => WordPages::read(self::texts("{$folder}/words"))]
            + KeepingPage::read((string) file_get_contents("{$folder}/keeping.txt"))
            + HandsPage::read((string) file_get_contents("{$folder}/hands.txt"))
            + $json("{$folder}/vocabulary.json");
        $styles = [];
        foreach (glob("{$folder}/styles/*.json") ?: [] as $file) {
            /** @var list<StyleArray> $family */
            $family = $json($file);
            foreach ($family as $style) {
                $styles[$style['slug']] = $style;
            }
        }

        $pantry = CatalogueReader::read(self::texts("{$folder}/pantry", '.txt'), new Vocabulary($words));
        $standIns = StandIns::read((string) file_get_contents("{$folder}/stand-ins.txt"), array_keys($pantry));
        $catalogue = new Catalogue($pantry, new Vocabulary($words));
        foreach ($pantry as $slug => $ingredient) {
            // "milk" is the plain one, and not what was condensed
            $plain = $catalogue->named(explode(',', $ingredient['name'])[0]);
            $pantry[$slug]
                = [
                    'standIns' => $standIns[$slug] ?? [],
                    'sharesName' => $plain !== null && $plain->slug !== $slug,
                    'portions' => Containers::with(
                        $ingredient['portions'],
                        $ingredient['kinds'],
                        $ingredient['density'],
                        $words['kinds'],
                    ),
                ] + $ingredient;
        }

        $things = array_map(
            static fn (array $one): array => [
                'names' => [$one['name'], ...$one['aliases']],
                'contains' => $one['contains'],
            ],
            array_values($pantry),
        );

        return new self($pantry, $styles, (new Vocabulary($words))->withThings($things));
    }

    /** @return array<string, string> by name, with the ending where it is asked */
    private static function texts(string $folder, string $ending = ''): array
    {
        $texts = [];
        foreach (glob("{$folder}/*.txt") ?: [] as $file) {
            $texts[basename($file, '.txt').$ending] = (string) file_get_contents($file);
        }

        return $texts;
    }

    public function vocabulary(): Vocabulary
    {
        return new Vocabulary($this->words);
    }

    public function catalogue(): Catalogue
    {
        return new Catalogue($this->pantry, $this->vocabulary());
    }

    public function write(string $path): void
    {
        $text
            = "<?php\n\n// Made by \"php artisan vinculum:compile\" from database/pantry, stand-ins.txt, styles, "
                ."words, keeping.txt, hands.txt and vocabulary.json.\n\nreturn "
            .var_export(['pantry' => $this->pantry, 'styles' => $this->styles, 'words' => $this->words], true)
            .";\n";
        // whole or not at all: a request may be reading the old one
        file_put_contents("{$path}.new", $text, LOCK_EX);
        rename("{$path}.new", $path);
    }
}
