<?php

declare(strict_types=1);

namespace Vinculum\Evaluation;

use Vinculum\Figure\Sentence;
use Vinculum\Pantry\Catalogue;
use Vinculum\Taste\Measure;

/**
 * What a figure is like, in a cook's terms: as salty as bottled ketchup. The things it is held beside are those the
 * vocabulary calls yardsticks, with the figures the catalogue has for them.
 */
final class Likeness
{
    /** Steps within which nobody tells two apart. */
    private const ALIKE = 0.75;

    /** Steps beyond which the nearest thing is no comparison. */
    private const FAR = 6.0;

    private const ADJECTIVES = [
        'sweetness' => ['sweet', 'sweeter'],
        'sourness' => ['sour', 'sourer'],
        'saltiness' => ['salty', 'saltier'],
        'umami' => ['savoury', 'more savoury'],
        'heat' => ['hot', 'hotter'],
    ];

    /** Null where nothing everybody knows is near. */
    public static function of(Measure $measure, float $value, Catalogue $catalogue): ?Sentence
    {
        $below = null;
        $above = null;
        foreach ($catalogue->vocabulary->words['yardsticks'][$measure->value] ?? [] as $slug) {
            $thing = $catalogue->find($slug);
            $strength = $thing === null ? null : $measure->strengthOf($thing);
            if ($thing === null || $strength === null) {
                continue;
            }
            $steps = $measure->steps($strength, $value);
            $name = $thing->shortName();
            if ($steps >= 0.0 && ($below === null || $steps < $below[1])) {
                $below = [$name, $steps];
            }
            if ($steps <= 0.0 && ($above === null || -$steps < $above[1])) {
                $above = [$name, -$steps];
            }
        }
        [$plain, $more] = self::ADJECTIVES[$measure->value];
        $near = $above === null || ($below !== null && $below[1] <= $above[1]) ? $below : $above;

        return match (true) {
            $near === null || $value < $measure->threshold() => null,
            $near[1] <= self::ALIKE => Sentence::of("About as {$plain} as {thing}.", ['thing' => $near[0]]),
            $below !== null && $above !== null => Sentence::of(
                'Between {less} and {more}.',
                ['less' => $below[0], 'more' => $above[0]],
            ),
            $near[1] > self::FAR => null,
            $near === $below => Sentence::of('{more} than {thing}.', ['more' => ucfirst($more), 'thing' => $near[0]]),
            default => Sentence::of('Less {plain} than {thing}.', ['plain' => $plain, 'thing' => $near[0]]),
        };
    }
}
