<?php

declare(strict_types=1);

namespace Vinculum\Stove;

use Vinculum\Cooking\Hob;
use Vinculum\Cooking\StageReport;
use Vinculum\Cooking\StopGuide;
use Vinculum\Evaluation\Colour;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Figure;
use Vinculum\Figure\Quantity;
use Vinculum\Figure\Sentence;
use Vinculum\Mixture\Thickness;
use Vinculum\Recipe\ProcessKind;
use Vinculum\Stove\Hands\Handwork;

/** A stage's process as a step: how it is done, how long it takes, and what an eye sees when it is done. */
final readonly class Processing
{
    private const RING = ['fry', 'warm', 'simmer', 'boil'];

    /** mL of fat from which it is whisked or blended in little by little; judgement. */
    private const TRICKLED_FROM = 30.0;

    /** A blender takes fat in by a thin stream so many times as fast as a whisk does; common practice. */
    private const BLENDER_IS_QUICKER = 3.0;

    /** mm under which a simmer catches, and minutes it has to go on for to be worth a word; judgement. */
    private const SHALLOW_MM = 8.0;
    private const SHALLOW_MINUTES = 5.0;

    /** Share of a pan about half as high as it is wide from which it may boil over; common practice. */
    private const BOILS_OVER = 0.75;

    public function __construct(private Evaluation $evaluation, private Handwork $hands, private Clock $clock) {}

    /** @return 'ring'|'oven'|null what a stage takes up */
    public static function place(StageReport $report): ?string
    {
        $kind = $report->stage->process->kind->value ?? 'none';

        return match (true) {
            in_array($kind, self::RING, true) => 'ring',
            $kind === 'roast' => 'oven',
            default => null,
        };
    }

    /** Minutes that a fat takes to go into what binds it, by a whisk; 0 where nothing is bound so. */
    public function trickled(StageReport $report): float
    {
        $fat = $oil = 0.0;
        $yolk = $binds = false;
        foreach ($this->evaluation->cooked->weighed->lines as $line) {
            if ($line->stage === $report->stage && $line->ingredient !== null) {
                // what is mayonnaise already is stirred in as it is
                $yolk = $yolk || $line->ingredient->is('emulsifies');
                $binds = $binds || $line->ingredient->is('emulsifies-a-little');
                $oil += $line->ingredient->isOf('oil') ? $line->grams / ($line->ingredient->density ?? 1.0) : 0.0;
                $fat += $line->ingredient->isOf('fat') ? $line->grams / ($line->ingredient->density ?? 1.0) : 0.0;
            }
        }

        // butter goes slowly into yolk alone; mustard binds what pours
        $slow = $yolk ? $fat : ($binds ? $oil : 0.0);

        return $slow < self::TRICKLED_FROM ? 0.0 : $this->hands->task(
            $report->stage->process?->kind === ProcessKind::Warm ? 'whisk-warm' : 'whisk',
            millilitres: $slow,
        );
    }

    /** @param bool $isAll whether nothing goes in with it, so that all the work said of the stage is this */
    public function of(StageReport $report, ProcessKind $kind, bool $isAll, bool $isHot): Step
    {
        $process = $report->stage->process ?? throw new \LogicException('A stage without a process has no such step.');
        $isLong = ($report->minutes ?? 0.0) > UsualMinutes::STANDS_BY;
        $isHands = match ($kind) {
            ProcessKind::Blend => true,
            ProcessKind::Fry => true,
            ProcessKind::Boil => ! $isLong,
            ProcessKind::Warm => $this->trickled($report) > 0.0,
            default => false,
        };
        $guide = StopGuide::of($report, $this->clock->hob($process));
        $minutes = match (true) {
            $kind === ProcessKind::Blend => UsualMinutes::work(
                ($isAll ? $report->stage->handsMinutes : null) ?? $this->blended($report),
            ),
            $isHands && $kind === ProcessKind::Warm => UsualMinutes::work($this->trickled($report)),
            $guide?->minutes !== null => new Figure(
                $guide->minutes->value + $report->heatingMinutes,
                $guide->minutes->spread > 0.0 ? $guide->minutes->spread : UsualMinutes::SPREAD / 4,
                'min',
            ),
            $report->minutes !== null && $report->minutes > 0.0 => new Figure(
                $report->minutes + $report->heatingMinutes,
                0.0,
                'min',
            ),
            default => UsualMinutes::work((UsualMinutes::UNSAID[$kind->value] ?? 1.0) + $report->heatingMinutes),
        };

        return new Step(
            "{$report->stage->id}.{$kind->value}",
            match ($kind) {
                ProcessKind::Blend => StepKind::Blend,
                ProcessKind::Soak, ProcessKind::Ferment, ProcessKind::Rest, ProcessKind::Chill => StepKind::Wait,
                default => StepKind::Heat,
            },
            Step::TITLES[$kind->value],
            $report,
            [],
            [],
            [$this->how($report, $kind, $isHot), ...$this->warnings($report, $kind)],
            $this->eye($report),
            $minutes,
            $isHands,
            self::place($report),
            // where it says how far, or boils by the clock
            $guide !== null && $process->kind !== ProcessKind::Fry && $process->kind !== ProcessKind::Roast,
        );
    }

    /** "Simmer with no lid, medium heat, in a 24 cm pan." */
    private function how(StageReport $report, ProcessKind $kind, bool $isHot): Sentence
    {
        $process = $report->stage->process;
        $isOnHeat = in_array($kind->value, [...self::RING, 'roast'], true);
        $parts = [Step::TITLES[$kind->value]];
        if ($kind->simmers()) {
            $parts[] = $process?->lid === true ? ' with the lid on' : ' with no lid';
        }
        if ($isOnHeat) {
            $parts[] = ', '.($process->heat ?? 'medium').' heat';
        }
        $slots = [];
        if (in_array($kind->value, self::RING, true)) {
            $parts[] = ', in a {pan} cm pan';
            $slots['pan'] = Quantity::number($report->panCm, 0);
        }
        if ($kind === ProcessKind::Fry) {
            $parts[] = ', stirring';
        }
        if ($process?->minutes !== null && $process->until === null) {
            $parts[] = ', {minutes}';
            $slots['minutes'] = Quantity::minutes($process->minutes);
        }
        $hotLiquid = $kind === ProcessKind::Blend && $isHot;

        return Sentence::of(
            implode('', $parts).'.'.(
                $hotLiquid ? ' Hot: half full at the most, the lid’s vent open under a cloth.' : ''
            ),
            $slots,
        );
    }

    /** @return list<Sentence> what an eye sees when it is done */
    public function eye(StageReport $report): array
    {
        $said = [];
        if ($report->stage->lookFor !== '') {
            $said[] = Sentence::plain(ucfirst(rtrim($report->stage->lookFor, '.')).'.');
        }
        $process = $report->stage->process;
        $boils = $process?->kind->simmers() === true;
        $starch = 0.0;
        foreach ($this->evaluation->cooked->weighed->lines as $line) {
            if ($line->stage === $report->stage && $line->ingredient?->is('starch-raw') === true) {
                $starch += $line->grams;
            }
        }
        if ($boils && $starch > 0.0) {
            $said[] = Sentence::of('Cloudy, then clear: the starch is done.');
        }
        $isLast = $report === $this->evaluation->cooked->stages[count($this->evaluation->cooked->stages) - 1];
        $colour = $boils && $this->isLastOnHeat($report) ? Colour::of($this->evaluation) : null;
        if ($colour !== null) {
            $said[] = Sentence::of('Finished it is {colour}; paler while it holds air.', ['colour' => $colour->words]);
        }
        if ($isLast && $boils) {
            $cold = $this->evaluation->estimates->thickness();
            $hot = $this->evaluation->estimates->thickness(true);
            if ($cold !== null && $hot !== null) {
                $said[] = $cold === $hot
                    ? Sentence::of('{eye}', ['eye' => self::seen($cold)])
                    : Sentence::of(
                        '{eye} It will be thicker cold: then it {cold}.',
                        ['eye' => self::seen($hot), 'cold' => $cold->words()],
                    );
            }
        }

        return $said;
    }

    /** Whether nothing boils after it. */
    private function isLastOnHeat(StageReport $report): bool
    {
        $isAfter = false;
        foreach ($this->evaluation->cooked->stages as $each) {
            if ($isAfter && $each->stage->process?->kind->simmers() === true) {
                return false;
            }
            $isAfter = $isAfter || $each === $report;
        }

        return true;
    }

    private static function seen(Thickness $thickness): string
    {
        return match ($thickness) {
            Thickness::Runs => 'It runs off the spoon like water.',
            Thickness::CoatsThinly => 'It leaves a thin film on the spoon.',
            Thickness::Coats => 'It coats the spoon.',
            Thickness::HoldsALine => 'It coats the spoon, and a line drawn through it stays.',
            Thickness::Mounds => 'It mounds on the spoon.',
        };
    }

    /** Minutes at the blender. */
    public function blended(StageReport $report): float
    {
        return $this->hands->task('blend', millilitres: $report->volumeBefore)
            + $this->trickled($report) / self::BLENDER_IS_QUICKER;
    }

    /** @return list<Sentence> what may go wrong in that pan, while there is time */
    private function warnings(StageReport $report, ProcessKind $kind): array
    {
        if (! $kind->simmers()) {
            return [];
        }
        $floor = Hob::floor($report->panCm);
        $deep = 10 * $report->volumeAfter / $floor;
        $full = $report->volumeBefore / ($floor * $report->panCm / 2);

        return array_values(array_filter([
            $deep < self::SHALLOW_MM && ($report->minutes ?? 0.0) >= self::SHALLOW_MINUTES
                ? Sentence::of('It gets no deeper than {deep} mm in that pan: stir it, or take a narrower one.', [
                    'deep' => Quantity::number(max(1.0, $deep), 0),
                ])
                : null,
            $full > self::BOILS_OVER
                ? Sentence::of('That pan is full: it may boil over. Take a larger one, or stand by.')
                : null,
        ]));
    }
}
