<?php

declare(strict_types=1);

namespace Tests\Core\Stove;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Stove\Cook;
use Vinculum\Stove\Event;
use Vinculum\Stove\EventReader;

/** What is typed beside a pot, with wet hands. */
final class EventReaderTest extends TestCase
{
    /** @return iterable<string, array{string, string, float}> */
    public static function shown(): iterable
    {
        yield 'a bare number is grams' => ['mass', '946', 946.0];
        yield 'grouped' => ['mass', '1 046', 1046.0];
        yield 'a unit of its own' => ['mass', '0.95 kg', 950.0];
        yield 'a comma' => ['mass', '0,95 kg', 950.0];
        yield 'pounds and ounces' => ['mass', '2 lb 1 oz', 2 * 453.59237 + 28.349523125];
        yield 'with blanks' => ['mass', '  946 g ', 946.0];
        yield 'a depth' => ['depth', '38 mm', 38.0];
        yield 'a depth, bare' => ['depth', '38', 38.0];
        yield 'a refractometer' => ['brix', '22,5 °Brix', 22.5];
        yield 'a probe' => ['temperature', '98.5°C', 98.5];
        yield 'a probe in the freezer' => ['temperature', '-12', -12.0];
        yield 'a meter' => ['ph', '3.72 pH', 3.72];
    }

    #[DataProvider('shown')]
    public function test_what_an_instrument_shows_is_read_as_it_is_typed(
        string $what,
        string $typed,
        float $value,
    ): void {
        $data = EventReader::read(self::cook(), 'reading', ['what' => $what, 'amount' => $typed, 'sure' => true]);

        self::assertEqualsWithDelta($value, $data['value'], 1e-9);
        self::assertSame($what, $data['what']);
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        yield 'letters for figures' => ['reading', ['what' => 'mass', 'amount' => '27oo'], 'amount'];
        yield 'a volume on a scale' => ['reading', ['what' => 'mass', 'amount' => '3 cups'], 'amount'];
        yield 'nothing' => ['reading', ['what' => 'mass', 'amount' => ''], 'amount'];
        yield 'nothing at all' => ['reading', ['what' => 'ph'], 'amount'];
        yield 'no instrument' => ['reading', ['value' => 3.5], 'what'];
        yield 'no such pH' => ['reading', ['what' => 'ph', 'amount' => '37'], 'amount'];
        yield 'hotter than fat' => ['reading', ['what' => 'temperature', 'value' => 900], 'amount'];
        yield 'no number' => ['reading', ['what' => 'ph', 'value' => 'NAN'], 'amount'];
        yield 'a step of another recipe' => ['step', ['to' => 'z.simmer'], 'to'];
        yield 'a line of another recipe' => ['went_in', ['line' => 'z', 'amount' => '3 g'], 'line'];
        yield 'nothing said of what went in' => ['went_in', ['line' => 'plum'], 'amount'];
        yield 'not left out, and nothing else said' => ['went_in', ['line' => 'plum', 'left_out' => false], 'amount'];
        yield 'a stage of another recipe' => ['boils', ['stage' => 'z'], 'stage'];
        yield 'stirred in, but what' => ['added', ['amount' => '3 g'], 'ingredient'];
        yield 'stirred in, but how much' => ['added', ['ingredient' => 'white-sugar'], 'amount'];
        yield 'spilled, but how much' => ['spilled', [], 'share'];
        yield 'a timer of no length' => ['timer', ['label' => 'jars'], 'minutes'];
        yield 'taken back, but what' => ['taken_back', [], 'event'];
        yield 'a pan of two cups' => ['pan', ['amount' => '2 cups'], 'amount'];
    }

    /** @param array<string, mixed> $data */
    #[DataProvider('refused')]
    public function test_what_cannot_be_is_refused_with_its_field(string $kind, array $data, string $field): void
    {
        self::assertContains($kind, Event::KINDS);
        try {
            EventReader::read(self::cook(), $kind, $data);
            self::fail('It was taken.');
        } catch (InvalidRecipe $why) {
            self::assertSame([$field], array_column($why->errors, 'field'));
        }
    }

    public function test_a_pan_is_weighed_once_and_a_scale_that_was_tared_is_noticed(): void
    {
        self::assertSame(1240.0, EventReader::read(self::cook(), 'pan', ['amount' => '1.24 kg'])['grams']);

        $withPan = self::cook([new Event(2, 400.0, 'pan', ['grams' => 1240.0])]);
        $this->expectExceptionMessage('empty pan, which weighs 1240 g. Was the scale tared?');
        EventReader::read($withPan, 'reading', [
            'what' => 'mass',
            'amount' => '946',
            'with_pan' => true,
            'sure' => true,
        ]);
    }

    public function test_a_weight_far_from_what_is_thought_is_asked_about_and_believed_when_it_is_meant(): void
    {
        $cook = self::cook();
        self::assertSame(1150.0, EventReader::read($cook, 'reading', ['what' => 'mass', 'value' => 1150])['value']);
        try {
            EventReader::read($cook, 'reading', ['what' => 'mass', 'value' => 2400]);
            self::fail('Twice what is in the pot was believed.');
        } catch (InvalidRecipe $why) {
            self::assertStringContainsString('It should be about 1 200 g', $why->getMessage());
        }
        self::assertSame(
            2400.0,
            EventReader::read($cook, 'reading', ['what' => 'mass', 'value' => 2400, 'sure' => true])['value'],
        );
        // with a pan that nobody has weighed there is nothing to hold it against
        self::assertSame(
            2400.0,
            EventReader::read($cook, 'reading', ['what' => 'mass', 'value' => 2400, 'with_pan' => true])['value'],
        );
    }

    /**
     * A kilogram of plums and 200 g of sugar that have just begun to simmer.
     *
     * @param list<Event> $besides
     */
    private static function cook(array $besides = []): Cook
    {
        $recipe = Sauce::of(
            ['plum' => '1 kg', 'white-sugar' => '200 g'],
            ['process' => ['kind' => 'simmer', 'until' => ['loss_percent' => 40]]],
        );

        return Cook::of(
            $recipe,
            [new Event(1, 300.0, 'step', ['to' => 'stage.simmer']), ...$besides],
            0.0,
            1.0,
            420.0,
            Sauce::catalogue(),
            null,
        );
    }
}
