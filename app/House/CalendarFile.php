<?php

declare(strict_types=1);

namespace App\House;

use Sabre\VObject\Component\VCalendar;

/**
 * What is to be done as an iCalendar file (RFC 5545), so that a phone rings when it is time. Written by
 * sabre/vobject.
 */
final class CalendarFile
{
    /** Minutes before it that the phone rings. */
    private const ALARM = '-PT5M';

    /**
     * Times go out in UTC, which is one moment whatever the clocks do.
     *
     * @param list<array{from: float, to: float, title: string}> $events seconds since 1970
     */
    public static function of(array $events): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Vinculum//When to begin//EN']);
        foreach ($events as $event) {
            $stamp = static fn (float $seconds): \DateTimeImmutable => new \DateTimeImmutable(
                '@'.(int) round($seconds),
            );
            $added = $calendar->add('VEVENT', [
                'UID' => hash('xxh128', $event['title'].$event['from']).'@vinculum.invalid',
                'DTSTAMP' => $stamp($event['from']),
                'SUMMARY' => $event['title'],
                'DTSTART' => $stamp($event['from']),
                'DTEND' => $stamp($event['to']),
            ]);
            if ($added instanceof \Sabre\VObject\Component) {
                $added->add('VALARM', [
                    'ACTION' => 'DISPLAY',
                    'DESCRIPTION' => $event['title'],
                    'TRIGGER' => self::ALARM,
                ]);
            }
        }

        return $calendar->serialize();
    }
}
