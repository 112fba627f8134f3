<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\DraftRequest;
use App\Recipes\Drafter;
use Illuminate\Http\Request;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Words\BeginView;
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
        return $view->of(
            $this->drafter->draft(
                $request->style(),
                $request->with(),
                $request->freeOf(),
                $request->another(),
                $request->without(),
            ),
        );
    }

    /**
     * What there is to begin from, and of a kind that is chosen what it can be built on.
     *
     * @return array<string, mixed>
     */
    public function beginnings(Request $request, BeginView $view): array
    {
        $style = $request->query('style', '');
        if (! is_string($style)) {
            throw InvalidRecipe::at('style', 'is not accepted. Expected: the slug of a style.');
        }

        return $view->of($this->drafter->kinds(), $style === '' ? null : $this->drafter->beginning($style));
    }
}
