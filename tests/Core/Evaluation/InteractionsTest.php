<?php

declare(strict_types=1);

namespace Tests\Core\Evaluation;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Evaluation\Interactions;

/** What a cook would add about one taste and another. */
final class InteractionsTest extends TestCase
{
    /**
     * @return iterable<string, array{array<string, string>, array<string, string>}> lines; words by the taste they
     * are about
     */
    public static function sauces(): iterable
    {
        yield 'sugar hides sourness' => [
            ['water' => '700 g', 'sugar' => '200 g', 'white-vinegar' => '300 g'],
            ['sourness' => 'Sugar hides sourness'],
        ];
        yield 'salt lifts sweetness' => [
            ['water' => '850 g', 'sugar' => '100 g', 'fine-salt' => '12 g'],
            ['sweetness' => 'lifts sweetness'],
        ];
        yield 'umami makes salt saltier' => [['water' => '700 g', 'soy-sauce' => '300 g'], ['saltiness' => 'saltier']];
        yield 'fat dulls heat' => [
            ['olive-oil' => '300 g', 'passata' => '600 g', 'cayenne' => '15 g'],
            ['heat' => 'Fat dulls heat'],
        ];
        yield 'sugar softens heat' => [
            ['water' => '700 g', 'sugar' => '200 g', 'cayenne' => '15 g'],
            ['heat' => 'Sugar softens heat'],
        ];
        yield 'water has nothing to say' => [['water' => '1 kg'], []];
        yield 'nor has an empty pot' => [[], []];
    }

    /**
     * @param array<string, string> $lines
     * @param array<string, string> $said
     */
    #[DataProvider('sauces')]
    public function test_says(array $lines, array $said): void
    {
        $notes = Interactions::of(Sauce::evaluate($lines));

        foreach ($said as $measure => $words) {
            self::assertStringContainsString($words, $notes[$measure] ?? '');
        }
        if ($said === []) {
            self::assertSame([], $notes);
        }
    }

    public function test_brine_is_too_salty_to_lift_anything(): void
    {
        self::assertArrayNotHasKey(
            'sweetness',
            Interactions::of(Sauce::evaluate(['water' => '800 g', 'sugar' => '100 g', 'fine-salt' => '60 g'])),
        );
    }

    public function test_it_changes_no_figure(): void
    {
        $evaluation = Sauce::evaluate(['water' => '700 g', 'sugar' => '200 g', 'white-vinegar' => '300 g']);
        $before = array_map(static fn ($taste): float => $taste->figure->value, $evaluation->tasting->measures);
        Interactions::of($evaluation);

        self::assertSame(
            $before,
            array_map(static fn ($taste): float => $taste->figure->value, $evaluation->tasting->measures),
        );
    }
}
