<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\PantryDocument;
use App\Documents\Schemas;
use App\Models\OnHand;
use App\Models\StoredRecipe;
use App\Pantry\Household;
use App\Pantry\PantryQuery;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\Ingredient;

/** How strong everything is, and what of it there is. */
final readonly class PantryController
{
    public function __construct(private Catalogue $catalogue, private Household $household) {}

    /**
     * @return array<string, mixed>
     */
    public function index(Request $request): array
    {
        $onHand = OnHand::slugs();

        return PantryDocument::list(PantryQuery::from($request)->find($this->catalogue, $onHand), $onHand);
    }

    /**
     * @return array<string, mixed>
     */
    public function show(string $ingredient): array
    {
        $found = $this->ingredient($ingredient);

        return PantryDocument::page($found, StoredRecipe::onTheShelf(''), OnHand::query()->find($found->slug), $this->household->definition($found->slug));
    }

    /**
     * @return array<string, mixed>
     */
    public function mark(string $ingredient, Request $request, Schemas $schemas): array
    {
        $found = $this->ingredient($ingredient);
        /** @var array{have: bool, price?: float|int|null, pack?: string|null, amount?: string|null} $mark */
        $mark = $schemas->check('on-hand-input', (string) $request->getContent());
        OnHand::query()->updateOrCreate(['slug' => $found->slug], ['have' => $mark['have'], 'price' => $mark['price'] ?? null, 'pack' => $mark['pack'] ?? null, 'amount' => $mark['amount'] ?? null]);

        return $this->show($ingredient);
    }

    private function ingredient(string $slug): Ingredient
    {
        return $this->catalogue->find($slug) ?? throw new NotFoundHttpException;
    }
}
