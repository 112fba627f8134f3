<?php

declare(strict_types=1);

namespace App\Console;

use App\Documents\AnalysisDocument;
use App\Http\Refused;
use App\Recipes\Evaluator;
use Illuminate\Console\Command;
use Vinculum\Recipe\InvalidRecipe;

final class AnalyseCommand extends Command
{
    protected $signature = 'vinculum:analyse {file : a recipe document, or - for standard input}';

    protected $description = 'Prints what a recipe comes to, as one JSON object';

    public function handle(Evaluator $evaluator): int
    {
        /** @var string $file */
        $file = $this->argument('file');
        $json = $file === '-' ? stream_get_contents(STDIN) : (is_file($file) && is_readable($file) ? file_get_contents($file) : false);
        if ($json === false) {
            return $this->failed("There is no file {$file} that can be read.");
        }
        try {
            $recipe = $evaluator->read($json);
        } catch (InvalidRecipe|Refused $invalid) {
            return $this->failed($invalid->getMessage());
        }
        $this->output->writeln((string) json_encode(
            AnalysisDocument::of($evaluator->evaluate($recipe)),
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        ));

        return self::SUCCESS;
    }

    private function failed(string $why): int
    {
        fwrite(STDERR, str_replace("\n", ' ', $why)."\n");

        return self::FAILURE;
    }
}
