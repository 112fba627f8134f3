<?php

declare(strict_types=1);

namespace Tests\Core\Log;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Seed;
use Vinculum\Log\Jar;
use Vinculum\Safety\Facts;
use Vinculum\Safety\KeepingTime;

/** Until when a jar keeps, whatever was done with it since: never longer than the cautious figure allows. */
final class JarTest extends TestCase
{
    private const MADE = '2026-11-24';

    private static function times(string $kind): KeepingTime
    {
        $sauce = match ($kind) {
            // fridge 28 days, opened 21, frozen 6 months
            'fruit' => Sauce::evaluate(
                ['plum' => '1 kg', 'cider-vinegar' => '250 ml', 'white-sugar' => '200 g'],
                ['process' => ['kind' => 'simmer', 'minutes' => 30]],
            ),
            // fridge 2 days, opened 1, and it does not freeze well
            default => Sauce::evaluate([
                'egg-yolk' => '2 yolks',
                'sunflower-oil' => '250 ml',
                'lemon-juice' => '1 tbsp',
                'table-salt' => '2 g',
            ]),
        };

        return KeepingTime::of(Facts::of($sauce)) ?? throw new \LogicException('It keeps for something.');
    }

    /** @return iterable<string, array{string, Jar, string|null}> */
    public static function jars(): iterable
    {
        yield 'closed in the fridge' => ['fruit', new Jar(self::MADE), '2026-12-22'];
        yield 'opened early, the opened days decide' => [
            'fruit',
            new Jar(self::MADE, openedOn: '2026-11-25'),
            '2026-12-16',
        ];
        yield 'opened late, the closed days decide' => [
            'fruit',
            new Jar(self::MADE, openedOn: '2026-12-20'),
            '2026-12-22',
        ];
        yield 'frozen on its day' => ['fruit', new Jar(self::MADE, 'freezer', frozenOn: self::MADE), '2027-05-24'];
        yield 'frozen on its last day' => [
            'fruit',
            new Jar(self::MADE, 'freezer', frozenOn: '2026-12-22'),
            '2027-05-24',
        ];
        yield 'frozen when its day was past: cold brings nothing back' => [
            'fruit',
            new Jar(self::MADE, 'freezer', frozenOn: '2026-12-23'),
            '2026-12-22',
        ];
        yield 'opened, past its opened days, then frozen' => [
            'fruit',
            new Jar(self::MADE, 'freezer', openedOn: '2026-11-25', frozenOn: '2026-12-18'),
            '2026-12-16',
        ];
        yield 'opened, then frozen in time' => [
            'fruit',
            new Jar(self::MADE, 'freezer', openedOn: '2026-11-25', frozenOn: '2026-12-01'),
            '2027-05-24',
        ];
        yield 'thawed: the days it lay frozen do not count' => [
            'fruit',
            new Jar(self::MADE, frozenOn: '2026-12-14', thawedOn: '2026-12-24'),
            '2027-01-01',
        ];
        yield 'thawed: and it keeps no longer than an opened one from then' => [
            'fruit',
            new Jar(self::MADE, frozenOn: self::MADE, thawedOn: '2027-03-01'),
            '2027-03-22',
        ];
        yield 'thawed after its day was past' => [
            'fruit',
            new Jar(self::MADE, frozenOn: '2027-01-10', thawedOn: '2027-02-01'),
            '2026-12-22',
        ];
        yield 'thawed after too long in the freezer' => [
            'fruit',
            new Jar(self::MADE, frozenOn: self::MADE, thawedOn: '2027-08-01'),
            '2027-05-24',
        ];
        yield 'what does not freeze well is given no more for being frozen' => [
            'egg',
            new Jar(self::MADE, 'freezer', frozenOn: self::MADE),
            '2026-11-26',
        ];
        yield 'nor for having been' => [
            'egg',
            new Jar(self::MADE, frozenOn: self::MADE, thawedOn: '2026-12-24'),
            '2026-11-26',
        ];
        yield 'on a shelf nothing is known' => ['fruit', new Jar(self::MADE, 'shelf'), null];
    }

    #[DataProvider('jars')]
    public function test_until_when_it_keeps(string $kind, Jar $jar, ?string $until): void
    {
        self::assertSame($until, $jar->keepsUntil(self::times($kind)));
    }

    public function test_of_a_bought_thing_nothing_is_said(): void
    {
        self::assertNull((new Jar(self::MADE))->keepsUntil(null));
    }

    public function test_a_move_is_dated_and_a_slip_of_the_finger_is_none(): void
    {
        $jar = new Jar(self::MADE);
        $frozen = $jar->movedTo('freezer', '2026-12-14');
        self::assertSame(['freezer', '2026-12-14', null], [$frozen->place, $frozen->frozenOn, $frozen->thawedOn]);
        self::assertEquals($jar, $frozen->movedTo('fridge', '2026-12-14'));

        $thawed = $frozen->movedTo('fridge', '2026-12-24');
        self::assertSame(
            ['fridge', '2026-12-14', '2026-12-24'],
            [$thawed->place, $thawed->frozenOn, $thawed->thawedOn],
        );
        // it is not frozen twice
        $again = $thawed->movedTo('freezer', '2026-12-30');
        self::assertSame($thawed->keepsUntil(self::times('fruit')), $again->keepsUntil(self::times('fruit')));
        self::assertSame('2026-12-24', $again->movedTo('fridge', '2027-02-01')->thawedOn);
    }

    /** 2 000 jars that were opened, frozen and thawed on any days. */
    public function test_nothing_that_is_done_with_a_jar_in_the_fridge_makes_it_keep_longer_but_the_time_it_lay_frozen(): void
    {
        $times = self::times('fruit');
        mt_srand(Seed::of(17));
        $day = static fn (int $after): string => (new \DateTimeImmutable(self::MADE))
            ->modify("+{$after} days")
            ->format('Y-m-d');
        $extended = 0;
        for ($i = 0; $i < 2000; $i++) {
            $frozen = mt_rand(0, 60);
            $thawed = $frozen + mt_rand(1, 250);
            $opened = mt_rand(0, 3) === 0 ? $day(mt_rand(0, 60)) : null;
            $plain = (new Jar(self::MADE, openedOn: $opened))->keepsUntil($times);
            $was = (new Jar(
                self::MADE,
                openedOn: $opened,
                frozenOn: $day($frozen),
                thawedOn: $day($thawed),
            ))->keepsUntil($times);
            self::assertNotNull($plain);
            self::assertNotNull($was);
            $later = (new \DateTimeImmutable($plain))->diff(new \DateTimeImmutable($was))->format('%r%a');
            self::assertLessThanOrEqual($thawed - $frozen, (int) $later, "frozen from day {$frozen} to {$thawed}");
            $extended += (int) $later > 0 ? 1 : 0;
        }
        self::assertGreaterThan(200, $extended, 'some of them do keep longer for it');
    }
}
