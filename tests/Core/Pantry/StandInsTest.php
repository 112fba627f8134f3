<?php

declare(strict_types=1);

namespace Tests\Core\Pantry;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Pantry\CatalogueError;
use Vinculum\Pantry\StandIns;

/** What a cook takes for a thing, as text. */
final class StandInsTest extends TestCase
{
    private const SLUGS = ['milk', 'cream', 'yoghurt', 'water', 'stock'];

    public function test_choices_stand_best_first_and_several_do_it_together(): void
    {
        self::assertSame(
            ['milk' => [[['yoghurt', 'water'], ['cream']], [['stock']]]],
            StandIns::read("# a remark\n\nmilk: yoghurt + water | cream || stock\n", self::SLUGS),
        );
    }

    public function test_a_line_for_several_things_names_each_for_the_others(): void
    {
        self::assertSame(
            ['milk' => [[['cream'], ['yoghurt']]], 'cream' => [[['yoghurt']]]],
            StandIns::read('milk, cream: cream | yoghurt', self::SLUGS),
        );
    }

    /** @return iterable<string, array{string, string}> */
    public static function faults(): iterable
    {
        yield 'no colon' => ["milk: cream\nmilk yoghurt", 'line 2: wants a thing, a colon'];
        yield 'nobody knows it' => ['milk: creem', 'line 1: “creem” is not in the catalogue'];
        yield 'it has a line' => ["milk: cream\nmilk: yoghurt", 'line 2: “milk” has a line already'];
        yield 'itself' => ['milk: milk', 'line 1: “milk” stands in for itself'];
    }

    #[DataProvider('faults')]
    public function test_what_is_wrong_is_said_with_its_line(string $text, string $said): void
    {
        $this->expectException(CatalogueError::class);
        $this->expectExceptionMessage($said);
        StandIns::read($text, self::SLUGS);
    }

    public function test_nearly_everything_has_something_a_cook_takes_for_it(): void
    {
        $without = array_filter(
            Sauce::catalogue()->slugs(),
            static fn (string $slug): bool => Sauce::ingredient($slug)->standIns === [],
        );

        // salt that is not salt is nobody’s, and nothing else takes sourness away
        self::assertSame(['potassium-salt', 'bicarbonate'], array_values($without));
    }
}
