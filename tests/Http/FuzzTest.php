<?php

declare(strict_types=1);

namespace Tests\Http;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Seed;

/** Documents spoiled at random: each is answered, and with words. */
final class FuzzTest extends HttpTestCase
{
    private const ODD = [
        null,
        true,
        -1,
        0,
        1e308,
        '',
        'x',
        '🫠',
        "\u{202E}abc",
        [],
        [[]],
        ['a' => 1],
        '<script>',
        '1/0 cup',
        '-3 g',
        '1e9 kg',
        '999999999999999999999',
    ];

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 8) as $seed) {
            yield "seed {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_a_spoiled_recipe_is_evaluated_or_refused_in_words(int $seed): void
    {
        mt_srand(Seed::of($seed));
        $answered = [];
        for ($i = 0; $i < 15; $i++) {
            $recipe = self::spoiled(self::RECIPE, mt_rand(1, 2));
            $response = $this->postJson('/api/evaluate', ['recipe' => $recipe]);
            $answered[] = $response->getStatusCode();
            if ($response->getStatusCode() === 200) {
                $this->documented('evaluation', $response);
                continue;
            }
            $failure = $this->documented('failure', $response, 422);
            self::assertNotSame('', $failure['error']['message'], (string) json_encode($recipe));
            self::assertDoesNotMatchRegularExpression(
                '/Exception|\.php|Stack trace|Undefined|null given/',
                (string) json_encode($failure),
            );
        }
        self::assertContains(422, $answered);
    }

    #[DataProvider('seeds')]
    public function test_nothing_that_was_refused_is_kept(int $seed): void
    {
        mt_srand(Seed::of(100 + $seed));
        $kept = $this->kept();
        for ($i = 0; $i < 8; $i++) {
            $response = $this->putJson(
                "/api/recipes/{$kept['id']}",
                ['recipe' => self::spoiled(self::RECIPE, 2)],
                ['If-Match' => (string) $kept['revision']],
            );
            if ($response->getStatusCode() === 200) {
                $kept = $this->documented('recipe-record', $response);
            }
            $is = $this->documented('recipe-record', $this->getJson("/api/recipes/{$kept['id']}"));
            self::assertSame($kept['recipe'], $is['recipe']);
        }
    }

    #[DataProvider('seeds')]
    public function test_jotted_rubbish_becomes_lines_or_a_refusal_and_never_less(int $seed): void
    {
        mt_srand(Seed::of(200 + $seed));
        $words = [
            '1',
            '1/2',
            '½',
            '3–4',
            'cup',
            'tbsp',
            'g',
            'of',
            'plum',
            'sugar',
            'salt',
            'to taste',
            'minced',
            ',',
            '(',
            ')',
            '+',
            '×',
            '🫠',
            "\u{05DE}",
            '%',
            '.',
            'juice of',
            'a',
            'about',
            '0',
            '-',
            '400 g',
            'tin',
        ];
        for ($i = 0; $i < 12; $i++) {
            $lines = [];
            for ($l = mt_rand(1, 6); $l > 0; $l--) {
                $lines[] = implode(
                    ' ',
                    array_map(static fn (): string => $words[mt_rand(0, count($words) - 1)], range(1, mt_rand(1, 7))),
                );
            }
            $response = $this->postJson('/api/read', ['text' => implode("\n", $lines)]);
            if ($response->getStatusCode() !== 200) {
                $this->documented('failure', $response, 422);
                continue;
            }
            $reading = $this->documented('reading', $response);
            $read = array_merge(
                ...array_map(static fn (array $stage): array => $stage['lines'] ?? [], $reading['recipe']['stages']),
                ...[[]],
            );
            $unread = array_filter(
                $lines,
                static fn (string $line): bool => preg_match('/\p{L}/u', $line) === 1
                    && ! str_ends_with(trim($line), ':'),
            );
            // a title, a remark and what it makes are kept as well
            $besides = array_filter([
                $reading['recipe']['name'] === 'New sauce' ? '' : 'title',
                $reading['recipe']['makes'] ?? '',
                ...explode("\n", $reading['recipe']['story'] ?? ''),
            ]);
            self::assertGreaterThanOrEqual(
                count($unread),
                count($read) + count($reading['questions']) + count($besides),
                implode("\n", $lines),
            );
        }
    }

    #[DataProvider('seeds')]
    public function test_spoiled_questions_are_answered_or_refused_in_words(int $seed): void
    {
        mt_srand(Seed::of(300 + $seed));
        $bodies = [
            '/api/rescue' => [
                'recipe' => self::RECIPE,
                'feels' => ['salty' => 1],
                'pot' => ['in_pot' => '400 g', 'hot' => true],
            ],
            '/api/rebalance' => ['recipe' => self::RECIPE, 'targets' => ['sweetness' => 20]],
            '/api/swap' => ['recipe' => self::RECIPE, 'line' => 'l2'],
            '/api/free' => ['recipe' => self::RECIPE, 'needs' => ['vegan'], 'salt_times' => 0.8],
            '/api/plan' => ['recipe' => self::RECIPE, 'to' => '2x', 'headspace_percent' => 5, 'portions' => ''],
            '/api/export' => ['recipe' => self::RECIPE, 'format' => 'csv'],
            '/api/import' => ['text' => "1 cup sugar\n2 plums"],
            '/api/read' => ['text' => '1 cup sugar'],
        ];
        foreach ($bodies as $path => $body) {
            for ($i = 0; $i < 4; $i++) {
                $response = $this->postJson($path, self::spoiled($body, 1));
                self::assertContains($response->getStatusCode(), [200, 422], $path.' '.$response->getContent());
                if ($response->getStatusCode() === 422) {
                    $this->documented('failure', $response, 422);
                }
            }
        }
    }

    /**
     * @param array<array-key, mixed> $document
     * @return array<array-key, mixed>
     */
    private static function spoiled(array $document, int $times): array
    {
        for (; $times > 0; $times--) {
            $at = &$document;
            while (is_array($at) && $at !== [] && (mt_rand(0, 3) > 0 || $at === $document)) {
                $at = &$at[array_rand($at)];
            }
            $at = self::ODD[mt_rand(0, count(self::ODD) - 1)];
            unset($at);
        }

        return $document;
    }
}
