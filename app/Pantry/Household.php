<?php

declare(strict_types=1);

namespace App\Pantry;

use App\Models\OnHand;
use App\Models\OwnIngredientRecord;
use App\Models\PreferencesRecord;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Query\Builder as QueryBuilder;
use Illuminate\Support\Facades\DB;
use Vinculum\Amount\Kitchenware;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\InvalidIngredient;
use Vinculum\Pantry\OwnIngredient;
use Vinculum\Pantry\PlainName;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\Recipe;

/**
 * The catalogue as this household has it: what ships, what it has made its own, and what a recipe brings along.
 *
 * @phpstan-import-type Definition from OwnIngredient
 * @phpstan-import-type RecipeArray from RecipeDocument
 */
final class Household
{
    /** Own ingredients up to which all of them are opened for whatever is asked; judgement. */
    private const ALL_OF = 300;

    /** @var array<string, Definition>|null */
    private ?array $definitions = null;

    /** @var array<string, Catalogue> of a pantry of thousands, by what was to be understood in one request */
    private array $parts = [];

    /** Whether there are more than are opened at once; null before that is known. */
    private ?bool $isMany = null;

    private ?Catalogue $catalogue = null;

    /** @var array<string, float>|null */
    private ?array $vessels = null;

    private ?Preferences $preferences = null;

    public function __construct(private readonly Compiled $compiled) {}

    /**
     * What a household has written down; nothing before the first start has made a database, so that the console
     * works without
     * one. A database that is there and cannot be read is another matter, and an error.
     *
     * @template T of Model
     *
     * @param Builder<T> $query
     * @return Collection<int, T>
     */
    public static function stored(Builder $query): Collection
    {
        $file = config()->string('database.connections.sqlite.database');

        return $file === ':memory:' || is_file($file) ? $query->get() : new Collection;
    }

    /**
     * The same in bare rows, for what every figure asks: a model is dear to set up where a few values are read.
     *
     * @return list<array<string, mixed>>
     */
    public static function rows(QueryBuilder $query): array
    {
        $file = config()->string('database.connections.sqlite.database');

        return $file === ':memory:' || is_file($file)
            ? array_values($query->get()->map(static fn (object $row): array => (array) $row)->all())
            : [];
    }

    /**
     * @return array<string, float> millilitres by name
     */
    public function vessels(): array
    {
        if ($this->vessels === null) {
            $this->vessels = [];
            foreach (
                self::rows(DB::table('vessels')->orderBy('name')) as ['name' => $name, 'millilitres' => $millilitres]
            ) {
                $this->vessels[(string) $name] = (float) $millilitres;
            }
        }

        return $this->vessels;
    }

    public function preferences(): Preferences
    {
        if ($this->preferences === null) {
            $row = self::rows(DB::table('preferences'))[0] ?? null;
            $this->preferences
                = $row === null ? Preferences::usual() : PreferencesRecord::read((string) $row['document']);
        }

        return $this->preferences;
    }

    /**
     * All of it; of a pantry of thousands, what ships, what of its own is on hand, and what is named in the words that
     * are to be understood.
     */
    public function catalogue(string $said = ''): Catalogue
    {
        if ($this->catalogue !== null) {
            return $this->catalogue;
        }
        $all = $this->definitions();

        return $all === null
            ? $this->parts[$said] ??= $this->with($this->namedIn($said))
            : $this->catalogue = $this->with($all);
    }

    /** Every one of the household's own, for what is asked of all of them. */
    public function whole(): Catalogue
    {
        if ($this->definitions() !== null) {
            return $this->catalogue();
        }
        $all = [];
        foreach (self::rows(DB::table('own_ingredients')->whereNull('deleted_at')->orderBy('slug')) as $row) {
            $all[(string) $row['slug']] = OwnIngredientRecord::read((string) $row['definition']);
        }

        return $this->with($all);
    }

    /**
     * @return array<string, Definition> of the household's own what is on hand, what it means by its words, and what is
     *     named in a text
     */
    private function namedIn(string $said): array
    {
        $plain = PlainName::of($said);
        $named = $plain === '' ? [] : DB::table('own_ingredients')
            ->whereNull('deleted_at')
            // by its name but for the plural, or by its slug
            ->whereRaw(
                "(instr(?, rtrim(substr(found_by, 2, instr(substr(found_by, 2), '|') - 1), 's')) > 0 "
                    .'or instr(?, slug) > 0)',
                [$plain, $said],
            )
            ->limit(self::ALL_OF)
            ->pluck('slug')
            ->map(strval(...))
            ->all();

        return $this->definitionsOf([
            ...array_values($this->preferences()->meanings),
            ...OnHand::slugs(),
            ...array_values($named),
        ]);
    }

    /** What is known of the household is read anew: it has just been changed. */
    public function forget(): void
    {
        $this->definitions = null;
        $this->isMany = null;
        $this->parts = [];
        $this->catalogue = null;
        $this->vessels = null;
        $this->preferences = null;
    }

    /** With the recipe's own definitions of what the household does not know. */
    public function catalogueFor(Recipe $recipe, string $said = ''): Catalogue
    {
        $named = array_map(static fn (Line $line): string => $line->ingredient, $recipe->lines());
        $said = implode(' ', [...$named, ...array_keys($recipe->ingredients), $said]);
        $catalogue = $this->catalogue($said);
        $brought = [];
        foreach ($recipe->ingredients as $slug => $definition) {
            if ($catalogue->find($slug) === null && is_array($definition)) {
                /** @var Definition $definition */
                $brought[$slug] = $definition;
            }
        }

        return $brought === [] ? $catalogue : $this->with(($this->definitions() ?? $this->namedIn($said)) + $brought);
    }

    /**
     * Enough of it to evaluate a recipe with: what ships, and of the household's own what the recipe names, so that a
     * pantry of
     * thousands costs a recipe nothing. All of it where a line names something by other words than a slug.
     */
    public function justFor(Recipe $recipe): Catalogue
    {
        $named = array_values(
            array_unique(array_map(static fn (Line $line): string => $line->ingredient, $recipe->lines())),
        );
        $own
            = $this->catalogue !== null
                ? null
                : $this->definitionsOf([
                    ...$named,
                    ...array_keys($recipe->ingredients),
                    ...array_values($this->preferences()->meanings),
                ]);
        foreach ($recipe->ingredients as $slug => $definition) {
            if ($own !== null && ! isset($this->compiled->pantry[$slug]) && is_array($definition)) {
                /** @var Definition $definition */
                $own += [$slug => $definition];
            }
        }
        foreach ($named as $slug) {
            if ($own === null || (! isset($this->compiled->pantry[$slug]) && ! isset($own[$slug]))) {
                return $this->catalogueFor($recipe);
            }
        }

        return $this->with($own ?? []);
    }

    /**
     * Enough of it to find what is typed in: what ships, and of the household's own those that are found first. An
     * empty text
     * finds them all.
     *
     * @param int $most of the household's own
     */
    public function searched(string $typed, int $most): Catalogue
    {
        if ($this->catalogue !== null) {
            return $this->catalogue;
        }
        // ranked by what stands in the index; the definitions, which are long, are opened for what is found
        $found = self::stored(OwnIngredientRecord::query()->select('slug')->found($typed)->limit($most))->modelKeys();

        return $this->with($this->definitionsOf([...array_values($this->preferences()->meanings), ...$found]));
    }

    /** What ships, and nothing of the household's own. */
    public function shipped(): Catalogue
    {
        return $this->compiled->catalogue();
    }

    /**
     * What the catalogue would be with one definition put in or changed.
     *
     * @param Definition $definition
     */
    public function trying(string $slug, array $definition): Catalogue
    {
        return $this->with([$slug => $definition] + ($this->definitions() ?? $this->namedIn('')));
    }

    /** @return Definition|null */
    public function definition(string $slug): ?array
    {
        return $this->definitionsOf([$slug])[$slug] ?? null;
    }

    /**
     * The document with the definitions of the own ingredients it uses, so that the file stands alone.
     *
     * @param RecipeArray $document
     * @return RecipeArray
     */
    public function embed(array $document): array
    {
        $used = [];
        $kit = Kitchenware::with(MeasuringSet::Us, $this->vessels());
        $named = [];
        foreach ($document['stages'] as $stage) {
            $named = [...$named, ...array_column($stage['lines'] ?? [], 'ingredient')];
        }
        $own = $this->definitionsOf($named);
        foreach ($document['stages'] as $stage) {
            foreach ($stage['lines'] ?? [] as $line) {
                if (isset($own[$line['ingredient']])) {
                    $document['ingredients'][$line['ingredient']] = $own[$line['ingredient']];
                }
                $vessel = $kit->within($line['amount'] ?? '');
                if ($vessel !== null) {
                    $used[$vessel->name] = $vessel->size;
                }
            }
        }

        if ($used !== []) {
            /** @var array<string, mixed> $all */
            $all = $document;
            /** @var RecipeArray $document */
            $document = [Recipe::VESSELS => $used + (array) ($all[Recipe::VESSELS] ?? [])] + $all;
        }

        return $document;
    }

    /**
     * @param array<string, Definition> $definitions
     */
    private function with(array $definitions): Catalogue
    {
        $ships = $this->compiled->catalogue();
        $own = [];
        foreach ($definitions as $slug => $definition) {
            try {
                $own[$slug] = OwnIngredient::compile($slug, $definition, $ships);
            } catch (InvalidIngredient $why) {
                throw InvalidRecipe::at("ingredients.{$slug}.{$why->field}", $why->getMessage());
            }
        }

        $meanings = $this->preferences()->meanings;

        return $own === [] && $meanings === []
            ? $ships
            : new Catalogue($own + $this->compiled->pantry, $ships->vocabulary, $meanings);
    }

    /**
     * Of the household's own, these.
     *
     * @param list<string> $slugs
     * @return array<string, Definition>
     */
    private function definitionsOf(array $slugs): array
    {
        if ($this->definitions !== null) {
            return array_intersect_key($this->definitions, array_flip($slugs));
        }
        $own = [];
        foreach (
            self::rows(
                DB::table('own_ingredients')
                    ->whereIn('slug', array_values(array_unique($slugs)))
                    ->whereNull('deleted_at'),
            ) as $row
        ) {
            $own[(string) $row['slug']] = OwnIngredientRecord::read((string) $row['definition']);
        }

        return $own;
    }

    /**
     * @return array<string, Definition>|null all of the household's own; null where there are too many to open at once
     */
    private function definitions(): ?array
    {
        if ($this->definitions === null && $this->isMany === null) {
            $found = self::rows(
                DB::table('own_ingredients')->whereNull('deleted_at')->orderBy('slug')->limit(self::ALL_OF + 1),
            );
            $this->isMany = count($found) > self::ALL_OF;
            foreach ($this->isMany ? [] : $found as $row) {
                $this->definitions[(string) $row['slug']] = OwnIngredientRecord::read((string) $row['definition']);
            }
            $this->definitions ??= $this->isMany ? null : [];
        }

        return $this->definitions;
    }
}
