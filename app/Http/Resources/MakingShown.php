<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Http\RequestRefused;
use App\Http\Requests\AskedMaking;
use App\Models\MakingRecord;
use App\Recipes\Makings;
use Vinculum\Batch\UnreachableTarget;
use Vinculum\Recipe\InvalidRecipe;

/** A making as it is shown (making.schema.json). */
final readonly class MakingShown
{
    public function __construct(private Makings $makings) {}

    /** @return array<string, mixed> */
    public function of(MakingRecord $record): array
    {
        $look = null;
        $problem = '';
        try {
            $asked = AskedMaking::of(['making' => $record->id]);
            $look = $this->makings->shown($this->makings->scaled($asked), $asked->making);
        } catch (UnreachableTarget|InvalidRecipe|RequestRefused $why) {
            // it is kept all the same, and says what is the matter with it
            $problem = $why->getMessage();
        }

        return [
            'id' => $record->id,
            'recipe' => $record->recipe_id,
            'name' => $record->recipe->name ?? '',
            'version' => $record->version,
            'to' => $record->to,
            'headspace_percent' => $record->headspace_percent,
            'portions' => $record->portions,
            'ready' => $record->ready,
            'ends' => $record->ends,
            'cook' => $record->cooks()->whereNull('finished_at')->value('id'),
            'problem' => $problem,
            'look' => $look,
        ];
    }
}
