<?php

declare(strict_types=1);

namespace Vinculum\Log;

use Vinculum\Safety\KeepingTime;

/** A jar of a batch: where it stands, and what was done with it since. Days are such as 2026-11-24. */
final readonly class Jar
{
    /**
     * @param string $place fridge, freezer or shelf
     * @param string|null $frozenOn the last time it went into the freezer
     * @param string|null $thawedOn when it came out of there again
     */
    public function __construct(
        public string $madeOn,
        public string $place = 'fridge',
        public ?string $openedOn = null,
        public ?string $frozenOn = null,
        public ?string $thawedOn = null,
    ) {}

    /**
     * Until when it keeps, as a day; null where nothing is known of it, as of a shelf.
     *
     * In the freezer its days stand still, and months count instead; nothing that was past its day goes back before
     * it for being frozen. Thawed, it keeps as an opened one does. Opened, it never keeps longer than it would have
     * closed.
     */
    public function keepsUntil(?KeepingTime $times): ?string
    {
        if ($times === null || $this->place === 'shelf') {
            return null;
        }
        $until = self::after($this->madeOn, $times->fridgeDays);
        if ($this->openedOn !== null) {
            $until = min($until, self::after($this->openedOn, $times->openedDays));
        }
        if ($this->frozenOn === null || $this->frozenOn > $until || $times->frozenMonths === 0) {
            return $until;
        }
        $frozen = (new \DateTimeImmutable($this->madeOn))->modify("+{$times->frozenMonths} months")->format('Y-m-d');
        if ($this->thawedOn === null || $this->thawedOn > $frozen) {
            return $frozen;
        }
        $still = (int) (new \DateTimeImmutable($this->frozenOn))->diff(new \DateTimeImmutable($this->thawedOn))->days;

        return min(self::after($until, $still), self::after($this->thawedOn, $times->openedDays));
    }

    /**
     * The same jar moved to another place. Into the freezer and out on one day, it was never frozen; what was thawed
     * stays thawed, for it is not frozen twice.
     */
    public function movedTo(string $place, string $today): self
    {
        $wasFrozen = $this->place === 'freezer';
        $frozen = $place === 'freezer' ? ($this->frozenOn ?? $today) : $this->frozenOn;
        $thawed = $place !== 'freezer' && $wasFrozen ? ($this->thawedOn ?? $today) : $this->thawedOn;

        return $frozen === $thawed
            ? new self($this->madeOn, $place, $this->openedOn)
            : new self($this->madeOn, $place, $this->openedOn, $frozen, $thawed);
    }

    private static function after(string $day, int $days): string
    {
        return (new \DateTimeImmutable($day))->modify("+{$days} days")->format('Y-m-d');
    }
}
