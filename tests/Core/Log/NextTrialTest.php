<?php

declare(strict_types=1);

namespace Tests\Core\Log;

use PHPUnit\Framework\TestCase;
use Vinculum\Log\Ideal;
use Vinculum\Log\NextTrial;

/** Which two cups are worth tasting next. */
final class NextTrialTest extends TestCase
{
    private const TASTES = ['sweet', 'sour', 'salty', 'umami', 'hot'];

    public function test_what_is_known_least_is_tried_first_and_towards_where_the_ideal_seems_to_lie(): void
    {
        $at = ['sweet' => 0.0, 'sour' => 0.0, 'salty' => 0.0];
        // five spoons that said of the salt that it is fine, and nothing of the rest
        $said = array_fill(0, 5, ['at' => ['salty' => 0.0, 'sweet' => 0.0], 'feels' => ['salty' => 0.0, 'sweet' => 2.0], 'liking' => null]);
        $worth = NextTrial::worth(Ideal::of(self::TASTES, $said), $at);

        self::assertSame(['taste' => 'sour', 'steps' => 1.5], $worth[0]);
        // of the sweet it is known that less is wanted
        self::assertSame(['taste' => 'sweet', 'steps' => -1.5], $worth[1]);
        self::assertSame(['taste' => 'salty', 'steps' => 1.5], $worth[2]);
        self::assertCount(6, $worth);
    }

    public function test_a_taste_the_kind_does_not_ask_for_is_not_tried(): void
    {
        self::assertSame(['sour'], array_values(array_unique(array_column(NextTrial::worth(Ideal::of(self::TASTES, []), ['sour' => 0.4]), 'taste'))));
        self::assertSame([], NextTrial::worth(Ideal::of(self::TASTES, []), []));
    }
}
