<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Http\RequestRefused;
use App\Models\Batch;
use App\Models\BatchPicture;
use App\Models\StoredRecipe;
use App\Models\Tasting;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Log\AsMade;
use Vinculum\Log\Attempt;
use Vinculum\Log\Changes;
use Vinculum\Log\NextTry;
use Vinculum\Log\OneOnly;
use Vinculum\Log\Remark;
use Vinculum\Log\TastingNote;
use Vinculum\Log\TrialBook;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\Recipe;
use Vinculum\Words\Speech;
use Vinculum\Words\TrialsTellView;
use Vinculum\Words\TrialsView;

/** The trial books: all tries of one sauce, whichever of its recipes they were made by. */
final readonly class TrialBooks
{
    /** Tries in one book: the latest; more than a kitchen makes of one sauce in years. */
    private const MOST = 120;

    /** Next tries that are offered. */
    private const OFFERED = 4;

    public function __construct(
        private Journal $journal,
        private Adjuster $adjuster,
        private Speech $speech,
        private TrialsView $view,
        private TrialsTellView $tell,
    ) {}

    /**
     * @param list<string> $only ids of batches; all of them where empty
     * @param string|null $taster whose likings count; everybody's where null
     * @return array{book: TrialBook, batches: list<Batch>, tasters: array<string, string>, more: int,
     * broken: list<string>}
     *
     * @throws RequestRefused where nothing of it was made
     */
    public function of(StoredRecipe $recipe, array $only = [], ?string $taster = null): array
    {
        $all = Batch::query()->whereIn('recipe_id', $recipe->withFamily()->withTrashed()->reorder()->select('id'));
        $count = (clone $all)->toBase()->count();
        $batches = $all
            ->with(['tastings', 'notes', 'readings', 'pictures:id,batch_id,width,height'])
            ->when($only !== [], static fn ($query) => $query->whereKey($only))
            ->orderByDesc('made_on')
            ->orderByDesc('number')
            ->limit(self::MOST)
            ->get()
            ->reverse();
        [$tries, $kept, $broken, $tasters] = [[], [], [], []];
        foreach ($batches as $batch) {
            try {
                $made = $this->journal->evaluated($batch);
            } catch (RequestRefused $why) {
                // what cannot be read takes nothing else down
                $broken[] = "No. {$batch->number} cannot be shown: {$why->getMessage()}";
                continue;
            }
            $tries[] = new Attempt($batch->number ?? 0, AsMade::of($made), $this->notes($batch, $made));
            $kept[] = $batch;
            foreach ($batch->tastings as $tasting) {
                $tasters[$tasting->who] = $tasting->who === '' ? 'me' : $tasting->who;
            }
        }
        if ($tries === []) {
            throw new RequestRefused(404, 'not-found', $broken[0] ?? 'This sauce was not made yet.');
        }
        ksort($tasters);

        return [
            'book' => TrialBook::of($tries, $taster),
            'batches' => $kept,
            'tasters' => $tasters,
            'more' => $only === [] ? max(0, $count - self::MOST) : 0,
            'broken' => $broken,
        ];
    }

    /** @return list<TastingNote> what was said at the table, and what was noted down besides */
    private function notes(Batch $batch, Evaluation $made): array
    {
        $read = $this->reader($made);

        return [
            ...$batch->tastings
                ->toBase()
                ->map(static fn (Tasting $tasting): TastingNote => $tasting->said($read($tasting->note))),
            ...$batch->notes->toBase()->map(static fn ($note): TastingNote => new TastingNote(
                '',
                [],
                null,
                false,
                $note->text,
                $read($note->text),
            )),
        ];
    }

    /** @return \Closure(string): Remark what a remark on this pot says */
    public function reader(Evaluation $made): \Closure
    {
        $names = array_column(AsMade::of($made)->went, 'name');
        $page = $made->cooked->weighed->vocabulary->words['reading']['remarks'] ?? [];

        return static fn (string $text): Remark => Remark::read($text, $page, $names);
    }

    /**
     * Every try as it is shown.
     *
     * @param array{book: TrialBook, batches: list<Batch>, tasters: array<string, string>} $of
     * @return list<array<string, mixed>>
     */
    public function rows(array $of): array
    {
        $today = Carbon::today()->toDateString();
        $rows = [];
        foreach ($of['batches'] as $i => $batch) {
            $made = $batch->made();
            $measured = $made->measured('ph');
            $thought = $made->now('ph');
            $rows[] = [
                'id' => $batch->id,
                'recipe' => $batch->recipe_id,
                'recipe_name' => $batch->recipe->name ?? $batch->document['name'],
                'made_on' => $batch->made_on->toDateString(),
                'made_text' => $this->view->madeOn($batch->made_on->toDateString(), $today),
                'cost_text' => $batch->cost === null ? '' : $this->speech->number(round($batch->cost, 2)),
                'pictures' => $batch->pictures
                    ->map(static fn (BatchPicture $picture): array => [
                        'id' => $picture->id,
                        'width' => $picture->width,
                        'height' => $picture->height,
                    ])
                    ->values()
                    ->all(),
            ] + $this->view->attempt($of['book'], $i, $this->view->ph($measured, $thought), $of['tasters']);
        }

        return $rows;
    }

    /**
     * What is worth trying next, in amounts, the best first.
     *
     * @return list<array{batch: string, feels: array<string, float>, only: string, text: string, settles: string}>
     */
    public function next(StoredRecipe $recipe): array
    {
        $of = $this->of($recipe);
        $base = $of['batches'][$of['book']->toGoOnFrom()];
        [$ideal, $at] = $this->journal->standing($base);
        $offered = [];
        foreach (NextTry::worth($of['book'], $ideal, $at) as $next) {
            $text = count($offered) < self::OFFERED ? $this->said($of['book'], $next) : null;
            if ($text !== null) {
                $offered[] = [
                    'batch' => $of['batches'][$next->of]->id,
                    'feels' => $next->feels,
                    'only' => $next->only->key ?? '',
                    'text' => $text,
                    'settles' => $this->tell->settles($next),
                ];
            }
        }

        return $offered;
    }

    /** In amounts; null where nothing that is at hand does it, or does it alone. */
    private function said(TrialBook $book, NextTry $next): ?string
    {
        $try = $book->tries[$next->of];
        if ($next->only !== null) {
            $from = $book->from[$next->of];

            return $from === null ? null : $this->tell->onlyThat($book->tries[$from]->number, $next->only);
        }
        $answer = $this->adjuster->rebalance($try->made->recipe(), null, [], [], $next->feels)[0];
        $changes = Changes::between($try->made, AsMade::of($answer->after));

        return $answer->isReached && $changes->all !== [] ? $this->tell->with($try->number, $changes) : null;
    }

    /** A recipe of the family for the next try: as a batch was made, or with one of its changes alone. */
    public function setUp(Batch $batch, string $only): StoredRecipe
    {
        $document = $batch->document;
        $name = "{$document['name']}, after no. {$batch->number}";
        if ($only !== '') {
            $document = RecipeDocument::write($this->withOnly($batch, $only));
        }

        return DB::transaction(static fn (): StoredRecipe => StoredRecipe::keep(
            ['name' => mb_substr($name, 0, 120)] + $document,
            $batch->recipe_id,
        ));
    }

    private function withOnly(Batch $batch, string $only): Recipe
    {
        $of = $this->of($batch->recipe()->firstOrFail());
        $ids = array_map(static fn (Batch $each): string => $each->id, $of['batches']);
        $i = (int) array_search($batch->id, $ids, true);
        $from = $of['book']->from[$i] ?? null;
        foreach ($of['book']->changes[$i] as $change) {
            if ($change->key === $only && $from !== null) {
                return OneOnly::of(
                    $of['book']->tries[$from]->made->recipe(),
                    $of['book']->tries[$i]->made->recipe(),
                    $change,
                );
            }
        }
        throw new RequestRefused(409, 'not-found', 'That was not done otherwise in this try. Choose another next try.');
    }

    /**
     * Sorted as asked, the first way where nothing is.
     *
     * @param list<array<string, mixed>> $rows
     * @return list<array<string, mixed>>
     */
    public static function sorted(array $rows, string $by): array
    {
        $key = static fn (array $row): mixed => match ($by) {
            'liking' => -((float) ($row['liking'] ?? -1.0)),
            'year' => (int) substr((string) $row['made_on'], 0, 4) * 1e4 - (float) ($row['liking'] ?? 0.0),
            default => $row['steps'][$by] ?? null,
        };
        if ($by !== 'made' && $rows !== [] && $key($rows[0]) !== null) {
            usort($rows, static fn (array $one, array $other): int => $key($one) <=> $key($other));
        }

        return $rows;
    }

    /**
     * Those that a word is found in: of what was otherwise, said or made by.
     *
     * @param list<array<string, mixed>> $rows
     * @return list<array<string, mixed>>
     */
    public static function found(array $rows, string $typed): array
    {
        $words = array_filter(preg_split('/\s+/u', mb_strtolower(trim($typed))) ?: []);

        return array_values(array_filter($rows, static function (array $row) use ($words): bool {
            $all = mb_strtolower((string) json_encode(
                [$row['different'], $row['remarks'], $row['recipe_name'], $row['thickness'], "no. {$row['number']}",
                    $row['made_text']],
                JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
            ));

            return array_filter($words, static fn (string $word): bool => ! str_contains($all, $word)) === [];
        }));
    }

    /**
     * The book as a table.
     *
     * @param array{book: TrialBook, batches: list<Batch>, tasters: array<string, string>} $of
     * @return list<list<string>>
     */
    public function table(array $of): array
    {
        $rows = $this->rows($of);
        $table = [[
            'number', 'made on', 'recipe', 'as', 'what was different', ...array_column($rows[0]['tastes'], 'label'),
            'thickness', 'makes', 'boiled', 'Brix', 'pH', 'cost', 'said', ...array_values($of['tasters']),
        ]];
        foreach ($rows as $row) {
            $table[] = [
                (string) $row['number'],
                $row['made_on'],
                $row['recipe_name'],
                $row['as_text'],
                implode('; ', $row['different']),
                ...array_column($row['tastes'], 'figure_text'),
                $row['thickness'],
                $row['makes'],
                $row['boiled_text'],
                $row['brix_text'],
                $row['ph_text'],
                $row['cost_text'],
                implode('; ', array_map(
                    static fn (array $said): string => trim("{$said['who']}: {$said['text']}", ': '),
                    $row['remarks'],
                )),
                ...array_column($row['liked'], 'text'),
            ];
        }

        return $table;
    }
}
