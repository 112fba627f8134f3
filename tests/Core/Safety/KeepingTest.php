<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Seed;
use Tests\Support\Staged;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Figure;
use Vinculum\Pantry\CatalogueError;
use Vinculum\Pantry\KeepingPage;
use Vinculum\Safety\Caution;
use Vinculum\Safety\Cautions;
use Vinculum\Safety\Facts;
use Vinculum\Safety\InFat;
use Vinculum\Safety\Keeping\Keepers;
use Vinculum\Safety\KeepingTime;
use Vinculum\Safety\OwnSauce;
use Vinculum\Words\KeepingGuide;

/**
 * How long a sauce keeps: the shortest that anything in it and the sauce as a whole allow, by rows of
 * database/keeping.txt; and what is true of it whatever the sauce.
 */
final class KeepingTest extends TestCase
{
    private const SIMMERED = ['process' => ['kind' => 'simmer', 'minutes' => 20, 'lid' => true]];

    /** What sauces are drawn of, g. */
    private const DRAWN = [
        'passata' => 300,
        'tomato' => 300,
        'plum' => 300,
        'raspberry' => 200,
        'white-vinegar' => 200,
        'cider-vinegar' => 120,
        'lemon-juice' => 40,
        'sugar' => 150,
        'honey' => 60,
        'fine-salt' => 20,
        'soy-sauce' => 100,
        'garlic' => 20,
        'onion' => 150,
        'red-chilli' => 60,
        'basil' => 30,
        'olive-oil' => 200,
        'butter' => 60,
        'milk' => 200,
        'double-cream' => 100,
        'egg-yolk' => 40,
        'mayonnaise' => 100,
        'chicken-stock' => 300,
        'peanut-butter' => 80,
        'plain-flour' => 20,
        'dijon-type-mustard' => 40,
        'chickpeas' => 150,
        'red-wine' => 100,
        'smoked-paprika' => 5,
        'water' => 200,
    ];

    /** What keeps nothing and is not sour: none of it makes a sauce keep longer. */
    private const NO_PRESERVATIVE = ['water', 'onion', 'milk', 'chicken-stock', 'basil', 'egg-yolk', 'olive-oil',
        'chickpeas', 'plain-flour'];

    /** @return iterable<string, array{string, float, float}> stages, days at least and at most */
    public static function sauces(): iterable
    {
        foreach (file(__DIR__.'/../../data/keeping.txt', FILE_IGNORE_NEW_LINES) ?: [] as $row) {
            if ($row !== '' && $row[0] !== '#') {
                [$name, $stages, $least, $most] = array_map(trim(...), explode('|', $row));
                yield $name => [$stages, (float) $least, (float) $most];
            }
        }
    }

    #[DataProvider('sauces')]
    public function test_keeps_so_many_days(string $stages, float $least, float $most): void
    {
        $keeps = KeepingTime::of(Facts::of(Staged::evaluate($stages)));
        // what is bought and stands alone keeps as its label says
        $days = $keeps->fridgeDays ?? INF;

        self::assertGreaterThanOrEqual($least, $days, $keeps?->text() ?? '');
        self::assertLessThanOrEqual($most, $days, $keeps?->text() ?? '');
    }

    /** @return iterable<string, array{array<string, string>, array<string, mixed>}> lines, stage */
    public static function drawn(): iterable
    {
        mt_srand(Seed::of(34));
        for ($number = 0; $number < 200; $number++) {
            $lines = [];
            foreach (self::DRAWN as $slug => $most) {
                if (mt_rand(0, 9) < 3) {
                    $lines[$slug] = round(max(0.5, ($most * mt_rand(1, 100)) / 100), 1).' g';
                }
            }
            $lines = $lines === [] ? ['water' => '100 g'] : $lines;
            yield "{$number}: ".implode(', ', array_keys($lines)) => [
                $lines,
                [
                    [],
                    self::SIMMERED,
                    ['process' => ['kind' => 'blend']],
                    ['process' => ['kind' => 'warm', 'minutes' => 10]],
                ][mt_rand(0, 3)],
            ];
        }
    }

    public function test_laws_of_any_sauce(): void
    {
        $isKept = 0;
        foreach (self::drawn() as $name => [$lines, $stage]) {
            $before = self::days($lines, $stage);
            if ($before === null) {
                continue;
            }
            $isKept++;
            self::assertLessThanOrEqual($before->fridgeDays, $before->openedDays, "{$name}: opened, no longer");
            self::assertLessThanOrEqual($before->meteredDays, $before->fridgeDays, "{$name}: a meter only helps");
            $facts = Facts::of(Sauce::evaluate($lines, $stage));
            $isSalty = $facts->shareOfKind('salt', 'soy-sauces') >= 0.05;
            if ($facts->isLowAcid() && ! $facts->isTooDryForBotulism() && ! $isSalty) {
                self::assertLessThanOrEqual(28, $before->fridgeDays, $name);
                self::assertTrue(
                    $before->fridgeDays <= 7 || $facts->sugars() > 0.2 || $facts->shareOfKind('mustard') > 0.1,
                    "{$name}: it may be over 4.6 and keeps {$before->fridgeDays} days",
                );
            }
            foreach (self::NO_PRESERVATIVE as $thing) {
                $with = Facts::of(Sauce::evaluate($lines + [$thing => '30 g'], $stage));
                if ((new InFat($facts))->isOily() && ! (new InFat($with))->isOily()) {
                    // so much else beside the fat that nothing lies in it any more
                    continue;
                }
                $after = KeepingTime::of($with);
                self::assertLessThanOrEqual($before->fridgeDays, $after->fridgeDays ?? INF, "{$name}, and {$thing}");
            }
        }
        self::assertGreaterThan(150, $isKept);
    }

    public function test_acid_salt_sugar_and_boiling_never_shorten_it(): void
    {
        foreach (self::drawn() as $name => [$lines, $stage]) {
            $before = self::days($lines, $stage);
            if ($before === null || isset($lines['raspberry'])) {
                continue;
            }
            foreach (['citric-acid' => '5 g', 'fine-salt' => '5 g', 'sugar' => '20 g'] as $thing => $amount) {
                $with = Facts::of(Sauce::evaluate($lines + [$thing => $amount], $stage));
                // thinned by it, the pH that is thought may move by a hundredth, and past where a row begins
                if (Keepers::of($with)->hold(Keepers::of(Facts::of(Sauce::evaluate($lines, $stage)))->names)) {
                    $after = KeepingTime::of($with)->fridgeDays ?? 0;
                    self::assertGreaterThanOrEqual($before->fridgeDays, $after, "{$name}, and {$thing}");
                }
            }
            // some vinegar boils off, and fat is more of what is left: where neither tells, boiling does no harm
            $facts = static fn (array $stage): Facts => Facts::of(Sauce::evaluate($lines, $stage));
            $kept = static fn (array $stage): Keepers => Keepers::of($facts($stage));
            $isRich = (new InFat($facts(self::SIMMERED)))->isOily();
            if (! $isRich && $kept(self::SIMMERED)->hold($kept($stage)->names)) {
                $boiled = self::days($lines, self::SIMMERED);
                self::assertGreaterThanOrEqual($before->fridgeDays, $boiled->fridgeDays ?? 0, "{$name}, simmered");
            }
        }
    }

    public function test_one_lemon_changes_no_more_than_its_own_row(): void
    {
        $own = min(array_column(self::page()['keeping']['juice']['times'], 'fridge'));
        foreach (self::drawn() as $name => [$lines, $stage]) {
            $without = self::days(array_diff_key($lines, ['lemon-juice' => 1]), $stage)?->fridgeDays;
            $with = self::days(['lemon-juice' => '5 g'] + $lines, $stage)?->fridgeDays;
            if ($without !== null && $with !== null) {
                self::assertGreaterThanOrEqual(min($without, $own), $with, $name);
            }
        }
    }

    public function test_everything_in_the_pantry_stands_in_a_row(): void
    {
        foreach (Sauce::catalogue()->slugs() as $slug) {
            $keeps = self::days([$slug => '50 g', 'water' => '1 g'], []);
            self::assertNotSame('of-no-kind', $keeps?->row, "{$slug} stands in no row of keeping.txt");
        }
    }

    public function test_opened_and_frozen_are_the_shortest_of_all_that_is_in_it_too(): void
    {
        // tomato and vinegar keep 7 days and 5 opened; milk freezes for 1 month only, and egg not at all
        $lines = ['passata' => '300 g', 'cider-vinegar' => '60 g'];
        $tomato = self::keeps($lines);
        $creamed = self::keeps($lines + ['double-cream' => '60 g']);
        $bound = self::keeps($lines + ['double-cream' => '60 g', 'egg-yolk' => '30 g']);

        self::assertSame([7, 5, 6], [$tomato->fridgeDays, $tomato->openedDays, $tomato->frozenMonths]);
        self::assertSame([3, 2, 1], [$creamed->fridgeDays, $creamed->openedDays, $creamed->frozenMonths]);
        self::assertSame(['double cream'], $creamed->names, 'what decides is named');
        self::assertSame([3, 2, 0], [$bound->fridgeDays, $bound->openedDays, $bound->frozenMonths]);
    }

    public function test_what_only_a_meter_can_say_is_said_to_be_so(): void
    {
        $lines = ['red-chilli' => '500 g', 'fine-salt' => '15 g'];
        $stage = ['process' => ['kind' => 'ferment', 'minutes' => 20160]];
        $sauce = Sauce::evaluate($lines, $stage);
        $thought = KeepingTime::of(Facts::of($sauce));
        $measured = KeepingTime::of(Facts::of($sauce, new Figure(3.7, 0.05, 'pH')));
        $tooHigh = KeepingTime::of(Facts::of($sauce, new Figure(4.9, 0.05, 'pH')));
        $strips = KeepingTime::of(Facts::of($sauce, null, new Figure(5.2, 0.3, 'pH')));

        self::assertSame([7, 60], [$thought?->fridgeDays, $thought?->meteredDays]);
        self::assertStringContainsString(
            'A calibrated meter that reads 4.0 or less makes it 2 months',
            $thought?->text() ?? '',
        );
        self::assertSame(60, $measured?->fridgeDays);
        self::assertLessThanOrEqual(7, $tooHigh->fridgeDays ?? 99);
        self::assertLessThanOrEqual(7, $strips->fridgeDays ?? 99);
    }

    public function test_what_is_forbidden_has_no_keeping_time(): void
    {
        $keeps = self::days(['elderberry' => '300 g', 'sugar' => '100 g'], ['process' => ['kind' => 'blend']]);

        self::assertSame(0, $keeps?->fridgeDays);
        self::assertSame('not to be kept', $keeps->short());
        self::assertStringNotContainsString('fridge', $keeps->text());
    }

    public function test_a_sauce_in_a_sauce_keeps_no_longer_than_it_did(): void
    {
        $inner = Sauce::evaluate(['raspberry' => '200 g', 'icing-sugar' => '30 g'], ['process' => ['kind' => 'blend']]);
        $own = Sauce::catalogueWith(['our-coulis' => OwnSauce::definition('our coulis', $inner)]);
        $outer = Evaluation::of(
            Sauce::of(['our-coulis' => '50 g', 'white-vinegar' => '300 g', 'fine-salt' => '10 g'], self::SIMMERED),
            $own,
            null,
        );
        $keeps = KeepingTime::of(Facts::of($outer));

        self::assertSame(4, KeepingTime::of(Facts::of($inner))?->fridgeDays);
        self::assertSame(4, $keeps?->fridgeDays);
        self::assertSame('own', $keeps->row);
    }

    public function test_what_is_raw_in_a_cooked_sauce_is_raw_in_another(): void
    {
        $is = static function (string $stages): array {
            $definition = OwnSauce::definition('ours', Staged::evaluate($stages));
            $own = Sauce::catalogueWith(['ours' => $definition]);
            $outer = Evaluation::of(Sauce::of(['ours' => '50 g', 'water' => '50 g']), $own, null);

            return array_map(
                static fn (Caution $caution): string => $caution->code,
                Cautions::of(Facts::of($outer)),
            );
        };

        self::assertContains('raw-egg', $is('milk 200 g [simmer 5] ; egg-yolk 40 g [none]'));
        self::assertNotContains('raw-egg', $is('milk 200 g, egg-yolk 40 g [simmer 5]'));
        self::assertContains('raw-meat', $is('passata 200 g [simmer 20] ; minced-beef 100 g [none]'));
        self::assertNotContains('raw-meat', $is('passata 200 g, minced-beef 100 g [simmer 40]'));
        self::assertNotContains('raw-seafood', $is('raw-prawns 100 g, double-cream 100 g [simmer 5]'));
    }

    /** @return iterable<string, array{string, string}> page, what is said of it */
    public static function wrong(): iterable
    {
        yield 'a figure nobody knows' => ['keeper odd colour 3', 'a keeper asks for'];
        yield 'a keeper nobody knows' => ["== a : b\nof kind fruit\nkeeps 3 2 1 when odd", 'there is no keeper'];
        yield 'longer opened' => ["== a : b\nof kind fruit\nkeeps 3 4 1", 'opened, nothing keeps longer'];
        yield 'no days' => ["== a : b\nkeeps long", 'is followed by days'];
        yield 'no row' => ['keeps 3 2 1', 'stands in no row'];
        yield 'a state nobody knows' => ["== a : b\nof kind fruit\nonly blue", 'asks for nothing'];
        yield 'another word' => ["== a : b\nlasts 3", 'is none of'];
    }

    #[DataProvider('wrong')]
    public function test_a_wrong_page_is_refused_naming_its_line(string $page, string $says): void
    {
        $this->expectException(CatalogueError::class);
        $this->expectExceptionMessageMatches('/^keeping\.txt, line \d: .*'.preg_quote($says, '/').'/');
        KeepingPage::read($page);
    }

    public function test_the_page_to_be_read_is_the_one_that_counts(): void
    {
        self::assertSame(
            KeepingGuide::of(Sauce::catalogue()->vocabulary),
            file_get_contents(__DIR__.'/../../../docs/keeping.md'),
            'docs/keeping.md is older than what it is made of: php artisan vinculum:keeping-guide',
        );
    }

    /** @return array{keepers: array<string, array<string, float>>, keeping: array<string, mixed>} */
    private static function page(): array
    {
        return KeepingPage::read((string) file_get_contents(__DIR__.'/../../../database/keeping.txt'));
    }

    /**
     * @param array<string, string> $lines
     * @param array<string, mixed> $stage
     */
    private static function days(array $lines, array $stage): ?KeepingTime
    {
        return KeepingTime::of(Facts::of(Sauce::evaluate($lines, $stage)));
    }

    /** @param array<string, string> $lines */
    private static function keeps(array $lines): KeepingTime
    {
        return self::days($lines, self::SIMMERED) ?? self::fail('It keeps for nothing.');
    }
}
