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
use Vinculum\Recipe\Until;
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

    /** Boiling by the clock stops here, share of the water: the pan is about to catch. */
    private const DRIEST = 0.95;

    /** Share of its water that frying or roasting leaves at the least. */
    private const TRACE_OF_WATER = 1e-6;

    /**
     * Where a recipe says how far it goes and not how long, what time does is worked out as for a kilogram in the pan,
     * so that a larger batch with the same end points is the same sauce. g.
     */
    private const A_KILOGRAM = 1000.0;

    /** With this share of its water left a pot has boiled dry: nobody stops there, and no step is small enough. */
    private const BOILED_DRY = 1e-3;

    private readonly Pot $pot;

    /** @var list<Problem> */
    private array $problems = [];

    /** @var array<int, float> half-widths in ln of what is not known exactly besides the lines, by number below 0 */
    private array $spreads = [];

    private bool $isHot = false;

    private function __construct(private readonly WeighedRecipe $weighed)
    {
        $this->pot = new Pot;
        foreach ($weighed->lines as $i => $line) {
            $this->spreads[$i] = $line->spread;
        }
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
            $kitchen->spreads,
            $pot->simmered,
            $reports,
            $kitchen->problems,
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
            $massVariance += ($slope * $this->spreads[$source]) ** 2;
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
        );
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
        $hob = Hob::for($process);
        $isOpen = $process->lid !== true;
        $boils = in_array($process->kind, [ProcessKind::Simmer, ProcessKind::Boil, ProcessKind::Fry], true);
        $dries = $hob->dryingPerMinute > 0.0;
        $heating = $boils && ! $this->isHot ? $hob->minutesToSimmer($mass) : 0.0;
        $this->isHot = $this->weighed->vocabulary->leavesHot($process->kind->value) ?? $this->isHot;
        $water = $this->pot->totals[Constituent::WATER];
        $rate = match (true) {
            ! $isOpen => null,
            $dries => $water * $hob->dryingPerMinute,
            $boils => $hob->gramsPerMinute,
            default => null,
        };
        if ($process->until !== null) {
            [$amount, $slopes] = $this->toEndPoint($stage, $process, $hob, $boils);
            $minutes
                = $process->minutes
                ?? ($rate === null || $rate <= 0.0 || $mass <= 0.0
                    ? null
                    : $this->minutesFor($amount, $process->until, $hob, $dries));
            $cooked = $mass > 0.0 ? $this->minutesAtIt($process, $hob, $amount) : $process->minutes ?? 0.0;
        } else {
            $minutes = $process->minutes ?? ($boils ? 0.0 : null);
            $cooked = $minutes ?? 0.0;
            [$amount, $slopes]
                = $isOpen && ($dries || $boils)
                    ? $this->byTheClock($number, $stage, $process, $hob, $dries)
                    : [0.0, []];
        }
        [$ofWater, $ofAcetic]
            = $process->until?->kind === 'volume_ml'
                ? [
                    Density::millilitresPerGram(Constituent::WATER),
                    Density::millilitresPerGram(Constituent::ACETIC),
                ]
                : [1.0, $dries && $process->until === null ? 0.0 : 1.0];
        if ($boils && $mass > 0.0) {
            [$alcohol, $alcoholSlopes] = $this->pot->simmer($cooked, $isOpen);
            if ($process->until !== null && $amount > 0.0) {
                [$amount, $slopes] = $this->less(
                    $stage,
                    $amount,
                    $slopes,
                    $alcohol,
                    $alcoholSlopes,
                    $process->until->kind === 'volume_ml'
                        ? Density::millilitresPerGram(Constituent::ETHANOL)
                        : 1.0,
                );
            }
            $this->pot->swellStarch();
        }
        $this->pot->boilOff($amount, $slopes, $ofWater, $ofAcetic);
        $this->pot->fadeBite(exp(-(self::BITE_FADES[$process->kind->value] ?? 0.0) * $cooked));

        return [$minutes, $heating, $rate];
    }

    /**
     * How much has to go for the pot to end where it is said to.
     *
     * @return array{float, array<int, float>} grams, or millilitres for an end point in volume, and the derivatives
     */
    private function toEndPoint(Stage $stage, Process $process, Hob $hob, bool $boils): array
    {
        $until = $process->until ?? throw new \LogicException('It has no end point.');
        [$all, $slopes] = $this->pot->all(
            $until->kind === 'volume_ml' ? Density::volumeOf(...) : Mixture::massOf(...),
        );
        if ($all <= 0.0) {
            return [0.0, []];
        }
        if ($process->lid === true) {
            $this->problems[] = new Problem(
                $stage->id,
                'lid-with-loss',
                Sentence::of(
                    '{stage} has a lid on, so nothing boils off. Take the lid off, or leave out how far it goes. '
                        .'The figures are without this reduction.',
                    ['stage' => Problem::named($stage)],
                ),
            );

            return [0.0, []];
        }
        $amount = $until->kind === 'loss_percent' ? ($all * $until->value) / 100 : $all - $until->value;
        $water
            = $this->pot->totals[Constituent::WATER]
            * ($until->kind === 'volume_ml' ? Density::millilitresPerGram(Constituent::WATER) : 1.0);
        $most = $water * (1 - self::BOILED_DRY);
        if ($boils && $amount >= $most && $this->grams($amount, $until) < $this->pot->mass()) {
            // what leaves as alcohol need not be water
            [$alcohol] = (clone $this->pot)->simmer($this->minutesAtIt($process, $hob, $amount), true);
            $most += $alcohol
                * ($until->kind === 'volume_ml' ? Density::millilitresPerGram(Constituent::ETHANOL) : 1.0);
        }
        if ($amount < 0.0 || $amount >= $most) {
            $this->problems[] = Problem::endPointUnreachable($stage, $until, $all, $water);

            return [0.0, []];
        }

        return [
            $amount,
            $until->kind === 'loss_percent'
                ? array_map(static fn (float $slope): float => ($slope * $until->value) / 100, $slopes)
                : $slopes,
        ];
    }

    /** At the usual rate, how many minutes an end point takes. */
    private function minutesFor(float $amount, Until $until, Hob $hob, bool $dries): float
    {
        $grams = $this->grams($amount, $until);

        return $dries
            ? -log(1 - $grams / $this->pot->totals[Constituent::WATER]) / $hob->dryingPerMinute
            : $grams / $hob->gramsPerMinute;
    }

    /** How long all in it is at that heat: as the maker says, or as a kilogram would take. */
    private function minutesAtIt(Process $process, Hob $hob, float $amount): float
    {
        $mass = $this->pot->mass();
        $gone = $process->until === null ? 0.0 : $this->grams($amount, $process->until);

        return $process->minutes ?? (self::A_KILOGRAM * log($mass / ($mass - $gone))) / $hob->gramsPerMinute;
    }

    private function grams(float $amount, Until $until): float
    {
        return $until->kind === 'volume_ml' ? $amount / Density::millilitresPerGram(Constituent::WATER) : $amount;
    }

    /**
     * What goes in so many minutes, which no two hobs agree on: the rate is one more thing that is not known exactly.
     *
     * @return array{float, array<int, float>} grams, and the derivatives
     */
    private function byTheClock(int $number, Stage $stage, Process $process, Hob $hob, bool $dries): array
    {
        $minutes = $process->minutes;
        if ($minutes === 0.0) {
            $this->problems[] = new Problem(
                $stage->id,
                'no-minutes',
                Sentence::of(
                    '{stage} is given 0 minutes, so nothing boils off. Say how many minutes, or how far it goes.',
                    ['stage' => Problem::named($stage)],
                ),
            );
        }
        if ($minutes === null || $minutes <= 0.0) {
            return [0.0, []];
        }
        $water = $this->pot->totals[Constituent::WATER];
        if ($water <= 0.0) {
            if ($this->pot->mass() > 0.0) {
                $this->problems[] = new Problem(
                    $stage->id,
                    'no-water',
                    Sentence::of(
                        '{stage} has no water to boil off: only what is wet can simmer. Add a liquid, or fry it.',
                        ['stage' => Problem::named($stage)],
                    ),
                );
            }

            return [0.0, []];
        }
        $self = -1 - $number;
        $this->spreads[$self] = Hob::SPREAD;
        if ($dries) {
            // never quite nothing, which no share can be taken of
            $left = max(self::TRACE_OF_WATER, exp(-$hob->dryingPerMinute * $minutes));
            $slopes = array_map(
                static fn (array $tangent): float => $tangent[Constituent::WATER] * (1 - $left),
                $this->pot->tangents,
            );
            $slopes[$self] = $water * $left * $hob->dryingPerMinute * $minutes;

            return [$water * (1 - $left), $slopes];
        }
        $grams = $hob->gramsPerMinute * $minutes;
        if ($grams > self::DRIEST * $water) {
            $this->problems[] = new Problem(
                $stage->id,
                'boils-dry',
                Sentence::of(
                    '{stage} would boil dry after about {minutes} without a lid. Shorten it, put the lid '
                        .'on, lower the heat, or say how far it goes. The figures stop just short of dry.',
                    [
                        'stage' => Problem::named($stage),
                        'minutes' => Quantity::minutes(floor($water / $hob->gramsPerMinute)),
                    ],
                ),
            );
            $slopes = array_map(
                static fn (array $tangent): float => $tangent[Constituent::WATER] * self::DRIEST,
                $this->pot->tangents,
            );

            return [self::DRIEST * $water, $slopes];
        }

        return [$grams, [$self => $grams]];
    }

    /**
     * Alcohol that leaves is part of what an end point takes.
     *
     * @param array<int, float> $slopes
     * @param array<int, float> $alcoholSlopes
     * @return array{float, array<int, float>}
     */
    private function less(
        Stage $stage,
        float $amount,
        array $slopes,
        float $alcohol,
        array $alcoholSlopes,
        float $weight,
    ): array {
        if ($alcohol * $weight >= $amount) {
            $this->problems[] = new Problem(
                $stage->id,
                'alcohol-goes-further',
                Sentence::of(
                    '{stage} loses {alcohol} of alcohol alone, more than it is said to lose. Let it go further, '
                        .'or put the lid on.',
                    ['stage' => Problem::named($stage), 'alcohol' => Quantity::mass($alcohol)],
                ),
            );

            return [0.0, []];
        }
        foreach ($alcoholSlopes as $source => $slope) {
            $slopes[$source] = ($slopes[$source] ?? 0.0) - $slope * $weight;
        }

        return [$amount - $alcohol * $weight, $slopes];
    }
}
