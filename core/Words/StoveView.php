<?php

declare(strict_types=1);

namespace Vinculum\Words;

/**
 * Every pot on one line of time, and what comes next across all of them (stove.schema.json).
 *
 * @phpstan-type Bar array{id: string, label: string, is_hands: bool, state: string, from: float, to: float}
 * @phpstan-type Shown array{
 *     id: string,
 *     name: string,
 *     speed: float,
 *     bars: list<Bar>,
 *     steps: non-empty-list<array{state: string, is_hands: bool, heading: string}>,
 *     ends_at: float|null,
 *     next_title: string,
 * }
 */
final readonly class StoveView
{
    /** Seconds of the past and of the time to come that are worth their room. */
    private const BEFORE = 2400.0;
    private const AFTER = 5400.0;

    /** A bar is never drawn narrower, share of the picture. */
    private const NARROWEST = 0.008;

    /**
     * @param list<array<string, mixed>> $shown as CookView has them
     * @param float $now seconds since 1970
     * @return array<string, mixed>
     */
    public static function of(array $shown, float $now): array
    {
        /** @var list<Shown> $cooks */
        $cooks = $shown;
        $from = INF;
        $to = -INF;
        foreach ($cooks as $cook) {
            // a fast pot has a shorter past
            $speed = max(1.0, (float) $cook['speed']);
            foreach ($cook['bars'] as $bar) {
                $from = min($from, max($bar['from'], $now - self::BEFORE / $speed));
                $to = max($to, min($bar['to'], $now + self::AFTER / $speed));
            }
        }
        $span = max(1.0, $to - $from);
        $next = [];
        foreach ($cooks as $i => $cook) {
            $shown[$i]['bars'] = self::bars($cook['bars'], $from, $to);
            $here = $cook['steps'][0];
            foreach ($cook['steps'] as $step) {
                $here = $step['state'] === 'now' ? $step : $here;
            }
            $isNow = $here['is_hands'] || $cook['ends_at'] === null;
            $next[] = [
                'cook' => $cook['id'],
                'name' => $cook['name'],
                'text' => $isNow ? $here['heading'] : $cook['next_title'],
                'at' => $isNow ? null : $cook['ends_at'],
            ];
        }
        usort($next, static fn (array $a, array $b): int => ($a['at'] ?? 0.0) <=> ($b['at'] ?? 0.0));

        return [
            'now' => round($now, 2),
            'cooks' => $shown,
            'now_at' => $cooks === [] ? 0 : round(min(1.0, max(0.0, ($now - $from) / $span)), 4),
            'next' => $next,
        ];
    }

    /**
     * @param list<Bar> $bars
     * @return list<array{id: string, label: string, is_hands: bool, state: string, left: float, width: float}>
     */
    private static function bars(array $bars, float $from, float $to): array
    {
        $span = max(1.0, $to - $from);
        $drawn = [];
        foreach ($bars as $bar) {
            if ($bar['to'] <= $from || $bar['from'] >= $to) {
                continue;
            }
            $left = max(0.0, ($bar['from'] - $from) / $span);
            $right = min(1.0, ($bar['to'] - $from) / $span);
            $drawn[] = [
                'id' => $bar['id'],
                'label' => $bar['label'],
                'is_hands' => $bar['is_hands'],
                'state' => $bar['state'],
                'left' => round($left, 4),
                'width' => round(max(self::NARROWEST, $right - $left), 4),
            ];
        }

        return $drawn;
    }
}
