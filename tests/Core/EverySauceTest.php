<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Server;
use Vinculum\Batch\Making;
use Vinculum\Batch\Scaler;
use Vinculum\Batch\ScaleTarget;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Mixture\Constituent;
use Vinculum\Pantry\Ingredient;
use Vinculum\Plan\Hours;
use Vinculum\Plan\Wanted;
use Vinculum\Plan\WhenToBegin;
use Vinculum\Recipe\Ends;
use Vinculum\Recipe\Formats\Markdown;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\Jotted\JottedText;
use Vinculum\Solve\Aims;
use Vinculum\Solve\Draft\Draft;
use Vinculum\Solve\Draft\MakeUps;
use Vinculum\Solve\Feel;
use Vinculum\Solve\Rebalance\Rebalance;
use Vinculum\Solve\Rescue\Rescue;
use Vinculum\Solve\Swap\Criteria;
use Vinculum\Solve\Swap\FreeOf;
use Vinculum\Solve\Swap\Swap;
use Vinculum\Stove\Finish;
use Vinculum\Stove\StepKind;
use Vinculum\Stove\Steps;
use Vinculum\Taste\Measure;

/** What has to hold of any sauce: tried on one of every kind, as the product drafts it. */
final class EverySauceTest extends TestCase
{
    /** @var array<string, Evaluation> */
    private static array $drafts = [];

    /** @return iterable<string, array{string}> */
    public static function kinds(): iterable
    {
        foreach (array_keys(Sauce::styles()) as $slug) {
            yield $slug => [$slug];
        }
    }

    #[DataProvider('kinds')]
    public function test_no_mass_comes_from_nowhere_and_no_share_is_less_than_nothing(string $kind): void
    {
        $sauce = self::draft($kind);
        $in = array_sum(array_map(static fn ($line): float => $line->grams, $sauce->cooked->weighed->lines));
        $left = $sauce->cooked->mixture->mass();
        foreach ($sauce->cooked->mixture->grams as $constituent => $grams) {
            self::assertGreaterThanOrEqual(-1e-9, $grams, Constituent::KEYS[$constituent]);
        }
        self::assertLessThanOrEqual($in + 1e-6, $left);
        self::assertGreaterThan(0.05 * $in, $left);
    }

    #[DataProvider('kinds')]
    public function test_every_interval_holds_its_own_figure_and_stays_within_what_can_be(string $kind): void
    {
        $sauce = self::draft($kind);
        foreach ($sauce->tasting->measures as $name => $tasted) {
            self::assertLessThanOrEqual($tasted->figure->value + 1e-9, $tasted->figure->low(), $name);
            self::assertGreaterThanOrEqual($tasted->figure->value - 1e-9, $tasted->figure->high(), $name);
            self::assertGreaterThanOrEqual(0.0, $tasted->figure->low(), $name);
        }
        $ph = $sauce->estimates->ph();
        self::assertTrue($ph === null || (1.5 < $ph->low() && $ph->high() < 9.5));
        $brix = $sauce->estimates->brix();
        self::assertTrue($brix === null || (0.0 <= $brix->low() && $brix->high() <= 100.0));
        $activity = $sauce->estimates->waterActivity();
        self::assertTrue($activity === null || (0.0 < $activity->low() && $activity->high() <= 1.0));
    }

    #[DataProvider('kinds')]
    public function test_twice_of_it_is_twice_as_much_of_the_same(string $kind): void
    {
        $sauce = self::draft($kind);
        $double = (new Scaler(Sauce::catalogue()))->scale($sauce, ScaleTarget::times(2.0))->evaluation;
        self::assertEqualsWithDelta(2.0, $double->cooked->mixture->mass() / $sauce->cooked->mixture->mass(), 0.06);
        foreach (Measure::cases() as $measure) {
            $steps = $measure->steps($sauce->tasting->value($measure), $double->tasting->value($measure));
            self::assertLessThan(0.6, abs($steps), "{$measure->value}: rounded to what can be measured");
        }
    }

    #[DataProvider('kinds')]
    public function test_written_and_read_again_it_is_the_same_sauce(string $kind): void
    {
        $sauce = self::draft($kind);
        $same = Evaluation::of(
            RecipeDocument::read(RecipeDocument::write($sauce->recipe)),
            Sauce::catalogue(),
            $sauce->style,
        );
        self::assertSame($sauce->tasting->values(), $same->tasting->values());

        [$recipe, $questions] = JottedText::read(
            Markdown::write($sauce->cooked->weighed),
            Sauce::catalogue(),
            $sauce->recipe->measures,
        );
        self::assertSame([], $questions);
        $noted = Evaluation::of($recipe, Sauce::catalogue(), $sauce->style);
        self::assertEqualsWithDelta(
            $sauce->cooked->mixture->mass(),
            $noted->cooked->mixture->mass(),
            0.01 * $sauce->cooked->mixture->mass(),
        );
        foreach (Measure::cases() as $measure) {
            self::assertLessThan(
                0.1,
                abs($measure->steps($sauce->tasting->value($measure), $noted->tasting->value($measure))),
                $measure->value,
            );
        }
    }

    #[DataProvider('kinds')]
    public function test_at_the_stove_everything_goes_in_once_and_it_ends_as_it_is_usual(string $kind): void
    {
        $sauce = self::draft($kind);
        $steps = Steps::of($sauce);
        $lines = array_map(
            static fn ($line): string => $line->line->id,
            array_filter($sauce->cooked->weighed->lines, static fn ($line): bool => $line->grams > 0.0),
        );
        $of = static fn (StepKind $wanted): array => array_merge(
            ...array_map(static fn ($step): array => $step->kind === $wanted ? $step->lines : [], $steps),
        );
        self::assertEqualsCanonicalizing($lines, $of(StepKind::Gather));
        self::assertEqualsCanonicalizing($lines, $of(StepKind::Add));
        self::assertSame(count($steps), count(array_unique(array_map(static fn ($step): string => $step->id, $steps))));
        $kinds = array_map(static fn ($step): StepKind => $step->kind, $steps);
        self::assertSame(StepKind::Gather, $kinds[0]);
        self::assertContains(StepKind::Taste, $kinds);
        $ends = Finish::of($sauce, new Making)->ends;
        self::assertSame($ends === Ends::Jarred, in_array(StepKind::Fill, $kinds, true));
        self::assertSame($ends !== Ends::Jarred, in_array(StepKind::Serve, $kinds, true));
        foreach ($steps as $step) {
            self::assertGreaterThanOrEqual(0.0, $step->minutes->value);
            self::assertNotSame('', $step->title);
        }
    }

    #[DataProvider('kinds')]
    public function test_begun_when_it_says_it_is_ready_when_it_was_asked_for(string $kind): void
    {
        $hours = new Hours('Europe/Berlin');
        $now = $hours->minute('2030-11-01 08:00');
        $ready = $hours->minute('2030-12-20 18:00');
        $plan = WhenToBegin::of([Wanted::sauce(self::draft($kind), $ready)], $now, 2, 1, $hours);
        $schedule = $plan->schedule;
        self::assertNotNull($schedule);
        self::assertSame([false], $plan->isLate);
        $hands = [];
        foreach ($schedule->tasks as $i => $task) {
            [$from, $to] = [$schedule->starts[$i], $schedule->starts[$i] + $task->minutes];
            self::assertGreaterThanOrEqual($now - 1e-6, $from);
            self::assertLessThanOrEqual($ready + 1e-6, $to);
            if ($task->isHands) {
                $hands[] = [$from, $to];
            }
        }
        sort($hands);
        foreach ($hands as $i => [$from]) {
            self::assertGreaterThanOrEqual(
                ($hands[$i - 1][1] ?? -INF) - 1e-6,
                $from,
                'two hands do one thing at a time',
            );
        }
    }

    #[DataProvider('kinds')]
    public function test_too_much_of_a_taste_is_never_mended_with_more_of_it(string $kind): void
    {
        $sauce = self::draft($kind);
        $have = array_map(Sauce::ingredient(...), [
            'sugar',
            'fine-salt',
            'cider-vinegar',
            'lemon-juice',
            'soy-sauce',
            'honey',
            'cayenne',
            'maize-starch',
            'double-cream',
            'msg',
        ]);
        foreach ([Feel::Salty, Feel::Sour, Feel::Sweet] as $feel) {
            $measure = $feel->measure();
            self::assertNotNull($measure);
            if ($sauce->tasting->value($measure) < 2 * $measure->threshold()) {
                continue;
            }
            foreach (
                Rescue::of($sauce, Sauce::catalogue(), [$feel->value => 1.5], [...self::own($sauce), ...$have])
                    ->remedies as $remedy
            ) {
                self::assertLessThan(1.5, $remedy->steps[$feel->value], "{$feel->value}: nearer than it was");
                self::assertLessThanOrEqual(
                    $sauce->tasting->value($measure),
                    $remedy->after->tasting->value($measure) + 1e-9,
                );
                self::assertLessThan(3.1, $remedy->growth());
                foreach ($remedy->additions as $addition) {
                    self::assertGreaterThan(0.0, $addition->grams);
                    self::assertNotSame('', $addition->text);
                }
                // what it says, put into the recipe, is what it says
                $again = Evaluation::of($remedy->recipe, Sauce::catalogue(), $sauce->style);
                self::assertLessThan(
                    0.1,
                    abs($measure->steps($remedy->after->tasting->value($measure), $again->tasting->value($measure))),
                );
            }
        }
    }

    #[DataProvider('kinds')]
    public function test_nothing_stands_in_for_itself_and_what_does_is_named_with_what_it_brings(string $kind): void
    {
        $sauce = self::draft($kind);
        foreach ($sauce->cooked->weighed->lines as $line) {
            if ($line->ingredient === null || $line->grams <= 0.0) {
                continue;
            }
            $first = [];
            foreach (Swap::options($sauce, Sauce::catalogue(), $line->line->id, new Criteria) as $option) {
                $slugs = array_map(static fn ($addition): string => $addition->ingredient->slug, $option->with);
                self::assertNotContains($line->ingredient->slug, $slugs);
                self::assertNotContains($slugs, $first, 'one kind once in a list');
                $first[] = $slugs;
                $brought = array_diff(
                    array_merge(
                        ...array_map(static fn (string $slug): array => Sauce::ingredient($slug)->contains, $slugs),
                    ),
                    self::contains($sauce),
                );
                self::assertEmpty(
                    array_diff($brought, $option->gained),
                    'every allergen it brings is said: '.implode(', ', $slugs),
                );
                foreach ($option->compensations as $change) {
                    self::assertNotSame($line->line->id, $change->id, 'what goes out makes up for nothing');
                }
            }
        }
    }

    #[DataProvider('kinds')]
    public function test_for_whoever_does_not_eat_it_nothing_of_it_is_left_or_it_is_said(string $kind): void
    {
        $sauce = self::draft($kind);
        foreach (['vegan', 'gluten', 'nuts', 'eggs', 'milk', 'fish', 'soy', 'mustard'] as $named) {
            $needs = [Sauce::need($named)];
            $before = array_column(FreeOf::offending($sauce, $needs), 0);
            $freed = FreeOf::of($sauce, Sauce::catalogue(), $needs, new Criteria);
            $after = array_column(FreeOf::offending($freed->after, $needs), 0);
            self::assertSame(
                [],
                array_values(array_diff($after, array_column($freed->left, 'line'))),
                "{$named}: what is left is said",
            );
            self::assertSame(count($before), count($freed->changes) + count($freed->left), $named);
            if ($before === []) {
                self::assertSame([], $freed->changes, "{$named}: nothing was in the way");
            }
            foreach ($freed->changes as $change) {
                foreach ($change->with as $addition) {
                    self::assertNotSame(
                        'against',
                        $needs[0]->verdict($addition->ingredient),
                        "{$named}: {$addition->ingredient->slug}",
                    );
                }
            }
            self::assertGreaterThan(
                0.5 * $sauce->cooked->mixture->mass(),
                $freed->after->cooked->mixture->mass(),
                $named,
            );
        }
    }

    #[DataProvider('kinds')]
    public function test_brought_to_its_kind_it_is_nearer_and_nothing_locked_has_moved(string $kind): void
    {
        $sauce = self::draft($kind);
        $document = RecipeDocument::write($sauce->recipe);
        $biggest = 0;
        foreach ($sauce->cooked->weighed->lines as $i => $line) {
            $biggest = $line->grams > $sauce->cooked->weighed->lines[$biggest]->grams ? $i : $biggest;
        }
        $locked = $sauce->cooked->weighed->lines[$biggest]->line->id;
        foreach ($document['stages'] as $s => $stage) {
            foreach ($stage['lines'] ?? [] as $l => $line) {
                if ($line['id'] === $locked) {
                    $document['stages'][$s]['lines'][$l]['lock'] = true;
                } elseif (
                    in_array(
                        $line['ingredient'],
                        [
                            'sugar',
                            'fine-salt',
                            'honey',
                            'light-brown-sugar',
                            'dark-brown-sugar',
                            'cider-vinegar',
                            'lemon-juice',
                            'rice-vinegar',
                            'white-vinegar',
                        ],
                        true,
                    )
                ) {
                    $grams = 0.0;
                    foreach ($sauce->cooked->weighed->lines as $weighed) {
                        $grams += $weighed->line->id === $line['id'] ? $weighed->grams : 0.0;
                    }
                    $document['stages'][$s]['lines'][$l]['amount'] = round(1.6 * $grams, 2).' g';
                }
            }
        }
        $off = Evaluation::of(RecipeDocument::read($document), Sauce::catalogue(), $sauce->style);
        self::assertNotNull($off->style);
        $aims = Aims::ofStyle($off, $off->style);
        $short = static fn (Evaluation $at): float => array_sum(
            array_map(
                static fn (Measure $measure): float => $aims->steps($measure, $at->tasting->value($measure)) ** 2,
                Measure::cases(),
            ),
        );
        foreach (Rebalance::answers($off, Sauce::catalogue(), $aims) as $answer) {
            self::assertLessThanOrEqual(
                $short($off) + 0.1,
                $short($answer->after),
                'no answer is further off than the question',
            );
            foreach ($answer->after->cooked->weighed->lines as $line) {
                if ($line->line->id === $locked) {
                    self::assertEqualsWithDelta($sauce->cooked->weighed->lines[$biggest]->grams, $line->grams, 1e-6);
                }
                self::assertGreaterThanOrEqual(0.0, $line->grams);
            }
        }
    }

    /** @return list<Ingredient> */
    private static function own(Evaluation $sauce): array
    {
        return array_values(
            array_filter(array_map(static fn ($of): ?Ingredient => $of->ingredient, $sauce->cooked->weighed->lines)),
        );
    }

    /** @return list<string> */
    private static function contains(Evaluation $sauce): array
    {
        return array_merge(...array_map(static fn (Ingredient $one): array => $one->contains, self::own($sauce)));
    }

    private static function draft(string $slug): Evaluation
    {
        $notes = MakeUps::read((string) file_get_contents(Server::root().'/database/make-ups.txt'))->notes;

        return self::$drafts[$slug] ??= Draft::of(
            Sauce::style($slug),
            $slug,
            $notes[$slug],
            [],
            [],
            Sauce::catalogue(),
            new Criteria,
        )->evaluation;
    }
}
