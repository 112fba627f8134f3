<?php

declare(strict_types=1);

namespace App\Documents;

use Illuminate\Support\Str;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Recipe\Formats\JsonLd;
use Vinculum\Recipe\Formats\Markdown;

/** A recipe in another format, with what that cannot carry (export.schema.json). */
final class ExportDocument
{
    /**
     * @param 'json'|'jsonld'|'markdown'|'csv' $format
     * @param array<string, mixed> $document the recipe as it came, own ingredients with it
     * @return array{file: string, type: string, text: string, lost: list<string>}
     */
    public static function of(Evaluation $evaluation, string $format, array $document): array
    {
        $weighed = $evaluation->cooked->weighed;
        $name = Str::slug($evaluation->recipe->name) ?: 'sauce';
        if ($format === 'jsonld') {
            $written = JsonLd::write($weighed, Wording::volume($evaluation->estimates->volume()->value));

            return ['file' => "{$name}.jsonld", 'type' => 'application/ld+json', 'text' => Json::encode($written['document']), 'lost' => $written['lost']];
        }

        return match ($format) {
            'json' => ['file' => "{$name}.json", 'type' => 'application/json', 'text' => Json::encode($document), 'lost' => []],
            'markdown' => ['file' => "{$name}.md", 'type' => 'text/markdown', 'text' => Markdown::write($weighed), 'lost' => Markdown::CANNOT_CARRY],
            'csv' => ['file' => "{$name}.csv", 'type' => 'text/csv', 'text' => Markdown::csv($weighed), 'lost' => Markdown::CSV_CANNOT_CARRY],
        };
    }
}
