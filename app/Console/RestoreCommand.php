<?php

declare(strict_types=1);

namespace App\Console;

use App\House\Archive;
use App\House\Backups;
use App\House\UnreadableArchive;
use Illuminate\Console\Command;

final class RestoreCommand extends Command
{
    protected $signature = 'vinculum:restore {file : an archive that a backup made} '
        .'{--yes : do it, and not only say what would change}';

    protected $description = 'Puts back all that an archive holds, after a copy of what is there now';

    public function handle(): int
    {
        $file = $this->argument('file');
        try {
            // into a house that has none yet as well
            $this->callSilently('migrate', ['--force' => true]);
            $tables = Archive::read(is_string($file) ? $file : '');
            foreach (Archive::differences($tables) as $said) {
                $this->line($said);
            }
            if ($this->option('yes') !== true) {
                $this->line('Nothing was changed. Say --yes to put it back.');

                return self::SUCCESS;
            }
            $before = Backups::usual()->beforeRestore();
            Archive::restore($tables);
        } catch (UnreadableArchive $why) {
            fwrite(STDERR, $why->getMessage()."\n");

            return self::FAILURE;
        }
        $this->line("It is put back. As it was before: {$before}");

        return self::SUCCESS;
    }
}
