<?php

declare(strict_types=1);

namespace App\Console;

use App\Http\RequestRefused;
use App\Recipes\Adjuster;
use App\Recipes\Evaluator;
use Illuminate\Console\Command;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Taste\Measure;
use Vinculum\Words\RebalanceView;

final class RebalanceCommand extends Command
{
    use ReadsFile;
    use ReadsPairs;

    protected $signature = 'vinculum:rebalance {file : a recipe document, or - for standard input}
        {--style= : the slug of a style to move it to; its own where nothing is said}
        {--target=* : a taste and its figure, such as sweetness:18}';

    protected $description = 'Moves a recipe to a style or to figures with the least change, as one JSON object';

    public function handle(Evaluator $evaluator, Adjuster $adjuster, RebalanceView $view): int
    {
        $json = $this->text();
        if ($json === null) {
            return $this->noFile();
        }
        try {
            $recipe = $evaluator->read($json);
            $tastes = array_map(static fn (Measure $measure): string => $measure->value, Measure::cases());
            /** @var string|null $style */
            $style = $this->option('style');

            return $this->print(
                $view->of($adjuster->rebalance($recipe, $style, $this->pairs('target', $tastes, 0.0, 1e7)), $recipe),
            );
        } catch (InvalidRecipe|RequestRefused $invalid) {
            return $this->failed($invalid->getMessage());
        }
    }
}
