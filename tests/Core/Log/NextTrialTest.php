<?php

declare(strict_types=1);

namespace Tests\Core\Log;

use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Log\Ideal;
use Vinculum\Log\NextTrial;
use Vinculum\Solve\Rescue\PotState;
use Vinculum\Solve\Rescue\Rescue;

/** Which two cups are worth tasting next. */
final class NextTrialTest extends TestCase
{
    private const TASTES = ['sweet', 'sour', 'salty', 'umami', 'hot'];

    public function test_what_is_known_least_is_tried_first_and_towards_where_the_ideal_seems_to_lie(): void
    {
        $at = ['sweet' => 0.0, 'sour' => 0.0, 'salty' => 0.0];
        // five spoons that said of the salt that it is fine, and nothing of the rest
        $said = array_fill(0, 5, [
            'at' => ['salty' => 0.0, 'sweet' => 0.0],
            'feels' => ['salty' => 0.0, 'sweet' => 2.0],
            'liking' => null,
        ]);
        $worth = NextTrial::worth(Ideal::of(self::TASTES, $said), $at);

        self::assertSame(['taste' => 'sour', 'steps' => 1.5], $worth[0]);
        // of the sweet it is known that less is wanted
        self::assertSame(['taste' => 'sweet', 'steps' => -1.5], $worth[1]);
        self::assertSame(['taste' => 'salty', 'steps' => 1.5], $worth[2]);
        self::assertCount(6, $worth);
    }

    public function test_a_taste_the_kind_does_not_ask_for_is_not_tried(): void
    {
        self::assertSame(
            ['sour'],
            array_values(
                array_unique(array_column(NextTrial::worth(Ideal::of(self::TASTES, []), ['sour' => 0.4]), 'taste')),
            ),
        );
        self::assertSame([], NextTrial::worth(Ideal::of(self::TASTES, []), []));
    }

    public function test_a_taste_the_kind_hardly_has_is_not_worth_a_cup(): void
    {
        $at = array_fill_keys(self::TASTES, 0.0);
        $matters = array_keys(NextTrial::mattering($at, Sauce::style('fruit-ketchup')));

        self::assertContains('sweet', $matters);
        self::assertContains('salty', $matters);
        self::assertNotContains('umami', $matters);
    }

    public function test_a_cup_takes_one_thing_that_moves_one_taste_and_brings_nothing_new(): void
    {
        $sauce = Sauce::evaluate([
            'plum' => '1 kg',
            'sugar' => '200 g',
            'cider-vinegar' => '150 g',
            'fine-salt' => '20 g',
        ]);
        $cup = static fn (string $taste, array $have) => NextTrial::cup(
            Rescue::of(
                $sauce,
                Sauce::catalogue(),
                [$taste => -1.5],
                array_map(Sauce::ingredient(...), $have),
                new PotState(NextTrial::CUP_G),
            ),
        );

        self::assertSame(
            ['fine-salt'],
            array_map(
                static fn ($addition): string => $addition->ingredient->slug,
                $cup('salty', ['fine-salt'])->additions ?? [],
            ),
        );
        // soy brings what somebody at the table may not have, and depth besides
        self::assertNull($cup('umami', ['soy-sauce']));
    }
}
