<?php

declare(strict_types=1);

namespace Tests\Core\Log;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Server;
use Vinculum\Log\Remark;

/** What a remark says of a sauce: tests/data/remarks.txt, common practice, no source. */
final class RemarkTest extends TestCase
{
    private const NAMES = ['ginger', 'pear', 'cider vinegar', 'garlic', 'plums'];

    /** @return iterable<string, array{string, string}> */
    public static function remarks(): iterable
    {
        foreach (file(Server::root().'/tests/data/remarks.txt', FILE_IGNORE_NEW_LINES) ?: [] as $line) {
            if ($line !== '' && $line[0] !== '#') {
                [$remark, $says] = array_map(trim(...), explode('|', $line));
                yield $remark => [$remark, $says];
            }
        }
    }

    #[DataProvider('remarks')]
    public function test_what_it_says_is_what_a_reader_takes_from_it(string $remark, string $says): void
    {
        $read = self::read($remark);
        $got = $read->textures;
        foreach ($read->feels as $feel => $steps) {
            $got[] = "{$feel}:".match (true) {
                $steps > 0.0 => '+',
                $steps < 0.0 => '-',
                default => '0',
            };
        }
        foreach ($read->things as $thing => $way) {
            $got[] = "{$thing}:".($way > 0.0 ? '+' : '-');
        }

        self::assertEqualsCanonicalizing($says === '-' ? [] : explode(' ', $says), $got);
        self::assertSame($says === '-', $read->isNothing());
    }

    public function test_how_far_is_said_by_its_words(): void
    {
        self::assertSame(['salty' => 1.0], self::read('a bit too salty')->feels);
        self::assertSame(['salty' => 2.0], self::read('too salty')->feels);
        self::assertSame(['salty' => 3.0], self::read('far too salty')->feels);
        self::assertSame(['hot' => -2.0], self::read('hotter next time')->feels);
    }

    private static function read(string $remark): Remark
    {
        return Remark::read($remark, Sauce::catalogue()->vocabulary->words['reading']['remarks'], self::NAMES);
    }
}
