<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Figure\Quantity;
use Vinculum\Figure\Sentence;
use Vinculum\Mixture\Constituent;
use Vinculum\Safety\Caution;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\Rule;

/** Alcohol that was put in, and what of it is left. */
final class AlcoholRemains implements Rule
{
    /** Share of what went in from which it is alcohol to those who have none; as the diet has it. */
    private const SOME = 0.005;

    public function of(Facts $sauce): array
    {
        $went = $sauce->alcoholPutIn() >= self::SOME || $sauce->having('alcohol-in-it') !== [];
        if ($sauce->isBoughtAlone() || ! $went) {
            return [];
        }
        $left = (100 * $sauce->cooked->mixture->grams[Constituent::ETHANOL]) / max(1e-9, $sauce->mass());

        return [
            new Caution(
                Grade::Know,
                'alcohol-remains',
                Sentence::of(
                    'There is alcohol in it, about {left} % by weight: boiling never takes all of it. Not '
                        .'alcohol-free, whatever is left.',
                    ['left' => Quantity::number($left, 1)],
                ),
                'USDA Table of Nutrient Retention Factors',
            ),
        ];
    }
}
