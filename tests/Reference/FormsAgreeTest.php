<?php

declare(strict_types=1);

namespace Tests\Reference;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Density;

/**
 * One thing in several forms: dried, pressed, ground or boiled down it is the same dry matter, so that what one form
 * has of
 * it no other can contradict. Common practice, no source; the values are those of the entries.
 */
final class FormsAgreeTest extends TestCase
{
    /** Times by which the shares of the dry matter may differ: harvests, skins left behind, what a dryer takes. */
    private const MOST = ['sugars' => 2.2, 'acids' => 2.8, 'potassium' => 2.2, 'protein' => 2.2, 'glutamate' => 2.8];

    /** Less of it than this share of the dry matter is no matter. */
    private const LEAST = [
        'sugars' => 0.04,
        'acids' => 0.015,
        'potassium' => 0.004,
        'protein' => 0.02,
        'glutamate' => 0.001,
    ];

    /**
     * What is told apart on purpose, and why.
     */
    private const APART = [
        'red-chilli cayenne sugars' => 'the table\'s own figures; seeds are ground with it',
        'red-chilli chilli-flakes sugars' => 'as above',
        'red-chilli arbol sugars' => 'as above',
        'jalapeno chipotle sugars' => 'as above',
        'red-pepper paprika sugars' => 'as above',
        'poblano ancho acids' => 'ripe when it is dried',
        'plum prune acids' => 'prune plums are sweet ones',
        'tomato sun-dried-tomato glutamate' => 'measured so; a dryer browns it away',
        'garlic black-garlic sugars' => 'aged, its fructans are sugar',
        'garlic roasted-garlic sugars' => 'roasted, some of its fructans are',
        'peanut peanut-butter sugars' => 'sugar is put in',
    ];

    /** @return iterable<string, array{string, string}> */
    public static function forms(): iterable
    {
        $families = [
            [
                'tomato',
                'passata',
                'tomato-paste',
                'chopped-tomatoes',
                'tomato-juice',
                'cherry-tomato',
                'roasted-tomato',
                'sun-dried-tomato',
            ],
            ['onion', 'red-onion', 'dried-onion', 'onion-powder'],
            ['garlic', 'garlic-powder', 'roasted-garlic', 'black-garlic'],
            ['grape', 'raisin', 'currants', 'grape-juice'],
            ['apricot', 'dried-apricot'],
            ['plum', 'prune'],
            ['fig', 'dried-fig'],
            ['apple', 'dried-apple', 'apple-puree', 'apple-juice'],
            ['cranberry', 'cranberry-juice'],
            ['orange', 'orange-juice'],
            ['pineapple', 'pineapple-juice'],
            ['mango', 'mango-juice'],
            ['sour-cherry', 'cherry-juice'],
            ['red-chilli', 'cayenne', 'chilli-flakes', 'arbol'],
            ['poblano', 'ancho'],
            ['jalapeno', 'chipotle'],
            ['ginger', 'ground-ginger'],
            ['fresh-turmeric', 'turmeric'],
            ['mint', 'dried-mint'],
            ['basil', 'dried-basil'],
            ['parsley', 'dried-parsley'],
            ['thyme', 'dried-thyme'],
            ['rosemary', 'dried-rosemary'],
            ['sage', 'dried-sage'],
            ['dill', 'dried-dill'],
            ['tarragon', 'dried-tarragon'],
            ['chives', 'dried-chives'],
            ['fresh-oregano', 'oregano'],
            ['peanut', 'peanut-butter'],
            ['almond', 'almond-butter'],
            ['sesame-seed', 'tahini'],
            ['hazelnut', 'hazelnut-butter'],
            ['red-pepper', 'paprika', 'roasted-pepper'],
            ['fine-salt', 'coarse-salt', 'flake-salt'],
        ];
        foreach ($families as $family) {
            foreach (array_slice($family, 1) as $other) {
                yield "{$family[0]} {$other}" => [$family[0], $other];
            }
        }
    }

    #[DataProvider('forms')]
    public function test_two_forms_of_one_thing_have_the_same_dry_matter(string $one, string $other): void
    {
        [$first, $second] = [self::shares($one), self::shares($other)];
        $known = 0;
        foreach (self::MOST as $what => $most) {
            if (
                $first[$what] === null
                || $second[$what] === null
                || max($first[$what], $second[$what]) < self::LEAST[$what]
            ) {
                continue;
            }
            $known++;
            $ratio = max($first[$what], self::LEAST[$what] / 2) / max($second[$what], self::LEAST[$what] / 2);
            $isApart = isset(self::APART["{$one} {$other} {$what}"]);
            $isFar = max($ratio, 1 / $ratio) > $most;
            self::assertSame(
                $isApart,
                $isFar,
                sprintf(
                    '%s %.3f and %.3f of the dry matter of %s and %s',
                    $what,
                    $first[$what],
                    $second[$what],
                    $one,
                    $other,
                ),
            );
        }
        self::assertGreaterThan(0, $known + ($one === 'fine-salt' ? 1 : 0));
    }

    /** @return array<string, float|null> shares of the dry matter besides salt; null where it is not known */
    private static function shares(string $slug): array
    {
        $thing = Sauce::ingredient($slug);
        $per = $thing->perGram;
        $dry = 1 - $per[Constituent::WATER] - Density::SALT_PER_SODIUM * $per[Constituent::SODIUM];
        $share = static function (array $constituents) use ($thing, $per, $dry): ?float {
            $known = array_filter($constituents, $thing->knows(...));

            return $known === [] || $dry < 0.01
                ? null
                : array_sum(array_map(static fn (int $each): float => $per[$each], $known)) / $dry;
        };

        return [
            'sugars'
                => $thing->knows(Constituent::GLUCOSE) || $thing->knows(Constituent::SUCROSE)
                    ? $share([Constituent::SUCROSE, Constituent::GLUCOSE, Constituent::FRUCTOSE, Constituent::MALTOSE])
                    : null,
            'acids'
                => $thing->knows(Constituent::CITRIC) && $thing->knows(Constituent::MALIC)
                    ? $share([Constituent::CITRIC, Constituent::MALIC, Constituent::TARTARIC])
                    : null,
            'potassium' => $share([Constituent::POTASSIUM]),
            'protein' => $share([Constituent::PROTEIN]),
            'glutamate' => $share([Constituent::GLUTAMIC]),
        ];
    }
}
