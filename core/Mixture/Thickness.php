<?php

declare(strict_types=1);

namespace Vinculum\Mixture;

/**
 * How thick a sauce is, on five words: an estimate, and called one.
 *
 * It adds, in powers of ten of viscosity beside water, what each thing does by itself: cooked starch, crumbs, pulp and
 * fibre, dissolved sugar, emulsified fat, soured milk. Fitted to common practice, no source: 8 g of maize starch to a
 * US cup of stock makes a medium sauce; a thick ketchup holds a line; mayonnaise mounds; honey coats; a vinaigrette
 * runs. A sauce is a step or so thinner hot.
 */
enum Thickness: int
{
    case Runs = 0;
    case CoatsThinly = 1;
    case Coats = 2;
    case HoldsALine = 3;
    case Mounds = 4;

    /** Powers of ten per gram in 100 g. */
    private const COOKED_STARCH = 0.75;
    /**
     * Pulp, fibre, ground spice and seed: per gram in 100 g, the square root of what it is beyond, as particles crowd.
     */
    private const INSOLUBLE = 2.0;
    /** Flour and crumbs that never boiled only swell in part. */
    private const RAW_STARCH = 0.12;
    /** Of soured milk and the like, which is a gel already. */
    private const GEL = 0.6;
    /** Emulsified fat, times its share over what is left of the room. */
    private const DROPS = 1.1;
    private const SYRUP_MOST = 4.2;
    /** What starch keeps of its strength after an hour below pH 4. */
    private const SOUR_HOUR = 0.6;
    private const SOUR_PH = 4.0;

    /** Powers of ten from which each word holds, cold. */
    private const FROM = [1 => 0.9, 2 => 2.0, 3 => 3.2, 4 => 4.3];

    /** Powers of ten thinner at a simmer than cold. */
    public const HOT = 0.6;

    public function words(): string
    {
        return match ($this) {
            self::Runs => 'runs',
            self::CoatsThinly => 'coats thinly',
            self::Coats => 'coats',
            self::HoldsALine => 'holds a line',
            self::Mounds => 'mounds',
        };
    }

    /**
     * @param array<int, float> $grams by Constituent
     * @param float $emulsified g of the fat that is held in drops and does not float up
     * @param float $gel g of protein that came as a gel
     * @param float $minutes of simmering since the starch went in
     */
    public static function of(
        array $grams,
        float $emulsified,
        float $gel,
        ?float $ph,
        float $minutes,
        bool $isHot = false,
    ): self {
        $thick = self::powers($grams, $emulsified, $gel, $ph, $minutes) - ($isHot ? self::HOT : 0.0);
        $word = self::Runs;
        foreach (self::FROM as $value => $from) {
            $word = $thick >= $from ? self::from($value) : $word;
        }

        return $word;
    }

    /**
     * Powers of ten of viscosity beside water, about.
     *
     * @param array<int, float> $grams by Constituent
     */
    public static function powers(array $grams, float $emulsified, float $gel, ?float $ph, float $minutes): float
    {
        $mass = Mixture::massOf($grams);
        if ($mass <= 0.0) {
            return 0.0;
        }
        $percent = static fn (int $constituent): float => (100 * $grams[$constituent]) / $mass;
        $starch
            = self::COOKED_STARCH
            * $percent(Constituent::STARCH_COOKED)
            * ($ph !== null && $ph < self::SOUR_PH ? self::SOUR_HOUR ** ($minutes / 60) : 1.0);
        $pulp = $percent(Constituent::INSOLUBLE);
        $dissolved = Brix::of($grams) ?? 0.0;
        // log10 of the viscosity of sucrose solutions at 20 °C (CRC, from memory: 0.29 at 20 %, 0.79 at 40, 1.77 at 60,
        // 2.68 at 70)
        $syrup = min(self::SYRUP_MOST, $dissolved / max(1.0, 86.6 - 0.87 * $dissolved));
        $drops = min(0.9, $emulsified / $mass);
        // crowding drops: nothing to speak of when few, a paste from two thirds on
        $emulsion = $drops < 0.05 ? 0.0 : (self::DROPS * $drops) / (0.95 - $drops);

        return $starch
            + self::INSOLUBLE * ($pulp > 1.0 ? sqrt($pulp) : $pulp)
            + self::RAW_STARCH * $percent(Constituent::STARCH_RAW)
            + (self::GEL * 100 * $gel) / $mass
            + $syrup
            + $emulsion;
    }
}
