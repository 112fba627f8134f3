<?php

declare(strict_types=1);

namespace Vinculum\Words;

use Vinculum\Cooking\StopGuide;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Figure;
use Vinculum\Recipe\Handling;
use Vinculum\Recipe\WeighedLine;
use Vinculum\Stove\Cook;
use Vinculum\Stove\Event;
use Vinculum\Stove\Followed;
use Vinculum\Stove\HoldBack;
use Vinculum\Stove\Step;
use Vinculum\Stove\StepKind;
use Vinculum\Taste\Measure;

/** A cook as the Stove shows it (cook.schema.json). Times are seconds since 1970; places on a picture are shares. */
final readonly class CookView
{
    private const CURVE_POINTS = 16;

    /** Shares of a gram scale left free above and below the falling line. */
    private const ROOM = 0.12;

    /** Half-width in ln from which minutes are said without an interval, which would only say “about”. */
    private const VAGUE = 0.3;

    private const UNITS = ['mass' => 'g', 'temperature' => '°C', 'brix' => '°Brix', 'depth' => 'mm', 'ph' => ''];

    private const NAMES = [
        'mass' => 'weight',
        'temperature' => 'temperature',
        'brix' => 'refractometer',
        'depth' => 'depth',
        'ph' => 'pH',
    ];

    public function __construct(private Speech $speech) {}

    /**
     * @param float $now seconds since 1970
     * @return array<string, mixed>
     */
    public function of(Cook $cook, float $now): array
    {
        $here = $cook->step();
        $place = (int) array_search($here, $cook->steps, true);
        $ends = $cook->ends();
        $next = $cook->steps[$place + 1] ?? null;
        $followed = $cook->reducing();
        $bars = $this->bars($cook, $place);
        $last = $bars[count($bars) - 1] ?? throw new \LogicException('A cook has steps.');

        return [
            'step' => $here->id,
            'where' => ($place + 1).' of '.count($cook->steps),
            'makes_text' => $this->speech->volume($cook->planned->estimates->volume()->value),
            'steps' => array_map(
                fn (Step $step, int $at): array => $this->step(
                    $cook,
                    $step,
                    $at < $place ? 'done' : ($at === $place ? 'now' : 'next'),
                ),
                $cook->steps,
                array_keys($cook->steps),
            ),
            'next_title' => $next->title ?? '',
            'back_to' => $cook->steps[$place - 1]->id ?? '',
            'go_on' => self::goOn($next),
            'ends_at' => $ends === null ? null : round($cook->progress->at($ends->value), 1),
            'done_at' => $last['to'],
            'bars' => $bars,
            'reduction' => $followed === null ? null : $this->reduction($cook, $followed),
            'pot' => $this->pot($cook),
            'otherwise' => $this->otherwise($cook),
            'timers' => array_values(array_map(
                function (Event $timer) use ($cook, $here): array {
                    $minute = $cook->progress->minute($timer->at) + ($timer->number('minutes') ?? 0.0);

                    return [
                        'event' => $timer->id,
                        'label' => $timer->text('label') === '' ? $here->title : $timer->text('label'),
                        'ends_at' => $cook->progress->at($minute),
                        'is_over' => $minute <= $cook->minute,
                    ];
                },
                $cook->progress->timers,
            )),
            'readings' => array_reverse(array_map($this->reading(...), $cook->progress->readings)),
            'felt' => (object) ($cook->progress->felt->data['feels'] ?? []),
            'can_taste' => $cook->now !== null,
        ];
    }

    /** @return array{to: string, text: string, is_taste: bool} the step that is next; to nothing where it is the end */
    private static function goOn(?Step $next): array
    {
        // a rest takes no stove
        return $next === null || $next->kind === StepKind::Rest
            ? ['to' => '', 'text' => 'It is done', 'is_taste' => false]
            : [
                'to' => $next->id,
                'text' => 'Next: '.mb_strtolower($next->title),
                'is_taste' => $next->kind === StepKind::Taste,
            ];
    }

    /**
     * How near a cook came to what was planned.
     *
     * @return list<array{label: string, planned_text: string, made_text: string, off_text: string}>
     */
    public function near(Evaluation $planned, Evaluation $made): array
    {
        $near = [];
        foreach (Measure::cases() as $measure) {
            [$was, $is] = [$planned->tasting->value($measure), $made->tasting->value($measure)];
            if (max($was, $is) < $measure->threshold() / 2) {
                continue;
            }
            $steps = $measure->steps($was, $is);
            $near[] = [
                'label' => $this->speech->label($measure),
                'planned_text' => $this->speech->measure($measure, $was),
                'made_text' => $this->speech->measure($measure, $is),
                'off_text' => Speech::isNoStep($steps)
                    ? 'as planned'
                    : $this->speech->steps($steps).($steps > 0.0 ? ' more' : ' less'),
            ];
        }
        $near[] = [
            'label' => 'Makes',
            'planned_text' => $this->speech->volume($planned->estimates->volume()->value),
            'made_text' => $this->speech->volume($made->estimates->volume()->value),
            'off_text' => '',
        ];

        return $near;
    }

    /** @return array<string, mixed> */
    private function step(Cook $cook, Step $step, string $state): array
    {
        $actual = [];
        foreach ($cook->done->cooked->weighed->lines as $line) {
            $actual[$line->line->id] = $line;
        }
        $planned = [];
        foreach ($cook->planned->cooked->weighed->lines as $line) {
            $planned[$line->line->id] = $line;
        }

        return [
            'id' => $step->id,
            'kind' => $step->kind->value,
            'heading' => $step->title,
            'state' => $state,
            'is_hands' => $step->isHands,
            'is_ticked' => $step->isTicked(),
            'minutes_text' => $this->speech->minutes(
                $step->minutes->spread > self::VAGUE ? null : $step->minutes,
                $step->minutes->value,
            ),
            'lines' => array_map(
                fn (string $id): array => $this->line($cook, $step, $actual[$id] ?? $planned[$id], $planned[$id]),
                $step->lines,
            ),
            'say' => $this->speech->sayAll($step->say),
            'look_for' => $this->speech->sayAll($step->lookFor),
        ];
    }

    /** @return array<string, mixed> */
    private function line(Cook $cook, Step $step, WeighedLine $actual, WeighedLine $planned): array
    {
        $id = $planned->line->id;
        $event = $cook->progress->wentIn[$id] ?? null;
        $isOut = $event?->isTrue('left_out') === true;

        return [
            'id' => $id,
            'tick' => $step->tick($id),
            'name' => $actual->ingredient->name ?? $actual->line->ingredient,
            'lead' => $isOut ? '' : ($actual->amount->lead ?? ''),
            'terms' => $isOut ? [] : AmountView::terms($actual->amount, $this->speech),
            'mass_text' => $actual->grams > 0.0 ? $this->speech->grams($actual->grams) : ($isOut ? 'left out' : ''),
            'planned_text' => $event === null ? '' : trim(
                'planned '.($planned->line->amount ?? $this->speech->grams($planned->grams)),
            ),
            'may_burst' => $planned->line->handling === Handling::Whole && $planned->ingredient?->is('chilli') === true,
            'is_burst' => $event?->isTrue('burst') === true,
            'note' => isset($step->notes[$id]) ? $this->speech->say($step->notes[$id]) : '',
            'is_done' => $step->kind === StepKind::Add
                ? $cook->isIn($id)
                : ($cook->progress->ticked[$step->tick($id)] ?? isset($cook->progress->ended[$step->id])),
        ];
    }

    /** @return list<array{id: string, label: string, is_hands: bool, state: string, from: float, to: float}> */
    private function bars(Cook $cook, int $place): array
    {
        $bars = [];
        $at = 0.0;
        foreach ($cook->steps as $i => $step) {
            $from = $i <= $place ? ($cook->progress->began[$step->id] ?? $at) : $at;
            $to = match (true) {
                $i < $place => $cook->progress->ended[$step->id] ?? $from,
                $i === $place => max($cook->minute, $cook->ends()->value ?? ($from + $step->minutes->value)),
                default => $from + $step->minutes->value,
            };
            $bars[] = [
                'id' => $step->id,
                'label' => $step->title,
                'is_hands' => $step->isHands,
                'state' => $i < $place ? 'done' : ($i === $place ? 'now' : 'next'),
                'from' => round($cook->progress->at($from), 1),
                'to' => round($cook->progress->at($to), 1),
            ];
            $at = $to;
        }

        return $bars;
    }

    /** @return array<string, mixed> */
    private function reduction(Cook $cook, Followed $followed): array
    {
        $at = $followed->at($cook->minute);
        $more = $followed->more($cook->minute);
        $report = $followed->report;
        $until = $report->stage->process?->until;
        $weighings = count($followed->points);
        $past = $followed->past($cook->minute);
        [$minutes, $range] = $this->more($followed, $more, $cook->minute);
        $rate = $this->speech->grouped($followed->reduction->rate, $followed->reduction->rate < 10 ? 1 : 0);

        return [
            'stage' => $report->stage->id,
            'heading' => match ($until?->kind) {
                'loss_percent' => 'Down by '.$this->speech->percent($until->value / 100),
                'mass_g' => 'Down to '.$this->speech->grams($until->value),
                'volume_ml' => 'Down to '.$this->speech->volume($until->value),
                default => 'For '.$this->speech->spell(round($report->minutes ?? 0.0)),
            },
            'stop_text' => $this->speech->grams($followed->stop),
            'stop_with_pan_text' => $followed->pan === null ? '' : $this->speech->grams(
                $followed->stop + $followed->pan,
            ),
            'now_text' => $this->speech->grams($at->value),
            'minutes_text' => $minutes,
            'range_text' => $range,
            'hob_text' => match (true) {
                $weighings === 0
                    => "The usual hob takes off {$rate} g a minute; no two agree. Weigh it, and it is known.",
                $weighings === 1 && $followed->reduction->weighings === 0
                    => 'The pan is known now. Weigh it once more in some minutes, and so is the hob.',
                default => 'By '.(
                    $weighings === 1 ? 'one reading' : "{$weighings} readings"
                ).": this hob takes off {$rate} g a minute.",
            },
            'depth_text' => $this->depth($followed),
            'thicker_text' => $this->thicker($cook),
            'boils' => $followed->boils,
            'share_done' => round(
                min(1.0, max(0.0, ($followed->massIn - $at->value) / max(1e-9, $followed->massIn - $followed->stop))),
                3,
            ),
            'past' => $past <= 0.0
                ? null
                : [
                    'text' => 'Stop: it is '.$this->speech->grams($past).' past where it was to end.',
                    'put_back' => [
                        'ingredient' => $cook->thinsWith()->slug,
                        'amount' => Digits::six(round($past)).' g',
                    ],
                    'put_back_text' => 'Stir in '.$this->speech->grams($past).' of '.$cook->thinsWith()->shortName(),
                ],
            'curve' => $this->curve($cook, $followed),
        ];
    }

    /** @return array{string, string} "17 min" and "more, 12 to 24"; "there" and nothing */
    private function more(Followed $followed, Figure $more, float $now): array
    {
        if ($followed->clock !== null) {
            return [$this->speech->grouped(max(0.0, ceil($followed->clock - $now)), 0).' min', 'more'];
        }
        if ($more->value <= 0.0) {
            return ['there', ''];
        }
        $round = fn (float $minutes): string => $this->speech->grouped(max(1.0, round($minutes)), 0);
        [$low, $high] = [$round($more->low()), $round($more->high())];

        return [$round($more->value).' min', $low === $high ? 'more' : "more, {$low} to {$high}"];
    }

    private function depth(Followed $followed): string
    {
        $guide = StopGuide::of($followed->report);

        return $guide === null
            ? ''
            : sprintf(
                'By a spoon handle: %s mm down to %s mm, in a %s cm pan.',
                $this->speech->grouped($guide->depthBefore, 0),
                $this->speech->grouped($guide->depthAfter->value, 0),
                $this->speech->grouped($guide->panCm, 0),
            );
    }

    /** How far down it has to go to be one word thicker, once it is cold. */
    private function thicker(Cook $cook): string
    {
        $is = $cook->now?->estimates->thickness();
        $thicker = $cook->now?->estimates->thickerAt();

        return $is === null || $thicker === null
            ? ''
            : "Cold it now {$is->words()}; from about ".$this->speech->grams(round($thicker['grams'] / 10) * 10)
                ." it {$thicker['thickness']->words()}.";
    }

    /** @return array<string, mixed> the falling line; places are shares, from the left and the bottom */
    private function curve(Cook $cook, Followed $followed): array
    {
        $from = $followed->began;
        $more = $followed->more($cook->minute);
        $ends = $followed->clock ?? ($cook->minute + max($more->value, 2.0));
        $to = max($ends, $cook->minute) + 0.15 * max(1.0, $ends - $from);
        $most = max($followed->massIn, $followed->at($cook->minute)->high());
        $least = min($followed->stop, $followed->at($to)->value);
        $room = self::ROOM * max(1.0, $most - $least);
        $x = static fn (float $minute): float => round(($minute - $from) / ($to - $from), 4);
        $y = static fn (float $grams): float => round(
            min(1.0, max(0.0, ($grams - $least + $room) / ($most - $least + 2 * $room))),
            4,
        );
        $line = [];
        for ($i = 0; $i <= self::CURVE_POINTS; $i++) {
            $minute = $from + ($to - $from) * $i / self::CURVE_POINTS;
            $at = $followed->at($minute);
            $line[] = ['x' => $x($minute), 'y' => $y($at->value), 'low' => $y($at->low()), 'high' => $y($at->high())];
        }

        return [
            'line' => $line,
            'points' => array_map(
                fn (array $point): array => [
                    'x' => $x($point['minute']),
                    'y' => $y($point['grams']),
                    'text' => $this->speech->grams($point['grams']),
                ],
                $followed->points,
            ),
            'now' => ['x' => $x($cook->minute), 'y' => $y($followed->at($cook->minute)->value)],
            'stop_y' => $y($followed->stop),
        ];
    }

    /** @return list<array{label: string, text: string}> the pot at a glance */
    private function pot(Cook $cook): array
    {
        $done = $cook->done;
        $ph = $done->estimates->ph();
        $pot = $cook->now === null
            ? []
            : [['label' => 'in the pot now', 'text' => $this->speech->volume($cook->now->estimates->volume()->value)]];
        $pot[] = ['label' => 'when done', 'text' => $this->speech->volume($done->estimates->volume()->value)];
        if ($ph !== null) {
            $pot[] = ['label' => 'pH, estimated', 'text' => $this->speech->grouped($ph->value, 1)];
        }
        foreach ([Measure::Sweetness, Measure::Sourness, Measure::Saltiness] as $measure) {
            $will = $this->speech->number($done->tasting->value($measure));
            $is = $cook->now === null ? null : $this->speech->number($cook->now->tasting->value($measure));
            $pot[] = [
                'label' => $this->speech->label($measure).($is === null || $is === $will ? '' : ', now → done'),
                'text' => $is === null || $is === $will ? $will : "{$is} → {$will}",
            ];
        }

        return $pot;
    }

    /** @return list<string> what went otherwise than planned, what that moves, and what makes up for it */
    private function otherwise(Cook $cook): array
    {
        if ($cook->progress->wentIn === []) {
            return [];
        }
        $said = [];
        foreach (HoldBack::of($cook) as $moved) {
            $much = $moved->steps > 0.0 ? 'up' : 'down';
            $text = $this->speech->label($moved->measure)." {$much} ".$this->speech->steps($moved->steps);
            if ($moved->line?->ingredient !== null) {
                $name = $moved->line->ingredient->shortName();
                $text .= $moved->isLess
                    ? ": hold back {$moved->amount} of the {$name}"
                    : ": put in {$moved->amount} more {$name}";
            }
            $said[] = "{$text}.";
        }

        return $said === [] ? ['What went in otherwise moves nothing that a tongue could tell.'] : $said;
    }

    /** @return array<string, mixed> */
    private function reading(Event $event): array
    {
        $what = $event->text('what');
        $value = $event->number('value') ?? 0.0;
        $unit = self::UNITS[$what] ?? '';

        return [
            'event' => $event->id,
            'at' => $event->at,
            'text' => trim(
                $this->speech->grouped(
                    $value,
                    $what === 'mass' || $what === 'depth' ? 0 : ($what === 'ph' ? 2 : 1),
                )." {$unit}",
            ),
            'what' => (self::NAMES[$what] ?? $what).($event->isTrue('with_pan') ? ', pan and sauce' : ''),
            'is_simulated' => $event->isTrue('simulated'),
        ];
    }
}
