<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Http\RequestRefused;
use App\Http\Requests\AskedMaking;
use App\Models\Batch;
use App\Models\CookRecord;
use App\Models\HobRecord;
use App\Pantry\Household;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Vinculum\Batch\UnreachableTarget;
use Vinculum\Cooking\Hob;
use Vinculum\Figure\Sentence;
use Vinculum\Log\MadeBatch;
use Vinculum\Plan\Pace;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Solve\Rescue\Rescued;
use Vinculum\Stove\Cook;
use Vinculum\Stove\Event;
use Vinculum\Stove\EventReader;
use Vinculum\Stove\Instruments\Instrument;
use Vinculum\Stove\Instruments\PhMeter;
use Vinculum\Stove\Instruments\Refractometer;
use Vinculum\Stove\Instruments\Scale;
use Vinculum\Stove\Instruments\Thermometer;
use Vinculum\Stove\Instruments\TruePot;
use Vinculum\Stove\Tongue;
use Vinculum\Words\Speech;

/** What is on the stove, as this household cooks it: fetches, asks core, and writes down what happened. */
final readonly class Stove
{
    /** Pots at once: more than anybody has rings for. */
    public const MOST = 6;

    /** Minutes of a practice pot in one of the clock. */
    public const FAST = 60.0;

    /** Things that happen in one cook: a pot stirred and weighed for a day. */
    private const MOST_EVENTS = 2000;

    public function __construct(
        private Household $household,
        private Makings $makings,
        private Styles $styles,
        private Adjuster $adjuster,
        private Speech $speech,
        private Journal $journal,
    ) {}

    /** Seconds since 1970. */
    public static function now(): float
    {
        return (float) Carbon::now()->format('U.u');
    }

    public function begin(AskedMaking $asked, bool $isPractice): CookRecord
    {
        $recipe = $asked->stored;
        try {
            $scaled = $this->makings->scaled($asked);
        } catch (UnreachableTarget $why) {
            throw InvalidRecipe::at('to', $why->getMessage());
        }
        if ($scaled->from->cooked->mixture->mass() <= 0.0) {
            throw InvalidRecipe::at('recipe', 'There is nothing to cook in it yet. Give at least one line an amount.');
        }
        $document = RecipeDocument::write($asked->making->isAsWritten() ? $asked->recipe() : $scaled->recipe);
        $making = Makings::kept($asked->making) + ['factor' => $scaled->factor];

        return DB::transaction(static function () use ($asked, $recipe, $document, $making, $isPractice): CookRecord {
            if (CookRecord::query()->whereNull('finished_at')->count() >= self::MOST) {
                throw new RequestRefused(
                    409,
                    'stove-full',
                    'There are '.self::MOST.' pots on the stove already. Finish one first.',
                );
            }

            return CookRecord::query()->create([
                'recipe_id' => $recipe->id,
                'document' => $document,
                'began_at' => self::now(),
                'speed' => $isPractice ? self::FAST : 1.0,
                'seed' => $isPractice ? random_int(1, 1_000_000) : null,
                'making_id' => $asked->record?->id,
                'making' => $making,
            ]);
        });
    }

    /**
     * A cook as it stands.
     *
     * @param Event|null $would something that has not happened yet
     */
    public function cook(CookRecord $record, ?float $now = null, ?Event $would = null): Cook
    {
        $recipe = RecipeDocument::read($record->document)->measuredWith(
            $this->household->vessels(),
            $this->household->preferences()->scaleStep,
        );

        return Cook::of(
            $recipe,
            [...$this->events($record), ...$would === null ? [] : [$would]],
            $record->began_at,
            $record->speed,
            $now ?? $this->until($record),
            $this->household->catalogueFor($recipe),
            $this->styles->of($recipe->style),
            Makings::clock(),
            Makings::fromKept($record->making),
        );
    }

    /** The same as it really is; null where the pot is a real one. */
    public function really(CookRecord $record): ?Cook
    {
        $truth = $record->truth();
        if ($truth === null) {
            return null;
        }
        $recipe = RecipeDocument::read($record->document);

        return Cook::of(
            $recipe,
            $this->events($record),
            $record->began_at,
            $record->speed,
            $this->until($record),
            $this->household->catalogueFor($recipe),
            $this->styles->of($recipe->style),
            null,
            Makings::fromKept($record->making),
            $truth,
        );
    }

    /**
     * Something happened. What cannot be read is refused with the field named, and nothing is written.
     *
     * @param value-of<Event::KINDS> $kind
     * @param array<string, mixed> $data
     */
    public function happened(CookRecord $record, string $kind, array $data, ?string $key, ?float $at = null): void
    {
        if ($record->finished_at !== null) {
            throw new RequestRefused(409, 'finished', 'This cook is over; nothing more can happen to it.');
        }
        if ($key !== null && $record->events()->where('key', $key)->exists()) {
            return;
        }
        $data = EventReader::read($this->cook($record), $kind, $data);
        if ($record->events()->count() >= self::MOST_EVENTS) {
            throw new RequestRefused(
                409,
                'too-much',
                'So much has happened to this pot that nothing more is written down. Finish it.',
            );
        }
        if (in_array($kind, ['went_in', 'added'], true)) {
            $this->refuseWhatCannotBeWeighed($record, $kind, $data);
        }
        $record
            ->events()
            ->createOrFirst(
                $key === null ? ['at' => $at ?? self::now(), 'kind' => $kind, 'data' => $data] : ['key' => $key],
                ['at' => $at ?? self::now(), 'kind' => $kind, 'data' => $data],
            );
        $record->unsetRelation('events');
    }

    /** What an instrument of ours shows of a simulated pot. */
    public function measure(CookRecord $record, string $what): void
    {
        $really = $this->really($record);
        $truth = $record->truth();
        if ($really === null || $truth === null) {
            throw new RequestRefused(
                409,
                'no-instrument',
                'No instrument is connected to this pot. Type what yours shows; a logger can deliver it at /api/cooks/'
                    .$record->id
                    .'/readings.',
            );
        }
        if ($really->now === null) {
            throw new RequestRefused(409, 'empty-pot', 'There is nothing in the pot yet.');
        }
        $instrument = self::instruments()[$what];
        $nth = count(
            array_filter($really->progress->readings, static fn (Event $event): bool => $event->text('what') === $what),
        );
        $value = $instrument->read(TruePot::of($really, $truth), $nth);
        if ($value === null) {
            throw new RequestRefused(409, 'nothing-to-read', 'There is too little water in it to read that.');
        }
        $this->happened(
            $record,
            'reading',
            ['what' => $what, 'value' => $value, 'simulated' => true] + ($what === 'mass' ? ['with_pan' => true] : []),
            null,
        );
    }

    /**
     * What mends the pot as it is now, with what will still happen to it.
     *
     * @param array<string, float> $feels steps by Feel value, positive is too much
     */
    public function taste(Cook $cook, array $feels): Rescued
    {
        if ($cook->now === null) {
            throw InvalidRecipe::at('feels', 'There is nothing in the pot yet that could be tasted.');
        }

        return $this->adjuster->rescue(
            $cook->stillToCome === null ? $cook->now->recipe : $cook->fromHere,
            $feels,
            [],
            null,
            ['hot' => $cook->isHot()] + ($cook->stillToCome === null ? [] : ['before_stage' => $cook->stillToCome]),
        );
    }

    /** @return array{words: Sentence, feels: array<string, float>} */
    public function tongue(CookRecord $record): array
    {
        $really
            = $this->really($record)
            ?? throw new RequestRefused(409, 'real-pot', 'This pot is a real one: only you can taste it.');
        if ($really->now === null) {
            throw new RequestRefused(409, 'empty-pot', 'There is nothing in the pot yet.');
        }

        return Tongue::says(
            $really->stillToCome === null && $really->step()->stage === null ? $really->now : $really->done,
        );
    }

    /**
     * Off the stove and into the Log: the batch as it was really made. A practice pot leaves none. Asked twice, it is
     * one batch.
     */
    public function finish(CookRecord $record): ?Batch
    {
        return DB::transaction(function () use ($record): ?Batch {
            $record->refresh();
            if ($record->finished_at !== null) {
                return $record->batch_id === null ? null : Batch::query()->findOrFail($record->batch_id);
            }
            $cook = $this->cook($record);
            if ($cook->now === null) {
                throw new RequestRefused(
                    409,
                    'empty-pot',
                    'There is nothing in the pot, so there is nothing to keep. Take it off the stove instead.',
                );
            }
            $record->finished_at = self::now();
            if ($record->seed === null) {
                $this->learn($cook);
                $record->paces = Pace::ofCook($cook);
                $recipe = $record->recipe()->firstOrFail();
                $batch = $recipe->batches()->create($this->made($cook, $record));
                $recipe->keepVersion("no. {$batch->number}");
                $record->batch_id = $batch->id;
                $this->tellTheLog($batch, $cook);
            }
            $record->save();

            return $batch ?? null;
        });
    }

    /** What was said with the spoon in the pot, and what was noted down. */
    private function tellTheLog(Batch $batch, Cook $cook): void
    {
        foreach ($cook->progress->events as $event) {
            $feels
                = $event->kind === 'felt' && is_array($event->data['feels'] ?? null)
                    ? array_filter($event->data['feels'])
                    : [];
            if ($feels !== []) {
                $batch
                    ->tastings()
                    ->create([
                        'on' => Carbon::today(),
                        'hot' => true,
                        'with' => 'the spoon, in the pot',
                        'feels' => $feels,
                    ]);
            }
            if ($event->kind === 'note' && $event->text('text') !== '') {
                $batch->notes()->create(['text' => $event->text('text')]);
            }
        }
        $this->journal->index($batch->refresh());
    }

    /** What the hobs took off, for the next time. */
    private function learn(Cook $cook): void
    {
        foreach ($cook->followed as $followed) {
            $process = $followed->report->stage->process;
            if ($followed->reduction->weighings > 0 && $process !== null) {
                $learned = $followed->reduction->learned();
                $hob = HobRecord::query()->firstOrNew(['name' => Hob::name($process)], ['pots' => 0]);
                $hob->fill([
                    'grams_per_minute' => $learned->value,
                    'spread' => $learned->spread,
                    'pots' => $hob->pots + 1,
                ])->save();
            }
        }
    }

    /**
     * @return array{made_on: Carbon, document: array<string, mixed>, frozen: array<string, mixed>,
     * planned: array<string, mixed>, making: array<string, mixed>|null}
     */
    private function made(Cook $cook, CookRecord $record): array
    {
        $frozen = MadeBatch::freeze($cook->done);
        $last = array_values($cook->followed)[count($cook->followed) - 1] ?? null;
        if ($last !== null && $last->points !== [] && isset($frozen['estimates']['mass'])) {
            // weighed, it is known as well as it was weighed, and no better
            $frozen['estimates']['mass']['half'] = max(
                $frozen['estimates']['mass']['half'],
                $last->at($cook->minute)->spread,
            );
        }
        $kept = RecipeDocument::read($record->document);

        return [
            'made_on' => Carbon::today(),
            'document' => RecipeDocument::write(
                $cook->done->recipe->withStages($cook->done->recipe->stages, $kept->extra),
            ),
            'frozen' => $frozen,
            'planned' => $record->document,
            'making' => $record->making,
        ];
    }

    /** @return array<string, Instrument> by what they read */
    public static function instruments(): array
    {
        $instruments = [];
        foreach ([new Scale, new Thermometer, new PhMeter, new Refractometer] as $instrument) {
            $instruments[$instrument->what()] = $instrument;
        }

        return $instruments;
    }

    /** @return list<Event> */
    private function events(CookRecord $record): array
    {
        return array_values($record->events->map->event()->all());
    }

    private function until(CookRecord $record): float
    {
        return $record->finished_at ?? self::now();
    }

    /**
     * @param value-of<Event::KINDS> $kind
     * @param array<string, mixed> $data
     */
    private function refuseWhatCannotBeWeighed(CookRecord $record, string $kind, array $data): void
    {
        $would = new Event(PHP_INT_MAX, self::now(), $kind, $data);
        $line = $kind === 'added' ? "stirred-{$would->id}" : $would->text('line');
        foreach ($this->cook($record, null, $would)->done->problems() as $problem) {
            if ($problem->at === $line) {
                throw InvalidRecipe::at(
                    $problem->code === 'ingredient-unknown' ? 'ingredient' : 'amount',
                    $this->speech->say($problem->text),
                );
            }
        }
    }
}
