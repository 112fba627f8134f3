<?php

declare(strict_types=1);

namespace Vinculum\Mixture;

/**
 * What is in the pot: a mass in grams of every constituent (moles for the two of Constituent::MOLES). Immutable; every
 * figure shown is a function of one.
 *
 * Whoever holds a whole mixture asks it. The classes beside it take bare arrays, because the cooking takes the same
 * functions along slopes, which may be negative and are no mixture, some hundred times an evaluation.
 */
final readonly class Mixture
{
    /**
     * @param list<float> $grams by Constituent, none below 0
     */
    private function __construct(public array $grams) {}

    /**
     * @param list<float> $grams one for each Constituent
     *
     * @throws \DomainException where a mass is missing, negative or not a number
     */
    public static function of(array $grams): self
    {
        if (count($grams) !== Constituent::COUNT) {
            throw new \DomainException(
                'A mixture has a mass for each of the '.Constituent::COUNT.' constituents.',
            );
        }
        $all = array_sum($grams);
        if (! is_nan($all) && ! is_infinite($all) && min($grams) >= 0.0) {
            return new self($grams);
        }
        foreach ($grams as $constituent => $mass) {
            if (is_nan($mass) || $mass < 0.0 || is_infinite($mass)) {
                throw new \DomainException(
                    Constituent::KEYS[$constituent].' is '.$mass.' g; a mass is 0 or more.',
                );
            }
        }

        return new self($grams);
    }

    /**
     * By the constituents' names. What is not named is taken as none: it was not known of when this was written down.
     *
     * @param array<string, float|int> $grams by name
     *
     * @throws \DomainException where a mass is negative or not a number
     */
    public static function named(array $grams): self
    {
        return self::of(
            array_map(static fn (string $name): float => (float) ($grams[$name] ?? 0.0), Constituent::KEYS),
        );
    }

    /** Total mass, g. */
    public function mass(): float
    {
        return self::massOf($this->grams);
    }

    /** Volume at 20 °C, mL. */
    public function volume(): float
    {
        return Density::volumeOf($this->grams);
    }

    /** Its acids and bases at the pH they balance at, 25 °C; null where there is too little water for one. */
    public function acidity(): ?Acidity
    {
        return Acidity::of($this->grams);
    }

    /** As a label counts them, g. */
    public function sugars(): float
    {
        return Nutrition::sugars($this->grams);
    }

    /** As a label counts it, g: sodium × 2.5. */
    public function salt(): float
    {
        return Nutrition::salt($this->grams);
    }

    /**
     * A linear figure of so many grams of each: of a mixture, of a line, or of a slope of one.
     *
     * @param array<int, float> $weights of a gram, by Constituent
     * @param array<int, float> $grams by Constituent
     */
    public static function sum(array $weights, array $grams): float
    {
        $sum = 0.0;
        foreach ($weights as $constituent => $weight) {
            $sum += $weight * $grams[$constituent];
        }

        return $sum;
    }

    /**
     * The same of many, in one go: of every line, or of every slope.
     *
     * @param array<int, float> $weights of a gram, by Constituent
     * @param array<int, array<int, float>> $rows g of each constituent
     * @return array<int, float> by the rows' keys
     */
    public static function sums(array $weights, array $rows, float $divisor = 1.0): array
    {
        $sums = [];
        foreach ($rows as $key => $grams) {
            $sum = 0.0;
            foreach ($weights as $constituent => $weight) {
                $sum += $weight * $grams[$constituent];
            }
            $sums[$key] = $sum / $divisor;
        }

        return $sums;
    }

    /**
     * Total of the constituents that bear mass, g. Linear, so it serves for a derivative as well.
     *
     * @param array<int, float> $grams by Constituent
     */
    public static function massOf(array $grams): float
    {
        // Constituent::MASS_BEARING, written out: it is asked some hundred times an evaluation
        return $grams[Constituent::WATER]
            + $grams[Constituent::ETHANOL]
            + $grams[Constituent::SUCROSE]
            + $grams[Constituent::GLUCOSE]
            + $grams[Constituent::FRUCTOSE]
            + $grams[Constituent::MALTOSE]
            + $grams[Constituent::LACTOSE]
            + $grams[Constituent::STARCH_RAW]
            + $grams[Constituent::STARCH_COOKED]
            + $grams[Constituent::INSOLUBLE]
            + $grams[Constituent::PROTEIN]
            + $grams[Constituent::FAT]
            + $grams[Constituent::OTHER_SOLUBLE]
            + $grams[Constituent::ACETIC]
            + $grams[Constituent::CITRIC]
            + $grams[Constituent::MALIC]
            + $grams[Constituent::LACTIC]
            + $grams[Constituent::TARTARIC]
            + $grams[Constituent::OTHER_ACID]
            + $grams[Constituent::SODIUM]
            + $grams[Constituent::POTASSIUM]
            + $grams[Constituent::CALCIUM]
            + $grams[Constituent::MAGNESIUM];
    }
}
