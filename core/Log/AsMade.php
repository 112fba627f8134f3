<?php

declare(strict_types=1);

namespace Vinculum\Log;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Pantry\Ingredient;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\Stage;

/**
 * What went into a pot and what was done to it, ready to be held against another.
 *
 * @phpstan-type Went array{name: string, grams: float, text: string, is: Ingredient|null}
 */
final readonly class AsMade
{
    /**
     * @param array<string, Went> $went by slug, g of all its lines and as they are written
     */
    private function __construct(public Evaluation $evaluation, public array $went) {}

    public static function of(Evaluation $evaluation): self
    {
        $went = [];
        foreach ($evaluation->cooked->weighed->lines as $line) {
            $slug = $line->ingredient->slug ?? $line->line->ingredient;
            $text = $line->line->amount ?? sprintf('%.0f g', $line->grams);
            $before = $went[$slug] ?? null;
            $went[$slug] = [
                'name' => $line->ingredient?->shortName() ?? $slug,
                'grams' => ($before['grams'] ?? 0.0) + $line->grams,
                'text' => $before === null ? $text : "{$before['text']} + {$text}",
                'is' => $line->ingredient,
            ];
        }

        return new self($evaluation, array_filter($went, static fn (array $each): bool => $each['grams'] > 0.0));
    }

    public function recipe(): Recipe
    {
        return $this->evaluation->recipe;
    }

    /** What a stage does, shortly: "simmer, low, down by 30 %". */
    public static function done(Stage $stage): string
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

    /** Minutes that it boiled or simmered, as far as they are known. */
    public function boiled(): float
    {
        $minutes = 0.0;
        foreach ($this->evaluation->cooked->stages as $report) {
            $minutes += $report->boiledOff > 0.0 ? $report->minutes ?? 0.0 : 0.0;
        }

        return $minutes;
    }

    /** Share of all that went in which boiled off. */
    public function boiledOff(): float
    {
        $off = 0.0;
        foreach ($this->evaluation->cooked->stages as $report) {
            $off += $report->boiledOff;
        }
        $in = array_sum(array_column($this->went, 'grams'));

        return $in > 0.0 ? $off / $in : 0.0;
    }
}
