<?php

declare(strict_types=1);

namespace Tests\Reference;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Recipe\Handling;
use Vinculum\Recipe\Jotted\JottedText;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\Stage;

/** Whole notes, written by us the way cards in a drawer are, and what each is to be read as (tests/data/notes.json). */
final class NotesTest extends TestCase
{
    private const NOTES = __DIR__.'/../data/notes.json';

    /**
     * @return iterable<string, array{string, array{makes: string, story: string, stages: list<string>, asked: int}}>
     */
    public static function notes(): iterable
    {
        /**
         * @var list<array{text: string, name: string, makes: string, story: string, stages: list<string>,
         * asked: int}> $notes
         */
        $notes = json_decode((string) file_get_contents(self::NOTES), true, flags: JSON_THROW_ON_ERROR);
        foreach ($notes as $note) {
            yield $note['name'] => [$note['text'], $note];
        }
    }

    /** @param array{name: string, makes: string, story: string, stages: list<string>, asked: int} $expected */
    #[DataProvider('notes')]
    public function test_a_note_is_read_whole(string $text, array $expected): void
    {
        [$recipe, $questions] = JottedText::read($text, Sauce::catalogue(), MeasuringSet::Us);

        self::assertSame($expected['stages'], self::stages($recipe));
        self::assertSame(
            [$expected['name'], $expected['makes'], $expected['story'], $expected['asked']],
            [$recipe->name, $recipe->makes, $recipe->story, count($questions)],
        );
    }

    public function test_there_are_enough_of_them(): void
    {
        self::assertGreaterThanOrEqual(20, iterator_count(self::notes()));
    }

    /** @return list<string> each stage in a line: what is done, and what goes in */
    private static function stages(Recipe $recipe): array
    {
        return array_map(static function (Stage $stage): string {
            $process = $stage->process;
            $done = array_filter([
                $stage->name === '' ? '' : "“{$stage->name}”",
                $process === null ? 'none' : $process->kind->value,
                $process?->minutes === null ? '' : round($process->minutes).' min',
                $process?->until === null ? '' : "{$process->until->kind} ".round($process->until->value),
                $process->heat ?? '',
                $process?->lid === true ? 'lid' : '',
                $stage->strain === null ? '' : 'strain'.($stage->strain->press > 0.0 ? ' pressed' : ''),
            ]);

            return implode(' ', $done)
                .': '
                .implode(
                    ', ',
                    array_map(
                        static fn (Line $line): string => $line->ingredient
                            .($line->handling === Handling::In ? '' : " ({$line->handling->value})"),
                        $stage->lines,
                    ),
                );
        }, $recipe->stages);
    }
}
