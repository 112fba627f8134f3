<?php

declare(strict_types=1);

namespace Tests\Core\Solve\Swap;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Say;
use Vinculum\Solve\Addition;
use Vinculum\Solve\Swap\Criteria;
use Vinculum\Solve\Swap\Substitution;
use Vinculum\Solve\Swap\Swap;

/** What is said beside a stand-in: true of it, and of one mind. */
final class NotesTest extends TestCase
{
    private const SAUCES = [
        'tahini' => [
            'tahini' => '200 g',
            'water' => '150 g',
            'lemon-juice' => '60 g',
            'garlic' => '4 g',
            'fine-salt' => '4 g',
        ],
        'peanut-butter' => [
            'peanut-butter' => '150 g',
            'coconut-milk' => '200 g',
            'soy-sauce' => '40 g',
            'lime-juice' => '30 g',
        ],
        'coriander-leaf' => [
            'tomato' => '400 g',
            'coriander-leaf' => '20 g',
            'lime-juice' => '30 g',
            'red-onion' => '60 g',
        ],
        'sesame-oil' => ['soy-sauce' => '100 g', 'rice-vinegar' => '60 g', 'sesame-oil' => '15 g', 'sugar' => '10 g'],
        'habanero' => ['mango' => '500 g', 'habanero' => '24 g', 'white-vinegar' => '150 g', 'fine-salt' => '10 g'],
        'maize-starch' => ['soy-sauce' => '100 g', 'water' => '200 g', 'sugar' => '40 g', 'maize-starch' => '12 g'],
        'egg-yolk' => ['egg-yolk' => '40 g', 'sunflower-oil' => '300 g', 'lemon-juice' => '30 g', 'fine-salt' => '4 g'],
        'honey' => [
            'honey' => '100 g',
            'dijon-type-mustard' => '60 g',
            'cider-vinegar' => '40 g',
            'olive-oil' => '80 g',
        ],
        'mirin' => ['soy-sauce' => '150 g', 'mirin' => '100 g', 'sugar' => '50 g'],
        'thyme' => ['passata' => '500 g', 'thyme' => '4 g', 'onion' => '80 g', 'fine-salt' => '6 g'],
    ];

    /** @return iterable<string, array{string}> */
    public static function sauces(): iterable
    {
        foreach (array_keys(self::SAUCES) as $slug) {
            yield $slug => [$slug];
        }
    }

    /** “Tastes the same” is never said beside a smell that is lost or new. */
    #[DataProvider('sauces')]
    public function test_what_tastes_the_same_smells_the_same(string $slug): void
    {
        foreach (self::options($slug) as $option) {
            $notes = self::notes($option);
            $isSame = str_contains($notes, 'tastes the same');
            self::assertFalse(
                $isSame && (str_contains($notes, 'Loses the smell') || str_contains($notes, 'Smells of')),
                self::words($option).': '.$notes,
            );
            if ($isSame) {
                self::assertLessThan(
                    0.3,
                    max(
                        array_map(
                            abs(...),
                            array_intersect_key($option->steps, array_flip(['sweet', 'sour', 'salty', 'umami', 'hot'])),
                        ),
                    ),
                );
            }
        }
    }

    #[DataProvider('sauces')]
    public function test_nothing_is_said_twice_and_all_of_it_reads(string $slug): void
    {
        $options = self::options($slug);
        self::assertNotSame([], $options);
        foreach ($options as $option) {
            $notes = array_map(Say::it(...), $option->notes);
            self::assertSame($notes, array_values(array_unique($notes)));
            foreach ($notes as $note) {
                self::assertMatchesRegularExpression('/^[A-Z“"].*[.]$/u', $note);
                self::assertDoesNotMatchRegularExpression('/\{|\}|  /', $note);
            }
        }
    }

    public function test_seeds_in_the_place_of_a_paste_are_ground_first_and_a_paste_is_not(): void
    {
        $ground = $plain = 0;
        foreach (['tahini', 'peanut-butter'] as $slug) {
            foreach (self::options($slug) as $option) {
                $isWhole
                    = $option->with[0]->ingredient->form->value !== 'paste'
                    && $option->with[0]->ingredient->isFatty()
                    && $option->with[0]->ingredient->form->value !== 'liquid';
                self::assertSame(
                    $isWhole,
                    str_contains(self::notes($option), 'to a paste first'),
                    self::words($option),
                );
                $ground += $isWhole ? 1 : 0;
                $plain += $isWhole ? 0 : 1;
            }
        }
        self::assertGreaterThan(0, $ground);
        self::assertGreaterThan(0, $plain);
        foreach (self::options('tahini') as $option) {
            self::assertStringNotContainsString(
                'oil',
                $option->with[0]->ingredient->slug,
                'a sauce of sesame paste is not one of oil',
            );
        }
    }

    /** A spoon of sesame oil is a spoon of another oil, however little that smells. */
    public function test_oil_for_oil_is_as_much_of_it(): void
    {
        foreach (self::options('sesame-oil') as $option) {
            if ($option->with[0]->ingredient->isFatty()) {
                self::assertEqualsWithDelta(15.0, $option->with[0]->grams, 5.5, self::words($option));
            }
        }
    }

    public function test_an_egg_for_yolks_is_a_whole_one(): void
    {
        $eggs = array_values(
            array_filter(
                self::options('egg-yolk'),
                static fn (Substitution $option): bool => $option->with[0]->ingredient->slug === 'egg',
            ),
        );

        self::assertSame('1', $eggs[0]->with[0]->text ?? '');
    }

    /** @return list<Substitution> */
    private static function options(string $slug): array
    {
        $from = Sauce::evaluate(
            self::SAUCES[$slug],
            in_array($slug, ['maize-starch', 'habanero', 'mirin', 'thyme'], true)
                ? ['process' => ['kind' => 'simmer', 'minutes' => 15]]
                : [],
        );
        foreach ($from->recipe->lines() as $line) {
            if ($line->ingredient === $slug) {
                return array_slice(Swap::options($from, Sauce::catalogue(), $line->id, new Criteria), 0, 8);
            }
        }
        self::fail("There is no {$slug} in it.");
    }

    private static function notes(Substitution $option): string
    {
        return implode(' ', array_map(Say::it(...), $option->notes));
    }

    private static function words(Substitution $option): string
    {
        return implode(
            ' + ',
            array_map(
                static fn (Addition $addition): string => $addition->text.' '.$addition->ingredient->slug,
                $option->with,
            ),
        );
    }
}
