<?php

declare(strict_types=1);

namespace Vinculum\Pantry;

use Vinculum\Mixture\Acidity;
use Vinculum\Mixture\Constituent;

/**
 * What a thing is made of and how it is measured.
 */
final readonly class Ingredient
{
    /**
     * @param list<string> $aliases other names and renamed slugs
     * @param list<string> $roles sweet, acid, salty, umami, hot, body, fat, aroma, base
     * @param string $tint the pigment it is drawn in
     * @param float|null $density g/mL as poured or spooned; null where nobody measured it
     * @param list<Portion> $portions the first is what a bare number counts
     * @param list<float|null> $composition g per 100 g edible, by Constituent; null is unknown, not 0
     * @param list<string> $sources by Constituent, where each value comes from; '' for an unknown one
     * @param list<float> $perGram g per g, unknown taken as 0
     * @param string $caution what is easily confused, shown wherever it is chosen
     * @param list<string> $contains allergens it always has
     * @param list<string> $mayContain allergens some kinds have: check the label
     * @param float|null $ph measured, of the thing as it is or, where it is nearly dry, of a slurry; null where nobody measured it
     * @param float|null $sourness of the thing by itself, g acetic acid equivalent per 100 g; null where none of its acids is known
     * @param string $animal flesh, product, rennet or perhaps, where its allergens do not say so; '' for none
     * @param string $like the slug rules know it by: its own, or its nearest relative's
     * @param float $edible share that is used of what is bought, without peel, husk, stone or stem; above 0, up to 1
     */
    private function __construct(
        public string $slug,
        public string $name,
        public string $group,
        public array $aliases,
        public array $roles,
        public string $tint,
        public Form $form,
        public Certainty $certainty,
        public ?float $density,
        public string $densitySource,
        public array $portions,
        public array $composition,
        public array $sources,
        public array $perGram,
        public string $caution,
        public array $contains,
        public array $mayContain,
        public float $edible,
        public string $edibleSource,
        public ?float $ph,
        public string $phSource,
        public ?float $sourness,
        public string $animal,
        public string $like,
    ) {}

    /**
     * @param array{slug: string, name: string, group: string, aliases: list<string>, roles: list<string>, tint: string, form: string, certainty: string, density: float|null, densitySource: string, portions: list<array{0: string, 1: float, 2: string, 3?: float|null}>, composition: list<float|null>, sources: list<string>, caution: string, contains: list<string>, mayContain: list<string>, edible: float, edibleSource: string, ph: float|null, phSource: string, animal: string, like: string, sourness: float|null} $compiled
     */
    public static function fromCompiled(array $compiled): self
    {
        return new self(
            $compiled['slug'],
            $compiled['name'],
            $compiled['group'],
            $compiled['aliases'],
            $compiled['roles'],
            $compiled['tint'],
            Form::from($compiled['form']),
            Certainty::from($compiled['certainty']),
            $compiled['density'],
            $compiled['densitySource'],
            array_map(static fn (array $portion): Portion => new Portion(...$portion), $compiled['portions']),
            $compiled['composition'],
            $compiled['sources'],
            array_map(static fn (?float $value): float => ($value ?? 0.0) / 100, $compiled['composition']),
            $compiled['caution'],
            $compiled['contains'],
            $compiled['mayContain'],
            $compiled['edible'],
            $compiled['edibleSource'],
            $compiled['ph'],
            $compiled['phSource'],
            $compiled['sourness'],
            $compiled['animal'],
            $compiled['like'],
        );
    }

    /**
     * @param list<float|null> $composition g per 100 g
     */
    public static function sournessOf(array $composition): ?float
    {
        $known = array_filter(Constituent::GROUPS['acids'], static fn (int $acid): bool => $composition[$acid] !== null);

        return $known === [] ? null : Acidity::sournessOf(array_map(static fn (?float $grams): float => $grams ?? 0.0, $composition));
    }

    /** The name without what stands behind its comma: "cider vinegar" of "cider vinegar, 5 %". */
    public function shortName(): string
    {
        return explode(',', $this->name)[0];
    }

    public function portion(string $name): ?Portion
    {
        foreach ($this->portions as $portion) {
            if ($portion->name === $name) {
                return $portion;
            }
        }

        return null;
    }

    public function knows(int $constituent): bool
    {
        return $this->composition[$constituent] !== null;
    }

    /** Sum of the constituents that bear mass, g per 100 g: 100 by construction. */
    public function total(): float
    {
        $total = 0.0;
        foreach (Constituent::MASS_BEARING as $constituent) {
            $total += $this->composition[$constituent] ?? 0.0;
        }

        return $total;
    }
}
