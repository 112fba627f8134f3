<?php

declare(strict_types=1);

namespace Vinculum\Safety;

/** One thing to mind, with its reason and the rule or agency it rests on. */
final readonly class Caution
{
    /**
     * @param string $rule whose rule it is, or "common practice, no source"
     * @param list<string> $lines ids of the lines that raise it; none where it is the sauce
     * @param bool $isGrave whether it can make somebody seriously ill
     */
    public function __construct(public string $code, public string $text, public string $rule, public array $lines = [], public bool $isGrave = false) {}
}
