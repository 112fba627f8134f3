<?php

declare(strict_types=1);

namespace Vinculum\Taste;

use Vinculum\Cooking\CookedRecipe;
use Vinculum\Figure\Figure;
use Vinculum\Mixture\Acidity;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Mixture;

/**
 * Tastes a finished sauce: the five measures and the five ratios, each with its four-in-five interval, to first order
 * with analytic sensitivities. Lines are independent; what one line is made of is independent of how much of it went
 * in.
 */
final readonly class Tasting
{
    /** A line whose share is unknown is named from this part of the sauce on. */
    private const MATTERS_FROM = 0.02;

    /** Of protein nobody measured the free glutamate of, at the most; common practice: vegetables 1 to 5 %. */
    private const FREE_GLUTAMATE = 0.03;

    /** Never large beside what they are counted with, so their absence is not worth a word. */
    private const MINOR = [Constituent::POTASSIUM, Constituent::ASPARTIC, Constituent::OTHER_ACID];

    /**
     * @param array<string, Tasted> $measures by Measure value
     * @param array<string, Figure|null> $ratios by Ratio value; null where the denominator is below its threshold
     */
    private function __construct(public array $measures, public array $ratios) {}

    public static function of(CookedRecipe $cooked): self
    {
        $mass = $cooked->mixture->mass();
        $massSensitivities = [];
        foreach ($cooked->massSlopes as $source => $slope) {
            $massSensitivities[$source] = $mass > 0.0 ? $slope / $mass : 0.0;
        }
        $large = [];
        foreach ($cooked->rows as $i => $row) {
            $large[$i] = Mixture::massOf($row) > self::MATTERS_FROM * $mass;
        }
        $measures = [];
        foreach (Measure::cases() as $measure) {
            $measures[$measure->value] = match ($measure) {
                Measure::Umami => self::umami($cooked, $mass, $massSensitivities, $large),
                Measure::Sourness => self::sourness($cooked, $mass, $massSensitivities, $large),
                default => self::linear($measure, $cooked, $mass, $massSensitivities, $large),
            };
        }
        $ratios = [];
        foreach (Ratio::cases() as $ratio) {
            $ratios[$ratio->value] = self::quotient(
                $measures[$ratio->over()->value],
                $measures[$ratio->under()->value],
                $cooked,
            );
        }

        return new self($measures, $ratios);
    }

    /**
     * A measure of a mixture by itself, without who brought it or how sure it is.
     *
     * @param Acidity|null $acidity of the mixture
     */
    public static function plain(Measure $measure, Mixture $mixture, ?Acidity $acidity): float
    {
        $mass = $mixture->mass();
        $sum = 0.0;
        $weights = $measure === Measure::Sourness ? $acidity?->sournessWeights() ?? [] : $measure->weights();
        foreach ($weights as $constituent => $weight) {
            $sum += $weight * $mixture->grams[$constituent];
        }
        if ($mass <= 0.0) {
            return 0.0;
        }
        $value = (100 * $sum) / $mass;

        return $measure === Measure::Umami
            ? $value * (1 + (Measure::UMAMI_SYNERGY * self::nucleotides($mixture->grams) * 100) / $mass)
            : $value;
    }

    /**
     * Nucleotides as they count towards umami, g.
     *
     * @param array<int, float> $grams by Constituent
     */
    public static function nucleotides(array $grams): float
    {
        $sum = 0.0;
        foreach (Measure::synergyWeights() as $constituent => $weight) {
            $sum += $weight * $grams[$constituent];
        }

        return $sum;
    }

    /** @return array<string, float> by Measure value */
    public function values(): array
    {
        return array_map(static fn (Tasted $tasted): float => $tasted->figure->value, $this->measures);
    }

    public function value(Measure $measure): float
    {
        return $this->measures[$measure->value]->figure->value;
    }

    /**
     * @param array<int, float> $massSensitivities
     * @param array<int, bool> $large lines that are enough of the sauce to matter
     */
    private static function linear(
        Measure $measure,
        CookedRecipe $cooked,
        float $mass,
        array $massSensitivities,
        array $large,
    ): Tasted {
        $factor = self::factor($measure->weights(), $cooked, $mass, $massSensitivities, $large);

        return self::tasted(
            $measure,
            $cooked,
            $factor['value'],
            $factor['by_line'],
            $factor['sensitivities'],
            $factor['variance'],
            $factor['unknown'],
        );
    }

    /**
     * Carboxylic acid still to be neutralised: linear in the acids at the sauce's own pH, which moves with all that is
     * in it.
     *
     * A line's acids and the minerals that blunt them rise and fall together; how well its own pH was measured is
     * another thing, and moves the sauce's by its part of the buffer.
     *
     * @param array<int, float> $massSensitivities
     * @param array<int, bool> $large lines that are enough of the sauce to matter
     */
    private static function sourness(
        CookedRecipe $cooked,
        float $mass,
        array $massSensitivities,
        array $large,
    ): Tasted {
        $acidity = $cooked->slurry;
        $factor = self::factor($acidity?->sournessWeights() ?? [], $cooked, $mass, $massSensitivities, $large);
        $value = $factor['value'];
        if ($acidity === null || $value <= 0.0) {
            return self::tasted(
                Measure::Sourness,
                $cooked,
                $value,
                $factor['by_line'],
                $factor['sensitivities'],
                0.0,
                $factor['unknown'],
            );
        }
        $byPh = 0.0;
        foreach ($acidity->sournessSlopes() as $constituent => $slope) {
            $byPh += ($slope * $cooked->mixture->grams[$constituent] * 100) / $mass / $value;
        }
        $sensitivities = $factor['sensitivities'];
        foreach ($cooked->phSlopes as $source => $slope) {
            $sensitivities[$source] += $byPh * $slope;
        }
        $acids = [];
        $phs = [];
        foreach ($cooked->phByLine as $i => $shift) {
            $ingredient = $cooked->weighed->lines[$i]->ingredient;
            if ($ingredient !== null) {
                // one acid is known as well as another
                $acids[$i]
                    = $ingredient->spreadOf(Constituent::CITRIC)
                    * ($factor['by_line'][$i] / $value + $byPh * $shift);
                $phs[$i] = $byPh * $ingredient->certainty->ph() * $cooked->buffers[$i];
            }
        }
        $variance
            = ($byPh * Acidity::MODEL_SPREAD) ** 2
            + $cooked->compositionVariance($acids)
            + $cooked->compositionVariance($phs);

        return self::tasted(
            Measure::Sourness,
            $cooked,
            $value,
            $factor['by_line'],
            $sensitivities,
            $variance,
            $factor['unknown'],
        );
    }

    /**
     * y = u (1 + 1218 v). A line's share is its own u and half the synergy through each factor, so shares add up
     * exactly.
     *
     * @param array<int, float> $massSensitivities
     * @param array<int, bool> $large lines that are enough of the sauce to matter
     */
    private static function umami(
        CookedRecipe $cooked,
        float $mass,
        array $massSensitivities,
        array $large,
    ): Tasted {
        $amino = self::factor(Measure::Umami->weights(), $cooked, $mass, $massSensitivities, $large);
        $nucleotide = self::factor(Measure::synergyWeights(), $cooked, $mass, $massSensitivities, $large);
        $synergy = Measure::UMAMI_SYNERGY * $amino['value'] * $nucleotide['value'];
        $value = $amino['value'] + $synergy;
        $half = [
            $amino['value'] > 0.0 ? $synergy / 2 / $amino['value'] : 0.0,
            $nucleotide['value'] > 0.0 ? $synergy / 2 / $nucleotide['value'] : 0.0,
        ];
        $contributions = [];
        foreach ($amino['by_line'] as $line => $own) {
            $contributions[$line] = $own * (1 + $half[0]) + $nucleotide['by_line'][$line] * $half[1];
        }
        $synergyShare = $value > 0.0 ? $synergy / $value : 0.0;
        $sensitivities = [];
        foreach ($amino['sensitivities'] as $source => $sensitivity) {
            $sensitivities[$source] = $sensitivity + $synergyShare * $nucleotide['sensitivities'][$source];
        }
        $variance = $amino['variance'] + $synergyShare ** 2 * $nucleotide['variance'];

        return self::tasted(
            Measure::Umami,
            $cooked,
            $value,
            $contributions,
            $sensitivities,
            $variance,
            $amino['unknown'],
            self::notMeasured($cooked, $mass) * (1 + Measure::UMAMI_SYNERGY * $nucleotide['value']),
        );
    }

    /**
     * What glutamate there may be in lines nobody measured it in, beside what is known: a share of their protein, g MSG
     * equivalent per 100 g.
     */
    private static function notMeasured(CookedRecipe $cooked, float $mass): float
    {
        $protein = 0.0;
        foreach ($cooked->rows as $i => $row) {
            if ($cooked->weighed->lines[$i]->ingredient?->knows(Constituent::GLUTAMIC) === false) {
                $protein += $row[Constituent::PROTEIN];
            }
        }

        return $mass > 0.0
            ? self::FREE_GLUTAMATE * $protein * Measure::Umami->weights()[Constituent::GLUTAMIC] * 100 / $mass
            : 0.0;
    }

    /**
     * Σ weight × mass of constituent, per 100 g of sauce, with all that an interval and a column need.
     *
     * @param array<int, float> $weights by Constituent
     * @param array<int, float> $massSensitivities
     * @param array<int, bool> $large lines that are enough of the sauce to matter
     * @return array{
     *     value: float,
     *     by_line: array<int, float>,
     *     sensitivities: array<int, float>,
     *     variance: float,
     *     unknown: list<int>,
     * }
     */
    private static function factor(
        array $weights,
        CookedRecipe $cooked,
        float $mass,
        array $massSensitivities,
        array $large,
    ): array {
        $byLine = [];
        $spreads = [];
        $unknown = [];
        $value = 0.0;
        $per100 = $mass > 0.0 ? 100 / $mass : 0.0;
        $asked = array_diff(array_keys($weights), self::MINOR);
        $kind = array_key_first($weights);
        foreach ($cooked->rows as $i => $row) {
            $ingredient = $cooked->weighed->lines[$i]->ingredient;
            $own = 0.0;
            foreach ($weights as $constituent => $weight) {
                $own += $weight * $row[$constituent];
            }
            $byLine[$i] = $own * $per100;
            $value += $byLine[$i];
            // what one taste is made of is known as well in all its parts
            $spreads[$i] = $own > 0.0 && $kind !== null ? $byLine[$i] * ($ingredient?->spreadOf($kind) ?? 0.0) : 0.0;
            if ($large[$i] && $ingredient?->lacksAny($asked) === true) {
                $unknown[] = $i;
            }
        }
        $sensitivities = $value > 0.0 ? [] : array_map(static fn (): float => 0.0, $cooked->tangents);
        foreach ($value > 0.0 ? $cooked->tangents : [] as $source => $tangent) {
            $own = 0.0;
            foreach ($weights as $constituent => $weight) {
                $own += $weight * $tangent[$constituent];
            }
            $sensitivities[$source] = ($own * $per100) / $value - $massSensitivities[$source];
        }

        return [
            'value' => $value,
            'by_line' => $byLine,
            'sensitivities' => $sensitivities,
            'variance' => $value > 0.0 ? $cooked->compositionVariance($spreads) / $value ** 2 : 0.0,
            'unknown' => $unknown,
        ];
    }

    /**
     * @param array<int, float> $contributions
     * @param array<int, float> $sensitivities
     * @param list<int> $unknown
     */
    private static function tasted(
        Measure $measure,
        CookedRecipe $cooked,
        float $value,
        array $contributions,
        array $sensitivities,
        float $variance,
        array $unknown,
        float $notMeasured = 0.0,
    ): Tasted {
        $spread = sqrt($variance + $cooked->amountVariance($sensitivities));

        return new Tasted(
            $measure,
            (new Figure($value, $spread, $measure->unit()))->reaching($notMeasured),
            $contributions,
            $sensitivities,
            $variance,
            $unknown,
        );
    }

    private static function quotient(Tasted $over, Tasted $under, CookedRecipe $cooked): ?Figure
    {
        if ($under->figure->value < $under->measure->threshold()) {
            return null;
        }
        $sensitivities = [];
        foreach ($over->sensitivities as $source => $sensitivity) {
            $sensitivities[$source] = $sensitivity - $under->sensitivities[$source];
        }
        $value = $over->figure->value / $under->figure->value;
        $variance
            = $over->figure->value > 0.0
                ? $over->compositionVariance
                    + $under->compositionVariance
                    + $cooked->amountVariance($sensitivities)
                : 0.0;

        return new Figure($value, sqrt($variance), '');
    }
}
