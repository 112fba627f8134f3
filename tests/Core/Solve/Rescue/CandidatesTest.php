<?php

declare(strict_types=1);

namespace Tests\Core\Solve\Rescue;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Pantry\Ingredient;
use Vinculum\Solve\Feel;
use Vinculum\Solve\LinearPot;
use Vinculum\Solve\Rescue\Candidates;
use Vinculum\Solve\Rescue\Rescue;
use Vinculum\Solve\WhyNot;

/** What a cook would stir into a pot for what the spoon says; common practice, no source. */
final class CandidatesTest extends TestCase
{
    private const COOKED = ['process' => ['kind' => 'simmer', 'minutes' => 20]];

    /**
     * @return iterable<string, array{array<string, string>, array<string, mixed>, array<string, float>, list<string>,
     * list<string>}>
     *     lines, stage, what the spoon says, what may go in, what may not
     */
    public static function pots(): iterable
    {
        $tomato = ['passata' => '500 g', 'onion' => '100 g', 'olive-oil' => '30 g', 'fine-salt' => '5 g'];
        $dip = ['yoghurt' => '300 g', 'garlic' => '5 g', 'lemon-juice' => '10 g', 'fine-salt' => '3 g'];
        $soy = [
            'soy-sauce' => '80 g',
            'water' => '150 g',
            'sugar' => '30 g',
            'maize-starch' => '8 g',
            'white-vinegar' => '20 g',
        ];
        yield 'tomato too salty' => [
            $tomato,
            self::COOKED,
            ['salty' => 1.0],
            ['water', 'sugar', 'passata'],
            ['fine-salt', 'soy-sauce', 'potassium-salt', 'hard-cheese', 'tonic-cola'],
        ];
        yield 'tomato flat' => [
            $tomato,
            self::COOKED,
            ['sour' => -1.0],
            ['lemon-juice', 'cider-vinegar'],
            ['fish-sauce', 'egg-yolk', 'maize-starch'],
        ];
        yield 'tomato thin' => [
            $tomato,
            self::COOKED,
            ['thick' => -1.0],
            ['maize-starch'],
            ['anchovy', 'peanut-butter'],
        ];
        yield 'raw dip thin takes no starch' => [
            $dip,
            [],
            ['thick' => -1.0],
            ['strained-yoghurt'],
            ['maize-starch', 'plain-flour', 'pectin'],
        ];
        yield 'raw dip too hot' => [
            $dip + ['cayenne' => '1 g'],
            [],
            ['hot' => 1.0],
            ['yoghurt', 'water'],
            ['cayenne', 'habanero'],
        ];
        yield 'more heat where it is mild' => [
            $tomato,
            self::COOKED,
            ['hot' => -1.0],
            ['cayenne', 'red-chilli'],
            ['egg-yolk', 'honey'],
        ];
        yield 'glaze too thick takes neither fat nor starch' => [
            $soy,
            self::COOKED,
            ['thick' => 1.0],
            ['water', 'soy-sauce'],
            ['maize-starch', 'butter', 'sunflower-oil'],
        ];
        $warm = ['process' => ['kind' => 'warm']];
        yield 'a butter sauce takes butter and no water' => [
            ['egg-yolk' => '60 g', 'butter' => '200 g', 'wine-vinegar' => '30 ml'],
            $warm,
            ['sour' => 1.0],
            ['butter'],
            ['water', 'egg-yolk', 'olive-oil', 'sugar'],
        ];
        yield 'a vinaigrette takes oil' => [
            ['olive-oil' => '150 ml', 'wine-vinegar' => '60 ml', 'fine-salt' => '3 g'],
            [],
            ['salty' => 1.0],
            ['olive-oil', 'wine-vinegar'],
            ['water', 'butter'],
        ];
        yield 'a curd is let down with nothing' => [
            ['lemon-juice' => '120 ml', 'sugar' => '180 g', 'egg' => '150 g', 'butter' => '100 g'],
            $warm,
            ['sour' => 1.0],
            ['sugar'],
            ['water', 'egg'],
        ];
        yield 'a preserve too sweet takes acid and no water' => [
            ['mango' => '800 g', 'sugar' => '400 g', 'white-vinegar' => '200 ml'],
            self::COOKED,
            ['sweet' => 2.0],
            ['white-vinegar'],
            ['water', 'sugar'],
        ];
        yield 'a preserve too salty takes water' => [
            ['mango' => '800 g', 'sugar' => '400 g', 'white-vinegar' => '200 ml', 'fine-salt' => '20 g'],
            self::COOKED,
            ['salty' => 2.0],
            ['water'],
            ['fine-salt'],
        ];
        yield 'one vinegar there, no other' => [
            $soy,
            self::COOKED,
            ['sour' => -1.0],
            ['white-vinegar'],
            ['fish-sauce', 'anchovy'],
        ];
    }

    /**
     * @param array<string, string> $lines
     * @param array<string, mixed> $stage
     * @param array<string, float> $feels
     * @param list<string> $may
     * @param list<string> $not
     */
    #[DataProvider('pots')]
    public function test_what_may_go_in(array $lines, array $stage, array $feels, array $may, array $not): void
    {
        $from = Sauce::evaluate($lines, $stage);
        $candidates = new Candidates($from, $feels, LinearPot::of($from->cooked), Sauce::catalogue());
        $goes = static fn (string $slug): bool => $candidates->whyNot(Sauce::ingredient($slug)) === null;

        self::assertSame($may, array_values(array_filter($may, $goes)), 'may');
        self::assertSame([], array_values(array_filter($not, $goes)), 'may not');
    }

    /** Nobody sweetens a mayonnaise with mustard and yolk, though both are a little sweeter than it is. */
    public function test_what_is_short_is_mended_with_what_brings_it(): void
    {
        $mayonnaise = Sauce::evaluate([
            'sunflower-oil' => '250 g',
            'egg-yolk' => '40 g',
            'dijon-type-mustard' => '15 g',
            'white-vinegar' => '15 g',
            'fine-salt' => '3 g',
        ]);
        $own = array_map(Sauce::ingredient(...), ['egg-yolk', 'dijon-type-mustard', 'white-vinegar', 'fine-salt']);

        self::assertSame([], Rescue::of($mayonnaise, Sauce::catalogue(), ['sweet' => -2.0], $own)->remedies);
        $first = Rescue::of($mayonnaise, Sauce::catalogue(), ['sweet' => -2.0], [...$own, Sauce::ingredient('sugar')])
            ->remedies[0];
        self::assertSame(
            ['sugar'],
            array_map(static fn ($addition): string => $addition->ingredient->slug, $first->additions),
        );
    }

    /**
     * Tasted before it boils down by a third, a little short of salt: it will be salt enough, and water is no answer
     * to that.
     */
    public function test_what_boiling_down_puts_right_by_itself_wants_nothing(): void
    {
        $from = Sauce::evaluate(
            ['passata' => '800 g', 'sugar' => '60 g', 'fine-salt' => '8 g', 'cider-vinegar' => '60 g'],
            ['process' => ['kind' => 'simmer', 'until' => ['loss_percent' => 33]]],
        );
        $have = array_map(Sauce::ingredient(...), ['fine-salt', 'sugar', 'cider-vinegar', 'passata']);
        $early = new \Vinculum\Solve\Rescue\PotState(beforeStage: 'stage');
        $mended = Rescue::of($from, Sauce::catalogue(), ['salty' => -1.0], $have, $early);

        self::assertSame([], $mended->remedies);
        self::assertStringStartsWith(
            'Add nothing yet: boiled down it will be salty enough by itself.',
            \Tests\Support\Say::it($mended->note),
        );
        // far too little is another thing
        $more = Rescue::of($from, Sauce::catalogue(), ['salty' => -5.0], $have, $early)->remedies;
        self::assertSame(
            ['fine-salt'],
            array_map(static fn ($addition): string => $addition->ingredient->slug, $more[0]->additions ?? []),
        );
    }

    /** “Why not?” has an answer for everything that is to hand and is not offered. */
    public function test_what_is_passed_over_says_why(): void
    {
        $from = Sauce::evaluate(['yoghurt' => '300 g', 'cucumber' => '100 g', 'fine-salt' => '8 g']);
        $have = array_map(Sauce::ingredient(...), [
            'sugar',
            'lemon-juice',
            'soy-sauce',
            'maize-starch',
            'hard-cheese',
            'sunflower-oil',
            'potassium-salt',
            'raspberry',
            'coffee',
        ]);
        $whyNot = Rescue::of($from, Sauce::catalogue(), ['salty' => 2.0], $have)->whyNot;

        self::assertSame(['potassium chloride'], $whyNot[WhyNot::NotForEverybody->value] ?? []);
        self::assertContains('soy sauce', $whyNot[WhyNot::MakesItWorse->value] ?? []);
        self::assertContains('maize starch', $whyNot[WhyNot::WouldBoil->value] ?? []);
        self::assertContains('sunflower oil', $whyNot[WhyNot::NotStirredIn->value] ?? []);
        self::assertContains('coffee', [
            ...$whyNot[WhyNot::AnotherFamily->value] ?? [],
            ...$whyNot[WhyNot::BringsNew->value] ?? [],
        ]);
        // nobody asked for it, and the dip has none
        self::assertContains('lemon juice', $whyNot[WhyNot::AnotherThing->value] ?? []);
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, float>, bool}> */
    public static function boils(): iterable
    {
        yield 'thin and cooked' => [self::COOKED, ['thick' => -1.0], true];
        yield 'weak throughout' => [self::COOKED, ['salty' => -1.0, 'sour' => -1.0], true];
        yield 'only less salt than it might have' => [self::COOKED, ['salty' => -1.0], false];
        yield 'thin and too salty' => [self::COOKED, ['thick' => -1.0, 'salty' => 1.0], false];
        yield 'thin and raw' => [[], ['thick' => -1.0], false];
    }

    /**
     * @param array<string, mixed> $stage
     * @param array<string, float> $feels
     */
    #[DataProvider('boils')]
    public function test_what_may_be_boiled(array $stage, array $feels, bool $may): void
    {
        $from = Sauce::evaluate(['passata' => '500 g', 'fine-salt' => '5 g', 'lemon-juice' => '10 g'], $stage);

        self::assertSame(
            $may,
            (new Candidates($from, $feels, LinearPot::of($from->cooked), Sauce::catalogue()))->mayBoil(),
        );
    }

    /**
     * Over many pots and words: nothing that is proposed has more of what there is too much of, or brings a stranger.
     */
    public function test_no_remedy_makes_it_worse_or_brings_what_nobody_expects(): void
    {
        $pots = [
            ['passata' => '500 g', 'onion' => '80 g', 'fine-salt' => '8 g'],
            ['soy-sauce' => '80 g', 'water' => '160 g', 'sugar' => '30 g', 'maize-starch' => '6 g'],
            ['plum' => '500 g', 'cider-vinegar' => '150 g', 'sugar' => '120 g', 'cayenne' => '1 g'],
        ];
        $said = [
            ['salty' => 1.0],
            ['sour' => 2.0],
            ['sweet' => 1.0],
            ['hot' => 1.0],
            ['sour' => -1.0],
            ['sweet' => -1.0, 'sour' => 1.0],
            ['thick' => -1.0],
            ['umami' => -1.0],
        ];
        $everything = array_map(Sauce::ingredient(...), Sauce::catalogue()->slugs());
        $seen = 0;
        foreach ($pots as $lines) {
            $from = Sauce::evaluate($lines, self::COOKED);
            $pot = LinearPot::of($from->cooked);
            $strangers = $from->cooked->weighed->vocabulary->unexpectedAllergens();
            foreach ($said as $feels) {
                foreach (Rescue::of($from, Sauce::catalogue(), $feels, $everything)->remedies as $remedy) {
                    foreach (self::added($from, $remedy->recipe) as $thing) {
                        $seen++;
                        self::assertSame(
                            [],
                            array_intersect($thing->contains, $strangers),
                            "{$thing->slug} brings what nobody expects",
                        );
                        foreach ($feels as $named => $steps) {
                            $measure = Feel::from($named)->measure();
                            if ($steps > 0.0 && $measure !== null) {
                                // what is for something that is short may have a little of it, and makes it no worse
                                self::assertLessThanOrEqual(
                                    $steps + 0.2,
                                    $remedy->steps[$named],
                                    "{$thing->slug} for too {$named}",
                                );
                                $most = min($feels) < 0.0 ? INF : Feel::from($named)->value($pot);
                                self::assertLessThanOrEqual(
                                    $most,
                                    $measure->strengthOf($thing) ?? 0.0,
                                    "{$thing->slug} for too {$named}",
                                );
                            }
                        }
                    }
                }
            }
        }
        self::assertGreaterThan(40, $seen);
    }

    /** @return list<Ingredient> what a remedy put in that was not there, or not as a line of its own */
    private static function added(Evaluation $from, \Vinculum\Recipe\Recipe $after): array
    {
        $there = array_map(static fn ($line): string => $line->id, $from->recipe->lines());
        $added = array_filter($after->lines(), static fn ($line): bool => ! in_array($line->id, $there, true));

        return array_map(static fn ($line): Ingredient => Sauce::ingredient($line->ingredient), array_values($added));
    }

    /**
     * Whatever is wrong with whatever pot: of all that is to hand, each thing is in a remedy, could be, or is passed
     * over for
     * one reason, and that reason never names a thing that was offered.
     */
    public function test_nothing_that_is_offered_is_passed_over_and_every_reason_reads(): void
    {
        $have = array_map(Sauce::ingredient(...), [
            'fine-salt',
            'sugar',
            'honey',
            'cider-vinegar',
            'lime-juice',
            'soy-sauce',
            'water',
            'maize-starch',
            'butter',
            'onion',
            'chilli-flakes',
            'white-miso',
            'ketchup',
            'potassium-salt',
        ]);
        $seen = [];
        foreach (
            [
                [
                    'passata' => '600 g',
                    'onion' => '80 g',
                    'cider-vinegar' => '60 g',
                    'sugar' => '50 g',
                    'fine-salt' => '9 g',
                ],
                ['mayonnaise' => '300 g', 'lemon-juice' => '15 g'],
                ['soy-sauce' => '120 g', 'rice-vinegar' => '60 g', 'honey' => '40 g'],
            ] as $lines
        ) {
            foreach (['salty', 'sweet', 'sour', 'hot', 'umami', 'thick'] as $feel) {
                foreach ([-1.5, 1.5] as $steps) {
                    $rescued = Rescue::of(Sauce::evaluate($lines), Sauce::catalogue(), [$feel => $steps], $have);
                    $passed = array_merge(...array_values($rescued->whyNot));
                    self::assertSame($passed, array_values(array_unique($passed)));
                    foreach ($rescued->remedies as $remedy) {
                        foreach ($remedy->additions as $addition) {
                            self::assertNotContains($addition->ingredient->shortName(), $passed, "{$feel} {$steps}");
                        }
                    }
                    $seen += $rescued->whyNot;
                }
            }
        }
        self::assertGreaterThanOrEqual(5, count($seen));
        foreach (WhyNot::cases() as $reason) {
            // names follow behind one colon
            self::assertStringNotContainsString(':', $reason->words());
            self::assertStringNotContainsString('.', $reason->words());
        }
    }
}
