<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\NoteDocument;
use App\Http\Requests\TextInput;
use App\Pantry\Household;
use Vinculum\Amount\Kitchenware;
use Vinculum\Recipe\Jotted\JottedText;

/** Jotted text as recipe lines. Nothing is stored. */
final class NoteController
{
    /**
     * @return array<string, mixed>
     */
    public function __invoke(TextInput $input, Household $household): array
    {
        return NoteDocument::of(...JottedText::read($input->text, $household->catalogue(), Kitchenware::with($input->measures, $household->vessels())));
    }
}
