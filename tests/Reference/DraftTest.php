<?php

declare(strict_types=1);

namespace Tests\Reference;

use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Say;
use Tests\Support\Server;
use Vinculum\Safety\Need;
use Vinculum\Solve\Draft\Draft;
use Vinculum\Solve\Draft\Drafted;
use Vinculum\Solve\Draft\MakeUps;
use Vinculum\Solve\Swap\Criteria;

/** A draft of every kind, of several main things and for several diets; make-ups are common practice, no source. */
final class DraftTest extends TestCase
{
    private const MAINS = ['plum', 'mango', 'pear', 'raspberry', 'apple', 'blackberry', 'pineapple', 'peach'];

    /** Kinds whose body may be any of those. */
    private const FRUIT = ['fruit-ketchup', 'fruit-chutney', 'fruit-hot-sauce', 'fruit-coulis'];

    public function test_every_kind_has_a_make_up_that_lies_in_its_bands(): void
    {
        $reached = [];
        foreach (array_keys(Sauce::styles()) as $slug) {
            $draft = self::draft($slug);
            $reached[$slug] = $draft->isReached;
            foreach ($draft->evaluation->cooked->weighed->lines as $line) {
                self::assertNotNull($line->ingredient, "{$slug}: {$line->line->ingredient}");
                self::assertArrayHasKey($line->line->id, $draft->reasons);
            }
            self::assertSame([], $draft->evaluation->cooked->problems, $slug);
        }
        self::assertSame([], array_keys(array_filter($reached, static fn (bool $is): bool => ! $is)));
    }

    public function test_whatever_fruit_there_is_it_lands_or_says_why_not(): void
    {
        $landed = $all = 0;
        foreach (self::FRUIT as $slug) {
            foreach (self::MAINS as $main) {
                $draft = self::draft($slug, [[$main, 1200.0]]);
                $all++;
                $landed += $draft->isReached ? 1 : 0;
                self::assertTrue($draft->isReached || ! $draft->why->isEmpty(), "{$slug} of {$main}");
                $grams = array_sum(
                    array_map(
                        static fn ($line): float => $line->ingredient?->slug === $main ? $line->grams : 0.0,
                        $draft->evaluation->cooked->weighed->lines,
                    ),
                );
                self::assertGreaterThan(300.0, $grams, "{$slug} is of {$main}");
            }
        }
        self::assertGreaterThanOrEqual(0.95, $landed / $all, "{$landed} of {$all}");
    }

    public function test_for_whoever_does_not_eat_it_nothing_of_it_is_in_it(): void
    {
        $landed = $all = 0;
        $kept = [];
        foreach (array_keys(Sauce::styles()) as $slug) {
            foreach (['vegan', 'gluten', 'nuts', 'fish'] as $need) {
                $draft = self::draft($slug, [], [$need]);
                $all++;
                $landed += $draft->isReached ? 1 : 0;
                $against = array_filter(
                    $draft->evaluation->cooked->weighed->lines,
                    static fn ($line): bool => $line->ingredient !== null
                        && $line->grams > 0.0
                        && Sauce::need($need)->verdict($line->ingredient) === 'against',
                );
                if ($against !== []) {
                    $kept[] = "{$slug} for {$need}";
                    self::assertNotSame([], $draft->notes, "{$slug} for {$need}");
                }
            }
        }
        self::assertSame([], $kept);
        self::assertGreaterThanOrEqual(0.9, $landed / $all, "{$landed} of {$all}");
        // a mustard for whoever eats no mustard is none, and the note says so
        self::assertStringContainsString(
            'mustard',
            strtolower(implode(' ', array_map(Say::it(...), self::draft('sharp-mustard', [], ['mustard'])->notes))),
        );
    }

    public function test_what_there_is_takes_the_place_of_what_it_is_like_and_the_rest_follows(): void
    {
        $draft = self::draft('fruit-ketchup', [['plum', 2000.0]]);
        self::assertGreaterThan(1600.0, $draft->evaluation->cooked->mixture->mass());
        $honey = self::draft('fruit-ketchup', [['honey', null]]);
        self::assertNotContains(
            'sugar',
            array_map(static fn ($line): string => $line->line->ingredient, $honey->evaluation->cooked->weighed->lines),
        );
        // fresh tomatoes in the place of a paste are boiled down, and take the vinegar of what is left
        $fresh = self::draft('tomato-ketchup', [['tomato', 2000.0]]);
        self::assertTrue($fresh->isReached);
        self::assertEqualsWithDelta(1200.0, $fresh->evaluation->cooked->mixture->mass(), 250.0);
        // and what no kind of it can be says so, and is not blown up on the way
        $off = self::draft('fruit-hot-sauce', [['tomato', 1200.0]]);
        self::assertFalse($off->isReached);
        self::assertLessThan(2000.0, $off->evaluation->cooked->mixture->mass());
        $odd = self::draft('vinaigrette', [['rosemary', null]]);
        self::assertNotSame([], $odd->reasons);
        // nobody makes a ketchup of chillies by the kilogram in silence
        $hot = self::draft('fruit-ketchup', [['habanero', 1000.0]]);
        self::assertNotSame(
            '',
            implode(' ', array_map(Say::it(...), $hot->notes)).($hot->isReached ? '' : Say::it($hot->why)),
        );
    }

    public function test_what_smells_moves_no_taste_and_a_herb_takes_a_herbs_place(): void
    {
        foreach (
            [
                ['yoghurt-herb-dip', 'milk'], ['sesame-lemon-sauce', 'sesame'], ['nut-paste-sauce', 'peanuts'],
            ] as [$slug, $need]
        ) {
            self::assertLessThan(
                9.0,
                self::draft($slug, [], [$need])->evaluation->cooked->weighed->gramsOf('garlic'),
                $slug,
            );
        }
        // nor is a pinch of sugar got out for two cups of yoghurt
        self::assertSame(
            0.0,
            self::draft('yoghurt-herb-dip', [], ['milk'])->evaluation->cooked->weighed->gramsOf('sugar'),
        );
        $basil = self::draft('herb-oil-vinegar', [['basil', 50.0]])->evaluation->cooked->weighed;
        self::assertSame([50.0, 0.0], [$basil->gramsOf('basil'), $basil->gramsOf('parsley')]);
    }

    public function test_what_boils_down_is_not_too_much_of_itself(): void
    {
        foreach (
            [
                ['tomato-ketchup', 'tomato'], ['fruit-chutney', 'green-tomato'], ['fruit-chutney', 'rhubarb'],
            ] as [$slug, $main]
        ) {
            $notes = implode(' ', array_map(Say::it(...), self::draft($slug, [[$main, 1000.0]])->notes));
            self::assertStringNotContainsString('anybody', $notes, "{$main} in {$slug}");
        }
        $notes = implode(' ', array_map(Say::it(...), self::draft('herb-oil-vinegar', [['rosemary', 200.0]])->notes));
        self::assertStringContainsString('more rosemary than anybody puts into a sauce', $notes);
    }

    /** Nobody weighs out 579 g of vinegar, and a kitchen's scale shows no tenths of a gram. */
    public function test_a_draft_is_in_amounts_that_are_round_where_nothing_is_lost_by_it(): void
    {
        $round = $weighed = 0;
        foreach (array_keys(Sauce::styles()) as $style) {
            foreach (self::draft($style)->recipe->lines() as $line) {
                if (preg_match('/^([\d.]+) g$/', (string) $line->amount, $match) === 1) {
                    self::assertStringNotContainsString(
                        '.',
                        $match[1],
                        "{$style}: {$line->amount} {$line->ingredient}",
                    );
                    $weighed += (float) $match[1] >= 40 ? 1 : 0;
                    $round += (float) $match[1] >= 40 && (int) $match[1] % 5 === 0 ? 1 : 0;
                }
            }
        }
        self::assertGreaterThan(80, $weighed);
        self::assertGreaterThan(0.95 * $weighed, $round);
    }

    /** “With cloves”, and no word of how much: a few of them, not the fifty grams of what has no usual place. */
    public function test_what_nobody_says_how_much_of_there_is_goes_in_as_a_cook_would(): void
    {
        foreach (['clove', 'nutmeg', 'asafoetida', 'liquid-smoke'] as $slug) {
            $draft = self::draft('tomato-ketchup', [[$slug, null]]);
            $grams = $draft->evaluation->cooked->weighed->gramsOf($slug);
            self::assertGreaterThan(0.1, $grams, $slug);
            self::assertLessThan(
                0.5 * Sauce::ingredient($slug)->mostShare * $draft->evaluation->cooked->mixture->mass(),
                $grams,
                $slug,
            );
        }
    }

    /**
     * @param list<array{string, float|null}> $with
     * @param list<string> $needs
     */
    private static function draft(string $slug, array $with = [], array $needs = []): Drafted
    {
        $notes = MakeUps::read((string) file_get_contents(Server::root().'/database/make-ups.txt'))->notes;

        return Draft::of(
            Sauce::style($slug),
            $slug,
            $notes[$slug],
            array_map(
                static fn (array $each): array => ['ingredient' => Sauce::ingredient($each[0]), 'grams' => $each[1]],
                $with,
            ),
            array_map(static fn (string $need): Need => Sauce::need($need), $needs),
            Sauce::catalogue(),
            new Criteria,
        );
    }
}
