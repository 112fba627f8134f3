<?php

declare(strict_types=1);

namespace App\Console;

use App\Http\RequestRefused;
use App\Recipes\Evaluator;
use Illuminate\Console\Command;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Words\AnalysisView;

final class AnalyseCommand extends Command
{
    use ReadsFile;

    protected $signature = 'vinculum:analyse {file : a recipe document, or - for standard input}';

    protected $description = 'Prints what a recipe comes to, as one JSON object';

    public function handle(Evaluator $evaluator, AnalysisView $view): int
    {
        $json = $this->text();
        if ($json === null) {
            return $this->noFile();
        }
        try {
            $recipe = $evaluator->read($json);
        } catch (InvalidRecipe|RequestRefused $invalid) {
            return $this->failed($invalid->getMessage());
        }

        return $this->print($view->of($evaluator->evaluate($recipe)));
    }
}
