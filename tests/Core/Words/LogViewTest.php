<?php

declare(strict_types=1);

namespace Tests\Core\Words;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Log\Beside;
use Vinculum\Log\Ideal;
use Vinculum\Words\LogView;
use Vinculum\Words\Speech;

/** What was made and what was said of it, in words. */
final class LogViewTest extends TestCase
{
    private LogView $view;

    protected function setUp(): void
    {
        $this->view = new LogView(Speech::usual());
    }

    public function test_a_day_names_its_year_only_where_it_is_another(): void
    {
        self::assertSame('Wednesday 25 November', $this->view->day('2026-11-25', '2026-12-01'));
        self::assertSame('25 November 2026', $this->view->day('2026-11-25', '2027-01-02'));
        self::assertSame('25 Nov 2026', $this->view->short('2026-11-25', '2027-01-02'));
    }

    /** @return iterable<string, array{string, string|null, string, string}> */
    public static function jars(): iterable
    {
        yield 'a shelf is never given a day' => [
            'shelf',
            '2027-01-01',
            'No day is known for a shelf: keep it in the fridge.',
            'Keep it in the fridge',
        ];
        yield 'the fridge' => ['fridge', '2026-12-02', 'keeps until 2 Dec', 'Fridge, until 2 Dec'];
        yield 'the freezer' => ['freezer', '2027-02-25', 'keeps until 25 Feb 2027', 'Frozen, until 25 Feb 2027'];
        yield 'nothing is known, nothing is said' => ['fridge', null, '', ''];
    }

    #[DataProvider('jars')]
    public function test_until_when_a_jar_keeps(string $place, ?string $until, string $said, string $label): void
    {
        self::assertSame($said, $this->view->keeps($place, $until, '2026-11-25'));
        self::assertSame($label, $this->view->onTheLabel($place, $until, '2026-11-25'));
    }

    public function test_what_was_felt_is_said_as_what_is_wanted(): void
    {
        self::assertSame(
            'sweet: a touch less, salty: far more',
            $this->view->inAWord(['sweet' => 1.0, 'salty' => -3.0]),
        );
        self::assertSame('', $this->view->inAWord([]));
        self::assertSame('fine', array_column($this->view->said(['sour' => 0.0]), 'text', 'label')['Sour']);
        self::assertSame('–', array_column($this->view->said(['sweet' => 2.0]), 'text', 'label')['Sour']);
        self::assertSame('less', array_column($this->view->said(['sweet' => 2.0]), 'text', 'label')['Sweet']);
    }

    public function test_what_is_not_known_is_said_to_be_so(): void
    {
        $tastes = ['sweet', 'sour', 'salty', 'flat', 'hot'];
        $nothing = $this->view->likes('Ilse', Ideal::of($tastes, []));
        self::assertSame([], $nothing['tastes']);
        self::assertStringContainsString('not known', $nothing['unknown_text']);

        $at = array_fill_keys($tastes, 0.0);
        $salty = $this->view->likes(
            'Ilse',
            Ideal::of($tastes, array_fill(0, 5, ['at' => $at, 'feels' => ['salty' => 2.0], 'liking' => null])),
        );
        self::assertSame(['Salty'], array_column($salty['tastes'], 'label'));
        self::assertStringEndsWith('below the usual', $salty['tastes'][0]['text']);
        self::assertStringNotContainsString('alty', $salty['unknown_text']);
    }

    public function test_side_by_side_names_only_what_differs_and_turns_about_with_its_sides(): void
    {
        $one = Sauce::evaluate(['plum' => '1 kg', 'sugar' => '200 g', 'fine-salt' => '9 g']);
        $other = Sauce::evaluate(['plum' => '1 kg', 'sugar' => '300 g', 'star-anise' => '2 g', 'fine-salt' => '9 g']);
        $there = $this->view->beside(Beside::of($one, $other));
        $back = $this->view->beside(Beside::of($other, $one));

        self::assertSame(
            ['sugar', 'star-anise'],
            array_map(
                static fn (array $line): string => str_contains(strtolower($line['name']), 'sugar')
                    ? 'sugar'
                    : 'star-anise',
                $there['lines'],
            ),
        );
        self::assertSame('–', $there['lines'][1]['one']);
        foreach ($there['tastes'] as $i => $taste) {
            self::assertEqualsWithDelta(-$taste['share'], $back['tastes'][$i]['share'], 1e-9);
        }
        self::assertStringStartsWith('+ ', $there['tastes'][0]['text']);
        self::assertSame([], $this->view->beside(Beside::of($one, $one))['lines']);
    }
}
