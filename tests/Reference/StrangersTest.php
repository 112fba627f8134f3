<?php

declare(strict_types=1);

namespace Tests\Reference;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Server;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Recipe\Jotted\JottedText;
use Vinculum\Recipe\WeighedLine;
use Vinculum\Recipe\WeighedRecipe;

/**
 * Lines and notes of people unlike us, written down with what they mean before any was read; common practice, no
 * source. What is read without a word and otherwise than meant is worse than what is asked.
 */
final class StrangersTest extends TestCase
{
    public function test_lines_of_strangers_are_read_as_they_were_meant(): void
    {
        $right = $silent = $all = 0;
        foreach (self::rows('strangers.txt') as $row) {
            [$line, $wanted] = array_map(trim(...), explode('=>', $row));
            [$found, $isAsked] = self::read($line);
            $isRight = $wanted === 'nothing' ? $found === [] : self::isMeant($found, explode(';;', $wanted), $isAsked);
            $all++;
            $right += $isRight ? 1 : 0;
            $silent += ! $isRight && ! $isAsked ? 1 : 0;
        }

        self::assertGreaterThan(140, $all);
        self::assertGreaterThanOrEqual(0.9, $right / $all, "{$right} of {$all}");
        self::assertLessThanOrEqual(0.03, $silent / $all, "{$silent} of {$all} without a word");
    }

    /** @return iterable<string, array{string, string}> */
    public static function notes(): iterable
    {
        foreach (self::rows('method-things.txt') as $row) {
            [$note, $wanted] = explode(' => ', $row);
            yield $note => [$note, $wanted];
        }
    }

    #[DataProvider('notes')]
    public function test_what_only_the_method_names_is_a_line(string $note, string $wanted): void
    {
        [$list, $method] = explode(' / ', $note, 2);
        [$recipe] = JottedText::read("A sauce\n\n".str_replace(' ; ', "\n", $list)."\n\n{$method}", Sauce::catalogue());
        $left = array_map(static fn ($line): string => $line->ingredient, $recipe->lines());
        foreach (explode(' ', $wanted) as $want) {
            $accepted = explode('|', ltrim($want, '*'));
            $found = array_filter($left, static fn (string $slug): bool => in_array($slug, $accepted, true)
                || (in_array('?', $accepted, true) && Sauce::catalogue()->find($slug) === null));
            self::assertNotSame([], $found, "{$want} of {$note}");
            unset($left[array_key_first($found)]);
        }
        self::assertSame([], array_values($left), $note);
    }

    /**
     * @return array{list<WeighedLine>, bool} what a line is read as, and whether anything is asked
     */
    private static function read(string $line): array
    {
        // a line before it, so that it is taken for no title
        [$recipe, $questions] = JottedText::read("1 g xanthan gum\n{$line}", Sauce::catalogue(), MeasuringSet::Us);
        $lines = WeighedRecipe::of($recipe, Sauce::catalogue())->lines;
        $asked = array_filter($questions, static fn ($question): bool => $question->line === 2);

        return [array_slice($lines, 1), $asked !== []];
    }

    /**
     * @param list<WeighedLine> $found
     * @param list<string> $wanted
     */
    private static function isMeant(array $found, array $wanted, bool $isAsked): bool
    {
        if (count($found) !== count($wanted)) {
            return false;
        }
        foreach ($wanted as $want) {
            [$names, $grams] = explode(' ', trim($want));
            [$least, $most] = array_map(floatval(...), explode('-', $grams));
            $accepted = explode('|', $names);
            $isThere = false;
            foreach ($found as $line) {
                $isIt = in_array($line->line->ingredient, $accepted, true)
                    && (($line->grams >= $least && $line->grams <= $most) || ($least === 0.0 && $line->grams === 0.0));
                $isThere = $isThere || $isIt || ($isAsked && in_array('?', $accepted, true));
            }
            if (! $isThere) {
                return false;
            }
        }

        return true;
    }

    /** @return list<string> */
    private static function rows(string $file): array
    {
        $rows = file(Server::root()."/tests/data/{$file}", FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [];

        return array_values(array_filter($rows, static fn (string $row): bool => $row[0] !== '#'));
    }
}
