<?php

declare(strict_types=1);

namespace Vinculum\Cooking;

use Vinculum\Figure\Figure;
use Vinculum\Recipe\Process;
use Vinculum\Recipe\ProcessKind;

/**
 * How fast a pan loses water. A rolling boil is limited by the hob: what it delivers beyond the pan's own losses, over
 * the heat of vaporisation, 2257 kJ/kg at 100 °C (steam tables, from memory). A simmer, just below, goes with the open
 * surface.
 *
 * The settings are starting values, common practice, no source: hobs and pans differ by half, which SPREAD says.
 */
final readonly class Hob
{
    /** Half-width in ln(rate) of the four-in-five interval. */
    public const SPREAD = 0.4;

    public const USUAL_PAN_CM = 24.0;

    private const VAPORISATION_KJ_PER_G = 2.257;

    /** Heat that a gram of alcohol takes to boil off beside a gram of water: 841 kJ/kg (CRC Handbook, from memory). */
    public const ALCOHOL_TAKES = 0.841 / 2.257;

    /** Net power into a boiling pan, kW. */
    private const BOIL_KW = ['low' => 0.4, 'medium' => 0.9, 'high' => 1.5];

    /** g per minute and square metre of open surface at a simmer. */
    private const SIMMER = ['low' => 90.0, 'medium' => 150.0, 'high' => 240.0];

    /** Net power while heating up, kW. */
    private const HEATING_KW = ['low' => 0.6, 'medium' => 1.1, 'high' => 1.7];

    /** From the tap or the jar to a simmer, K; a watery sauce, J/(g K). */
    private const RISE = 78.0;
    private const HEAT_CAPACITY = 3.7;

    /** Share of its water a thing loses in a minute: sweated in a pan, or roasted in an oven at about 200 °C. */
    private const DRYING = [
        'fry' => ['low' => 0.012, 'medium' => 0.025, 'high' => 0.045],
        'roast' => ['low' => 0.006, 'medium' => 0.011, 'high' => 0.018],
        'grill' => ['low' => 0.006, 'medium' => 0.011, 'high' => 0.018],
    ];

    /** @param float $gramsPerMinute of steam at a simmer or boil */
    private function __construct(
        public float $gramsPerMinute,
        public float $heatingKw,
        public float $dryingPerMinute,
    ) {}

    public static function for(Process $process): self
    {
        $heat = $process->heat ?? 'medium';

        return new self(
            $process->kind === ProcessKind::Boil
                ? (self::BOIL_KW[$heat] / self::VAPORISATION_KJ_PER_G) * 60
                : self::SIMMER[$heat] * self::floor($process) / 1e4,
            self::HEATING_KW[$heat],
            self::DRYING[$process->kind->value][$heat] ?? 0.0,
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

    /** Floor of the pan it stands in, cm². */
    public static function floor(?Process $process): float
    {
        return M_PI * (($process->panCm ?? self::USUAL_PAN_CM) / 2) ** 2;
    }

    /** Minutes until what is cold and weighs so much simmers. */
    public function minutesToSimmer(float $grams): float
    {
        return ($grams * self::HEAT_CAPACITY * self::RISE) / ($this->heatingKw * 1000) / 60;
    }
}
