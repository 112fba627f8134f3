<?php

declare(strict_types=1);

namespace Vinculum\Trouble;

use Vinculum\Cooking\CookedRecipe;
use Vinculum\Cooking\StageReport;
use Vinculum\Recipe\Handling;
use Vinculum\Recipe\ProcessKind;

/** What goes wrong in a recipe's pot, stage by stage, each thing once. */
final class Troubles
{
    private const STANDING = [ProcessKind::Rest, ProcessKind::Chill];

    /** @var \WeakMap<CookedRecipe, list<Trouble>>|null the same pot is asked several times over */
    private static ?\WeakMap $known = null;

    /**
     * @return list<Trouble> none where it all goes well
     */
    public static function of(CookedRecipe $cooked): array
    {
        self::$known ??= new \WeakMap;
        self::$known[$cooked] ??= self::found($cooked);

        return self::$known[$cooked];
    }

    /** @return list<Trouble> */
    private static function found(CookedRecipe $cooked): array
    {
        foreach ($cooked->weighed->lines as $line) {
            if ($line->ingredient === null && ! $line->line->leftOut) {
                // what nobody knows may be just what holds it
                return [];
            }
        }
        $laws = self::laws();
        $troubles = [];
        $things = $marks = [];
        $before = null;
        $stages = $cooked->stages;
        $after = 0.0;
        foreach ($stages as $report) {
            $after += self::stands($report);
        }
        foreach ($stages as $i => $report) {
            $after -= self::stands($report);
            foreach ($cooked->weighed->lines as $line) {
                if ($line->stage === $report->stage && $line->ingredient !== null && $line->grams > 0.0) {
                    $things[] = new Thing(
                        $line->ingredient,
                        $line->grams,
                        $report->stage->id,
                        $line->line->handling !== Handling::In,
                    );
                    $marks += array_fill_keys([...$line->ingredient->traits, ...$line->ingredient->kinds], true);
                }
            }
            if ($things === []) {
                continue;
            }
            $celsius = Moment::celsius($report, $before);
            $isLast = array_filter(
                array_slice($stages, $i + 1),
                static fn (StageReport $later): bool => self::stands($later) === 0.0 || $later->stage->lines !== [],
            ) === [];
            $moment = new Moment($report, $things, $celsius, $before, $isLast, $after + self::stands($report), $marks);
            foreach ($laws as $law) {
                $trouble = $law->of($moment);
                if ($trouble !== null) {
                    $troubles[$trouble->fault->value] ??= $trouble;
                }
            }
            foreach ($things as $thing) {
                $thing->hottest = max($thing->hottest, $celsius);
            }
            $isCold = $cooked->weighed->vocabulary->leavesHot($moment->kind()->value) === false;
            $before = $isCold ? null : max($celsius, Moment::ROOM);
        }

        return array_values($troubles);
    }

    /** Minutes a stage lets it stand, cold. */
    private static function stands(StageReport $report): float
    {
        $process = $report->stage->process;

        return $process !== null && in_array($process->kind, self::STANDING, true)
            ? max(1.0, $process->minutes ?? 1.0)
            : 0.0;
    }

    /** @return list<Law> */
    private static function laws(): array
    {
        return [
            new Laws\MilkCurdles,
            new Laws\EggScrambles,
            new Laws\EmulsionBreaks,
            new Laws\ButterBreaks,
            new Laws\RichLiquidBreaks,
            new Laws\OilRises,
            new Laws\JellyFails,
            new Laws\PectinFails,
            new Laws\TooMuchStarch,
            new Laws\TooMuchJelly,
            new Laws\FruitStiffens,
            new Laws\PasteSeizes,
            new Laws\SourStarchThins,
            new Laws\Burns,
            new Laws\SugarCrystallises,
            new Laws\StarchLumps,
            new Laws\GrainsStay,
        ];
    }
}
