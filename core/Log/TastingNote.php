<?php

declare(strict_types=1);

namespace Vinculum\Log;

/** What somebody said of a batch with a spoon in the mouth. */
final readonly class TastingNote
{
    public const LEAST_LIKED = 1;

    public const MOST_LIKED = 9;

    /**
     * @param string $who who tasted; nothing for whoever keeps the Log
     * @param array<string, float> $feels steps by Feel value, positive is too much
     * @param int|null $liking from 1 to 9; null where nobody said
     */
    public function __construct(public string $who, public array $feels, public ?int $liking, public bool $isHot) {}
}
