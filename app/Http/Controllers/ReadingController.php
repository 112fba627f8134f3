<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\ReadingDocument;
use App\Http\Requests\TextInput;
use App\Pantry\Household;
use Vinculum\Measure\Kitchenware;
use Vinculum\Recipe\JottedText;

/** Jotted text as recipe lines. Nothing is stored. */
final class ReadingController
{
    /**
     * @return array<string, mixed>
     */
    public function __invoke(TextInput $input, Household $household): array
    {
        return ReadingDocument::of(...JottedText::read($input->text, $household->catalogue(), Kitchenware::with($input->measures, $household->vessels())));
    }
}
