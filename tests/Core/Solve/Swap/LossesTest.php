<?php

declare(strict_types=1);

namespace Tests\Core\Solve\Swap;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Say;
use Vinculum\Safety\Limits;
use Vinculum\Solve\Swap\Losses;

/** What is said when sugar, salt or starch goes, and of everything that moves towards a limit. */
final class LossesTest extends TestCase
{
    private const BOILED = ['process' => ['kind' => 'simmer', 'minutes' => 3, 'lid' => true]];

    public function test_what_sugar_and_salt_did_besides_is_said_where_a_fifth_of_them_goes(): void
    {
        $said = static fn (string $sugar, string $salt): string => implode(
            ' ',
            array_map(
                Say::it(...),
                Losses::of(
                    Sauce::evaluate(['gooseberry' => '500 g', 'sugar' => '200 g', 'fine-salt' => '12 g']),
                    Sauce::evaluate(['gooseberry' => '500 g', 'sugar' => $sugar, 'fine-salt' => $salt]),
                ),
            ),
        );

        self::assertStringContainsString('browns and glazes less', $said('100 g', '12 g'));
        self::assertStringContainsString('Less salt keeps it', $said('200 g', '6 g'));
        self::assertStringContainsString('Water activity goes from 0.', $said('60 g', '12 g'));
        self::assertStringNotContainsString('browns', $said('190 g', '12 g'), 'a twentieth is missed by nobody');
        self::assertSame('', $said('200 g', '12 g'));
        self::assertSame('', $said('300 g', '20 g'), 'more is no loss');
    }

    public function test_thinner_comes_with_a_remedy_in_grams(): void
    {
        $thick = Sauce::evaluate(['water' => '480 g', 'maize-starch' => '28 g'], self::BOILED);
        $thin = Sauce::evaluate(['water' => '480 g', 'maize-starch' => '4 g'], self::BOILED);
        $said = implode(' ', array_map(Say::it(...), Losses::of($thick, $thin)));

        self::assertMatchesRegularExpression('/about \d+ g of starch, slaked cold/', $said);
        self::assertStringContainsString('What thickened it is gone', $said);
        self::assertSame([], Losses::of($thin, $thick));
    }

    public function test_nothing_is_said_of_a_sauce_that_never_had_any(): void
    {
        self::assertSame(
            [],
            Losses::of(
                Sauce::evaluate(['cider-vinegar' => '100 g', 'fine-salt' => '0.2 g']),
                Sauce::evaluate(['cider-vinegar' => '100 g']),
            ),
        );
    }

    public function test_a_limit_is_mentioned_only_when_it_is_come_nearer(): void
    {
        $sharp = Sauce::evaluate(['passata' => '500 g', 'white-vinegar' => '60 g']);
        $mild = Sauce::evaluate(['passata' => '500 g', 'milk' => '200 g']);
        self::assertStringContainsString(
            '4.6 (US 21 CFR 114.3)',
            implode(' ', array_map(Say::it(...), Limits::approached($sharp->estimates, $mild->estimates))),
        );
        self::assertSame([], Limits::approached($mild->estimates, $sharp->estimates));
        self::assertSame([], Limits::approached($sharp->estimates, $sharp->estimates));

        $syrup = Sauce::evaluate(['honey' => '700 g', 'water' => '200 g']);
        $thinned = Sauce::evaluate(['honey' => '700 g', 'water' => '400 g']);
        self::assertStringContainsString(
            'limit for toxin is 0.85',
            implode(' ', array_map(Say::it(...), Limits::approached($syrup->estimates, $thinned->estimates))),
        );
        self::assertSame([], Limits::approached($thinned->estimates, $syrup->estimates));
    }

    /**
     * @return iterable<string, array{string, list<string>, list<string>}> against, and nothing to say; what is in a
     * thing is from the catalogue
     */
    public static function needs(): iterable
    {
        yield 'vegan' => [
            'vegan',
            ['honey', 'butter', 'egg', 'fish-sauce', 'worcestershire-type-sauce', 'mayonnaise'],
            ['sugar', 'soy-sauce', 'olive-oil'],
        ];
        yield 'vegetarian' => [
            'vegetarian',
            ['fish-sauce', 'worcestershire-type-sauce', 'shrimp-paste'],
            ['honey', 'butter', 'egg'],
        ];
        yield 'gluten' => ['gluten', ['soy-sauce', 'wheat-flour'], ['maize-starch', 'sugar', 'honey']];
        yield 'nuts' => ['nuts', ['peanut-butter', 'almond-butter'], ['tahini', 'olive-oil']];
        yield 'sesame' => ['sesame', ['tahini'], ['peanut-butter']];
        yield 'eggs' => ['eggs', ['egg', 'mayonnaise'], ['milk', 'butter']];
        yield 'milk' => ['milk', ['butter', 'milk', 'double-cream'], ['egg', 'coconut-milk']];
        yield 'soy' => ['soy', ['soy-sauce', 'tamari', 'white-miso'], ['fish-sauce']];
        yield 'fish' => ['fish', ['fish-sauce', 'worcestershire-type-sauce'], ['soy-sauce']];
        yield 'mustard' => ['mustard', ['yellow-mustard'], ['horseradish']];
        yield 'celery' => ['celery', ['celery', 'celery-seed'], ['parsley']];
        yield 'alcohol' => ['alcohol', ['red-wine'], ['water', 'cider-vinegar']];
        yield 'added sugar' => ['added-sugar', ['sugar', 'honey', 'maple-syrup', 'ketchup'], ['plum', 'passata']];
    }

    /**
     * @param list<string> $against
     * @param list<string> $nothing
     */
    #[DataProvider('needs')]
    public function test_what_is_in_the_way_of_a_need_is_found_with_its_reason(
        string $named,
        array $against,
        array $nothing,
    ): void {
        $need = Sauce::need($named);
        foreach ($against as $slug) {
            self::assertSame('against', $need->verdict(Sauce::ingredient($slug)), $slug);
            self::assertMatchesRegularExpression(
                '/^(contains|is not|is added|has alcohol)/',
                $need->why(Sauce::ingredient($slug)),
                $slug,
            );
        }
        foreach ($nothing as $slug) {
            self::assertNotSame('against', $need->verdict(Sauce::ingredient($slug)), $slug);
        }
    }

    public function test_what_is_in_the_way_of_vegetarians_is_in_the_way_of_vegans(): void
    {
        foreach (Sauce::catalogue()->slugs() as $slug) {
            $thing = Sauce::ingredient($slug);
            if (Sauce::need('vegetarian')->verdict($thing) === 'against') {
                self::assertSame('against', Sauce::need('vegan')->verdict($thing), $slug);
            }
            if (in_array('wheat', $thing->contains, true)) {
                self::assertSame('against', Sauce::need('gluten')->verdict($thing), $slug);
            }
            foreach (array_keys(Sauce::catalogue()->vocabulary->words['needs']) as $need) {
                self::assertContains(Sauce::need($need)->verdict($thing), ['against', 'check', null]);
            }
        }
    }
}
