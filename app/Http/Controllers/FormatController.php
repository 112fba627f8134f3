<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\ExportDocument;
use App\Documents\Json;
use App\Documents\NoteDocument;
use App\Documents\Schemas;
use App\Http\Requests\ExportInput;
use App\Pantry\Household;
use App\Recipes\Evaluator;
use Illuminate\Http\Request;
use Vinculum\Amount\Kitchenware;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Recipe\Formats\JsonLd;
use Vinculum\Recipe\Formats\Markdown;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\Jotted\JottedText;

/**
 * Recipes out and in: JSON, schema.org JSON-LD, Markdown and CSV. Nothing is stored.
 *
 * @phpstan-import-type RecipeArray from RecipeDocument
 */
final readonly class FormatController
{
    public function __construct(private Household $household, private Schemas $schemas) {}

    /**
     * @return array<string, mixed>
     */
    public function export(ExportInput $input, Evaluator $evaluator): array
    {
        /** @var array<string, mixed> $document */
        $document = $this->household->embed($input->document());

        return ExportDocument::of($evaluator->evaluate($input->recipe()), $input->format(), $document);
    }

    /**
     * @return array<string, mixed>
     */
    public function import(Request $request): array
    {
        /** @var array{text: string, measures?: string} $body */
        $body = $this->schemas->check('import-input', (string) $request->getContent());
        $kit = Kitchenware::with(MeasuringSet::from($body['measures'] ?? $this->household->preferences()->measures->value), $this->household->vessels());
        $text = ltrim($body['text'], "\u{FEFF} \t\r\n");
        $json = self::json($text);
        if (is_array($json) && ($json['format'] ?? null) === 'vinculum-recipe') {
            /** @var RecipeArray $checked */
            $checked = $this->schemas->check('recipe', $text);

            return ['kind' => 'json', 'recipe' => RecipeDocument::write(RecipeDocument::read($checked)), 'questions' => []];
        }
        if (is_array($json)) {
            return ['kind' => 'jsonld'] + NoteDocument::of(...JsonLd::read($json, $this->household->catalogue(), $kit));
        }
        $isCsv = preg_match('/^[^\n]*\bamount\b[^\n]*,[^\n]*\bingredient\b/iu', $text) === 1 || preg_match('/^[^\n]*\bingredient\b[^\n]*,[^\n]*\bamount\b/iu', $text) === 1;

        return ['kind' => $isCsv ? 'csv' : 'text'] + NoteDocument::of(...JottedText::read($isCsv ? Markdown::fromCsv($text) : $text, $this->household->catalogue(), $kit));
    }

    /**
     * A page's script tag around it is taken off; what is no JSON is null.
     *
     * @return array<array-key, mixed>|null
     */
    private static function json(string $text): ?array
    {
        if (preg_match('/<script[^>]*application\/ld\+json[^>]*>(.*?)<\/script>/is', $text, $match) === 1) {
            $text = trim($match[1]);
        }
        if (! str_starts_with($text, '{') && ! str_starts_with($text, '[')) {
            return null;
        }
        try {
            $read = Json::arrays(Json::decode($text));
        } catch (\JsonException) {
            return null;
        }

        return is_array($read) ? $read : null;
    }
}
