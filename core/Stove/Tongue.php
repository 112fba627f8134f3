<?php

declare(strict_types=1);

namespace Vinculum\Stove;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Sentence;
use Vinculum\Solve\Feel;
use Vinculum\Taste\Measure;

/** Who tastes a simulated pot: they know the style and the pot as it really is, and answer in words. */
final readonly class Tongue
{
    /** Steps off the aim from which each word is used. */
    private const WORDS = ['a little' => 0.5, 'clearly' => 1.5, 'far' => 3.0];

    private const TOO = [
        'sweetness' => ['too sweet', 'not sweet enough'],
        'sourness' => ['too sharp', 'flat'],
        'saltiness' => ['too salty', 'short of salt'],
        'umami' => ['too savoury', 'thin in the middle'],
        'heat' => ['too hot', 'not hot enough'],
    ];

    /**
     * @param Evaluation $pot as it really is, and as far down as it will be
     * @return array{words: Sentence, feels: array<string, float>} the same in steps, by Feel value
     */
    public static function says(Evaluation $pot): array
    {
        $said = [];
        $feels = [];
        foreach (Measure::cases() as $measure) {
            $band = $pot->style?->band($measure);
            if ($band === null) {
                continue;
            }
            $steps = $band->steps($measure, $pot->tasting->value($measure));
            $word = '';
            foreach (self::WORDS as $louder => $from) {
                $word = abs($steps) >= $from ? $louder : $word;
            }
            if ($word === '') {
                continue;
            }
            $said[] = $word.' '.self::TOO[$measure->value][$steps > 0.0 ? 0 : 1];
            $feels[Feel::ofMeasure($measure)->value] = ($steps > 0.0 ? 1 : -1) * match ($word) {
                'a little' => 1.0,
                'clearly' => 2.0,
                default => 4.0,
            };
        }

        return [
            'words' => Sentence::of(match (true) {
                $pot->style === null => 'It has no style to be held against, so only you can say.',
                $said === [] => 'That is right. Leave it.',
                default => ucfirst(implode(', ', $said)).'.',
            }),
            'feels' => $feels,
        ];
    }
}
