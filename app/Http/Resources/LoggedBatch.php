<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Batch;
use App\Models\BatchPicture;
use App\Models\BatchReading;
use App\Models\JarRecord;
use App\Models\Tasting;
use App\Recipes\Journal;
use App\Recipes\Makings;
use App\Recipes\TrialBooks;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Vinculum\Batch\Making;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Log\Ideal;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\WeighedLine;
use Vinculum\Safety\Allergens;
use Vinculum\Safety\LabelList;
use Vinculum\Words\BatchView;
use Vinculum\Words\LogView;
use Vinculum\Words\MakingView;
use Vinculum\Words\Speech;

/**
 * A batch with all that happened to it (logged-batch.schema.json).
 *
 * @mixin Batch
 */
final class LoggedBatch extends Resource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $journal = app(Journal::class);
        $view = app(BatchView::class);
        $log = app(LogView::class);
        $today = Carbon::today()->toDateString();
        $asMade = $journal->evaluated($this->resource);
        $reads = app(TrialBooks::class)->reader($asMade);
        $made = $this->made();
        $safety = $view->safety($made, $asMade);
        $making = $this->making === null
            ? new Making(headspacePercent: Making::HEADSPACE)
            : Makings::fromKept($this->making);
        $density = $made->mixture()->mass() / max(1e-9, $made->mixture()->volume());
        $likes = $journal->likes(is_string($this->document['style'] ?? null) ? $this->document['style'] : null);
        $contains = Allergens::of($asMade->cooked->weighed);
        $containsText
            = $contains['contains'] === []
                ? ''
                : 'Contains '
                    .implode(
                        ', ',
                        array_map(
                            static fn (string $allergen): string => $asMade->cooked->weighed->vocabulary->allergenName(
                                $allergen,
                            ),
                            array_keys($contains['contains']),
                        ),
                    )
                    .'.';

        return [
            'id' => $this->id,
            'recipe' => $this->recipe_id,
            'number' => $this->number ?? 0,
            'name' => $this->document['name'],
            'made_on' => $this->made_on->toDateString(),
            'made_text' => $log->day($this->made_on->toDateString(), $today),
            'makes_text' => app(Speech::class)->volume($asMade->estimates->volume()->value),
            'served' => app(LogView::class)->served(
                (float) $asMade->estimates->volume()->value,
                $this->served_people,
                $this->left_over_ml,
                $this->cost,
                $this->jars->filter(static fn (JarRecord $jar): bool => $jar->size_ml !== null)->count(),
            ),
            'liking_text' => $this->liking() === null ? '' : app(Speech::class)->number($this->liking()),
            'making' => app(MakingView::class)->made($asMade, $making),
            'jars' => $this->jars
                ->map(
                    static fn (JarRecord $jar): array => [
                        'id' => $jar->id,
                        'label' => $jar->label,
                        'kind' => $jar->kind,
                        'place' => $jar->place,
                        'size_text' => $jar->size_ml === null ? '' : app(Speech::class)->volume($jar->size_ml),
                        'grams_text' => $jar->size_ml === null
                            ? ''
                            : app(Speech::class)->grams($making->filled($jar->size_ml) * $density),
                        'state' => $jar->gone_on !== null ? 'gone' : ($jar->opened_on !== null ? 'open' : 'full'),
                        'given_to' => $jar->given_to,
                        'keeps_text' => $log->keeps($jar->place, $jar->keep_until?->toDateString(), $today),
                        'label_text' => $log->onTheLabel($jar->place, $jar->keep_until?->toDateString(), $today),
                        'is_past' => $jar->isPast($today),
                    ],
                )
                ->values()
                ->all(),
            'went_in' => $this->wentIn($asMade),
            'figures' => $view->figures($made),
            'readings' => $this->readings
                ->map(
                    fn (BatchReading $reading): array => [
                        'id' => $reading->id,
                        'stands' => $reading->stands(),
                        'note' => $reading->note,
                    ] + $view->reading($reading->reading(), $made, $reading->stands()),
                )
                ->values()
                ->all(),
            'tastings' => $this->tastings
                ->map(
                    static fn (Tasting $tasting): array => [
                        'id' => $tasting->id,
                        'when_text' => implode(
                            ', ',
                            array_filter([
                                $log->short($tasting->on->toDateString(), $today),
                                $tasting->hot ? 'hot' : '',
                                $tasting->with === '' ? '' : "with {$tasting->with}",
                            ]),
                        ),
                        'who' => $tasting->who === '' ? 'me' : $tasting->who,
                        'said' => $log->said($tasting->said()->feels),
                        'liking' => $tasting->liking,
                        'note' => $tasting->note,
                        'heard_text' => $tasting->heard === null
                            ? $log->inAWord($tasting->said($reads($tasting->note))->onlyHeard())
                            : '',
                    ],
                )
                ->values()
                ->all(),
            'pictures' => $this->pictures()
                ->get(['id', 'width', 'height'])
                ->map(
                    static fn (BatchPicture $picture): array => [
                        'id' => $picture->id,
                        'width' => $picture->width,
                        'height' => $picture->height,
                    ],
                )
                ->values()
                ->all(),
            'notes' => $this->notes
                ->map(
                    static fn ($note): array => [
                        'id' => $note->id,
                        'text' => $note->text,
                        'on_text' => $log->short($note->created_at->toDateString(), $today),
                    ],
                )
                ->values()
                ->all(),
            'stirred_in' => $made->frozen['stirred_in'] ?? [],
            'in_it' => LabelList::of($asMade->cooked->weighed),
            'contains_text' => $containsText,
            'label_notes' => array_values(
                array_filter([
                    $containsText,
                    in_array('ph-is-an-estimate', array_column($safety['cautions'], 'code'), true)
                        ? 'pH is an estimate.'
                        : '',
                ]),
            ),
            'cautions' => $safety['cautions'],
            'times' => $safety['times'],
            'likes' => array_map(
                static fn (string $who, Ideal $ideal): array => $log->likes($who === '' ? 'you' : $who, $ideal),
                array_keys($likes),
                array_values($likes),
            ),
        ];
    }

    /** @return list<array{name: string, planned: string, actual: string}> only what went in otherwise than planned */
    private function wentIn(Evaluation $asMade): array
    {
        if ($this->planned === null) {
            return [];
        }
        $planned = RecipeDocument::read($this->planned);
        $was = [];
        foreach ($planned->lines() as $line) {
            $was[$line->id] = $line;
        }
        $otherwise = [];
        foreach ($asMade->cooked->weighed->lines as $weighed) {
            $before = $was[$weighed->line->id] ?? null;
            $isOther
                = $before === null
                || $before->amount !== $weighed->line->amount
                || $before->ingredient !== $weighed->line->ingredient
                || $weighed->line->leftOut;
            if ($isOther) {
                $otherwise[] = [
                    'name' => self::named($weighed),
                    'planned' => $before === null ? '–' : $before->amount ?? 'tied',
                    'actual' => $weighed->line->leftOut
                        ? 'left out'
                        : $weighed->line->amount ?? app(Speech::class)->grams($weighed->grams),
                ];
            }
        }

        return $otherwise;
    }

    private static function named(WeighedLine $line): string
    {
        return $line->ingredient?->shortName() ?? $line->line->ingredient;
    }
}
