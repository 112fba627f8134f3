<?php

declare(strict_types=1);

namespace Vinculum\Recipe;

/** Everything steeped or whole so far is lifted out, with the liquor it holds less what is pressed from it. */
final readonly class Strain
{
    /**
     * @param float $press share of the held liquor pressed back, 0 to 1
     * @param array<string, mixed> $extra keys beginning "x-", kept untouched
     */
    public function __construct(public float $press, public array $extra = []) {}
}
