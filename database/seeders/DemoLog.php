<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Batch;
use App\Models\StoredRecipe;
use App\Recipes\Evaluator;
use App\Recipes\Journal;
use Illuminate\Support\Carbon;
use Vinculum\Log\MadeBatch;
use Vinculum\Recipe\Formats\RecipeDocument;

/** Two seasons of the same made-up supper club's Log: what it made, what the table said, and which jars are left. */
final readonly class DemoLog
{
    /**
     * Days ago, the recipe, what was changed by line, jars (how many, ml, place, gone, days since one was opened),
     * what was said
     * (days after, who, with, steps too much by taste, liking, note), and a note. The oldest first.
     */
    private const MADE = [
        [
            171,
            'Boathouse white sauce',
            [],
            [3, 190, 'fridge', 3, null],
            [[1, '', 'new potatoes', ['sour' => 1], 6, '']],
            'rained off; eaten indoors',
        ],
        [
            150,
            'Gooseberry ketchup',
            ['l6' => '3 sticks', 'l3' => '1 1/4 cup'],
            [5, 190, 'fridge', 5, null],
            [
                [1, '', 'chips', ['sweet' => 2, 'sour' => -1], 4, 'too much cinnamon'],
                [3, 'Ines', 'sausages', ['sweet' => 1], 5, ''],
            ],
            '',
        ],
        [
            143,
            'Towpath pineapple and habanero',
            [],
            [3, 500, 'fridge', 3, null],
            [[2, '', '', ['hot' => 1], 7, ''], [2, 'Tomas', '', ['hot' => -2], 6, 'wants it hotter']],
            '',
        ],
        [
            136,
            'Gooseberry ketchup',
            ['l3' => '1 cup'],
            [5, 190, 'fridge', 5, null],
            [[1, '', 'chips', ['sour' => -1], 6, 'a bit flat'], [4, 'Ines', '', ['sweet' => 1], 6, '']],
            'second version, one stick only',
        ],
        [
            118,
            'Miso and carrot dressing',
            [],
            [2, 190, 'fridge', 2, null],
            [[1, '', 'beans', ['salty' => 1], 7, '']],
            '',
        ],
        [
            96,
            'Lock-keeper’s steak sauce',
            ['l6' => '1/4 cup'],
            [4, 190, 'fridge', 4, null],
            [[2, '', 'mushrooms', ['salty' => 2], 5, 'the soy is stronger than the old one']],
            '',
        ],
        [
            74,
            'Lock-keeper’s steak sauce',
            ['l6' => '2 tbsp'],
            [4, 190, 'fridge', 4, null],
            [[2, '', 'pie', [], 8, 'this is it'], [9, 'Tomas', '', ['sour' => 1], 7, '']],
            'one tablespoon of soy less',
        ],
        [
            55,
            'Cranberry mustard',
            [],
            [4, 190, 'fridge', 4, null],
            [[7, '', 'cheese', ['hot' => -1], 7, 'milder than it was on the day']],
            'better after a week',
        ],
        [
            33,
            'Towpath pineapple and habanero',
            ['l2' => '8'],
            [3, 500, 'fridge', 1, 15],
            [[1, '', '', [], 8, ''], [1, 'Tomas', 'eggs', ['hot' => -1], 7, '']],
            '',
        ],
        [
            16,
            'Gooseberry ketchup',
            ['l2' => '3/4 cup', 'l3' => '1 cup'],
            [6, 190, 'fridge', 1, 3],
            [
                [1, '', 'chips', [], 8, 'best so far'],
                [2, 'Ines', 'supper, six people', ['sweet' => 1], 7, ''],
                [2, 'Tomas', 'supper, six people', ['hot' => -1], 7, ''],
            ],
            'a quarter cup more vinegar, as the spoon said',
        ],
        [
            9,
            'Boathouse white sauce',
            ['l2' => '1/3 cup'],
            [2, 190, 'fridge', 0, 2],
            [[1, '', 'fish cakes', [], 7, '']],
            '',
        ],
        [
            5,
            'Miso and carrot dressing',
            ['l7' => '2 tsp'],
            [2, 190, 'fridge', 0, null],
            [[1, '', 'noodles', ['sour' => -1], 7, '']],
            '',
        ],
        [
            2,
            'Cranberry mustard',
            ['l6' => '1 tsp'],
            [5, 190, 'fridge', 0, null],
            [],
            'for the winter market; let it rest',
        ],
    ];

    public function __construct(private Evaluator $evaluator, private Journal $journal) {}

    public function write(): void
    {
        $now = Carbon::now();
        foreach (self::MADE as [$ago, $name, $changes, $jars, $said, $note]) {
            $day = $now->copy()->subDays($ago)->setTime(17, 0);
            Carbon::setTestNow($day);
            $recipe = StoredRecipe::query()->where('name', $name)->firstOrFail();
            $made = RecipeDocument::read($recipe->document)->withAmounts($changes);
            $batch = $recipe
                ->batches()
                ->create([
                    'made_on' => $day->copy()->startOfDay(),
                    'document' => RecipeDocument::write($made),
                    'frozen' => MadeBatch::freeze($this->evaluator->evaluate($made)),
                    'planned' => $recipe->document,
                ]);
            [$count, $ml, $place, $gone, $opened] = $jars;
            $this->journal->fill($batch, $count, (float) $ml, $ml > 300 ? 'bottle' : 'jar', $place);
            foreach ($said as [$after, $who, $with, $feels, $liking, $words]) {
                $this->journal->taste($batch, [
                    'on' => $day->copy()->addDays($after)->toDateString(),
                    'who' => $who,
                    'with' => $with,
                    'feels' => $feels,
                    'liking' => $liking,
                    'note' => $words,
                ]);
            }
            if ($note !== '') {
                $batch->notes()->create(['text' => $note]);
            }
            foreach ($batch->jars()->get() as $place => $jar) {
                $changes = match (true) {
                    $place < $gone => ['gone_on' => $day->copy()->addDays(min($ago, 6 + 3 * $place))->toDateString()],
                    $place === $gone && $opened !== null => [
                        'opened_on' => $now->copy()->subDays(min($ago, $opened))->toDateString(),
                    ],
                    default => [],
                };
                if ($changes !== []) {
                    $this->journal->change($jar, $changes);
                }
            }
            $this->journal->index(Batch::query()->findOrFail($batch->id));
        }
        Carbon::setTestNow();
    }
}
