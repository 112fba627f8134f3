<?php

declare(strict_types=1);

namespace App\Console;

use App\Recipes\Adjuster;
use Illuminate\Console\Command;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Solve\Feel;
use Vinculum\Words\PotView;

final class PotCommand extends Command
{
    use ReadsFile;
    use ReadsPairs;

    protected $signature = 'vinculum:pot
        {style : the slug of what kind of sauce it is}
        {amount : how much is in the pot, such as 900g or 1l}
        {--feels=* : what the spoon says, in steps, positive is too much: salty:2, sour:-1}
        {--have=* : the slug of something at hand; what is marked on hand where nothing is said}
        {--raw : it is not cooked, and is not to be}';

    protected $description = 'Finds what to add to a pot without a recipe, as one JSON object';

    public function handle(Adjuster $adjuster, PotView $view): int
    {
        /** @var list<string> $have */
        $have = $this->option('have');
        $style = $this->argument('style');
        $amount = $this->argument('amount');
        try {
            $feels = $this->pairs(
                'feels',
                array_map(static fn (Feel $feel): string => $feel->value, Feel::cases()),
                -Adjuster::MOST_STEPS,
                Adjuster::MOST_STEPS,
            );

            return $this->print(
                $view->of(
                    ...$adjuster->pot(
                        is_string($style) ? $style : '',
                        is_string($amount) ? $amount : '',
                        $feels,
                        $have === [] ? null : $have,
                        $this->option('raw') !== true,
                        null,
                    ),
                ),
            );
        } catch (InvalidRecipe $invalid) {
            return $this->failed($invalid->getMessage());
        }
    }
}
