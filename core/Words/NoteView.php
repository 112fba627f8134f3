<?php

declare(strict_types=1);

namespace Vinculum\Words;

use Vinculum\Pantry\Catalogue;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\Jotted\Question;
use Vinculum\Recipe\Jotted\Span;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\Recipe;

/** What was made of jotted text (reading.schema.json). */
final readonly class NoteView
{
    /**
     * @param list<Question> $questions
     * @param list<Span> $spans
     * @return array<string, mixed>
     */
    public function of(Recipe $recipe, array $questions, Catalogue $catalogue, array $spans = []): array
    {
        $slugs = array_map(static fn (Line $line): string => $line->ingredient, $recipe->lines());
        foreach ($questions as $question) {
            $slugs = [...$slugs, ...($question->about === 'ingredient' ? $question->guesses : [])];
        }
        $names = [];
        foreach ($slugs as $slug) {
            $names[$slug] = $catalogue->find($slug)->name ?? $slug;
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
            'spans' => array_map(static fn (Span $span): array => array_filter([
                'from' => $span->from,
                'to' => $span->to,
                'is' => $span->is,
                'line' => $span->line,
                'stage' => $span->stage,
            ], static fn (int|string $value): bool => $value !== ''), $spans),
        ];
    }
}
