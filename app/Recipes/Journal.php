<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Http\RequestRefused;
use App\Models\Batch;
use App\Models\JarRecord;
use App\Models\StoredRecipe;
use App\Models\Tasting;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Log\Beside;
use Vinculum\Log\Ideal;
use Vinculum\Log\Jar;
use Vinculum\Log\MadeBatch;
use Vinculum\Log\NextTrial;
use Vinculum\Recipe\Formats\Json;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Safety\Facts;
use Vinculum\Safety\KeepingTime;
use Vinculum\Solve\Feel;
use Vinculum\Solve\Rescue\Remedy;
use Vinculum\Taste\Measure;
use Vinculum\Taste\Style;
use Vinculum\Words\LogView;

/**
 * The Log: what was made, in which jars it is, what was said of it, and what this household seems to like.
 *
 * @phpstan-import-type RecipeArray from RecipeDocument
 * @phpstan-import-type Frozen from MadeBatch
 */
final readonly class Journal
{
    public const PAGE = 30;

    /** Tastings that what somebody likes is worked out from: the latest of its kind. */
    private const TASTINGS = 60;

    private const USE_FIRST = 3;

    public function __construct(private Evaluator $evaluator, private Styles $styles, private Adjuster $adjuster) {}

    /** @throws RequestRefused where it cannot be read, with the reason */
    public function evaluated(Batch $batch): Evaluation
    {
        return $this->evaluator->whole($batch, function () use ($batch): Evaluation {
            // what was thought on its day has to be readable as well
            $batch->made()->thought('ph');

            return $this->evaluator->evaluate(RecipeDocument::read($batch->document));
        });
    }

    /** What a batch keeps for, its own meter heard. */
    public function keeps(Batch $batch, Evaluation $asMade): ?KeepingTime
    {
        $made = $batch->made();

        return KeepingTime::of(Facts::of($asMade, $made->measured('ph', decidingOnly: true), $made->measured('ph')));
    }

    /**
     * @param array{on?: string, who?: string, hot?: bool, with?: string, feels?: array<string, float|int>,
     * liking?: int|null, note?: string} $said
     */
    public function taste(Batch $batch, array $said): void
    {
        $batch->tastings()->create([
            'on' => isset($said['on']) ? Carbon::parse($said['on']) : Carbon::today(),
            'who' => trim($said['who'] ?? ''),
            'hot' => $said['hot'] ?? false,
            'with' => trim($said['with'] ?? ''),
            'feels' => $said['feels'] ?? [],
            'liking' => $said['liking'] ?? null,
            'note' => trim($said['note'] ?? ''),
        ]);
        $this->index($batch->refresh());
    }

    /** So many jars more, each with a letter of its own. */
    public function fill(Batch $batch, int $count, ?float $sizeMl, string $kind, string $place): void
    {
        DB::transaction(function () use ($batch, $count, $sizeMl, $kind, $place): void {
            $times = $this->keeps($batch, $this->evaluated($batch));
            $jar = (new Jar($batch->made_on->toDateString()))->movedTo($place, Carbon::today()->toDateString());
            $there = $batch->jars()->count();
            for ($i = 0; $i < $count; $i++) {
                $batch
                    ->jars()
                    ->make(['label' => self::letter($there + $i), 'size_ml' => $sizeMl, 'kind' => $kind])
                    ->keep($jar, $times);
            }
        });
        $this->index($batch->refresh());
    }

    /**
     * A jar was opened, moved, given away or emptied; null takes it back.
     *
     * @param array<string, string|null> $changes
     */
    public function change(JarRecord $jar, array $changes): void
    {
        DB::transaction(function () use ($jar, $changes): void {
            $place = $changes['place'] ?? $jar->place;
            $jar->fill(array_diff_key($changes, ['place' => true]));
            $jar->keep(
                $jar->jar()->movedTo($place, Carbon::today()->toDateString()),
                $this->keeps($jar->batch, $this->evaluated($jar->batch)),
            );
        });
        $this->index($jar->batch->refresh());
    }

    /** The keep-until of every jar anew: a reading may have moved what the sauce keeps for. */
    public function redate(Batch $batch): void
    {
        $times = $this->keeps($batch, $this->evaluated($batch));
        foreach ($batch->jars as $jar) {
            $jar->keep($jar->jar(), $times);
        }
        $this->index($batch);
    }

    /** All that a batch can be found by, written beside it. */
    public function index(Batch $batch): void
    {
        $words = [
            "no. {$batch->number}",
            $batch->document['name'],
            $batch->made_on->format('F Y'),
            $batch->made_on->toDateString(),
        ];
        foreach ($batch->document['stages'] as $stage) {
            foreach ($stage['lines'] ?? [] as $line) {
                $words[] = str_replace('-', ' ', $line['ingredient']);
            }
        }
        foreach ($batch->tastings as $tasting) {
            $words[] = "{$tasting->who} {$tasting->with} {$tasting->note}";
            $words[] = ($tasting->liking ?? 0) >= 7 ? 'liked' : '';
            foreach ($tasting->feels as $feel => $steps) {
                $words[] = $steps === 0 ? '' : ($steps > 0 ? "too {$feel}" : "not {$feel} enough");
            }
        }
        foreach ($batch->jars as $jar) {
            $words[]
                = "{$batch->number}{$jar->label} {$jar->place} {$jar->given_to}"
                .($jar->gone_on === null ? '' : ' gone');
        }
        foreach ($batch->notes as $note) {
            $words[] = $note->text;
        }
        $batch
            ->newQuery()
            ->whereKey($batch->id)
            ->toBase()
            ->update(['words' => mb_strtolower(implode(' ', array_filter($words)))]);
    }

    /** The same sauce as it was made, a recipe of its own that knows where it came from. */
    public function again(Batch $batch): StoredRecipe
    {
        return DB::transaction(static function () use ($batch): StoredRecipe {
            $name = mb_substr("{$batch->document['name']}, as no. {$batch->number}", 0, 120);

            return StoredRecipe::keep(['name' => $name] + $batch->document, $batch->recipe_id);
        });
    }

    public function beside(Batch $one, Batch $other): Beside
    {
        return Beside::of($this->evaluated($one), $this->evaluated($other));
    }

    /**
     * A batch as a file has it, with the recipe of that name or, where there is none, a recipe of its own; whole, or
     * not at all.
     *
     * @param array<array-key, mixed> $document that its schema accepts
     */
    public function bringIn(array $document): Batch
    {
        /**
         * @var array{recipe: RecipeArray, planned?: RecipeArray|null, frozen: Frozen, made_on: string,
         * number?: int|null, readings?: list<array{what: string, value: float|int, instrument?: string, hot?: bool,
         * stands?: bool, note?: string}>, tastings?: list<array{at: string, who?: string, hot?: bool, with?: string,
         * feels?: array<string, float|int>, liking?: int|null, note?: string,
         * pair?: array{taste: string, steps: float|int, moved: bool|null}|null}>, jars?: list<array<string, mixed>>,
         * notes?: list<string>,
         * served?: array{people?: int|null, left_over_ml?: float|int|null, cost?: float|int|null}} $document
         */
        try {
            $made = RecipeDocument::read($document['recipe']);
            isset($document['planned']) && RecipeDocument::read($document['planned']);
        } catch (InvalidRecipe $why) {
            throw InvalidRecipe::at('recipe', 'cannot be read: '.$why->getMessage());
        }
        if ($this->evaluator->evaluate($made)->cooked->mixture->mass() <= 0.0) {
            throw InvalidRecipe::at('recipe', 'There is nothing in that pot.');
        }

        return DB::transaction(function () use ($document): Batch {
            $recipe
                = StoredRecipe::query()->where('name', $document['recipe']['name'])->orderBy('created_at')->first()
                ?? StoredRecipe::keep($document['planned'] ?? $document['recipe']);
            $batch = $recipe
                ->batches()
                ->make([
                    'made_on' => Carbon::parse($document['made_on']),
                    'document' => $document['recipe'],
                    'frozen' => $document['frozen'],
                    'planned' => $document['planned'] ?? null,
                ]);
            $number = $document['number'] ?? null;
            $served = $document['served'] ?? [];
            $batch->fill([
                'served_people' => $served['people'] ?? null,
                'left_over_ml' => $served['left_over_ml'] ?? null,
                'cost' => $served['cost'] ?? null,
            ]);
            $batch->number
                = $number === null || Batch::withTrashed()->where('number', $number)->exists() ? null : $number;
            $batch->save();
            foreach ($document['readings'] ?? [] as $reading) {
                $batch
                    ->readings()
                    ->create([
                        'kind' => $reading['what'],
                        'value' => $reading['value'],
                        'hot' => $reading['hot'] ?? false,
                        'rested' => true,
                        'instrument' => $reading['instrument'] ?? 'calibrated',
                        'note' => $reading['note'] ?? '',
                        'set_aside_at' => $reading['stands'] ?? true ? null : Carbon::now(),
                    ]);
            }
            foreach ($document['tastings'] ?? [] as $tasting) {
                $batch
                    ->tastings()
                    ->create([
                        'on' => Carbon::parse($tasting['at']),
                        'who' => $tasting['who'] ?? '',
                        'hot' => $tasting['hot'] ?? false,
                        'with' => $tasting['with'] ?? '',
                        'feels' => $tasting['feels'] ?? [],
                        'liking' => $tasting['liking'] ?? null,
                        'note' => $tasting['note'] ?? '',
                        'pair' => $tasting['pair'] ?? null,
                    ]);
            }
            foreach ($document['jars'] ?? [] as $jar) {
                $batch->jars()->create($jar + ['kind' => 'jar', 'place' => 'fridge', 'given_to' => '']);
            }
            foreach ($document['notes'] ?? [] as $note) {
                $batch->notes()->create(['text' => $note]);
            }
            $batch = $batch->refresh();
            $this->index($batch);

            return $batch;
        });
    }

    /**
     * What each taster seems to like in this batch's style: nobody named is whoever keeps the Log.
     *
     * @return array<string, Ideal> by taster
     */
    public function likes(?string $style): array
    {
        $of = $this->styles->of($style);
        if ($of === null || $style === null) {
            return [];
        }
        $said = [];
        $tastings = Tasting::query()
            ->select('tastings.*')
            ->join('batches', 'batches.id', '=', 'tastings.batch_id')
            ->whereRaw("json_extract(batches.document, '$.style') = ?", [$style])
            ->orderByDesc('tastings.id')
            ->limit(self::TASTINGS)
            ->get();
        $batches = Batch::query()
            ->whereKey($tastings->pluck('batch_id')->unique()->all())
            ->get()
            ->keyBy('id');
        foreach ($tastings as $tasting) {
            $batch = $batches[$tasting->batch_id] ?? null;
            if ($batch === null) {
                continue;
            }
            $at = self::stands($batch, $of);
            $note = $tasting->said();
            $feels = array_map(floatval(...), array_intersect_key($note->feels, $at));
            $said[$note->who][] = [
                'at' => $at,
                'feels' => $feels,
                'liking' => $note->liking,
                'pair' => $tasting->pair(),
            ];
        }

        ksort($said);

        return array_map(static fn (array $of): Ideal => Ideal::of(self::tastes(), $of), $said);
    }

    /**
     * What is known of how this household likes a kind: of the one who said most of it.
     *
     * @return array<string, float> steps from the aim, by Measure value; only what lies beyond its interval
     */
    public function known(?string $style): array
    {
        $ideal = $this->mostHeard($style);
        $known = [];
        foreach (Measure::cases() as $measure) {
            $taste = Feel::ofMeasure($measure)->value;
            if ($ideal->isKnown($taste)) {
                $known[$measure->value] = $ideal->point($taste)->value;
            }
        }

        return $known;
    }

    /**
     * What is known of how the one who said most likes this kind, and where a batch stands: only the tastes its kind
     * clearly has.
     *
     * @return array{Ideal, array<string, float>}
     */
    public function standing(Batch $batch): array
    {
        $slug = is_string($batch->document['style'] ?? null) ? $batch->document['style'] : null;
        $style = $this->styles->of($slug);

        return [
            $this->mostHeard($slug),
            $style === null ? [] : NextTrial::mattering(self::stands($batch, $style), $style),
        ];
    }

    /** Of the one who said most of this kind; of nobody yet where nobody said anything. */
    private function mostHeard(?string $style): Ideal
    {
        $likes = $this->likes($style);
        uasort($likes, static fn (Ideal $one, Ideal $other): int => $other->tastings <=> $one->tastings);

        return array_values($likes)[0] ?? Ideal::of(self::tastes(), []);
    }

    /** @return list<string> */
    private static function tastes(): array
    {
        return array_map(static fn (Measure $measure): string => Feel::ofMeasure($measure)->value, Measure::cases());
    }

    /** @return array<string, float> steps from the style's aim, by taste it asks for */
    private static function stands(Batch $batch, Style $of): array
    {
        $at = [];
        foreach ($batch->made()->tastes() as $measure => $value) {
            $aim = $of->band(Measure::from($measure))?->aim;
            if ($aim !== null) {
                $at[Feel::ofMeasure(Measure::from($measure))->value] = Measure::from($measure)->steps($aim, $value);
            }
        }

        return $at;
    }

    /**
     * The two cups worth tasting next.
     *
     * @return array{taste: string, steps: float, remedy: Remedy}
     */
    public function nextTrial(Batch $batch): array
    {
        $slug = is_string($batch->document['style'] ?? null) ? $batch->document['style'] : null;
        $style = $this->styles->of($slug);
        if ($style === null) {
            throw new RequestRefused(
                409,
                'no-style',
                'Its recipe is of no kind yet, so there is nothing to hold it against. Choose one on the Bench, '
                    .'and make it again.',
            );
        }
        $recipe = RecipeDocument::read($batch->document);
        $worth = NextTrial::worth(...$this->standing($batch));
        foreach ($worth as ['taste' => $taste, 'steps' => $steps]) {
            // a sauce that should be moved up is one that has so much too little of it
            $remedy = NextTrial::cup(
                $this->adjuster->rescue($recipe, [$taste => -$steps], [], null, ['in_pot' => NextTrial::CUP_G.' g']),
            );
            if ($remedy !== null) {
                return ['taste' => $taste, 'steps' => $steps, 'remedy' => $remedy];
            }
        }
        throw new RequestRefused(
            409,
            'no-trial',
            'Nothing that is at hand moves one taste of a cup of this and leaves the others alone.',
        );
    }

    /**
     * What each said of two cups, one after the other.
     *
     * @param list<array{who: string, moved: bool|null}> $answers
     */
    public function blind(Batch $batch, string $taste, float $steps, array $answers): void
    {
        DB::transaction(static function () use ($batch, $taste, $steps, $answers): void {
            foreach ($answers as $answer) {
                $batch->tastings()->create([
                    'on' => Carbon::today(),
                    'who' => trim($answer['who']),
                    'hot' => false,
                    'with' => '',
                    'feels' => [],
                    'liking' => null,
                    'note' => LogView::blindNote($taste, $steps, $answer['moved']),
                    'pair' => ['taste' => $taste, 'steps' => $steps, 'moved' => $answer['moved']],
                ]);
            }
        });
        $this->index($batch->refresh());
    }

    /**
     * A few whose day is past, then a few whose day comes next: the first never crowd out the second.
     *
     * @return list<JarRecord>
     */
    public function useFirst(string $today): array
    {
        $past = JarRecord::query()->where('keep_until', '<', $today)->toUseFirst(self::USE_FIRST)->get();
        $waiting = JarRecord::query()->where('keep_until', '>=', $today)->toUseFirst(self::USE_FIRST)->get();

        return [...$past->all(), ...$waiting->all()];
    }

    /**
     * A batch as the open format has it (docs/format.md).
     *
     * @return array<string, mixed>
     */
    public function document(Batch $batch): array
    {
        return [
            'format' => 'vinculum-batch',
            'version' => 1,
            'number' => $batch->number,
            'recipe' => $batch->document,
            'frozen' => $batch->frozen,
            'made_on' => $batch->made_on->toDateString(),
            'planned'
                => $batch->planned === null
                    ? null
                    : Json::arrays(Json::decode((string) $batch->getRawOriginal('planned'))),
            'readings' => $batch->readings
                ->map(
                    static fn ($reading): array => [
                        'what' => $reading->kind,
                        'value' => $reading->value,
                        'instrument' => $reading->instrument,
                        'hot' => $reading->hot,
                        'stands' => $reading->stands(),
                        'note' => $reading->note,
                    ],
                )
                ->all(),
            'tastings' => $batch->tastings
                ->map(
                    static fn (Tasting $tasting): array => [
                        'at' => $tasting->on->toDateString(),
                        'who' => $tasting->who,
                        'hot' => $tasting->hot,
                        'with' => $tasting->with,
                        'feels' => (object) $tasting->feels,
                        'liking' => $tasting->liking,
                        'note' => $tasting->note,
                        'pair' => $tasting->pair,
                    ],
                )
                ->all(),
            'jars' => $batch->jars
                ->map(
                    static fn (JarRecord $jar): array => [
                        'label' => $jar->label,
                        'size_ml' => $jar->size_ml,
                        'kind' => $jar->kind,
                        'place' => $jar->place,
                        'opened_on' => $jar->opened_on?->toDateString(),
                        'frozen_on' => $jar->frozen_on?->toDateString(),
                        'thawed_on' => $jar->thawed_on?->toDateString(),
                        'gone_on' => $jar->gone_on?->toDateString(),
                        'given_to' => $jar->given_to,
                        'keep_until' => $jar->keep_until?->toDateString(),
                    ],
                )
                ->all(),
            'notes' => $batch->notes->map(static fn ($note): string => $note->text)->all(),
            'served' => [
                'people' => $batch->served_people,
                'left_over_ml' => $batch->left_over_ml,
                'cost' => $batch->cost,
            ],
        ];
    }

    /** A, B, … Z, AA */
    private static function letter(int $place): string
    {
        return ($place >= 26 ? self::letter(intdiv($place, 26) - 1) : '').chr(65 + ($place % 26));
    }
}
