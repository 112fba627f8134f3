<?php

declare(strict_types=1);

namespace Vinculum\Words;

use Vinculum\Pantry\Catalogue;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\Jotted\Question;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\Recipe;

/** What was made of jotted text (reading.schema.json). */
final readonly class NoteView
{
    /**
     * @param list<Question> $questions
     * @return array<string, mixed>
     */
    public function of(Recipe $recipe, array $questions, Catalogue $catalogue): array
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
        ];
    }
}
