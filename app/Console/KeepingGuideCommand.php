<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Vinculum\Pantry\Catalogue;
use Vinculum\Words\KeepingGuide;

final class KeepingGuideCommand extends Command
{
    protected $signature = 'vinculum:keeping-guide';

    protected $description = 'Writes docs/keeping.md out of database/keeping.txt and the hazards';

    public function handle(Catalogue $catalogue): int
    {
        file_put_contents(base_path('docs/keeping.md'), KeepingGuide::of($catalogue->vocabulary));
        $this->line('docs/keeping.md is written.');

        return self::SUCCESS;
    }
}
