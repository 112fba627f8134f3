<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Jotted;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Seed;
use Tests\Support\Server;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Recipe\Jotted\JottedText;

/** Every word of a note is accounted for: what became of it is said, and each letter is said of once. */
final class SpansTest extends TestCase
{
    use TestTrait;

    /** @return iterable<string, array{string, list<string>}> */
    public static function notes(): iterable
    {
        yield 'a list and a method' => [
            "Plum sauce\nMakes 2 jars\n1 kg plums, stoned\n200 g sugar\n\nSimmer 40 min. Lovely with duck.",
            [
                'title Plum sauce', 'yield Makes 2 jars', 'amount 1 kg', 'name plums', 'preparation stoned',
                'amount 200 g', 'name sugar', 'step Simmer 40 min.', 'remark Lovely with duck.',
            ],
        ];
        yield 'a thing that only the method names' => [
            "Gravy\n500 ml chicken stock\n\nBoil hard. Off the heat, stir in 20 g cold butter.",
            [
                'title Gravy', 'amount 500 ml', 'name chicken stock', 'step Boil hard.', 'step Off the heat, stir in',
                'amount 20 g', 'name cold butter',
            ],
        ];
        yield 'what nobody knows' => [
            "Dip\n2 tbsp xyzzy\n100 g yoghurt",
            ['title Dip', 'question 2 tbsp xyzzy', 'amount 100 g', 'name yoghurt'],
        ];
        yield 'several in a line' => [
            "nuoc cham\n3 tbsp fish sauce, 2 tbsp sugar, juice of 1 lime\n1 red chilli",
            [
                'title nuoc cham', 'amount 3 tbsp', 'name fish sauce', 'amount 2 tbsp', 'name sugar',
                'name juice of', 'amount 1', 'preparation lime', 'amount 1', 'name red chilli',
            ],
        ];
        yield 'letters of two bytes and of four' => [
            "Sauce rémoulade 🥣\n½ cup crème fraîche\n1 tsp Dijon mustard",
            ['title Sauce rémoulade', 'amount ½ cup', 'name crème fraîche', 'amount 1 tsp', 'name Dijon mustard'],
        ];
    }

    /** @param list<string> $became */
    #[DataProvider('notes')]
    public function test_what_became_of_the_words_is_said(string $text, array $became): void
    {
        [, , $spans] = JottedText::readWithSpans($text, Sauce::catalogue(), MeasuringSet::Us);

        self::assertSame($became, array_map(
            static fn ($span): string => "{$span->is} ".mb_substr($text, $span->from, $span->to - $span->from),
            $spans,
        ));
    }

    public function test_every_letter_of_every_note_we_have_is_in_exactly_one(): void
    {
        $rows = json_decode((string) file_get_contents(Server::root().'/tests/data/notes.json'), true);
        $texts = [];
        array_walk_recursive($rows, static function (mixed $value) use (&$texts): void {
            if (is_string($value) && str_contains($value, "\n")) {
                $texts[] = $value;
            }
        });
        self::assertNotSame([], $texts);
        foreach ($texts as $text) {
            self::assertAccounted($text);
        }
    }

    public function test_whatever_a_note_is_made_of_nothing_falls_out(): void
    {
        $amounts = ['200 g', '1 cup', '2 tbsp', '1/2 tsp', 'a pinch of', '3', '1½ cups', '12'];
        $things = [
            'sugar', 'cider vinegar', 'onions, chopped', 'garlic', 'xyzzy paste', 'ground cumin (toasted)', 'butter',
        ];
        $steps = [
            'Simmer 20 minutes.', 'Fry the onions until soft, then add 100 ml cider vinegar.', 'Blend and strain.',
            'Stir in 2 tbsp honey.', 'Leave overnight. Next time less salt!', 'Serve with bread.', 'Makes 2 cups.',
        ];
        $line = Generators::map(
            static fn (array $parts): string => implode(' ', $parts),
            Generators::tuple(Generators::elements(...$amounts), Generators::elements(...$things)),
        );
        $this->limitTo(150)->withRand('mt_rand');
        mt_srand(Seed::of(31));
        $this->forAll(
            Generators::vector(4, $line),
            Generators::vector(3, Generators::elements(...$steps)),
            Generators::elements("\n", "\r\n", "\n\n"),
        )->then(static function (array $lines, array $steps, string $break): void {
            self::assertAccounted(implode($break, ['A sauce', ...$lines, '', ...$steps]));
        });
    }

    private static function assertAccounted(string $text): void
    {
        [$recipe, , $spans] = JottedText::readWithSpans($text, Sauce::catalogue(), MeasuringSet::Us);
        $ids = array_map(static fn ($line): string => $line->id, $recipe->lines());
        $marks = array_fill(0, mb_strlen($text), 0);
        foreach ($spans as $span) {
            self::assertLessThanOrEqual(mb_strlen($text), $span->to);
            for ($i = $span->from; $i < $span->to; $i++) {
                $marks[$i]++;
            }
            if ($span->line !== '') {
                self::assertContains($span->line, $ids);
            }
        }
        $missed = $twice = [];
        foreach (mb_str_split($text) as $i => $character) {
            if ($marks[$i] > 1) {
                $twice[] = mb_substr($text, $i, 20);
            }
            if ($marks[$i] === 0 && preg_match('/[\p{L}\p{N}]/u', $character) === 1) {
                $missed[] = mb_substr($text, $i, 20);
            }
        }
        self::assertSame([[], []], [$missed, $twice], $text);
    }
}
