<?php

declare(strict_types=1);

namespace Vinculum\Plan;

/** A time of day, a day or a time zone that cannot be read. */
final class UnreadableTime extends \InvalidArgumentException
{
    public static function of(string $text): self
    {
        return new self("“{$text}” is no day and time that can be read. Write it as 2026-11-29 12:00.");
    }

    public static function unsaid(string $text): self
    {
        return new self(
            "“{$text}” does not say for how long. Write it as chicken on the grill 25 min, rests 5.",
        );
    }

    public static function zone(string $zone): self
    {
        return new self("“{$zone}” is no time zone that is known. Write it as Europe/Berlin or America/New_York.");
    }
}
