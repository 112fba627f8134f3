<?php

declare(strict_types=1);

namespace Tests\Reference;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Safety\Allergens;
use Vinculum\Safety\Caution;
use Vinculum\Safety\Cautions;
use Vinculum\Safety\Facts;
use Vinculum\Safety\KeepingTime;

/**
 * What sauces contain, must say and may not say, after the agencies, codes and identity standards named beside each in
 * tests/data/care.txt, all from memory.
 */
final class CareTest extends TestCase
{
    private const TABLE = __DIR__.'/../data/care.txt';

    /**
     * @return iterable<string, list<string>>
     */
    public static function sauces(): iterable
    {
        foreach (file(self::TABLE, FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [] as $row) {
            if ($row[0] !== '#') {
                $cells = array_map(trim(...), explode('|', $row));
                yield array_shift($cells) => $cells;
            }
        }
    }

    #[DataProvider('sauces')]
    public function test_what_is_said(
        string $lines,
        string $process,
        string $contains,
        string $check,
        string $must,
        string $not,
        string $days,
        string $source,
    ): void {
        $evaluation = self::evaluate($lines, $process);
        $facts = Facts::of($evaluation);
        $allergens = Allergens::of($evaluation->cooked->weighed);
        $codes = array_map(static fn (Caution $caution): string => $caution->code, Cautions::of($facts));

        self::assertSame([], $facts->unknownLines());
        self::assertEqualsCanonicalizing(
            self::words($contains),
            array_keys($allergens['contains']),
            "contains; {$source}",
        );
        self::assertSame(
            [],
            array_diff(self::words($check), array_keys($allergens['check'])),
            "check the label; {$source}",
        );
        self::assertSame(
            [],
            array_diff(self::words($must), $codes),
            "must say; {$source}; says ".implode(' ', $codes),
        );
        self::assertSame([], array_intersect(self::words($not), $codes), "must not say; {$source}");
        if ($days !== '') {
            self::assertLessThanOrEqual((int) $days, KeepingTime::of($facts)->fridgeDays ?? 0, $source);
        }
    }

    private static function evaluate(string $lines, string $process): Evaluation
    {
        $documents = [];
        foreach (self::words($lines) as $i => $line) {
            [$slug, $amount] = explode(' ', $line, 2);
            $documents[] = ['id' => "l{$i}", 'ingredient' => $slug, 'amount' => $amount];
        }
        $stages = [];
        foreach (self::words($process) as $i => $each) {
            [$kind, $minutes] = [...explode(' ', $each), null];
            $stages[] = [
                'id' => "s{$i}",
                'lines' => $i === 0 ? $documents : [],
                'process' => ['kind' => $kind] + ($minutes === null ? [] : ['minutes' => (float) $minutes]),
            ];
        }

        return Evaluation::of(
            RecipeDocument::read([
                'format' => 'vinculum-recipe',
                'version' => 1,
                'name' => 'Test',
                'stages' => $stages,
            ]),
            Sauce::catalogue(),
            null,
        );
    }

    /** @return list<string> */
    private static function words(string $cell): array
    {
        return $cell === '' ? [] : array_map(trim(...), explode(',', $cell));
    }
}
