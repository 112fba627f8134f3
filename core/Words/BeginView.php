<?php

declare(strict_types=1);

namespace Vinculum\Words;

use Vinculum\Pantry\Ingredient;
use Vinculum\Solve\Draft\Beginning;
use Vinculum\Taste\Measure;
use Vinculum\Taste\Style;

/** What a sauce can begin from, as the API sends it (begin.schema.json). */
final readonly class BeginView
{
    private const TASTES = [
        'sourness' => 'sour',
        'sweetness' => 'sweet',
        'saltiness' => 'salt',
        'umami' => 'depth',
        'heat' => 'heat',
    ];

    public function __construct(private Speech $speech) {}

    /**
     * @param array<string, Style> $styles by slug
     * @param Beginning|null $beginning of the kind that is chosen, where one is
     * @return array<string, mixed>
     */
    public function of(array $styles, ?Beginning $beginning): array
    {
        return [
            'directions' => $this->directions($styles),
            'built_on' => $this->things($beginning->mains ?? []),
            'tastes' => array_values(array_filter(array_map(
                fn (string $measure, string $taste): array => [
                    'taste' => $taste,
                    'may_be_none' => in_array($measure, Beginning::NEEDLESS, true),
                    'things' => $this->things($beginning->bringers[$measure] ?? []),
                ],
                array_keys(self::TASTES),
                array_values(self::TASTES),
            ), static fn (array $taste): bool => $taste['things'] !== [])),
        ];
    }

    /**
     * Each kind in small: where its five tastes aim, beside the most that any kind has of each, and by the root of it,
     * so that a little is seen. A family stands together, and its first leads.
     *
     * @param array<string, Style> $styles by slug
     * @return list<array<string, mixed>>
     */
    private function directions(array $styles): array
    {
        $most = [];
        foreach (Measure::cases() as $measure) {
            $highs = array_map(static fn (Style $style): float => $style->band($measure)->high ?? 0.0, $styles);
            $most[$measure->value] = max(1e-9, ...array_values($highs));
        }
        $order = array_flip(array_values(array_unique(
            array_map(static fn (Style $style): string => $style->family, array_values($styles)),
        )));
        uasort($styles, static fn (Style $a, Style $b): int => $order[$a->family] <=> $order[$b->family]);
        $families = [];
        $directions = [];
        foreach ($styles as $slug => $style) {
            $share = static fn (Measure $measure, float $value): float => Digits::six(
                sqrt($value / $most[$measure->value]),
            );
            $directions[] = [
                'slug' => (string) $slug,
                'name' => $style->name,
                'family' => $style->family,
                'leads' => ! isset($families[$style->family]),
                'columns' => array_map(fn (Measure $measure): array => [
                    'label' => $this->speech->label($measure),
                    'aim' => $share($measure, $style->band($measure)->aim ?? 0.0),
                    'low' => $share($measure, $style->band($measure)->low ?? 0.0),
                    'high' => $share($measure, $style->band($measure)->high ?? 0.0),
                ], Measure::cases()),
            ];
            $families[$style->family] = true;
        }

        return $directions;
    }

    /**
     * @template T of array{thing: Ingredient, ...}
     *
     * @param list<T> $things
     * @return list<array<string, mixed>>
     */
    private function things(array $things): array
    {
        return array_map(static fn (array $each): array => [
            'slug' => $each['thing']->slug,
            'name' => $each['thing']->shortName(),
            ...array_diff_key($each, ['thing' => true]),
        ], $things);
    }
}
