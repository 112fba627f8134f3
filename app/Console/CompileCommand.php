<?php

declare(strict_types=1);

namespace App\Console;

use App\Pantry\Compiled;
use Illuminate\Console\Command;
use Vinculum\Pantry\CatalogueError;

final class CompileCommand extends Command
{
    protected $signature = 'vinculum:compile';

    protected $description = 'Reads the catalogue and the styles into the file requests load';

    public function handle(): int
    {
        try {
            $compiled = Compiled::from(database_path());
        } catch (CatalogueError $error) {
            fwrite(STDERR, $error->getMessage()."\n");

            return self::FAILURE;
        }
        $compiled->write(config()->string('vinculum.compiled'));
        $this->line(count($compiled->pantry).' ingredients and '.count($compiled->styles).' styles');

        return self::SUCCESS;
    }
}
