<?php

declare(strict_types=1);

namespace Vinculum\Stove\Hands;

/** What has to be done to a thing before it goes in, and how long that takes. */
final readonly class LineWork
{
    /**
     * @param list<string> $works such as peeled, chopped
     * @param array<string, float> $once minutes that are spent once, however many lines want them, by what they are for
     * @param float $minutes of the thing itself
     */
    public function __construct(public array $works, public array $once, public float $minutes) {}
}
