<?php

declare(strict_types=1);

namespace Vinculum\Cooking;

use Vinculum\Mixture\Acidity;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Density;
use Vinculum\Mixture\Meter;
use Vinculum\Mixture\Mixture;

/**
 * How far a ferment goes: lactic acid from the sugars that are there,
 *
 *     L = L∞ (1 − exp(−(t / τ)^1.5)),
 *
 * τ four days at 20 °C and 2.5 % salt, 2.5 times as fast for 10 °C more, slower with more salt; L∞ the smaller of
 * nine tenths of the sugars and what brings the pot to the pH such bacteria stop at. A tenth of it is acetic acid.
 *
 * Courses it is held against, from memory: cabbage at 2.25 % and 18 °C in three to four weeks 3.4 to 3.6; cucumbers at
 * 5 % in two to three weeks 3.3 to 3.5; chilli mash at 3 to 8 % in two to four weeks 3.4 to 3.9. Milk with yoghurt in
 * it at 42 °C is at 4.4 to 4.6 in five to eight hours.
 */
final class Fermenting
{
    /** °C where nobody says. */
    public const USUAL = 20.0;

    /** Half-width of the pH it comes to; judgement. */
    public const SPREAD = 0.3;

    /** Days, at 20 °C and so much salt. */
    private const DAYS = 4.0;
    private const SALT = 0.025;
    private const SALT_SLOWS = 0.03;
    private const STEEPNESS = 1.5;

    /** Times as fast for 10 °C more, and between which it holds, °C. */
    private const FASTER = 2.5;
    private const COLDEST = 5.0;
    private const WARMEST = 32.0;

    /** Share of the sugars that goes, and of the acid that is acetic. */
    private const SUGARS = 0.9;
    private const ACETIC = 0.1;

    /** pH they stop at, as a meter shows it; in milk, with yoghurt's own. */
    private const STOPS = 3.4;
    private const YOGHURT_STOPS = 4.0;

    /** Days that yoghurt takes, and °C from which it does. */
    private const YOGHURT_DAYS = 0.3;
    private const YOGHURT_FROM = 35.0;

    /** Sugars they live on. */
    public const FEEDS = [
        Constituent::SUCROSE,
        Constituent::GLUCOSE,
        Constituent::FRUCTOSE,
        Constituent::MALTOSE,
        Constituent::LACTOSE,
    ];

    private const HALVINGS = 40;

    /** How long it has fermented, in times τ, and share of the sugars that turn in the end. */
    private float $times = 0.0;

    private ?float $most = null;

    /**
     * Share of the sugars there are now that turns in so many days more.
     *
     * @param array<int, float> $grams by Constituent
     * @param bool $isYoghurt milk with soured milk in it
     */
    public function turns(array $grams, float $days, float $celsius, bool $isYoghurt): float
    {
        $mass = Mixture::massOf($grams);
        if ($mass <= 0.0 || $days <= 0.0) {
            return 0.0;
        }
        $this->most ??= self::most($grams, $isYoghurt);
        $before = 1 - $this->most * self::gone($this->times);
        $this->times += $days * self::pace($grams, $mass, $celsius, $isYoghurt);

        return 1 - (1 - $this->most * self::gone($this->times)) / $before;
    }

    /**
     * Times τ that go by: what adds up however the days are divided.
     *
     * @param array<int, float> $grams by Constituent
     */
    private static function pace(array $grams, float $mass, float $celsius, bool $isYoghurt): float
    {
        if ($isYoghurt && $celsius >= self::YOGHURT_FROM) {
            return 1 / self::YOGHURT_DAYS;
        }
        $salt = $grams[Constituent::SODIUM] * Density::SALT_PER_SODIUM / max(1e-9, $mass);
        $slow = $salt > self::SALT ? 1 + (($salt - self::SALT) / self::SALT_SLOWS) ** 2 : 1.0;
        $warm = max(self::COLDEST, min(self::WARMEST, $celsius));

        return self::FASTER ** (($warm - self::USUAL) / 10) / self::DAYS / $slow;
    }

    /** Share of the way it has gone after so many times τ. */
    private static function gone(float $times): float
    {
        return -expm1(-($times ** self::STEEPNESS));
    }

    /**
     * Share of the sugars that go in the end.
     *
     * @param array<int, float> $grams by Constituent
     */
    private static function most(array $grams, bool $isYoghurt): float
    {
        $stops = $isYoghurt ? self::YOGHURT_STOPS : self::STOPS;
        $ph = static function (float $share) use ($grams): float {
            $turned = self::turned($grams, $share);
            $acidity = Acidity::of($turned);

            return $acidity === null ? 7.0 : Meter::shows($acidity, $turned);
        };
        if ($ph(self::SUGARS) >= $stops) {
            return self::SUGARS;
        }
        [$least, $most] = [0.0, self::SUGARS];
        for ($i = 0; $i < self::HALVINGS; $i++) {
            $middle = ($least + $most) / 2;
            [$least, $most] = $ph($middle) > $stops ? [$middle, $most] : [$least, $middle];
        }

        return $least;
    }

    /**
     * With so large a share of the sugars turned to acid. Linear in the grams.
     *
     * @param array<int, float> $grams by Constituent, of a pot, a line or a slope
     * @return array<int, float>
     */
    public static function turned(array $grams, float $share): array
    {
        $acid = 0.0;
        foreach (self::FEEDS as $sugar) {
            $acid += $share * $grams[$sugar];
            $grams[$sugar] *= 1 - $share;
        }
        $grams[Constituent::LACTIC] += (1 - self::ACETIC) * $acid;
        $grams[Constituent::ACETIC] += self::ACETIC * $acid;

        return $grams;
    }
}
