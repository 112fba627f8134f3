<?php

declare(strict_types=1);

namespace Vinculum\Words;

use Vinculum\Cooking\Hob;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Figure;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Thickness;
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

    /** Steps from which a tongue could tell, roughly. */
    private const TOLD_FROM = 0.35;

    /** Shares of a gram scale left free above and below the falling line. */
    private const ROOM = 0.12;

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
            'ends_at' => $ends === null ? null : round($cook->progress->at($ends->value), 1),
            'done_at' => round($cook->progress->at($this->doneMinute($cook, $place)), 1),
            'bars' => $this->bars($cook, $place),
            'reduction' => $followed === null ? null : $this->reduction($cook, $followed),
            'pot' => $this->pot($cook),
            'otherwise' => $this->otherwise($cook),
            'timers' => array_values(array_map(
                fn (Event $timer): array => [
                    'event' => $timer->id,
                    'label' => $timer->text('label') === '' ? $here->title : $timer->text('label'),
                    'ends_at' => $timer->at + 60 * ($timer->number('minutes') ?? 0.0) / $cook->progress->speed,
                    'is_over' => $timer->at + 60 * ($timer->number('minutes') ?? 0.0) / $cook->progress->speed <= $now,
                ],
                $cook->progress->timers,
            )),
            'readings' => array_reverse(array_map($this->reading(...), $cook->progress->readings)),
            'felt' => (object) ($cook->progress->felt->data['feels'] ?? []),
            'can_taste' => $cook->now !== null,
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
                'off_text' => abs($steps) < self::TOLD_FROM
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
            'minutes_text' => $this->speech->minutes(
                $step->minutes->spread > 0.3 ? null : $step->minutes,
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
            'is_done' => $step->kind === StepKind::Gather || $step->kind === StepKind::Prepare
                ? ($cook->progress->ticked["{$step->id}:{$id}"] ?? isset($cook->progress->ended[$step->id]))
                : ($step->kind === StepKind::Add ? $cook->isIn($id) : isset($cook->progress->ended[$step->id])),
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

    private function doneMinute(Cook $cook, int $place): float
    {
        $at = max($cook->minute, $cook->ends()->value ?? 0.0);
        foreach ($cook->steps as $i => $step) {
            $at += $i > $place || ($i === $place && $step->isHands) ? $step->minutes->value : 0.0;
        }

        return $at;
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
        $rate = $this->speech->grouped($followed->reduction->rate, $followed->reduction->rate < 10 ? 1 : 0);

        return [
            'heading' => match ($until?->kind) {
                'loss_percent' => 'Down by '.$this->speech->percent($until->value / 100),
                'mass_g' => 'Down to '.$this->speech->grams($until->value),
                'volume_ml' => 'Down to '.$this->speech->volume($until->value),
                default => 'For '.$this->speech->grouped($report->minutes ?? 0.0, 0).' minutes',
            },
            'stop_text' => $this->speech->grams($followed->stop),
            'stop_with_pan_text' => $followed->pan === null ? '' : $this->speech->grams(
                $followed->stop + $followed->pan,
            ),
            'now_text' => $this->speech->grams($at->value),
            'minutes_text' => $this->more($followed, $more, $cook->minute)[0],
            'range_text' => $this->more($followed, $more, $cook->minute)[1],
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
                    'amount' => Digits::six(round($past)).' g',
                    'put_back_text' => 'Stir in '.$this->speech->grams($past).' of water',
                ],
            'curve' => $this->curve($cook, $followed),
        ];
    }

    /** @return array{string, string} "17 min" and "12 to 24" */
    private function more(Followed $followed, Figure $more, float $now): array
    {
        if ($followed->clock !== null) {
            return [$this->speech->grouped(max(0.0, ceil($followed->clock - $now)), 0).' min', ''];
        }
        if ($more->value <= 0.0) {
            return ['there', ''];
        }
        $round = fn (float $minutes): string => $this->speech->grouped(max(1.0, round($minutes)), 0);
        [$low, $high] = [$round($more->low()), $round($more->high())];

        return [$round($more->value).' min', $low === $high ? '' : "{$low} to {$high}"];
    }

    private function depth(Followed $followed): string
    {
        $report = $followed->report;
        $pan = $report->stage->process->panCm ?? Hob::USUAL_PAN_CM;
        $mm = fn (float $ml): string => $this->speech->grouped(10 * $ml / (M_PI * ($pan / 2) ** 2), 0);

        return sprintf(
            'By a spoon handle: %s mm down to %s mm, in a %s cm pan',
            $mm($report->volumeBefore),
            $mm($report->volumeAfter),
            $this->speech->grouped($pan, 0),
        );
    }

    /** How far down it has to go to be one word thicker, once it is cold. */
    private function thicker(Cook $cook): string
    {
        $pot = $cook->now;
        $is = $pot?->estimates->thickness();
        if ($pot === null || $is === null || $is === Thickness::Mounds) {
            return '';
        }
        $grams = $pot->cooked->mixture->grams;
        $mass = $pot->cooked->mixture->mass();
        $at = fn (float $off): Thickness => Thickness::of(
            [Constituent::WATER => $grams[Constituent::WATER] - $off] + $grams,
            $pot->estimates->emulsifiedFat(),
            $pot->estimates->gel(),
            $pot->estimates->ph()?->value,
            $pot->estimates->starchMinutes(),
        );
        $least = 0.0;
        $most = 0.9 * $grams[Constituent::WATER];
        if ($at($most)->value <= $is->value) {
            return '';
        }
        for ($round = 0; $round < 20; $round++) {
            $middle = ($least + $most) / 2;
            [$least, $most] = $at($middle)->value > $is->value ? [$least, $middle] : [$middle, $most];
        }

        return "Cold it now {$is->words()}; from about ".$this->speech->grams(round(($mass - $most) / 10) * 10)
            ." it {$at($most)->words()}.";
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
