<?php

declare(strict_types=1);

namespace Tests\Core\Mixture;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Mixture;

final class MixtureTest extends TestCase
{
    public function test_mass_is_of_what_bears_mass_and_not_of_what_is_counted_within_it(): void
    {
        $mixture = self::of([
            Constituent::WATER => 90.0,
            Constituent::PROTEIN => 8.0,
            Constituent::GLUTAMIC => 1.0,
            Constituent::OTHER_SWEET => 40.0,
            Constituent::CAPSAICINOIDS => 0.01,
        ]);

        self::assertEqualsWithDelta(98.0, $mixture->mass(), 1e-12);
    }

    public function test_volume_is_the_sum_of_what_each_constituent_takes_up(): void
    {
        $syrup = self::of([Constituent::WATER => 40.0, Constituent::SUCROSE => 60.0]);

        self::assertEqualsWithDelta(40 / 0.9982 + 60 / 1.5929, $syrup->volume(), 1e-9);
        self::assertSame(
            self::of([Constituent::WATER => 40.0])->volume(),
            self::of([Constituent::WATER => 40.0, Constituent::GLUTAMIC => 1.0])->volume(),
        );
    }

    /**
     * @return iterable<string, array{list<float>, string}>
     */
    public static function impossible(): iterable
    {
        yield 'too few' => [[1.0], 'a mass for each of the 36 constituents'];
        yield 'less than nothing' => [
            array_replace(array_fill(0, Constituent::COUNT, 0.0), [Constituent::SUCROSE => -1.0]),
            'sucrose is -1 g',
        ];
        yield 'no number' => [
            array_replace(array_fill(0, Constituent::COUNT, 0.0), [Constituent::WATER => NAN]),
            'water is',
        ];
        yield 'without end' => [
            array_replace(array_fill(0, Constituent::COUNT, 0.0), [Constituent::FAT => INF]),
            'fat is',
        ];
    }

    /**
     * @param list<float> $grams
     */
    #[DataProvider('impossible')]
    public function test_a_mixture_that_cannot_be_cannot_be_made(array $grams, string $words): void
    {
        $this->expectExceptionMessage($words);

        Mixture::of($grams);
    }

    /**
     * @param array<int, float> $grams
     */
    private static function of(array $grams): Mixture
    {
        return Mixture::of(array_values(array_replace(array_fill(0, Constituent::COUNT, 0.0), $grams)));
    }
}
