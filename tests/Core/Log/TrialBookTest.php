<?php

declare(strict_types=1);

namespace Tests\Core\Log;

use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Seed;
use Vinculum\Log\AsMade;
use Vinculum\Log\Attempt;
use Vinculum\Log\Change;
use Vinculum\Log\ChangeKind;
use Vinculum\Log\Changes;
use Vinculum\Log\OneOnly;
use Vinculum\Log\TastingNote;
use Vinculum\Log\TrialBook;

/** All the tries of one sauce. */
final class TrialBookTest extends TestCase
{
    private const SETS = 2000;

    private const PLUM = ['plum' => '1 kg', 'sugar' => '200 g', 'cider-vinegar' => '150 g', 'fine-salt' => '8 g'];

    private const SIMMER = ['process' => ['kind' => 'simmer', 'minutes' => 30]];

    public function test_a_batch_of_another_size_is_no_other_sauce(): void
    {
        $double = ['plum' => '2 kg', 'sugar' => '400 g', 'cider-vinegar' => '300 g', 'fine-salt' => '16 g'];
        $between = self::between(self::PLUM, $double);
        self::assertEqualsWithDelta(2.0, $between->scale, 1e-9);
        self::assertSame([], $between->all);

        // and what differs beside that is said by what the size would have made of it
        $between = self::between(self::PLUM, ['sugar' => '300 g'] + $double);
        self::assertSame(['of sugar'], array_column($between->all, 'key'));
        self::assertSame(['300 g', '400 g'], [$between->all[0]->is, $between->all[0]->was]);
        self::assertEqualsWithDelta(log(0.75) / log(1.5), $between->all[0]->size, 1e-9);
    }

    public function test_one_thing_in_place_of_another_is_one_change_and_back_is_the_other_way(): void
    {
        $malt = array_diff_key(self::PLUM, ['cider-vinegar' => true]) + ['malt-vinegar' => '150 g'];
        [$there] = self::between(self::PLUM, $malt)->all;
        [$back] = self::between($malt, self::PLUM)->all;

        self::assertSame(ChangeKind::Instead, $there->kind);
        self::assertSame($there->key, $back->key);
        self::assertSame(-$there->size, $back->size);
        // a spice where there was vinegar is two changes
        $spice = array_diff_key(self::PLUM, ['cider-vinegar' => true]) + ['star-anise' => '2 g'];
        self::assertEqualsCanonicalizing(
            [ChangeKind::Added, ChangeKind::LeftOut],
            array_map(static fn (Change $each): ChangeKind => $each->kind, self::between(self::PLUM, $spice)->all),
        );
    }

    public function test_each_try_is_held_against_the_one_it_is_nearest_to(): void
    {
        $book = TrialBook::of([
            self::attempt(1, self::PLUM),
            self::attempt(2, ['sugar' => '150 g'] + self::PLUM),
            self::attempt(3, ['sugar' => '150 g', 'fine-salt' => '12 g'] + self::PLUM),
            self::attempt(4, ['fine-salt' => '10 g'] + self::PLUM),
        ]);

        self::assertSame([null, 0, 1, 0], $book->from);
        self::assertSame([0, 1, 1, 1], array_map(count(...), $book->changes));
        self::assertSame(0.0, $book->steps[0]['sweetness']);
        self::assertLessThan(0.0, $book->steps[1]['sweetness']);
        self::assertNull($book->best);
    }

    public function test_longer_and_not_blended_are_changes_too(): void
    {
        $one = Sauce::evaluate(self::PLUM, self::SIMMER);
        $other = Sauce::evaluate(self::PLUM, ['process' => ['kind' => 'simmer', 'minutes' => 45]]);
        [$change] = Changes::between(AsMade::of($one), AsMade::of($other))->all;
        self::assertSame([ChangeKind::Longer, '45 min', '30 min'], [$change->kind, $change->is, $change->was]);
        self::assertEqualsWithDelta(1.0, $change->size, 1e-9);

        $blended = Sauce::evaluate(self::PLUM, ['process' => ['kind' => 'blend']]);
        self::assertEqualsCanonicalizing(
            ['simmer', 'blend'],
            array_column(Changes::between(AsMade::of($one), AsMade::of($blended))->all, 'name'),
        );
    }

    /** Two tries, one change, one taster: the posterior by hand. */
    public function test_what_a_change_did_is_the_conjugate_form(): void
    {
        $book = TrialBook::of([
            self::attempt(1, self::PLUM, [['', 5]]),
            self::attempt(2, ['star-anise' => '2 g'] + self::PLUM, [['', 8]]),
        ]);
        // change b ~ N(0, 1.5²), taster a ~ N(0, 2²) about six; −1 = a, 2 = a + b, each ± 1.2
        $w = 1 / 1.44;
        [$bb, $ab, $aa] = [1 / 2.25 + $w, $w, 1 / 4 + 2 * $w];
        [$rb, $ra] = [2 * $w, $w * (2 - 1)];
        $det = $bb * $aa - $ab ** 2;

        self::assertCount(1, $book->effects);
        self::assertEqualsWithDelta(($aa * $rb - $ab * $ra) / $det, $book->effects[0]->likings->value, 1e-9);
        self::assertEqualsWithDelta(1.2816 * sqrt($aa / $det), $book->effects[0]->likings->spread, 1e-9);
        self::assertTrue($book->effects[0]->isKnown);
    }

    public function test_of_two_things_that_moved_at_once_neither_is_known(): void
    {
        $book = TrialBook::of([
            self::attempt(1, self::PLUM, [['', 5]]),
            self::attempt(2, ['star-anise' => '2 g', 'sugar' => '300 g'] + self::PLUM, [['', 8]]),
        ]);

        self::assertCount(2, $book->effects);
        foreach ($book->effects as $effect) {
            self::assertFalse($effect->isKnown);
            self::assertCount(1, $effect->with);
        }
        // and one try more, with one of them alone, tells them apart
        $only = OneOnly::of(
            $book->tries[0]->made->recipe(),
            $book->tries[1]->made->recipe(),
            $book->changes[1][0],
        );
        $alone = Changes::between($book->tries[0]->made, AsMade::of(\Vinculum\Evaluation\Evaluation::of(
            $only,
            Sauce::catalogue(),
            null,
        )));
        self::assertSame([$book->changes[1][0]->key], array_column($alone->all, 'key'));
    }

    public function test_a_change_nobody_tasted_is_not_known_and_one_taster_says_nothing_for_another(): void
    {
        $tries = [
            self::attempt(1, self::PLUM, [['', 5], ['Wen', 6]]),
            self::attempt(2, ['star-anise' => '2 g'] + self::PLUM, [['', 8]]),
        ];

        self::assertTrue(TrialBook::of($tries, '')->effects[0]->isKnown);
        self::assertFalse(TrialBook::of($tries, 'Wen')->effects[0]->isKnown);
    }

    /** Simulated tasters with hidden effects: four intervals in five hold what is true. */
    public function test_the_intervals_of_effects_hold(): void
    {
        mt_srand(Seed::of(7));
        $recipes = [
            self::PLUM,
            ['star-anise' => '2 g'] + self::PLUM,
            ['onion' => '100 g'] + self::PLUM,
            ['star-anise' => '2 g', 'onion' => '100 g'] + self::PLUM,
        ];
        $made = array_map(static fn (array $lines): AsMade => AsMade::of(Sauce::evaluate($lines)), $recipes);
        $held = $all = 0;
        for ($set = 0; $set < 300; $set++) {
            [$anise, $onion] = [1.5 * self::normal(), 1.5 * self::normal()];
            $usual = 6 + self::normal();
            $worth = [0.0, $anise, $onion, $anise + $onion];
            $tries = array_map(static fn (AsMade $each, float $more): Attempt => new Attempt(1, $each, array_map(
                static fn (): TastingNote => new TastingNote(
                    '',
                    [],
                    (int) max(1, min(9, round($usual + $more + 1.2 * self::normal()))),
                    false,
                ),
                [1, 2],
            )), $made, $worth);
            foreach (TrialBook::of($tries)->effects as $effect) {
                $true = str_contains($effect->change->key, 'anise') ? $anise : $onion;
                $held += $effect->likings->low() <= $true && $true <= $effect->likings->high() ? 1 : 0;
                $all++;
            }
        }

        self::assertSame(600, $all);
        self::assertGreaterThan(0.73 * $all, $held);
        self::assertLessThan(0.88 * $all, $held);
    }

    public function test_the_best_by_hand(): void
    {
        // likings 8, 8 and 6: variances 1/(1/2.25 + 2/1.44) and 1/(1/2.25 + 1/1.44) about the mean 22/3
        $book = TrialBook::of([
            self::attempt(1, self::PLUM, [['', 8], ['', 8]]),
            self::attempt(2, self::PLUM, [['', 6]]),
            self::attempt(3, self::PLUM),
        ]);
        [$v, $w] = [1 / (1 / 2.25 + 2 / 1.44), 1 / (1 / 2.25 + 1 / 1.44)];
        $z = ($v * (22 / 3 / 2.25 + 16 / 1.44) - $w * (22 / 3 / 2.25 + 6 / 1.44)) / sqrt($v + $w);

        self::assertSame(0, $book->best);
        // the normal distribution below 1.105 is 0.8654 (any table)
        self::assertEqualsWithDelta(1.105, $z, 0.001);
        self::assertEqualsWithDelta(0.8654, $book->sureness, 0.001);
        self::assertSame(0, $book->toGoOnFrom());
    }

    public function test_one_that_was_tasted_is_not_the_best_of_anything(): void
    {
        self::assertNull(TrialBook::of([self::attempt(1, self::PLUM, [['', 9]]), self::attempt(2, self::PLUM)])->best);
        $even = TrialBook::of([self::attempt(1, self::PLUM, [['', 7]]), self::attempt(2, self::PLUM, [['', 7]])]);
        self::assertSame(0.5, round($even->sureness, 6));
        self::assertSame(1, $even->toGoOnFrom(), 'the last that was tasted');
    }

    /** Among simulated pairs of which it is nine parts in ten sure, nine in ten are so. */
    public function test_how_sure_it_is_is_how_often_it_is_right(): void
    {
        mt_srand(Seed::of(3));
        $made = AsMade::of(Sauce::evaluate(['plum' => '1 kg']));
        $right = $sure = 0.0;
        for ($set = 0; $set < self::SETS; $set++) {
            $worth = [6 + 1.5 * self::normal(), 6 + 1.5 * self::normal()];
            $tries = array_map(static fn (float $is): Attempt => new Attempt(1, $made, array_map(
                static fn (): TastingNote => new TastingNote(
                    '',
                    [],
                    (int) max(1, min(9, round($is + 1.2 * self::normal()))),
                    false,
                ),
                range(1, mt_rand(1, 4)),
            )), $worth);
            $book = TrialBook::of($tries);
            $right += $worth[(int) $book->best] >= max($worth) ? 1 : 0;
            $sure += $book->sureness;
        }

        self::assertEqualsWithDelta($sure / self::SETS, $right / self::SETS, 0.03);
    }

    /**
     * @param array<string, string> $one
     * @param array<string, string> $other
     */
    private static function between(array $one, array $other): Changes
    {
        return Changes::between(AsMade::of(Sauce::evaluate($one)), AsMade::of(Sauce::evaluate($other)));
    }

    /**
     * @param array<string, string> $lines
     * @param list<array{string, int}> $likings who, and how well
     */
    private static function attempt(int $number, array $lines, array $likings = []): Attempt
    {
        return new Attempt($number, AsMade::of(Sauce::evaluate($lines)), array_map(
            static fn (array $said): TastingNote => new TastingNote($said[0], [], $said[1], false),
            $likings,
        ));
    }

    private static function normal(): float
    {
        return sqrt(-2 * log(max(1e-12, mt_rand() / mt_getrandmax()))) * cos((2 * M_PI * mt_rand()) / mt_getrandmax());
    }
}
