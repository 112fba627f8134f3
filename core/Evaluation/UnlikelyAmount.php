<?php

declare(strict_types=1);

namespace Vinculum\Evaluation;

use Vinculum\Cooking\CookedRecipe;
use Vinculum\Figure\Quantity;
use Vinculum\Figure\Sentence;
use Vinculum\Mixture\Constituent;
use Vinculum\Recipe\Handling;
use Vinculum\Recipe\Problem;

/**
 * More of a thing than anyone would put into a sauce: asked, and counted all the same. What is proposed never goes so
 * far; what is typed may be a slip, a tablespoon for a teaspoon.
 */
final class UnlikelyAmount
{
    /** From so many lines on it is a sauce that is being written, and not its first line. */
    private const LINES = 3;

    /** So many times what anyone would put in: a teaspoon mistaken for a tablespoon is three; judgement. */
    private const TIMES = 2.0;

    /** Below this share of water it is a rub or a blend, to which a sauce's shares do not apply; judgement. */
    public const DRY = 0.15;

    /** @return list<Problem> */
    public static function problems(CookedRecipe $cooked): array
    {
        $mass = $cooked->mixture->mass();
        $lines = array_filter(
            $cooked->weighed->lines,
            static fn ($line): bool => $line->grams > 0.0 && $line->ingredient !== null && ! $line->line->leftOut,
        );
        if (
            $mass <= 0.0
            || count($lines) < self::LINES
            || $cooked->mixture->grams[Constituent::WATER] < self::DRY * $mass
        ) {
            return [];
        }
        $problems = [];
        $waterIn = 0.0;
        foreach ($lines as $line) {
            $waterIn += $line->grams * ($line->ingredient->perGram[Constituent::WATER] ?? 0.0);
        }
        // what is boiled down leaves its water behind: a glass of wine in a spoon of sauce is no slip
        $left = min(1.0, $cooked->mixture->grams[Constituent::WATER] / max(1e-9, $waterIn));
        foreach ($lines as $line) {
            $most = $line->ingredient->mostShare ?? 1.0;
            $water = $line->ingredient->perGram[Constituent::WATER] ?? 0.0;
            $share = ($line->grams * (1 - $water * (1 - $left))) / $mass;
            // what is lifted out again leaves little of itself
            if ($share > self::TIMES * $most && $line->line->handling === Handling::In) {
                $problems[] = new Problem(
                    $line->line->id,
                    'share-above-sensible',
                    Sentence::of(
                        'That much {name} is {share} % of the sauce; hardly anyone puts in more than {most} %. Is the '
                            .'amount right? It is counted as it stands.',
                        [
                            'name' => $line->ingredient?->shortName() ?? '',
                            'share' => Quantity::number(100 * $share, $share < 0.1 ? 1 : 0),
                            'most' => Quantity::number(100 * $most, $most < 0.02 ? 1 : 0),
                        ],
                    ),
                );
            }
        }

        return $problems;
    }
}
