<?php

declare(strict_types=1);

namespace Vinculum\Pantry;

use Vinculum\Amount\Amount;
use Vinculum\Amount\Dimension;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Amount\UnreadableAmount;
use Vinculum\Mixture\Acidity;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Density;
use Vinculum\Mixture\Meter;
use Vinculum\Mixture\Mixture;

/**
 * An ingredient of the maker's own: what its label says, and for the rest its nearest relative, marked as such; or a
 * sauce that has been made, as an ingredient of another.
 *
 * @phpstan-import-type CompiledIngredient from Catalogue
 * @phpstan-type LabelValues array{
 *     sugars_g?: float|int|null,
 *     salt_g?: float|int|null,
 *     sodium_mg?: float|int|null,
 *     fat_g?: float|int|null,
 *     protein_g?: float|int|null,
 *     acidity_percent?: float|int|null,
 *     heat_shu?: float|int|null,
 *     ph?: float|int|null,
 * }
 * @phpstan-type Definition array{
 *     name: string,
 *     like?: string|null,
 *     serving?: string|null,
 *     serving_g?: float|int|null,
 *     values?: LabelValues,
 *     density?: float|int|null,
 *     per_100g?: array<string, float|int|null>|null,
 *     note?: string,
 *     contains?: list<string>,
 *     may_contain?: list<string>,
 *     allergens_known?: bool,
 *     traits?: list<string>,
 *     keeps?: array{fridge: int, opened: int, frozen: int},
 * }
 */
final class OwnIngredient
{
    /** Salt on an EU label is sodium × 2.5 (EU 1169/2011 annex I). */
    private const LABEL_SALT_PER_SODIUM = 2.5;

    private const SUGARS = [
        Constituent::SUCROSE,
        Constituent::GLUCOSE,
        Constituent::FRUCTOSE,
        Constituent::MALTOSE,
        Constituent::LACTOSE,
    ];

    private const ACIDS = [
        Constituent::ACETIC,
        Constituent::CITRIC,
        Constituent::MALIC,
        Constituent::LACTIC,
        Constituent::TARTARIC,
    ];

    /**
     * What a household measure is on a nutrition label, mL: rounder than the measures a kitchen owns (US 21 CFR
     * 101.9(b)(5)(viii), from memory).
     */
    private const LABEL_ML = ['tsp' => 5.0, 'tbsp' => 15.0, 'cup' => 240.0, 'fl oz' => 30.0];

    private const MOST_SERVING_G = 10_000.0;

    private const FROM_LABEL = 'label, as you gave it';

    /** @var array<int, float|null> */
    private array $composition;

    /** @var array<int, string> */
    private array $sources;

    private function __construct(private readonly ?Ingredient $relative)
    {
        $this->composition = $relative->composition ?? array_fill(0, Constituent::COUNT, null);
        $this->sources
            = $relative === null
                ? array_fill(0, Constituent::COUNT, '')
                : array_map(
                    static fn (string $source): string => $source === '' || $source === 'none, by its nature'
                        ? $source
                        : "estimate: as in {$relative->name} ({$source})",
                    $relative->sources,
                );
    }

    /**
     * @param Definition $definition
     * @return CompiledIngredient
     *
     * @throws InvalidIngredient naming the field and what would be accepted
     */
    public static function compile(string $slug, array $definition, Catalogue $catalogue): array
    {
        $like = $definition['like'] ?? null;
        $relative = $like === null ? null : $catalogue->find($like) ?? throw InvalidIngredient::noRelative($like);
        $own = new self($relative);
        $per100 = $definition['per_100g'] ?? null;
        if ($per100 !== null) {
            $own->takeMeasured($per100);
        } elseif ($relative === null) {
            throw InvalidIngredient::noRelative('');
        }
        $density = $definition['density'] ?? null;
        $serving
            = $definition['serving_g']
            ?? self::servingGrams(
                $definition['serving'] ?? null,
                $density === null ? $relative?->density : (float) $density,
            );
        $own->takeLabel($definition['values'] ?? [], $serving === null ? 1.0 : 100 / $serving);
        $own->closeWithWater();
        $ph = $definition['values']['ph'] ?? null;
        $own->setCharge($ph);

        return [
            'slug' => $slug,
            'name' => $definition['name'],
            // what it is like says what it is; where it stands is its own shelf
            'kinds' => [...$relative->kinds ?? [], Ingredient::OWN],
            ...['aliases' => [], 'maybe' => [], 'was' => []],
            'roles' => $relative->roles ?? ['base'],
            'tint' => $relative->tint ?? 'ink',
            'form' => ($relative->form ?? Form::Liquid)->value,
            'certainty' => (
                $relative === null || $relative->certainty === Certainty::Pure
                ? Certainty::Branded
                : $relative->certainty
            )->value,
            'density' => $density === null ? $relative?->density : (float) $density,
            'densitySource'
                => $density === null
                    ? ($relative === null || $relative->density === null
                        ? ''
                        : "estimate: as {$relative->name}")
                    : 'computed or measured by you',
            'portions' => array_map(
                static fn (Portion $portion): array => [
                    $portion->name,
                    $portion->grams,
                    $portion->source,
                    $portion->spread,
                ],
                $relative->portions ?? [],
            ),
            'composition' => array_values($own->composition),
            'sources' => array_values($own->sources),
            'caution' => $definition['note'] ?? '',
            'contains' => $definition['contains'] ?? ($relative->contains ?? []),
            'mayContain' => isset($definition['contains'])
                ? $definition['may_contain'] ?? []
                : $relative->mayContain ?? [],
            'allergensKnown' => isset($definition['contains']) && ($definition['allergens_known'] ?? true),
            'edible' => $relative->edible ?? 1.0,
            'edibleSource' => $relative->edibleSource ?? '',
            'ph' => $ph === null ? $relative?->ph : (float) $ph,
            'traits' => array_values(array_unique([...$definition['traits'] ?? [], ...$relative->traits ?? []])),
            'keeps' => $definition['keeps'] ?? null,
            'mostShare' => $relative->mostShare ?? 1.0,
            'aroma' => $relative->aroma ?? [],
            'aromaSource' => $relative === null ? '' : "estimate: as {$relative->name}",
            'season' => null,
            'thickens' => $relative->thickens ?? 0.0,
            'setsCold' => $relative->setsCold ?? false,
            'thickensSource' => $relative === null ? '' : "estimate: as {$relative->name}",
            'sourness' => Ingredient::sournessOf(array_values($own->composition)),
            'phSource'
                => $ph === null ? ($relative?->ph === null ? '' : "estimate: as {$relative->name}") : self::FROM_LABEL,
        ];
    }

    /**
     * A finished sauce as the definition of an ingredient.
     *
     * @return Definition
     */
    public static function ofMixture(string $name, Mixture $mixture): array
    {
        $mass = $mixture->mass();
        if ($mass <= 0.0) {
            throw InvalidIngredient::emptyPot();
        }
        $per100 = [];
        foreach ($mixture->grams as $constituent => $grams) {
            if ($constituent !== Constituent::OTHER_SOLUBLE) {
                $per100[Constituent::KEYS[$constituent]] = round(($grams / $mass) * 100, 9);
            }
        }

        return [
            'name' => $name,
            'like' => null,
            'per_100g' => $per100,
            'density' => round($mass / $mixture->volume(), 4),
        ];
    }

    /** Grams of a serving written as a label does: "15 ml", "1 tbsp", "30 g". */
    private static function servingGrams(?string $serving, ?float $density): ?float
    {
        if ($serving === null || trim($serving) === '') {
            return null;
        }
        try {
            $amount = Amount::parse($serving, MeasuringSet::Metric);
        } catch (UnreadableAmount) {
            throw InvalidIngredient::serving();
        }
        $grams = 0.0;
        foreach ($amount->terms as $term) {
            $size
                = $term->number->value
                * $amount->factor
                * match ($term->unit?->dimension) {
                    Dimension::Mass => $term->unit->size,
                    Dimension::Volume => (self::LABEL_ML[$term->unit->name] ?? $term->unit->size)
                        * ($density ?? throw InvalidIngredient::servingWithoutDensity()),
                    // a bare number on a label is grams
                    default => trim($term->words) === '' && $term->unit === null
                        ? 1.0
                        : throw InvalidIngredient::serving(),
                };
            $grams += $size;
        }

        return $grams > 0.0 && $grams <= self::MOST_SERVING_G ? $grams : throw InvalidIngredient::serving();
    }

    /**
     * @param array<string, float|int|null> $per100
     */
    private function takeMeasured(array $per100): void
    {
        foreach ($per100 as $key => $grams) {
            $constituent = array_search($key, Constituent::KEYS, true);
            if ($constituent === false) {
                throw InvalidIngredient::noConstituent((string) $key);
            }
            $this->composition[$constituent] = $grams === null ? null : (float) $grams;
            $this->sources[$constituent] = $grams === null ? '' : 'computed from your recipe';
        }
    }

    /**
     * @param LabelValues $values
     */
    private function takeLabel(array $values, float $factor): void
    {
        if (isset($values['sugars_g'])) {
            $this->scale(self::SUGARS, $values['sugars_g'] * $factor, Constituent::SUCROSE);
        }
        if (isset($values['acidity_percent'])) {
            // a strength is a share already, whatever the serving
            $this->scale(self::ACIDS, (float) $values['acidity_percent'], Constituent::ACETIC);
        }
        $sodium = isset($values['sodium_mg'])
            ? $values['sodium_mg'] / 1000
            : (isset($values['salt_g'])
                ? $values['salt_g'] / self::LABEL_SALT_PER_SODIUM
                : null);
        if ($sodium !== null) {
            $this->set(Constituent::SODIUM, $sodium * $factor);
        }
        foreach (['fat_g' => Constituent::FAT, 'protein_g' => Constituent::PROTEIN] as $field => $constituent) {
            if (isset($values[$field])) {
                $this->set($constituent, $values[$field] * $factor);
            }
        }
        if (isset($values['heat_shu'])) {
            $this->set(Constituent::CAPSAICINOIDS, $values['heat_shu'] / Constituent::SCOVILLE_PER_MG_KG / 1e4);
        }
    }

    /**
     * A total split as in the relative; all of the usual one where the relative has none.
     *
     * @param list<int> $constituents
     */
    private function scale(array $constituents, float $total, int $usual): void
    {
        $before = array_sum(
            array_map(fn (int $constituent): float => $this->composition[$constituent] ?? 0.0, $constituents),
        );
        foreach ($constituents as $constituent) {
            $this->set(
                $constituent,
                $before > 0.0
                    ? (($this->composition[$constituent] ?? 0.0) * $total) / $before
                    : ($constituent === $usual
                        ? $total
                        : 0.0),
            );
        }
    }

    private function set(int $constituent, float $grams): void
    {
        $this->composition[$constituent] = $grams;
        $this->sources[$constituent] = self::FROM_LABEL;
    }

    /** A measured pH says what the strong ions leave uncovered; without one they are the relative's. */
    private function setCharge(float|int|null $ph): void
    {
        if ($ph === null) {
            return;
        }
        $grams = array_map(static fn (?float $value): float => $value ?? 0.0, $this->composition);
        $charge = Acidity::chargeFor($grams, $ph + Meter::lowers($grams));
        $this->composition[Constituent::STRONG_BASE] = max(0.0, $charge);
        $this->composition[Constituent::STRONG_ACID] = max(0.0, -$charge);
        $this->sources[Constituent::STRONG_BASE] = $this->sources[Constituent::STRONG_ACID]
            = 'computed, from the pH you gave';
    }

    /**
     * What is given stands, the other solubles are the relative's with its chloride made right, and water takes up the
     * rest.
     */
    private function closeWithWater(): void
    {
        $others = 0.0;
        foreach (Constituent::MASS_BEARING as $constituent) {
            $others += in_array($constituent, [Constituent::WATER, Constituent::OTHER_SOLUBLE], true)
                ? 0.0
                : $this->composition[$constituent] ?? 0.0;
        }
        $chloride = ($this->composition[Constituent::SODIUM] ?? 0.0) * (Density::SALT_PER_SODIUM - 1);
        $measuredWater = $this->relative === null ? $this->composition[Constituent::WATER] : null;
        if ($measuredWater !== null) {
            $soluble = 100 - $others - $measuredWater;
            $water = $measuredWater;
        } else {
            $theirs = ($this->relative->composition[Constituent::SODIUM] ?? 0.0) * (Density::SALT_PER_SODIUM - 1);
            $soluble
                = max(0.0, ($this->relative->composition[Constituent::OTHER_SOLUBLE] ?? 0.0) - $theirs) + $chloride;
            $water = 100 - $others - $soluble;
        }
        if ($water < -1e-6 || $soluble < -1e-6) {
            throw InvalidIngredient::moreThanHundred($others + $chloride);
        }
        $this->composition[Constituent::WATER] = max(0.0, $water);
        $this->composition[Constituent::OTHER_SOLUBLE] = max(0.0, $soluble);
        $this->sources[Constituent::WATER]
            = $measuredWater === null ? 'computed, by difference to 100 g' : $this->sources[Constituent::WATER];
        $this->sources[Constituent::OTHER_SOLUBLE] = 'computed, by difference to 100 g';
    }
}
