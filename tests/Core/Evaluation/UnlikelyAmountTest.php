<?php

declare(strict_types=1);

namespace Tests\Core\Evaluation;

use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Say;
use Vinculum\Recipe\Problem;

final class UnlikelyAmountTest extends TestCase
{
    public function test_more_than_anyone_puts_in_is_asked_and_counted(): void
    {
        $codes = static fn (array $lines, array $stage = []): array => array_map(
            static fn (Problem $problem): string => "{$problem->at} {$problem->code}",
            Sauce::evaluate($lines, $stage)->problems(),
        );
        $asked = ['passata' => '400 g', 'sugar' => '30 g', 'cloves' => '3 tbsp'];

        self::assertSame(['cloves share-above-sensible'], $codes($asked));
        self::assertGreaterThan(440.0, Sauce::evaluate($asked)->cooked->mixture->mass(), 'counted all the same');
        self::assertSame(
            ['xanthan share-above-sensible'],
            $codes(['water' => '300 g', 'cider-vinegar' => '50 g', 'xanthan' => '3 tbsp']),
        );
        self::assertSame(
            [],
            $codes(['passata' => '400 g', 'sugar' => '30 g', 'cloves' => '1/4 tsp', 'fine-salt' => '1 tsp']),
        );
        self::assertSame([], $codes(['fine-salt' => '2 tsp', 'tomato' => '50 g']), 'a recipe that is only begun');
        self::assertSame(
            [],
            $codes(['fine-salt' => '60 g', 'paprika' => '100 g', 'sugar' => '60 g', 'black-pepper' => '20 g']),
            'a rub',
        );
        self::assertSame(
            [],
            $codes([
                'water' => '300 g',
                'sugar' => '300 g',
                'cider-vinegar' => '10 g',
                ['id' => 'c', 'ingredient' => 'cloves', 'amount' => '40 g', 'handling' => 'steeped'],
            ]),
            'lifted out again',
        );
    }

    public function test_curing_salt_is_refused_with_a_sentence(): void
    {
        $sauce = Sauce::evaluate(['passata' => '400 g', 'curing-salt' => '1 tsp', 'fine-salt' => '1 tsp']);

        self::assertSame(
            ['ingredient-refused'],
            array_map(static fn (Problem $problem): string => $problem->code, $sauce->problems()),
        );
        self::assertStringContainsString('nitrite', Say::it($sauce->problems()[0]->text));
        self::assertSame('curing-salt', Sauce::catalogue()->named('saltpetre')?->slug);
        self::assertEqualsWithDelta(
            Sauce::evaluate(['passata' => '400 g', 'fine-salt' => '1 tsp'])->cooked->mixture->mass(),
            $sauce->cooked->mixture->mass(),
            1e-9,
            'it is not counted',
        );
    }
}
