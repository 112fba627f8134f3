<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Pantry\Catalogue;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Recipe\Jotted\JottedText;
use Vinculum\Words\NoteView;

final class ReadCommand extends Command
{
    use ReadsFile;

    protected $signature = 'vinculum:read {file : a recipe as it was jotted down, or - for standard input} '
        .'{--measures=us : us, metric, imperial or australian} {--recipe : the recipe alone, to be piped on}';

    protected $description = 'Turns a recipe as it was jotted down into a recipe document, with what was unsure as '
        .'questions';

    public function handle(Catalogue $catalogue, NoteView $view): int
    {
        /** @var string $measures */
        $measures = $this->option('measures');
        $set = MeasuringSet::tryFrom($measures);
        if ($set === null) {
            return $this->failed('--measures is one of us, metric, imperial, australian.');
        }
        $text = $this->text();
        if ($text === null) {
            return $this->noFile();
        }
        try {
            [$recipe, $questions, $spans, $tongue] = JottedText::readWithSpans($text, $catalogue, $set);
        } catch (InvalidRecipe $invalid) {
            return $this->failed($invalid->getMessage());
        }

        $read = $view->of($recipe, $questions, $catalogue, $spans, $tongue);

        return $this->print($this->option('recipe') === true ? $read['recipe'] : $read);
    }
}
