<?php

declare(strict_types=1);

namespace Vinculum\Evaluation;

use Vinculum\Cooking\CookedRecipe;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Mixture;
use Vinculum\Pantry\Body;
use Vinculum\Trouble\Fault;
use Vinculum\Trouble\Laws\EmulsionBreaks;
use Vinculum\Trouble\Trouble;
use Vinculum\Trouble\Troubles;

/** What holds a sauce together beyond what is dissolved in it: drops, gels, starch; none of it where it fails. */
final class Hold
{
    /** From this share of the sauce on, each keeps so much of the free fat in drops; judgement. */
    private const EMULSIFIER_FROM = 0.005;
    private const EMULSIFIES = ['emulsifies' => 1.0, 'emulsifies-a-little' => 0.5];

    /** Share of fat in drops from which it is seen to come out; judgement. */
    private const SEEN = 0.15;

    /**
     * A thing that is fat and water by itself already holds its drops: mayonnaise, cream, cheese. Least share of water.
     */
    private const DROPS_WATER = 0.1;

    /** @var list<Fault>|null what goes wrong in the pot */
    private ?array $faults = null;

    public function __construct(private readonly CookedRecipe $cooked) {}

    private function fails(Fault ...$faults): bool
    {
        $this->faults ??= array_map(
            static fn (Trouble $trouble): Fault => $trouble->fault,
            Troubles::of($this->cooked),
        );
        foreach ($faults as $fault) {
            if (in_array($fault, $this->faults, true)) {
                return true;
            }
        }

        return false;
    }

    /** g of fat that stays in drops: what came in drops, and of the rest what an emulsifier holds. */
    public function emulsifiedFat(): float
    {
        $mass = $this->cooked->mixture->mass();
        $inDrops = 0.0;
        $held = $protein = 0.0;
        foreach ($this->cooked->rows as $i => $row) {
            $ingredient = $this->cooked->weighed->lines[$i]->ingredient;
            if ($ingredient === null) {
                continue;
            }
            if ($ingredient->isOf('plant-dairy', 'soya-curd')) {
                $protein += $row[Constituent::PROTEIN];
            }
            if ($ingredient->perGram[Constituent::WATER] >= self::DROPS_WATER) {
                $inDrops += $row[Constituent::FAT];
            }
            if ($mass > 0.0 && Mixture::massOf($row) >= self::EMULSIFIER_FROM * $mass) {
                foreach (self::EMULSIFIES as $trait => $share) {
                    $held = $ingredient->is($trait) ? max($held, $share) : $held;
                }
            }
        }

        $free = $this->cooked->mixture->grams[Constituent::FAT] - $inDrops;

        $all = $inDrops + max($held * $free, min($free, EmulsionBreaks::HELD_BY_PROTEIN * $protein));

        // where there is little of it, nobody sees it come out
        return $all > self::SEEN * $mass && $this->fails(Fault::BreaksOil, Fault::Scrambles) ? 0.0 : $all;
    }

    /**
     * What sets or swells by its nature, powers of ten of viscosity times 100 g: soured milk, cooked egg, gums; jelly
     * only once it is cold; less where the starch of flour is weaker than is counted.
     */
    public function body(bool $isHot = false): float
    {
        $body = 0.0;
        foreach ($this->cooked->rows as $i => $row) {
            $ingredient = $this->cooked->weighed->lines[$i]->ingredient;
            if ($ingredient === null) {
                continue;
            }
            $isGone = match (true) {
                $ingredient->is('gels') => $this->fails(Fault::DoesNotSet),
                $ingredient->is('raw-egg') => $this->fails(Fault::Scrambles),
                default => false,
            };
            $wasCooked = ($this->cooked->simmered[$i] ?? null) !== null;
            $body += $isGone ? 0.0 : Body::of($ingredient, $row, $wasCooked, $isHot);
        }

        return $body;
    }

    /** Longest that any starch has simmered, minutes. */
    public function starchMinutes(): float
    {
        $minutes = 0.0;
        foreach ($this->cooked->rows as $i => $row) {
            if ($row[Constituent::STARCH_COOKED] > 0.0) {
                $minutes = max($minutes, $this->cooked->simmered[$i] ?? 0.0);
            }
        }

        return $minutes;
    }
}
