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
 * Gelatine sets a liquid from about 0.6 % on, softly, and a jelly has 1.5 to 2.5 %; much alcohol keeps it from
 * setting, and raw fruit of some kinds eats it unless the fruit has been heated through first. Agar sets only where it
 * has boiled. McGee, On Food and Cooking (2004); the figures from memory.
 */
final class JellyFails implements Law
{
    /** Share of gelatine that just sets, and that is a jelly. */
    private const BARELY = 0.006;
    private const A_JELLY = 0.018;

    /** Share of alcohol, by weight, from which it fails. */
    private const ALCOHOL = 0.16;

    /** °C at which what eats it is gone, and at which agar has dissolved. */
    private const EATER_GONE = 70.0;
    private const DISSOLVED = 90.0;

    /** Share of such fruit from which it eats a jelly; judgement. */
    private const EATS_FROM = 0.03;

    public function of(Moment $moment): ?Trouble
    {
        if (! $moment->is(ProcessKind::Chill, ProcessKind::Rest) || ! $moment->isLast) {
            return null;
        }
        $jelly = $moment->having('jelly-that-melts');
        $share = Moment::weight($jelly) / $moment->mass();
        $eaters = array_values(array_filter(
            $moment->having('eats-jelly'),
            static fn (Thing $thing): bool => $thing->hottest < self::EATER_GONE,
        ));
        $unboiled = array_values(array_filter(
            $moment->having('sets-once-boiled'),
            static fn (Thing $thing): bool => $thing->hottest < self::DISSOLVED,
        ));
        if ($unboiled !== []) {
            return self::trouble(
                $moment,
                Sentence::of(
                    'It does not set: {name} has to boil before it sets.',
                    ['name' => $unboiled[0]->ingredient->shortName()],
                ),
                Sentence::of('Boil it for two minutes in the liquid, stirring; it then sets as it cools.'),
            );
        }
        return $share > 0.0 ? self::gelatine($moment, $jelly, $share, $eaters) : null;
    }

    /**
     * @param list<Thing> $jelly
     * @param list<Thing> $eaters
     */
    private static function gelatine(Moment $moment, array $jelly, float $share, array $eaters): ?Trouble
    {
        if (Moment::weight($eaters) >= self::EATS_FROM * $moment->mass()) {
            return self::trouble(
                $moment,
                Sentence::of(
                    'It does not set: raw, {fruit} eats gelatine.',
                    ['fruit' => $eaters[0]->ingredient->shortName()],
                ),
                Sentence::of(
                    'Boil the fruit for five minutes first, or set it with agar. As it is now: boil it all, let it '
                        .'cool to hand-hot and stir in {grams} of fresh gelatine, soaked.',
                    ['grams' => Quantity::mass(Moment::weight($jelly))],
                ),
            );
        }
        if ($moment->share(Constituent::ETHANOL) >= self::ALCOHOL) {
            return self::trouble(
                $moment,
                Sentence::of('It does not set: gelatine fails in so much alcohol.'),
                Sentence::of('Let half of the drink be juice or water, or boil some of the alcohol off first.'),
            );
        }
        if ($share < self::BARELY) {
            return self::trouble(
                $moment,
                Sentence::of(
                    'It does not set: {grams} of gelatine is too little for so much.',
                    ['grams' => Quantity::mass(Moment::weight($jelly))],
                ),
                Sentence::of(
                    'Warm it and stir in {more} more, soaked in cold water.',
                    ['more' => Quantity::mass((self::A_JELLY - $share) * $moment->mass())],
                ),
            );
        }

        return null;
    }

    private static function trouble(Moment $moment, Sentence $text, Sentence $mend): Trouble
    {
        return new Trouble(
            Fault::DoesNotSet,
            $moment->stage(),
            true,
            $text,
            $mend,
            'McGee, On Food and Cooking (2004)',
        );
    }
}
