<?php

declare(strict_types=1);

namespace Vinculum\Stove;

use Vinculum\Batch\Division;
use Vinculum\Batch\Making;
use Vinculum\Batch\UnreachableTarget;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Sentence;
use Vinculum\Recipe\Ends;
use Vinculum\Safety\Facts;
use Vinculum\Safety\KeepingTime;

/** What becomes of a sauce once it is made: how it ends, what is set apart of it, and the jars it goes into. */
final readonly class Finish
{
    /** mL of a jar where nobody says which. */
    public const USUAL_JAR_ML = 250.0;

    /** Days up to which what keeps no longer is eaten and not put up: hot, and cold; judgement. */
    private const EATEN_HOT = 7;
    private const EATEN_COLD = 14;

    /**
     * @param list<array{name: string, ml: float, label: Sentence}> $portions
     * @param string $problem why it cannot be divided so; empty where it can
     * @param array{count: int, ml: float, is_asked: bool} $jars how many, and mL in each
     * @param Ends $usual how it would end where nobody said
     * @param KeepingTime|null $keeps how long it keeps; null where nothing is known of that
     */
    private function __construct(
        public Ends $ends,
        public array $portions,
        public string $problem,
        public array $jars,
        public Ends $usual,
        public ?KeepingTime $keeps,
    ) {}

    /** @param Evaluation $sauce in the amounts of this making; portions that it cannot be divided in are not */
    public static function of(Evaluation $sauce, Making $making): self
    {
        $ml = $sauce->estimates->volume()->value;
        $containers = $making->containers($sauce);
        $divided = [];
        $problem = '';
        try {
            $divided = trim($making->portions) === ''
                ? []
                : Division::of($making->portions, $ml, $sauce->recipe->measures, $sauce->estimates->mass()->value);
        } catch (UnreachableTarget $why) {
            $problem = $why->getMessage();
        }
        $keeps = KeepingTime::of(Facts::of($sauce));
        $usual = self::usual($sauce, $keeps);

        return new self(
            $making->ends ?? $usual,
            $divided,
            $problem,
            $containers === null
                ? [
                    'count' => max(1, (int) ceil($ml / self::USUAL_JAR_ML)),
                    'ml' => self::USUAL_JAR_ML,
                    'is_asked' => false,
                ]
                : ['count' => $containers['count'], 'ml' => $containers['fill_ml'], 'is_asked' => true],
            $usual,
            $keeps,
        );
    }

    /** As is usual of what is called so: of several words of its name the last; null where they say nothing. */
    private static function byName(Evaluation $sauce): ?Ends
    {
        $name = mb_strtolower($sauce->recipe->name);
        $words = $sauce->cooked->weighed->vocabulary->words['reading']['ends'];
        $found = '';
        $at = [0, 0];
        foreach ($words as $word => $ends) {
            $word = (string) $word;
            preg_match_all('/\b'.preg_quote($word, '/').'s?\b/u', $name, $all, PREG_OFFSET_CAPTURE);
            $last = end($all[0]);
            // of two that end together the longer says more
            $here = $last === false ? [0, 0] : [$last[1] + strlen($word), strlen($word)];
            if ($here > $at) {
                [$found, $at] = [$ends, $here];
            }
        }

        return Ends::tryFrom($found);
    }

    /** As its maker says, or as is usual of its kind or of what is called so, or as long as it keeps. */
    private static function usual(Evaluation $sauce, ?KeepingTime $keeps): Ends
    {
        $said = $sauce->recipe->ends ?? $sauce->style->ends ?? self::byName($sauce);
        if ($said !== null) {
            return $said;
        }
        $isHot = $rests = false;
        foreach ($sauce->cooked->weighed->recipe->stages as $stage) {
            $isHot = $sauce->cooked->weighed->vocabulary->leavesHot($stage->process->kind->value ?? 'none') ?? $isHot;
            // what is better for a rest is not eaten at once
            $rests = $rests || ($stage->restBetterMinutes ?? 0.0) > 0.0;
        }
        $isHot = $isHot && ! $rests;
        $days = $keeps->fridgeDays ?? 0;

        return match (true) {
            $days > ($isHot ? self::EATEN_HOT : self::EATEN_COLD) => Ends::Jarred,
            $isHot => Ends::Hot,
            default => Ends::Cold,
        };
    }
}
