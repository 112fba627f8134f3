<?php

declare(strict_types=1);

namespace Vinculum\Mixture;

/**
 * What is in the pot: a mass in grams of every constituent (moles for the two of Constituent::MOLES). Immutable; every
 * figure shown is a function of one.
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

    /**
     * Total of the constituents that bear mass, g. Linear, so it serves for a derivative as well.
     *
     * @param array<int, float> $grams by Constituent
     */
    public static function massOf(array $grams): float
    {
        $mass = 0.0;
        foreach (Constituent::MASS_BEARING as $constituent) {
            $mass += $grams[$constituent];
        }

        return $mass;
    }
}
