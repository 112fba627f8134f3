<?php

declare(strict_types=1);

namespace Tests\Core\Words;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Words\BenchView;
use Vinculum\Words\Speech;

/** What the Line is drawn from. */
final class BenchViewTest extends TestCase
{
    /**
     * @return iterable<string, array{array<string, string>, string, string}> lines, taste, what stands over its
     * column
     */
    public static function figures(): iterable
    {
        yield 'there is none' => [['sugar' => '100 g', 'water' => '100 g'], 'heat', 'none'];
        yield 'a figure' => [['sugar' => '100 g', 'water' => '100 g'], 'sweetness', '50.0'];
        yield 'less than is written' => [['water' => '990 g', 'soy-sauce' => '0.1 g'], 'umami', 'hardly any'];
        yield 'nobody knows' => [['water' => '100 g', 'kale' => '100 g'], 'umami', 'not known'];
        yield 'beyond what the formula is for' => [['msg' => '60 g', 'bonito-flakes' => '40 g'], 'umami', '10 or more'];
    }

    /** @param array<string, string> $lines */
    #[DataProvider('figures')]
    public function test_what_stands_over_a_column(array $lines, string $taste, string $text): void
    {
        self::assertSame($text, self::column($lines, $taste)['figure_text']);
    }

    /** A little of something over much of another is not said to be none. */
    public function test_a_quotient_too_small_to_write_is_not_nothing(): void
    {
        foreach (['0 g' => '0', '0.1 g' => '<0.01', '100 g' => '2.00'] as $sugar => $text) {
            $bench = (new BenchView(
                Speech::usual(),
                Sauce::evaluate(['water' => '200 g', 'fine-salt' => '50 g', 'sugar' => $sugar]),
            ))->whole();
            $ratio = array_column($bench['ratios'], null, 'ratio')['sugar_salt'];
            self::assertSame($text, $ratio['value_text'], $sugar);
        }
    }

    /** A column's segments add up to its top, however far that is over what can be drawn. */
    public function test_segments_add_up_and_their_shares_do(): void
    {
        foreach (['sweetness', 'sourness', 'saltiness', 'umami', 'heat'] as $taste) {
            $column = self::column(
                [
                    'passata' => '400 g',
                    'sugar' => '90 g',
                    'fine-salt' => '40 g',
                    'cider-vinegar' => '80 g',
                    'cayenne' => '2 g',
                    'soy-sauce' => '60 g',
                ],
                $taste,
            );
            $to = 0.0;
            foreach ($column['segments'] as $segment) {
                self::assertEqualsWithDelta($to, $segment['from'], 1e-6, $taste);
                self::assertGreaterThan($segment['from'], $segment['to']);
                $to = $segment['to'];
            }
            self::assertEqualsWithDelta($column['top'], $to, 1e-5, $taste);
            self::assertLessThanOrEqual($column['top'], $column['low']);
            self::assertGreaterThanOrEqual($column['top'], $column['high']);
        }
    }

    /**
     * @param array<string, string> $lines
     *
     * @return array<string, mixed>
     */
    private static function column(array $lines, string $taste): array
    {
        $bench = (new BenchView(Speech::usual(), Sauce::evaluate($lines)))->whole();

        return array_values(
            array_filter($bench['columns'], static fn (array $column): bool => $column['measure'] === $taste),
        )[0];
    }
}
