<?php

declare(strict_types=1);

namespace App\Console;

use App\Http\RequestRefused;
use App\Recipes\Evaluator;
use App\Recipes\Swapper;
use Illuminate\Console\Command;
use Vinculum\Recipe\InvalidRecipe;

final class SwapCommand extends Command
{
    use ReadsFile;

    protected $signature = 'vinculum:swap {file : a recipe document, or - for standard input}
        {--out= : the slug of what is to be swapped, or the id of its line}
        {--in= : the slug of what should stand in; the nearest ones where nothing is said}
        {--free-of=* : free the whole recipe of this, such as gluten or vegan}';

    protected $description = 'Finds stand-ins for a line, or frees a whole recipe of something, as one JSON object';

    public function handle(Evaluator $evaluator, Swapper $swapper): int
    {
        $json = $this->text();
        if ($json === null) {
            return $this->noFile();
        }
        /** @var list<string> $free */
        $free = $this->option('free-of');
        $out = $this->option('out');
        $in = $this->option('in');
        try {
            $recipe = $evaluator->read($json);
            $view = $swapper->view($recipe);
            if ($free !== []) {
                return $this->print($view->freed($swapper->free($recipe, $free, [])));
            }
            if (! is_string($out)) {
                return $this->failed('Say what is to be swapped: --out=SLUG, or --free-of=gluten.');
            }

            return $this->print($view->options(...$swapper->options($recipe, $out, is_string($in) ? $in : null)));
        } catch (InvalidRecipe|RequestRefused $invalid) {
            return $this->failed($invalid->getMessage());
        }
    }
}
