<?php

declare(strict_types=1);

namespace Vinculum\Words;

use Vinculum\Amount\MeasuringSet;
use Vinculum\Amount\Numeral;
use Vinculum\Amount\Unit;
use Vinculum\Amount\Units;
use Vinculum\Figure\Figure;
use Vinculum\Figure\Quantity;
use Vinculum\Figure\QuantityKind;
use Vinculum\Figure\Sentence;
use Vinculum\Taste\Measure;
use Vinculum\Taste\Ratio;

/**
 * Numbers, names and sentences as they are read: in the reader's own units and with their own decimal mark, as many
 * digits as are known, and no more. The one place where a figure becomes text.
 */
final readonly class Speech
{
    private const INTERVAL_DIGITS = 2;

    /** Minutes from which they are said in hours. */
    private const IN_HOURS = 180.0;

    private const OUNCE_G = 28.349523125;

    /**
     * @param bool $inOunces masses in ounces and not in grams
     * @param Unit|null $volume the measure volumes are read in; null for millilitres and litres
     * @param string $mark the decimal mark
     */
    private function __construct(private bool $inOunces, private ?Unit $volume, private string $mark) {}

    /**
     * @param 'g'|'oz' $mass
     * @param 'ml'|'cup'|'fl oz' $volume
     * @param 'point'|'comma' $decimal
     */
    public static function in(string $mass, string $volume, string $decimal, MeasuringSet $measures): self
    {
        return new self(
            $mass === 'oz',
            $volume === 'ml' ? null : Units::find($volume, $measures),
            $decimal === 'comma' ? ',' : '.',
        );
    }

    /** Grams, millilitres and a decimal point. */
    public static function usual(): self
    {
        return new self(false, null, '.');
    }

    /** A sentence in the reader's own units. */
    public function say(Sentence $sentence): string
    {
        return preg_replace_callback(
            '/\{(\w+)\}/',
            fn (array $name): string => $this->slot($sentence->slots[$name[1]] ?? ''),
            $sentence->template,
        ) ?? $sentence->template;
    }

    /**
     * @param list<Sentence> $sentences
     * @return list<string>
     */
    public function sayAll(array $sentences): array
    {
        return array_map($this->say(...), $sentences);
    }

    private function slot(Quantity|string $slot): string
    {
        return is_string($slot)
            ? $slot
            : match ($slot->kind) {
                QuantityKind::Mass => $this->grams($slot->value),
                QuantityKind::Volume => $this->volume($slot->value),
                QuantityKind::Percent => $this->percent($slot->value),
                QuantityKind::Steps => $this->steps($slot->value),
                QuantityKind::Minutes => $this->spell($slot->value),
                QuantityKind::Number => $this->grouped($slot->value, $slot->places),
            };
    }

    /** How long, in minutes, and from three hours on in hours; one of them is one. */
    public function spell(float $minutes): string
    {
        [$many, $word] = $minutes >= self::IN_HOURS ? [$minutes / 60, 'hour'] : [$minutes, 'minute'];
        $text = $this->grouped($many, $many < 10 && fmod($many, 1.0) > 0.05 && fmod($many, 1.0) < 0.95 ? 1 : 0);

        return "{$text} {$word}".($text === '1' ? '' : 's');
    }

    public function label(Measure $measure): string
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
    public function ratio(Ratio $ratio): array
    {
        $words = explode('_', $ratio->value);

        return [$words[0], $words[1]];
    }

    /** Three figures: 27.1, 1.12, 0.28, 850. */
    public function number(float $value): string
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

        return $this->grouped($rounded, $value >= 1000 ? 0 : min($places, $value >= 10 ? 1 : 2));
    }

    public function measure(Measure $measure, float $value): string
    {
        $ceiling = $measure->ceiling();

        return $ceiling !== null && $value >= $ceiling
            ? $this->grouped($ceiling, 0).' or more'
            : $this->number($value);
    }

    public function interval(Figure $figure): string
    {
        $low = $this->short($figure->low());
        $high = $this->short($figure->high());

        return $low === $high ? '' : "{$low}–{$high}";
    }

    public function range(float $low, float $high): string
    {
        return $this->short($low).'–'.$this->short($high);
    }

    public function grams(float $grams): string
    {
        if ($this->inOunces) {
            $ounces = $grams / self::OUNCE_G;

            return $this->trimmed($ounces, $ounces < 1 ? 3 : ($ounces < 10 ? 2 : 1)).' oz';
        }

        return match (true) {
            $grams <= 0.0 => '0 g',
            $grams < 0.095 => $this->grouped($grams, 2).' g',
            $grams < 9.95 => $this->trimmed($grams, 1).' g',
            default => $this->grouped(round($grams), 0).' g',
        };
    }

    /** Litres from a litre on, millilitres below. */
    public function volume(float $millilitres): string
    {
        $unit = $this->volume;
        if ($unit !== null) {
            $size = $millilitres / $unit->size;

            return $this->trimmed($size, $size < 10 ? 2 : 1)
                ." {$unit->name}"
                .($unit->name === 'cup' && $size > 1.0 ? 's' : '');
        }

        return $millilitres >= 1000
            ? $this->grouped($millilitres / 1000, 2).' L'
            : $this->grouped(round($millilitres), 0).' mL';
    }

    /** How far one stands from another: "+ 1.5 steps", "alike". */
    public function against(float $steps): string
    {
        return self::isNoStep($steps) ? 'alike' : ($steps > 0.0 ? '+ ' : '− ').$this->steps($steps);
    }

    /** Noticeable steps in words: "half a step", "1 step", "2.5 steps". */
    public function steps(float $steps): string
    {
        $halves = round(2 * abs($steps)) / 2;

        return match (true) {
            $halves <= 0.5 => 'half a step',
            $halves === 1.0 => '1 step',
            default => $this->trimmed($halves, 1).' steps',
        };
    }

    /** Whether so many steps are none when they are rounded to half a step. */
    public static function isNoStep(float $steps): bool
    {
        return round(2 * abs($steps)) === 0.0;
    }

    /**
     * "perhaps 590 g to 640 g"
     *
     * @param callable(float): string $in
     */
    public function perhaps(Figure $figure, callable $in): string
    {
        return 'perhaps '.$in($figure->low()).' to '.$in($figure->high());
    }

    /** "about 25 minutes, perhaps 17 to 37" */
    public function minutes(?Figure $figure, float $alone = 0.0): string
    {
        $value = $figure->value ?? $alone;
        $text = $value < 1.5 ? 'about a minute' : 'about '.$this->grouped(round($value), 0).' minutes';

        return $figure === null || $figure->spread <= 0.0 || $value < 1.5
            ? $text
            : $text
                    .', perhaps '
                    .$this->grouped(round($figure->low()), 0)
                    .' to '
                    .$this->grouped(round($figure->high()), 0);
    }

    public function percent(float $share): string
    {
        $percent = $share * 100;

        return ($percent > 0.0 && $percent < 1.0 ? '<1' : (string) (int) round($percent)).' %';
    }

    /**
     * As it is set: a whole or a decimal, and a fraction over its bar.
     *
     * @return array{whole: string, numerator: string, denominator: string}
     */
    public function set(Numeral $number): array
    {
        return [
            'whole'
                => $number->decimal !== null
                    ? str_replace('.', $this->mark, $number->decimal)
                    : ($number->whole === 0 && $number->numerator > 0
                        ? ''
                        : (string) $number->whole),
            'numerator' => $number->numerator > 0 ? (string) $number->numerator : '',
            'denominator' => $number->numerator > 0 ? (string) $number->denominator : '',
        ];
    }

    private function short(float $value): string
    {
        if ($value < 0.005) {
            return '0';
        }
        $places = max(0, self::INTERVAL_DIGITS - 1 - (int) floor(log10($value)));

        return $value >= 100
            ? $this->grouped(round($value, self::INTERVAL_DIGITS - 1 - (int) floor(log10($value))), 0)
            : $this->trimmed($value, min($places, 2));
    }

    private function trimmed(float $value, int $places): string
    {
        $text = $this->grouped($value, $places);

        return $places > 0 ? rtrim(rtrim($text, '0'), '.,') : $text;
    }

    /** Thousands apart by a narrow space. */
    public function grouped(float $value, int $places): string
    {
        return number_format($value, $places, $this->mark, "\u{00A0}");
    }
}
