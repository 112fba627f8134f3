<?php

declare(strict_types=1);

namespace Tests\Core\Amount;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vinculum\Amount\Numeral;
use Vinculum\Amount\UnreadableAmount;

/** Numbers as makers write them. */
final class NumeralTest extends TestCase
{
    /**
     * @return iterable<string, array{string, float, string, string}> written, value, what follows, as the format
     * writes it
     */
    public static function numbers(): iterable
    {
        yield 'a fraction' => ['3/4 cup', 0.75, ' cup', '3/4'];
        yield 'a whole and a fraction' => ['1 1/2 tsp', 1.5, ' tsp', '1 1/2'];
        yield 'a hyphen between' => ['1-1/2 tsp', 1.5, ' tsp', '1 1/2'];
        yield 'and between' => ['1 and 1/2 cups', 1.5, ' cups', '1 1/2'];
        yield 'a sign' => ['2½ cups', 2.5, ' cups', '2 1/2'];
        yield 'a rare sign' => ['⅙ tsp', 1 / 6, ' tsp', '1/6'];
        yield 'a comma' => ['0,5 l', 0.5, ' l', '0.5'];
        yield 'a bare point' => ['.5 oz', 0.5, ' oz', '0.5'];
        yield 'thousands' => ["1'200 g", 1200.0, ' g', '1200'];
        yield 'a range' => ['3-4 cloves', 3.5, ' cloves', '3-4'];
        yield 'a range in words' => ['between ½ and ⅔ cup', (1 / 2 + 2 / 3) / 2, ' cup', '1/2-2/3'];
        yield 'up to' => ['2 or up to 3 limes', 2.5, ' limes', '2-3'];
        yield 'no range backwards' => ['4-3 cloves', 4.0, '-3 cloves', '4'];
        yield 'a half' => ['half a lemon', 0.5, ' lemon', '1/2'];
        yield 'one and a half' => ['one and a half cups', 1.5, ' cups', '1 1/2'];
        yield 'dozens' => ['2 dozen eggs', 24.0, ' eggs', '24'];
        yield 'half a dozen' => ['half a dozen eggs', 6.0, ' eggs', '6'];
        yield 'a word' => ['twelve plums', 12.0, ' plums', '12'];
        yield 'an article' => ['an onion', 1.0, ' onion', '1'];
    }

    #[DataProvider('numbers')]
    public function test_reads(string $written, float $value, string $rest, string $text): void
    {
        [$number, $follows] = Numeral::read($written) ?? self::fail('It was not read.');

        self::assertEqualsWithDelta($value, $number->value, 1e-12);
        self::assertSame([$rest, $text], [$follows, $number->text()]);
    }

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        yield 'nothing under the line' => ['1/0 cup', '1/0'];
        yield 'a comma that is either' => ['1,000 g', '1,000'];
        yield 'out of all reason' => ['1e9 kg', '1e9'];
    }

    #[DataProvider('refused')]
    public function test_what_could_be_either_or_nothing_is_refused(string $written, string $words): void
    {
        $this->expectException(UnreadableAmount::class);
        $this->expectExceptionMessageMatches('/'.preg_quote($words, '/').'/');

        Numeral::read($written);
    }

    public function test_what_is_no_number_is_none(): void
    {
        foreach (['cup', '', 'onion', '-'] as $words) {
            self::assertNull(Numeral::read($words), $words);
        }
    }

    public function test_digits_of_any_script_are_digits(): void
    {
        self::assertSame('120 g', Numeral::plainDigits('١٢٠ g'));
        self::assertSame('35', Numeral::plainDigits('３５'));
        self::assertSame('42', Numeral::plainDigits('४२'));
    }

    public function test_a_value_is_written_without_zeros_at_its_end(): void
    {
        self::assertSame(
            ['1.5', '100', '0.333', '12.3', '7'],
            [
                Numeral::digits(1.5),
                Numeral::digits(100.0),
                Numeral::digits(1 / 3),
                Numeral::digits(12.34, 1),
                Numeral::digits(6.99, 0),
            ],
        );
    }
}
