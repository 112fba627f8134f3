<?php

declare(strict_types=1);

namespace App\Documents;

use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\Recipe;
use Vinculum\Solve\Addition;
use Vinculum\Solve\Feel;
use Vinculum\Solve\Rescue\Remedy;
use Vinculum\Solve\Rescue\Rescued;
use Vinculum\Taste\Measure;

/** Ways to mend a pot, as the API and the console send them (rescue.schema.json). */
final class RescueDocument
{
    /** Steps from which a move elsewhere is worth a word. */
    private const WORTH_SAYING = 0.3;

    /**
     * @param Recipe $given as it came: what the household adds to it stays out
     * @return array<string, mixed>
     */
    public static function of(Rescued $rescued, Recipe $given): array
    {
        return [
            'options' => array_map(static fn (Remedy $remedy): array => self::option($remedy, $rescued, $given), $rescued->remedies),
            'note' => $rescued->note,
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function option(Remedy $remedy, Rescued $rescued, Recipe $given): array
    {
        $measures = [];
        foreach (Measure::cases() as $measure) {
            $measures[$measure->value] = AnalysisDocument::digits($remedy->after->tasting->value($measure));
        }
        $write = static fn (Recipe $recipe): array => RecipeDocument::write($recipe->withStages($recipe->stages, $given->extra));

        return [
            'words' => self::words($remedy),
            'additions' => array_map(static fn (Addition $addition): array => [
                'ingredient' => $addition->ingredient->slug,
                'name' => $addition->ingredient->shortName(),
                'mass_g' => AnalysisDocument::digits($addition->grams),
                'text' => $addition->text,
            ], $remedy->additions),
            'boil_off_g' => AnalysisDocument::digits($remedy->boilOff),
            'pot_after_g' => AnalysisDocument::digits($remedy->potAfter),
            'steps_before' => (object) array_map(AnalysisDocument::digits(...), $rescued->before),
            'steps_after' => array_map(AnalysisDocument::digits(...), $remedy->steps),
            'measures_after' => $measures,
            'note' => $remedy->note,
            'cautions' => $remedy->cautions,
            'cost_text' => self::cost($remedy, $rescued->before),
            'pot_text' => self::pot($remedy),
            'makes_text' => Wording::volume($remedy->after->estimates->volume()->value),
            'ghosts' => BenchDocument::ghosts($remedy->after),
            'recipe' => $write($remedy->recipe),
            'half' => $remedy->half === null ? null : $write($remedy->half),
        ];
    }

    private static function words(Remedy $remedy): string
    {
        $parts = array_map(static fn (Addition $addition): string => "{$addition->text} {$addition->ingredient->shortName()}", $remedy->additions);
        if ($remedy->boilOff > 0.0) {
            $parts[] = 'boil off '.Wording::grams($remedy->boilOff).' of water';
        }

        return implode(', ', $parts);
    }

    /**
     * What it does, and what it costs elsewhere: "salty as it should be; sweet a little less".
     *
     * @param array<string, float> $before
     */
    private static function cost(Remedy $remedy, array $before): string
    {
        $elsewhere = [];
        foreach (Feel::cases() as $feel) {
            $steps = $remedy->steps[$feel->value];
            if (! isset($before[$feel->value]) && abs($steps) >= self::WORTH_SAYING) {
                $elsewhere[] = ($steps < 0 ? 'less ' : 'more ').$feel->value.' by '.Wording::steps($steps);
            }
        }

        return $elsewhere === [] ? 'nothing else moves that a tongue could tell' : implode(', ', $elsewhere);
    }

    private static function pot(Remedy $remedy): string
    {
        $grows = $remedy->growth();
        $text = Wording::grams($remedy->potBefore).' becomes '.Wording::grams($remedy->potAfter);

        return abs($grows) < 0.005 ? 'the pot stays at '.Wording::grams($remedy->potAfter) : $text.sprintf(', %s %s', Wording::percent(abs($grows)), $grows > 0 ? 'more' : 'less');
    }
}
