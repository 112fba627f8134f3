<?php

declare(strict_types=1);

namespace Vinculum\Solve\Swap;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Quantity;
use Vinculum\Figure\Sentence;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Nutrition;

/**
 * What sugar, salt and fat do besides their taste, said where a change takes them away, each with what may be done
 * about it.
 */
final class Losses
{
    /** A share less of it from which it is missed. */
    private const MISSED = 0.2;

    /** Share of the sauce from which there was enough to matter. */
    private const SUGAR_MATTERS = 0.05;
    private const SALT_MATTERS = 0.005;

    private const ACTIVITY_MOVES = 0.005;

    /**
     * @return list<Sentence>
     */
    public static function of(Evaluation $before, Evaluation $after): array
    {
        $said = [];
        $sugar = [self::share($before, Nutrition::sugars(...)), self::share($after, Nutrition::sugars(...))];
        $salt = [self::share($before, Nutrition::salt(...)), self::share($after, Nutrition::salt(...))];
        if ($sugar[0] >= self::SUGAR_MATTERS && $sugar[1] < (1 - self::MISSED) * $sugar[0]) {
            $said[] = Sentence::of(
                'Less sugar browns and glazes less, and holds less water: it keeps for a shorter time. Fridge, '
                    .'and eat it sooner, or freeze it.',
            );
        }
        if ($salt[0] >= self::SALT_MATTERS && $salt[1] < (1 - self::MISSED) * $salt[0]) {
            $said[] = Sentence::of('Less salt keeps it for a shorter time. Fridge, and eat it sooner, or freeze it.');
        }
        $was = $before->estimates->waterActivity();
        $is = $after->estimates->waterActivity();
        if ($said !== [] && $was !== null && $is !== null && $is->value > $was->value + self::ACTIVITY_MOVES) {
            $said[] = Sentence::of('Water activity goes from {from} to {to}.', [
                'from' => Quantity::number($was->value, 2),
                'to' => Quantity::number($is->value, 2),
            ]);
        }
        $thick = $before->estimates->thickness();
        $thin = $after->estimates->thickness();
        if ($thick !== null && $thin !== null && $thin->value < $thick->value) {
            $grams = ((8.0 / 240) * $after->cooked->mixture->mass()) / 2;
            $said[] = Sentence::of(
                'It {was} now, and then {is}. Boil it down further, or thicken it: about {starch} of starch, '
                    .'slaked cold and brought to the boil.',
                [
                    'was' => $thick->words(),
                    'is' => $thin->words(),
                    'starch' => Quantity::mass(max(1.0, round($grams))),
                ],
            );
        }
        if (
            self::share($before, self::starch(...)) > 0.005
            && self::share($after, self::starch(...)) < 0.5 * self::share($before, self::starch(...))
        ) {
            $said[] = Sentence::of('What thickened it is gone.');
        }

        return $said;
    }

    /** @param callable(array<int, float>): float $of */
    private static function share(Evaluation $at, callable $of): float
    {
        $mixture = $at->cooked->mixture;

        return $mixture->mass() > 0.0 ? $of($mixture->grams) / $mixture->mass() : 0.0;
    }

    /** @param array<int, float> $grams */
    private static function starch(array $grams): float
    {
        return $grams[Constituent::STARCH_COOKED] + $grams[Constituent::STARCH_RAW];
    }
}
