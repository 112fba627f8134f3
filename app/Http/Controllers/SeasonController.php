<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeasonRequest;
use App\Models\SeasonRecord;
use App\Recipes\Swapper;
use Illuminate\Support\Carbon;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Vinculum\Pantry\Catalogue;
use Vinculum\Recipe\InvalidRecipe;

/** What is in season when: the table that ships, as this household changed it. */
final readonly class SeasonController
{
    public function __construct(private Swapper $swapper, private Catalogue $catalogue) {}

    /**
     * @return array<string, mixed>
     */
    public function index(): array
    {
        $seasons = $this->swapper->seasons();
        $list = [];
        foreach ($this->catalogue->slugs() as $slug) {
            $months = $seasons->monthsOf($slug);
            if ($months !== null) {
                $list[] = [
                    'slug' => $slug,
                    'name' => $this->catalogue->find($slug)->name ?? $slug,
                    'first' => $months[0],
                    'last' => $months[1],
                    'now' => $seasons->isIn($slug, Carbon::now()->month),
                ];
            }
        }

        return ['seasons' => $list];
    }

    /**
     * @return array<string, mixed>
     */
    public function set(string $ingredient, SeasonRequest $request): array
    {
        $found = $this->catalogue->find($ingredient) ?? throw new NotFoundHttpException;
        $season = $request->season();
        if (($season['first'] === null) !== ($season['last'] === null)) {
            throw InvalidRecipe::at('last', 'A season has a first and a last month, or neither.');
        }
        SeasonRecord::query()->updateOrCreate(['slug' => $found->slug], $season);

        return $this->index();
    }
}
