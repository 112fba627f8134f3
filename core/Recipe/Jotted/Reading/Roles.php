<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

/** What the words of a clause do, where somebody says what was made otherwise (database/words/otherwise.txt). */
final readonly class Roles
{
    /** Words that say who, whose and when, and nothing of the sauce. */
    private const BESIDES = '/\b(?:i|we|used|use|had|put in|added|add|only|just|as much|as many|this time|the|my|our'
        .'|that time|it|was|were|in)\b/u';

    /** @param array<string, string> $page what each does, by the words */
    public function __construct(private array $page) {}

    public function says(string $said, string $does): bool
    {
        return preg_match("/\\b(?:{$this->either($does)})\\b/u", $said) === 1;
    }

    /** The words that do so, as one of them may stand in a pattern. */
    public function either(string $does): string
    {
        return self::oneOf(array_keys($this->page, $does, true));
    }

    /** 1 for more than is written, −1 for less, 0 where it says neither. */
    public function way(string $said): int
    {
        return ($this->says($said, 'more') ? 1 : 0) - ($this->says($said, 'less') ? 1 : 0);
    }

    /** What share of it: 0.5 for half, 2 for double; null where none is said. */
    public function share(string $said): ?float
    {
        foreach ($this->page as $words => $does) {
            if (
                preg_match('/^([\d.]+) of$/', $does, $match) === 1
                && preg_match('/\b'.preg_quote($words, '/').'\b/u', $said) === 1
            ) {
                return (float) $match[1];
            }
        }

        return null;
    }

    /** Without the words that only say what becomes of it: what is left is a thing, with its amount. */
    public function plain(string $said): string
    {
        $roles = array_keys(array_filter(
            $this->page,
            static fn (string $does): bool => ! in_array($does, ['instead', 'swaps'], true),
        ));
        $plain = (string) preg_replace(
            ['/\b(?:'.self::oneOf($roles).')\b/u', self::BESIDES, '/\s+/u'],
            ' ',
            $said,
        );

        return trim((string) preg_replace('/^\s*of\s+/u', '', trim($plain)), ' ,');
    }

    /** @param list<string> $words the longest of them first */
    private static function oneOf(array $words): string
    {
        usort($words, static fn (string $one, string $other): int => strlen($other) <=> strlen($one));

        return implode('|', array_map(static fn (string $each): string => preg_quote($each, '/'), $words));
    }
}
