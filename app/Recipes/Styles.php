<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Models\OwnStyle;
use App\Pantry\Household;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Taste\Style;

/**
 * The styles that ship with the product, and the household's own.
 *
 * @phpstan-import-type StyleArray from RecipeDocument
 */
final class Styles
{
    /** @var array<string, StyleArray>|null */
    private ?array $own = null;

    /**
     * @param array<string, StyleArray> $ships by slug
     */
    public function __construct(private readonly array $ships) {}

    /**
     * Our own first, then by family as they ship.
     *
     * @return list<StyleArray>
     */
    public function all(): array
    {
        return array_values($this->own() + $this->ships);
    }

    /**
     * All of them and which are ours (style-list.schema.json).
     *
     * @return array{styles: list<StyleArray>, own: list<string>}
     */
    public function listed(): array
    {
        return ['styles' => $this->all(), 'own' => $this->ownSlugs()];
    }

    /** @return list<string> */
    public function ownSlugs(): array
    {
        return array_map(strval(...), array_keys($this->own()));
    }

    /**
     * The style a recipe names or carries; null for none, and for a slug that is not known.
     *
     * @param string|StyleArray|null $style
     */
    public function of(string|array|null $style): ?Style
    {
        $document = is_string($style) ? $this->own()[$style] ?? ($this->ships[$style] ?? null) : $style;

        return $document === null ? null : Style::of($document);
    }

    /**
     * Keeps a style under a slug that nothing else has.
     *
     * @param StyleArray $style
     */
    public function keep(array $style): OwnStyle
    {
        Style::of($style);
        $base = mb_substr(Str::slug($style['name']), 0, 60) ?: 'my-style';
        for (
            $slug = $base, $number = 2;
            isset($this->ships[$slug]) || OwnStyle::withTrashed()->whereKey($slug)->exists();
            $number++
        ) {
            $slug = "{$base}-{$number}";
        }
        $this->own = null;

        return OwnStyle::query()->create(['slug' => $slug, 'document' => ['slug' => $slug] + $style]);
    }

    /**
     * @param StyleArray $style
     */
    public function change(OwnStyle $own, array $style): OwnStyle
    {
        Style::of($style);
        $own->update(['document' => ['slug' => $own->slug] + $style]);
        $this->own = null;

        return $own;
    }

    public function forget(OwnStyle $own): void
    {
        $own->delete();
        $this->readAgain();
    }

    /** What is the household's own is asked of the database again. */
    public function readAgain(): void
    {
        $this->own = null;
    }

    /** @return array<string, StyleArray> */
    private function own(): array
    {
        if ($this->own === null) {
            $this->own = [];
            foreach (Household::rows(DB::table('own_styles')->whereNull('deleted_at')->orderBy('slug')) as $row) {
                $this->own[(string) $row['slug']] = OwnStyle::read((string) $row['document']);
            }
        }

        return $this->own;
    }
}
