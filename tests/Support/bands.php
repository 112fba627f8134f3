<?php

declare(strict_types=1);

// bin/bands: writes what tests/data/ordinary.txt comes to into database/styles

use Tests\Support\Ordinary;

require __DIR__.'/../../vendor/autoload.php';

$recipes = [...Ordinary::recipes()];
$bands = [];
foreach ($recipes as $style => $each) {
    $bands[$style] = Ordinary::bands($style, $each);
}
foreach (glob(__DIR__.'/../../database/styles/*.json') ?: [] as $file) {
    $family = json_decode((string) file_get_contents($file), true, 16, JSON_THROW_ON_ERROR);
    foreach ($family as $i => $each) {
        foreach ($bands[$each['slug']] ?? [] as $measure => $band) {
            $was = $each['bands'][$measure] ?? ['low' => 0, 'aim' => 0, 'high' => 0];
            echo str_pad($each['slug'], 28), str_pad($measure, 12), implode(' ', $band);
            echo ', was ', implode(' ', $was), "\n";
            $family[$i]['bands'] = [$measure => $band] + $family[$i]['bands'];
        }
        $family[$i]['bands'] = array_merge(
            array_flip(array_keys($bands[$each['slug']] ?? [])),
            $family[$i]['bands'],
            Ordinary::figures($each['slug'], $recipes[$each['slug']] ?? [], $each['bands']),
        );
        $family[$i]['source'] = 'computed from ordinary recipes of the kind, from memory, and one cook’s judgement';
    }
    if (! in_array('--print', $argv, true)) {
        $json = json_encode($family, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
        file_put_contents($file, preg_replace('/^( +)\1(?! )/m', '$1', (string) $json)."\n");
    }
}
