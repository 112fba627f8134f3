<?php

declare(strict_types=1);

namespace Vinculum\Cooking;

use Vinculum\Figure\Quantity;
use Vinculum\Figure\Sentence;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Density;
use Vinculum\Mixture\Mixture;
use Vinculum\Recipe\Problem;
use Vinculum\Recipe\Process;
use Vinculum\Recipe\ProcessKind;
use Vinculum\Recipe\Stage;
use Vinculum\Recipe\Until;

/** How much of a pot leaves as steam: as far as it is said to go, or for as long. */
final class BoilingOff
{
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

    /** @var list<Problem> */
    public array $problems = [];

    /**
     * @param array<int, float> $spreads half-widths in ln of the lines; what else is not known exactly comes to them,
     *     by number below 0
     */
    public function __construct(private readonly Pot $pot, public array $spreads) {}

    /**
     * How much has to go for the pot to end where it is said to.
     *
     * @return array{float, array<int, float>} grams, or millilitres for an end point in volume, and the derivatives
     */
    public function toEndPoint(Stage $stage, Process $process, Hob $hob, bool $boils): array
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
            // what leaves as alcohol need not be water, and by then all of it has
            $most += $this->pot->totals[Constituent::ETHANOL]
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
    public function minutesFor(float $amount, Until $until, Hob $hob, bool $dries): float
    {
        $grams = $this->grams($amount, $until);

        $perMinute = $dries ? $hob->dryingPerMinute : $hob->simmerPerMinute;
        if ($this->pot->totals[Constituent::WATER] <= 0.0) {
            // salt alone boils nothing off, however long it stands there
            return 0.0;
        }

        return $perMinute > 0.0
            ? -log1p(-min(1 - 1e-9, $grams / $this->pot->totals[Constituent::WATER])) / $perMinute
            : $grams / $hob->gramsPerMinute;
    }

    /** How long all in it is at that heat: as the maker says, or as a kilogram would take. */
    public function minutesAtIt(Process $process, float $amount): float
    {
        $mass = $this->pot->mass();
        $gone = $process->until === null ? 0.0 : $this->grams($amount, $process->until);

        $hob = Hob::for($process, self::A_KILOGRAM);

        return $process->minutes ?? (self::A_KILOGRAM * log($mass / ($mass - $gone))) / $hob->gramsPerMinute;
    }

    private function grams(float $amount, Until $until): float
    {
        return $until->kind === 'volume_ml' ? $amount / Density::millilitresPerGram(Constituent::WATER) : $amount;
    }

    /**
     * What goes in so many minutes, which no two hobs agree on: the rate is one more thing that is not known exactly.
     *
     * @param array<int, float> $fills d ln(mass that the pan was chosen for) / d ln(amount)
     * @return array{float, array<int, float>} grams, and the derivatives
     */
    public function byTheClock(int $number, Stage $stage, Process $process, Hob $hob, array $fills): array
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
        if ($hob->dryingPerMinute > 0.0) {
            // never quite nothing, which no share can be taken of
            $left = max(self::TRACE_OF_WATER, exp(-$hob->dryingPerMinute * $minutes));
            $slopes = array_map(
                static fn (array $tangent): float => $tangent[Constituent::WATER] * (1 - $left),
                $this->pot->tangents,
            );
            $slopes[$self] = $water * $left * $hob->dryingPerMinute * $minutes;

            return [$water * (1 - $left), $slopes];
        }
        if ($hob->simmerPerMinute > 0.0) {
            return $this->simmered($self, $stage, $hob, $minutes, $fills);
        }
        $grams = $hob->gramsPerMinute * $minutes;
        if ($grams > self::DRIEST * $water) {
            $this->boilsDry($stage, $water / $hob->gramsPerMinute);
            $slopes = array_map(
                static fn (array $tangent): float => $tangent[Constituent::WATER] * self::DRIEST,
                $this->pot->tangents,
            );

            return [self::DRIEST * $water, $slopes];
        }

        // a larger amount stands in a wider pan
        $slopes = array_map(static fn (float $slope): float => $hob->byMass * $slope * $grams, $fills);
        $slopes[$self] = $grams;

        return [$grams, $slopes];
    }

    /**
     * At a simmer, which takes a share of what is there.
     *
     * @param int $self what its rate is one more unknown as
     * @param array<int, float> $fills d ln(mass that the pan was chosen for) / d ln(amount)
     * @return array{float, array<int, float>} grams, and the derivatives
     */
    private function simmered(int $self, Stage $stage, Hob $hob, float $minutes, array $fills): array
    {
        $steams = [Constituent::WATER => 1.0, Constituent::ACETIC => 1.0];
        $all = Mixture::sum($steams, $this->pot->totals);
        $times = $hob->simmerPerMinute * $minutes;
        $left = exp(-$times);
        if ($left < 1 - self::DRIEST) {
            $this->boilsDry($stage, -log(1 - self::DRIEST) / $hob->simmerPerMinute);
            $left = 1 - self::DRIEST;
            $times = 0.0;
        }
        $slopes = array_map(
            static fn (float $slope): float => $slope * (1 - $left),
            Mixture::sums($steams, $this->pot->tangents),
        );
        $byRate = $all * $left * $times;
        foreach ($fills as $source => $slope) {
            $slopes[$source] = ($slopes[$source] ?? 0.0) + $byRate * ($hob->byMass - 1) * $slope;
        }
        $slopes[$self] = $byRate;

        return [$all * (1 - $left), $slopes];
    }

    private function boilsDry(Stage $stage, float $minutes): void
    {
        $this->problems[] = new Problem(
            $stage->id,
            'boils-dry',
            Sentence::of(
                '{stage} would boil dry after about {minutes} without a lid. Shorten it, put the lid '
                    .'on, lower the heat, or say how far it goes. The figures stop just short of dry.',
                ['stage' => Problem::named($stage), 'minutes' => Quantity::minutes(max(1.0, floor($minutes)))],
            ),
        );
    }

    /**
     * What a gram of water, of acetic acid and of alcohol count in what a stage loses: by mass, by volume, or by the
     * heat of a ring; a simmer goes by its surface, and alcohol comes on top; where things dry by a share of
     * their water, that water alone.
     *
     * @return array{float, float, float}
     */
    public static function weights(Process $process, bool $dries): array
    {
        return match (true) {
            $process->until?->kind === 'volume_ml' => [
                Density::millilitresPerGram(Constituent::WATER),
                Density::millilitresPerGram(Constituent::ACETIC),
                Density::millilitresPerGram(Constituent::ETHANOL),
            ],
            $process->until !== null => [1.0, 1.0, 1.0],
            $dries => [1.0, 0.0, 0.0],
            $process->kind === ProcessKind::Simmer => [1.0, 1.0, 0.0],
            default => [1.0, 1.0, Hob::ALCOHOL_TAKES],
        };
    }

    /**
     * Alcohol that leaves is part of what an end point takes, and of what a ring boils off.
     *
     * @param array<int, float> $slopes
     * @param array{float, array<int, float>} $alcohol g that left, and the derivatives
     * @return array{float, array<int, float>}
     */
    public function withoutAlcohol(
        Stage $stage,
        Process $process,
        float $amount,
        array $slopes,
        array $alcohol,
        float $weight,
    ): array {
        [$gone, $goneSlopes] = $alcohol;
        if ($amount <= 0.0 || $gone <= 0.0 || $weight <= 0.0) {
            return [$amount, $slopes];
        }
        if ($gone * $weight >= $amount) {
            if ($process->until !== null) {
                $this->problems[] = new Problem(
                    $stage->id,
                    'alcohol-goes-further',
                    Sentence::of(
                        '{stage} loses {alcohol} of alcohol alone, more than it is said to lose. Let it go further, '
                            .'or put the lid on.',
                        ['stage' => Problem::named($stage), 'alcohol' => Quantity::mass($gone)],
                    ),
                );
            }

            return [0.0, []];
        }
        foreach ($goneSlopes as $source => $slope) {
            $slopes[$source] = ($slopes[$source] ?? 0.0) - $slope * $weight;
        }

        return [$amount - $gone * $weight, $slopes];
    }
}
