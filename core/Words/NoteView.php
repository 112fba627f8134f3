<?php

declare(strict_types=1);

namespace Vinculum\Words;

use Vinculum\Pantry\Catalogue;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\Jotted\Question;
use Vinculum\Recipe\Jotted\Span;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\Stage;

/** What was made of jotted text (reading.schema.json). */
final readonly class NoteView
{
    /**
     * @param list<Question> $questions
     * @param list<Span> $spans
     * @return array<string, mixed>
     */
    public function of(
        Recipe $recipe,
        array $questions,
        Catalogue $catalogue,
        array $spans = [],
        string $tongue = '',
    ): array {
        $slugs = array_map(static fn (Line $line): string => $line->ingredient, $recipe->lines());
        foreach ($questions as $question) {
            $slugs = [...$slugs, ...($question->about === 'ingredient' ? $question->guesses : [])];
        }
        $names = [];
        foreach ($slugs as $slug) {
            $names[$slug] = $catalogue->find($slug)->name ?? $slug;
        }

        $steps = [];
        foreach ($recipe->stages as $i => $stage) {
            $steps[$stage->id] = $this->step($stage, $i === 0);
        }

        return [
            'recipe' => RecipeDocument::write($recipe),
            'questions' => array_map(fn (Question $question): array => [
                'line' => $question->line,
                'id' => $question->id,
                'text' => $question->text,
                'about' => $question->about,
                'ask' => $question->ask,
                'guesses' => $question->guesses,
                'words' => $question->words,
            ], $questions),
            'names' => (object) $names,
            'tongue' => $tongue,
            'steps' => (object) $steps,
            'spans' => array_map(static fn (Span $span): array => array_filter([
                'from' => $span->from,
                'to' => $span->to,
                'is' => $span->is,
                'line' => $span->line,
                'stage' => $span->stage,
            ], static fn (int|string $value): bool => $value !== ''), $spans),
        ];
    }

    /** "Simmer 40 minutes on low heat, lid on, until a third has boiled off". */
    private function step(Stage $stage, bool $isFirst): string
    {
        $process = $stage->process;
        $until = match ($process?->until?->kind) {
            'loss_percent' => sprintf('until %g %% has boiled off', $process->until->value),
            'mass_g' => sprintf('down to %g g', $process->until->value),
            'volume_ml' => sprintf('down to %g ml', $process->until->value),
            default => '',
        };
        if ($process === null && $stage->lookFor !== '' && $stage->strain === null) {
            return ucfirst($stage->lookFor);
        }
        $parts = array_filter([
            $process === null
                ? ''
                : trim(ucfirst($process->kind->value)
                    .($process->minutes === null ? '' : ' '.Speech::usual()->spell($process->minutes))
                    .($process->heat === null ? '' : " on {$process->heat} heat")),
            $process?->lid === true ? 'lid on' : '',
            $until,
            match (true) {
                $stage->lookFor === '' => '',
                preg_match('/^\p{Ll}/u', $stage->lookFor) === 1 => "until {$stage->lookFor}",
                default => "look for: {$stage->lookFor}",
            },
            $stage->strain === null ? '' : 'then take out what comes out again',
        ]);

        return $parts === [] ? ($isFirst ? 'Together' : 'Stir in') : ucfirst(implode(', ', $parts));
    }
}
