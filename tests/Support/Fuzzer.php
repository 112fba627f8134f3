<?php

declare(strict_types=1);

namespace Tests\Support;

/**
 * Bodies for every route, made from the same schemas the product checks them by: whole ones, and whole ones spoiled
 * in a place
 * or two. The same seed makes the same bodies.
 */
final class Fuzzer
{
    private const TEXTS = [
        '1 cup',
        '200 g',
        '2 tbsp',
        '1/2 tsp',
        '3 cloves',
        'a pinch',
        '1 1/4 cup',
        '900 g',
        '6 x 250 ml',
        '2x',
        'sugar',
        'fine-salt',
        'cider-vinegar',
        'gooseberry',
        'tomato',
        'habanero',
        'water',
        'Test ketchup',
        '',
        ' ',
        '🫠',
        "\u{202E}abc",
        "\u{0000}",
        '=1+2',
        '<script>alert(1)</script>',
        "'; drop table recipes; --",
        '../../.env',
        '1e308 g',
        '-3 g',
        '1/0 cup',
        '999999999999 kg',
        '2026-11-29 12:00',
        '2026-02-30',
        'UTC',
        'Mars/Base',
        '%s%s%n',
        "1 cup sugar\n2 tsp salt\nSimmer for 20 minutes, down by a third.",
        '{"@type":"Recipe"}',
        'ＡＢＣ',
        'x',
    ];

    private const ODD = [
        null,
        true,
        false,
        -1,
        0,
        1,
        2.5,
        1e308,
        -1e308,
        '',
        'x',
        '🫠',
        [],
        [[]],
        ['a' => 1],
        [1, 2, 3],
        '<b>',
        '999999999999999999999',
    ];

    private const RECIPE = [
        'format' => 'vinculum-recipe',
        'version' => 2,
        'name' => 'Fuzz',
        'style' => 'fruit-ketchup',
        'stages' => [
            [
                'id' => 's1',
                'lines' => [
                    ['id' => 'l1', 'ingredient' => 'gooseberry', 'amount' => '1 kg'],
                    ['id' => 'l2', 'ingredient' => 'sugar', 'amount' => '1 1/4 cup'],
                    ['id' => 'l3', 'ingredient' => 'fine-salt', 'amount' => '2 tsp'],
                ],
                'process' => ['kind' => 'simmer', 'until' => ['loss_percent' => 30]],
            ],
        ],
    ];

    /** @var array<string, array<string, mixed>> */
    private array $files = [];

    public function __construct(private readonly string $folder, int $seed)
    {
        mt_srand(Seed::of($seed));
    }

    /** @return array<string, array<string, mixed>> methods by path */
    public function paths(): array
    {
        /** @var array<string, array<string, mixed>> $paths */
        $paths = $this->file('openapi.json')['paths'];

        return $paths;
    }

    /**
     * @param array<string, mixed> $operation
     * @return mixed a body, or null where none is asked for
     */
    public function body(array $operation): mixed
    {
        $ref = $operation['requestBody']['content']['application/json']['schema']['$ref'] ?? null;
        if (! is_string($ref)) {
            return null;
        }
        $body = $this->made(['$ref' => $ref], '', 0);
        if (is_array($body) && isset($body['recipe']) && is_array($body['recipe']) && mt_rand(0, 2) > 0) {
            $body['recipe'] = self::RECIPE;
        }

        return mt_rand(0, 2) === 0 ? $body : $this->spoiled($body, mt_rand(1, 3));
    }

    /** Something that stands in an address. */
    public function part(): string
    {
        return rawurlencode(
            (string) [
                1,
                0,
                -1,
                'x',
                '../x',
                '🫠',
                '01m89pk0hs9ywzgv9jrakyrgg8',
                'sugar',
                "'",
                '%00',
                str_repeat('a', 300),
            ][mt_rand(0, 10)],
        );
    }

    /**
     * @param array<string, mixed> $schema
     */
    private function made(array $schema, string $file, int $depth): mixed
    {
        if (isset($schema['$ref'])) {
            [$name, $inner] = explode('#', (string) $schema['$ref']) + [1 => ''];
            $file = $name === '' ? $file : $name;
            $whole = $this->file($file);
            foreach (array_filter(explode('/', $inner)) as $part) {
                $whole = $whole[$part];
            }

            return $this->made($whole, $file, $depth + 1);
        }
        foreach (['anyOf', 'oneOf'] as $key) {
            if (isset($schema[$key])) {
                return $this->made($schema[$key][mt_rand(0, count($schema[$key]) - 1)], $file, $depth + 1);
            }
        }
        if (isset($schema['const'])) {
            return $schema['const'];
        }
        if (isset($schema['enum'])) {
            return $schema['enum'][mt_rand(0, count($schema['enum']) - 1)];
        }
        $types = (array) ($schema['type'] ?? 'object');
        $type = $types[mt_rand(0, count($types) - 1)];
        switch ($type) {
            case 'object':
                $object = [];
                foreach ($schema['properties'] ?? [] as $name => $of) {
                    if (in_array($name, $schema['required'] ?? [], true) || ($depth < 8 && mt_rand(0, 1) === 1)) {
                        $object[$name] = $this->made($of, $file, $depth + 1);
                    }
                }

                return $object === [] ? new \stdClass : $object;
            case 'array':
                $list = [];
                for (
                    $i = mt_rand(
                        $schema['minItems'] ?? 0,
                        max($schema['minItems'] ?? 0, min($schema['maxItems'] ?? 3, 3)),
                    );
                    $i > 0;
                    $i--
                ) {
                    $list[] = $this->made($schema['items'] ?? [], $file, $depth + 1);
                }

                return $list;
            case 'number':
            case 'integer':
                $least = max(-1e6, (float) ($schema['minimum'] ?? ($schema['exclusiveMinimum'] ?? -1e6)));
                $most = min(1e6, (float) ($schema['maximum'] ?? 1e6));
                $number = $least + ($most - $least) * [0.0, 0.001, 0.1, 0.5, 1.0][mt_rand(0, 4)];

                return $type === 'integer' ? (int) $number : $number;
            case 'boolean':
                return mt_rand(0, 1) === 1;
            case 'null':
                return null;
            default:
                return self::TEXTS[mt_rand(0, count(self::TEXTS) - 1)];
        }
    }

    private function spoiled(mixed $body, int $times): mixed
    {
        $body = json_decode((string) json_encode($body, JSON_PARTIAL_OUTPUT_ON_ERROR), true);
        for (; $times > 0; $times--) {
            $at = &$body;
            while (is_array($at) && $at !== [] && mt_rand(0, 4) > 0) {
                $at = &$at[array_keys($at)[mt_rand(0, count($at) - 1)]];
            }
            $at = self::ODD[mt_rand(0, count(self::ODD) - 1)];
            unset($at);
        }

        return $body;
    }

    /** @return array<string, mixed> */
    private function file(string $name): array
    {
        return $this->files[$name] ??= json_decode(
            (string) file_get_contents("{$this->folder}/{$name}"),
            true,
            64,
            JSON_THROW_ON_ERROR,
        );
    }
}
