<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\OnHandRequest;
use App\Models\OnHand;
use App\Pantry\Household;
use App\Pantry\PantryQuery;
use App\Pantry\PantryShelf;
use App\Recipes\Swapper;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Vinculum\Pantry\Ingredient;
use Vinculum\Words\PantryView;

/** How strong everything is, and what of it there is. */
final readonly class PantryController
{
    public function __construct(private Household $household, private PantryShelf $shelf, private Swapper $swapper) {}

    /**
     * @return array<string, mixed>
     */
    public function index(Request $request, PantryView $view): array
    {
        $onHand = OnHand::slugs();
        $query = PantryQuery::from($request);
        $found = $query->find($this->household, $onHand);

        return $view->list(
            $found,
            $onHand,
            $query->isForAnything() ? $this->swapper->inSeason($this->household->shipped()) : null,
            $query->cut(count($found)),
        );
    }

    /**
     * @return array<string, mixed>
     */
    public function show(string $ingredient): array
    {
        return $this->shelf->page($this->ingredient($ingredient));
    }

    /**
     * @return array<string, mixed>
     */
    public function mark(string $ingredient, OnHandRequest $request): array
    {
        $found = $this->ingredient($ingredient);
        $mark = $request->mark();
        OnHand::query()->updateOrCreate(
            ['slug' => $found->slug],
            [
                'have' => $mark['have'],
                'price' => $mark['price'] ?? null,
                'pack' => $mark['pack'] ?? null,
                'amount' => $mark['amount'] ?? null,
            ],
        );

        return $this->shelf->page($found);
    }

    private function ingredient(string $slug): Ingredient
    {
        return $this->household->catalogue($slug)->find($slug) ?? throw new NotFoundHttpException;
    }
}
