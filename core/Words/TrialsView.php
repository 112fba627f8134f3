<?php

declare(strict_types=1);

namespace Vinculum\Words;

use Vinculum\Evaluation\TastesLike;
use Vinculum\Figure\Figure;
use Vinculum\Log\Attempt;
use Vinculum\Log\Change;
use Vinculum\Log\ChangeKind;
use Vinculum\Log\TrialBook;
use Vinculum\Solve\Feel;
use Vinculum\Taste\Measure;

/** The trial book of one sauce, in words. */
final readonly class TrialsView
{
    /** Steps that fill a bar to its end. */
    private const WIDE = 3.0;

    /** Minutes and °Brix from which one pot was boiled longer and further than another; judgement. */
    private const LONGER = 2.0;
    private const FURTHER = 1.0;

    /** SHU from which a sauce bites; a tongue finds some 16 in a tomato sauce, common practice, no source. */
    private const BITES = 10.0;

    public function __construct(private Speech $speech) {}

    /** How much there is of a family: "9 tries of 3 recipes". */
    public function family(int $tries, int $recipes): string
    {
        return implode(' of ', array_filter([
            match ($tries) {
                0 => '',
                1 => 'made once',
                default => "{$tries} tries",
            },
            $recipes < 2 ? '' : "{$recipes} recipes",
        ]));
    }

    /**
     * What of a book is not shown, and why.
     *
     * @param int $more older tries than a book holds
     * @param int $unfound tries that the words looked for are not found in
     * @param list<string> $broken tries that cannot be read, each with its reason
     */
    public function hidden(int $more, int $unfound, array $broken): string
    {
        return implode(' ', array_filter([
            $more === 0 ? '' : "{$more} older tries are in the Log.",
            $unfound === 0 ? '' : ($unfound === 1 ? '1 try has' : "{$unfound} tries have").' no such words.',
            ...$broken,
        ]));
    }

    /** What was made otherwise, as it would be said: "20 g ginger, not 35 g". */
    public function change(Change $change): string
    {
        $name = mb_strtolower($change->name);
        $is = $this->amount($change->is, $name);
        $was = $this->amount($change->was, $name);

        return match ($change->kind) {
            ChangeKind::Amount => "{$is} {$name}, not {$was}",
            ChangeKind::Added => "with {$is} {$name}",
            ChangeKind::LeftOut => "no {$name}",
            ChangeKind::Instead => $change->is === $change->was
                ? "{$name} for ".mb_strtolower($change->other)
                : "{$is} {$name} for {$this->amount($change->was, mb_strtolower($change->other))} "
                    .mb_strtolower($change->other),
            ChangeKind::Longer => self::process($change->name)
                .($change->is === '' ? '' : " {$change->is}")
                .($change->was === '' ? '' : ", not {$change->was}"),
            ChangeKind::Done => self::process($change->name),
            ChangeKind::NotDone => 'not '.self::process($change->name),
        };
    }

    /** What a process is called once it was done. */
    private static function process(string $kind): string
    {
        return match ($kind) {
            'fry' => 'fried',
            'simmer' => 'simmered',
            'none' => 'mixed',
            'chill' => 'chilled',
            'flame' => 'flamed',
            default => preg_match('/e$/', $kind) === 1 ? "{$kind}d" : "{$kind}ed",
        };
    }

    /** As it is written, but "1 cinnamon stick" and no "1 stick cinnamon stick". */
    private function amount(string $text, string $name): string
    {
        if (
            preg_match('/^([\d\s\/.½¼¾⅓⅔–-]+)\s(\p{L}+?)s?$/u', $text, $match) === 1
            && str_ends_with($name, " {$match[2]}")
        ) {
            return $match[1];
        }

        return preg_match('/^[\d.]+ g$/', $text) === 1 ? $this->speech->grams((float) $text) : $text;
    }

    /** @return list<string> everything that was made otherwise than in the try it is nearest to */
    public function different(TrialBook $book, int $i): array
    {
        $scale = $book->scales[$i];
        $size = match (true) {
            abs($scale - 1) < 0.005 => [],
            abs($scale - 2) < 0.02 => ['twice as much of it'],
            abs($scale - 0.5) < 0.01 => ['half as much of it'],
            default => [$this->speech->number(round($scale, 2)).' times as much of it'],
        };

        return [...array_map($this->change(...), $book->changes[$i]), ...$size];
    }

    /**
     * One try, beside the first.
     *
     * @param string $phText as it was measured, or is thought
     * @param array<string, string> $tasters what each is called, by who
     * @return array<string, mixed>
     */
    public function attempt(TrialBook $book, int $i, string $phText, array $tasters): array
    {
        $try = $book->tries[$i];
        $made = $try->made->evaluation;
        $from = $book->from[$i];
        $likings = $try->likings();
        $all = array_merge(...array_values($likings));
        $moved = count($book->changes[$i]);
        $steps = $book->steps[$i];
        $textures = array_values(array_unique(array_merge(...array_map(
            static fn ($note): array => $note->textures,
            $try->notes,
        ))));

        return [
            'number' => $try->number,
            'is_best' => $book->best === $i && $book->sureness >= TrialBook::LIKELY,
            'as_text' => $from === null ? 'the first' : "as no. {$book->tries[$from]->number}",
            'different' => $this->different($book, $i),
            'moved_text' => match (true) {
                $moved < 2 => '',
                $moved === 2 => 'two things moved: you cannot tell which',
                default => "{$moved} things moved: you cannot tell which",
            },
            'steps' => array_map(static fn (float $each): float => round($each, 2), $steps),
            'tastes' => array_map(fn (Measure $measure): array => [
                'label' => $this->speech->label($measure),
                'share' => round(max(-1.0, min(1.0, $steps[$measure->value] / self::WIDE)), 3),
                'figure_text' => $this->speech->measure($measure, $made->tasting->value($measure)),
                'text' => $i === 0 ? '' : $this->speech->against($steps[$measure->value]),
            ], Measure::cases()),
            'thickness' => implode(', ', array_filter([$made->estimates->thickness()?->words() ?? '', ...$textures])),
            'makes' => $this->speech->volume($made->estimates->volume()->value),
            'boiled_text' => $this->boiled($try),
            'brix_text' => ($brix = $made->estimates->brix()) === null
                ? ''
                : round($brix->value).' °Brix',
            'bite_text' => ($bite = (new TastesLike($made))->bite()->value) < self::BITES
                ? ''
                : $this->speech->number(round($bite)).' SHU',
            'ph_text' => $phText,
            'remarks' => $this->remarks($try, $tasters),
            'why_text' => $this->why($book, $i, $textures),
            'liking' => $all === [] ? null : round(array_sum($all) / count($all), 2),
            'liked' => array_map(static fn (string $who, string $called): array => [
                'who' => $called,
                'text' => isset($likings[$who])
                    ? LogView::liking(array_sum($likings[$who]) / count($likings[$who]))
                    : '–',
            ], array_map(strval(...), array_keys($tasters)), array_values($tasters)),
        ];
    }

    /** "30 min, a third boiled off" */
    private function boiled(Attempt $try): string
    {
        $minutes = round($try->made->boiled());
        $off = $try->made->boiledOff();

        return implode(', ', array_filter([
            $minutes < 1.0 ? '' : "{$minutes} min",
            $off < 0.005 ? '' : $this->speech->percent($off).' boiled off',
        ]));
    }

    /**
     * @param array<string, string> $tasters
     * @return list<array{who: string, text: string}>
     */
    private function remarks(Attempt $try, array $tasters): array
    {
        $remarks = [];
        foreach ($try->notes as $note) {
            if ($note->note !== '') {
                $remarks[] = ['who' => $tasters[$note->who] ?? '', 'text' => $note->note];
            }
        }

        return $remarks;
    }

    /**
     * Where it was found too thick or too thin, and was boiled longer or further than one that was not: what that says.
     *
     * @param list<string> $textures
     */
    private function why(TrialBook $book, int $i, array $textures): string
    {
        $thick = 0.0;
        foreach ($book->tries[$i]->notes as $note) {
            $thick += $note->of(Feel::Thick->value) ?? 0.0;
        }
        $brix = $book->tries[$i]->made->evaluation->estimates->brix()?->value;
        $from = $book->from[$i];
        if ($thick === 0.0 || $brix === null || $from === null) {
            return '';
        }
        $before = $book->tries[$from];
        $other = $before->made->evaluation->estimates->brix()?->value;
        $minutes = $book->tries[$i]->made->boiled() - $before->made->boiled();
        $sign = $thick > 0.0 ? 1.0 : -1.0;
        if ($other === null || $sign * ($brix - $other) < self::FURTHER || $sign * $minutes < self::LONGER) {
            return '';
        }
        $word = ucfirst($textures[0] ?? ($thick > 0.0 ? 'too thick' : 'too thin'));
        $stop = round($thick > 0.0 ? ($brix + $other) / 2 : $other);

        return "{$word}: boiled ".abs(round($minutes)).' min '
            .($minutes > 0.0 ? 'longer' : 'less')
            ." than no. {$before->number}, "
            .($thick > 0.0 ? 'down' : 'only').' to '.round($brix).' °Brix. '
            ."Stop at {$stop}?";
    }

    /**
     * How much is in the book: "7 tries since 12 September, two tasters".
     *
     * @param string $since the day of the first
     */
    public function booked(int $tries, string $since, string $today, int $tasters): string
    {
        return ($tries === 1 ? '1 try' : "{$tries} tries").' since '.$this->madeOn($since, $today).', '
            .match ($tasters) {
                0 => 'nobody has tasted yet',
                1 => 'one taster',
                default => "{$tasters} tasters",
            };
    }

    /** "24 Oct", and the year where it is another one. */
    public function madeOn(string $day, string $today): string
    {
        return (new LogView($this->speech))->short($day, $today);
    }

    /** "4.02 measured" or "about 4.1": what was read counts for more than what is thought. */
    public function ph(?Figure $measured, ?Figure $thought): string
    {
        return match (true) {
            $measured !== null => $this->speech->grouped($measured->value, 2).' measured',
            $thought !== null => 'about '.$this->speech->grouped($thought->value, 1),
            default => '',
        };
    }
}
