<?php

declare(strict_types=1);

namespace Vinculum\Words;

use Vinculum\Recipe\Line;
use Vinculum\Recipe\Recipe;
use Vinculum\Safety\Brings;
use Vinculum\Solve\Addition;
use Vinculum\Solve\Rescue\Remedy;
use Vinculum\Solve\Rescue\Rescued;

/** What mends a pot on the stove, short enough for a phone that leans on the tiles (cook-taste.schema.json). */
final readonly class CookTasteView
{
    /** More answers than this nobody reads with a spoon in hand. */
    private const SHOWN = 3;

    public function __construct(private Speech $speech, private RescueView $view) {}

    /**
     * @return array<string, mixed>
     */
    public function of(Rescued $rescued): array
    {
        return [
            'options' => array_map(
                fn (Remedy $remedy): array => $this->option($remedy, $rescued),
                array_slice($rescued->remedies, 0, self::SHOWN),
            ),
            'note' => $this->speech->say($rescued->note),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private function option(Remedy $remedy, Rescued $rescued): array
    {
        return [
            'words' => $this->view->words($remedy),
            'all' => array_map(
                static fn (Addition $addition): array => [
                    'ingredient' => $addition->ingredient->slug,
                    'amount' => $addition->text,
                ],
                $remedy->additions,
            ),
            'half' => $remedy->half === null ? [] : self::added($remedy->half, $rescued->pot->recipe),
            'cost_text' => ucfirst($this->view->cost($remedy, $rescued->before)).'.',
            'note' => $this->speech->say($remedy->note),
            'cautions' => $this->speech->sayAll($remedy->cautions),
            'brings' => BringsView::of(
                Brings::between($rescued->pot->cooked->weighed, $remedy->after->cooked->weighed),
            ),
        ];
    }

    /** @return list<array{ingredient: string, amount: string}> lines one recipe has and the other has not */
    private static function added(Recipe $recipe, Recipe $before): array
    {
        $was = array_map(static fn (Line $line): string => $line->id, $before->lines());
        $added = [];
        foreach ($recipe->lines() as $line) {
            if (! in_array($line->id, $was, true) && $line->amount !== null) {
                $added[] = ['ingredient' => $line->ingredient, 'amount' => $line->amount];
            }
        }

        return $added;
    }
}
