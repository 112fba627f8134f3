<?php

declare(strict_types=1);

namespace Vinculum\Plan;

/** When somebody in this household is up, on their own clock. */
final readonly class Hours
{
    /** Days that are looked at: nobody plans a sauce further ahead. */
    private const MOST_DAYS = 90;

    /**
     * @param string $zone such as Europe/Berlin
     * @param string $wakes such as 7:00
     * @param string $sleeps such as 22:30; the same as wakes for a kitchen that never sleeps
     *
     * @throws UnreadableTime
     */
    public function __construct(public string $zone, private string $wakes = '7:00', private string $sleeps = '22:30')
    {
        if (! in_array($zone, \DateTimeZone::listIdentifiers(\DateTimeZone::ALL_WITH_BC), true)) {
            throw UnreadableTime::zone($zone);
        }
        foreach ([$wakes, $sleeps] as $time) {
            if (preg_match('/^([01]?\d|2[0-3]):[0-5]\d$/', $time) !== 1) {
                throw UnreadableTime::of($time);
            }
        }
    }

    /**
     * A day and a time on this clock, in minutes since 1970.
     *
     * @param string $text such as 2026-11-29 12:00
     *
     * @throws UnreadableTime
     */
    public function minute(string $text): float
    {
        $text = str_replace('T', ' ', trim($text));
        if (preg_match('/^\d{4}-\d{2}-\d{2} \d{1,2}:\d{2}$/', $text) !== 1) {
            throw UnreadableTime::of($text);
        }
        [$day, $time] = explode(' ', $text);
        if (! checkdate((int) substr($day, 5, 2), (int) substr($day, 8, 2), (int) substr($day, 0, 4))
            || preg_match('/^([01]?\d|2[0-3]):[0-5]\d$/', $time) !== 1) {
            throw UnreadableTime::of($text);
        }

        return (new \DateTimeImmutable($text, new \DateTimeZone($this->zone)))->getTimestamp() / 60;
    }

    /** A minute since 1970 on this clock. */
    public function at(float $minute): \DateTimeImmutable
    {
        return (new \DateTimeImmutable('@'.(int) round($minute * 60)))->setTimezone(new \DateTimeZone($this->zone));
    }

    /**
     * The nights between two minutes, since 1970, whatever the clocks do in them.
     *
     * @return list<array{float, float}>
     */
    public function nights(float $from, float $to): array
    {
        if ($this->wakes === $this->sleeps) {
            return [];
        }
        $zone = new \DateTimeZone($this->zone);
        $day = $this->at($from)->modify('-1 day');
        $nights = [];
        for ($i = 0; $i < self::MOST_DAYS && $day->getTimestamp() / 60 <= $to + 1440; $i++) {
            $next = $day->modify('+1 day');
            // who goes to bed after midnight does so on the day that has begun
            $evening = $this->sleepsLate() ? $next : $day;
            $begins = new \DateTimeImmutable($evening->format('Y-m-d').' '.$this->sleeps, $zone);
            $ends = new \DateTimeImmutable($next->format('Y-m-d').' '.$this->wakes, $zone);
            $nights[] = [(float) $begins->getTimestamp() / 60, (float) $ends->getTimestamp() / 60];
            $day = $next;
        }

        return $nights;
    }

    private function sleepsLate(): bool
    {
        return (float) str_replace(':', '.', $this->sleeps) < (float) str_replace(':', '.', $this->wakes);
    }
}
