<?php

declare(strict_types=1);

namespace Vinculum\Log;

use Vinculum\Solve\Feel;

/**
 * What is worth trying next: what was wished for and how far, as it now seems; what would tell two changes apart; and
 * the taste of which least is known. Of a taste that nobody ever spoke of, nothing is claimed.
 */
final readonly class NextTry
{
    /** Steps from where it seems to be liked that are worth a try, and the most one try moves; judgement. */
    private const WORTH = 0.5;
    private const MOST = 3.0;

    /** Steps of a try that only asks; judgement. */
    private const ASKS = 1.5;

    /** How much a change that is told apart is worth beside a wish, in steps; judgement. */
    private const TOLD_APART = 1.0;

    /**
     * @param int $of the try it begins with
     * @param array<string, float> $feels steps too much of it, by Feel value: what is to be mended
     * @param Change|null $only the one change of that try which is kept
     */
    private function __construct(public int $of, public array $feels, public ?Change $only, private float $score) {}

    /**
     * The best first.
     *
     * @param array<string, float> $at where the try to begin with stands, in steps, by taste that matters in its kind
     * @return list<self>
     */
    public static function worth(TrialBook $book, Ideal $ideal, array $at): array
    {
        $base = $book->toGoOnFrom();
        $worth = [...self::wishes($base, $ideal, $at), ...self::apart($book)];
        usort($worth, static fn (self $one, self $other): int => $other->score <=> $one->score);

        return $worth;
    }

    /**
     * How far each taste is to be moved; what was never spoken of only asks.
     *
     * @param array<string, float> $at
     * @return list<self>
     */
    public static function wishes(int $of, Ideal $ideal, array $at): array
    {
        $wishes = [];
        foreach ($at as $taste => $steps) {
            $point = $ideal->point($taste);
            $off = max(-self::MOST, min(self::MOST, $steps - $point->value));
            if (! $ideal->isSpokenOf($taste)) {
                $wishes[] = new self($of, [$taste => -self::ASKS], null, 0.0);
            } elseif (abs($off) >= self::WORTH) {
                // a spoon moves by halves
                $wishes[] = new self($of, [$taste => round(2 * $off) / 2], null, abs($off));
            }
        }

        return $wishes;
    }

    /** @return list<self> the last tries in which two things moved of which it is not known which did it */
    private static function apart(TrialBook $book): array
    {
        $unknown = [];
        foreach ($book->effects as $effect) {
            if (! $effect->isKnown && $effect->with !== []) {
                $unknown[$effect->change->key] = true;
            }
        }
        foreach (array_reverse(array_keys($book->tries)) as $i) {
            foreach ($book->changes[$i] as $change) {
                if (isset($unknown[$change->key]) && $book->scales[$i] === 1.0 && $book->tries[$i]->notes !== []) {
                    return [new self($i, [], $change, self::TOLD_APART)];
                }
            }
        }

        return [];
    }

    /** Which way a taste goes: 1 for more of it. */
    public function way(Feel $taste): int
    {
        return ($this->feels[$taste->value] ?? 0.0) > 0.0 ? -1 : 1;
    }
}
