<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Vinculum\Pantry\Audit;
use Vinculum\Pantry\Catalogue;

final class PantryAuditCommand extends Command
{
    protected $signature = 'vinculum:pantry-audit';

    protected $description = 'Prints what is odd in the pantry by laws that hold of any food';

    public function handle(Catalogue $catalogue): int
    {
        $odd = Audit::of($catalogue);
        array_map($this->line(...), $odd);
        $this->line($odd === [] ? 'Nothing is odd.' : count($odd).' things are odd.');

        return $odd === [] ? self::SUCCESS : self::FAILURE;
    }
}
