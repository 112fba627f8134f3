<?php

declare(strict_types=1);

namespace Tests\Core\Pantry;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Pantry\Audit;
use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\CatalogueReader;

/** Laws of any food: nothing that ships is odd by them, and what is odd is named. */
final class AuditTest extends TestCase
{
    private const SOUND = "== thing : thing\nkind berry\nroles base\ntint berry\nform liquid\nknown produce\n"
        ."density 1.02 | estimate\nph 3.4 | estimate\nportion each = 10 g | estimate\nfrom estimate\n"
        ."water 90 sucrose 8 citric 1\nnil rest\n";

    public function test_nothing_that_ships_is_odd(): void
    {
        self::assertSame([], Audit::of(Sauce::catalogue()));
    }

    /** @return iterable<string, array{string, string, string}> what is written, what instead, what is said */
    public static function slips(): iterable
    {
        yield 'sour without acid' => ['sucrose 8 citric 1', 'sucrose 9', 'thing: has no acid, and a pH of 3.4'];
        yield 'acid without sourness' => ['ph 3.4', 'ph 6.4', 'thing: has 1 g of acid, and a pH of 6.4'];
        yield 'as light as a feather' => ['density 1.02', 'density 0.08', 'thing: weighs 0.08 g/mL by its entry'];
        yield 'a leaf of a kilogram' => [
            'portion each = 10 g',
            'portion leaf = 1000 g',
            'thing: one leaf of 1000 g, where 0.02 to 130 g',
        ];
    }

    #[DataProvider('slips')]
    public function test_a_slip_is_named(string $written, string $slip, string $said): void
    {
        self::assertSame([], self::audit(self::SOUND));
        $odd = self::audit(str_replace($written, $slip, self::SOUND));

        self::assertCount(1, $odd);
        self::assertStringStartsWith($said, $odd[0]);
    }

    public function test_two_things_of_one_name_are_named(): void
    {
        $other = str_replace("== thing : thing\nkind berry", "== other : other\nkind berry\nalso thing", self::SOUND);

        self::assertSame(['“thing” is the name of thing and of other'], self::audit(self::SOUND."\n".$other));
    }

    /** @return list<string> */
    private static function audit(string $table): array
    {
        $vocabulary = Sauce::catalogue()->vocabulary;

        return Audit::of(new Catalogue(CatalogueReader::read(['things.txt' => $table], $vocabulary), $vocabulary));
    }
}
