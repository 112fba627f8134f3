<?php

declare(strict_types=1);

namespace Tests\Core\Pantry;

use App\Pantry\Compiled;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Server;
use Vinculum\Mixture\Constituent;
use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\CatalogueError;
use Vinculum\Pantry\CatalogueReader;
use Vinculum\Pantry\Portion;

final class CatalogueTest extends TestCase
{
    private const PEPPER = "== pepper : a pepper\nkind fresh-chilli\nform pieces\nknown produce\nfrom memory, "
        ."after a book\nwater 88 sodium 9\nshu-dry 200000\nnil sugars\n";

    public function test_everything_that_ships_adds_up_to_100_g_and_names_where_each_value_comes_from(): void
    {
        $slugs = Sauce::catalogue()->slugs();
        self::assertGreaterThanOrEqual(50, count($slugs));
        foreach ($slugs as $slug) {
            $ingredient = Sauce::ingredient($slug);
            self::assertEqualsWithDelta(100.0, $ingredient->total(), 1e-9, $slug);
            foreach ($ingredient->composition as $constituent => $value) {
                $key = Constituent::KEYS[$constituent];
                self::assertSame($value === null, $ingredient->sources[$constituent] === '', "{$slug}, {$key}");
                self::assertTrue($value === null || $value >= 0.0, "{$slug}, {$key}");
            }
            self::assertNotSame([], $ingredient->roles, $slug);
            self::assertSame($ingredient->density === null, $ingredient->densitySource === '', $slug);
        }
    }

    public function test_a_scoville_figure_on_dry_mass_is_turned_into_one_as_is(): void
    {
        // 200 000 on dry mass at 12 % solids is 24 000 fresh; 16 SHU to the mg/kg
        $pepper = CatalogueReader::read(['t.txt' => self::PEPPER], Sauce::catalogue()->vocabulary)['pepper'];

        self::assertEqualsWithDelta(
            24_000 / 16,
            ($pepper['composition'][Constituent::CAPSAICINOIDS] ?? 0.0) * 1e4,
            1e-6,
        );
        self::assertStringContainsString('dry mass', $pepper['sources'][Constituent::CAPSAICINOIDS]);
    }

    public function test_what_is_not_listed_is_unknown_and_what_is_nil_is_zero(): void
    {
        $pepper = CatalogueReader::read(['t.txt' => self::PEPPER], Sauce::catalogue()->vocabulary)['pepper'];

        self::assertNull($pepper['composition'][Constituent::GLUTAMIC]);
        self::assertSame(0.0, $pepper['composition'][Constituent::SUCROSE]);
        self::assertEqualsWithDelta(0.009, $pepper['composition'][Constituent::SODIUM], 1e-12);
    }

    /**
     * @return iterable<string, array{string, string}> the table, words of the error
     */
    public static function brokenTables(): iterable
    {
        yield 'a value without a source' => ["== a : a\nform liquid\nknown pure\nwater 100\n", 'line 4: say "from'];
        yield 'a source of no known kind' => [
            "== a : a\nform liquid\nknown pure\nfrom the internet\n",
            'line 4: a source begins with',
        ];
        yield 'more than 100 g' => [
            "== a : a\nkind syrup\nform liquid\nknown pure\nfrom definition\nwater 90 sucrose 20\n",
            'more than 100 g',
        ];
        yield 'salt without room for its chloride' => [
            "== a : a\nkind syrup\nform liquid\nknown pure\nfrom definition\nwater 90 sodium 9000\n",
            'chloride',
        ];
        yield 'a constituent nobody knows' => [
            "== a : a\nform liquid\nknown pure\nfrom definition\nwater 90 salt 10\n",
            '“salt” is no constituent',
        ];
        yield 'a number that is none' => [
            "== a : a\nform liquid\nknown pure\nfrom definition\nwater lots\n",
            '“lots” should be a number',
        ];
        yield 'the same slug twice' => [self::PEPPER.self::PEPPER, 'pepper is there already'];
        yield 'another name twice' => ["== a : a\nalso b, c, b\n", 'line 2: “b” is said twice'];
        yield 'no water' => ["== a : a\nkind syrup\nform liquid\nknown pure\n", 'has no water'];
        yield 'no kind' => ["== a : a\nform liquid\nknown pure\nfrom definition\nwater 100\n", 'has no “kind” line'];
        yield 'a kind nobody knows' => ["== a : a\nkind gravel\n", 'line 2: “gravel” is no kind'];
        yield 'no form' => ["== a : a\nkind syrup\nknown pure\nfrom definition\nwater 100\n", 'has no “form” line'];
    }

    #[DataProvider('brokenTables')]
    public function test_a_broken_table_says_where_and_why(string $table, string $words): void
    {
        $this->expectException(CatalogueError::class);
        $this->expectExceptionMessageMatches('/^t\.txt, line \d+: .*/');
        $this->expectExceptionMessageMatches('/'.preg_quote($words, '/').'/');

        CatalogueReader::read(['t.txt' => $table], Sauce::catalogue()->vocabulary);
    }

    /**
     * @return iterable<string, array{string, string}> what is typed, what comes first
     */
    public static function searches(): iterable
    {
        yield 'a whole name' => ['honey', 'honey'];
        yield 'the start of a name' => ['goose', 'gooseberry'];
        yield 'an alias' => ['cornflour', 'maize-starch'];
        yield 'the start of a later word' => ['miso', 'red-miso'];
        yield 'two words in any order' => ['vinegar cider', 'cider-vinegar'];
        yield 'an accent' => ['jalapeño', 'jalapeno'];
        yield 'capitals' => ['ACV', 'cider-vinegar'];
    }

    #[DataProvider('searches')]
    public function test_finds_what_is_typed(string $typed, string $slug): void
    {
        self::assertSame($slug, Sauce::catalogue()->search($typed)[0]->slug ?? null);
    }

    public function test_a_name_that_means_several_things_says_which_the_likeliest_of_the_country_first(): void
    {
        $of = static fn (string $name, string $set): array => array_map(
            static fn ($one): string => $one->slug,
            Sauce::catalogue()->maybe($name, $set),
        );

        self::assertSame(['passata', 'tomato-paste'], $of('tomato puree', 'us'));
        self::assertSame('tomato-paste', $of('tomato purée', 'metric')[0]);
        self::assertContains('cider-vinegar', $of('Cider', 'us'));
        self::assertSame([], $of('honey', 'us'));
    }

    public function test_what_a_household_means_comes_before_every_other_name(): void
    {
        $pantry = ['cider-vinegar' => self::compiled('cider-vinegar'), 'honey' => self::compiled('honey')];
        $here = new Catalogue($pantry, Sauce::catalogue()->vocabulary, ['Cider' => 'cider-vinegar', 'gold' => 'gone']);

        self::assertSame('cider-vinegar', $here->named('ciders')?->slug);
        self::assertTrue($here->isName('CIDER'));
        self::assertNull($here->named('gold'), 'what it meant is gone');
    }

    public function test_a_misspelt_name_is_one_letter_off_or_two_where_it_is_long(): void
    {
        foreach (
            [
                'hony' => 'honey',
                'worcestershir' => 'worcestershire-type-sauce',
                'gooseberrys' => 'gooseberry',
                'tumeric' => 'turmeric',
                'smoked papirka' => 'smoked-paprika',
            ] as $written => $slug
        ) {
            self::assertSame($slug, Sauce::catalogue()->misspelt($written)?->slug, $written);
        }
        // two letters of a short word are another word
        foreach (['xyzzy', 'hat', '', 'black beans'] as $nothing) {
            self::assertNull(Sauce::catalogue()->misspelt($nothing)?->slug, $nothing);
        }
    }

    /** @return array<string, mixed> */
    private static function compiled(string $slug): array
    {
        return Compiled::from(Server::root().'/database')->pantry[$slug];
    }

    public function test_the_plural_may_stand_before_what_it_lies_in(): void
    {
        self::assertSame('chipotle-in-adobo', Sauce::catalogue()->named('chipotles in adobo')?->slug);
    }

    public function test_nobody_measures_less_of_what_is_cut_than_a_quarter_of_a_piece_or_half_a_gram(): void
    {
        foreach (
            [
                'water' => 0.6, 'cayenne' => 0.1, 'lime-zest' => 0.5, 'onion' => 0.5, 'curry-leaf' => 0.1,
            ] as $slug => $grams
        ) {
            self::assertSame($grams, Sauce::ingredient($slug)->leastMeasured(), $slug);
        }
    }

    public function test_a_short_name_is_not_taken_for_another_thing(): void
    {
        $short = [
            'milk' => 'milk',
            'condensed-milk' => 'condensed and sweetened milk',
            'cider-vinegar' => 'cider vinegar',
            'white-vinegar-10' => 'white vinegar, 10 %',
            'ground-ginger' => 'ground ginger',
            'roasted-pepper' => 'roasted red pepper',
        ];
        foreach ($short as $slug => $name) {
            self::assertSame($name, Sauce::ingredient($slug)->shortName());
        }
        $all = array_map(
            static fn (string $slug): string => Sauce::ingredient($slug)->shortName(),
            Sauce::catalogue()->slugs(),
        );
        self::assertSame([], array_diff_key($all, array_unique($all)), 'two things of one short name');
    }

    public function test_a_portion_is_said_in_the_plural_of_many(): void
    {
        $spoken = [
            'bunch' => 'bunches',
            'leaf' => 'leaves',
            'strip' => 'strips',
            'handful' => 'handfuls',
            'slice' => 'slices',
            'medium' => 'medium',
            'each' => 'each',
        ];
        foreach ($spoken as $one => $many) {
            self::assertSame("2 {$many}", Portion::counted('2', 2.0, $one));
            self::assertSame("1 {$one}", Portion::counted('1', 1.0, $many));
        }
    }

    public function test_a_slip_of_the_pen_has_neighbours(): void
    {
        self::assertContains('gooseberry', Sauce::catalogue()->nearest('goosebery'));
        self::assertLessThanOrEqual(3, count(Sauce::catalogue()->nearest('vinegar')));
        self::assertSame([], Sauce::catalogue()->nearest('xyzzyxyzzyxyzzy'));
    }

    public function test_a_renamed_slug_still_finds_its_ingredient(): void
    {
        self::assertSame('sugar', Sauce::catalogue()->find('white-sugar')?->slug);
        self::assertNull((new Catalogue([], Sauce::catalogue()->vocabulary))->find('sugar'));
    }

    public function test_no_kitchen_is_without_salt_sugar_and_a_vinegar(): void
    {
        $staples = array_map(Sauce::ingredient(...), Sauce::catalogue()->staples());

        self::assertCount(3, $staples);
        foreach (['salty', 'sweet', 'acid'] as $role) {
            self::assertCount(
                1,
                array_filter($staples, static fn ($thing): bool => in_array($role, $thing->roles, true)),
                $role,
            );
        }
        self::assertSame([], array_merge(...array_map(static fn ($thing): array => $thing->contains, $staples)));
        self::assertSame([], (new Catalogue([], Sauce::catalogue()->vocabulary))->staples());
    }

    public function test_what_a_thing_left_behind_stands_for_as_much_of_it_as_went_in(): void
    {
        foreach (['tomato', 'honey', 'sugar', 'milk'] as $slug) {
            $thing = Sauce::ingredient($slug);
            $row = array_map(static fn (float $share): float => 250 * $share, $thing->perGram);
            self::assertEqualsWithDelta(250.0, $thing->gramsBehind($row), 0.01, $slug);
            // however much of its water has boiled away
            $row[Constituent::WATER] *= 0.1;
            self::assertEqualsWithDelta(250.0, $thing->gramsBehind($row), 0.01, $slug);
        }
        self::assertSame(0.0, Sauce::ingredient('water')->gramsBehind(Sauce::ingredient('water')->perGram));
    }
}
