<?php

declare(strict_types=1);

namespace Vinculum\Stove;

use Vinculum\Cooking\StageReport;
use Vinculum\Cooking\StopGuide;
use Vinculum\Evaluation\Colour;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Evaluation\StrongBeforeReduction;
use Vinculum\Figure\Figure;
use Vinculum\Figure\Quantity;
use Vinculum\Figure\Sentence;
use Vinculum\Mixture\Thickness;
use Vinculum\Pantry\Form;
use Vinculum\Recipe\Handling;
use Vinculum\Recipe\ProcessKind;
use Vinculum\Recipe\WeighedLine;
use Vinculum\Safety\Cautions;
use Vinculum\Safety\Facts;
use Vinculum\Taste\Measure;

/** A recipe as a maker does it, one step after the other. */
final class Steps
{
    /** Steps of a taste that a spoon alone may be out by before a line is worth weighing. */
    private const WEIGH_FROM = 0.5;

    /** Share of the pot boiled off from which it is worth a step of its own to taste it. */
    private const TASTES_FROM = 0.02;

    private const RING = ['fry', 'warm', 'simmer', 'boil'];

    /** @var array<string, list<WeighedLine>> by stage id */
    private array $lines = [];

    /** @var array<string, Measure> what is held back, by line id */
    private array $strong = [];

    private bool $isHot = false;

    private bool $hangs = false;

    private function __construct(private readonly Evaluation $evaluation)
    {
        foreach ($evaluation->cooked->weighed->lines as $line) {
            if ($line->grams > 0.0 || $line->amount?->isToTaste() === true) {
                $this->lines[$line->stage->id][] = $line;
            }
        }
        foreach (StrongBeforeReduction::of($evaluation) as $held) {
            $this->strong[$held->line->line->id] = $held->measure;
        }
    }

    /**
     * @return list<Step> none for an empty pot
     */
    public static function of(Evaluation $evaluation): array
    {
        $steps = new self($evaluation);

        return $steps->lines === [] ? [] : $steps->all();
    }

    /** @return list<Step> */
    private function all(): array
    {
        $steps = [$this->gather(), ...array_filter([$this->prepare()])];
        $last = count($this->evaluation->cooked->stages) - 1;
        foreach ($this->evaluation->cooked->stages as $i => $report) {
            $steps = [...$steps, ...$this->stage($report, $i === $last)];
        }
        $wasHot = $this->isHot;

        return [
            ...$steps,
            $this->taste('taste', null),
            ...($wasHot ? [$this->cool()] : []),
            $this->fill(),
            ...array_filter([$this->rest()]),
        ];
    }

    private function gather(): Step
    {
        $ids = [];
        $notes = [];
        foreach ($this->lines as $lines) {
            foreach ($lines as $line) {
                $ids[] = $line->line->id;
                $out = $this->spoonIsOutBy($line);
                if ($out >= self::WEIGH_FROM) {
                    $notes[$line->line->id] = Sentence::of(
                        'weigh it if you can: by the spoon the sauce may be {steps} out',
                        ['steps' => Quantity::steps($out)],
                    );
                } elseif ($line->line->prep !== null && $line->line->prep !== '') {
                    $notes[$line->line->id] = Sentence::plain($line->line->prep);
                }
            }
        }

        return new Step(
            'gather',
            StepKind::Gather,
            'Gather',
            null,
            $ids,
            $notes,
            [Sentence::of('Everything out and measured before the heat is on.')],
            [],
            UsualMinutes::work(max(UsualMinutes::GATHER_LEAST, UsualMinutes::GATHER_EACH * count($ids))),
            true,
            null,
        );
    }

    /** How many steps its own taste is out by, at the edge of what its measure allows. */
    private function spoonIsOutBy(WeighedLine $line): float
    {
        $most = 0.0;
        $place = array_search($line, $this->evaluation->cooked->weighed->lines, true);
        foreach ([Measure::Saltiness, Measure::Heat] as $measure) {
            $tasted = $this->evaluation->tasting->measures[$measure->value];
            $part = $place === false ? 0.0 : ($tasted->contributions[$place] ?? 0.0);
            $value = $tasted->figure->value;
            $most = max($most, abs($measure->steps($value, $value + $part * $line->spread)));
        }

        return $most;
    }

    private function prepare(): ?Step
    {
        $ids = [];
        $notes = [];
        foreach ($this->lines as $lines) {
            foreach ($lines as $line) {
                if ($line->ingredient?->form === Form::Pieces && $line->ingredient->is('fresh-plant')) {
                    $ids[] = $line->line->id;
                    $notes[$line->line->id] = Sentence::plain((string) $line->line->prep);
                }
            }
        }

        return $ids === []
            ? null
            : new Step(
                'prepare',
                StepKind::Prepare,
                'Prepare',
                null,
                $ids,
                array_filter($notes, static fn (Sentence $note): bool => $note->slots['words'] !== ''),
                [Sentence::of('Wash, peel and cut what needs it.')],
                [],
                UsualMinutes::work(UsualMinutes::PREPARE_EACH * count($ids)),
                true,
                null,
            );
    }

    /** @return list<Step> */
    private function stage(StageReport $report, bool $isLast): array
    {
        $stage = $report->stage;
        $kind = $stage->process->kind ?? ProcessKind::None;
        $steps = [];
        $lines = $this->inOrder($stage->id, $stage->process?->kind);
        if ($lines !== []) {
            $steps[] = new Step(
                "{$stage->id}.add",
                StepKind::Add,
                match (true) {
                    $stage->name !== '' && $stage->name !== Step::TITLES[$kind->value] => $stage->name,
                    $this->isHot && $kind === ProcessKind::None => Step::TITLES[$kind->value],
                    default => 'Put in',
                },
                $report,
                array_map(static fn (WeighedLine $line): string => $line->line->id, $lines),
                $this->notes($lines, $report),
                $this->isHot && $stage->process === null && $isLast ? [Sentence::of('Off the heat.')] : [],
                $stage->process === null ? $this->eye($report) : [],
                UsualMinutes::work(self::putIn($stage->handsMinutes, count($lines), $kind)),
                true,
                $this->place($report),
            );
            $this->hangs = $this->hangs || array_filter(
                $lines,
                static fn (WeighedLine $line): bool => $line->line->handling !== Handling::In,
            ) !== [];
        }
        if ($kind !== ProcessKind::None) {
            $steps[] = $this->process($report, $kind, $lines === []);
            $this->isHot = $this->evaluation->cooked->weighed->vocabulary->leavesHot($kind->value) ?? $this->isHot;
        }
        if ($this->hangs && ($stage->strain !== null || $isLast)) {
            $steps[] = $this->strain($report);
            $this->hangs = false;
        }
        $mass = max(1e-9, $report->massIn);
        if (! $isLast && $report->boiledOff / $mass >= self::TASTES_FROM) {
            $steps[] = $this->taste("{$stage->id}.taste", $report);
        }

        return $steps;
    }

    /** Minutes to put so many things in; less the blending where the maker says what all the work takes. */
    private static function putIn(?float $said, int $things, ProcessKind $kind): float
    {
        return $said === null
            ? UsualMinutes::ADD_LEAST + UsualMinutes::ADD_EACH * $things
            : max(UsualMinutes::ADD_LEAST, $said - ($kind === ProcessKind::Blend ? UsualMinutes::BLEND : 0.0));
    }

    /** @return 'ring'|'oven'|null */
    private function place(StageReport $report): ?string
    {
        $kind = $report->stage->process->kind->value ?? 'none';

        return match (true) {
            in_array($kind, self::RING, true) => 'ring',
            $kind === 'roast' => 'oven',
            default => null,
        };
    }

    /**
     * Fat before what is bloomed in it; what is strong behind the rest; starch last, stirred smooth.
     *
     * @return list<WeighedLine>
     */
    private function inOrder(string $stage, ?ProcessKind $process): array
    {
        $rank = function (WeighedLine $line) use ($process): int {
            $thing = $line->ingredient;

            return match (true) {
                $thing === null => 3,
                $process === ProcessKind::Fry && $thing->isFatty() => 0,
                $process === ProcessKind::Fry && $thing->is('ground') => 2,
                $thing->is('starch-raw') => 5,
                isset($this->strong[$line->line->id]) => 4,
                $process === ProcessKind::Fry => 1,
                default => 3,
            };
        };
        $lines = $this->lines[$stage] ?? [];
        // sorting keeps the order of what is alike
        usort($lines, static fn (WeighedLine $a, WeighedLine $b): int => $rank($a) <=> $rank($b));

        return $lines;
    }

    /**
     * @param list<WeighedLine> $lines
     * @return array<string, Sentence> by line id
     */
    private function notes(array $lines, StageReport $report): array
    {
        $notes = [];
        $fries = $report->stage->process?->kind === ProcessKind::Fry;
        foreach ($lines as $line) {
            $thing = $line->ingredient;
            $note = match (true) {
                isset($this->strong[$line->line->id]) && $thing?->form !== Form::Pieces
                    => 'hold back a third until it is down, then by taste',
                $thing?->is('starch-raw') === true && $report->waterIn > 0.0
                    => 'stirred smooth in a little cold water first',
                $line->line->handling === Handling::Whole && $thing?->is('chilli') === true
                    => 'whole, and lifted out: a burst one gives ten times its heat',
                $line->line->handling === Handling::Whole => 'whole, and lifted out',
                $line->line->handling === Handling::Steeped => 'to be lifted out',
                $fries && $thing?->is('ground') === true => 'half a minute in the hot fat; it burns soon',
                $line->amount?->isToTaste() === true => 'a little at a time',
                $line->line->optional => 'if you like',
                default => null,
            };
            if ($note !== null) {
                $notes[$line->line->id] = Sentence::of($note);
            }
        }

        return $notes;
    }

    private function process(StageReport $report, ProcessKind $kind, bool $isAll): Step
    {
        $process = $report->stage->process ?? throw new \LogicException('A stage without a process has no such step.');
        $isLong = ($report->minutes ?? 0.0) > UsualMinutes::STANDS_BY;
        $isHands = match ($kind) {
            ProcessKind::Blend => true,
            ProcessKind::Fry => true,
            ProcessKind::Boil => ! $isLong,
            default => false,
        };
        $guide = StopGuide::of($report);
        $minutes = match (true) {
            $kind === ProcessKind::Blend => UsualMinutes::work(
                ($isAll ? $report->stage->handsMinutes : null) ?? UsualMinutes::BLEND,
            ),
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
            [$this->how($report, $kind)],
            $this->eye($report),
            $minutes,
            $isHands,
            $this->place($report),
            // where it says how far, or boils by the clock
            $guide !== null && $process->kind !== ProcessKind::Fry && $process->kind !== ProcessKind::Roast,
        );
    }

    /** "Simmer with no lid, medium heat, in a 24 cm pan." */
    private function how(StageReport $report, ProcessKind $kind): Sentence
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
        $hotLiquid = $kind === ProcessKind::Blend && $this->isHot;

        return Sentence::of(
            implode('', $parts).'.'.(
                $hotLiquid ? ' Hot: half full at the most, the lid’s vent open under a cloth.' : ''
            ),
            $slots,
        );
    }

    /** @return list<Sentence> what an eye sees when it is done */
    private function eye(StageReport $report): array
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

    private function strain(StageReport $report): Step
    {
        $names = [];
        foreach ($this->evaluation->cooked->weighed->lines as $line) {
            if ($line->line->handling !== Handling::In && $line->ingredient !== null && $line->grams > 0.0) {
                $names[$line->line->id] = $line->ingredient->shortName();
            }
        }
        $press = $report->stage->strain->press ?? 0.0;
        $say = [Sentence::of('Lift out {what}.', ['what' => implode(', ', $names)])];
        if ($press > 0.0) {
            $say[] = Sentence::of('Press it: some of the liquor it holds comes back.');
        }

        return new Step(
            "{$report->stage->id}.strain",
            StepKind::Strain,
            'Lift out',
            $report,
            array_keys($names),
            [],
            $say,
            [],
            UsualMinutes::work(UsualMinutes::STRAIN),
            true,
            null,
        );
    }

    private function taste(string $id, ?StageReport $report): Step
    {
        return new Step(
            $id,
            StepKind::Taste,
            'Taste',
            $report,
            [],
            [],
            [Sentence::of('A teaspoon on a cold plate, then taste. What the spoon says is answered here.')],
            [],
            UsualMinutes::work(UsualMinutes::TASTE),
            true,
            $this->isHot ? 'ring' : null,
        );
    }

    private function cool(): Step
    {
        $said = array_filter(
            Cautions::of(Facts::of($this->evaluation)),
            static fn ($caution): bool => $caution->code === 'cool-fast',
        );

        return new Step(
            'cool',
            StepKind::Cool,
            'Cool',
            null,
            [],
            [],
            $said === []
                ? [Sentence::of('Let it cool before the lid goes on.')]
                : array_values(array_map(static fn ($caution): Sentence => $caution->text, $said)),
            [],
            UsualMinutes::work(UsualMinutes::COOL),
            false,
            null,
        );
    }

    private function fill(): Step
    {
        $jars = $this->evaluation->estimates->volume()->value / UsualMinutes::JAR_ML;

        return new Step(
            'fill',
            StepKind::Fill,
            'Fill and label',
            null,
            [],
            [],
            [Sentence::of(
                ($this->isHot ? 'Clean, heat-proof jars.' : 'Clean jars.')
                    .' On the label: its name, today’s date, and until when it keeps.',
            )],
            [],
            UsualMinutes::work(max(UsualMinutes::FILL_LEAST, UsualMinutes::FILL_EACH * ceil($jars))),
            true,
            null,
        );
    }

    /** A rest that makes it better, where a stage says so. */
    private function rest(): ?Step
    {
        $minutes = 0.0;
        foreach ($this->evaluation->recipe->stages as $stage) {
            $minutes = max($minutes, $stage->restBetterMinutes ?? 0.0);
        }

        return $minutes <= 0.0
            ? null
            : new Step(
                'rest',
                StepKind::Rest,
                'Rest',
                null,
                [],
                [],
                [Sentence::of('In the fridge. It is better for the rest.')],
                [],
                new Figure($minutes, 0.0, 'min'),
                false,
                null,
            );
    }
}
