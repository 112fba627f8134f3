<?php

declare(strict_types=1);

namespace Vinculum\Pantry;

use Vinculum\Mixture\Constituent;

/**
 * How well the composition of a kind of thing is known: half-widths in ln(value) of the four-in-five interval.
 * Starting values from common practice, no source; one table. Constituents of one group rise and fall together.
 */
enum Certainty: string
{
    case Pure = 'pure';
    case Assayed = 'assayed';
    case Branded = 'branded';
    case Produce = 'produce';

    /** A chilli is known to a factor of two. */
    private const HEAT = M_LN2;
    private const NUCLEOTIDES = 0.40;
    /** Acids of fruit and vegetables. */
    private const GROWN_ACIDS = 0.45;

    /** For sugars, acids, salt and amino acids. */
    public function general(): float
    {
        return match ($this) {
            self::Pure => 0.005,
            self::Assayed => 0.03,
            self::Branded => 0.10,
            self::Produce => 0.30,
        };
    }

    /** For acids, which vary most in what is grown. */
    public function acids(): float
    {
        return $this === self::Produce ? self::GROWN_ACIDS : $this->general();
    }

    /** Half-width in pH of a measured pH of its kind. */
    public function ph(): float
    {
        return match ($this) {
            self::Pure => 0.05,
            self::Assayed => 0.1,
            self::Branded => 0.15,
            self::Produce => 0.25,
        };
    }

    public function of(int $constituent): float
    {
        if ($constituent >= Constituent::ACETIC && $constituent <= Constituent::OTHER_ACID) {
            return $this->acids();
        }
        // sugars, acids and salt come first and are asked for most
        if ($constituent < Constituent::IMP) {
            return $this->general();
        }

        return match ($constituent) {
            Constituent::CAPSAICINOIDS => self::HEAT,
            Constituent::IMP, Constituent::GMP, Constituent::AMP => self::NUCLEOTIDES,
            default => $this->general(),
        };
    }
}
