<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Amount\Dimension;
use Vinculum\Amount\Kitchenware;
use Vinculum\Amount\Numeral;
use Vinculum\Recipe\Jotted\JottedAmount;
use Vinculum\Recipe\Until;

/** How long a step takes, and how far it goes. */
final class Times
{
    private const OVERNIGHT = 720.0;


    private const MINUTES = ['sec' => 1 / 60, 'min' => 1.0, 'h' => 60.0, 'day' => 1440.0, 'week' => 10_080.0];


    private const SHARES = [
        'half' => 50.0,
        'a third' => 100 / 3,
        'one third' => 100 / 3,
        'two thirds' => 200 / 3,
        'two-thirds' => 200 / 3,
        'a quarter' => 25.0,
        'three quarters' => 75.0,
        'three-quarters' => 75.0,
        'a fifth' => 20.0,
    ];


    /** How long, minutes; null where it is not said. */
    public static function minutes(string $said): ?float
    {
        if (preg_match('/\bover\s?night\b/u', $said) === 1) {
            return self::OVERNIGHT;
        }
        $said = self::partsOfAnHour($said);
        $number
            = '(\d+(?:[.,]\d+)?(?:\s+\d\/\d|\s?[½¼¾])?|[½¼¾]|half an?|an?|one|two|three|four|five|six|ten|'
                .'fifteen|twenty|thirty|forty|a few|a couple of|several)';
        if (
            preg_match_all(
                "/{$number}(?:\\s*(?:-|–|—|to|or)\\s*(\\d+(?:[.,]\\d+)?))?(?:\\s+more|\\s+further|"
                    .'\\s+whole)?[\\s-]*(sec|min|h(?:ou)?rs?\\b|h\\b|day|week)/u',
                $said,
                $matches,
                PREG_SET_ORDER,
            ) < 1
        ) {
            return null;
        }
        $total = 0.0;
        $last = null;
        foreach ($matches as [, $from, $to, $unit]) {
            $unit = str_starts_with($unit, 'h') ? 'h' : $unit;
            // "1 hour 20 minutes" is a sum; two times of one kind are two things, of which the first counts
            if ($last !== null && self::MINUTES[$unit] >= self::MINUTES[$last]) {
                break;
            }
            $words = ['ten' => 10.0, 'thirty' => 30.0, 'forty' => 40.0];
            $value = $words[$from] ?? (Numeral::read($from)[0]->value ?? 1.0);
            $value = $to === '' ? $value : ($value + (float) strtr($to, ',', '.')) / 2;
            $total += $value * self::MINUTES[$unit];
            $last = $unit;
        }

        return round($total, 3);
    }

    /** "three quarters of an hour", "an hour and a half", "two and a half hours", their number before the unit. */
    private static function partsOfAnHour(string $said): string
    {
        $shares = implode('|', array_keys(self::SHARES));
        $minutes = static fn (string $share): string => self::share($share) / 100 * self::MINUTES['h'].' min';
        $said = (string) preg_replace_callback(
            "/\\b({$shares}|quarter|third) of an hour\\b/u",
            static fn (array $match): string => $minutes($match[1]),
            $said,
        );

        $said = (string) preg_replace_callback(
            '/\b(\d+|\p{L}+) and an? half (?=(?:sec|min|h|day|week))/u',
            static fn (array $match): string => (string) ((Numeral::read($match[1])[0]->value ?? 0.0) + 0.5).' ',
            $said,
        );

        return (string) preg_replace_callback(
            '/\b(min(?:ute)?|h(?:ou)?r|day|week)s? and (?:an? )?(half|quarter|third)\b/u',
            static function (array $match): string {
                $unit = $match[1][0] === 'h' ? 'h' : substr($match[1], 0, 3);
                $share = self::share($match[2]);
                $more = $share / 100 * (self::MINUTES[$unit] ?? self::MINUTES['week']);

                return "{$match[1]} ".($unit === 'min' ? $more / self::MINUTES['sec'].' sec' : "{$more} min");
            },
            $said,
        );
    }

    /** Per cent that "half" and "quarter" stand for, with or without their article. */
    private static function share(string $said): float
    {
        return self::SHARES[$said] ?? self::SHARES["a {$said}"] ?? 0.0;
    }

    public static function until(string $said, Kitchenware $kit): ?Until
    {
        $shares = implode('|', array_keys(self::SHARES));
        if (
            preg_match(
                "/\\b(?:by|los(?:es?|ing)) (?:about |around |roughly |nearly )?({$shares}|\\d{1,2}(?:\\.\\d+)?"
                    .'\s*(?:%|per ?cent))/u',
                $said,
                $match,
            ) === 1
        ) {
            $percent = self::SHARES[$match[1]] ?? (float) $match[1];

            return $percent > 0.0 && $percent < 95.0 ? new Until('loss_percent', $percent) : null;
        }
        $gone = '/(\d{1,2}(?:\.\d+)?)\s*(?:%|per ?cent) (?:has |have |is )?(?:been )?(?:boiled|cooked|gone|'
            .'evaporated)/u';
        if (preg_match($gone, $said, $match) === 1 && (float) $match[1] > 0.0 && (float) $match[1] < 95.0) {
            return new Until('loss_percent', (float) $match[1]);
        }
        if (
            preg_match(
                '/\\b(?:down|reduc\\w*|boil\\w*|simmer\\w*|cook\\w*)\\b[^.]*\\bto (?:about |around |roughly '
                    .")?({$shares})\\b/u",
                $said,
                $match,
            ) === 1
        ) {
            return new Until('loss_percent', 100 - self::SHARES[$match[1]]);
        }
        if (preg_match('/\b(?:halved|reduced to half)\b/u', $said) === 1) {
            return new Until('loss_percent', 50.0);
        }
        // "simmer until half", "till a third is left"
        $left = "/\\b(?:until|till|til) (?:about |around |roughly |only )?({$shares})\\b(?! the| of (?!it\\b)| an?\\b)"
            .'(?: (?:of it )?(?:has |is )?(?:gone|evaporated|boiled))?/u';
        if (preg_match($left, $said, $match) === 1) {
            $isGone = preg_match('/(?:gone|evaporated|boiled)$/u', $match[0]) === 1;

            return new Until('loss_percent', $isGone ? self::SHARES[$match[1]] : 100 - self::SHARES[$match[1]]);
        }
        return self::amountLeft($said, $kit);
    }

    /** "down to 300 ml", "until there is half a cup": what is left, by its volume or its weight. */
    private static function amountLeft(string $said, Kitchenware $kit): ?Until
    {
        if (
            preg_match(
                '/\b(?:down|reduc\w*|boil\w*|simmer\w*|cook\w*|until)\b[^.]*?\b(?:to|have|left with|there (?:is|'
                    .'are)|makes?|measures?)\s+(?:about |around |roughly )?(\d(?:[^,.;]|[.,](?=\d))*|half a '
                        .'[^,.;]*|an? [^,.;]*)/u',
                $said,
                $match,
            ) === 1
        ) {
            $term
                = JottedAmount::parse(
                    (string) preg_replace('/^(\S+\s*\S*?\s*\p{L}+).*$/u', '$1', trim($match[1])),
                    $kit,
                )?->terms[0] ?? null;
            if ($term?->unit !== null && ! $term->unit->informal && $term->number->value > 0.0) {
                $value = $term->number->value * $term->unit->size;

                return match ($term->unit->dimension) {
                    Dimension::Volume => $value >= 20.0 ? new Until('volume_ml', $value) : null,
                    Dimension::Mass => new Until('mass_g', $value),
                    default => null,
                };
            }
        }

        return null;
    }
}
