<?php

declare(strict_types=1);

namespace App\Console;

use App\Http\RequestRefused;
use App\Recipes\Drafter;
use Illuminate\Console\Command;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Words\DraftView;

final class DraftCommand extends Command
{
    use ReadsFile;

    protected $signature = 'vinculum:draft {--style= : the slug of a style}
        {--with=* : what it is to be made of, such as "1.2 kg plum"}
        {--use=* : the slug of something to be used up}
        {--free-of=* : who it is for, such as vegan or gluten}
        {--another=0 : 1 or 2 for another draft}';

    protected $description = 'Drafts a recipe of a kind, with a reason for each line, as one JSON object';

    public function handle(Drafter $drafter, DraftView $view): int
    {
        $style = $this->option('style');
        if (! is_string($style) || $style === '') {
            return $this->failed('Say which kind: --style=fruit-ketchup.');
        }
        /** @var list<string> $with */
        $with = [...(array) $this->option('with'), ...(array) $this->option('use')];
        /** @var list<string> $needs */
        $needs = (array) $this->option('free-of');
        try {
            return $this->print($view->of($drafter->draft($style, $with, $needs, (int) $this->option('another'))));
        } catch (InvalidRecipe|RequestRefused $invalid) {
            return $this->failed($invalid->getMessage());
        }
    }
}
