<?php

declare(strict_types=1);

namespace App\Documents;

use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\Jotted\Question;
use Vinculum\Recipe\Recipe;

/** What was made of jotted text (reading.schema.json). */
final class NoteDocument
{
    /**
     * @param list<Question> $questions
     * @return array<string, mixed>
     */
    public static function of(Recipe $recipe, array $questions): array
    {
        return [
            'recipe' => RecipeDocument::write($recipe),
            'questions' => array_map(static fn (Question $question): array => [
                'line' => $question->line,
                'id' => $question->id,
                'text' => $question->text,
                'about' => $question->about,
                'ask' => $question->ask,
                'guesses' => $question->guesses,
            ], $questions),
        ];
    }
}
