<?php

declare(strict_types=1);

namespace App\Console;

use App\Http\RequestRefused;
use App\Recipes\Adjuster;
use App\Recipes\Evaluator;
use Illuminate\Console\Command;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Solve\Feel;
use Vinculum\Solve\Mend\Complaint;
use Vinculum\Words\RescueView;

final class RescueCommand extends Command
{
    use ReadsFile;
    use ReadsPairs;

    protected $signature = 'vinculum:rescue {file : a recipe document, or - for standard input}
        {--feels=* : what the spoon says, in steps, positive is too much: salty:2, sour:-1}
        {--much=* : too much of one line, by its id, in steps: l4:2}
        {--in-pot= : what is in the pot, such as 850g; as much as planned where nothing is said}
        {--boiled= : water boiled off beyond the plan, such as 100g}
        {--hot : it was tasted hot}
        {--before= : the id of a stage whose reduction is still to come}
        {--trouble= : what it looks like instead: split, curdled, lumpy, grainy, too-firm, pasty, burnt and so on}
        {--have=* : the slug of something on hand; what is marked on hand where nothing is said}';

    protected $description = 'Finds what to add to a pot that does not taste right, as one JSON object';

    public function handle(Evaluator $evaluator, Adjuster $adjuster, RescueView $view): int
    {
        $json = $this->text();
        if ($json === null) {
            return $this->noFile();
        }
        /** @var list<string> $have */
        $have = $this->option('have');
        $text = fn (string $option): ?string => is_string($this->option($option)) ? $this->option($option) : null;
        $pot = array_filter(
            ['in_pot' => $text('in-pot'), 'boiled_further' => $text('boiled'), 'before_stage' => $text('before')],
            static fn (?string $given): bool => $given !== null,
        );
        try {
            $recipe = $evaluator->read($json);
            $feels = $this->pairs(
                'feels',
                array_map(static fn (Feel $feel): string => $feel->value, Feel::cases()),
                -Adjuster::MOST_STEPS,
                Adjuster::MOST_STEPS,
            );
            $much = $this->pairs('much', null, 0.1, Adjuster::MOST_STEPS);

            return $this->print(
                $view->of(
                    $adjuster->rescue(
                        $recipe,
                        $feels,
                        $much,
                        $have === [] ? null : $have,
                        $pot + ['hot' => $this->option('hot') === true],
                        $this->trouble($text('trouble')),
                    ),
                    $recipe,
                ),
            );
        } catch (InvalidRecipe|RequestRefused $invalid) {
            return $this->failed($invalid->getMessage());
        }
    }

    /** @throws InvalidRecipe where nobody says it so */
    private function trouble(?string $said): ?Complaint
    {
        $words = array_map(static fn (Complaint $each): string => $each->value, Complaint::cases());

        return $said === null
            ? null
            : Complaint::tryFrom($said) ?? throw InvalidRecipe::at('trouble', 'Say one of '.implode(', ', $words).'.');
    }
}
