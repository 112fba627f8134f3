<?php

declare(strict_types=1);

namespace Tests\Core\Words;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Batch\Shopping;
use Vinculum\Batch\Stock;
use Vinculum\Words\ShoppingView;
use Vinculum\Words\Speech;

/** What is to be bought, as somebody says it who shops. */
final class ShoppingViewTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> */
    public static function bought(): iterable
    {
        yield 'half a chilli is a chilli' => ['habanero', '4 g', '1'];
        yield 'a cinnamon stick is one' => ['cinnamon-stick', '3 g', '1'];
        yield 'onions' => ['onion', '210 g', '2'];
        yield 'a hair over two is two' => ['onion', '230 g', '2'];
        yield 'many are weighed' => ['tomato', '2 kg', '2 000 g as bought'];
        yield 'nobody buys a tenth of a gram' => ['cayenne', '0.1 g', 'a little'];
        yield 'berries are weighed' => ['raspberry', '300 g', '300 g'];
    }

    #[DataProvider('bought')]
    public function test_it_says_what_a_shop_sells(string $ingredient, string $amount, string $buy): void
    {
        $line = $this->lines([$ingredient => $amount], [])[0];

        self::assertSame($buy, preg_replace('/2 \d{3} g/', '2 000 g', strtr($line['buy_text'], ["\u{00A0}" => ' '])));
        self::assertFalse($line['is_enough']);
        self::assertNotSame('', $line['aisle']);
    }

    public function test_what_there_is_enough_of_is_said_to_be_so_and_packs_stay_whole(): void
    {
        $lines = array_column(
            $this->lines(
                ['sugar' => '200 g', 'onion' => '110 g'],
                ['sugar' => new Stock(750.0), 'onion' => new Stock(0.0, null, 1000.0, '1 kg')],
            ),
            null,
            'slug',
        );

        self::assertTrue($lines['sugar']['is_enough']);
        self::assertSame('enough', $lines['sugar']['buy_text']);
        self::assertSame('1 × 1 kg', $lines['onion']['buy_text']);
        self::assertSame('Vegetables and herbs', $lines['onion']['aisle']);
    }

    /**
     * @param array<string, string> $needs
     * @param array<string, Stock> $shelf
     * @return list<array{slug: string, buy_text: string, aisle: string, is_enough: bool}>
     */
    private function lines(array $needs, array $shelf): array
    {
        $view = new ShoppingView(Speech::usual(), Sauce::catalogue()->vocabulary);

        return $view->of(Shopping::of([Sauce::evaluate($needs)->cooked->weighed], $shelf))['lines'];
    }
}
