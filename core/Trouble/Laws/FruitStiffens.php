<?php

declare(strict_types=1);

namespace Vinculum\Trouble\Laws;

use Vinculum\Figure\Quantity;
use Vinculum\Figure\Sentence;
use Vinculum\Mixture\Constituent;
use Vinculum\Recipe\ProcessKind;
use Vinculum\Trouble\Fault;
use Vinculum\Trouble\Law;
use Vinculum\Trouble\Moment;
use Vinculum\Trouble\Trouble;

/**
 * Fruit that is rich in pectin sets of itself where it is boiled down with sugar, and stiffens where it goes too far;
 * any syrup boiled past five sixths of sugar is toffee when it is cold. Common practice, no source.
 */
final class FruitStiffens implements Law
{
    /** Share of such fruit, as it went in, and of sugars in sugars and water, from which it is stiff. */
    private const FRUIT = 0.5;
    private const SUGAR = 0.5;

    /** Share of sugars in sugars and water from which it is toffee when cold, and of sugars in all of it. */
    private const TOFFEE = 0.9;
    private const SWEET = 0.45;

    /** Share of fat that keeps it soft; judgement. */
    private const SOFT = 0.1;

    public function of(Moment $moment): ?Trouble
    {
        $sugars = $moment->report->sauce->sugars();
        $syrup = $sugars / max(1e-9, $sugars + $moment->grams(Constituent::WATER));
        $fruit = Moment::weight($moment->having('rich-in-pectin'));
        $isBoiledDown = $moment->is(ProcessKind::Simmer, ProcessKind::Boil) && $moment->report->boiledOff > 0.0;
        $isToffee
            = $syrup >= self::TOFFEE
            && $moment->sugars() >= self::SWEET
            && $moment->share(Constituent::FAT) < self::SOFT;
        if (
            ! $isBoiledDown
            || ! $moment->isLast
            || ! ($isToffee || ($syrup >= self::SUGAR && $fruit >= self::FRUIT * $moment->mass()))
        ) {
            return null;
        }

        return new Trouble(
            Fault::SetsTooFirm,
            $moment->stage(),
            true,
            $isToffee
                ? Sentence::of('It is toffee when it is cold: so little water is left beside the sugar.')
                : Sentence::of('It stiffens as it cools: fruit like this sets of itself, and it is boiled far down.'),
            Sentence::of(
                'Stir in {water} of water, warm, and let it melt; next time stop sooner, and try a spoonful on a cold '
                    .'plate.',
                ['water' => Quantity::mass(max(
                    10.0,
                    $sugars / ($isToffee ? 0.75 : 0.4) - $sugars - $moment->grams(Constituent::WATER),
                ))],
            ),
            'common practice, no source',
        );
    }
}
