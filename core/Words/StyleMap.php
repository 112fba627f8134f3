<?php

declare(strict_types=1);

namespace Vinculum\Words;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Taste\Measure;
use Vinculum\Taste\Style;

/** Where each kind of sauce lies, and where the sauces of a house do: two planes, each of two tastes, in 100 g. */
final readonly class StyleMap
{
    private const PLANES = [
        ['Sweet against sour', Measure::Sweetness, Measure::Sourness],
        ['Salty against umami', Measure::Saltiness, Measure::Umami],
    ];

    public function __construct(private Speech $speech) {}

    /**
     * @param list<Style> $styles
     * @param array<string, Evaluation> $made by an id; what has nothing in it yet lies nowhere
     * @return list<array<string, mixed>> as style-map.schema.json has its planes
     */
    public function of(array $styles, array $made): array
    {
        return array_map(fn (array $plane): array => [
            'heading' => $plane[0],
            'x' => $this->axis($plane[1]),
            'y' => $this->axis($plane[2]),
            'styles' => $this->aims($styles, $plane[1], $plane[2]),
            'mine' => $this->sauces($made, $plane[1], $plane[2]),
        ], self::PLANES);
    }

    /** @return array{measure: string, label: string, unit: string} */
    private function axis(Measure $measure): array
    {
        return [
            'measure' => $measure->value,
            'label' => $this->speech->label($measure),
            'unit' => $measure->unit(),
        ];
    }

    /**
     * A style that asks for neither of two tastes lies nowhere on their plane; one that asks for one has none of the
     * other.
     *
     * @param list<Style> $styles
     * @return list<array{id: string, name: string, family: string, x: float, y: float, x_text: string, y_text: string}>
     */
    private function aims(array $styles, Measure $x, Measure $y): array
    {
        $points = [];
        foreach ($styles as $style) {
            [$across, $up] = [$style->band($x)?->aim, $style->band($y)?->aim];
            if ($across !== null || $up !== null) {
                $points[] = [
                    'id' => $style->slug,
                    'name' => $style->name,
                    'family' => $style->family,
                ] + $this->place($across ?? 0.0, $up ?? 0.0);
            }
        }

        return $points;
    }

    /**
     * @param array<string, Evaluation> $made
     * @return list<array{id: string, name: string, x: float, y: float, x_text: string, y_text: string}>
     */
    private function sauces(array $made, Measure $x, Measure $y): array
    {
        $points = [];
        foreach ($made as $id => $evaluation) {
            if ($evaluation->cooked->mixture->mass() > 0.0) {
                $points[] = [
                    'id' => (string) $id,
                    'name' => $evaluation->recipe->name,
                ] + $this->place($evaluation->tasting->value($x), $evaluation->tasting->value($y));
            }
        }

        return $points;
    }

    /** @return array{x: float, y: float, x_text: string, y_text: string} */
    private function place(float $x, float $y): array
    {
        return [
            'x' => Digits::six($x),
            'y' => Digits::six($y),
            'x_text' => $this->speech->number($x),
            'y_text' => $this->speech->number($y),
        ];
    }
}
