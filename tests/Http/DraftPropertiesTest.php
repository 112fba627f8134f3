<?php

declare(strict_types=1);

namespace Tests\Http;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Sauce;
use Tests\Support\Seed;

/** What has to hold of any draft, whatever is pressed: chosen at random, the same for a number every time. */
final class DraftPropertiesTest extends HttpTestCase
{
    private const NEEDS = [
        'vegan',
        'vegetarian',
        'gluten',
        'nuts',
        'eggs',
        'milk',
        'soy',
        'fish',
        'sesame',
        'mustard',
        'sulphites',
        'alcohol',
        'added-sugar',
    ];

    /** @return iterable<string, array{int}> */
    public static function numbers(): iterable
    {
        foreach (range(1, 48) as $number) {
            yield "no. {$number}" => [$number];
        }
    }

    #[DataProvider('numbers')]
    public function test_a_draft_is_a_recipe_and_holds_what_it_says(int $number): void
    {
        [$asked, $pressed] = $this->pressed($number);
        $draft = $this->documented('draft', $this->postJson('/api/draft', $asked));
        $said = json_encode($asked, JSON_THROW_ON_ERROR);

        // every line has a reason, and can be read again as it is written
        $lines = array_merge(...array_column($draft['recipe']['stages'], 'lines'));
        self::assertNotSame([], $lines, $said);
        $answer = $this->documented('evaluation', $this->postJson('/api/evaluate', ['recipe' => $draft['recipe']]));
        $wrong = array_filter(
            $answer['analysis']['problems'],
            static fn (array $one): bool => ! in_array($one['code'], ['to-taste', 'share-above-sensible'], true),
        );
        self::assertSame([], array_values($wrong), $said);
        foreach ($draft['reasons'] as $reason) {
            self::assertNotSame('', $reason['why'], $said);
            self::assertNotSame('', $reason['amount'], $said);
        }
        // its picture is the one the Bench will draw
        foreach ($answer['bench']['columns'] as $i => $column) {
            self::assertEqualsWithDelta($column['top'], $draft['columns'][$i]['top'], 1e-4, $said);
        }
        // it lands, or says why not
        self::assertTrue($draft['status'] === 'reached' || $draft['why'] !== '', $said);
        // nobody is given what they do not eat
        foreach ($lines as $line) {
            $thing = Sauce::ingredient($line['ingredient']);
            foreach ($asked['free_of'] as $need) {
                $isSaid = array_filter(
                    [$draft['why'], ...$draft['notes']],
                    static fn (string $text): bool => str_contains($text, $thing->shortName())
                        || str_contains(mb_strtolower($text), mb_strtolower($thing->name)),
                );
                self::assertTrue(
                    Sauce::need($need)->verdict($thing) !== 'against' || $isSaid !== [],
                    "{$thing->slug}, though {$need}: {$said}",
                );
            }
            self::assertNotContains($line['ingredient'], $asked['without'], $said);
        }
        // what was pressed is in it, unless somebody does not eat it
        $in = array_column($lines, 'ingredient');
        foreach ($pressed as $slug) {
            $isRuledOut
                = array_filter(
                    $asked['free_of'],
                    static fn (string $need): bool => Sauce::need($need)->verdict(Sauce::ingredient($slug))
                        === 'against',
                ) !== [];
            self::assertTrue($isRuledOut || in_array($slug, $in, true), "{$slug} was pressed: {$said}");
        }
    }

    /**
     * As a hand presses: one kind, perhaps another main, perhaps another bringer of one taste, perhaps no heat, up to
     * two needs.
     *
     * @return array{array{style: string, with: list<string>, without: list<string>, free_of: list<string>,
     * another: int}, list<string>}
     */
    private function pressed(int $number): array
    {
        mt_srand(Seed::of($number));
        $kind = Seed::STYLES[mt_rand(0, count(Seed::STYLES) - 1)];
        $begin = $this->getJson("/api/begin?style={$kind}")->json();
        $with = [];
        if (mt_rand(0, 1) === 1) {
            $with[] = $begin['built_on'][mt_rand(0, count($begin['built_on']) - 1)]['slug'];
        }
        $without = [];
        foreach ($begin['tastes'] as $taste) {
            $others = array_values(array_filter($taste['things'], static fn (array $thing): bool => ! $thing['usual']));
            if ($taste['taste'] === 'heat' && mt_rand(0, 2) === 0) {
                $without = array_column(
                    array_filter($taste['things'], static fn (array $thing): bool => $thing['usual']),
                    'slug',
                );
            } elseif ($others !== [] && $with === [] && mt_rand(0, 3) === 0) {
                $with[] = $others[mt_rand(0, count($others) - 1)]['slug'];
            }
        }
        $needs = self::NEEDS;
        shuffle($needs);
        $without = array_values(array_diff($without, $with));

        return [
            [
                'style' => $kind,
                'with' => $with,
                'without' => $without,
                'free_of' => array_slice($needs, 0, mt_rand(0, 2)),
                'another' => mt_rand(0, 2),
            ],
            $with,
        ];
    }
}
