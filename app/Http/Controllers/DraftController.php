<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\DraftRequest;
use App\Recipes\Drafter;
use Vinculum\Words\DraftView;

/** A first recipe of a kind. Nothing is stored. */
final readonly class DraftController
{
    public function __construct(private Drafter $drafter) {}

    /**
     * @return array<string, mixed>
     */
    public function __invoke(DraftRequest $request, DraftView $view): array
    {
        return $view->of($this->drafter->draft($request->style(), $request->with(), $request->freeOf(), $request->another()));
    }
}
