<?php

declare(strict_types=1);

namespace Tests\Support;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Taste\Measure;
use Vinculum\Taste\Ratio;

/**
 * Ordinary recipes of tests/data/ordinary.txt, and the bands that they come to: the span that is to hold four in five
 * of recipes that nobody has written down yet, in noticeable steps (a normal prediction interval, by Student's t).
 */
final class Ordinary
{
    private const TABLE = __DIR__.'/../data/ordinary.txt';

    /** One cook's lowest, usual and highest for a style, which count as three recipes more. */
    private const EVIDENCE = __DIR__.'/../data/one-cook.json';

    /** 0.9 quantile of Student's t by degrees of freedom from 2 on; tables, from memory. */
    private const STUDENT = [1.886, 1.638, 1.533, 1.476, 1.440, 1.415, 1.397, 1.383, 1.372, 1.363, 1.356, 1.350, 1.345,
        1.341];

    /** A band is no narrower than half a step either side of its aim: no tongue tells less. */
    private const LEAST_STEPS = 0.5;

    /** @return iterable<string, list<array{string, Evaluation}>> by style, each with its name */
    public static function recipes(): iterable
    {
        $style = '';
        $found = [];
        foreach (file(self::TABLE, FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [] as $row) {
            if (str_starts_with($row, '= ')) {
                $style = substr($row, 2);
            } elseif ($row[0] !== '#') {
                [$name, $lines, $process] = array_map(trim(...), explode('|', $row));
                $stages = (string) preg_replace('/(\d)(?=,|$)/', '$1 g', $lines)." [{$process}]";
                $found[$style][] = [$name, Staged::evaluate($stages, $name)];
            }
        }

        return $found;
    }

    /**
     * @param list<array{string, Evaluation}> $recipes
     * @return array<string, array{low: float, aim: float, high: float}> by Measure
     */
    public static function bands(string $style, array $recipes): array
    {
        $evidence = self::evidence();
        $bands = [];
        foreach (Measure::cases() as $measure) {
            $values = array_map(
                static fn (array $each): float => $each[1]->tasting->value($measure),
                $recipes,
            );
            $bands[$measure->value] = self::span($measure, [...$values, ...$evidence[$style][$measure->value] ?? []]);
        }

        return $bands;
    }

    /**
     * What an instrument reads, and quotients of tastes: of those the style speaks of already, and pH of every one.
     *
     * @param list<array{string, Evaluation}> $recipes
     * @param array<string, array{low: float|int, aim: float|int, high: float|int}> $was
     * @return array<string, array{low: float, aim: float, high: float}> by figure
     */
    public static function figures(string $style, array $recipes, array $was): array
    {
        $evidence = self::evidence()[$style] ?? [];
        $bands = [];
        foreach (array_keys($was + ['ph' => true]) as $figure) {
            $values = array_filter(array_map(
                static fn (array $each): ?float => self::figure($figure, $each[1]),
                $recipes,
            ));
            if (count($values) > 2) {
                $isPh = $figure === 'ph';
                $height = static fn (float $value): float => $isPh ? $value : log($value);
                $all = [...array_values($values), ...$evidence[$figure] ?? []];
                [$mean, $half] = self::interval(array_map($height, $all));
                $half = max($half, $isPh ? 0.15 : 0.1);
                $bands[$figure] = array_map(
                    static fn (float $height): float => round($isPh ? $height : exp($height), $isPh ? 1 : 2),
                    ['low' => $mean - $half, 'aim' => $mean, 'high' => $mean + $half],
                );
            }
        }

        return $bands;
    }

    /** @return array<string, array<string, list<float>>> lowest, usual and highest, by style and figure */
    private static function evidence(): array
    {
        /** @var array<string, array<string, list<float>>> $evidence */
        $evidence = json_decode((string) file_get_contents(self::EVIDENCE), true);

        return $evidence;
    }

    private static function figure(string $figure, Evaluation $sauce): ?float
    {
        $ratio = Ratio::tryFrom($figure);
        $under = $ratio === null ? 0.0 : $sauce->tasting->value($ratio->under());

        return match (true) {
            $figure === 'ph' => $sauce->estimates->ph()?->value,
            $figure === 'brix' => $sauce->estimates->brix()?->value,
            $ratio !== null && $under > 0.0 => $sauce->tasting->value($ratio->over()) / $under,
            default => null,
        };
    }

    /**
     * Where the next one is to lie, four times in five.
     *
     * @param list<float> $heights
     * @return array{float, float} middle, half-width
     */
    private static function interval(array $heights): array
    {
        $count = count($heights);
        $mean = array_sum($heights) / $count;
        $squares = array_sum(array_map(static fn (float $each): float => ($each - $mean) ** 2, $heights));
        $quantile = self::STUDENT[min($count - 3, count(self::STUDENT) - 1)];

        return [$mean, $quantile * sqrt($squares / ($count - 1)) * sqrt(1 + 1 / $count)];
    }

    /**
     * @param list<float> $values
     * @return array{low: float, aim: float, high: float}
     */
    private static function span(Measure $measure, array $values): array
    {
        $steps = array_map(static fn (float $value): float => $measure->steps(0.0, $value), $values);
        [$mean, $half] = self::interval($steps);
        $half = max(self::LEAST_STEPS, $half);
        $round = static fn (float $value): float => $value <= 0.0
            ? 0.0
            : round($value, max(0, 1 - (int) floor(log10($value))));

        // what nobody tastes is not aimed at
        $tasted = static fn (float $value): float => $value < $measure->threshold() ? 0.0 : $round($value);

        return [
            'low' => $tasted($measure->moved(0.0, max(0.0, $mean - $half))),
            'aim' => $tasted($measure->moved(0.0, max(0.0, $mean))),
            'high' => $round($measure->moved(0.0, $mean + $half)),
        ];
    }
}
