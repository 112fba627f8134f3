<?php

declare(strict_types=1);

namespace Vinculum\Batch;

use Vinculum\Amount\AmountWriter;
use Vinculum\Amount\Dimension;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Quantity;
use Vinculum\Figure\Sentence;
use Vinculum\Pantry\Catalogue;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\LineWriter;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\Stage;
use Vinculum\Recipe\Until;
use Vinculum\Recipe\WeighedLine;
use Vinculum\Taste\Measure;

/**
 * Makes a recipe larger or smaller. Every amount and every end point in grams or millilitres is multiplied by one
 * factor, so before rounding the sauce is the same; then all lines are written together in amounts that can be measured
 * (Rounding).
 */
final class Scaler
{
    /** How often the factor is corrected, and how near what is made comes to what was asked. */
    private const ROUNDS = 6;
    private const CLOSE = 0.005;

    /** A correction takes no more away than to this share of the factor before it. */
    private const LEAST = 0.2;

    /** A shortfall of the jars that is made good, and one that is not rounding any more. */
    private const SHORT = 0.005;

    private const MOST_SHORT = 0.2;

    /** Lines rounded by more than this are pointed out. */
    private const NOTED_FROM = 0.03;

    /** Steps of taste that a spoon alone may move before a line is worth weighing. */
    private const WEIGH_FROM = 0.5;

    /** Steps that nobody tells: rounding that moves no taste by as much costs nothing; judgement. */
    private const QUIET = 0.3;

    /** A factor this near to one leaves the minutes as they were. */
    private const HARDLY = 0.05;

    public function __construct(private Catalogue $catalogue) {}

    /**
     * @param float $headspacePercent of each container left empty, 0 to 50
     *
     * @throws UnreachableTarget
     */
    public function scale(
        Evaluation $from,
        ScaleTarget $target,
        float $headspacePercent = 0.0,
        ?Tools $tools = null,
    ): ScaledRecipe {
        if ($headspacePercent < 0.0 || $headspacePercent > 50.0) {
            throw UnreachableTarget::headspace();
        }
        if ($from->estimates->mass()->value <= 0.0) {
            throw UnreachableTarget::nothingToScale();
        }
        $asWritten = $from->recipe;
        $from = $this->asFar($from);
        $tools ??= Tools::of($from->recipe->kitchenware());
        $fill
            = ($target->millilitres ?? 0.0)
            * ($target->containers > 0 && ! $target->isPeople ? 1 - $headspacePercent / 100 : 1.0);
        $wanted = $target->made($from, $fill);
        [$factor, $exact] = self::exactly($from, $target->factorFor($from, $fill), $wanted);
        $chosen = $this->chosen($from, $exact, $factor, $tools, $target);
        $byItself = $this->evaluated($from, $factor, array_intersect_key($chosen, self::whole($from)));
        $together = $this->evaluated($from, $factor, $chosen);
        // nobody pours 158 ml for what nobody tastes; without a scale, what only a scale can do is no choice
        $best
            = self::worst($from, $together) < self::QUIET
            || self::off($from, $together) <= self::off($from, $byItself)
            || ! $tools->scale
            || ! $tools->eighths
                ? $together
                : $byItself;
        if ($target->containers > 0 && ! $target->isPeople && $wanted !== null) {
            // rounding starves no jar
            for ($round = 0; $round < self::ROUNDS; $round++) {
                $short = $wanted[0] / max(1e-9, $best->estimates->volume()->value);
                if ($short <= 1 + self::SHORT || $short >= 1 + self::MOST_SHORT) {
                    break;
                }
                $factor *= $short;
                $exact = Evaluation::ofWeighed($from->cooked->weighed->scaled($factor), $from->style);
                $best = $this->evaluated($from, $factor, $this->chosen($from, $exact, $factor, $tools, $target));
            }
        }
        foreach ($best->cooked->weighed->lines as $i => $line) {
            if ($line->grams <= 0.0 && $from->cooked->weighed->lines[$i]->grams > 0.0 && $line->ingredient !== null) {
                throw UnreachableTarget::tooLarge($line->ingredient->shortName());
            }
        }
        $drift = self::drift($from, $best);

        return new ScaledRecipe(
            $from,
            $factor,
            $this->lines($from, $best, $factor, $tools),
            $drift,
            $best,
            $target->containers > 0 && ! $target->isPeople
                ? Filling::of(
                    $target->containers,
                    (float) $target->millilitres,
                    $fill,
                    $best->estimates->volume()->value,
                )
                : null,
            self::forSoLong($best, $asWritten, $factor),
            NotInProportion::of($from, $best, $factor, $tools->hobs),
            self::worst($from, $best) > self::WEIGH_FROM ? self::toWeigh($from, $best, $factor) : null,
        );
    }

    /**
     * The factor that makes what is wanted, and what comes of it to the hair. Minutes boil off as much of a large pot
     * as of a small one, so what comes out is nearly a straight line over the factor and seldom through nothing: its
     * secant is followed.
     *
     * @param array{float, bool}|null $wanted and whether in grams; null where the factor is what was asked for
     * @return array{float, Evaluation}
     */
    private static function exactly(Evaluation $from, float $factor, ?array $wanted): array
    {
        $at = static fn (float $times): Evaluation => Evaluation::ofWeighed(
            $from->cooked->weighed->scaled($times),
            $from->style,
        );
        $exact = $at($factor);
        if ($wanted === null) {
            return [$factor, $exact];
        }
        $made = static fn (Evaluation $batch): float => $wanted[1]
            ? $batch->estimates->mass()->value
            : $batch->estimates->volume()->value;
        [$before, $was] = [1.0, $made($from)];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $is = $made($exact);
            if (abs($is / $wanted[0] - 1) < self::CLOSE) {
                break;
            }
            $slope = abs($factor - $before) > 1e-9 ? ($is - $was) / ($factor - $before) : 0.0;
            $next = $slope > 0.0 ? $factor + ($wanted[0] - $is) / $slope : $factor * $wanted[0] / max(1e-9, $is);
            [$before, $was] = [$factor, $is];
            $factor = max(self::LEAST * $factor, $next);
            $exact = $at($factor);
        }

        return [$factor, $exact];
    }

    /**
     * The same sauce with every end point that is only a time as the share that went off in it: a pot twice as large
     * takes longer to come to the same sauce, and is not the weaker one that the same minutes would leave.
     */
    private function asFar(Evaluation $from): Evaluation
    {
        $isTimed = false;
        $stages = [];
        foreach ($from->cooked->stages as $report) {
            $process = $report->stage->process;
            $goes = $process?->minutes !== null && $process->until === null && $report->boiledOff > 0.0;
            $isTimed = $isTimed || $goes;
            $stages[] = $goes
                ? $report->stage->processed($process->ending(
                    null,
                    new Until('loss_percent', round(100 * $report->boiledOff / max(1e-9, $report->massIn), 1)),
                ))
                : $report->stage;
        }

        return $isTimed
            ? Evaluation::of($from->recipe->withStages($stages), $this->catalogue, $from->style)
            : $from;
    }

    /** As it is written down: its minutes with it, and as the maker had it where it is hardly another batch. */
    private static function forSoLong(Evaluation $scaled, Recipe $asWritten, float $factor): Recipe
    {
        $stages = [];
        foreach ($scaled->cooked->stages as $s => $report) {
            $was = $asWritten->stages[$s]->process ?? null;
            $is = $report->stage->process;
            $isTimed = $was?->minutes !== null && $was->until === null && $is?->until !== null;
            $stages[] = match (true) {
                ! $isTimed => $report->stage,
                abs($factor - 1) < self::HARDLY => $report->stage->processed($was),
                default => $report->stage->processed($is->during(round($report->minutes ?? $was->minutes))),
            };
        }

        return $scaled->recipe->withStages($stages);
    }

    /** @return array<string, true> ids of the lines that stay whole, whatever else is rounded */
    private static function whole(Evaluation $from): array
    {
        $whole = [];
        foreach ($from->cooked->weighed->lines as $line) {
            if ($line->ingredient !== null && Choices::isWhole($line->ingredient)) {
                $whole[$line->line->id] = true;
            }
        }

        return $whole;
    }

    /**
     * @return array<string, string> new amounts by line id, of all that can be chosen
     */
    private function chosen(
        Evaluation $from,
        Evaluation $exact,
        float $factor,
        Tools $tools,
        ScaleTarget $target,
    ): array {
        $choices = [];
        $grams = [];
        foreach ($from->cooked->weighed->lines as $i => $line) {
            $unit = $line->amount->terms[0]->unit ?? null;
            if (
                $line->ingredient === null
                || $line->source !== $i
                || $line->grams <= 0.0
                || $line->amount === null
                || $unit?->dimension === Dimension::Part
            ) {
                continue;
            }
            $grams[$i] = $line->grams * $factor;
            $choices[$i] = $target->usesUp($line->ingredient)
                ? [new Choice(LineWriter::nearest($line, $factor, $from->recipe->measures) ?? '', $grams[$i], 1)]
                : Choices::of($line, $grams[$i], $factor, $tools);
        }
        $texts = [];
        foreach (Rounding::of($exact, $choices, $grams) as $i => $choice) {
            $texts[$from->cooked->weighed->lines[$i]->line->id] = $choice->text;
        }

        return $texts;
    }

    /**
     * @param array<string, string> $texts by line id; the nearest of its own unit for the others
     */
    private function evaluated(Evaluation $from, float $factor, array $texts): Evaluation
    {
        $recipe = $from->recipe;
        $weighed = [];
        foreach ($from->cooked->weighed->lines as $line) {
            $weighed[$line->line->id] = $line;
        }
        $stages = array_map(
            static fn (Stage $stage): Stage => $stage
                ->scaled($factor)
                ->withLines(
                    array_map(
                        static fn (Line $line): Line => $line->scaled(
                            $texts[$line->id] ?? LineWriter::nearest($weighed[$line->id], $factor, $recipe->measures),
                            $factor,
                        ),
                        $stage->lines,
                    ),
                ),
            $recipe->stages,
        );
        $scaled = new Recipe(
            $recipe->name,
            $recipe->style,
            $recipe->measures,
            $recipe->size?->scaled($factor),
            $recipe->pins,
            $stages,
            $recipe->ingredients,
            $recipe->extra,
            story: $recipe->story,
            ends: $recipe->ends,
        );

        return Evaluation::of($scaled, $this->catalogue, $from->style);
    }

    /** @return array<string, float> */
    private static function drift(Evaluation $from, Evaluation $to): array
    {
        $drift = [];
        foreach (Measure::cases() as $measure) {
            $drift[$measure->value] = $measure->steps($from->tasting->value($measure), $to->tasting->value($measure));
        }

        return $drift;
    }

    private static function worst(Evaluation $from, Evaluation $to): float
    {
        return max(0.0, ...array_values(array_map(abs(...), self::drift($from, $to))));
    }

    /** How far all tastes are off together, the worst of them twice; steps squared. */
    private static function off(Evaluation $from, Evaluation $to): float
    {
        $squares = array_map(static fn (float $steps): float => $steps ** 2, self::drift($from, $to));

        return array_sum($squares) + self::worst($from, $to) ** 2;
    }

    /** The line whose rounding moves the balance most, in words; null where none does. */
    private static function toWeigh(Evaluation $from, Evaluation $to, float $factor): ?Sentence
    {
        $best = null;
        $most = 0.25;
        foreach ($to->cooked->weighed->lines as $i => $line) {
            $exact = $from->cooked->weighed->lines[$i]->grams * $factor;
            if ($exact <= 0.0 || $line->grams <= 0.0 || $line->source !== $i || $line->ingredient === null) {
                continue;
            }
            foreach (Measure::cases() as $measure) {
                $steps = abs($to->tasting->measures[$measure->value]->stepsPerLn($i) * log($line->grams / $exact));
                if ($steps > $most) {
                    $most = $steps;
                    $best = Sentence::of('Weigh the {name}: {grams}. Spoons alone move {taste} by {steps}.', [
                        'name' => $line->ingredient->shortName(),
                        'grams' => Quantity::mass($exact),
                        'taste' => $measure->value,
                        'steps' => Quantity::steps($steps),
                    ]);
                }
            }
        }

        return $best;
    }

    /**
     * @return list<ScaledLine>
     */
    private function lines(Evaluation $from, Evaluation $to, float $factor, Tools $tools): array
    {
        $lines = [];
        // all lines a little large is only a larger batch: what shifts the balance is a line that is out of step
        $batch = $to->estimates->mass()->value / ($from->estimates->mass()->value * $factor);
        foreach ($to->cooked->weighed->lines as $i => $line) {
            $exact = $from->cooked->weighed->lines[$i]->grams * $factor;
            $lines[] = new ScaledLine(
                $line->line->id,
                $exact,
                $line->grams,
                $line->line->amount,
                $this->note($line, $exact, $batch, $tools),
            );
        }

        return $lines;
    }

    private function note(WeighedLine $line, float $exact, float $batch, Tools $tools): Sentence
    {
        if (($line->amount->terms[0]->unit ?? null)?->dimension === Dimension::Part) {
            return self::measured($line, $tools);
        }
        $off = $exact > 0.0 && $batch > 0.0 ? $line->grams / $exact / $batch - 1 : 0.0;
        $even = Quantity::mass($exact * $batch);
        if (abs($off) < self::NOTED_FROM || $line->ingredient === null) {
            return Sentence::of('');
        }
        if (Choices::isWhole($line->ingredient) && abs($off) > 0.1 && $exact < $line->grams) {
            return Sentence::of('most of it: weigh {even} of it', ['even' => $even]);
        }
        $dilution = Dilution::of($exact, $line->ingredient, $tools);

        return $dilution !== null
            ? Sentence::of($dilution)
            : Sentence::of('{off} {side} than its share; {even} would be even', [
                'off' => Quantity::percent(abs($off)),
                'side' => $off > 0 ? 'more' : 'less',
                'even' => $even,
            ]);
    }

    /** A part as it is measured out: in cups and spoons, in millilitres, or by weight, as whoever cooks likes. */
    private static function measured(WeighedLine $line, Tools $tools): Sentence
    {
        $density = $line->ingredient?->density;
        if ($line->ingredient === null || $line->grams <= 0.0) {
            return Sentence::of('');
        }
        $weight = Quantity::mass($line->grams);

        return $density === null
            ? Sentence::of('which is {weight}', ['weight' => $weight])
            : Sentence::of('which is {spoons}, {volume}, or {weight}', [
                'spoons' => AmountWriter::together($line->grams / $density, $tools->kit->set)[0],
                'volume' => Quantity::volume($line->grams / $density),
                'weight' => $weight,
            ]);
    }
}
