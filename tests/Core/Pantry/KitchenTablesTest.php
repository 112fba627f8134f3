<?php

declare(strict_types=1);

namespace Tests\Core\Pantry;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Server;
use Vinculum\Mixture\Constituent;
use Vinculum\Pantry\CatalogueError;
use Vinculum\Pantry\Certainty;
use Vinculum\Pantry\KitchenTables;
use Vinculum\Pantry\Seasons;

/** What things smell of and when they are in season. */
final class KitchenTablesTest extends TestCase
{
    public function test_the_tables_that_ship_name_only_what_there_is(): void
    {
        $known = Sauce::catalogue()->slugs();
        $aromas = KitchenTables::aromas((string) file_get_contents(Server::root().'/database/kitchen/aroma.txt'), $known);
        $seasons = KitchenTables::seasons((string) file_get_contents(Server::root().'/database/kitchen/seasons.txt'), $known);

        self::assertGreaterThan(100, count($aromas));
        self::assertGreaterThan(40, count($seasons));
        foreach ($aromas as $slug => $strengths) {
            self::assertGreaterThan(0.0, min($strengths), $slug);
        }
    }

    /** @return iterable<string, array{'aromas'|'seasons', string, string}> */
    public static function slips(): iterable
    {
        yield 'a thing that is not in the pantry' => ['aromas', "# alliums\ngarlik garlic 1", 'aroma.txt, line 2: there is no ingredient “garlik”'];
        yield 'an aroma without a strength' => ['aromas', 'garlic garlic', 'followed by an aroma and its strength'];
        yield 'a thirteenth month' => ['seasons', 'plum 7 13', 'from 1 to 12'];
        yield 'no month' => ['seasons', 'plum 0 3', 'from 1 to 12'];
        yield 'one month only' => ['seasons', 'plum 7', 'first and last month'];
    }

    #[DataProvider('slips')]
    public function test_a_slip_in_a_table_is_named_with_its_line(string $table, string $text, string $said): void
    {
        $this->expectException(CatalogueError::class);
        $this->expectExceptionMessage($said);
        $table === 'aromas' ? KitchenTables::aromas($text, ['garlic', 'plum']) : KitchenTables::seasons($text, ['garlic', 'plum']);
    }

    public function test_a_source_behind_a_bar_and_comments_are_not_read(): void
    {
        self::assertSame(['garlic' => ['garlic' => 1.0, 'toasted' => 0.5]], KitchenTables::aromas("# all\n\ngarlic garlic 1 toasted 0.5 | memory, after somebody 7", ['garlic']));
        self::assertSame(['plum' => [7, 10]], KitchenTables::seasons('plum 7 10 | common practice', ['plum']));
    }

    public function test_a_season_may_go_over_the_new_year(): void
    {
        $seasons = new Seasons(['plum' => [7, 10], 'orange' => [11, 3]]);
        $in = static fn (string $slug): array => array_values(array_filter(range(1, 12), static fn (int $month): bool => $seasons->isIn($slug, $month)));

        self::assertSame([7, 8, 9, 10], $in('plum'));
        self::assertSame([1, 2, 3, 11, 12], $in('orange'));
        self::assertSame([], $in('sugar'));
        self::assertTrue($seasons->isOut('plum', 1));
        self::assertFalse($seasons->isOut('sugar', 1), 'what has no season is never out of it');
        self::assertNull($seasons->of('sugar'));
        self::assertTrue(Seasons::mayHave(Sauce::ingredient('plum')));
        self::assertFalse(Seasons::mayHave(Sauce::ingredient('honey')));
    }

    public function test_likeness_is_one_with_itself_even_and_never_negative(): void
    {
        $aromas = Sauce::aromas();
        $things = array_map(Sauce::ingredient(...), ['garlic', 'garlic-powder', 'onion', 'clove', 'allspice', 'lime-juice', 'sugar', 'water', 'basil']);
        foreach ($things as $one) {
            self::assertEqualsWithDelta(1.0, $aromas->likeness($one, $one), 1e-9, $one->slug);
            foreach ($things as $other) {
                self::assertEqualsWithDelta($aromas->likeness($one, $other), $aromas->likeness($other, $one), 1e-12);
                self::assertGreaterThanOrEqual(0.0, $aromas->likeness($one, $other));
            }
        }
        self::assertGreaterThan($aromas->likeness(Sauce::ingredient('garlic'), Sauce::ingredient('onion')), $aromas->likeness(Sauce::ingredient('garlic'), Sauce::ingredient('garlic-powder')));
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
