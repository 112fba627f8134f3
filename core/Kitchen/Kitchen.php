<?php

declare(strict_types=1);

namespace Vinculum\Kitchen;

use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Density;
use Vinculum\Mixture\Mixture;
use Vinculum\Recipe\Handling;
use Vinculum\Recipe\Problem;
use Vinculum\Recipe\ProcessKind;
use Vinculum\Recipe\Stage;
use Vinculum\Recipe\Until;
use Vinculum\Recipe\WeighedRecipe;

/**
 * Cooks a weighed recipe stage by stage. Computed so far: stirring together, and a reduction to an end point. What else a
 * recipe says is kept, and a problem says that it does not move the figures yet.
 */
final class Kitchen
{
    private readonly Pot $pot;

    /** @var list<Problem> */
    private array $problems = [];

    private function __construct(private readonly WeighedRecipe $weighed)
    {
        $this->pot = new Pot;
    }

    public static function cook(WeighedRecipe $weighed): CookedRecipe
    {
        $kitchen = new self($weighed);
        $reports = [];
        foreach ($weighed->recipe->stages as $stage) {
            $reports[] = $kitchen->stage($stage);
        }

        return new CookedRecipe($weighed, $kitchen->pot->mixture(), $kitchen->pot->rows, $kitchen->pot->tangents, $reports, $kitchen->problems);
    }

    private function stage(Stage $stage): StageReport
    {
        foreach ($this->weighed->lines as $i => $line) {
            if ($line->stage === $stage && $line->ingredient !== null && $line->grams > 0.0) {
                $this->pot->add($i, $line->source, $line->grams, $line->ingredient->perGram);
            }
        }
        $massIn = $this->pot->mass();
        $boiledOff = $stage->process?->until === null ? 0.0 : $this->reduce($stage, $stage->process->until, $massIn);
        $this->sayWhatIsNotComputed($stage);

        return new StageReport($stage->id, $massIn, $boiledOff, 0.0, $this->pot->mass());
    }

    /** @return float grams of water taken off */
    private function reduce(Stage $stage, Until $until, float $mass): float
    {
        if ($mass <= 0.0) {
            return 0.0;
        }
        $loss = match ($until->kind) {
            'loss_percent' => $mass * $until->value / 100,
            'mass_g' => $mass - $until->value,
            'volume_ml' => (Density::volumeOf($this->pot->totals) - $until->value) * Density::waterPerMillilitre(),
        };
        $water = $this->pot->totals[Constituent::WATER];
        if ($loss < 0.0 || $loss > $water) {
            $this->problems[] = self::unreachable($stage, $until, $mass, Density::volumeOf($this->pot->totals), $water);

            return 0.0;
        }
        $tangents = [];
        foreach ($this->pot->tangents as $source => $tangent) {
            $tangents[$source] = match ($until->kind) {
                'loss_percent' => Mixture::massOf($tangent) * $until->value / 100,
                'mass_g' => Mixture::massOf($tangent),
                'volume_ml' => Density::volumeOf($tangent) * Density::waterPerMillilitre(),
            };
        }
        $this->pot->boilOff($loss, $tangents);

        return $loss;
    }

    private static function unreachable(Stage $stage, Until $until, float $mass, float $volume, float $water): Problem
    {
        $name = $stage->name === '' ? 'This stage' : $stage->name;
        $text = match ($until->kind) {
            'loss_percent' => sprintf('%s cannot lose %g %%: only %d %% of what is in the pot is water.', $name, $until->value, (int) floor(100 * $water / $mass)),
            'mass_g' => sprintf('%s cannot end at %g g: %d g go in, and without any water there would be %d g.', $name, $until->value, (int) round($mass), (int) ceil($mass - $water)),
            'volume_ml' => sprintf('%s cannot end at %g ml: %d ml go in, and without any water there would be %d ml.', $name, $until->value, (int) round($volume), (int) ceil($volume - $water / Density::waterPerMillilitre())),
        };

        return new Problem($stage->id, 'end-point-unreachable', $text.' The figures are without this reduction.');
    }

    private function sayWhatIsNotComputed(Stage $stage): void
    {
        $process = $stage->process;
        $name = $stage->name === '' ? 'this stage' : $stage->name;
        if ($process !== null && $process->until === null && $process->lid !== true && ($process->minutes ?? 0.0) > 0.0
            && in_array($process->kind, [ProcessKind::Simmer, ProcessKind::Boil], true)) {
            $this->problems[] = Problem::notComputedYet($stage->id, "What boils off in {$name} is not worked out from its minutes yet. Say how far it reduces, and the figures follow.");
        }
        if ($process?->kind === ProcessKind::Roast) {
            $this->problems[] = Problem::notComputedYet($stage->id, "What roasting does in {$name} is not worked out yet; the figures are as if nothing were lost.");
        }
        foreach ($stage->lines as $line) {
            if ($line->handling !== Handling::In && ! $line->leftOut) {
                $this->problems[] = Problem::notComputedYet($line->id, 'Lifting out is not worked out yet: the figures are as if this stayed in.');
            }
            if ($line->lossPercent > 0.0) {
                $this->problems[] = Problem::notComputedYet($line->id, 'The water it lost before it went in is not taken off yet.');
            }
        }
    }
}
