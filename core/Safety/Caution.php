<?php

declare(strict_types=1);

namespace Vinculum\Safety;

use Vinculum\Figure\Sentence;

/** One thing to mind, with its reason and the rule or agency it rests on. */
final readonly class Caution
{
    /**
     * @param string $rule whose rule it is, or "common practice, no source"; from memory unless it says otherwise
     * @param list<string> $lines ids of the lines that raise it; none where it is the sauce
     * @param bool $forbids whether it is not to be eaten like this at all, so that it has no keeping time
     */
    public function __construct(
        public Grade $grade,
        public string $code,
        public Sentence $text,
        public string $rule,
        public array $lines = [],
        public bool $forbids = false,
    ) {}

    /** @param list<string> $lines */
    public static function of(Grade $grade, string $code, string $text, string $rule, array $lines = []): self
    {
        return new self($grade, $code, Sentence::of($text), $rule, $lines);
    }
}
