<?php

declare(strict_types=1);

namespace Tests\Support;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Solve\Aims;

/** Recipes drawn at random, the same one for a seed every time, each with a style it is to be brought to. */
final class Drawn
{
    private const THINGS = [
        'passata' => [100, 800],
        'gooseberry' => [100, 600],
        'sugar' => [10, 180],
        'honey' => [5, 60],
        'cider-vinegar' => [10, 150],
        'lime-juice' => [5, 40],
        'fine-salt' => [1, 18],
        'soy-sauce' => [5, 60],
        'onion' => [30, 150],
        'olive-oil' => [5, 60],
        'black-pepper' => [1, 4],
        'cayenne' => [0.2, 3],
        'mango' => [50, 300],
        'tomato-paste' => [10, 120],
        'dijon-type-mustard' => [5, 40],
        'water' => [20, 300],
        'smoked-paprika' => [1, 8],
        'yoghurt' => [50, 300],
        'white-miso' => [5, 40],
    ];

    /** @return array{Evaluation, Aims} */
    public static function recipe(int $seed): array
    {
        mt_srand(Seed::of($seed));
        $lines = [];
        foreach (self::THINGS as $slug => [$least, $most]) {
            if (mt_rand(0, 9) < 5) {
                $lines[$slug] = round($least + (($most - $least) * mt_rand(0, 100)) / 100, 1).' g';
            }
        }
        $lines += ['passata' => '300 g', 'sugar' => '30 g', 'cider-vinegar' => '40 g'];
        $processes = [
            ['kind' => 'none'],
            ['kind' => 'simmer', 'until' => ['loss_percent' => mt_rand(5, 40)]],
            ['kind' => 'simmer', 'minutes' => mt_rand(5, 40)],
            ['kind' => 'simmer', 'until' => ['mass_g' => mt_rand(300, 900)]],
        ];
        $style = Sauce::style(Seed::STYLES[mt_rand(0, count(Seed::STYLES) - 1)]);
        $from = Sauce::evaluate($lines, ['process' => $processes[mt_rand(0, 3)]], [], $style);

        return [$from, Aims::ofStyle($from, $style)];
    }
}
