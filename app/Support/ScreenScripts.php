<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Support\Facades\Vite;

/**
 * The scripts of one screen, which the browser may fetch while it still reads those that every screen has; by what
 * Vite wrote down of its build.
 */
final class ScreenScripts
{
    /** Where each screen begins, by the first part of its address. */
    public const BEGINS = [
        'batch' => 'resources/js/batch/BatchScreen.tsx',
        'begin' => 'resources/js/begin/BeginScreen.tsx',
        'bench' => 'resources/js/bench/Bench.tsx',
        'card' => 'resources/js/batch/Card.tsx',
        'how' => 'resources/js/how/How.tsx',
        'keys' => 'resources/js/how/Keys.tsx',
        'labels' => 'resources/js/log/Labels.tsx',
        'log' => 'resources/js/log/LogScreen.tsx',
        'pantry' => 'resources/js/pantry/Pantry.tsx',
        'pot' => 'resources/js/pot/PotScreen.tsx',
        'shopping' => 'resources/js/batch/ShoppingList.tsx',
        'stove' => 'resources/js/stove/StoveScreen.tsx',
        'styles' => 'resources/js/styles/Styles.tsx',
        'trials' => 'resources/js/log/book/BookScreen.tsx',
        'when' => 'resources/js/when/WhenScreen.tsx',
    ];

    private const EVERY = 'resources/js/main.tsx';

    /**
     * @param string $screen the first part of its address
     * @return list<string> addresses, none for a screen that is in what every screen has
     */
    public static function of(string $screen): array
    {
        $begins = self::BEGINS[$screen] ?? null;
        $built = public_path('build/manifest.json');
        if ($begins === null || ! is_file($built) || Vite::isRunningHot()) {
            return [];
        }
        /** @var array<string, array{file: string, imports?: list<string>}> $manifest */
        $manifest = json_decode((string) file_get_contents($built), true) ?: [];
        $there = self::with(self::EVERY, $manifest);

        return array_values(array_map(
            static fn (string $file): string => asset("build/{$file}"),
            array_diff(self::with($begins, $manifest), $there),
        ));
    }

    /**
     * A module's file and those of all it takes from others.
     *
     * @param array<string, array{file: string, imports?: list<string>}> $manifest
     * @param array<string, string> $found
     * @return array<string, string> by module
     */
    private static function with(string $module, array $manifest, array $found = []): array
    {
        if (isset($found[$module]) || ! isset($manifest[$module])) {
            return $found;
        }
        $found[$module] = $manifest[$module]['file'];
        foreach ($manifest[$module]['imports'] ?? [] as $import) {
            $found = self::with($import, $manifest, $found);
        }

        return $found;
    }
}
