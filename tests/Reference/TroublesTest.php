<?php

declare(strict_types=1);

namespace Tests\Reference;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Trouble\Trouble;
use Vinculum\Trouble\Troubles;

/**
 * What goes wrong in a pot, and pots where nothing does. Thresholds after McGee, On Food and Cooking (2004), from
 * memory, and common practice; the cases in tests/data/troubles.txt are our own.
 */
final class TroublesTest extends TestCase
{
    /** @return iterable<string, array{list<string>, list<array<string, mixed>>}> what happens, and the stages */
    public static function pots(): iterable
    {
        foreach (file(dirname(__DIR__).'/data/troubles.txt', FILE_IGNORE_NEW_LINES) ?: [] as $row) {
            if ($row === '' || $row[0] === '#') {
                continue;
            }
            [$name, $happens, $stages] = array_map(trim(...), explode('|', $row));
            yield $name => [
                array_map(trim(...), explode(',', $happens)),
                array_map(self::stage(...), explode('//', $stages)),
            ];
        }
    }

    /**
     * @param list<string> $happens
     * @param list<array<string, mixed>> $stages
     */
    #[DataProvider('pots')]
    public function test_what_goes_wrong_is_said_and_nothing_else(array $happens, array $stages): void
    {
        $said = array_map(
            static fn (Trouble $trouble): string => $trouble->fault->value,
            array_values(array_filter(self::of($stages), static fn (Trouble $trouble): bool => $trouble->isGrave)),
        );

        if ($happens === ['nothing']) {
            self::assertSame([], $said);
        } else {
            self::assertNotSame([], array_intersect($happens, $said), 'said: '.implode(', ', $said));
        }
    }

    public function test_what_is_not_known_may_be_what_holds_it(): void
    {
        $milk = ['ingredient' => 'milk', 'amount' => '300 ml'];
        $lemon = ['ingredient' => 'lemon-juice', 'amount' => '40 ml'];
        $boil = ['kind' => 'boil', 'minutes' => 5];
        self::assertNotSame([], self::of([['lines' => [$milk, $lemon], 'process' => $boil]]));
        $secret = ['ingredient' => 'aunt-ottilies-powder', 'amount' => '10 g'];
        self::assertSame([], self::of([['lines' => [$milk, $lemon, $secret], 'process' => $boil]]));
    }

    /**
     * @param list<array<string, mixed>> $stages
     * @return list<Trouble>
     */
    private static function of(array $stages): array
    {
        return Troubles::of(
            Evaluation::of(Sauce::of([], [], ['stages' => $stages]), Sauce::catalogue(), null)->cooked,
        );
    }

    /** @return array<string, mixed> "20 g butter, 5 g garlic; fry 10 high", and °C behind where it is said */
    private static function stage(string $written): array
    {
        [$lines, $process] = [...explode(';', $written), 'none'];
        $read = [];
        foreach (array_filter(array_map(trim(...), explode(',', $lines))) as $line) {
            $at = (int) strrpos($line, ' ');
            $read[] = ['ingredient' => substr($line, $at + 1), 'amount' => substr($line, 0, $at)];
        }
        preg_match('/^\s*(\w+)(?: (\d+))?(?: (low|medium|high))?(?: (\d+))?/', $process, $match);

        return ['lines' => $read, 'process' => array_filter([
            'kind' => $match[1] ?? 'none',
            'minutes' => isset($match[2]) && $match[2] !== '' ? (float) $match[2] : null,
            'heat' => ($match[3] ?? '') ?: null,
            'temperature_c' => isset($match[4]) ? (float) $match[4] : null,
        ], static fn (mixed $value): bool => $value !== null)];
    }
}
