<?php

declare(strict_types=1);

namespace Vinculum\Cooking;

use Vinculum\Mixture\Acidity;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Density;
use Vinculum\Mixture\Mixture;

/**
 * The pot while it is cooked: what each line has left in the sauce, what hangs in it to be lifted out, and how the
 * whole answers to each line's amount.
 *
 * All of it is carried through every process, so that contributions add up exactly to the mixture, and intervals need
 * no second pass. Rows are by line. Tangents are d(total of a constituent) / d ln(amount), by what decides the amount:
 * a line, or, by numbers below 0, something else that is not known exactly, such as the rate of a hob.
 */
final class Pot
{
    /** What a dry thing takes up for a gram of what does not dissolve, g of water; common practice, no source. */
    private const TAKEN_UP = 1.5;

    /** At most this share of the sauce leaves with what is lifted out. */
    private const MOST_HELD = 0.95;

    /** @var array<int, array<int, float>> g of each constituent in the sauce, by line */
    public array $rows = [];

    /** @var array<int, array<int, float>> g per unit ln(amount), by deciding line */
    public array $tangents = [];

    /** @var array<int, float> g of each constituent in the sauce */
    public array $totals;

    /** @var array<int, float|null> minutes each line has simmered; null where it never came to it */
    public array $simmered = [];

    /**
     * @var array<int, array<int, float>> g of each constituent that hangs in the pot and has not gone into the sauce,
     *     by line
     */
    private array $hanging = [];

    /** @var array<int, float> mL of liquor the solids of a hanging line keep, by line */
    private array $kept = [];

    /** What of it is alcohol: each line's leaves at its own pace. */
    public readonly Spirits $spirits;

    /** @var array<int, int> deciding line, by line */
    private array $sources = [];

    private Fermenting $fermenting;

    /** The pH it had when last asked: near the next one. */
    private float $ph = Acidity::ABOUT;

    public function __construct()
    {
        $this->totals = array_fill(0, Constituent::COUNT, 0.0);
        $this->spirits = new Spirits;
        $this->fermenting = new Fermenting;
    }

    /**
     * @param list<float> $perGram composition, g per g
     * @param float $dried g of water the line lost before it went in, at most what it has
     * @param float|null $exchanged how far a line that is lifted out later gives what it has to the sauce, 0 to 1; null
     *     for one that stays
     */
    public function add(
        int $line,
        int $source,
        float $grams,
        array $perGram,
        float $dried = 0.0,
        ?float $exchanged = null,
    ): void {
        $row = [];
        foreach ($perGram as $share) {
            $row[] = $grams * $share;
        }
        $row[Constituent::WATER] -= $dried;
        if ($exchanged !== null) {
            $solids = 0.0;
            $hanging = $row;
            foreach (Constituent::MATRIX as $constituent) {
                $solids += $row[$constituent];
                $row[$constituent] = 0.0;
            }
            foreach (Constituent::DISSOLVED as $constituent) {
                $row[$constituent] *= $exchanged;
                $hanging[$constituent] -= $row[$constituent];
            }
            $this->hanging[$line] = $hanging;
            $this->kept[$line] = max(Liquor::liquid($row), $exchanged * self::TAKEN_UP * $solids);
            $row = self::neutralAlone($row, $perGram);
        }
        foreach ($row as $constituent => $mass) {
            // most of what there is to be made of is in few things
            if ($mass !== 0.0) {
                $this->totals[$constituent] += $mass;
            }
        }
        $this->rows[$line] = $row;
        $this->tangents[$source]
            = isset($this->tangents[$source]) ? self::plus($this->tangents[$source], $row) : $row;
        if ($row[Constituent::ETHANOL] > 0.0) {
            $this->spirits->add($line, $source, $row[Constituent::ETHANOL]);
        }
        $this->sources[$line] = $source;
        $this->simmered[$line] = null;
    }

    /**
     * @param array<int, float> $grams by Constituent
     * @param array<int, float> $more
     * @return array<int, float>
     */
    private static function plus(array $grams, array $more): array
    {
        foreach ($more as $constituent => $mass) {
            if ($mass !== 0.0) {
                $grams[$constituent] += $mass;
            }
        }

        return $grams;
    }

    /**
     * A linear figure of all that is in the pot, what hangs in it included, and its derivatives.
     *
     * @param callable(array<int, float>): float $linear
     * @return array{float, array<int, float>} the figure, and d(figure) / d ln(amount)
     */
    public function all(callable $linear): array
    {
        $value = $linear($this->totals);
        $slopes = array_map($linear, $this->tangents);
        foreach ($this->hanging as $line => $row) {
            $own = $linear($row);
            $value += $own;
            $slopes[$this->sources[$line]] += $own;
        }

        return [$value, $slopes];
    }

    /** All that is in the pot, what hangs in it included, g. */
    public function mass(): float
    {
        $mass = Mixture::massOf($this->totals);
        foreach ($this->hanging as $row) {
            $mass += Mixture::massOf($row);
        }

        return $mass;
    }

    /**
     * Takes off a weighted sum of water and acetic acid as steam, from every line in proportion to what it has there.
     *
     * @param float $amount by which the sum falls; less than its water alone
     * @param array<int, float> $slopes d(amount) / d ln(amount of the line)
     * @param float $ofWater weight of a gram of water in the sum
     * @param float $ofAcetic weight of a gram of acetic acid in the sum
     */
    public function boilOff(float $amount, array $slopes, float $ofWater = 1.0, float $ofAcetic = 1.0): void
    {
        $water = $this->totals[Constituent::WATER];
        $acetic = $this->totals[Constituent::ACETIC];
        if ($water <= 0.0 || $amount <= 0.0) {
            return;
        }
        foreach (array_keys($slopes) as $source) {
            $this->tangents[$source] ??= array_fill(0, Constituent::COUNT, 0.0);
        }
        if ($acetic > 0.0) {
            [$waterLeft, $aceticLeft, $waterTangents, $aceticTangents, $this->ph] = Steam::off(
                $this->totals,
                $this->tangents,
                $amount,
                $slopes,
                $ofWater,
                $ofAcetic,
                $this->ph,
            );
        } else {
            $waterLeft = $water - $amount / $ofWater;
            $aceticLeft = 0.0;
            $waterTangents = [];
            $aceticTangents = [];
            foreach ($this->tangents as $source => $tangent) {
                $waterTangents[$source] = $tangent[Constituent::WATER] - ($slopes[$source] ?? 0.0) / $ofWater;
                $aceticTangents[$source] = $tangent[Constituent::ACETIC];
            }
        }
        $ofRow = [
            Constituent::WATER => $waterLeft / $water,
            Constituent::ACETIC => $acetic > 0.0 ? $aceticLeft / $acetic : 1.0,
        ];
        foreach ($this->rows as &$row) {
            foreach ($ofRow as $constituent => $left) {
                $row[$constituent] *= $left;
            }
        }
        unset($row);
        foreach ($waterTangents as $source => $tangent) {
            $this->tangents[$source][Constituent::WATER] = $tangent;
            $this->tangents[$source][Constituent::ACETIC] = $aceticTangents[$source];
        }
        $this->totals[Constituent::WATER] = $waterLeft;
        $this->totals[Constituent::ACETIC] = $aceticLeft;
    }

    /**
     * So many more minutes at a simmer, for all that is in the pot, and the alcohol that leaves with the steam.
     *
     * @param bool $isOpen without a lid, so that alcohol leaves
     * @param float $amount of steam, weighted as boilOff() has it, alcohol included
     * @param array<int, float> $slopes d(amount) / d ln(amount of the line)
     * @param float $ofWater weight of a gram of water in the amount
     * @param float $ofAcetic ... of acetic acid
     * @param float $ofAlcohol ... of alcohol
     * @return array{float, array<int, float>} grams of alcohol that left, and d(grams) / d ln(amount)
     */
    public function simmer(
        float $minutes,
        bool $isOpen,
        float $amount = 0.0,
        array $slopes = [],
        float $ofWater = 1.0,
        float $ofAcetic = 1.0,
        float $ofAlcohol = 1.0,
    ): array {
        foreach ($this->simmered as $line => $was) {
            $this->simmered[$line] = ($was ?? 0.0) + $minutes;
        }
        if (! $isOpen || $this->spirits->isNone()) {
            return [0.0, []];
        }
        $weights = [Constituent::WATER => $ofWater, Constituent::ACETIC => $ofAcetic];
        [$left, $gone, $goneSlopes] = $this->spirits->leave(
            $this->simmered,
            Mixture::sum($weights, $this->totals),
            Mixture::sums($weights, $this->tangents),
            $amount,
            $slopes,
            $ofAlcohol,
        );
        foreach ($left as $line => $grams) {
            $this->rows[$line][Constituent::ETHANOL] = $grams;
        }
        foreach ($goneSlopes as $source => $slope) {
            $this->tangents[$source] ??= array_fill(0, Constituent::COUNT, 0.0);
            $this->tangents[$source][Constituent::ETHANOL] -= $slope;
        }
        $this->totals[Constituent::ETHANOL] = array_sum(array_column($this->rows, Constituent::ETHANOL));

        return [$gone, $goneSlopes];
    }

    /**
     * What is true of every gram alike: of all of it, of every line's part, and of how it answers to each amount.
     *
     * @param callable(array<int, float>): void $change in place
     */
    private function turn(callable $change): void
    {
        $change($this->totals);
        array_walk($this->rows, $change);
        array_walk($this->tangents, $change);
    }

    /** Raw starch swells and thickens, what of it is in the sauce. */
    public function swellStarch(): void
    {
        $this->turn(Turning::swell(...));
    }

    /** The bite of mustard and horseradish, down to a share of what it was. */
    public function fadeBite(float $left): void
    {
        if ($this->totals[Constituent::MUSTARD_BITE] !== 0.0) {
            $this->turn(Turning::less(Constituent::MUSTARD_BITE, $left));
        }
    }

    /** So many more days of fermenting, of milk with soured milk in it or of anything else. */
    public function ferment(float $days, float $celsius, bool $isYoghurt): void
    {
        $this->turn(Turning::soured($this->fermenting->turns($this->totals, $days, $celsius, $isYoghurt)));
    }

    /** Set alight: some of the alcohol burns off. */
    public function flame(): void
    {
        $this->turn(Turning::less(Constituent::ETHANOL, $this->spirits->burn()));
    }

    /** Null where there is too little water. */
    public function acidity(): ?Acidity
    {
        $acidity = Acidity::of($this->totals, $this->ph);
        $this->ph = $acidity->ph ?? $this->ph;

        return $acidity;
    }

    public function hangs(): bool
    {
        return $this->hanging !== [];
    }

    /**
     * The juice of a thing whose solids are to be lifted out again, with so much charge that it has the thing's own pH
     * by itself: the rest of it belongs to the protein, which stays behind in the solids.
     *
     * @param array<int, float> $row g, of what is dissolved only
     * @param array<int, float> $perGram of the whole thing
     * @return array<int, float>
     */
    private static function neutralAlone(array $row, array $perGram): array
    {
        return self::charged($row, -(Acidity::ofSlurry($perGram)?->surplus($row) ?? 0.0));
    }

    /**
     * With so many moles of strong base more; less than none of it is strong acid.
     *
     * @param array<int, float> $grams
     * @return array<int, float>
     */
    private static function charged(array $grams, float $moles): array
    {
        $base = $grams[Constituent::STRONG_BASE] + $moles;
        $grams[Constituent::STRONG_BASE] = max(0.0, $base);
        $grams[Constituent::STRONG_ACID] += max(0.0, -$base);

        return $grams;
    }

    /**
     * Lifts out all that hangs in the pot, with the liquor its solids keep: as strong as the sauce, as much as the
     * water they hold, less what is pressed out.
     *
     * @param float $press 0 to 1
     * @return array{
     *     mass: float,
     *     water: float,
     *     capped: bool,
     * } g that left, and whether the solids would hold more than there is
     */
    public function liftOut(float $press): array
    {
        $liquid = Liquor::liquid($this->totals);
        $inLiquor = Liquor::liquor($this->totals);
        $water = $this->totals[Constituent::WATER];
        $shrunk = Liquor::shrunk($water, $inLiquor);
        $acidity = $this->acidity();
        $kept = [];
        $mass = 0.0;
        $waterGone = 0.0;
        foreach ($this->hanging as $line => $row) {
            $source = $this->sources[$line];
            $kept[$source] = ($kept[$source] ?? 0.0) + $this->kept[$line] * (1 - $press);
            $mass += Mixture::massOf($row);
            $waterGone += $row[Constituent::WATER];
        }
        $all = array_sum($kept);
        $share = $liquid > 0.0 ? $shrunk * $all / $liquid : 0.0;
        $capped = $share > self::MOST_HELD;
        $share = min($share, self::MOST_HELD);
        // what leaves is as neutral as the pot it leaves, so that lifting a thing out moves no pH by itself
        $weights = $acidity?->ownSurplusWeights() ?? [];
        $neutral = self::ofLiquor($weights);
        $ofSolids = array_diff_key($weights, $neutral);
        $owed = $share * Mixture::sum($neutral, $this->totals);
        $byShift
            = $acidity === null
                ? 0.0
                : $share * Mixture::sum(self::ofLiquor($acidity->bufferWeights()), $this->totals) / $acidity->buffer;
        $charge = $owed < 0.0 ? Constituent::STRONG_ACID : Constituent::STRONG_BASE;
        $sign = $owed < 0.0 ? -1.0 : 1.0;
        $stays = 1 - $share;
        $dissolved = [];
        foreach (Constituent::DISSOLVED as $constituent) {
            $dissolved[$constituent] = $this->totals[$constituent];
        }
        // what is nowhere in the pot is in no line of it
        $dissolved = array_filter($dissolved, static fn (float $grams): bool => $grams !== 0.0);
        $shareSlopes = [];
        foreach ($this->tangents as $source => $tangent) {
            $shareSlopes[$source] = $slope
                = $capped || $liquid <= 0.0
                    ? 0.0
                    : ($shrunk * ($kept[$source] ?? 0.0)
                        + $all * Liquor::shrinks($water, $inLiquor, $tangent)
                        - $share * Liquor::liquid($tangent)) / $liquid;
            $ofLiquor = Mixture::sum($neutral, $tangent);
            $owes
                = $share * $ofLiquor
                + $slope * ($share > 0.0 ? $owed / $share : 0.0)
                - ($ofLiquor + Mixture::sum($ofSolids, $tangent)) * $byShift;
            foreach ($dissolved as $constituent => $total) {
                $tangent[$constituent] = $stays * $tangent[$constituent] - $slope * $total;
            }
            $tangent[$charge] += $sign * $owes;
            $this->tangents[$source] = $tangent;
        }
        $before = Mixture::massOf($this->totals);
        $this->spirits->thin($share, $shareSlopes);
        foreach ($this->rows as $line => $row) {
            $owes = $share * Mixture::sum($neutral, $row);
            foreach ($dissolved as $constituent => $total) {
                $row[$constituent] *= $stays;
            }
            $row[$charge] += $sign * $owes;
            $this->rows[$line] = $row;
        }
        foreach ($dissolved as $constituent => $total) {
            $this->totals[$constituent] = $stays * $total;
        }
        $this->totals[$charge] += $sign * $owed;
        $this->hanging = [];
        $this->kept = [];

        return [
            'mass' => $mass + $before - Mixture::massOf($this->totals),
            'water' => $waterGone + $share * $water,
            'capped' => $capped,
        ];
    }

    /**
     * Of weights by constituent those of what goes into the liquor.
     *
     * @param array<int, float> $weights
     * @return array<int, float>
     */
    private static function ofLiquor(array $weights): array
    {
        return array_diff_key($weights, array_flip(Constituent::MATRIX));
    }

    /** Millilitres of all that is in the pot. */
    public function volume(): float
    {
        $volume = Density::volumeOf($this->totals);
        foreach ($this->hanging as $row) {
            $volume += Density::volumeOf($row);
        }

        return $volume;
    }

    public function mixture(): Mixture
    {
        return Mixture::of(array_values($this->totals));
    }
}
