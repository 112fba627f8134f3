<?php

declare(strict_types=1);

namespace Vinculum\Words;

use Vinculum\Log\Beside;
use Vinculum\Log\Ideal;
use Vinculum\Log\NextTrial;
use Vinculum\Solve\Feel;
use Vinculum\Solve\Rescue\Remedy;
use Vinculum\Taste\Measure;

/** What was made and what was said of it, in words. */
final readonly class LogView
{
    /** Steps that fill a bar to its end. */
    private const WIDE = 3.0;

    public function __construct(private Speech $speech) {}

    /** "Tuesday 24 November", and the year where it is another one. */
    public function day(string $day, string $today): string
    {
        $date = new \DateTimeImmutable($day);

        return $date->format(substr($day, 0, 4) === substr($today, 0, 4) ? 'l j F' : 'j F Y');
    }

    /** "24 Nov" */
    public function short(string $day, string $today): string
    {
        $date = new \DateTimeImmutable($day);

        return $date->format(substr($day, 0, 4) === substr($today, 0, 4) ? 'j M' : 'j M Y');
    }

    /**
     * How many had of a batch, what was left over, what it cost, and what that comes to.
     *
     * @param int $jars with a size that it went into
     * @return array{people: int|null, left_over_text: string, cost: float|null, text: string}
     */
    public function served(float $makes, ?int $people, ?float $leftOver, ?float $cost, int $jars): array
    {
        $said = [];
        $eaten = $makes - ($leftOver ?? 0.0);
        if ($people !== null && $eaten > 0.0) {
            $said[] = $this->speech->volume($eaten / $people).' each';
        }
        if ($cost !== null && $jars > 0) {
            $said[] = $this->speech->number(round($cost / $jars, 2)).' a jar';
        }

        return [
            'people' => $people,
            'left_over_text' => $leftOver === null ? '' : $this->speech->volume($leftOver),
            'cost' => $cost,
            'text' => implode(', ', $said),
        ];
    }

    /** Until when a jar keeps, for whoever holds it; nothing where nothing is known. */
    public function keeps(string $place, ?string $until, string $today): string
    {
        return match (true) {
            $place === 'shelf' => 'No day is known for a shelf: keep it in the fridge.',
            $until === null => '',
            default => 'keeps until '.$this->short($until, $today),
        };
    }

    /** The same on its label. */
    public function onTheLabel(string $place, ?string $until, string $today): string
    {
        return match (true) {
            $place === 'shelf' => 'Keep it in the fridge',
            $until === null => '',
            default => ($place === 'freezer' ? 'Frozen' : 'Fridge').', until '.$this->short($until, $today),
        };
    }

    /** A mean of likings, to a tenth. */
    public static function liking(float $liking): string
    {
        return rtrim(rtrim(number_format($liking, 1), '0'), '.');
    }

    /**
     * What a spoon said of each taste: "fine", "a touch less", "more"; a dash where it said nothing.
     *
     * @param array<string, float> $feels steps by Feel value, positive is too much
     * @return list<array{label: string, text: string}>
     */
    public function said(array $feels): array
    {
        return array_map(
            fn (Measure $measure): array => [
                'label' => $this->speech->label($measure),
                // what nobody spoke of is not known to be fine
                'text' => isset($feels[Feel::ofMeasure($measure)->value])
                    ? $this->wanted($feels[Feel::ofMeasure($measure)->value])
                    : '–',
            ],
            Measure::cases(),
        );
    }

    private function wanted(float $steps): string
    {
        $word = $steps > 0.0 ? 'less' : 'more';

        return match (true) {
            $steps === 0.0 => 'fine',
            abs($steps) <= 1.0 => "a touch {$word}",
            abs($steps) <= 2.5 => $word,
            default => "far {$word}",
        };
    }

    /**
     * What was said in a few words: "too salty by a step; flat".
     *
     * @param array<string, float> $feels
     */
    public function inAWord(array $feels): string
    {
        $parts = [];
        foreach (Measure::cases() as $measure) {
            $steps = $feels[Feel::ofMeasure($measure)->value] ?? 0.0;
            if ($steps !== 0.0) {
                $parts[] = mb_strtolower($this->speech->label($measure)).': '.$this->wanted($steps);
            }
        }

        return implode(', ', $parts);
    }

    /**
     * @return array{
     *     who: string,
     *     tastings_text: string,
     *     tastes: list<array{label: string, text: string}>,
     *     unknown_text: string,
     * }
     */
    public function likes(string $who, Ideal $ideal): array
    {
        $tastes = [];
        $unknown = [];
        foreach (Measure::cases() as $measure) {
            $taste = Feel::ofMeasure($measure)->value;
            $point = $ideal->point($taste);
            if (! $ideal->isKnown($taste)) {
                $unknown[] = mb_strtolower($this->speech->label($measure));
                continue;
            }
            $tastes[] = [
                'label' => $this->speech->label($measure),
                'text' => $this->speech->steps($point->value)
                    .($point->value > 0.0 ? ' above' : ' below').' the usual',
            ];
        }

        return [
            'who' => $who,
            'tastings_text' => $ideal->tastings === 1 ? 'after 1 tasting' : "after {$ideal->tastings} tastings",
            'tastes' => $tastes,
            'unknown_text' => $unknown === []
                ? ''
                : ucfirst(implode(', ', $unknown)).': not known to be other than usual.',
        ];
    }

    /**
     * Two cups, what goes into the one of them, and what that does: "1.5 steps more sour".
     *
     * @return array{cup_text: string, put_text: string, apart_text: string}
     */
    public function cups(Remedy $remedy, string $taste, float $steps): array
    {
        return [
            'cup_text' => $this->speech->grams(NextTrial::CUP_G),
            'put_text' => (new RescueView($this->speech))->words($remedy),
            'apart_text' => $this->speech->steps($steps).' '.self::moreOrLess($taste, $steps),
        ];
    }

    /** What one said of two cups. */
    public static function blindNote(string $taste, float $steps, ?bool $moved): string
    {
        $word = self::moreOrLess($taste, $steps);

        return match ($moved) {
            true => "blind: better with {$word}",
            false => "blind: better without {$word}",
            null => "blind: no telling it from one with {$word}",
        };
    }

    /**
     * What all of them said together.
     *
     * @param list<bool|null> $moved which each liked better: the moved cup, the other, or no telling
     */
    public static function blindResult(string $taste, float $steps, array $moved): string
    {
        $word = self::moreOrLess($taste, $steps);
        $with = count(array_keys($moved, true, true));
        $without = count(array_keys($moved, false, true));
        $neither = count($moved) - $with - $without;

        return implode(' ', [
            "{$with} liked it better with {$word}, {$without} as it is"
                .($neither === 0 ? '.' : ", {$neither} could not tell."),
            match (true) {
                abs($with - $without) < 2 => 'That settles nothing yet; the next cups may.',
                $with > $without => "Next time a little {$word} is worth a batch.",
                default => 'It may stay as it is.',
            },
        ]);
    }

    private static function moreOrLess(string $taste, float $steps): string
    {
        return ($steps > 0.0 ? 'more ' : 'less ').($taste === Feel::Hot->value ? 'heat' : $taste);
    }

    /** @return array<string, mixed> */
    public function beside(Beside $beside): array
    {
        $tastes = [];
        foreach (Measure::cases() as $measure) {
            $steps = $beside->steps[$measure->value];
            $tastes[] = [
                'label' => $this->speech->label($measure),
                'share' => round(max(-1.0, min(1.0, $steps / self::WIDE)), 3),
                'text' => $this->speech->against($steps),
            ];
        }

        return ['tastes' => $tastes, 'lines' => $beside->lines, 'stages' => $beside->stages];
    }
}
