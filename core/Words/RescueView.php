<?php

declare(strict_types=1);

namespace Vinculum\Words;

use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\Recipe;
use Vinculum\Safety\Brings;
use Vinculum\Solve\Addition;
use Vinculum\Solve\Feel;
use Vinculum\Solve\Rescue\Remedy;
use Vinculum\Solve\Rescue\Rescued;
use Vinculum\Solve\WhyNot;
use Vinculum\Taste\Measure;

/** Ways to mend a pot, as the API and the console send them (rescue.schema.json). */
final readonly class RescueView
{
    /** Steps from which a move elsewhere is worth a word. */
    private const WORTH_SAYING = 0.3;

    /** Things named for one reason. */
    private const NAMED = 6;

    public function __construct(private Speech $speech) {}

    /**
     * @param Recipe $given as it came: what the household adds to it stays out
     * @return array<string, mixed>
     */
    public function of(Rescued $rescued, Recipe $given): array
    {
        return [
            'options' => array_map(
                fn (Remedy $remedy): array => $this->option($remedy, $rescued, $given),
                $rescued->remedies,
            ),
            'note' => $this->speech->say($rescued->note),
            'why_not' => $this->whyNot($rescued->whyNot),
        ];
    }

    /**
     * Why what is to hand was passed over, a reason each with the first few of its things.
     *
     * @param array<string, list<string>> $names by WhyNot value
     * @return list<array{text: string, count: int}>
     */
    private function whyNot(array $names): array
    {
        $said = [];
        foreach (WhyNot::cases() as $reason) {
            $things = $names[$reason->value] ?? [];
            if ($things !== []) {
                $more = count($things) - self::NAMED;
                $said[] = [
                    'text' => $reason->words().': '.implode(', ', array_slice($things, 0, self::NAMED))
                        .($more > 0 ? " and {$more} more." : '.'),
                    'count' => count($things),
                ];
            }
        }

        return $said;
    }

    /**
     * @return array<string, mixed>
     */
    private function option(Remedy $remedy, Rescued $rescued, Recipe $given): array
    {
        $measures = [];
        foreach (Measure::cases() as $measure) {
            $measures[$measure->value] = Digits::six($remedy->after->tasting->value($measure));
        }
        $write = fn (Recipe $recipe): array => RecipeDocument::write(
            $recipe->withStages($recipe->stages, $given->extra),
        );

        return [
            'words' => $this->words($remedy),
            'brings' => BringsView::of(
                Brings::between($rescued->pot->cooked->weighed, $remedy->after->cooked->weighed),
            ),
            'additions' => array_map(
                fn (Addition $addition): array => [
                    'ingredient' => $addition->ingredient->slug,
                    'name' => $addition->ingredient->shortName(),
                    'mass_g' => Digits::six($addition->grams),
                    'text' => $addition->text,
                ],
                $remedy->additions,
            ),
            'boil_off_g' => Digits::six($remedy->boilOff),
            'pot_after_g' => Digits::six($remedy->potAfter),
            'steps_before' => (object) array_map(Digits::six(...), $rescued->before),
            'steps_after' => array_map(Digits::six(...), $remedy->steps),
            'measures_after' => $measures,
            'note' => $this->speech->say($remedy->note),
            'cautions' => $this->speech->sayAll($remedy->cautions),
            'steps' => $this->speech->sayAll($remedy->hands),
            'growth' => Digits::six($remedy->growth()),
            'cost_text' => $this->cost($remedy, $rescued->before),
            'pot_text' => $this->pot($remedy),
            'makes_text' => $this->speech->volume($remedy->after->estimates->volume()->value),
            'ghosts' => (new BenchView($this->speech, $remedy->after))->ghosts(),
            'recipe' => $write($remedy->recipe),
            'half' => $remedy->half === null ? null : $write($remedy->half),
        ];
    }

    public function words(Remedy $remedy): string
    {
        $parts = array_map(
            fn (Addition $addition): string => "{$addition->text} {$addition->ingredient->shortName()}",
            $remedy->additions,
        );
        if ($remedy->boilOff > 0.0) {
            $parts[] = 'boil off '.$this->speech->grams($remedy->boilOff).' of water';
        }

        return $parts === [] ? 'By hand alone' : implode(', ', $parts);
    }

    /**
     * What it does, and what it costs elsewhere: "salty as it should be; sweet a little less".
     *
     * @param array<string, float> $before
     */
    public function cost(Remedy $remedy, array $before): string
    {
        $elsewhere = [];
        foreach (Feel::cases() as $feel) {
            $steps = $remedy->steps[$feel->value];
            if (! isset($before[$feel->value]) && abs($steps) >= self::WORTH_SAYING) {
                $elsewhere[] = ($steps < 0 ? 'less ' : 'more ').$feel->value.' by '.$this->speech->steps($steps);
            }
        }

        return $elsewhere === [] ? 'nothing else moves that a tongue could tell' : implode(', ', $elsewhere);
    }

    private function pot(Remedy $remedy): string
    {
        $grows = $remedy->growth();
        $text = $this->speech->grams($remedy->potBefore).' becomes '.$this->speech->grams($remedy->potAfter);

        return abs($grows) < 0.005
            ? 'the pot stays at '.$this->speech->grams($remedy->potAfter)
            : $text.sprintf(', %s %s', $this->speech->percent(abs($grows)), $grows > 0 ? 'more' : 'less');
    }
}
