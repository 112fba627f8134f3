<?php

declare(strict_types=1);

namespace App\House;

use Illuminate\Support\Facades\DB;
use Vinculum\Recipe\Formats\Json;

/**
 * All that a household keeps, as one zip: a JSON document for each recipe and batch exactly as it is kept, a JSON
 * list of rows for
 * everything else, and a manifest of counts and SHA-256 sums. The same house makes the same bytes.
 *
 * @phpstan-type Rows list<array<string, scalar|null>>
 */
final class Archive
{
    public const FORMAT = 'vinculum-house';

    public const VERSION = 1;

    private const MANIFEST = 'manifest.json';

    /** Worked out from the rest whenever it is wanted: no part of a copy. */
    private const DERIVED = ['recipes' => ['card', 'card_key', 'words', 'face']];

    /** Tables with a column that is a file of its own, which can be read without us; a picture's is kept in base64. */
    private const OWN_FILES = [
        'recipes' => ['document', 'json'],
        'batches' => ['document', 'json'],
        'batch_pictures' => ['jpeg', 'jpg'],
    ];

    /** What is no part of a household. */
    private const NOT_KEPT = ['migrations', 'sqlite_sequence', 'doors', 'devices'];

    /** Uncompressed bytes of one file, and of all of them: nobody's kitchen is larger, and a bomb is. */
    private const LARGEST_FILE = 64 * 1024 * 1024;

    private const LARGEST = 1024 * 1024 * 1024;

    private const MTIME = 946684800;

    /**
     * Whole or not at all, from one moment of the database whoever saves meanwhile.
     *
     * @return array{recipes: int, batches: int, rows: int}
     */
    public static function write(string $path): array
    {
        $pdo = DB::connection()->getPdo();
        $files = $pdo instanceof HousePdo ? $pdo->ofOneMoment(self::files(...)) : DB::transaction(self::files(...));
        $zip = new \ZipArchive;
        $part = "{$path}.part";
        if ($zip->open($part, \ZipArchive::CREATE | \ZipArchive::OVERWRITE) !== true) {
            throw new UnreadableArchive("“{$path}” cannot be written. Is the folder there, and is there room?");
        }
        foreach ($files as $name => $text) {
            $zip->addFromString($name, $text);
            $zip->setMtimeName($name, self::MTIME);
        }
        if (! @$zip->close()) {
            @unlink($part);
            throw new UnreadableArchive("“{$path}” cannot be written. Is there room on the disk?");
        }
        $handle = fopen($part, 'r');
        if ($handle !== false) {
            fsync($handle);
            fclose($handle);
        }
        rename($part, $path);

        return self::counts($files);
    }

    /**
     * @return array<string, string> text by name
     */
    private static function files(): array
    {
        $files = [];
        $counts = [];
        foreach (self::tables() as $table) {
            $rows = [];
            foreach (DB::table($table)->orderBy(self::key($table))->get() as $row) {
                $row = (array) $row;
                $own = self::OWN_FILES[$table] ?? null;
                if ($own !== null) {
                    [$column, $kind] = $own;
                    $text = (string) $row[$column];
                    $files["{$table}/{$row['id']}.{$kind}"]
                        = $kind === 'jpg' ? (string) base64_decode($text, true) : $text;
                    unset($row[$column]);
                }
                $row = array_diff_key($row, array_flip(self::DERIVED[$table] ?? []));
                ksort($row);
                $rows[] = $row;
            }
            $counts[$table] = count($rows);
            $files["{$table}.json"] = json_encode(
                $rows,
                JSON_THROW_ON_ERROR
                    | JSON_UNESCAPED_SLASHES
                    | JSON_UNESCAPED_UNICODE
                    | JSON_PRETTY_PRINT
                    | JSON_PRESERVE_ZERO_FRACTION,
            );
        }
        ksort($files);
        $manifest = [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'counts' => $counts,
            'sha256' => array_map(static fn (string $text): string => hash('sha256', $text), $files),
        ];

        return [
            self::MANIFEST => json_encode($manifest, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT),
        ] + $files;
    }

    /**
     * Checked against its manifest: what is missing, torn or from a newer product is refused by name.
     *
     * @return array<string, Rows> by table
     *
     * @throws UnreadableArchive
     */
    public static function read(string $path): array
    {
        $zip = new \ZipArchive;
        if (! is_file($path) || $zip->open($path, \ZipArchive::RDONLY) !== true) {
            throw new UnreadableArchive("“{$path}” is no archive of a house. Choose a .zip that a backup made.");
        }
        $files = [];
        $size = 0;
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $stat = $zip->statIndex($i);
            $size += $stat['size'] ?? 0;
            if ($stat === false || $stat['size'] > self::LARGEST_FILE || $size > self::LARGEST) {
                throw new UnreadableArchive('The archive is larger than a house can be.');
            }
            $files[$stat['name']] = (string) $zip->getFromIndex($i);
        }
        $zip->close();
        $manifest = json_decode($files[self::MANIFEST] ?? '', true);
        if (
            ! is_array($manifest)
            || ($manifest['format'] ?? null) !== self::FORMAT
            || ! is_array($manifest['sha256'] ?? null)
        ) {
            throw new UnreadableArchive('The archive has no manifest of ours. Choose a .zip that a backup made.');
        }
        if (($manifest['version'] ?? 0) > self::VERSION) {
            throw new UnreadableArchive(
                'The archive was made by a newer version of the product. Update first, then restore.',
            );
        }
        unset($files[self::MANIFEST]);
        foreach ($manifest['sha256'] as $name => $sum) {
            if (! isset($files[$name]) || hash('sha256', $files[$name]) !== $sum) {
                throw new UnreadableArchive(
                    "“{$name}” in the archive is missing or torn. Nothing was changed; try an older copy.",
                );
            }
        }
        $tables = [];
        foreach (self::tables() as $table) {
            /** @var Rows $rows */
            $rows = json_decode($files["{$table}.json"] ?? '[]', true, 64, JSON_THROW_ON_ERROR);
            $own = self::OWN_FILES[$table] ?? null;
            [$column, $kind] = $own ?? ['', ''];
            foreach ($own === null ? [] : $rows as $i => $row) {
                $file
                    = $files["{$table}/{$row['id']}.{$kind}"]
                    ?? throw new UnreadableArchive("“{$table}/{$row['id']}.{$kind}” is missing from the archive.");
                $rows[$i][$column] = $kind === 'jpg' ? base64_encode($file) : $file;
            }
            $tables[$table] = $rows;
        }

        return $tables;
    }

    /**
     * What restoring would change, in words, before anything is.
     *
     * @param array<string, Rows> $tables
     * @return list<string>
     */
    public static function differences(array $tables): array
    {
        $said = [];
        $documents = static fn (iterable $rows): array => array_column(
            array_map(static fn (object|array $row): array => (array) $row, [...$rows]),
            null,
            'id',
        );
        $now = $documents(DB::table('recipes')->get());
        $then = $documents($tables['recipes'] ?? []);
        $names = static fn (array $rows): string => implode(
            ', ',
            array_slice(array_map(static fn (array $row): string => '“'.$row['name'].'”', $rows), 0, 8),
        ).(count($rows) > 8 ? ' and '.(count($rows) - 8).' more' : '');
        foreach (
            [
                ['would go', array_diff_key($now, $then)],
                ['would come', array_diff_key($then, $now)],
                [
                    'would be as it was then',
                    array_filter(
                        array_intersect_key($then, $now),
                        static fn (array $row): bool => $row['document'] !== $now[$row['id']]['document']
                            || $row['deleted_at'] !== $now[$row['id']]['deleted_at'],
                    ),
                ],
            ] as [$words, $rows]
        ) {
            if ($rows !== []) {
                $said[]
                    = count($rows).' '.(count($rows) === 1 ? 'recipe' : 'recipes')." {$words}: {$names($rows)}.";
            }
        }
        foreach ($tables as $table => $rows) {
            $count = DB::table($table)->count();
            if ($table !== 'recipes' && $count !== count($rows)) {
                $said[] = sprintf(
                    '%s: %d now, %d in the archive.',
                    str_replace('_', ' ', $table),
                    $count,
                    count($rows),
                );
            }
        }

        return $said === [] ? ['Nothing would change that is counted here.'] : $said;
    }

    /**
     * The house as it was in the archive, and nothing merged in silence: all of it or, where anything fails, none.
     *
     * @param array<string, Rows> $tables
     */
    public static function restore(array $tables): void
    {
        DB::transaction(static function () use ($tables): void {
            DB::statement('PRAGMA defer_foreign_keys = ON');
            foreach (array_keys($tables) as $table) {
                DB::table($table)->delete();
            }
            foreach ($tables as $table => $rows) {
                foreach (array_chunk($rows, 50) as $some) {
                    DB::table($table)->insert($some);
                }
            }
            // an archive of before batches had numbers
            foreach (DB::table('batches')->whereNull('number')->orderBy('made_on')->orderBy('id')->pluck('id') as $id) {
                DB::table('batches')
                    ->where('id', $id)
                    ->update(['number' => 1 + (int) DB::table('batches')->max('number')]);
            }
        });
    }

    /** @return list<string> */
    private static function tables(): array
    {
        $names = array_map(
            static fn (object $row): string => is_string($row->name ?? null) ? $row->name : '',
            DB::select("select name from sqlite_master where type = 'table' order by name"),
        );

        return array_values(array_diff($names, self::NOT_KEPT));
    }

    private static function key(string $table): string
    {
        foreach (DB::select("select name from pragma_table_info('{$table}') where pk > 0 order by pk") as $row) {
            return is_string($row->name ?? null) ? $row->name : 'rowid';
        }

        return 'rowid';
    }

    /**
     * @param array<string, string> $files
     * @return array{recipes: int, batches: int, rows: int}
     */
    private static function counts(array $files): array
    {
        /** @var array{counts: array<string, int>} $manifest */
        $manifest = Json::arrays(Json::decode($files[self::MANIFEST]));

        return [
            'recipes' => $manifest['counts']['recipes'] ?? 0,
            'batches' => $manifest['counts']['batches'] ?? 0,
            'rows' => array_sum($manifest['counts']),
        ];
    }
}
