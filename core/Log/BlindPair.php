<?php

declare(strict_types=1);

namespace Vinculum\Log;

/** Two cups of one sauce, one of them moved by some steps of one taste, and which somebody liked better. */
final readonly class BlindPair
{
    /**
     * @param string $taste a Feel value
     * @param float $steps the moved cup has more of it; negative is less
     * @param bool|null $moved whether the moved cup was liked better; null where there was no telling
     */
    public function __construct(public string $taste, public float $steps, public ?bool $moved) {}
}
