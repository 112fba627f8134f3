<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Jotted;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Server;
use Vinculum\Recipe\Jotted\Otherwise;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\WeighedRecipe;

/** What was made otherwise that time, as people say it: tests/data/otherwise.txt. */
final class OtherwiseTest extends TestCase
{
    private const LINES = [
        'pear' => '1 kg',
        'onion' => '150 g',
        'ginger' => '35 g',
        'sugar' => '200 g',
        'cider-vinegar' => '150 ml',
        'fine-salt' => '12 g',
        'water' => '100 ml',
        'garlic' => '2 cloves',
    ];

    /** @return iterable<string, array{string, string}> */
    public static function saidSo(): iterable
    {
        foreach (file(Server::root().'/tests/data/otherwise.txt', FILE_IGNORE_NEW_LINES) ?: [] as $line) {
            if ($line !== '' && $line[0] !== '#') {
                [$said, $wanted] = array_map(trim(...), explode('|', $line));
                yield $said => [$said, $wanted];
            }
        }
    }

    #[DataProvider('saidSo')]
    public function test_it_makes_of_the_recipe_what_was_said(string $said, string $wanted): void
    {
        $recipe = self::recipe();
        $got = [];
        foreach (Otherwise::read($said, self::recipe(), Sauce::catalogue(), ['s1' => 30.0]) as $clause) {
            $recipe = $clause['recipe'] ?? $recipe;
            $got = [...$got, ...($clause['recipe'] !== null ? [] : [$clause['ask'] === '' ? 'kept' : 'ask'])];
        }
        $got = [...$got, ...self::differs($recipe)];

        self::assertCount(count(explode(' ', $wanted)), $got, implode(' ', $got));
        foreach (explode(' ', $wanted) as $each) {
            self::assertTrue(self::holds($got, $each), "{$each} in ".implode(' ', $got));
        }
    }

    public function test_nothing_that_was_said_is_dropped(): void
    {
        $said = 'rained all day; 20 g ginger and half the sugar, the pears were riper';
        self::assertSame(
            ['rained all day', '20 g ginger', 'half the sugar', 'the pears were riper'],
            array_column(Otherwise::read($said, self::recipe(), Sauce::catalogue()), 'words'),
        );
    }

    public function test_what_is_asked_can_be_answered_by_its_own_guesses(): void
    {
        foreach (['the other vinegar', 'more ginger'] as $said) {
            [$asked] = Otherwise::read($said, self::recipe(), Sauce::catalogue());
            self::assertNotSame([], $asked['guesses'], $said);
            foreach ($asked['guesses'] as $guess) {
                [$read] = Otherwise::read($guess, self::recipe(), Sauce::catalogue());
                self::assertNotNull($read['recipe'], $guess);
                self::assertNotSame([], self::differs($read['recipe']), $guess);
            }
        }
    }

    private static function recipe(): Recipe
    {
        $recipe = Sauce::of(self::LINES, ['process' => ['kind' => 'simmer', 'minutes' => 30]]);

        return $recipe->withStages([
            $recipe->stages[0]->called('s1'),
            new \Vinculum\Recipe\Stage('s9', '', [], new \Vinculum\Recipe\Process(\Vinculum\Recipe\ProcessKind::Blend)),
        ]);
    }

    /** @return list<string> */
    private static function differs(Recipe $recipe): array
    {
        [$was, $is] = [self::grams(self::recipe()), self::grams($recipe)];
        $differs = [];
        foreach ($is as $slug => $grams) {
            if (! isset($was[$slug]) || abs($grams - $was[$slug]) > 0.5) {
                $differs[] = "{$slug}=".round($grams);
            }
        }
        foreach (array_keys(array_diff_key($was, $is)) as $slug) {
            $differs[] = "-{$slug}";
        }
        $process = $recipe->stages[0]->process;

        return [
            ...$differs,
            ...($process?->minutes === 30.0 ? [] : ["simmer={$process?->minutes}"]),
            ...($process?->heat === null ? [] : ["heat={$process->heat}"]),
            ...($process?->lid === true ? ['lid=on'] : []),
            ...($recipe->stages[1]->process === null ? ['blend=no'] : []),
        ];
    }

    /** @return array<string, float> */
    private static function grams(Recipe $recipe): array
    {
        $grams = [];
        foreach (WeighedRecipe::of($recipe, Sauce::catalogue())->lines as $line) {
            $grams[$line->line->ingredient] = $line->grams;
        }

        return $grams;
    }

    /** @param list<string> $got */
    private static function holds(array $got, string $wanted): bool
    {
        if (preg_match('/^(\S+)=(\d+)$/', $wanted, $match) !== 1) {
            return in_array($wanted, $got, true);
        }
        foreach ($got as $each) {
            // a spoon and a clove weigh about so much
            if (
                preg_match('/^'.preg_quote($match[1], '/').'=([\d.]+)$/', $each, $is) === 1
                && abs((float) $is[1] - (float) $match[2]) <= 1 + 0.12 * (float) $match[2]
            ) {
                return true;
            }
        }

        return false;
    }
}
