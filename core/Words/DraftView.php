<?php

declare(strict_types=1);

namespace Vinculum\Words;

use Vinculum\Recipe\Formats\Markdown;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Solve\Draft\Drafted;
use Vinculum\Taste\Measure;

/** A draft, as the API and the console send it (draft.schema.json). */
final readonly class DraftView
{
    public function __construct(private Speech $speech) {}

    /**
     * @return array<string, mixed>
     */
    public function of(Drafted $drafted): array
    {
        $steps = [];
        foreach (Measure::cases() as $measure) {
            $steps[$measure->value] = Digits::six($drafted->evaluation->verdict($measure)->steps ?? 0.0);
        }
        $reasons = [];
        foreach ($drafted->evaluation->cooked->weighed->lines as $line) {
            $reason = $drafted->reasons[$line->line->id] ?? null;
            if ($reason !== null) {
                $reasons[] = [
                    'line' => $line->line->id,
                    'name' => $line->ingredient->name ?? $line->line->ingredient,
                    'amount' => $line->line->amount ?? $this->speech->grams($line->grams),
                    'why' => $this->speech->say($reason),
                ];
            }
        }

        return [
            'status' => $drafted->isReached ? 'reached' : 'closest',
            'why' => $this->speech->say($drafted->why),
            'method_text' => implode(' ', array_filter(array_map(Markdown::step(...), $drafted->recipe->stages))),
            'columns' => (new BenchView($this->speech, $drafted->evaluation))->card()['columns'],
            'makes_text' => $this->speech->volume($drafted->evaluation->estimates->volume()->value),
            'reasons' => $reasons,
            'steps_after' => $steps,
            'notes' => $this->speech->sayAll($drafted->notes),
            'drafts' => $drafted->drafts,
            'recipe' => RecipeDocument::write($drafted->recipe),
        ];
    }
}
