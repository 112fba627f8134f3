<?php

declare(strict_types=1);

namespace Vinculum\Solve\Swap;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Pantry\Catalogue;

/** Stand-ins for one line, each with the amount that keeps the balance and what else has to move for it. */
final readonly class Swap
{
    /**
     * The best stand-ins for a line, nearest first.
     *
     * @param list<string>|null $only slugs to consider; null for all there are
     * @return list<Substitution>
     */
    public static function options(
        Evaluation $from,
        Catalogue $catalogue,
        string $line,
        Criteria $wishes,
        ?array $only = null,
    ): array {
        foreach ($from->cooked->weighed->lines as $place => $weighed) {
            if ($weighed->line->id === $line && $weighed->ingredient !== null && $weighed->grams > 0.0) {
                $equations = new Equations($from, $catalogue, $place, $wishes);

                return (new Search($equations, new Ranking($equations), new Writer($equations)))->ranked($only);
            }
        }

        return [];
    }
}
