<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Tests\Support\Server;

/** The laws of the house: the arrows point one way, core knows nothing around it, and it names no ingredient. */
final class HouseTest extends TestCase
{
    /** As docs/architecture.md draws them: a folder uses only itself and those before it. */
    private const FOLDERS = [
        'Amount', 'Figure', 'Mixture', 'Pantry', 'Recipe', 'Cooking', 'Taste', 'Evaluation', 'Safety', 'Solve', 'Batch', 'Plan', 'Stove', 'Log', 'Words',
    ];

    public function test_every_folder_of_core_is_in_the_list(): void
    {
        foreach (glob(Server::root().'/core/*') ?: [] as $path) {
            self::assertContains(basename($path), self::FOLDERS);
        }
    }

    public function test_core_names_only_itself_and_no_folder_reaches_down_the_list(): void
    {
        foreach (self::files('core') as $file => $text) {
            $place = array_search(explode('/', $file)[1], self::FOLDERS, true);
            preg_match_all('/^use (?:function )?([\w\\\\]+)|\\\\((?:Illuminate|Symfony|App|Laravel)\\\\\w+)|Vinculum\\\\(\w+)\\\\/m', $text, $matches, PREG_SET_ORDER);
            foreach ($matches as $match) {
                $named = $match[1] ?: ($match[2] ?? '') ?: 'Vinculum\\'.($match[3] ?? '').'\\';
                self::assertStringStartsWith('Vinculum\\', $named, "{$file} reaches outside core: {$named}");
                $folder = explode('\\', $named)[1];
                self::assertLessThanOrEqual($place, array_search($folder, self::FOLDERS, true), "{$file} reaches down to {$folder}");
            }
        }
    }

    /**
     * @return array<string, string> text by path
     */
    private static function files(string $folder): array
    {
        $texts = [];
        /** @var \SplFileInfo $file */
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(Server::root()."/{$folder}", \FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file->getExtension() === 'php') {
                $texts[substr($file->getPathname(), strlen(Server::root()) + 1)] = (string) file_get_contents($file->getPathname());
            }
        }
        self::assertNotEmpty($texts);

        return $texts;
    }
}
