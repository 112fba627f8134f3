<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Documents\Schemas;
use Illuminate\Http\Request;
use Vinculum\Amount\MeasuringSet;

/** Text as it was jotted down (text-input.schema.json). */
final readonly class TextInput
{
    public string $text;

    public MeasuringSet $measures;

    public function __construct(Request $request, Schemas $schemas)
    {
        /** @var array{text: string, measures?: string} $body */
        $body = $schemas->check('text-input', (string) $request->getContent());
        $this->text = $body['text'];
        $this->measures = MeasuringSet::from($body['measures'] ?? 'us');
    }
}
