<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\CookRecord;
use App\Recipes\Makings;
use App\Recipes\Stove;
use Vinculum\Words\CookView;
use Vinculum\Words\MakingView;

/** A cook as it is shown: as it stands now. */
final readonly class CookShown
{
    public function __construct(private Stove $stove, private CookView $view, private MakingView $making) {}

    /**
     * @return array<string, mixed>
     */
    public function of(CookRecord $record): array
    {
        $cook = $this->stove->cook($record);

        return [
            'id' => $record->id,
            'recipe' => $record->recipe_id,
            'name' => $record->document['name'],
            'is_practice' => $record->seed !== null,
            'is_finished' => $record->finished_at !== null,
            'batch' => $record->batch_id,
            'speed' => $record->speed,
            'revision' => $record->events->last()->id ?? 0,
            'now' => round(Stove::now(), 2),
            'making' => $this->making->of(
                $cook->planned,
                Makings::fromKept($record->making),
                (float) ($record->making['factor'] ?? 1.0),
                Makings::clock(),
                $cook->finish,
                $cook->steps,
            ),
        ] + $this->view->of($cook, Stove::now());
    }
}
