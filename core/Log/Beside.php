<?php

declare(strict_types=1);

namespace Vinculum\Log;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\Stage;
use Vinculum\Taste\Measure;

/** Two batches, or two versions of a recipe, held beside one another: what differs, and nothing else. */
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
        $steps = [];
        foreach (Measure::cases() as $measure) {
            $steps[$measure->value] = $measure->steps($one->tasting->value($measure), $other->tasting->value($measure));
        }

        return new self($steps, self::lines($one, $other), self::stages($one->recipe, $other->recipe));
    }

    /** @return list<array{name: string, one: string, other: string}> */
    private static function lines(Evaluation $one, Evaluation $other): array
    {
        [$first, $second] = [self::amounts($one), self::amounts($other)];
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

    /** @return array<string, array{name: string, grams: float, text: string}> by slug */
    private static function amounts(Evaluation $evaluation): array
    {
        $amounts = [];
        foreach ($evaluation->cooked->weighed->lines as $line) {
            $slug = $line->ingredient->slug ?? $line->line->ingredient;
            $text = $line->line->amount ?? sprintf('%.0f g', $line->grams);
            $amounts[$slug] = isset($amounts[$slug])
                ? [
                    'name' => $amounts[$slug]['name'],
                    'grams' => $amounts[$slug]['grams'] + $line->grams,
                    'text' => "{$amounts[$slug]['text']} + {$text}",
                ]
                : ['name' => $line->ingredient?->shortName() ?? $slug, 'grams' => $line->grams, 'text' => $text];
        }

        return array_filter($amounts, static fn (array $amount): bool => $amount['grams'] > 0.0);
    }

    /** @return list<array{name: string, one: string, other: string}> */
    private static function stages(Recipe $one, Recipe $other): array
    {
        $differ = [];
        for ($i = 0; $i < max(count($one->stages), count($other->stages)); $i++) {
            $a = isset($one->stages[$i]) ? self::process($one->stages[$i]) : '–';
            $b = isset($other->stages[$i]) ? self::process($other->stages[$i]) : '–';
            if ($a !== $b) {
                $name = $one->stages[$i]->name ?? $other->stages[$i]->name ?? '';
                $differ[] = ['name' => $name === '' ? 'stage '.($i + 1) : $name, 'one' => $a, 'other' => $b];
            }
        }

        return $differ;
    }

    private static function process(Stage $stage): string
    {
        $process = $stage->process;
        if ($process === null) {
            return 'stirred in';
        }
        $until = $process->until;

        return implode(', ', array_filter([
            $process->kind->value,
            $process->heat ?? '',
            match ($until?->kind) {
                'loss_percent' => sprintf('down by %g %%', round($until->value, 1)),
                'mass_g' => sprintf('down to %.0f g', $until->value),
                'volume_ml' => sprintf('down to %.0f ml', $until->value),
                default => '',
            },
            $process->minutes === null || $until !== null ? '' : sprintf('%g min', $process->minutes),
            $process->lid === true ? 'lid on' : '',
        ]));
    }
}
