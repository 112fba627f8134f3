<?php

declare(strict_types=1);

namespace Vinculum\Solve\Mend;

use Vinculum\Figure\Sentence;
use Vinculum\Pantry\Ingredient;

/** One way to mend it: what it takes, and what the hands do. */
final readonly class Way
{
    /**
     * @param list<array{Ingredient, float}> $takes g of each
     * @param list<Sentence> $hands one step each, in order
     */
    public function __construct(public array $takes, public array $hands) {}
}
