<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\ReadingDocument;
use App\Http\Requests\TextInput;
use Vinculum\Pantry\Catalogue;
use Vinculum\Recipe\JottedText;

/** Jotted text as recipe lines. Nothing is stored. */
final class ReadingController
{
    /**
     * @return array<string, mixed>
     */
    public function __invoke(TextInput $input, Catalogue $catalogue): array
    {
        return ReadingDocument::of(...JottedText::read($input->text, $catalogue, $input->measures));
    }
}
