<?php

declare(strict_types=1);

namespace Vinculum\Words;

use Vinculum\Amount\Units;
use Vinculum\Evaluation\Colour;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Figure;
use Vinculum\Mixture\Thickness;
use Vinculum\Taste\Band;

/** What instruments would read of the finished sauce, and the simple panel of a label. */
final readonly class EstimatesView
{
    public function __construct(private Speech $speech) {}

    /**
     * @return list<array<string, mixed>>
     */
    public function figures(Evaluation $evaluation): array
    {
        $estimates = $evaluation->estimates;
        if ($evaluation->cooked->rows === []) {
            return [];
        }
        $cold = $estimates->thickness();
        $hot = $estimates->thickness(isHot: true);
        $alcohol = $estimates->ethanol();

        return [
            $this->figure(
                'ph',
                'pH',
                $estimates->ph(),
                1,
                'An estimate. A calibrated meter decides, for one batch.',
                true,
                $evaluation->style?->figureBand('ph'),
            ),
            $this->figure(
                'brix',
                '°Brix',
                $estimates->brix(),
                0,
                'As a refractometer would show it.',
                true,
                $evaluation->style?->figureBand('brix'),
            ),
            [
                'figure' => 'thickness',
                'label' => 'Thickness',
                'text' => $cold?->words() ?? '–',
                'interval_text' => '',
                'note'
                    => 'An estimate, cold. '
                    .($hot === null || $hot === $cold ? 'About the same hot.' : "Hot it {$hot->words()}.")
                    .' A blended sauce holds air until tomorrow.',
                'how' => 'thickness',
                'first' => true,
            ] + $this->thicknessBand($cold, $evaluation->style?->figureBand('thickness')),
            $this->figure(
                'water-activity',
                'Water activity',
                $estimates->waterActivity(),
                2,
                'Under 0.85 stops toxin, not yeast or mould.',
                false,
            ),
            $this->figure(
                'titratable-acidity',
                'Titratable acidity',
                $estimates->titratableAcidity(),
                2,
                'Everything sour, as per cent acetic acid, to pH 8.1.',
                false,
            ),
            $this->figure(
                'alcohol',
                'Alcohol left',
                $alcohol === null || $alcohol->value < 0.005 ? null : $alcohol,
                2,
                'Per cent by weight. Alcohol-free follows what went in, not what boiled off.',
                false,
            ),
        ];
    }

    /**
     * In words and one swatch, never a figure.
     *
     * @return array{text: string, swatch: string}|null null for an empty pot
     */
    public function colour(Evaluation $evaluation): ?array
    {
        $colour = Colour::of($evaluation);

        return $colour === null ? null : ['text' => $colour->words, 'swatch' => $colour->swatch];
    }

    /**
     * @return array<string, mixed>
     */
    public function panel(Evaluation $evaluation): array
    {
        $mixture = $evaluation->cooked->mixture;
        $mass = $mixture->mass();
        $spoon = Units::find('tbsp', $evaluation->recipe->measures);
        $density = $evaluation->estimates->density();
        if ($mass <= 0.0 || $spoon === null || $density === null) {
            return ['serving_text' => '', 'rows' => []];
        }
        $serving = $spoon->size * $density;
        $row = fn (string $label, float $whole, string $unit, int $places): array => [
            'label' => $label,
            'per_100' => $this->speech->grouped(($whole / $mass) * 100, $places).' '.$unit,
            'per_serving' => $this->speech->grouped(($whole / $mass) * $serving, $places).' '.$unit,
        ];

        return [
            'serving_text' => 'a tablespoon, '.$this->speech->grams($serving),
            'rows' => [
                $row('Energy', $evaluation->estimates->energy(), 'kcal', 0),
                $row('Sugars', $mixture->sugars(), 'g', 1),
                $row('Salt', $mixture->salt(), 'g', 2),
            ],
        ];
    }

    /**
     * @return array{band_text: string, state: string}
     */
    private function thicknessBand(?Thickness $thickness, ?Band $band): array
    {
        if ($thickness === null || $band === null) {
            return ['band_text' => '', 'state' => 'none'];
        }
        $words = array_map(fn (float $at): string => Thickness::from((int) round($at))->words(), [
            $band->low,
            $band->high,
        ]);

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
    private function against(?Figure $figure, ?Band $band, int $places): array
    {
        return $figure === null || $band === null
            ? ['band_text' => '', 'state' => 'none']
            : [
                'band_text'
                    => $this->speech->grouped($band->low, $places).'–'.$this->speech->grouped($band->high, $places),
                'state' => $band->state($figure),
            ];
    }

    /**
     * @return array<string, mixed>
     */
    private function figure(
        string $key,
        string $label,
        ?Figure $figure,
        int $places,
        string $note,
        bool $isFirst,
        ?Band $band = null,
    ): array {
        return [
            'figure' => $key,
            'label' => $label,
            'text' => $figure === null ? '–' : $this->speech->grouped($figure->value, $places),
            'interval_text'
                => $figure === null
                    ? ''
                    : $this->speech->grouped($figure->low(), $places)
                        .'–'
                        .$this->speech->grouped($figure->high(), $places),
            'note' => $note,
            'how' => $key,
            'first' => $isFirst,
        ] + $this->against($figure, $band, $places);
    }
}
