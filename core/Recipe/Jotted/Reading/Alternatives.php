<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\Ingredient;
use Vinculum\Recipe\Jotted\Named;
use Vinculum\Recipe\Jotted\Naming;

/** Which of several a line means by its "or", "such as", "preferably". */
final readonly class Alternatives
{
    public function __construct(private Naming $naming, private Catalogue $catalogue) {}

    /**
     * "neutral oil such as sunflower", "vinegar, preferably cider", "oil (sunflower or similar)": the example says
     * which.
     *
     * @param list<string> $behind
     * @return array{string, Named|null}
     */
    public function alternative(string $head, array $behind): array
    {
        // "tomato paste/purée", "olive/sunflower oil"
        $head = (string) preg_replace('/^(.*?)(\p{L}+)\s?\/\s?(\p{L}+)(.*)$/u', '$1$2$4 or $1$3$4', $head);
        $either = $this->either($head);
        if ($either !== null) {
            return [$head, $either];
        }
        $such = '(?:such as|like|e\.?g\.?|for example|preferably|ideally|i use|we use|i used)';
        $example = null;
        if (preg_match("/^(.+?)\\s+{$such}\\s+(.+)$/iu", $head, $match) === 1) {
            [, $head, $example] = $match;
        }
        foreach ($behind as $part) {
            if (
                preg_match("/^{$such}\\s+(.+)$/iu", $part, $match) === 1
                || preg_match('/^(.+?)\s+or similar$/iu', $part, $match) === 1
            ) {
                $example ??= $match[1];
            }
        }
        if ($example === null) {
            return [$head, null];
        }
        $example = (string) preg_replace('/\s+(?:or|and)\s+.*$/iu', '', $example);
        $noun = (string) preg_replace('/^.*\s/u', '', $head);
        foreach (["{$example} {$noun}", $example] as $words) {
            $found = $this->catalogue->named($words);
            if ($found !== null) {
                $isOne
                    = $this->catalogue->named($head) === null
                    || preg_match('/^(?:preferably|ideally)/iu', $behind[0] ?? '') !== 1;

                return [
                    $head,
                    new Named(
                        $found,
                        $words,
                        '',
                        $isOne,
                        $isOne ? [] : [$found->slug],
                        $head,
                    ),
                ];
            }
        }

        return [$head, null];
    }

    /** "vinegar or lemon juice": what is said first; of two names for one thing, that. */
    private function either(string $head): ?Named
    {
        if (preg_match('/^(.+?)\s+or\s+(.+)$/iu', $head, $match) === 1 && $this->catalogue->named($head) === null) {
            $noun = (string) preg_replace('/^.*\s/u', '', $match[2]);
            $first = $this->catalogue->named("{$match[1]} {$noun}")
                ?? $this->naming->exactly($match[1])
                ?? $this->naming->sure($match[1]);
            $second = $this->naming->exactly($match[2]) ?? $this->naming->sure($match[2]);
            $either = array_values(array_filter([$first, $second]));
            if ($either !== []) {
                $slugs = array_map(static fn (Ingredient $one): string => $one->slug, $either);
                $isOne = count($slugs) === 2 && $slugs[0] === $slugs[1];

                // of one that nobody knows, the other is put in: what that brings is not lost
                $other = 'or '.($first === null ? $match[1] : $match[2]);

                return new Named($either[0], $head, $other, $isOne, $slugs);
            }
        }

        return null;
    }
}
