<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\NoteRequest;
use App\Pantry\Household;
use Vinculum\Amount\Kitchenware;
use Vinculum\Recipe\Jotted\JottedText;
use Vinculum\Words\NoteView;

/** Jotted text as recipe lines. Nothing is stored. */
final class NoteController
{
    /**
     * @return array<string, mixed>
     */
    public function __invoke(NoteRequest $request, Household $household, NoteView $view): array
    {
        $catalogue = $household->catalogue($request->note());
        [$recipe, $questions, $spans, $tongue] = JottedText::readWithSpans(
            $request->note(),
            $catalogue,
            Kitchenware::with($request->measures(), $household->vessels()),
        );

        return $view->of($recipe, $questions, $catalogue, $spans, $tongue);
    }
}
