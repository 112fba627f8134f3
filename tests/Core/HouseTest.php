<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;

/** The arrows point one way: core knows nothing of the house around it, and no folder reaches down the list. */
final class HouseTest extends TestCase
{
    private const FOLDERS = ['Measure', 'Mixture', 'Pantry', 'Recipe', 'Kitchen', 'Taste', 'Keeping', 'Solve', 'Batch'];

    public function test_every_folder_of_core_is_in_the_list(): void
    {
        foreach (glob(dirname(__DIR__, 2).'/core/*') ?: [] as $path) {
            self::assertContains(basename($path), self::FOLDERS);
        }
    }

    public function test_core_names_only_itself_and_no_folder_reaches_down_the_list(): void
    {
        $files = glob(dirname(__DIR__, 2).'/core/*/*.php') ?: [];
        self::assertNotEmpty($files);
        foreach ($files as $file) {
            $place = array_search(basename(dirname($file)), self::FOLDERS, true);
            preg_match_all('/^use ([\w\\\\]+)|\\\\((?:Illuminate|Symfony|App|Laravel)\\\\\w+)|Vinculum\\\\(\w+)\\\\/m', (string) file_get_contents($file), $matches, PREG_SET_ORDER);
            foreach ($matches as $match) {
                $named = $match[1] ?: ($match[2] ?? '') ?: 'Vinculum\\'.($match[3] ?? '').'\\';
                self::assertStringStartsWith('Vinculum\\', $named, basename($file)." reaches outside core: {$named}");
                $folder = explode('\\', $named)[1];
                self::assertLessThanOrEqual($place, array_search($folder, self::FOLDERS, true), basename($file)." reaches down to {$folder}");
            }
        }
    }
}
