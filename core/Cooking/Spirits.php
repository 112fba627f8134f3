<?php

declare(strict_types=1);

namespace Vinculum\Cooking;

/**
 * The alcohol each line brought to the pot, and how it leaves: the smaller of two shares of what went in is left, the
 * one of the retention table by the minutes (Alcohol), and Rayleigh's by the water that boiled off with it,
 *
 *     d ln(ethanol) / d ln(water) = α
 *
 * with α the relative volatility of ethanol beside water in an open pan. Whatever the table says it never leaves more
 * slowly than the water, so that no boiling makes a sauce stronger.
 *
 * Its steam is part of what a stage loses: of what a balance shows, and of the heat a ring has to give. So how far the
 * water falls and how much alcohol goes with it are found together.
 */
final class Spirits
{
    /** Of ethanol beside water at the boil, from memory; 12 in much water, less where steam falls back into the pan. */
    public const VOLATILITY = 6.0;

    /** Half-width of that, so that 4 to 9 is about four in five; judgement. */
    public const VOLATILITY_SPREAD = 2.5;

    /** What is left where it was set alight; USDA Table of Nutrient Retention Factors, release 6, from memory. */
    private const AFTER_A_FLAME = 0.75;

    /** Halvings that find how far the water falls, to the last figure. */
    private const HALVINGS = 60;

    /** @var array<int, float> g that went in, less what was lifted out with the liquor, by line */
    private array $brought = [];

    /** @var array<int, array<int, float>> d(that) / d ln(amount), by line and then by what decides it */
    private array $broughtSlopes = [];

    /** @var array<int, float> g that is there, by line */
    private array $there = [];

    /** @var array<int, array<int, float>> d(that) / d ln(amount), by line and then by what decides it */
    private array $thereSlopes = [];

    /** ln of what is left of the water by boiling alone, since the first line. */
    private float $fall = 0.0;

    /** @var array<int, float> d(that) / d ln(amount), by what decides it */
    private array $fallSlopes = [];

    /** @var array<int, array{float, array<int, float>}> how far it had fallen when the line went in, by line */
    private array $since = [];

    public function add(int $line, int $source, float $grams): void
    {
        $this->brought[$line] = $this->there[$line] = $grams;
        $this->broughtSlopes[$line] = $this->thereSlopes[$line] = [$source => $grams];
        $this->since[$line] = [$this->fall, $this->fallSlopes];
    }

    public function isNone(): bool
    {
        return $this->there === [];
    }

    /** ln of what is left of the water a line's alcohol was in, by boiling; 0 where it brought none. */
    public function fallOf(int $line): float
    {
        return isset($this->since[$line]) ? $this->fall - $this->since[$line][0] : 0.0;
    }

    /**
     * A stage without a lid.
     *
     * @param array<int, float|null> $minutes at a simmer since it went in, this stage included, by line
     * @param float $sum of what boils off, weighted: water and acetic acid before the stage, more than 0
     * @param array<int, float> $sumSlopes d(sum) / d ln(amount)
     * @param float $amount by which it and the alcohol fall together
     * @param array<int, float> $amountSlopes
     * @param float $weight of a gram of alcohol in the amount
     * @return array{
     *     array<int, float>,
     *     float,
     *     array<int, float>,
     * } g left by line, g that left, and d(g that left) / d ln(amount)
     */
    public function leave(
        array $minutes,
        float $sum,
        array $sumSlopes,
        float $amount,
        array $amountSlopes,
        float $weight,
    ): array {
        $falls = $this->falls($minutes, $sum, $amount, $weight);
        $slopes = $byFall = [];
        $left = $gone = $steepness = 0.0;
        foreach ($this->there as $line => $grams) {
            [$left, $held, $steep] = $this->left($line, $minutes[$line] ?? null, $falls);
            foreach ($this->thereSlopes[$line] + $held as $source => $_) {
                $slopes[$source]
                    = ($slopes[$source] ?? 0.0)
                    + ($this->thereSlopes[$line][$source] ?? 0.0)
                    - ($held[$source] ?? 0.0);
            }
            $gone += $grams - $left;
            $steepness += $steep;
            $this->there[$line] = $left;
            $this->thereSlopes[$line] = $held;
            $byFall[$line] = $steep;
        }
        $moves = [];
        if ($falls < 0.0) {
            $remains = exp($falls);
            $answer = $sum * $remains + $weight * $steepness;
            foreach ($sumSlopes + $amountSlopes + $slopes as $source => $_) {
                $moves[$source]
                    = (($sumSlopes[$source] ?? 0.0) * (1 - $remains)
                        + $weight * ($slopes[$source] ?? 0.0)
                        - ($amountSlopes[$source] ?? 0.0))
                    / $answer;
                $slopes[$source] = ($slopes[$source] ?? 0.0) - $steepness * $moves[$source];
                $this->fallSlopes[$source] = ($this->fallSlopes[$source] ?? 0.0) + $moves[$source];
            }
            foreach ($byFall as $line => $steep) {
                foreach ($steep === 0.0 ? [] : $moves as $source => $moved) {
                    $this->thereSlopes[$line][$source]
                        = ($this->thereSlopes[$line][$source] ?? 0.0) + $steep * $moved;
                }
            }
            $this->fall += $falls;
        }

        return [$this->there, $gone, $slopes];
    }

    /** Set alight: share that is left. */
    public function burn(): float
    {
        foreach (array_keys($this->there) as $line) {
            $this->brought[$line] *= self::AFTER_A_FLAME;
            $this->there[$line] *= self::AFTER_A_FLAME;
            foreach ([&$this->broughtSlopes[$line], &$this->thereSlopes[$line]] as &$slopes) {
                $slopes = array_map(static fn (float $slope): float => $slope * self::AFTER_A_FLAME, $slopes);
            }
            unset($slopes);
        }

        return self::AFTER_A_FLAME;
    }

    /**
     * Some of the liquor was lifted out, and its alcohol with it.
     *
     * @param array<int, float> $shareSlopes d(share) / d ln(amount)
     */
    public function thin(float $share, array $shareSlopes): void
    {
        foreach (array_keys($this->there) as $line) {
            foreach ($shareSlopes as $source => $slope) {
                $this->broughtSlopes[$line][$source]
                    = (1 - $share) * ($this->broughtSlopes[$line][$source] ?? 0.0) - $slope * $this->brought[$line];
                $this->thereSlopes[$line][$source]
                    = (1 - $share) * ($this->thereSlopes[$line][$source] ?? 0.0) - $slope * $this->there[$line];
            }
            $this->brought[$line] *= 1 - $share;
            $this->there[$line] *= 1 - $share;
        }
    }

    /**
     * How far ln(water) falls until so much has left, alcohol included; at most 0.
     *
     * @param array<int, float|null> $minutes
     */
    private function falls(array $minutes, float $sum, float $amount, float $weight): float
    {
        if ($amount <= 0.0) {
            return 0.0;
        }
        $bounds = [];
        foreach ($this->there as $line => $grams) {
            $brought = $this->brought[$line];
            $bounds[] = [
                $grams,
                $brought * Alcohol::retained($minutes[$line] ?? null),
                $brought * exp(self::VOLATILITY * ($this->fall - $this->since[$line][0])),
            ];
        }
        $off = static function (float $falls) use ($bounds, $sum, $weight): float {
            $gone = 0.0;
            [$byWater, $byRayleigh] = [exp($falls), exp(self::VOLATILITY * $falls)];
            foreach ($bounds as [$there, $table, $rayleigh]) {
                $gone += $there - min($there * $byWater, $table, $rayleigh * $byRayleigh);
            }

            return $sum * -expm1($falls) + $weight * $gone;
        };
        $far = log1p(-min($amount / $sum, 1 - PHP_FLOAT_EPSILON));
        $near = 0.0;
        if ($off($near) >= $amount) {
            return 0.0;
        }
        for ($i = 0; $i < self::HALVINGS && $near - $far > PHP_FLOAT_EPSILON * -$far; $i++) {
            $middle = ($near + $far) / 2;
            [$near, $far] = $off($middle) < $amount ? [$middle, $far] : [$near, $middle];
        }

        return $far;
    }

    /**
     * @return array{
     *     float,
     *     array<int, float>,
     *     float,
     * } g left of a line's alcohol when ln(water) has fallen so much further, its slopes at the same fall, and d(g) /
     *     d(fall)
     */
    private function left(int $line, ?float $minutes, float $falls): array
    {
        $brought = $this->brought[$line];
        [$from, $fromSlopes] = $this->since[$line];
        $table = $brought * Alcohol::retained($minutes);
        $rayleigh = $brought * exp(self::VOLATILITY * ($this->fall - $from + $falls));
        $water = $this->there[$line] * exp($falls);
        if ($water <= $table && $water <= $rayleigh) {
            $share = exp($falls);

            return [
                $water,
                array_map(static fn (float $slope): float => $slope * $share, $this->thereSlopes[$line]),
                $water,
            ];
        }
        if ($table <= $rayleigh) {
            $share = $brought > 0.0 ? $table / $brought : 0.0;

            return [
                $table,
                array_map(static fn (float $slope): float => $slope * $share, $this->broughtSlopes[$line]),
                0.0,
            ];
        }
        $share = $brought > 0.0 ? $rayleigh / $brought : 0.0;
        $slopes = array_map(static fn (float $slope): float => $slope * $share, $this->broughtSlopes[$line]);
        foreach ($this->fallSlopes as $source => $slope) {
            $slopes[$source]
                = ($slopes[$source] ?? 0.0)
                + self::VOLATILITY * $rayleigh * ($slope - ($fromSlopes[$source] ?? 0.0));
        }

        return [$rayleigh, $slopes, self::VOLATILITY * $rayleigh];
    }
}
