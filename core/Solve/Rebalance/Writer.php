<?php

declare(strict_types=1);

namespace Vinculum\Solve\Rebalance;

use Vinculum\Amount\Kitchenware;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Quantity;
use Vinculum\Figure\Sentence;
use Vinculum\Pantry\Catalogue;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\LineWriter;
use Vinculum\Recipe\WeighedLine;
use Vinculum\Solve\LineChange;
use Vinculum\Taste\Measure;
use Vinculum\Taste\Ratio;

/** An answer in amounts a kitchen measures, and why each of them moves. */
final readonly class Writer
{
    /** Steps of the scale from which a weight is one; judgement. */
    private const WEIGHED = 15.0;

    /** Writing an amount down may move a taste by so many steps; by more where all of it is reached so. */
    private const WRITING = 0.12;
    private const ROUGHLY = 0.25;
    private const FINELY = 0.03;
    /** Grams that are no matter. */
    private const HAIR = 1e-6;
    /** A change of what it makes, up or down, that is said before anything else. */
    private const MUCH_LESS = 0.7;
    private const MUCH_MORE = 1.3;

    public function __construct(private Equations $equations, private Catalogue $catalogue) {}

    /**
     * In the roundest numbers that still reach it; else as near as a kitchen measures. What no pan can do is no answer:
     * where that comes of writing it down it is written finer, and where it still is, nothing moves.
     *
     * @param array<int, float> $x
     */
    public function written(array $x): Rebalanced
    {
        $exact = $this->equations->at($x);
        foreach ([self::ROUGHLY, self::WRITING, self::FINELY] as $steps) {
            $written = $this->writtenWithin($x, $exact, $steps);
            // where it is out of reach, tenths of a gram bring it no nearer
            $isNearest = $steps === self::WRITING && $this->equations->miss($exact) > Equations::MET;
            if ($written->isReached || ($isNearest && ! $this->equations->spoils($written->after))) {
                return $written;
            }
        }

        return $this->equations->spoils($written->after)
            ? $this->writtenWithin([], $this->equations->from, self::FINELY)
            : $written;
    }

    /**
     * @param array<int, float> $x
     * @param float $steps that writing an amount down may move a taste by
     */
    private function writtenWithin(array $x, Evaluation $exact, float $steps): Rebalanced
    {
        $kit = $this->equations->from->recipe->kitchenware();
        $texts = [];
        foreach ($this->equations->from->cooked->weighed->lines as $i => $line) {
            if (isset($x[$i]) && $line->source === $i && $line->ingredient !== null) {
                $leverage = Equations::leverage($exact, $i);
                $texts[$i] = $this->text($line, exp($x[$i]), $kit, $leverage, $steps);
            }
        }
        $amounts = [];
        foreach ($texts as $i => $text) {
            $amounts[$this->equations->from->cooked->weighed->lines[$i]->line->id] = $text;
        }
        $recipe = $this->equations->from->recipe->withAmounts($amounts);
        $after = Evaluation::of($recipe, $this->catalogue, $this->equations->from->style);
        $isReached = $this->equations->miss($after) <= Equations::MET
            && $this->equations->pinsHold($after)
            && ! $this->equations->spoils($after);

        return new Rebalanced(
            $isReached,
            $this->why($isReached, $after, $x),
            $this->changes($x, $texts, $after),
            $this->equations->from,
            $after,
            $recipe,
            $this->equations->aims,
            $x,
        );
    }

    /** So little that a kitchen scale cannot tell it, of what was not weighed: a spoon, or a whole one. */
    private static function isNoWeight(WeighedLine $line, float $factor, Kitchenware $kit): bool
    {
        return ($line->amount->terms[0]->unit->name ?? '') !== 'g'
            && $line->grams * $factor < self::WEIGHED * $kit->scaleStep;
    }

    private function text(
        WeighedLine $line,
        float $factor,
        Kitchenware $kit,
        float $leverage,
        float $steps,
    ): string {
        $ways = LineWriter::ways($line, $factor, $kit);
        if (self::isNoWeight($line, $factor, $kit) && count($ways) > 1) {
            array_pop($ways);
        }
        $best = (string) end($ways);
        $least = INF;
        foreach ($ways as $way) {
            $grams
                = $line->ingredient === null
                    ? null
                    : LineWriter::gramsOf($way, $line->ingredient, $line->line->prep, $kit);
            if ($grams !== null && $this->isOutside($line, $grams)) {
                continue;
            }
            if ($grams === null || $grams <= 0.0) {
                // in parts: as near as they are written
                return $way === $ways[0] && count($ways) > 1 ? $ways[1] : $way;
            }
            $off = abs(log($grams / $line->grams / $factor)) * max(1.0, $leverage);
            if ($off <= $steps) {
                return $way;
            }
            if ($off < $least) {
                [$best, $least] = [$way, $off];
            }
        }

        return $best;
    }

    /** Past what the maker allows of it, or further than a line may move, if only by being written down. */
    private function isOutside(WeighedLine $line, float $grams): bool
    {
        return ($line->line->minG !== null && $grams < $line->line->minG - self::HAIR)
            || ($line->line->maxG !== null && $line->line->maxG > 0.0 && $grams > $line->line->maxG + self::HAIR)
            || ! $this->equations->policy->isWithinReach($line, $grams);
    }

    /**
     * @param array<int, float> $x
     * @param array<int, string> $texts
     * @return list<LineChange>
     */
    private function changes(array $x, array $texts, Evaluation $after): array
    {
        $changes = [];
        foreach ($this->equations->from->cooked->weighed->lines as $i => $line) {
            // what rounds to the same words has not moved
            if (isset($x[$line->source]) && ($texts[$i] ?? '') !== $line->line->amount) {
                $changes[] = new LineChange(
                    $line->line->id,
                    $line->grams,
                    $after->cooked->weighed->lines[$i]->grams,
                    $texts[$i] ?? null,
                    $this->effect($line, $x[$line->source]),
                );
            }
        }

        return $changes;
    }

    /** What a line's move does: the tastes it shifts, most first. */
    private function effect(WeighedLine $line, float $move): Sentence
    {
        if ($line->line->tie !== null) {
            return Sentence::of('follows');
        }
        $effects = [];
        foreach (Measure::cases() as $measure) {
            $effects[$measure->value] = Equations::slope($this->equations->from, $measure, $line->source) * $move;
        }
        uasort($effects, static fn (float $a, float $b): int => abs($b) <=> abs($a));
        $parts = [];
        foreach (array_slice($effects, 0, 2) as $measure => $steps) {
            if (abs($steps) >= 0.25 || $parts === []) {
                $parts[] = Sentence::of('{taste} {way} {steps}', [
                    'taste' => $measure,
                    'way' => $steps < 0 ? 'down' : 'up',
                    'steps' => Quantity::steps($steps),
                ]);
            }
        }

        return Sentence::together($parts, ', ');
    }

    /**
     * What is to be said of it, what it makes first where that is no more the same batch.
     *
     * @param array<int, float> $x
     */
    private function why(bool $isReached, Evaluation $after, array $x): Sentence
    {
        $makes = $this->equations->yieldOf($after);
        $said = [];
        if ($makes < self::MUCH_LESS || $makes > self::MUCH_MORE) {
            $said[] = Sentence::of('It makes {after} where it made {before}.', [
                'after' => Quantity::mass($after->cooked->mixture->mass()),
                'before' => Quantity::mass($this->equations->from->cooked->mixture->mass()),
            ]);
        }
        return Sentence::together([...$said, $this->tastes($isReached, $after, $x)]);
    }

    /** @param array<int, float> $x */
    private function tastes(bool $isReached, Evaluation $after, array $x): Sentence
    {
        if ($isReached) {
            return Sentence::of(
                $x === []
                    ? 'It is there already, as far as a tongue can tell.'
                    : 'Everything asked for is met, within a third of a step.',
            );
        }
        $worst = null;
        foreach (Measure::cases() as $measure) {
            $steps = $this->equations->aims->steps($measure, $after->tasting->value($measure));
            if ($worst === null || abs($steps) > abs($worst[1])) {
                $worst = [$measure, $steps];
            }
        }
        [$measure, $steps] = $worst;
        if (abs($steps) <= Equations::MET) {
            return Sentence::of(
                'The pinned ratio cannot be held together with what is asked for. Let go of the pin, or of one '
                    .'of the aims.',
            );
        }

        return Sentence::of('{taste} stays {steps} {side}: {why}', [
            'taste' => ucfirst($measure->value),
            'steps' => Quantity::steps($steps),
            'side' => $steps < 0 ? 'short' : 'over',
            'why' => $this->obstacle($measure, $steps, $x),
        ]);
    }

    /**
     * What keeps a taste from going further.
     *
     * @param array<int, float> $x
     */
    private function obstacle(Measure $measure, float $steps, array $x): string
    {
        $tasted = $this->equations->from->tasting->measures[$measure->value];
        $lines = $this->equations->from->cooked->weighed->lines;
        $bringers = $tasted->contributions;
        arsort($bringers);
        $movable = $this->equations->policy->bounds();
        foreach ($bringers as $i => $own) {
            $share = $tasted->figure->value > 0.0 ? $own / $tasted->figure->value : 0.0;
            if ($share < 0.2) {
                break;
            }
            $name = $lines[$i]->ingredient?->shortName() ?? $lines[$i]->line->ingredient;
            $percent = (int) round(100 * $share);
            if (! isset($movable[$lines[$i]->source])) {
                $add = $steps < 0.0 ? ' Add a line that brings it.' : '';

                return $lines[$i]->line->lock
                    ? "{$percent} % of it comes from {$name}, and that line is locked."
                    : "{$percent} % of it comes from {$name}, and nobody turns that to move a taste.{$add}";
            }
            $move = $x[$lines[$i]->source] ?? 0.0;
            [$least, $most] = $movable[$lines[$i]->source];
            if (($steps > 0.0 && $move <= $least + 1e-6) || ($steps < 0.0 && $move >= $most - 1e-6)) {
                return "{$percent} % of it comes from {$name}, and that is as far as it may go.";
            }
        }
        if ($steps < 0.0 && ($bringers === [] || max($bringers) <= 0.0)) {
            return 'nothing in the recipe brings any. Add a line that does.';
        }
        foreach ($this->equations->from->recipe->pins as $pin) {
            $ratio = Ratio::from($pin['ratio']);
            if ($ratio->over() === $measure || $ratio->under() === $measure) {
                return 'the pinned ratio holds it.';
            }
        }

        return 'what may still move would throw the other tastes out. Unlock a line, or add one that brings '
            .$measure->value
            .'.';
    }
}
