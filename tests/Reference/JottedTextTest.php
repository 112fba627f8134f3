<?php

declare(strict_types=1);

namespace Tests\Reference;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Server;
use Vinculum\Recipe\Jotted\JottedText;
use Vinculum\Recipe\Jotted\Question;
use Vinculum\Recipe\Line;

/** The text reader against a corpus of lines and what each is to be read as, kept as a data file. */
final class JottedTextTest extends TestCase
{
    /**
     * @return iterable<string, array{string, list<string>, string}> line, readings, what is asked
     */
    public static function corpus(): iterable
    {
        foreach (file(Server::root().'/tests/data/jotted-lines.txt', FILE_IGNORE_NEW_LINES) ?: [] as $entry) {
            if ($entry === '' || $entry[0] === '#') {
                continue;
            }
            [$line, $expected] = explode(' => ', $entry, 2);
            [$readings, $asked] = [...explode(' ? ', $expected, 2), ''];
            yield $line => [$line, explode(' ;; ', $readings), $asked];
        }
    }

    /**
     * @param list<string> $readings
     */
    #[DataProvider('corpus')]
    public function test_reads_as_it_was_meant(string $line, array $readings, string $asked): void
    {
        [$recipe, $questions] = JottedText::read($line, Sauce::catalogue());

        self::assertSame(
            $readings,
            array_map(
                static fn (Line $read): string => "{$read->amount} | {$read->ingredient}"
                    .($read->prep === null ? '' : " | {$read->prep}"),
                $recipe->lines(),
            ),
        );
        self::assertSame(
            $asked === '' ? [] : explode(', ', $asked),
            array_values(
                array_unique(array_map(static fn (Question $question): string => $question->about, $questions)),
            ),
        );
    }

    public function test_the_corpus_is_large_enough(): void
    {
        self::assertGreaterThanOrEqual(150, iterator_count(self::corpus()));
    }
}
