<?php

declare(strict_types=1);

namespace Vinculum\Solve\Rebalance;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Pantry\Catalogue;
use Vinculum\Solve\Aims;

/**
 * A recipe on paper, moved to its aims with the least relative change: the answer, and others that go about it
 * otherwise.
 */
final readonly class Rebalance
{
    /** Two answers are different where the cosine between them is below this. */
    private const ALIKE = 0.75;
    /** One that changes so many times as much as the least is no answer. */
    private const FAR = 6.0;

    /** The answer with the least change. */
    public static function of(Evaluation $from, Catalogue $catalogue, Aims $aims): Rebalanced
    {
        $equations = new Equations($from, $aims);
        $search = new Search($equations);
        $writer = new Writer($equations, $catalogue);

        return $writer->written($search->found([]));
    }

    /**
     * The answer with the least change, and others that go about it otherwise, where there are any.
     *
     * @param array{float, float} $reach how far a line may move, as Equations has it
     * @return non-empty-list<Rebalanced> at most three
     */
    public static function answers(
        Evaluation $from,
        Catalogue $catalogue,
        Aims $aims,
        array $reach = Policy::WRITTEN,
    ): array {
        $equations = new Equations($from, $aims, $reach);
        $search = new Search($equations);
        $writer = new Writer($equations, $catalogue);
        $first = $writer->written($search->found([]));
        $answers = [$first];
        $byMove = array_map(abs(...), $first->moves);
        arsort($byMove);
        foreach (array_slice(array_keys($byMove), 0, 2) as $source) {
            $other = $writer->written($search->found([$source]));
            $isNew
                = array_filter(
                    $answers,
                    static fn (Rebalanced $answer): bool => self::cosine($answer->moves, $other->moves) > self::ALIKE,
                ) === [];
            if ($other->isReached && $isNew && $other->changes !== [] && $other->size() < self::FAR * $first->size()) {
                $answers[] = $other;
            }
        }

        return $answers;
    }

    /**
     * @param array<int, float> $a
     * @param array<int, float> $b
     */
    private static function cosine(array $a, array $b): float
    {
        $dot = 0.0;
        foreach ($a as $source => $move) {
            $dot += $move * ($b[$source] ?? 0.0);
        }
        $lengths = sqrt(
            array_sum(array_map(static fn (float $move): float => $move ** 2, $a))
                * array_sum(array_map(static fn (float $move): float => $move ** 2, $b)),
        );

        return $lengths > 0.0 ? $dot / $lengths : 1.0;
    }
}
