<?php

declare(strict_types=1);

namespace Vinculum\Evaluation;

use Vinculum\Amount\Spread;
use Vinculum\Cooking\CookedRecipe;
use Vinculum\Cooking\Fermenting;
use Vinculum\Figure\Figure;
use Vinculum\Mixture\Acidity;
use Vinculum\Mixture\Brix;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Density;
use Vinculum\Mixture\Meter;
use Vinculum\Mixture\Nutrition;
use Vinculum\Mixture\Saturation;
use Vinculum\Mixture\Thickness;
use Vinculum\Mixture\WaterActivity;

/** What instruments would read of the finished sauce, each with its four-in-five interval. */
final class Estimates
{
    /** No pH is said to be better known than this, half-width. */
    private const PH_LEAST = 0.2;

    /** How far volumes that are said to add may be off (see Density). */
    private const VOLUME_SPREAD = 0.01;

    /** What the water activity's equations may be off, half-width. */
    private const ACTIVITY_LEAST = 0.02;

    /** What a refractometer's estimate may be off, half-width in ln. */
    private const BRIX_SPREAD = 0.04;

    /** At most this share of its water is taken for boiled off, and to so many grams it is worked out how much is. */
    private const BOILS_OFF = 0.9;
    private const TO_A_GRAM = 1.0;

    private ?Hold $hold = null;

    public function __construct(private readonly CookedRecipe $cooked) {}

    /** Finished mass, g. */
    public function mass(): Figure
    {
        return $this->linear($this->cooked->mixture->mass(), $this->cooked->massSlopes, 'g', 0.0);
    }

    /** Finished volume at 20 °C, mL. */
    public function volume(): Figure
    {
        return $this->linear(
            $this->cooked->mixture->volume(),
            array_map(Density::volumeOf(...), $this->cooked->tangents),
            'ml',
            self::VOLUME_SPREAD,
        );
    }

    /** g/mL, or null for an empty pot. */
    public function density(): ?float
    {
        $volume = $this->cooked->mixture->volume();

        return $volume > 0.0 ? $this->cooked->mixture->mass() / $volume : null;
    }

    /** As a label counts it, kcal in all of it. */
    public function energy(): float
    {
        $otherwise = [];
        foreach ($this->cooked->rows as $i => $row) {
            $kcal = $this->cooked->weighed->lines[$i]->ingredient?->kcalOfSolubles;
            if ($kcal !== null) {
                $otherwise[] = [$row[Constituent::OTHER_SOLUBLE], $kcal];
            }
        }

        return Nutrition::energy($this->cooked->mixture->grams, $otherwise);
    }

    /** Null where there is too little water to have one. */
    public function ph(): ?Figure
    {
        $acidity = $this->cooked->acidity;
        if ($acidity === null) {
            return null;
        }
        $variance
            = Acidity::MODEL_SPREAD ** 2
            + $this->cooked->amountVariance($this->cooked->phSlopes)
            + ($this->cooked->isFermented() ? Fermenting::SPREAD ** 2 : 0.0);
        $byAcids = [];
        $byPh = [];
        foreach ($this->cooked->phByLine as $i => $shift) {
            $byAcids[$i] = $this->cooked->certainties[$i] * $shift;
            $byPh[$i]
                = ($this->cooked->weighed->lines[$i]->ingredient?->certainty->ph() ?? 0.0) * $this->cooked->buffers[$i];
        }
        $variance += $this->cooked->compositionVariance($byAcids) + $this->cooked->compositionVariance($byPh);

        $shown = Meter::shows($acidity, $this->cooked->mixture->grams);

        return Figure::even($shown, max(self::PH_LEAST, sqrt($variance)), '');
    }

    /** Titratable acidity of everything, to pH 8.1, g acetic acid per 100 g. */
    public function titratableAcidity(): ?Figure
    {
        return $this->quotient(
            Acidity::titrationWeights(),
            $this->cooked->mixture->mass(),
            $this->cooked->massSlopes,
            0.0,
            '%',
        );
    }

    /** As a refractometer would show it. */
    public function brix(): ?Figure
    {
        $grams = $this->cooked->mixture->grams;
        if (Saturation::isOver($grams)) {
            // as much as the water holds, whatever the amounts are exactly
            $held = Brix::of($grams);

            return $held === null ? null : new Figure($held, self::BRIX_SPREAD, '°Brix', most: 100.0);
        }

        return $this->quotient(
            Brix::INCREMENTS,
            Brix::liquid($this->cooked->mixture->grams),
            array_map(Brix::liquid(...), $this->cooked->tangents),
            self::BRIX_SPREAD,
            '°Brix',
        );
    }

    /** g per 100 g. */
    public function ethanol(): ?Figure
    {
        return $this->quotient(
            [Constituent::ETHANOL => 1.0],
            $this->cooked->mixture->mass(),
            $this->cooked->massSlopes,
            $this->cooked->alcoholSpread(),
            '%',
        );
    }

    /** Null without water. */
    public function waterActivity(): ?Figure
    {
        $totals = $this->cooked->mixture->grams;
        $value = WaterActivity::of($totals);
        if ($value === null) {
            return null;
        }
        $gradient = WaterActivity::gradient($totals, $value);
        $variance = $this->cooked->amountVariance($this->cooked->slopesBy($gradient));
        unset($gradient[Constituent::WATER]);
        $byLine = [];
        foreach ($this->cooked->rows as $i => $row) {
            $own = 0.0;
            foreach ($gradient as $constituent => $each) {
                $own += $each * $row[$constituent];
            }
            $byLine[$i] = $this->cooked->certainties[$i] * $own;
        }
        $variance += $this->cooked->compositionVariance($byLine);

        // of pure water it is one
        return Figure::even($value, max(self::ACTIVITY_LEAST, sqrt($variance)), '', 0.0, 1.0);
    }

    public function thickness(bool $isHot = false): ?Thickness
    {
        $mixture = $this->cooked->mixture;

        return $mixture->mass() <= 0.0 ? null : $this->thick($mixture->grams, $isHot);
    }

    /** How thick it is cold, in powers of ten of viscosity beside water. */
    public function powers(): float
    {
        return $this->powersOf($this->cooked->mixture->grams, false);
    }

    /**
     * From how much of it on, boiled down, it is one word thicker or more, cold.
     *
     * @return array{grams: float, thickness: Thickness}|null null for a paste and what no boiling thickens
     */
    public function thickerAt(): ?array
    {
        $is = $this->thickness();
        $grams = $this->cooked->mixture->grams;
        $less = fn (float $water): Thickness => $this->thick(
            [Constituent::WATER => $grams[Constituent::WATER] - $water] + $grams,
            false,
        );
        $least = 0.0;
        $most = self::BOILS_OFF * $grams[Constituent::WATER];
        if ($is === null || $less($most)->value <= $is->value) {
            return null;
        }
        while ($most - $least > self::TO_A_GRAM) {
            $middle = ($least + $most) / 2;
            [$least, $most] = $less($middle)->value > $is->value ? [$least, $middle] : [$middle, $most];
        }

        return ['grams' => $this->cooked->mixture->mass() - $most, 'thickness' => $less($most)];
    }

    /** @param array<int, float> $grams by Constituent: this sauce with more or less water in it */
    private function thick(array $grams, bool $isHot): Thickness
    {
        return Thickness::word($this->powersOf($grams, $isHot));
    }

    /** @param array<int, float> $grams by Constituent */
    private function powersOf(array $grams, bool $isHot): float
    {
        $cold = Thickness::powers(
            $grams,
            $this->emulsifiedFat(),
            $this->body($isHot),
            $this->cooked->acidity?->ph,
            $this->starchMinutes(),
        );

        return $isHot ? $cold - Thickness::HOT : $cold;
    }

    /** g of fat that stays in drops. */
    public function emulsifiedFat(): float
    {
        return $this->hold()->emulsifiedFat();
    }

    /** What sets or swells by its nature, powers of ten of viscosity times 100 g. */
    public function body(bool $isHot = false): float
    {
        return $this->hold()->body($isHot);
    }

    /** Longest that any starch has simmered, minutes. */
    public function starchMinutes(): float
    {
        return $this->hold()->starchMinutes();
    }

    private function hold(): Hold
    {
        return $this->hold ??= new Hold($this->cooked);
    }

    /** @param array<int, float> $slopes d(value) / d ln(amount), by what decides the amount */
    private function linear(float $value, array $slopes, string $unit, float $model): Figure
    {
        $spread = $value > 0.0 ? sqrt($this->cooked->amountVariance($slopes)) / $value : 0.0;

        return new Figure($value, $value > 0.0 ? Spread::combine($spread, $model) : 0.0, $unit);
    }

    /**
     * A weighted sum of what there is to 100 of something, none of it below 0.
     *
     * @param array<int, float> $weights by Constituent
     * @param float $divisor of what it is 100 of
     * @param array<int, float> $divisorSlopes d(divisor) / d ln(amount), by what decides the amount
     */
    private function quotient(
        array $weights,
        float $divisor,
        array $divisorSlopes,
        float $model,
        string $unit,
    ): ?Figure {
        if ($divisor <= 0.0) {
            return null;
        }
        $sum = 0.0;
        $byLine = [];
        foreach ($weights as $constituent => $weight) {
            $sum += $weight * $this->cooked->mixture->grams[$constituent];
        }
        if ($sum <= 0.0) {
            return new Figure(0.0, 0.0, $unit);
        }
        foreach ($this->cooked->rows as $i => $row) {
            $own = 0.0;
            foreach ($weights as $constituent => $weight) {
                $own += $weight * $row[$constituent];
            }
            $byLine[$i] = ($this->cooked->certainties[$i] * $own) / $sum;
        }
        $slopes = [];
        foreach ($this->cooked->slopesBy($weights) as $source => $slope) {
            $slopes[$source] = $slope / $sum - $divisorSlopes[$source] / $divisor;
        }
        $variance
            = $model ** 2
            + $this->cooked->amountVariance($slopes)
            + $this->cooked->compositionVariance($byLine);

        return new Figure((100 * $sum) / $divisor, sqrt($variance), $unit, most: 100.0);
    }
}
