<?php

declare(strict_types=1);

namespace Vinculum\Figure;

/** Rows as comma-separated text, in which no cell is taken for a formula by whatever opens it. */
final class Csv
{
    /** What spreadsheets act on, wide forms too, and the blanks and breaks they skip before it. */
    private const ACTED_ON = '/^(?:[\s\x{00}-\x{20}\x{A0}\x{2000}-\x{200B}\x{3000}\x{FEFF}]|[=+\-@＝＋－＠|%])/u';

    /**
     * @param list<list<string>> $rows
     */
    public static function of(array $rows): string
    {
        $file = fopen('php://memory', 'r+') ?: throw new \LogicException('There is no memory to write to.');
        foreach ($rows as $row) {
            fputcsv($file, array_map(self::cell(...), $row), ',', '"', '');
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }

    /** A number stays one; anything else that begins like a formula is text all the same. */
    private static function cell(string $cell): string
    {
        return ! is_numeric($cell) && preg_match(self::ACTED_ON, $cell) === 1 ? "'{$cell}" : $cell;
    }
}
