<?php

declare(strict_types=1);

namespace Tests\Core\Solve;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Server;
use Vinculum\Pantry\Ingredient;
use Vinculum\Solve\Draft\Beginning;
use Vinculum\Solve\Draft\Draft;
use Vinculum\Solve\Draft\MakeUps;
use Vinculum\Solve\Swap\Criteria;
use Vinculum\Taste\Measure;
use Vinculum\Words\BeginView;
use Vinculum\Words\Speech;

/** Where a sauce can begin from: what it is built on, and what brings each of its tastes. */
final class BeginningTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function kinds(): iterable
    {
        foreach (array_keys(self::notes()) as $slug) {
            yield $slug => [$slug];
        }
    }

    #[DataProvider('kinds')]
    public function test_every_kind_has_what_it_is_usually_built_on_first_and_nothing_twice(string $kind): void
    {
        $beginning = self::of($kind);
        self::assertSame('usual', $beginning->mains[0]['why'] ?? '');
        $slugs = array_map(static fn (array $main): string => $main['thing']->slug, $beginning->mains);
        self::assertSame($slugs, array_values(array_unique($slugs)));
        self::assertLessThanOrEqual(10, count($slugs));
        // what is built on a bought sauce may have all of its tastes from that
        if (! $beginning->mains[0]['thing']->isOf('table-sauce', 'chilli-sauce')) {
            self::assertNotSame([], array_merge(...array_values($beginning->bringers)));
        }
        foreach ($beginning->bringers as $measure => $things) {
            $first = $things[0] ?? null;
            self::assertTrue($first === null || $first['usual'], "{$measure} begins with what is usual");
            self::assertLessThanOrEqual(6, count($things));
            foreach ($things as $each) {
                self::assertGreaterThan(
                    0.0,
                    Measure::from($measure)->strengthOf($each['thing']) ?? 0.0,
                    "{$each['thing']->slug} brings {$measure}",
                );
            }
        }
    }

    /** Whatever is pressed is in the draft: each thing that is offered, one at a time. */
    #[DataProvider('kinds')]
    public function test_what_is_offered_goes_into_the_draft(string $kind): void
    {
        $beginning = self::of($kind);
        $offered = array_map(
            static fn (array $main): Ingredient => $main['thing'],
            array_slice($beginning->mains, 1, 2),
        );
        foreach ($beginning->bringers as $things) {
            $others = array_values(array_filter($things, static fn (array $each): bool => ! $each['usual']));
            $offered = [
                ...$offered,
                ...array_map(static fn (array $each): Ingredient => $each['thing'], array_slice($others, 0, 1)),
            ];
        }
        foreach ($offered as $thing) {
            $draft = Draft::of(
                Sauce::style($kind),
                $kind,
                self::notes()[$kind],
                [['ingredient' => $thing, 'grams' => null]],
                [],
                Sauce::catalogue(),
                new Criteria,
            );
            self::assertGreaterThan(
                0.0,
                $draft->evaluation->cooked->weighed->gramsOf($thing->slug),
                "{$thing->slug} in {$kind}",
            );
        }
    }

    public function test_what_is_on_hand_goes_before_what_is_in_season_and_what_is_out_of_it_is_left_out(): void
    {
        $wishes = new Criteria(
            onHand: ['apple'],
            inSeason: ['quince'],
            outOfSeason: ['strawberry', 'plum', 'raspberry'],
        );
        $mains = [];
        foreach (self::of('fruit-ketchup', $wishes)->mains as $main) {
            $mains[$main['thing']->slug] = $main['why'];
        }
        self::assertSame(
            ['plum' => 'usual', 'apple' => 'on hand', 'quince' => 'in season'],
            array_slice($mains, 0, 3, true),
        );
        self::assertArrayNotHasKey('strawberry', $mains);
        self::assertArrayHasKey(
            'strawberry',
            array_flip(
                array_map(
                    static fn (array $main): string => $main['thing']->slug,
                    self::of('fruit-ketchup', new Criteria(onHand: ['strawberry'], outOfSeason: ['strawberry']))->mains,
                ),
            ),
            'what is on hand is used, in season or not',
        );
    }

    /** Two of one name are told apart, and nobody is asked whether the salt is fine or coarse. */
    public function test_what_is_offered_is_told_apart(): void
    {
        foreach (array_keys(self::notes()) as $kind) {
            $shown = (new BeginView(Speech::usual()))->of(Sauce::styles(), self::of($kind));
            foreach ([$shown['built_on'], ...array_column($shown['tastes'], 'things')] as $things) {
                $names = array_column($things, 'name');
                self::assertSame($names, array_values(array_unique($names)), $kind);
                self::assertLessThanOrEqual(
                    1,
                    count(array_intersect(array_column($things, 'slug'), ['fine-salt', 'coarse-salt', 'flake-salt'])),
                    $kind,
                );
            }
        }
    }

    /** What would be refused when it is pressed is not there to press. */
    public function test_butter_is_no_beginning_of_what_is_never_warm(): void
    {
        foreach (['herb-oil-vinegar', 'vinaigrette', 'mayonnaise-type'] as $kind) {
            foreach (self::of($kind, new Criteria(onHand: ['butter', 'lard', 'coconut-oil']))->mains as $main) {
                self::assertFalse($main['thing']->is('sets-cold'), "{$main['thing']->slug} in {$kind}");
            }
        }
    }

    public function test_nobody_builds_a_sauce_on_salt(): void
    {
        foreach (['soy-glaze', 'soy-vinegar-dip', 'miso-dressing'] as $kind) {
            foreach (self::of($kind, new Criteria(onHand: ['fine-salt', 'tamari']))->mains as $main) {
                self::assertNotSame('fine-salt', $main['thing']->slug, $kind);
            }
        }
    }

    public function test_what_never_comes_into_this_house_is_not_offered(): void
    {
        foreach (
            self::of('vinegar-pepper-mop', new Criteria(never: ['lemon-juice', 'white-vinegar']))->bringers as $things
        ) {
            foreach ($things as $each) {
                self::assertNotContains($each['thing']->slug, ['lemon-juice', 'white-vinegar']);
            }
        }
    }

    public function test_left_out_it_is_not_in_it(): void
    {
        $without = Draft::of(
            Sauce::style('fruit-ketchup'),
            'fruit-ketchup',
            self::notes()['fruit-ketchup'],
            [],
            [],
            Sauce::catalogue(),
            new Criteria,
            0,
            ['cayenne'],
        );

        self::assertSame(0.0, $without->evaluation->cooked->weighed->gramsOf('cayenne'));
        self::assertSame(0.0, $without->evaluation->tasting->value(Measure::Heat));
        self::assertGreaterThan(0.0, $without->evaluation->cooked->weighed->gramsOf('sugar'));
    }

    /** Each kind in small: the aim within its band, none above the frame, and one leads each family. */
    public function test_the_kinds_in_small(): void
    {
        $styles = Sauce::styles();
        $shown = (new BeginView(Speech::usual()))->of($styles, null);
        $leads = [];
        $tallest = [];
        foreach ($shown['directions'] as $direction) {
            $leads[$direction['family']] = ($leads[$direction['family']] ?? 0) + ($direction['leads'] ? 1 : 0);
            foreach ($direction['columns'] as $column) {
                self::assertLessThanOrEqual($column['aim'], $column['low']);
                self::assertLessThanOrEqual($column['high'], $column['aim']);
                self::assertLessThanOrEqual(1.0, $column['high']);
                $tallest[$column['label']] = max($tallest[$column['label']] ?? 0.0, $column['high']);
            }
        }
        $families = array_column($shown['directions'], 'family');
        $runs = 1 + count(array_filter(
            array_slice($families, 1),
            static fn (string $family, int $i): bool => $family !== $families[$i],
            ARRAY_FILTER_USE_BOTH,
        ));
        self::assertCount($runs, array_unique($families), 'a family stands together');
        self::assertCount(count($styles), $shown['directions']);
        self::assertSame([1], array_values(array_unique($leads)));
        self::assertSame(
            [1.0],
            array_values(array_unique($tallest)),
            'each taste fills the frame in the kind that has most of it',
        );
        self::assertSame([], $shown['built_on']);
        // in the order one builds: sour, sweet, salt, depth, heat
        $chosen = (new BeginView(Speech::usual()))->of($styles, self::of('fruit-ketchup'));
        self::assertSame(
            ['sour', 'sweet', 'salt'],
            array_column($chosen['tastes'], 'taste'),
            'hardly any of it is hot',
        );
        self::assertSame(
            ['salt', 'heat'],
            array_slice(
                array_column(
                    (new BeginView(Speech::usual()))->of($styles, self::of('vinegar-pepper-mop'))['tastes'],
                    'taste',
                ),
                -2,
            ),
        );
        self::assertSame(['slug' => 'plum', 'name' => 'plums', 'why' => 'usual'], $chosen['built_on'][0]);
    }

    private static function of(string $kind, Criteria $wishes = new Criteria): Beginning
    {
        return Beginning::of(Sauce::style($kind), self::notes()[$kind], Sauce::catalogue(), $wishes);
    }

    /** @return array<string, string> */
    private static function notes(): array
    {
        return MakeUps::read((string) file_get_contents(Server::root().'/database/make-ups.txt'))->notes;
    }
}
