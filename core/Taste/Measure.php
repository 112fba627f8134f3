<?php

declare(strict_types=1);

namespace Vinculum\Taste;

use Vinculum\Figure\Sense;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Density;
use Vinculum\Pantry\Ingredient;
use Vinculum\Pantry\Strength;

/** The five taste figures, and what they are made of. */
enum Measure: string
{
    case Sweetness = 'sweetness';
    case Sourness = 'sourness';
    case Saltiness = 'saltiness';
    case Umami = 'umami';
    case Heat = 'heat';

    /** Sweetness by mass beside sucrose (Belitz, Grosch, Schieberle, Food Chemistry; from memory). */
    private const SWEETNESS = [
        Constituent::SUCROSE => 1.0,
        Constituent::FRUCTOSE => 1.2,
        Constituent::GLUCOSE => 0.7,
        Constituent::MALTOSE => 0.4,
        Constituent::LACTOSE => 0.2,
        Constituent::OTHER_SWEET => 1.0,
    ];

    /** Potassium chloride tastes about a tenth as salty where there is sodium too: from memory and judgement. */
    private const SALTINESS = [
        Constituent::SODIUM => Density::SALT_PER_SODIUM,
        Constituent::POTASSIUM => 0.1 * 74.551 / 39.098,
    ];

    /** From g per 100 g to mg/kg is 1e4. */
    private const HEAT = [Constituent::CAPSAICINOIDS => 1e4 * Constituent::SCOVILLE_PER_MG_KG];

    /** Glutamic acid to its monohydrate sodium salt by molar mass, and beside it aspartic acid at 0.077. */
    private const UMAMI_AMINO = [
        Constituent::GLUTAMIC => 187.13 / 147.13,
        Constituent::ASPARTIC => 0.077 * 173.10 / 133.10,
    ];

    /** Nucleotides as hydrated disodium salts, each beside inosinate. */
    private const UMAMI_NUCLEOTIDE = [
        Constituent::IMP => 1.0 * 527.3 / 348.2,
        Constituent::GMP => 2.3 * 533.3 / 363.2,
        Constituent::AMP => 0.18 * 1.5,
    ];

    /** y = u + 1218 u v (Yamaguchi, Yoshikawa, Ikeda, Ninomiya, J. Food Sci. 36 (1971) 846; from memory). */
    public const UMAMI_SYNERGY = 1218.0;

    /**
     * What a linear measure weighs, per 100 g; umami's first factor.
     *
     * @return array<int, float> by Constituent
     */
    public function weights(): array
    {
        return match ($this) {
            self::Sweetness => self::SWEETNESS,
            // what an acid weighs depends on the pH it stands in: Acidity::sournessWeights()
            self::Sourness => [],
            self::Saltiness => self::SALTINESS,
            self::Umami => self::UMAMI_AMINO,
            self::Heat => self::HEAT,
        };
    }

    /** The role of what is in a sauce for it. */
    public function role(): string
    {
        return match ($this) {
            self::Sweetness => 'sweet',
            self::Sourness => 'acid',
            self::Saltiness => 'salty',
            self::Umami => 'umami',
            self::Heat => 'hot',
        };
    }

    /** How strong an ingredient is by itself, in the measure's unit for 100 g of it; null where it is not known. */
    public function strengthOf(Ingredient $ingredient): ?float
    {
        return $this === self::Sourness ? $ingredient->sourness : Strength::of($ingredient, $this->weights());
    }

    /**
     * Umami's second factor, which multiplies the first.
     *
     * @return array<int, float> by Constituent
     */
    public static function synergyWeights(): array
    {
        return self::UMAMI_NUCLEOTIDE;
    }

    /**
     * In its unit; above it the formula is far outside what it was fitted on, and a figure is only "or more". Null for
     * none.
     */
    public function ceiling(): ?float
    {
        return $this === self::Umami ? 10.0 : null;
    }

    public function unit(): string
    {
        return match ($this) {
            self::Sweetness => 'g sucrose eq/100 g',
            self::Sourness => 'g acetic acid eq/100 g',
            self::Saltiness => 'g NaCl/100 g',
            self::Umami => 'g MSG eq/100 g',
            self::Heat => 'SHU',
        };
    }

    /** What notices it: the table of noticeable steps is there. */
    public function sense(): Sense
    {
        return match ($this) {
            self::Sweetness => Sense::Sweet,
            self::Sourness => Sense::Sour,
            self::Saltiness => Sense::Salty,
            self::Umami => Sense::Umami,
            self::Heat => Sense::Hot,
        };
    }

    /** About where it begins to be noticed in a sauce. In its unit. */
    public function threshold(): float
    {
        return $this->sense()->threshold();
    }

    /** Drawn as a full column where no style says otherwise: about a table sauce; judgement. In its unit. */
    public function fixedScale(): float
    {
        return match ($this) {
            self::Sweetness => 20.0,
            self::Sourness => 1.2,
            self::Saltiness => 1.8,
            self::Umami => 0.4,
            self::Heat => 1000.0,
        };
    }

    /** Noticeable steps from one value to another; signed, positive is more. */
    public function steps(float $from, float $to): float
    {
        return $this->sense()->steps($from, $to);
    }

    /** The value so many noticeable steps away; 0 at the least. */
    public function moved(float $value, float $steps): float
    {
        return $this->sense()->moved($value, $steps);
    }
}
