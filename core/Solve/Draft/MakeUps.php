<?php

declare(strict_types=1);

namespace Vinculum\Solve\Draft;

/** What a sauce of each kind is usually made of: notes by the slug of a style, their main thing first. */
final readonly class MakeUps
{
    /** @param array<string, string> $notes by the slug of a style */
    private function __construct(public array $notes) {}

    /**
     * @param string $text "= slug" before each note; lines that begin with # are remarks
     */
    public static function read(string $text): self
    {
        $notes = [];
        $slug = '';
        foreach (preg_split('/\R/u', $text) ?: [] as $line) {
            if (preg_match('/^= ([a-z0-9-]+)$/', $line, $match) === 1) {
                $slug = $match[1];
                $notes[$slug] = '';
            } elseif ($slug !== '' && ! str_starts_with($line, '#')) {
                $notes[$slug] .= "{$line}\n";
            }
        }

        return new self(array_map(trim(...), $notes));
    }
}
