<?php

declare(strict_types=1);

namespace Tests\Support;

/** A house that has cooked for twenty years: the demo's recipes and batches so many times over. */
final class LongShelf
{
    /** Batches for each recipe of a house of twenty years, and tries of the sauce that is made most. */
    private const MADE = 0.3;

    private const TRIES = 40;

    /**
     * @param string $folder a server's, whose Shelf has been looked at once
     * @param int $count recipes more, with batches of them
     */
    public static function fill(string $folder, int $count): void
    {
        $file = (glob("{$folder}/*.sqlite") ?: [''])[0];
        $database = new \PDO("sqlite:{$file}", options: [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION]);
        $number = 1000;
        $database->beginTransaction();
        foreach (['recipes', 'batches'] as $table) {
            $found = $database->query("select * from {$table}") ?: throw new \LogicException("There are no {$table}.");
            $rows = $found->fetchAll(\PDO::FETCH_ASSOC) ?: throw new \LogicException("There are no {$table} to copy.");
            $columns = array_keys($rows[0]);
            $insert = $database->prepare(
                "insert into {$table} ("
                    .implode(', ', $columns)
                    .') values ('
                    .implode(', ', array_fill(0, count($columns), '?'))
                    .')',
            );
            for ($i = 0; $i < ($table === 'recipes' ? $count : self::MADE * $count); $i++) {
                $row = $rows[$i % count($rows)];
                $row['id'] = sprintf('01zz%022d', $i);
                if ($table === 'recipes') {
                    $row['name'] .= " {$i}";
                    $row['variant_of'] = null;
                    $row['words'] .= "\n{$row['name']}";
                } else {
                    $row['number'] = $number++;
                    $row['recipe_id'] = sprintf('01zz%022d', $i < self::TRIES ? 0 : $i);
                }
                $insert->execute(array_values($row));
            }
        }
        $database->commit();
    }

    /** @param int $count ingredients of the household's own */
    public static function ownIngredients(string $folder, int $count): void
    {
        $file = (glob("{$folder}/*.sqlite") ?: [''])[0];
        $database = new \PDO("sqlite:{$file}", options: [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION]);
        $database->beginTransaction();
        $insert = $database->prepare(
            'insert into own_ingredients (slug, definition, name, found_by, created_at, updated_at) values (?, ?, '
                ."?, ?, '2026-01-01 00:00:00', '2026-01-01 00:00:00')",
        );
        for ($i = 0; $i < $count; $i++) {
            $name = "Bottle {$i} of vinegar";
            $insert->execute([
                "my-bottle-{$i}",
                json_encode(
                    ['name' => $name, 'like' => 'cider-vinegar', 'values' => ['acidity_percent' => 5.5]],
                    JSON_THROW_ON_ERROR,
                ),
                $name,
                '|'.strtolower($name)."|my bottle {$i}|",
            ]);
        }
        $database->commit();
    }
}
