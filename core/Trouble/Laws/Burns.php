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
use Vinculum\Trouble\Thing;
use Vinculum\Trouble\Trouble;

/**
 * Garlic is bitter after a minute or two in hot fat, ground spices as soon; honey and sugar on what is roasted blacken
 * within a quarter of an hour of high heat; what is thick or milky catches at the bottom over high heat. Common
 * practice, no source.
 */
final class Burns implements Law
{
    /** Minutes that garlic and ground spice bear in hot fat, by the heat. */
    private const FRIED = ['low' => 12.0, 'medium' => 4.0, 'high' => 2.0];

    /** g of wet things to a gram of it that keep it from burning. */
    private const SHELTERED = 1.5;

    /** Minutes a sweet glaze bears in the oven or over coals, by the heat, and share of sugars from which it is one. */
    private const ROASTED = ['low' => 120.0, 'medium' => 45.0, 'high' => 25.0];
    private const SWEET = 0.2;

    /** Minutes on high heat after which what is thick or milky has caught, and how dry or milky that is. */
    private const CAUGHT = 15.0;
    private const THICK = 0.5;

    public function of(Moment $moment): ?Trouble
    {
        $heat = $moment->report->stage->process->heat ?? 'medium';
        if ($moment->is(ProcessKind::Fry)) {
            return self::fried($moment, $heat);
        }
        if (
            $moment->is(ProcessKind::Roast, ProcessKind::Grill)
            && $moment->minutes() > self::ROASTED[$heat]
            && $moment->sugars() >= self::SWEET
        ) {
            return self::trouble(
                $moment,
                Sentence::of('It burns: so much sugar blackens before the time is up.'),
                Sentence::of('Brush it on for the last ten to fifteen minutes. Burnt already: scrape it off.'),
            );
        }
        $milk = Moment::weight(array_values(array_filter(
            $moment->ofKind('dairy'),
            static fn (Thing $thing): bool => $thing->ingredient->is('curdles'),
        )));
        $isThick = $moment->share(Constituent::WATER) < self::THICK && $moment->sugars() < 0.6;
        if (
            $moment->is(ProcessKind::Simmer, ProcessKind::Boil)
            && $heat === 'high'
            && $moment->minutes() >= self::CAUGHT
            && ($isThick || $milk >= self::THICK * $moment->mass())
        ) {
            return self::trouble(
                $moment,
                Sentence::of('It catches at the bottom: what is as thick or milky as this does not bear high heat.'),
                Sentence::of(
                    'Turn it low once it is thick, and stir to the bottom. Caught already: pour what is above into a '
                        .'clean pan, and do not scrape.',
                ),
            );
        }

        return null;
    }

    private static function fried(Moment $moment, string $heat): ?Trouble
    {
        $soon = array_values(array_filter(
            $moment->things,
            static fn (Thing $thing): bool => $thing->ingredient->is('burns-soon')
                || ($thing->ingredient->is('ground') && $thing->ingredient->isOf('spice', 'chilli', 'blend')),
        ));
        $wet = $moment->report->waterIn - Moment::sum($soon, Constituent::WATER);
        $seen = Moment::weight($soon);
        if ($seen > 0.0 && $moment->minutes() > self::FRIED[$heat] && $wet < self::SHELTERED * $seen) {
            return self::trouble(
                $moment,
                Sentence::of(
                    'It turns bitter: {thing} burns in hot fat after {minutes}.',
                    [
                        'thing' => $soon[0]->ingredient->shortName(),
                        'minutes' => Quantity::minutes(self::FRIED[$heat]),
                    ],
                ),
                Sentence::of(
                    'Put it in for the last minute, over gentle heat, or into cold fat. Burnt already: begin '
                        .'again, for the bitterness stays.',
                ),
            );
        }

        return null;
    }

    private static function trouble(Moment $moment, Sentence $text, Sentence $mend): Trouble
    {
        return new Trouble(Fault::Scorches, $moment->stage(), true, $text, $mend, 'common practice, no source');
    }
}
