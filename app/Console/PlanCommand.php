<?php

declare(strict_types=1);

namespace App\Console;

use App\House\CalendarFile;
use App\Http\RequestRefused;
use App\Recipes\Evaluator;
use App\Recipes\When;
use Illuminate\Console\Command;
use Vinculum\Batch\Making;
use Vinculum\Batch\UnreachableTarget;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Recipe\Recipe;
use Vinculum\Words\WhenView;

final class PlanCommand extends Command
{
    use ReadsFile;

    protected $signature = 'vinculum:plan {file* : recipe documents, or - for standard input}
        {--ready= : when they have to be ready, such as "2026-11-29 12:00"; as soon as may be without}
        {--zone= : a time zone such as Europe/Berlin}
        {--ics : print iCalendar instead}';

    protected $description = 'Says when to begin so that the sauces are ready, as one JSON object';

    public function handle(Evaluator $evaluator, When $when, WhenView $view): int
    {
        $ready = $this->option('ready');
        $zone = $this->option('zone');
        $recipes = [];
        try {
            /** @var list<string> $files */
            $files = (array) $this->argument('file');
            foreach ($files as $file) {
                $json = $this->textOf($file);
                if ($json === null) {
                    return $this->failed("“{$file}” cannot be read. Name a recipe document, or - for standard input.");
                }
                $recipes[] = $evaluator->read($json);
            }
            $hours = $when->hours(is_string($zone) ? $zone : '');
            $wanted = [];
            foreach ($recipes as $i => $recipe) {
                $wanted[] = When::wanted(
                    $evaluator->evaluate($recipe),
                    new Making,
                    is_string($ready) && $ready !== '' ? $ready : null,
                    $hours,
                    $i,
                );
            }
            $plan = $when->scheduled($wanted, $hours);
            $names = array_map(static fn (Recipe $recipe): string => $recipe->name, $recipes);
            if ($this->option('ics') === true) {
                $this->output->write(CalendarFile::of(WhenView::events($plan, $names)));

                return self::SUCCESS;
            }

            return $this->print($view->plain($plan, $names, $hours));
        } catch (InvalidRecipe|RequestRefused|UnreachableTarget $invalid) {
            return $this->failed($invalid->getMessage());
        }
    }
}
