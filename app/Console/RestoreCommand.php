<?php

declare(strict_types=1);

namespace App\Console;

use App\House\Archive;
use App\House\Backups;
use App\House\UnreadableArchive;
use Illuminate\Console\Command;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;

final class RestoreCommand extends Command
{
    protected $signature = 'vinculum:restore {file : an archive that a backup made} '
        .'{--yes : do it, and not only say what would change}';

    protected $description = 'Puts back all that an archive holds, after a copy of what is there now';

    /** Whether there is a house, of this version of the product. */
    private static function isPrepared(): bool
    {
        $file = config()->string('database.connections.sqlite.database');
        try {
            return is_file($file) && filesize($file) > 0
                && DB::table('migrations')->count() === count(glob(database_path('migrations/*.php')) ?: []);
        } catch (QueryException) {
            return false;
        }
    }

    /** Into a house that has none yet as well. */
    private function preparedHouse(): void
    {
        $file = config()->string('database.connections.sqlite.database');
        if (! is_file($file)) {
            touch($file);
            chmod($file, 0o600);
        }
        $this->callSilently('migrate', ['--force' => true]);
    }

    public function handle(): int
    {
        $file = $this->argument('file');
        try {
            $isMeant = $this->option('yes') === true;
            if (! $isMeant && ! self::isPrepared()) {
                // only looked at: held against an empty house in memory, and none is made where there is none
                config(['database.connections.sqlite.database' => ':memory:']);
                DB::purge();
                $this->callSilently('migrate', ['--force' => true]);
            } elseif ($isMeant) {
                $this->preparedHouse();
            }
            $tables = Archive::read(is_string($file) ? $file : '');
            foreach (Archive::differences($tables) as $said) {
                $this->line($said);
            }
            if (! $isMeant) {
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
