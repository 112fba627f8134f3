<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Batch;
use App\Models\StoredRecipe;
use App\Pantry\Household;
use App\Recipes\Doors;
use App\Recipes\Styles;
use Illuminate\Http\Request;

/** Whatever a maker looks for by a word, from wherever they stand: recipes, batches, ingredients, kinds, pages. */
final readonly class FindController
{
    /** Things of a kind at most. */
    private const MOST = 5;

    public function __construct(private Household $household, private Styles $styles) {}

    /**
     * @return array<string, mixed>
     */
    public function __invoke(Request $request): array
    {
        $typed = mb_substr($request->string('q')->trim()->value(), 0, 120);
        $recipe = $request->string('recipe')->value();
        $groups = $typed === '' ? [] : array_values(array_filter(
            [
                ['name' => 'Recipes', 'things' => $this->recipes($typed)],
                ['name' => 'To do', 'things' => [...$this->begun($typed), ...Doors::for($typed, $recipe)]],
                ['name' => 'In the Log', 'things' => $this->batches($typed)],
                ['name' => 'In the Pantry', 'things' => $this->ingredients($typed)],
                ['name' => 'Kinds of sauce', 'things' => $this->kinds($typed)],
            ],
            static fn (array $group): bool => $group['things'] !== [],
        ));

        return ['groups' => $groups, 'none_text' => $this->noneText($typed, $groups)];
    }

    /** @return list<array{name: string, text: string, to: string}> */
    private function recipes(string $typed): array
    {
        return array_values(StoredRecipe::query()
            ->onTheShelf($typed)
            ->limit(self::MOST)
            ->get(['id', 'name'])
            ->map(static fn (StoredRecipe $found): array => [
                'name' => $found->name,
                'text' => '',
                'to' => "/bench/{$found->id}",
            ])
            ->all());
    }

    /** @return list<array{name: string, text: string, to: string}> */
    private function batches(string $typed): array
    {
        return array_values(Batch::query()
            ->found($typed)
            ->limit(self::MOST)
            ->get()
            ->map(static fn (Batch $batch): array => [
                'name' => "No. {$batch->number}, {$batch->document['name']}",
                'text' => 'made '.$batch->made_on->format('j F Y'),
                'to' => "/log/{$batch->id}",
            ])
            ->all());
    }

    /** @return list<array{name: string, text: string, to: string}> */
    private function ingredients(string $typed): array
    {
        $found = [];
        foreach ($this->household->searched($typed, self::MOST)->search($typed, self::MOST) as $thing) {
            $found[] = ['name' => $thing->name, 'text' => '', 'to' => '/pantry?open='.rawurlencode($thing->slug)];
        }

        return $found;
    }

    /**
     * A sauce that is not there yet can be begun, of what the word names.
     *
     * @return list<array{name: string, text: string, to: string}>
     */
    private function begun(string $typed): array
    {
        $thing = $this->household->searched($typed, self::MOST)->named($typed);

        return $thing === null ? [] : [[
            'name' => "Begin a sauce with {$thing->name}",
            'text' => '',
            'to' => '/begin?with='.rawurlencode($thing->name),
        ]];
    }

    /** @return list<array{name: string, text: string, to: string}> */
    private function kinds(string $typed): array
    {
        $kinds = [];
        foreach ($this->styles->all() as $style) {
            if (stripos($style['name'], $typed) !== false && count($kinds) < self::MOST) {
                $kinds[] = [
                    'name' => $style['name'],
                    'text' => 'begin one of this kind',
                    'to' => '/begin?kind='.rawurlencode($style['slug']),
                ];
            }
        }

        return $kinds;
    }

    /** @param list<array<string, mixed>> $groups */
    private function noneText(string $typed, array $groups): string
    {
        return match (true) {
            $typed === '' => 'Type a recipe, an ingredient, a number of the Log, or what you want to do.',
            $groups === [] => "Nothing here is called “{$typed}”. Write it down as a recipe, or put it in the Pantry.",
            default => '',
        };
    }
}
