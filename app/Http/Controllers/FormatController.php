<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ExportRequest;
use App\Http\Requests\ImportRequest;
use App\Pantry\Household;
use App\Recipes\Evaluator;
use App\Support\Json;
use App\Support\Schemas;
use Illuminate\Support\Str;
use Vinculum\Amount\Kitchenware;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Recipe\Formats\JsonLd;
use Vinculum\Recipe\Formats\Markdown;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\Formats\WebPage;
use Vinculum\Recipe\Jotted\JottedText;
use Vinculum\Recipe\Recipe;
use Vinculum\Words\NoteView;
use Vinculum\Words\Speech;

/**
 * Recipes out and in: JSON, schema.org JSON-LD, Markdown and CSV. Nothing is stored.
 *
 * @phpstan-import-type RecipeArray from RecipeDocument
 */
final readonly class FormatController
{
    public function __construct(private Household $household, private Schemas $schemas, private NoteView $notes) {}

    /**
     * @return array<string, mixed>
     */
    public function export(ExportRequest $request, Evaluator $evaluator, Speech $speech): array
    {
        /** @var array<string, mixed> $document */
        $document = $this->household->embed($request->document());

        return self::written($speech, $evaluator->evaluate($request->recipe()), $request->wantedFormat(), $document);
    }

    /**
     * @return array<string, mixed>
     */
    public function import(ImportRequest $request): array
    {
        $kit = Kitchenware::with($request->measures() ?? $this->household->preferences()->measures, $this->household->vessels());
        $catalogue = $this->household->catalogue();
        $text = ltrim($request->contents(), "\u{FEFF} \t\r\n");
        $json = WebPage::described($text) ?? self::json($text);
        [$kind, [$recipe, $questions, $lost]] = match (true) {
            is_array($json) && ($json['format'] ?? null) === 'vinculum-recipe' => ['json', [$this->own($text), [], []]],
            is_array($json) => ['jsonld', JsonLd::read($json, $catalogue, $kit)],
            Markdown::isCsv($text) => ['csv', Markdown::read($text, $catalogue, $kit)],
            default => ['text', [...JottedText::read($text, $catalogue, $kit), []]],
        };

        return ['kind' => $kind] + $this->notes->of($recipe, $questions, $catalogue) + ['lost' => $lost];
    }

    private function own(string $text): Recipe
    {
        /** @var RecipeArray $checked */
        $checked = $this->schemas->check('recipe', $text);

        return RecipeDocument::read($checked);
    }

    /**
     * What is no JSON is null.
     *
     * @return array<array-key, mixed>|null
     */
    private static function json(string $text): ?array
    {
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

    /**
     * A recipe in another format, with what that cannot carry (export.schema.json).
     *
     * @param 'json'|'jsonld'|'markdown'|'csv' $format
     * @param array<string, mixed> $document the recipe as it came, own ingredients with it
     * @return array{file: string, type: string, text: string, lost: list<string>}
     */
    private static function written(Speech $speech, Evaluation $evaluation, string $format, array $document): array
    {
        $weighed = $evaluation->cooked->weighed;
        $name = Str::slug($evaluation->recipe->name) ?: 'sauce';
        if ($format === 'jsonld') {
            $written = JsonLd::write($weighed, $speech->volume($evaluation->estimates->volume()->value));

            return ['file' => "{$name}.jsonld", 'type' => 'application/ld+json', 'text' => Json::encode($written['document']), 'lost' => $written['lost']];
        }

        return match ($format) {
            'json' => ['file' => "{$name}.json", 'type' => 'application/json', 'text' => Json::encode($document), 'lost' => []],
            'markdown' => ['file' => "{$name}.md", 'type' => 'text/markdown', 'text' => Markdown::write($weighed), 'lost' => Markdown::CANNOT_CARRY],
            'csv' => ['file' => "{$name}.csv", 'type' => 'text/csv', 'text' => Markdown::csv($weighed), 'lost' => Markdown::CSV_CANNOT_CARRY],
        };
    }
}
