<?php

declare(strict_types=1);

namespace App\Console;

use App\Http\RequestRefused;
use App\Recipes\Evaluator;
use App\Recipes\Planner;
use Illuminate\Console\Command;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Batch\Making;
use Vinculum\Batch\UnreachableTarget;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Words\ScaleView;

final class ScaleCommand extends Command
{
    use ReadsFile;

    protected $signature = 'vinculum:scale {file : a recipe document, or - for standard input}
        {--to= : how much: "6 x 250 ml", 2x, "900 g", "1.5 l", "8 people, glaze", "all of 900 g plums"}
        {--headspace=0 : per cent of each container left empty}
        {--set= : us, metric, imperial or australian cups and spoons}';

    protected $description = 'Makes a recipe for another amount, in amounts that can be measured, as one JSON object';

    public function handle(Evaluator $evaluator, Planner $planner, ScaleView $view): int
    {
        $json = $this->text();
        if ($json === null) {
            return $this->noFile();
        }
        $to = $this->option('to');
        $headspace = $this->option('headspace');
        $named = $this->option('set');
        $set = is_string($named) ? MeasuringSet::tryFrom($named) : null;
        if (! is_string($to) || $to === '') {
            return $this->failed('Say how much: --to="6 x 250 ml", --to=2x, --to="900 g".');
        }
        if (! is_numeric($headspace)) {
            return $this->failed('--headspace is not accepted. Expected: a number from 0 to 50.');
        }
        if (is_string($named) && $set === null) {
            return $this->failed(
                "--set: “{$named}” is not accepted. Expected: one of us, metric, imperial, australian.",
            );
        }
        try {
            $recipe = $evaluator->read($json);

            $scaled = $planner->scaled($recipe, new Making($to, (float) $headspace), $set);

            return $this->print($view->of($scaled, $recipe));
        } catch (InvalidRecipe|RequestRefused|UnreachableTarget $invalid) {
            return $this->failed($invalid->getMessage());
        }
    }
}
