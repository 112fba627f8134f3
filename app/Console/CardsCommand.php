<?php

declare(strict_types=1);

namespace App\Console;

use App\Recipes\ShelfCards;
use Illuminate\Console\Command;

/**
 * Works out the cards of the Shelf anew where the catalogue or the household has changed; bin/start runs it in the
 * background.
 */
final class CardsCommand extends Command
{
    private const AT_ONCE = 50;

    protected $signature = 'vinculum:cards';

    protected $description = 'Renew what the Shelf shows of every recipe';

    public function handle(ShelfCards $cards): int
    {
        $renewed = 0;
        do {
            $some = $cards->renew(self::AT_ONCE);
            $renewed += $some;
        } while ($some === self::AT_ONCE);
        $this->info("{$renewed} renewed.");

        return self::SUCCESS;
    }
}
