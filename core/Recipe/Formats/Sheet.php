<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Formats;

use Vinculum\Amount\Kitchenware;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Figure\Csv;
use Vinculum\Pantry\Catalogue;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Recipe\Jotted\JottedText;
use Vinculum\Recipe\Jotted\Question;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\WeighedRecipe;

/** A recipe as CSV: for spreadsheets. It comes in again through the text reader. */
final class Sheet implements ReadsText, WritesText
{
    private const CANNOT_CARRY = [
        'what is done in each stage',
        'ties, locks and bounds',
        'the style, pinned ratios and own ingredients’ composition',
    ];

    /** What others call the columns. */
    private const CALLED = [
        'amount' => ['amount', 'quantity', 'qty', 'how much'],
        'unit' => ['unit', 'units', 'measure'],
        'ingredient' => ['ingredient', 'ingredients', 'item', 'name', 'what'],
        'preparation' => ['preparation', 'prep', 'notes', 'note'],
        'stage' => ['stage', 'section', 'group', 'part'],
    ];

    private const COLUMNS = ['stage', 'amount', 'ingredient', 'preparation', 'grams'];

    public function name(): string
    {
        return 'csv';
    }

    public function label(): string
    {
        return 'CSV';
    }

    public function ending(): string
    {
        return 'csv';
    }

    public function mediaType(): string
    {
        return 'text/csv';
    }

    public function takeOut(Outgoing $recipe): string
    {
        return self::write($recipe->weighed);
    }

    public function cannotCarry(): array
    {
        return self::CANNOT_CARRY;
    }

    public function isOf(string $text): bool
    {
        return self::isTable($text);
    }

    public function checked(string $text): ?array
    {
        return null;
    }

    public function bringIn(string $text, Catalogue $catalogue, Kitchenware $kit): BroughtIn
    {
        return new BroughtIn(...self::read($text, $catalogue, $kit));
    }

    public static function write(WeighedRecipe $weighed): string
    {
        $rows = [self::COLUMNS];
        foreach ($weighed->lines as $line) {
            if (! $line->line->leftOut) {
                $rows[] = [
                    $line->stage->name,
                    $line->line->amount ?? Markdown::grams($line),
                    $line->ingredient->name ?? $line->line->ingredient,
                    $line->line->prep ?? '',
                    number_format($line->grams, 1, '.', ''),
                ];
            }
        }

        return Csv::of($rows);
    }

    /** Whether a text is a table: a first line that names columns of ours, set apart by commas, semicolons or tabs. */
    public static function isTable(string $text): bool
    {
        return self::columns((string) strtok($text, "\r\n")) !== null;
    }

    /**
     * A table, as the note it would be.
     *
     * @return array{Recipe, list<Question>, list<string>} the recipe, what was unsure, and the columns that are not
     * read
     *
     * @throws InvalidRecipe where its first line does not name the columns, or there is too much
     */
    public static function read(string $csv, Catalogue $catalogue, MeasuringSet|Kitchenware $set): array
    {
        [$text, $unread] = self::fromCsv($csv);

        return [...JottedText::read($text, $catalogue, $set), $unread];
    }

    /**
     * The lines of a table as jotted text, with its stages as headings. Columns may stand in any order, be set apart by
     * commas, semicolons or tabs, and have the unit in one of their own.
     *
     * @return array{string, list<string>} the text, and the columns that are not read
     *
     * @throws InvalidRecipe where its first line does not name the columns
     */
    private static function fromCsv(string $csv): array
    {
        $file = fopen('php://memory', 'r+') ?: throw new \LogicException('There is no memory to write to.');
        fwrite($file, $csv);
        rewind($file);
        $head = (string) fgets($file);
        [$separator, $at] = self::columns($head) ?? throw InvalidRecipe::at(
            'text',
            'A CSV of a recipe has a first line with the columns amount and ingredient; unit, stage and '
                .'preparation may stand beside them.',
        );
        $text = '';
        $stage = null;
        while (($row = fgetcsv($file, null, $separator, '"', '')) !== false) {
            $cell = static fn (string $column): string => ltrim(trim((string) ($row[$at[$column] ?? -1] ?? '')), "'");
            if ($cell('ingredient') === '') {
                continue;
            }
            if ($cell('stage') !== '' && $cell('stage') !== $stage) {
                $stage = $cell('stage');
                $text .= "For the {$stage}:\n";
            }
            $text
                .= trim(preg_replace('/\s+/u', ' ', "{$cell('amount')} {$cell('unit')} {$cell('ingredient')}") ?? '')
                .($cell('preparation') === '' ? '' : ', '.$cell('preparation'))
                ."\n";
        }

        $called = array_map(trim(...), array_map(strval(...), str_getcsv($head, $separator, '"', '')));
        $unread = array_filter(array_diff_key($called, array_flip($at)), static fn (string $name): bool => $name !== ''
            && ! in_array(mb_strtolower($name), self::COLUMNS, true));

        return [$text, array_map(static fn (string $name): string => "the column “{$name}”", array_values($unread))];
    }

    /**
     * @return array{string, array<string, int>}|null what sets columns apart, and where each of ours stands
     */
    private static function columns(string $head): ?array
    {
        foreach ([',', ';', "\t"] as $separator) {
            $at = [];
            foreach (str_getcsv($head, $separator, '"', '') as $place => $cell) {
                $called = mb_strtolower(trim((string) $cell, " \u{FEFF}\r\n"));
                foreach (self::CALLED as $column => $names) {
                    if (in_array($called, $names, true)) {
                        $at[$column] ??= $place;
                    }
                }
            }
            if (isset($at['amount'], $at['ingredient'])) {
                return [$separator, $at];
            }
        }

        return null;
    }
}
