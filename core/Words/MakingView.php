<?php

declare(strict_types=1);

namespace Vinculum\Words;

use Vinculum\Batch\Making;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Plan\Pace;
use Vinculum\Recipe\Ends;
use Vinculum\Stove\Clock;
use Vinculum\Stove\Finish;
use Vinculum\Stove\Step;

/**
 * One making, as every screen shows it (making-look.schema.json): how much, what is set apart, how it ends, how long it
 * takes.
 */
final readonly class MakingView
{
    private const MINUTES_AN_HOUR = 60;
    private const HOURS_A_DAY = 24;

    public function __construct(private Speech $speech) {}

    /**
     * @param Evaluation $made in the amounts of this making
     * @param float $factor on the recipe
     * @param list<Step> $steps of making it
     * @return array<string, mixed>
     */
    public function of(
        Evaluation $made,
        Making $making,
        float $factor,
        Clock $clock,
        Finish $finish,
        array $steps,
    ): array {
        $hands = $all = 0.0;
        foreach ($steps as $step) {
            $all += $step->minutes->value;
            $hands += $step->isHands ? $step->minutes->value : 0.0;
        }

        return [
            'to' => $making->to,
            'headspace_percent' => $making->headspacePercent,
            'asked_text' => $making->isAsWritten() ? 'as it is written' : $making->to,
            'amount_text' => $this->amount($made, $making, $factor),
            'in_jars' => $making->containers($made) !== null,
            'makes_ml' => Digits::six($made->estimates->volume()->value),
            'makes_g' => Digits::six($made->estimates->mass()->value),
            'makes_text' => $this->speech->volume($made->estimates->volume()->value),
            'portions' => array_map(
                fn (array $portion): array => [
                    'name' => $portion['name'],
                    'text' => $this->speech->volume($portion['ml']),
                    'label' => $this->speech->say($portion['label']),
                ],
                $finish->portions,
            ),
            'portions_problem' => $finish->problem,
            'ends' => $finish->ends->value,
            'ends_text' => $finish->ends->called(),
            'ways' => array_map(
                static fn (Ends $way): array => [
                    'ends' => $way->value,
                    'text' => $way->short(),
                    'is_usual' => $way === $finish->usual,
                ],
                Ends::cases(),
            ),
            'hands_minutes' => round($hands, 2),
            'all_minutes' => round($all, 2),
            'takes_text' => 'At work '.self::hours($hands).($all - $hands < 1.0
                ? '.'
                : ', ready '.self::hours($all).' after you begin.'),
            'steps' => array_map(
                static fn (Step $step): array => [
                    'id' => $step->id,
                    'title' => $step->title,
                    'minutes' => round($step->minutes->value, 2),
                    'is_hands' => $step->isHands,
                ],
                $steps,
            ),
            'keeps_text' => $finish->keeps === null ? '' : $finish->keeps->short(),
            'paces' => self::paces($steps, $clock),
        ];
    }

    /**
     * What is left of it to say once it is made: how it was asked for, how it ended, and the jars it goes into.
     *
     * @return array<string, mixed>
     */
    public function made(Evaluation $made, Making $making): array
    {
        $finish = Finish::of($made, $making);
        $jars = $making->containers($made);

        return [
            'asked_text' => $making->isAsWritten() ? 'as it is written' : $making->to,
            'ends' => $finish->ends->value,
            'ends_text' => $finish->ends->called(),
            'portions' => array_map(
                fn (array $portion): string => $portion['name'].': '.$this->speech->volume($portion['ml']),
                $finish->portions,
            ),
            'jars' => $jars === null ? null : [
                'count' => $jars['count'],
                'size_ml' => Digits::six($jars['volume_ml']),
                'size_text' => $this->speech->volume($jars['volume_ml']),
            ],
        ];
    }

    /** "473 mL to 5 % below the rim: makes 449 mL, × 1.12". */
    private function amount(Evaluation $made, Making $making, float $factor): string
    {
        $jars = $making->containers($made);
        $makes = 'makes '.$this->speech->volume($made->estimates->volume()->value)
            .($making->isAsWritten() ? '' : ', × '.$this->speech->number($factor));

        return $jars === null ? $makes : sprintf(
            '%s in %s, %s below the rim: %s',
            $this->speech->volume($jars['fill_ml']),
            $jars['count'] === 1 ? 'it' : 'each',
            $this->speech->percent(max(0.0, 1 - $jars['fill_ml'] / $jars['volume_ml'])),
            $makes,
        );
    }

    /**
     * What was learned of this household's hands, of the work that is in it.
     *
     * @param list<Step> $steps
     * @return list<array{kind: string, text: string}>
     */
    private static function paces(array $steps, Clock $clock): array
    {
        $paces = [];
        foreach ($steps as $step) {
            $paces[$step->kind->value] = $step->isHands ? $clock->pace($step->kind) : 1.0;
        }
        $said = [];
        foreach (Pace::told($paces) as $kind => $pace) {
            $work = ['gather' => 'gathering', 'prepare' => 'chopping', 'add' => 'putting in', 'fill' => 'filling jars'];
            $said[] = [
                'kind' => $kind,
                'text' => sprintf(
                    'You are %s at %s than most: × %.1f.',
                    $pace < 1.0 ? 'quicker' : 'slower',
                    $work[$kind] ?? 'this',
                    $pace,
                ),
            ];
        }

        return $said;
    }

    /** "41 min", "1 h 20 min", "2 days 3 h". */
    public static function hours(float $minutes): string
    {
        $minutes = (int) round($minutes);
        [$days, $hours, $left] = [
            intdiv($minutes, self::HOURS_A_DAY * self::MINUTES_AN_HOUR),
            intdiv($minutes, self::MINUTES_AN_HOUR) % self::HOURS_A_DAY,
            $minutes % self::MINUTES_AN_HOUR,
        ];

        return implode(' ', array_filter([
            $days === 0 ? '' : ($days === 1 ? '1 day' : "{$days} days"),
            $hours === 0 ? '' : "{$hours} h",
            ($left === 0 && $days + $hours > 0) || $days > 0 ? '' : "{$left} min",
        ]));
    }
}
