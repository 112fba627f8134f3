<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\FeelsRequest;
use App\Models\CookRecord;
use App\Recipes\Stove;
use Vinculum\Words\CookTasteView;
use Vinculum\Words\Speech;

/** The spoon in a pot: what mends it, and what a practice pot tastes of. */
final readonly class CookTasteController
{
    public function __construct(private Stove $stove) {}

    /**
     * @return array<string, mixed>
     */
    public function store(CookRecord $cook, FeelsRequest $request, CookTasteView $view): array
    {
        $this->stove->happened($cook, 'felt', ['feels' => $request->feels()], null);

        return $view->of($this->stove->taste($this->stove->cook($cook), $request->feels()));
    }

    /**
     * @return array<string, mixed>
     */
    public function show(CookRecord $cook, Speech $speech): array
    {
        $said = $this->stove->tongue($cook);

        return ['words' => $speech->say($said['words']), 'feels' => (object) $said['feels']];
    }
}
