<?php

declare(strict_types=1);

namespace Tests\Core\Log;

use PHPUnit\Framework\TestCase;
use Vinculum\Log\Servings;

/** How much each of them has: what is usual, moved by what was eaten. */
final class ServingsTest extends TestCase
{
    public function test_by_hand(): void
    {
        // weights 1/0.25 = 4 and 1/0.1225 = 8.163: ln 45 and ln 20
        $each = Servings::of(45.0, [[240.0, 12]]);

        self::assertEqualsWithDelta(exp((4 * log(45.0) + 8.163265 * log(20.0)) / 12.163265), $each->value, 1e-6);
        self::assertEqualsWithDelta(1.2816 / sqrt(12.163265), $each->spread, 1e-4);
    }

    public function test_nothing_eaten_is_nothing_learned_and_many_meals_are_believed(): void
    {
        self::assertSame(45.0, round(Servings::of(45.0, [[0.0, 12], [100.0, 0]])->value, 9));
        self::assertEqualsWithDelta(20.0, Servings::of(45.0, array_fill(0, 40, [240.0, 12]))->value, 0.5);
        self::assertLessThan(
            Servings::of(45.0, [])->spread / 5,
            Servings::of(45.0, array_fill(0, 40, [240.0, 12]))->spread,
        );
    }
}
