<?php

declare(strict_types=1);

namespace Vinculum\Stove;

use Vinculum\Amount\Spread;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Recipe\LineWriter;
use Vinculum\Recipe\WeighedLine;
use Vinculum\Taste\Measure;

/** More or less went in than was planned, and something that is still to come can make up for it. */
final readonly class HoldBack
{
    /** Steps of a taste from which it is worth a word. */
    public const SAID_FROM = 0.4;

    /** Steps that another taste may be moved by. */
    private const ELSEWHERE = 0.5;

    /** The most of a line that is to come, as a share of it, beyond what was planned. */
    private const MOST = 1.5;

    /**
     * @param float $steps what the taste would be moved by if nothing were done
     * @param string $amount of the line that is held back, or put in besides
     */
    private function __construct(
        public Measure $measure,
        public float $steps,
        public ?WeighedLine $line,
        public string $amount,
        public bool $isLess,
    ) {}

    /**
     * Every taste that is moved enough to be told of, with what makes up for it.
     *
     * @return list<self>
     */
    public static function of(Cook $cook): array
    {
        $said = [];
        foreach (Measure::cases() as $measure) {
            $planned = $cook->planned->tasting->value($measure);
            $steps = $measure->steps($planned, $cook->done->tasting->value($measure));
            if (abs($steps) >= self::SAID_FROM) {
                $said[] = self::madeUpFor($cook, $measure, $planned, $steps);
            }
        }

        return $said;
    }

    private static function madeUpFor(Cook $cook, Measure $measure, float $wanted, float $steps): self
    {
        $done = $cook->done;
        $by = $done->tasting->measures[$measure->value]->contributions;
        arsort($by);
        foreach (array_keys($by) as $i) {
            $line = $done->cooked->weighed->lines[$i] ?? null;
            if (
                $line?->ingredient === null
                || $line->source !== $i
                || ! in_array($measure->role(), $line->ingredient->roles, true)
                || in_array('base', $line->ingredient->roles, true)
                || $cook->isIn($line->line->id)
            ) {
                continue;
            }
            $factor = self::factor($done, $i, $measure, $wanted);
            if ($factor === null) {
                continue;
            }
            $amount = self::written($line, abs(1 - $factor), $done);
            if ($amount !== null) {
                return new self($measure, $steps, $line, $amount, $factor < 1.0);
            }
        }

        return new self($measure, $steps, null, '', false);
    }

    /** How much of a line brings a taste back, by two secants; null where none of it does, or something else moves. */
    private static function factor(Evaluation $done, int $i, Measure $measure, float $wanted): ?float
    {
        $at = static fn (float $factor): Evaluation => Evaluation::ofWeighed(
            $done->cooked->weighed->times([$i => $factor]),
            $done->style,
        );
        $before = 1.0;
        $was = $done->tasting->value($measure);
        $factor = $wanted < $was ? 0.5 : 1.25;
        $moved = $done;
        for ($round = 0; $round < 2; $round++) {
            $moved = $at($factor);
            $is = $moved->tasting->value($measure);
            if (abs($is - $was) < 1e-9) {
                return null;
            }
            $next = $factor + ($wanted - $is) * ($factor - $before) / ($is - $was);
            [$before, $was] = [$factor, $is];
            $factor = min(self::MOST, max(0.0, $next));
        }
        $moved = $at($factor);
        if (abs($measure->steps($wanted, $moved->tasting->value($measure))) > self::SAID_FROM / 2) {
            return null;
        }
        foreach (Measure::cases() as $other) {
            $is = $moved->tasting->value($other);
            if ($other !== $measure && abs($other->steps($done->tasting->value($other), $is)) > self::ELSEWHERE) {
                return null;
            }
        }

        return $factor;
    }

    /** In the measure the line is written in; null where it is too little to measure. */
    private static function written(WeighedLine $line, float $share, Evaluation $done): ?string
    {
        if ($line->grams * $share < Spread::SCALE_STEP_G / 2) {
            return null;
        }

        return LineWriter::nearest($line, $share, $done->recipe->measures)
            ?? LineWriter::weighed($line->grams * $share, $done->recipe->kitchenware());
    }
}
