<?php

declare(strict_types=1);

namespace Vinculum\Log;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Recipe\Recipe;
use Vinculum\Taste\Measure;

/**
 * Two batches, or two versions of a recipe, held beside one another: what differs, and nothing else.
 *
 * @phpstan-import-type Went from AsMade
 */
final readonly class Beside
{
    /**
     * @param array<string, float> $steps from the one to the other, by Measure value
     * @param list<array{name: string, one: string, other: string}> $lines that differ
     * @param list<array{name: string, one: string, other: string}> $stages that are done otherwise
     */
    private function __construct(public array $steps, public array $lines, public array $stages) {}

    public static function of(Evaluation $one, Evaluation $other): self
    {
        return new self(
            self::steps($one, $other),
            self::lines(AsMade::of($one)->went, AsMade::of($other)->went),
            self::stages($one->recipe, $other->recipe),
        );
    }

    /** @return array<string, float> from the one to the other, by Measure value */
    public static function steps(Evaluation $one, Evaluation $other): array
    {
        $steps = [];
        foreach (Measure::cases() as $measure) {
            $steps[$measure->value] = $measure->steps($one->tasting->value($measure), $other->tasting->value($measure));
        }

        return $steps;
    }

    /**
     * @param array<string, Went> $first
     * @param array<string, Went> $second
     * @return list<array{name: string, one: string, other: string}>
     */
    private static function lines(array $first, array $second): array
    {
        $differ = [];
        foreach ($first + $second as $slug => $any) {
            $a = $first[$slug] ?? null;
            $b = $second[$slug] ?? null;
            if ($a === null || $b === null || abs($a['grams'] - $b['grams']) > 0.005 * max($a['grams'], $b['grams'])) {
                $differ[] = ['name' => $any['name'], 'one' => $a['text'] ?? '–', 'other' => $b['text'] ?? '–'];
            }
        }

        return $differ;
    }

    /** @return list<array{name: string, one: string, other: string}> */
    private static function stages(Recipe $one, Recipe $other): array
    {
        $differ = [];
        for ($i = 0; $i < max(count($one->stages), count($other->stages)); $i++) {
            $a = isset($one->stages[$i]) ? AsMade::done($one->stages[$i]) : '–';
            $b = isset($other->stages[$i]) ? AsMade::done($other->stages[$i]) : '–';
            if ($a !== $b) {
                $name = $one->stages[$i]->name ?? $other->stages[$i]->name ?? '';
                $differ[] = ['name' => $name === '' ? 'stage '.($i + 1) : $name, 'one' => $a, 'other' => $b];
            }
        }

        return $differ;
    }
}
