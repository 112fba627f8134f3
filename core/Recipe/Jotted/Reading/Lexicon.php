<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Pantry\Ingredient;
use Vinculum\Pantry\Singular;
use Vinculum\Pantry\Vocabulary;

/** What a word beside a name may be, from the pages in database/words. */
final readonly class Lexicon
{
    /** Words of a tongue, and their share of a note, from which it is written in it; judgement. */
    private const TONGUE_FROM = 5;
    private const TONGUE_SHARE = 0.2;

    /** Words of a tool with its size at most; judgement. */
    private const TOOL_OF = 4;

    /** Words in -ed that are no way of doing anything. */
    private const NO_WAY = '/(?:seed|weed|red|bed|feed|need)$/u';

    /** @var array<string, array<string, string>> */
    private array $pages;

    public function __construct(private Vocabulary $vocabulary)
    {
        $this->pages = $vocabulary->words['reading'];
    }

    public function is(string $page, string $word): bool
    {
        return isset($this->pages[$page][$word]);
    }

    /** Whether any page of ours holds a word; other tongues are not ours. */
    public function isKnown(string $word): bool
    {
        $one = Singular::of($word);
        foreach ($this->pages as $page => $words) {
            $isOurs = ! str_starts_with($page, 'tongue-') && ! str_contains($page, 'abroad');
            if ($isOurs && (isset($words[$word]) || isset($words[$one]))) {
                return true;
            }
        }

        return false;
    }

    /** What a word stands for by a page; null where the page does not hold it. */
    public function says(string $page, string $word): ?string
    {
        return $this->pages[$page][$word] ?? null;
    }

    /** @return array<string, string> */
    public function page(string $page): array
    {
        return $this->pages[$page] ?? [];
    }

    /** What a thing has been made into, which makes it another: paste, powder, seed. */
    public function isForm(string $word): bool
    {
        return $this->is('forms', Singular::of($word));
    }

    /** A word that makes another thing of what it is said of, or connects two: dried, powder, of. */
    public function changes(string $word): bool
    {
        return $this->is('changing', $word) || $this->isForm($word) || $this->connects($word)
            || $this->is('negating', $word);
    }

    /** How a thing is cut, carried or treated, how large or how good it is: nothing that makes it another. */
    public function isWay(string $word): bool
    {
        return $this->is('ways', $word)
            || $this->is('qualities', $word)
            || $this->is('sizes', $word)
            // "cold-pressed", "single-origin"
            || (preg_match('/-(\p{L}{4,})$/u', $word, $last) === 1
                && ! $this->is('changing', $word)
                && $this->isWay($last[1]))
            || (preg_match('/\p{L}{3}(?:ed|ly)$/u', $word) === 1
                && ! $this->is('changing', $word)
                && preg_match(self::NO_WAY, $word) !== 1);
    }

    /** What only connects, and begins to say something about a thing. */
    public function connects(string $word): bool
    {
        return $this->is('connecting', $word);
    }

    /** The tongue a note is written in, where it is none of ours: "German"; '' for a note as we read it. */
    public function tongueOf(string $text): string
    {
        preg_match_all('/\p{L}+/u', mb_strtolower($text), $found);
        $words = $found[0];
        $best = ['', 0];
        foreach ($this->pages as $page => $known) {
            if (str_starts_with($page, 'tongue-')) {
                $count = count(array_filter($words, static fn (string $word): bool => isset($known[$word])));
                $best = $count > $best[1] ? [ucfirst(substr($page, strlen('tongue-'))), $count] : $best;
            }
        }
        $ours = count(array_filter(
            $words,
            fn (string $word): bool => isset($this->pages['connecting'][$word]) || isset($this->pages['verbs'][$word]),
        ));

        return $best[1] >= self::TONGUE_FROM && $best[1] > self::TONGUE_SHARE * count($words) && $best[1] > 2 * $ours
            ? $best[0]
            : '';
    }

    /** Whether few words end in what is used and not eaten: "1 muslin bag". */
    public function endsInTool(string $words): bool
    {
        $said = preg_split('/[^\p{L}-]+/u', mb_strtolower($words), -1, PREG_SPLIT_NO_EMPTY) ?: [];

        return count($said) <= self::TOOL_OF
            && ($this->is('tools', implode(' ', array_slice($said, -2)))
                || $this->is('tools', Singular::of((string) end($said))));
    }

    /** A word for what it is one of changes nothing: "serrano peppers". */
    public function saysItAgain(string $word, Ingredient $thing): bool
    {
        $trait = $this->says('said-again', Singular::of($word));

        return $trait !== null && $thing->is($trait);
    }

    /**
     * By how many e-folds there is more or less of it than goes into a sauce of any size; 0 where it is likely.
     */
    public function unlikeliness(Ingredient $thing, float $grams): float
    {
        foreach ($thing->kinds as $kind) {
            $usual = $this->says('usual', $kind);
            if ($usual !== null) {
                [$least, $most] = array_map(floatval(...), explode(' ', $usual));

                return max(0.0, log($least / $grams), log($grams / $most));
            }
        }

        return 0.0;
    }

    public function vocabulary(): Vocabulary
    {
        return $this->vocabulary;
    }
}
