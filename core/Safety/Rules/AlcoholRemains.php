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

    /** Two tablespoons, g. */
    private const HELPING = 30.0;

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
                    'There is alcohol in it, about {left} % by weight: {grams} g of alcohol in a helping of two '
                        .'tablespoons. Boiling never takes all of it: not for a child, nor for who must have none.',
                    [
                        'left' => Quantity::number($left, 1),
                        'grams' => Quantity::number((self::HELPING * $left) / 100, 1),
                    ],
                ),
                'USDA Table of Nutrient Retention Factors',
            ),
        ];
    }
}
