<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Amount\Kitchenware;
use Vinculum\Recipe\Jotted\JottedAmount;
use Vinculum\Recipe\Jotted\Step;
use Vinculum\Recipe\Line;

/** What goes in in two parts. */
final readonly class Divided
{
    private const SHARES = ['half' => 0.5, 'a third' => 1 / 3, 'a quarter' => 0.25, 'two thirds' => 2 / 3,
        'two-thirds' => 2 / 3, 'three quarters' => 0.75, 'three-quarters' => 0.75];

    /** @param \Closure(string, Line, string): bool $names whether words name a line, or the part it stands in */
    public function __construct(private Kitchenware $kit, private \Closure $names) {}

    /**
     * "Simmer in half the vinegar … add the remaining vinegar": what goes in in two parts.
     *
     * @param list<Step> $steps
     * @return list<array{int, Line}> the parts and the steps they go in at; nothing where it goes in whole
     */
    public function of(array $steps, Line $line, string $group): array
    {
        $shares = implode('|', array_keys(self::SHARES));
        $number = '\d[\d\s\/½¼¾.]*\s*(?:ml|g|tbsps?|tablespoons?|tsps?|teaspoons?|cups?)';
        $part = "/\\b({$shares}|{$number})\\s+(?:of\\s+)?(?:the\\s+)?((?:\\p{L}+\\s+){0,2}\\p{L}+)/iu";
        $first = null;
        foreach ($steps as $s => $step) {
            if ($first === null) {
                preg_match_all($part, $step->words, $said, PREG_SET_ORDER);
                foreach ($said as [, $share, $what]) {
                    $half = self::SHARES[mb_strtolower($share)] ?? $this->shareOf($share, $line->amount ?? '');
                    $first ??= $half !== null && ($this->names)($what, $line, $group) ? [$s, $half, $share] : null;
                }
                continue;
            }
            if (
                preg_match('/\b(?:remaining|remainder of|rest of|'
                    .'other half(?: of)?)\s+(?:the\s+)?((?:\p{L}+\s+){0,2}\p{L}+)/iu', $step->words, $match) === 1
                && ($this->names)($match[1], $line, $group)
            ) {
                $one = isset(self::SHARES[mb_strtolower($first[2])])
                    ? JottedAmount::share($line->amount ?? '', $first[1], $this->kit)
                    : trim($first[2]);
                $other = JottedAmount::share($line->amount ?? '', 1 - $first[1], $this->kit);

                return $one === null || $other === null
                    ? []
                    : [[$first[0], $line->withAmount($one)], [$s, $line->withAmount($other)->called("{$line->id}b")]];
            }
        }

        return [];
    }

    /** What share of an amount another is: of 200 ml two tablespoons; null where it is not a part of it. */
    private function shareOf(string $part, string $whole): ?float
    {
        $sizes = [];
        foreach ([$part, $whole] as $text) {
            $terms = JottedAmount::parse($text, $this->kit)->terms ?? [];
            $unit = $terms[0]->unit ?? null;
            if (count($terms) !== 1 || $unit === null) {
                return null;
            }
            $sizes[] = [$unit->dimension, $terms[0]->number->value * $unit->size];
        }

        return $sizes[0][0] === $sizes[1][0] && $sizes[0][1] < $sizes[1][1] ? $sizes[0][1] / $sizes[1][1] : null;
    }
}
