<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Evaluation\UnlikelyAmount;
use Vinculum\Mixture\Constituent;
use Vinculum\Safety\Caution;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\Rule;

/** Nutmeg and mace, where there is far more than anyone grates in. */
final class Nutmeg implements Rule
{
    /** Share of what went in: a quarter of a litre of such a sauce holds the five grams that make ill. */
    public const MUCH = 0.02;

    public function of(Facts $sauce): array
    {
        // nobody eats a cup of a blend of spices
        $isDry = $sauce->cooked->mixture->grams[Constituent::WATER] < UnlikelyAmount::DRY * $sauce->mass();
        if ($isDry || $sauce->shareHaving('myristicin') < self::MUCH) {
            return [];
        }

        return [Caution::of(
            Grade::Stop,
            'much-nutmeg',
            'Far too much nutmeg or mace: from five grams, about one whole nut, it makes ill for a day or two. '
                .'Is the amount right?',
            'Ehrenpreis and others, J. Med. Toxicol. 10 (2014) 148, on nutmeg poisonings',
            $sauce->having('myristicin'),
        )];
    }
}
