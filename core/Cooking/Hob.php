<?php

declare(strict_types=1);

namespace Vinculum\Cooking;

use Vinculum\Figure\Figure;
use Vinculum\Recipe\Process;
use Vinculum\Recipe\ProcessKind;

/**
 * How fast a pan loses water. A rolling boil is limited by the ring: what it delivers beyond the pan's own losses, over
 * the heat of vaporisation, 2257 kJ/kg at 100 °C (steam tables, from memory). A simmer, just below, goes with the open
 * surface. A cook takes a pan by what is to go in, and a ring by the pan: half a cup stands on no big ring.
 *
 * The settings are starting values, common practice, no source: hobs and pans differ by half, which SPREAD says. At a
 * gentle boil a litre in a pan of 20 cm loses a third in about 25 minutes.
 */
final readonly class Hob
{
    /** Half-width in ln(rate) of the four-in-five interval. */
    public const SPREAD = 0.4;

    /** Pan that rates are remembered by where nobody says which, cm. */
    public const USUAL_PAN_CM = 24.0;

    /** A kilogram goes into a pan of 20 cm, more and less into one wider and narrower by this power; cm. */
    private const PAN_OF_A_KILOGRAM = 20.0;
    private const PAN_BY_MASS = 0.3;
    private const LEAST_PAN = 12.0;
    private const MOST_PAN = 32.0;

    private const VAPORISATION_KJ_PER_G = 2.257;

    /** Heat that a gram of alcohol takes to boil off beside a gram of water: 841 kJ/kg (CRC Handbook, from memory). */
    public const ALCOHOL_TAKES = 0.841 / 2.257;

    /** Net power into a boiling pan on the large ring, kW. */
    private const BOIL_KW = ['low' => 0.6, 'medium' => 1.0, 'high' => 1.8];

    /** The pan the large ring is for, cm, and by what power a narrower one gets less. */
    private const RING_CM = 24.0;
    private const RING_BY_PAN = 1.34;

    /** g per minute and square metre of open surface at a simmer. */
    private const SIMMER = ['low' => 200.0, 'medium' => 380.0, 'high' => 600.0];

    /** Net power while heating up on the large ring, kW. */
    private const HEATING_KW = ['low' => 0.6, 'medium' => 1.1, 'high' => 1.8];

    /**
     * Water of an ordinary sauce, share. A simmer takes a share of the water that is there and no fixed weight: what
     * thickens gives up less, and a cook turns it down before it catches; judgement.
     */
    private const WET = 0.8;

    /** From the tap or the jar to a simmer, K; a watery sauce, J/(g K). */
    private const RISE = 78.0;
    private const HEAT_CAPACITY = 3.7;

    /** Share of its water a thing loses in a minute: sweated in a pan, roasted in an oven at 200 °C, or grilled. */
    private const DRYING = [
        'fry' => ['low' => 0.012, 'medium' => 0.025, 'high' => 0.045],
        'roast' => ['low' => 0.006, 'medium' => 0.011, 'high' => 0.018],
        'grill' => ['low' => 0.006, 'medium' => 0.011, 'high' => 0.018],
    ];

    /**
     * @param float $gramsPerMinute of steam at a simmer or boil
     * @param float $simmerPerMinute ... at a simmer as a share of the water that is there, at the same beginning; 0 for
     *     anything else
     * @param float $byMass d ln(steam) / d ln(mass) where the pan was chosen by the mass; 0 where somebody said which
     */
    private function __construct(
        public float $panCm,
        public float $gramsPerMinute,
        public float $heatingKw,
        public float $dryingPerMinute,
        public float $simmerPerMinute,
        public float $byMass,
    ) {}

    /** @param float $grams that the pan was chosen for, where nobody says which */
    public static function for(Process $process, float $grams = 1000.0): self
    {
        $heat = $process->heat ?? 'medium';
        $usual = self::PAN_OF_A_KILOGRAM * (max(1e-6, $grams) / 1000) ** self::PAN_BY_MASS;
        $pan = $process->panCm ?? max(self::LEAST_PAN, min(self::MOST_PAN, $usual));
        $ring = min(1.0, ($pan / self::RING_CM) ** self::RING_BY_PAN);
        $boils = $process->kind === ProcessKind::Boil;
        $steam = $boils
            ? ($ring * self::BOIL_KW[$heat] / self::VAPORISATION_KJ_PER_G) * 60
            : self::SIMMER[$heat] * self::floor($pan) / 1e4;
        $byPan = $boils ? ($pan < self::RING_CM ? self::RING_BY_PAN : 0.0) : 2.0;

        return new self(
            $pan,
            $steam,
            $ring * self::HEATING_KW[$heat],
            self::DRYING[$process->kind->value][$heat] ?? 0.0,
            $process->kind === ProcessKind::Simmer ? $steam / (self::WET * max(1e-6, $grams)) : 0.0,
            $process->panCm !== null || $pan !== $usual ? 0.0 : $byPan * self::PAN_BY_MASS,
        );
    }

    /** What a hob's power is remembered by. */
    public static function name(Process $process): string
    {
        return sprintf(
            '%s %s %d cm',
            $process->kind->value,
            $process->heat ?? 'medium',
            (int) round($process->panCm ?? self::USUAL_PAN_CM),
        );
    }

    /**
     * What a hob was seen to take off such a pan, g a minute; null where nobody weighed.
     *
     * @param array<string, Figure> $hobs by name()
     */
    public static function learned(?Process $process, array $hobs): ?Figure
    {
        return $process === null ? null : $hobs[self::name($process)] ?? null;
    }

    /** Floor of a pan so wide, cm². */
    public static function floor(float $panCm): float
    {
        return M_PI * ($panCm / 2) ** 2;
    }

    /** Minutes until what is cold and weighs so much simmers. */
    public function minutesToSimmer(float $grams): float
    {
        return ($grams * self::HEAT_CAPACITY * self::RISE) / ($this->heatingKw * 1000) / 60;
    }
}
