<?php

declare(strict_types=1);

namespace Vinculum\Cooking;

use Vinculum\Figure\Quantity;
use Vinculum\Figure\Sentence;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Density;
use Vinculum\Mixture\Mixture;
use Vinculum\Pantry\Ingredient;
use Vinculum\Recipe\Handling;
use Vinculum\Recipe\Problem;
use Vinculum\Recipe\Process;
use Vinculum\Recipe\ProcessKind;
use Vinculum\Recipe\Stage;
use Vinculum\Recipe\WeighedLine;
use Vinculum\Recipe\WeighedRecipe;

/**
 * Cooks a weighed recipe stage by stage: its lines go in, then its process, then what is lifted out.
 *
 * Not here: sugar that inverts or browns, proteins that break down, aroma that leaves.
 */
final class Kitchen
{
    /** What a thing left whole gives to the sauce beside one cut up: a chilli, a clove of garlic; judgement. */
    private const WHOLE_GIVES = 0.1;

    /**
     * Share of the bite of mustard and horseradish lost in a minute, as ln; judgement: half in four minutes of
     * simmering.
     */
    private const BITE_FADES = ['warm' => 0.04, 'fry' => 0.17, 'simmer' => 0.17, 'boil' => 0.25, 'roast' => 0.17];

    private const A_DAY = 1440.0;

    /** A ferment of which nobody says how long it takes, minutes: a fortnight; common practice, no source. */
    private const UNSAID_FERMENT = 20160.0;

    private readonly Pot $pot;

    /** @var list<Problem> */
    private array $problems = [];

    private readonly BoilingOff $boilingOff;

    private bool $isHot = false;

    /** The most that has been in it while it was heated, g: what the pan was chosen for. */
    private float $fullest = 0.0;

    /** @var array<int, float> d ln(that) / d ln(amount), by what decides it */
    private array $fills = [];

    private function __construct(private readonly WeighedRecipe $weighed)
    {
        $this->pot = new Pot;
        $this->boilingOff = new BoilingOff($this->pot, array_column($weighed->lines, 'spread'));
    }

    public static function cook(WeighedRecipe $weighed): CookedRecipe
    {
        $kitchen = new self($weighed);
        $reports = [];
        $last = count($weighed->recipe->stages) - 1;
        foreach ($weighed->recipe->stages as $i => $stage) {
            $reports[] = $kitchen->stage($i, $stage, $i === $last);
        }
        $pot = $kitchen->pot;

        return new CookedRecipe(
            $weighed,
            $pot->mixture(),
            $pot->rows,
            $pot->tangents,
            $kitchen->boilingOff->spreads,
            $pot->simmered,
            array_map($pot->spirits->fallOf(...), array_combine(array_keys($pot->rows), array_keys($pot->rows))),
            $reports,
            [...$kitchen->problems, ...$kitchen->boilingOff->problems],
            $pot->acidity(),
        );
    }

    private function stage(int $number, Stage $stage, bool $isLast): StageReport
    {
        $waterIn = 0.0;
        foreach ($this->weighed->lines as $i => $line) {
            if ($line->stage === $stage && $line->ingredient !== null && $line->grams > 0.0) {
                $waterIn += $this->putIn($i, $line, $line->ingredient);
            }
        }
        $massIn = $this->pot->mass();
        $volumeBefore = $this->pot->volume();
        $waterBefore = $this->pot->totals[Constituent::WATER];
        $process = $stage->process;
        $startsHot = $this->isHot;
        [$minutes, $heating, $rate]
            = $process === null ? [null, 0.0, null] : $this->process($number, $stage, $process, $massIn);
        [$massAfter, $massSlopes] = $this->pot->all(Mixture::massOf(...));
        $massVariance = 0.0;
        foreach ($massSlopes as $source => $slope) {
            $massVariance += ($slope * $this->boilingOff->spreads[$source]) ** 2;
        }
        $volumeAfter = $this->pot->volume();
        $waterAfter = $this->pot->totals[Constituent::WATER];
        $lifted
            = $this->pot->hangs() && ($stage->strain !== null || $isLast)
                ? $this->pot->liftOut($stage->strain->press ?? 0.0)
                : ['mass' => 0.0, 'water' => 0.0, 'capped' => false];
        if ($lifted['capped']) {
            $this->problems[] = new Problem(
                $stage->id,
                'solids-hold-all',
                Sentence::of(
                    'What is lifted out would hold more than there is: hardly any sauce is left. Add liquid, or '
                        .'press it out.',
                ),
            );
        }

        return new StageReport(
            $stage,
            $waterIn,
            $massIn,
            $massIn - $massAfter,
            $waterBefore - $waterAfter,
            $lifted['mass'],
            $lifted['water'],
            $this->pot->mass(),
            $massAfter,
            $massAfter > 0.0 ? sqrt($massVariance) / $massAfter : 0.0,
            $volumeBefore,
            $volumeAfter,
            $this->pot->mixture(),
            $minutes,
            $heating,
            $rate,
            $startsHot,
            $process === null ? Hob::USUAL_PAN_CM : Hob::for($process, $this->fullest)->panCm,
        );
    }

    /** The ring and the pan: a cook changes to a wider one when more comes to it, and not to a narrower one. */
    private function hob(Process $process, float $mass): Hob
    {
        if ($mass > $this->fullest) {
            [$this->fullest, $slopes] = $this->pot->all(Mixture::massOf(...));
            $this->fills = array_map(fn (float $slope): float => $slope / $this->fullest, $slopes);
        }

        return Hob::for($process, $this->fullest);
    }

    /** @return float g of water it brings */
    private function putIn(int $i, WeighedLine $weighed, Ingredient $ingredient): float
    {
        $line = $weighed->line;
        $water = $weighed->grams * $ingredient->perGram[Constituent::WATER];
        $dried = ($weighed->grams * $line->lossPercent) / 100;
        if ($dried > $water) {
            $this->problems[] = new Problem(
                $line->id,
                'loss-above-water',
                Sentence::of(
                    'It cannot have lost {loss}: only {water} of it is water. The figures are as if it had lost '
                        .'all of that.',
                    [
                        'loss' => Quantity::percent($line->lossPercent / 100),
                        'water' => Quantity::percent($water / $weighed->grams),
                    ],
                ),
            );
            $dried = $water;
        }
        $exchanged = match ($line->handling) {
            Handling::In => null,
            Handling::Steeped => $line->extent,
            Handling::Whole => $line->extent * self::WHOLE_GIVES,
        };
        $this->pot->add($i, $weighed->source, $weighed->grams, $ingredient->perGram, $dried, $exchanged);

        return $water - $dried;
    }

    /**
     * @return array{float|null, float, float|null} minutes at the heat, minutes to get there, grams lost in a minute
     */
    private function process(int $number, Stage $stage, Process $process, float $mass): array
    {
        $hob = $this->hob($process, $mass);
        $isOpen = $process->lid !== true;
        $boils = in_array($process->kind, [ProcessKind::Simmer, ProcessKind::Boil, ProcessKind::Fry], true);
        $dries = $hob->dryingPerMinute > 0.0;
        $heating = $boils && ! $this->isHot ? $hob->minutesToSimmer($mass) : 0.0;
        if ($process->fromCold === true && $process->minutes !== null) {
            // its minutes hold the heating
            $process = $process->during(max(0.0, $process->minutes - $heating));
        }
        $this->otherwise($process);
        $this->isHot = $this->weighed->vocabulary->leavesHot($process->kind->value) ?? $this->isHot;
        $water = $this->pot->totals[Constituent::WATER];
        $rate = match (true) {
            ! $isOpen => null,
            $dries => $water * $hob->dryingPerMinute,
            $boils => $hob->gramsPerMinute,
            default => null,
        };
        if ($process->until !== null) {
            [$amount, $slopes] = $this->boilingOff->toEndPoint($stage, $process, $hob, $boils);
            $minutes
                = $process->minutes
                ?? ($rate === null || $rate <= 0.0 || $mass <= 0.0
                    ? null
                    : $this->boilingOff->minutesFor($amount, $process->until, $hob, $dries));
            $cooked = $mass > 0.0 ? $this->boilingOff->minutesAtIt($process, $amount) : $process->minutes ?? 0.0;
        } else {
            $minutes = $process->minutes ?? ($boils ? 0.0 : null);
            $cooked = $minutes ?? 0.0;
            [$amount, $slopes]
                = $isOpen && ($dries || $boils)
                    ? $this->boilingOff->byTheClock($number, $stage, $process, $hob, $this->fills)
                    : [0.0, []];
        }
        [$ofWater, $ofAcetic, $ofAlcohol] = BoilingOff::weights($process, $dries);
        if ($boils && $mass > 0.0) {
            $alcohol = $this->pot->simmer($cooked, $isOpen, $amount, $slopes, $ofWater, $ofAcetic, $ofAlcohol);
            [$amount, $slopes] = $this->boilingOff->withoutAlcohol(
                $stage,
                $process,
                $amount,
                $slopes,
                $alcohol,
                $ofAlcohol,
            );
            $this->pot->swellStarch();
        }
        $this->pot->boilOff($amount, $slopes, $ofWater, $ofAcetic);
        $this->pot->fadeBite(exp(-(self::BITE_FADES[$process->kind->value] ?? 0.0) * $cooked));

        return [$minutes, $heating, $this->onTheWay($hob, $rate, $minutes, $process, $amount)];
    }

    /** g a minute of a simmer, which slows, all in all. */
    private function onTheWay(Hob $hob, ?float $rate, ?float $minutes, Process $process, float $amount): ?float
    {
        if ($rate === null || $hob->simmerPerMinute <= 0.0 || $minutes === null || $minutes * $amount <= 0.0) {
            return $rate;
        }
        $perGram = $process->until?->kind === 'volume_ml' ? Density::millilitresPerGram(Constituent::WATER) : 1.0;

        return $amount / $minutes / $perGram;
    }

    /** What neither boils nor dries: set alight, left to ferment. */
    private function otherwise(Process $process): void
    {
        if ($process->kind === ProcessKind::Flame) {
            $this->pot->flame();
        }
        if ($process->kind === ProcessKind::Ferment) {
            $this->pot->ferment(
                ($process->minutes ?? self::UNSAID_FERMENT) / self::A_DAY,
                $process->celsius ?? Fermenting::USUAL,
                $this->isYoghurt(),
            );
        }
    }

    /** Mostly milk, with something of soured milk in it. */
    private function isYoghurt(): bool
    {
        $all = $milk = 0.0;
        $isSet = false;
        foreach ($this->weighed->lines as $line) {
            $all += $line->grams;
            $milk += $line->ingredient?->isOf('milks') === true ? $line->grams : 0.0;
            $isSet = $isSet || ($line->ingredient?->is('sets-when-sour') === true && $line->grams > 0.0);
        }

        return $isSet && $milk > $all / 2;
    }
}
