<?php

declare(strict_types=1);

namespace App\Documents;

use App\Pantry\Preferences;
use Vinculum\Amount\Numeral;
use Vinculum\Amount\Units;
use Vinculum\Figure\Figure;
use Vinculum\Taste\Measure;
use Vinculum\Taste\Ratio;

/** Numbers and names as the screens show them: as many digits as are known, and no more. */
final class Wording
{
    private const INTERVAL_DIGITS = 2;

    private const OUNCE_G = 28.349523125;

    /** Said once for a request (SpeakAsPreferred), so that no figure is worded two ways on one page. */
    private static ?Preferences $preferences = null;

    public static function speak(Preferences $preferences): void
    {
        self::$preferences = $preferences;
    }

    public static function label(Measure $measure): string
    {
        return match ($measure) {
            Measure::Sweetness => 'Sweet',
            Measure::Sourness => 'Sour',
            Measure::Saltiness => 'Salty',
            Measure::Umami => 'Umami',
            Measure::Heat => 'Heat',
        };
    }

    /**
     * @return array{string, string} what stands over the bar and under it
     */
    public static function ratio(Ratio $ratio): array
    {
        $words = explode('_', $ratio->value);

        return [$words[0], $words[1]];
    }

    /** Three figures: 27.1, 1.12, 0.28, 850. */
    public static function number(float $value): string
    {
        if ($value < 0.005) {
            return '0';
        }
        $digits = $value >= 1000 ? 2 : 3;
        $places = max(0, $digits - 1 - (int) floor(log10($value)));
        $rounded = round($value, min($places, 2));
        if ($value >= 1000) {
            $rounded = round($value, $digits - 1 - (int) floor(log10($value)));
        }

        return self::grouped($rounded, $value >= 1000 ? 0 : min($places, $value >= 10 ? 1 : 2));
    }

    public static function measure(Measure $measure, float $value): string
    {
        $ceiling = $measure->ceiling();

        return $ceiling !== null && $value >= $ceiling ? self::grouped($ceiling, 0).' or more' : self::number($value);
    }

    public static function interval(Figure $figure): string
    {
        $low = self::short($figure->low());
        $high = self::short($figure->high());

        return $low === $high ? '' : "{$low}–{$high}";
    }

    public static function range(float $low, float $high): string
    {
        return self::short($low).'–'.self::short($high);
    }

    public static function grams(float $grams): string
    {
        if (self::$preferences?->mass === 'oz') {
            $ounces = $grams / self::OUNCE_G;

            return self::trimmed($ounces, $ounces < 1 ? 3 : ($ounces < 10 ? 2 : 1)).' oz';
        }

        return match (true) {
            $grams <= 0.0 => '0 g',
            $grams < 0.095 => self::grouped($grams, 2).' g',
            $grams < 9.95 => self::trimmed($grams, 1).' g',
            default => self::grouped(round($grams), 0).' g',
        };
    }

    /** Litres from a litre on, millilitres below. */
    public static function volume(float $millilitres): string
    {
        $unit = self::$preferences === null || self::$preferences->volume === 'ml' ? null : Units::find(self::$preferences->volume, self::$preferences->measures);
        if ($unit !== null) {
            $size = $millilitres / $unit->size;

            return self::trimmed($size, $size < 10 ? 2 : 1)." {$unit->name}".($unit->name === 'cup' && $size > 1.0 ? 's' : '');
        }

        return $millilitres >= 1000 ? self::grouped($millilitres / 1000, 2).' L' : self::grouped(round($millilitres), 0).' mL';
    }

    /** Noticeable steps in words: "half a step", "1 step", "2.5 steps". */
    public static function steps(float $steps): string
    {
        $halves = round(2 * abs($steps)) / 2;

        return match (true) {
            $halves <= 0.5 => 'half a step',
            $halves === 1.0 => '1 step',
            default => self::trimmed($halves, 1).' steps',
        };
    }

    /**
     * "perhaps 590 g to 640 g"
     *
     * @param callable(float): string $in
     */
    public static function perhaps(Figure $figure, callable $in): string
    {
        return 'perhaps '.$in($figure->low()).' to '.$in($figure->high());
    }

    /** "about 25 minutes, perhaps 17 to 37" */
    public static function minutes(?Figure $figure, float $alone = 0.0): string
    {
        $value = $figure->value ?? $alone;
        $text = $value < 1.5 ? 'about a minute' : 'about '.self::grouped(round($value), 0).' minutes';

        return $figure === null || $figure->spread <= 0.0 || $value < 1.5 ? $text : $text.', perhaps '.self::grouped(round($figure->low()), 0).' to '.self::grouped(round($figure->high()), 0);
    }

    public static function percent(float $share): string
    {
        $percent = $share * 100;

        return ($percent > 0.0 && $percent < 1.0 ? '<1' : (string) (int) round($percent)).' %';
    }

    /**
     * As it is set: a whole or a decimal, and a fraction over its bar.
     *
     * @return array{whole: string, numerator: string, denominator: string}
     */
    public static function set(Numeral $number): array
    {
        return [
            'whole' => $number->decimal !== null ? str_replace('.', self::$preferences?->decimal === 'comma' ? ',' : '.', $number->decimal) : ($number->whole === 0 && $number->numerator > 0 ? '' : (string) $number->whole),
            'numerator' => $number->numerator > 0 ? (string) $number->numerator : '',
            'denominator' => $number->numerator > 0 ? (string) $number->denominator : '',
        ];
    }

    private static function short(float $value): string
    {
        if ($value < 0.005) {
            return '0';
        }
        $places = max(0, self::INTERVAL_DIGITS - 1 - (int) floor(log10($value)));

        return $value >= 100 ? self::grouped(round($value, self::INTERVAL_DIGITS - 1 - (int) floor(log10($value))), 0) : self::trimmed($value, min($places, 2));
    }

    private static function trimmed(float $value, int $places): string
    {
        $text = self::grouped($value, $places);

        return $places > 0 ? rtrim(rtrim($text, '0'), '.,') : $text;
    }

    /** Thousands apart by a narrow space. */
    public static function grouped(float $value, int $places): string
    {
        return number_format($value, $places, self::$preferences?->decimal === 'comma' ? ',' : '.', "\u{00A0}");
    }
}
