<?php

declare(strict_types=1);

namespace App\Console;

use App\House\Backups;
use App\House\UnreadableArchive;
use Illuminate\Console\Command;

final class BackupCommand extends Command
{
    protected $signature = 'vinculum:backup '
        .'{--to= : the folder the copy goes to; where this house keeps them where nothing is said} '
        .'{--daily : only where the newest is a day old}';

    protected $description = 'Copies all this house keeps into one archive';

    public function handle(): int
    {
        try {
            $to = $this->option('to');
            $backups = Backups::usual();
            $path
                = $this->option('daily') === true
                    ? $backups->daily()
                    : $backups->make(is_string($to) && $to !== '' ? $to : null);
        } catch (UnreadableArchive $why) {
            fwrite(STDERR, $why->getMessage()."\n");

            return self::FAILURE;
        }
        $this->line($path ?? 'The newest copy is not a day old: none was needed.');

        return self::SUCCESS;
    }
}
