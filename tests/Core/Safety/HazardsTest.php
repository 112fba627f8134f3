<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Say;
use Tests\Support\Staged;
use Vinculum\Safety\Allergens;
use Vinculum\Safety\Caution;
use Vinculum\Safety\Cautions;
use Vinculum\Safety\Diet;
use Vinculum\Safety\Facts;
use Vinculum\Safety\KeepingTime;

/** What is said of things by what they are, and what is not said of everyday sauces. */
final class HazardsTest extends TestCase
{
    /** @return iterable<string, array{string, string, string, string}> stages, must say, may not say */
    public static function sauces(): iterable
    {
        foreach (file(__DIR__.'/../../data/cautions.txt', FILE_IGNORE_NEW_LINES) ?: [] as $row) {
            if ($row !== '' && $row[0] !== '#') {
                [$name, $stages, $must, $not] = [...array_map(trim(...), explode(' | ', $row)), ''];
                yield $name => [$name, $stages, $must, ltrim($not, '!')];
            }
        }
    }

    #[DataProvider('sauces')]
    public function test_what_is_said(string $name, string $stages, string $must, string $not): void
    {
        $said = array_map(
            static fn (Caution $caution): string => "{$caution->grade->value} ".Say::it($caution->text),
            Cautions::of(Facts::of(Staged::evaluate($stages, $name))),
        );
        foreach (array_map(trim(...), explode(';;', $must)) as $pattern) {
            self::assertNotSame([], preg_grep("/{$pattern}/iu", $said), "{$pattern} in\n".implode("\n", $said));
        }
        if ($not !== '') {
            self::assertSame([], preg_grep("/{$not}/iu", $said));
        }
    }

    public function test_what_holds_only_from_a_share_on_or_where_it_is_called_so_is_not_said_of_less(): void
    {
        $codes = static fn (string $stages, string $name = 'a sauce'): array => array_map(
            static fn (Caution $caution): string => $caution->code,
            Cautions::of(Facts::of(Staged::evaluate($stages, $name))),
        );

        self::assertNotContains('nitrate', $codes('spinach 200 g, milk 50 g [simmer 5]'));
        self::assertContains('nitrate', $codes('spinach 200 g, milk 50 g [simmer 5]', 'for the baby'));
        self::assertNotContains('dogs', $codes('onion 200 g, water 50 g [simmer 5]'));
        self::assertNotContains('coumarin', $codes('apple 500 g, ground-cinnamon 2 g [simmer 5]'));
        self::assertContains('coumarin', $codes('apple 500 g, ground-cinnamon 8 g [simmer 5]'));
    }

    public function test_no_caution_gives_fewer_days_than_it_keeps(): void
    {
        $words = ['two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'seven' => 7];
        foreach (KeepingTest::sauces() as $name => [$stages]) {
            $facts = Facts::of(Staged::evaluate($stages, $name));
            $keeps = KeepingTime::of($facts)->fridgeDays ?? 0;
            foreach (Cautions::of($facts) as $caution) {
                // what makers do is no advice
                $text = (string) preg_replace('/Makers [^.]*\./', '', Say::it($caution->text));
                preg_match_all('/\b('.implode('|', array_keys($words)).') days/', $text, $said);
                foreach ($said[1] as $days) {
                    self::assertLessThanOrEqual($words[$days], $keeps, "{$name}: {$caution->code}");
                }
            }
        }
    }

    /** @return iterable<string, array{string, list<string>, string|null}> name, allergens, verdict of vegan */
    public static function names(): iterable
    {
        yield 'chicken livers' => ['chicken livers', [], 'against'];
        yield 'mozzarella' => ['mozzarella', ['milk'], 'against'];
        yield 'filo' => ['filo', ['wheat'], 'check'];
        yield 'rice noodles' => ['rice noodles', [], 'check'];
        yield 'egg noodles' => ['egg noodles', ['wheat', 'eggs'], 'against'];
        yield 'called after meat: beans' => ['dried red kidney beans', [], 'check'];
        yield 'called after meat: a tomato' => ['beef tomatoes', [], 'check'];
        yield 'called after meat: a leaf' => ['odd lamb’s lettuce thing', [], 'check'];
        yield 'of a bird, and no meat' => ['duck eggs', ['eggs'], 'against'];
        yield 'marrow bones' => ['marrow bones', [], 'against'];
        yield 'vegan sausage' => ['vegan sausage', [], 'check'];
        yield 'beefsteak tomato' => ['odd beefsteak thing', [], 'check'];
    }

    /** @param list<string> $allergens */
    #[DataProvider('names')]
    public function test_the_name_of_what_nobody_knows_says_what_it_can(
        string $name,
        array $allergens,
        ?string $vegan,
    ): void {
        $sauce = Sauce::evaluate([$name => '50 g', 'water' => '50 g']);
        $vocabulary = Sauce::catalogue()->vocabulary;

        self::assertEqualsCanonicalizing(
            $allergens,
            array_keys(Allergens::of($sauce->cooked->weighed)['contains']),
        );
        self::assertSame($vegan, Diet::named('vegan', $vocabulary)->verdictOnUnknown($name, $vocabulary));
    }

    public function test_eggs_and_curd_are_no_meat_whatever_they_are_called_after(): void
    {
        $vocabulary = Sauce::catalogue()->vocabulary;
        $verdict = static fn (string $name): string => Diet::named('vegetarian', $vocabulary)
            ->verdictOnUnknown($name, $vocabulary);

        self::assertSame(
            ['check', 'check', 'check', 'against', 'against'],
            array_map($verdict, ['duck eggs', 'goat’s curd', 'dried kidney beans', 'duck legs', 'lamb kidneys']),
        );
    }
}
