<?php

declare(strict_types=1);

namespace Tests\Core\Pantry;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Mixture\Constituent;
use Vinculum\Pantry\Aroma;
use Vinculum\Pantry\CatalogueError;
use Vinculum\Pantry\CatalogueReader;
use Vinculum\Pantry\Certainty;
use Vinculum\Pantry\Ingredient;
use Vinculum\Pantry\Seasons;

/** What things smell of and when they are in season. */
final class AromaAndSeasonsTest extends TestCase
{
    public function test_what_ships_has_aromas_and_seasons(): void
    {
        $things = array_map(Sauce::ingredient(...), Sauce::catalogue()->slugs());
        self::assertGreaterThan(
            100,
            count(array_filter($things, static fn (Ingredient $thing): bool => $thing->aroma !== [])),
        );
        self::assertGreaterThan(40, count(Sauce::catalogue()->seasons()));
    }

    /** @return iterable<string, array{string, string}> a line of an entry, and what is said of it */
    public static function slips(): iterable
    {
        yield 'an aroma without a strength' => ['aroma garlic | common practice', 'names and strengths by the gram'];
        yield 'an aroma without a source' => ['aroma garlic 1', 'a source begins with'];
        yield 'a thirteenth month' => ['season 7 13', 'from 1 to 12'];
        yield 'no month' => ['season 0 3', 'from 1 to 12'];
        yield 'one month only' => ['season 7', 'first and last month'];
        yield 'a trait nobody knows' => ['traits nimble', '“nimble” is no trait'];
        yield 'a share of nothing' => ['most 3', 'most 2 %'];
        yield 'a role nobody plays' => ['roles hero', '“hero” is no role'];
        yield 'a tint nobody mixed' => ['tint octarine', '“octarine” is no tint'];
    }

    #[DataProvider('slips')]
    public function test_a_slip_in_an_entry_is_named_with_its_line(string $line, string $said): void
    {
        $this->expectException(CatalogueError::class);
        $this->expectExceptionMessageMatches('/^t\.txt, line 2: .*'.preg_quote($said, '/').'/');
        CatalogueReader::read(['t.txt' => "== a : a\n{$line}\n"], Sauce::catalogue()->vocabulary);
    }

    public function test_what_every_entry_of_a_table_is_stands_at_its_head_and_an_entry_may_differ(): void
    {
        $entry = "kind syrup\nform liquid\nknown pure\nfrom definition\nwater 100\n";
        $read = CatalogueReader::read(
            [
                't.txt' => "every traits bought ground\nevery most 6 %\n== a : a\n{$entry}== b : b\n{$entry}traits "
                    ."whole\nwithout ground\nmost 0.5 %\n",
            ],
            Sauce::catalogue()->vocabulary,
        );

        self::assertSame([['bought', 'ground'], 0.06], [$read['a']['traits'], $read['a']['mostShare']]);
        self::assertSame([['bought', 'whole'], 0.005], [$read['b']['traits'], $read['b']['mostShare']]);
    }

    public function test_a_season_may_go_over_the_new_year(): void
    {
        $seasons = new Seasons(['plum' => [7, 10], 'orange' => [11, 3]]);
        $in = static fn (string $slug): array => array_values(
            array_filter(range(1, 12), static fn (int $month): bool => $seasons->isIn($slug, $month)),
        );

        self::assertSame([7, 8, 9, 10], $in('plum'));
        self::assertSame([1, 2, 3, 11, 12], $in('orange'));
        self::assertSame([], $in('sugar'));
        self::assertTrue($seasons->isOut('plum', 1));
        self::assertFalse($seasons->isOut('sugar', 1), 'what has no season is never out of it');
        self::assertNull($seasons->monthsOf('sugar'));
        self::assertTrue(Seasons::mayHave(Sauce::ingredient('plum')));
        self::assertFalse(Seasons::mayHave(Sauce::ingredient('honey')));
    }

    public function test_likeness_is_one_with_itself_even_and_never_negative(): void
    {
        $things = array_map(Sauce::ingredient(...), [
            'garlic',
            'garlic-powder',
            'onion',
            'clove',
            'allspice',
            'lime-juice',
            'sugar',
            'water',
            'basil',
        ]);
        foreach ($things as $one) {
            self::assertEqualsWithDelta(1.0, Aroma::likeness($one, $one), 1e-9, $one->slug);
            foreach ($things as $other) {
                self::assertEqualsWithDelta(Aroma::likeness($one, $other), Aroma::likeness($other, $one), 1e-12);
                self::assertGreaterThanOrEqual(0.0, Aroma::likeness($one, $other));
            }
        }
        self::assertGreaterThan(
            Aroma::likeness(Sauce::ingredient('garlic'), Sauce::ingredient('onion')),
            Aroma::likeness(Sauce::ingredient('garlic'), Sauce::ingredient('garlic-powder')),
        );
    }

    public function test_the_better_known_a_kind_the_narrower_everything_of_it(): void
    {
        $kinds = [Certainty::Pure, Certainty::Assayed, Certainty::Branded, Certainty::Produce];
        for ($i = 1; $i < count($kinds); $i++) {
            self::assertLessThan($kinds[$i]->general(), $kinds[$i - 1]->general());
            self::assertLessThan($kinds[$i]->ph(), $kinds[$i - 1]->ph());
        }
        foreach ($kinds as $kind) {
            self::assertSame(M_LN2, $kind->of(Constituent::CAPSAICINOIDS), 'a chilli is known to a factor of two');
            self::assertSame($kind->general(), $kind->of(Constituent::SUCROSE));
        }
    }
}
