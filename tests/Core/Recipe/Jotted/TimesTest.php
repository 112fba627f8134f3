<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Jotted;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vinculum\Recipe\Jotted\Reading\Times;

/** How long a step takes, as people say it. */
final class TimesTest extends TestCase
{
    /** @return iterable<string, array{string, float}> */
    public static function said(): iterable
    {
        foreach (
            [
                'a quarter of an hour' => 15, 'three quarters of an hour' => 45, 'half an hour' => 30,
                'an hour and a half' => 90, '1 hour and a quarter' => 75, '2 hours and a half' => 150,
                '1 and a half hours' => 90, 'two and a half hours' => 150, '1 hour 20 min' => 80, 'overnight' => 720,
                'down by a third, an hour' => 60, 'a third of an hour' => 20, '2-3 hours' => 150,
                'for a minute and a half' => 1.5, 'two minutes' => 2,
            ] as $text => $minutes
        ) {
            yield $text => [$text, (float) $minutes];
        }
    }

    #[DataProvider('said')]
    public function test_a_time_is_read_as_it_is_said(string $text, float $minutes): void
    {
        self::assertEqualsWithDelta($minutes, Times::minutes($text), 0.01);
    }
}
