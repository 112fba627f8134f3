<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\File;

/**
 * Puts together once what every request would put together again: the configuration, the routes, the events, and a
 * list of
 * the classes that are loaded before the first. The environment says where they go, as it says to the server where
 * they are.
 */
final class ServedCommand extends Command
{
    protected $signature = 'vinculum:served {preload : the file that names the classes}';

    protected $description = 'Caches what is the same in every request, for the server';

    public function handle(Kernel $kernel): int
    {
        foreach (['config:cache', 'route:cache', 'event:cache'] as $each) {
            if ($this->callSilently($each) !== self::SUCCESS) {
                fwrite(STDERR, "{$each} failed.\n");

                return self::FAILURE;
            }
        }
        // what the framework loads for a route of words and for one that asks the database, even one that is not
        // there yet
        foreach (['/api/recipe.schema.json', '/api/recipes'] as $path) {
            $kernel->handle(Request::create($path, server: ['HTTP_ACCEPT' => 'application/json']));
        }
        // ours, and whatever each of them is made from
        foreach (
            [
                'core' => 'Vinculum', 'app' => 'App', 'vendor/opis/json-schema/src' => 'Opis\\JsonSchema',
            ] as $folder => $namespace
        ) {
            foreach (File::allFiles(base_path($folder)) as $file) {
                class_exists($namespace.'\\'.strtr(substr($file->getRelativePathname(), 0, -4), '/', '\\'));
            }
        }
        // a file with a class in it; functions that are declared twice would stop the server
        $files = array_filter(
            get_included_files(),
            static fn (string $file): bool => preg_match('~/[A-Z]\w*\.php$~', $file) === 1
                && ! str_contains($file, '/Console/'),
        );
        $preload = $this->argument('preload');
        File::put(
            is_string($preload) ? $preload : '',
            "<?php\n\nforeach ("
                .var_export(array_values($files), true)
                ." as \$file) {\n    is_file(\$file) && opcache_compile_file(\$file);\n}\n",
        );

        return self::SUCCESS;
    }
}
