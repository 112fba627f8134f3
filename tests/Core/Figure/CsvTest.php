<?php

declare(strict_types=1);

namespace Tests\Core\Figure;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Vinculum\Figure\Csv;

/** Cells that no spreadsheet acts on. */
final class CsvTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function formulas(): iterable
    {
        foreach (
            [
                '=1+1',
                '+1+1',
                '-1+1',
                '@sum',
                "\t=1+1",
                "\r=1+1",
                "\n=1+1",
                ' =1+1',
                "\u{A0}=1+1",
                '＝1+1',
                '＋1',
                '－1+1',
                '＠sum',
                "\u{3000}=1",
                '|calc',
                '%0A=1',
            ] as $cell
        ) {
            yield json_encode($cell) ?: '' => [$cell];
        }
    }

    #[DataProvider('formulas')]
    public function test_what_begins_like_a_formula_is_text(string $cell): void
    {
        $row = str_getcsv(rtrim(Csv::of([[$cell, 'salt']]), "\n"), ',', '"', '');

        self::assertSame(["'{$cell}", 'salt'], $row);
    }

    public function test_a_number_and_a_word_stay_what_they_are(): void
    {
        self::assertSame("-3.5,sugar,\"1, or 2\",\n", Csv::of([['-3.5', 'sugar', '1, or 2', '']]));
    }
}
