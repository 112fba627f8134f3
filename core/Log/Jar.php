<?php

declare(strict_types=1);

namespace Vinculum\Log;

use Vinculum\Safety\KeepingTime;

/** A jar of a batch, and until when it keeps: by the cautious figure, and by what was done with it since. */
final readonly class Jar
{
    public const KINDS = ['jar', 'bottle', 'tub', 'bag'];

    public const PLACES = ['fridge', 'freezer', 'shelf'];

    /**
     * Until when it keeps, as a day; null where nothing is known of it.
     *
     * In the freezer its days stand still, and months count instead; opened, it keeps as an opened one does, and never
     * longer than it would have closed.
     *
     * @param string $madeOn a day, such as 2026-11-24
     * @param string|null $openedOn a day
     */
    public static function keepUntil(string $madeOn, string $place, ?string $openedOn, ?KeepingTime $times): ?string
    {
        if ($times === null) {
            return null;
        }
        $made = new \DateTimeImmutable($madeOn);
        $until = $place === 'freezer' && $times->frozenMonths > 0
            ? $made->modify("+{$times->frozenMonths} months")
            : $made->modify("+{$times->fridgeDays} days");
        if ($openedOn !== null) {
            $opened = (new \DateTimeImmutable($openedOn))->modify("+{$times->openedDays} days");
            $until = $place === 'freezer' ? $opened : min($until, $opened);
        }

        return $until->format('Y-m-d');
    }
}
