<?php

declare(strict_types=1);

namespace Vinculum\Solve;

use Vinculum\Cooking\CookedRecipe;
use Vinculum\Cooking\Steam;
use Vinculum\Evaluation\Estimates;
use Vinculum\Mixture\Acidity;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Mixture;
use Vinculum\Mixture\Thickness;
use Vinculum\Pantry\Body;
use Vinculum\Pantry\Ingredient;
use Vinculum\Taste\Measure;
use Vinculum\Taste\Tasting;

/** What is in the pot, as far as a spoon tells, and how it would answer to a gram more of anything. */
final readonly class LinearPot
{
    /** A thing that is fat and water by itself keeps its drops; share of water from which it is one. */
    private const DROPS_WATER = 0.1;

    /** Share of the fat that is in drops from which the sauce holds more of it so; judgement. */
    private const EMULSION = 0.5;

    /** Grams that a slope of thickness is taken over, in parts of the pot. */
    private const SMALL = 1e-4;

    /**
     * @param float $emulsified g of fat held in drops
     * @param float $body what sets or swells by its nature: powers of ten times 100 g
     * @param float $minutes its starch has simmered
     * @param array<int, float> $sour what a gram of each acid weighs at its pH
     * @param float $sourByPh d(g of acid) / d(pH)
     * @param float $umami per 100 g
     * @param float $nucleotides per 100 g, as they count
     */
    private function __construct(
        public Mixture $mixture,
        public ?Acidity $acidity,
        public float $mass,
        public float $powers,
        private float $emulsified,
        private float $body,
        private float $minutes,
        private array $sour,
        private float $sourByPh,
        private float $umami,
        private float $nucleotides,
    ) {}

    /** The finished sauce, as much of it as there is in the pot. */
    public static function of(CookedRecipe $cooked, float $share = 1.0): self
    {
        $estimates = new Estimates($cooked);
        $grams = $cooked->mixture->grams;
        // flour is boiled, though nobody wrote what is done with it
        if (Sensible::isCookedAnyway($cooked)) {
            $grams[Constituent::STARCH_COOKED] += $grams[Constituent::STARCH_RAW];
            $grams[Constituent::STARCH_RAW] = 0.0;
        }

        return self::made(
            array_map(static fn (float $each): float => $each * $share, $grams),
            $share * $estimates->emulsifiedFat(),
            $share * $estimates->body(),
            $estimates->starchMinutes(),
        );
    }

    /**
     * With so much of some things stirred in.
     *
     * @param list<array{Ingredient, float}> $additions g of each
     * @param float $steam g boiled off afterwards: water, and the acetic acid that leaves with it
     */
    public function with(array $additions, float $steam = 0.0): self
    {
        $grams = $this->mixture->grams;
        $emulsified = $this->emulsified;
        $body = $this->body;
        foreach ($additions as [$ingredient, $mass]) {
            foreach (self::stirredIn($ingredient) as $constituent => $share) {
                $grams[$constituent] += $mass * $share;
            }
            $emulsified += $mass * $this->drops($ingredient);
            $body += $mass * self::bodyOf($ingredient);
        }
        if ($steam > 0.0 && $grams[Constituent::ACETIC] > 0.0) {
            [$grams[Constituent::WATER], $grams[Constituent::ACETIC]] = Steam::off($grams, [], $steam, [], 1.0, 1.0);
        } else {
            $grams[Constituent::WATER] = max(0.0, $grams[Constituent::WATER] - $steam);
        }

        return self::made($grams, $emulsified, $body, $this->minutes);
    }

    /** The same, with chillies so many times as hot. */
    public function asHot(float $times): self
    {
        if ($times === 1.0) {
            return $this;
        }
        $grams = $this->mixture->grams;
        $grams[Constituent::CAPSAICINOIDS] *= $times;

        return self::made($grams, $this->emulsified, $this->body, $this->minutes);
    }

    /**
     * What a gram of steam is made of.
     *
     * @return list<float> g per g
     */
    public function steam(): array
    {
        $perGram = array_fill(0, Constituent::COUNT, 0.0);
        $water = $this->mixture->grams[Constituent::WATER];
        $acid
            = $water > 0.0 && $this->acidity !== null
                ? (Steam::VOLATILITY * $this->acidity->acetic() * $this->mixture->grams[Constituent::ACETIC]) / $water
                : 0.0;
        $perGram[Constituent::WATER] = 1 / (1 + $acid);
        $perGram[Constituent::ACETIC] = $acid / (1 + $acid);

        return $perGram;
    }

    /**
     * For a gram of an ingredient stirred in, what it brings of a figure, times the mass there is: the figure moves by
     * (this − figure) over the mass.
     *
     * @param list<float> $perGram
     * @param float $dropsPerGram g of fat that stays in drops
     * @param float $bodyPerGram powers of ten times 100 g, see Body
     */
    public function brings(Feel $feel, array $perGram, float $dropsPerGram, float $bodyPerGram = 0.0): float
    {
        $measure = $feel->measure();
        if ($measure === null) {
            return $feel === Feel::Rich
                ? 100 * $perGram[Constituent::FAT]
                : $this->thickens($perGram, $dropsPerGram, $bodyPerGram);
        }
        $sum = 0.0;
        foreach ($measure === Measure::Sourness ? $this->sour : $measure->weights() as $constituent => $weight) {
            $sum += $weight * $perGram[$constituent];
        }
        if ($measure === Measure::Sourness && $this->acidity !== null) {
            return 100 * ($sum + $this->sourByPh * $this->acidity->shift($perGram));
        }
        if ($measure === Measure::Umami) {
            $synergy = 1 + Measure::UMAMI_SYNERGY * $this->nucleotides;

            return $synergy * 100 * $sum
                + ((Measure::UMAMI_SYNERGY * $this->umami) / $synergy)
                    * (100 * Tasting::nucleotides($perGram) - $this->nucleotides);
        }

        return 100 * $sum;
    }

    /** Fat that stays in drops, g per g of an ingredient: its own, and oil that is whisked into an emulsion. */
    public function drops(Ingredient $ingredient): float
    {
        $isEmulsion = $this->emulsified > self::EMULSION * max(1e-9, $this->mixture->grams[Constituent::FAT]);

        return $isEmulsion || $ingredient->perGram[Constituent::WATER] >= self::DROPS_WATER
            ? $ingredient->perGram[Constituent::FAT]
            : 0.0;
    }

    /** What sets or swells of a gram of it by its nature, powers of ten times 100 g. */
    public static function bodyOf(Ingredient $ingredient): float
    {
        return Body::of($ingredient, $ingredient->perGram, false);
    }

    /**
     * As it is once it is in the sauce: starch is slaked in cold water and brought to the boil.
     *
     * @return list<float> g per g
     */
    public static function stirredIn(Ingredient $ingredient): array
    {
        $perGram = $ingredient->perGram;
        $perGram[Constituent::STARCH_COOKED] += $perGram[Constituent::STARCH_RAW];
        $perGram[Constituent::STARCH_RAW] = 0.0;

        return array_values($perGram);
    }

    /** @param list<float> $perGram */
    private function thickens(array $perGram, float $dropsPerGram, float $bodyPerGram): float
    {
        $small = self::SMALL * $this->mass;
        $grams = $this->mixture->grams;
        foreach ($perGram as $constituent => $share) {
            $grams[$constituent] = max(0.0, $grams[$constituent] + $small * $share);
        }
        $powers = Thickness::powers(
            $grams,
            $this->emulsified + $small * $dropsPerGram,
            $this->body + $small * $bodyPerGram,
            $this->acidity?->ph,
            $this->minutes,
        );

        return $this->powers + (($powers - $this->powers) / $small) * $this->mass;
    }

    /** @param array<int, float> $grams */
    private static function made(array $grams, float $emulsified, float $body, float $minutes): self
    {
        $mixture = Mixture::of(array_values($grams));
        $acidity = $mixture->acidity() ?? Acidity::ofSlurry($mixture->grams);

        $sourByPh = 0.0;
        foreach ($acidity?->sournessSlopes() ?? [] as $constituent => $slope) {
            $sourByPh += $slope * $mixture->grams[$constituent];
        }
        $mass = $mixture->mass();

        return new self(
            $mixture,
            $acidity,
            $mass,
            Thickness::powers($mixture->grams, $emulsified, $body, $acidity?->ph, $minutes),
            $emulsified,
            $body,
            $minutes,
            $acidity?->sournessWeights() ?? [],
            $sourByPh,
            Tasting::plain(Measure::Umami, $mixture, $acidity),
            $mass > 0.0 ? (100 * Tasting::nucleotides($mixture->grams)) / $mass : 0.0,
        );
    }
}
