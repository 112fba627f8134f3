<?php

declare(strict_types=1);

namespace Vinculum\Batch;

/**
 * One way to measure an amount: what it says, what it weighs, and how many times something is dipped or put on the
 * scale.
 */
final readonly class Choice
{
    public function __construct(public string $text, public float $grams, public int $scoops) {}
}
