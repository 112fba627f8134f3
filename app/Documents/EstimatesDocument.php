<?php

declare(strict_types=1);

namespace App\Documents;

use Vinculum\Amount\Units;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Figure;
use Vinculum\Mixture\Nutrition;
use Vinculum\Mixture\Thickness;
use Vinculum\Taste\Band;

/** What instruments would read of the finished sauce, and the simple panel of a label. */
final class EstimatesDocument
{
    /**
     * @return list<array<string, mixed>>
     */
    public static function figures(Evaluation $evaluation): array
    {
        $estimates = $evaluation->estimates;
        if ($evaluation->cooked->rows === []) {
            return [];
        }
        $cold = $estimates->thickness();
        $hot = $estimates->thickness(isHot: true);
        $alcohol = $estimates->ethanol();

        return [
            self::figure('ph', 'pH', $estimates->ph(), 1, 'An estimate. A calibrated meter decides, for one batch.', true, $evaluation->style?->figureBand('ph')),
            self::figure('brix', '°Brix', $estimates->brix(), 0, 'As a refractometer would show it.', true, $evaluation->style?->figureBand('brix')),
            [
                'figure' => 'thickness', 'label' => 'Thickness', 'text' => $cold?->words() ?? '–', 'interval_text' => '',
                'note' => 'An estimate, cold. '.($hot === null || $hot === $cold ? 'About the same hot.' : "Hot it {$hot->words()}.").' A blended sauce holds air until tomorrow.',
                'how' => 'thickness', 'first' => true,
            ] + self::thicknessBand($cold, $evaluation->style?->figureBand('thickness')),
            self::figure('water-activity', 'Water activity', $estimates->waterActivity(), 2, 'Under 0.85 stops toxin, not yeast or mould.', false),
            self::figure('titratable-acidity', 'Titratable acidity', $estimates->titratableAcidity(), 2, 'Everything sour, as per cent acetic acid, to pH 8.1.', false),
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
        $density = $evaluation->estimates->density();
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
     * @return array{band_text: string, state: string}
     */
    private static function thicknessBand(?Thickness $thickness, ?Band $band): array
    {
        if ($thickness === null || $band === null) {
            return ['band_text' => '', 'state' => 'none'];
        }
        $words = array_map(static fn (float $at): string => Thickness::from((int) round($at))->words(), [$band->low, $band->high]);

        return [
            'band_text' => implode(' to ', array_unique($words)),
            'state' => $thickness->value < $band->low ? 'short' : ($thickness->value > $band->high ? 'over' : 'in'),
        ];
    }

    /**
     * Against a style's band: in, short, over, or unsure where the interval reaches into it.
     *
     * @return array{band_text: string, state: string}
     */
    private static function against(?Figure $figure, ?Band $band, int $places): array
    {
        return $figure === null || $band === null ? ['band_text' => '', 'state' => 'none'] : [
            'band_text' => Wording::grouped($band->low, $places).'–'.Wording::grouped($band->high, $places),
            'state' => $band->state($figure),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function figure(string $key, string $label, ?Figure $figure, int $places, string $note, bool $isFirst, ?Band $band = null): array
    {
        return [
            'figure' => $key,
            'label' => $label,
            'text' => $figure === null ? '–' : Wording::grouped($figure->value, $places),
            'interval_text' => $figure === null ? '' : Wording::grouped($figure->low(), $places).'–'.Wording::grouped($figure->high(), $places),
            'note' => $note,
            'how' => $key,
            'first' => $isFirst,
        ] + self::against($figure, $band, $places);
    }
}
