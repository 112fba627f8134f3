<?php

declare(strict_types=1);

namespace App\Documents;

use Vinculum\Measure\Figure;
use Vinculum\Measure\Units;
use Vinculum\Mixture\Nutrition;
use Vinculum\Taste\Evaluation;

/** What instruments would read of the finished sauce, and the simple panel of a label. */
final class JarDocument
{
    /**
     * @return list<array<string, mixed>>
     */
    public static function figures(Evaluation $evaluation): array
    {
        $jar = $evaluation->jar;
        if ($evaluation->cooked->rows === []) {
            return [];
        }
        $cold = $jar->thickness();
        $hot = $jar->thickness(isHot: true);
        $alcohol = $jar->ethanol();

        return [
            self::figure('ph', 'pH', $jar->ph(), 1, 'An estimate. A calibrated meter decides, for one batch.', true),
            self::figure('brix', '°Brix', $jar->brix(), 0, 'As a refractometer would show it.', true),
            [
                'figure' => 'thickness', 'label' => 'Thickness', 'text' => $cold?->words() ?? '–', 'interval_text' => '',
                'note' => 'An estimate, cold. '.($hot === null || $hot === $cold ? 'About the same hot.' : "Hot it {$hot->words()}.").' A blended sauce holds air until tomorrow.',
                'how' => 'thickness', 'first' => true,
            ],
            self::figure('water-activity', 'Water activity', $jar->waterActivity(), 2, 'Under 0.85 stops toxin, not yeast or mould.', false),
            self::figure('titratable-acidity', 'Titratable acidity', $jar->titratableAcidity(), 2, 'Everything sour, as per cent acetic acid, to pH 8.1.', false),
            self::figure('alcohol', 'Alcohol left', $alcohol === null || $alcohol->value < 0.005 ? null : $alcohol, 2, 'Per cent by weight. Alcohol-free follows what went in, not what boiled off.', false),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    public static function panel(Evaluation $evaluation): array
    {
        $mixture = $evaluation->cooked->mixture;
        $mass = $mixture->mass();
        $spoon = Units::find('tbsp', $evaluation->recipe->measures);
        $density = $evaluation->jar->density();
        if ($mass <= 0.0 || $spoon === null || $density === null) {
            return ['serving_text' => '', 'rows' => []];
        }
        $serving = $spoon->size * $density;
        $row = static fn (string $label, float $whole, string $unit, int $places): array => [
            'label' => $label,
            'per_100' => Wording::grouped($whole / $mass * 100, $places).' '.$unit,
            'per_serving' => Wording::grouped($whole / $mass * $serving, $places).' '.$unit,
        ];

        return [
            'serving_text' => 'a tablespoon, '.Wording::grams($serving),
            'rows' => [
                $row('Energy', Nutrition::energy($mixture->grams), 'kcal', 0),
                $row('Sugars', Nutrition::sugars($mixture->grams), 'g', 1),
                $row('Salt', Nutrition::salt($mixture->grams), 'g', 2),
            ],
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function figure(string $key, string $label, ?Figure $figure, int $places, string $note, bool $isFirst): array
    {
        return [
            'figure' => $key,
            'label' => $label,
            'text' => $figure === null ? '–' : Wording::grouped($figure->value, $places),
            'interval_text' => $figure === null ? '' : Wording::grouped($figure->low(), $places).'–'.Wording::grouped($figure->high(), $places),
            'note' => $note,
            'how' => $key,
            'first' => $isFirst,
        ];
    }
}
