<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted;

use Vinculum\Amount\Numeral;

/** What a line is written with and does not mean: bullets, boxes, pictures, stars, the bars of a table. */
final class Markup
{
    /** Words that are written short in a list and in a method. */
    private const SHORT = ['/\bw\/(?=\s*[\p{L}\d])\s*/iu' => 'with ', '/\bthr(?:o|u)\b[\'’]?/iu' => 'through'];

    /** A line in one spelling of spaces and digits, with its marks still on. */
    public static function even(string $line): string
    {
        $line = Numeral::plainDigits($line);
        $line = (string) preg_replace('/[\x{200B}-\x{200F}\x{FEFF}\x{FE0F}]/u', '', $line);

        $line = (string) preg_replace('/[\s\x{00A0}\x{202F}\x{2009}]+/u', ' ', $line);

        return trim((string) preg_replace(array_keys(self::SHORT), self::SHORT, $line));
    }

    /** The text of a page as the lines it shows, where it is one: a list pasted with its tags. */
    public static function untagged(string $text): string
    {
        if (preg_match('/<(?:li|p|br|tr|div|h[1-6])\b[^>]*>/i', $text) !== 1) {
            return $text;
        }
        $text = (string) preg_replace(
            [
                '/<(?:style|script)\b.*?<\/(?:style|script)>/is',
                '/<(?:br|\/(?:li|p|tr|div|ul|ol|table|h[1-6]))\b[^>]*>/i',
                '/<\/t[dh]>/i',
            ],
            ['', "\n", ' '],
            $text,
        );

        return html_entity_decode(strip_tags($text), ENT_QUOTES | ENT_HTML5);
    }

    /** Whether a row is the head of a table of steps. */
    public static function headsSteps(string $line): bool
    {
        return preg_match('/^\|\s*(?:steps?|#|no\.?)\s*\|.*\|$/iu', $line) === 1;
    }

    /** A row of a table of steps as the sentence it is. */
    public static function step(string $line): string
    {
        $cells = array_map(trim(...), explode('|', trim($line, '| ')));

        return trim(implode(' ', preg_match('/^\d*\.?$/', $cells[0]) === 1 ? array_slice($cells, 1) : $cells));
    }

    /** A row of a table as a line; '' for its head and for the rule under it. */
    public static function row(string $line): string
    {
        if (preg_match('/^\|.*\|$/u', $line) !== 1) {
            return $line;
        }
        $cells = array_map(trim(...), explode('|', trim($line, '| ')));
        $isHead
            = preg_match('/^(?:amount|quantity|qty|how much|measure)s?$/iu', $cells[0]) === 1
            || preg_match('/^(?:ingredients?|what|item)$/iu', $cells[0]) === 1;

        return $isHead || preg_match('/^[\s:|-]*$/u', implode('', $cells)) === 1 ? '' : implode(' ', $cells);
    }

    /** Without bullets, check boxes, numbers of steps and pictures at its head, and without stars around words. */
    public static function plain(string $line): string
    {
        $before = null;
        while ($before !== $line) {
            $before = $line;
            $line = trim(
                (string) preg_replace(
                    [
                        '/^[•·▪◦‣●○■□◆►▶➤➢✓✔☑☐☒✅❑❒>]+\s*/u',
                        // a star is a bullet before a space, or where no other closes it
                        '/^\*+(?:\s+|(?=[^*\s][^*]*$))/u',
                        '/^[-–—]+\s*(?=[^\s\d½⅓⅔¼¾⅛-])/u',
                        '/^[-–—]\s+/u',
                        '/^[-–—](?=\d+(?:[\s\/.,½¼¾]|\s*\p{L}))(?!\d+\s*$)/u',
                        '/^\[[ xX✓✔]?\]\s*/u',
                        '/^\(?\d{1,2}(?:[.)]+|\s*[)])\s*(?=\D*[\p{L}\d])(?!\d)/u',
                        '/^\(?[a-h]\)\s+/iu',
                        '/^(?:\p{So}|\p{Sk}|[\x{1F000}-\x{1FAFF}])+\s*(?!\s*[x×]?\s*\d+\s*$)/u',
                    ],
                    '',
                    $line,
                ),
            );
        }
        $line = (string) preg_replace(
            ['/\*\*(.+?)\*\*/u', '/__(.+?)__/u', '/`(.+?)`/u', '/(?<![\p{L}\d])\*([^*]+)\*/u'],
            '$1',
            $line,
        );

        return trim((string) preg_replace('/\s*(?:\.{3,}|…)\s*/u', ' … ', $line), ' |');
    }
}
