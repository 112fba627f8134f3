<?php

declare(strict_types=1);

namespace Vinculum\Solve\Swap;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Sentence;
use Vinculum\Pantry\Ingredient;
use Vinculum\Recipe\Handling;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\LineWriter;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\Stage;
use Vinculum\Recipe\Tie;
use Vinculum\Safety\Allergens;
use Vinculum\Safety\Brings;
use Vinculum\Safety\Limits;
use Vinculum\Solve\Addition;
use Vinculum\Solve\Feel;
use Vinculum\Solve\LinearPot;
use Vinculum\Solve\LineChange;

/** A stand-in written into the recipe, cooked, and what comes of it. */
final readonly class Writer
{
    public function __construct(private Equations $equations) {}

    /**
     * @param array{
     *     things: non-empty-list<Ingredient>,
     *     x: list<float>,
     *     helpers: array<string, float>,
     *     distance: float,
     *     usual: int|null,
     * } $found
     */
    public function written(array $found, float $distance): Substitution
    {
        $with = [];
        foreach ($found['things'] as $i => $thing) {
            $text = LineWriter::insteadOf($this->equations->out, $found['x'][$i], $thing, $this->equations->kit);
            $with[] = new Addition(
                $thing,
                LineWriter::gramsOf($text, $thing, null, $this->equations->kit) ?? $found['x'][$i],
                $text,
            );
        }
        $amounts = [];
        $added = [];
        foreach ($found['helpers'] as $id => $move) {
            $helper = $this->equations->helpers[$id];
            if ($helper['line'] === null) {
                $text = LineWriter::fresh($move, $helper['ingredient'], $this->equations->kit, 0.12);
                $added[] = new Addition(
                    $helper['ingredient'],
                    LineWriter::gramsOf($text, $helper['ingredient'], null, $this->equations->kit) ?? $move,
                    $text,
                );
                continue;
            }
            $amounts[$id] = LineWriter::insteadOf(
                $helper['line'],
                $helper['line']->grams + $move,
                $helper['ingredient'],
                $this->equations->kit,
            );
        }
        $recipe = $this->rewritten($with, $added)->withAmounts($amounts);
        $after = Evaluation::of($recipe, $this->equations->catalogue, $this->equations->from->style);
        $spoonful = LinearPot::of($after->cooked);
        $steps = [];
        foreach (Feel::cases() as $feel) {
            $steps[$feel->value] = $feel->steps($this->equations->wanted[$feel->value], $feel->value($spoonful));
        }
        $before = Allergens::of($this->equations->from->cooked->weighed)['contains'];
        $now = Allergens::of($after->cooked->weighed)['contains'];

        return new Substitution(
            $with,
            $this->changes($amounts, $after),
            $added,
            $steps,
            array_map(strval(...), array_keys(array_diff_key($now, $before))),
            array_map(strval(...), array_keys(array_diff_key($before, $now))),
            Notes::of(
                $this->equations->from,
                $after,
                $this->equations->out,
                $with,
                $steps,
                $this->equations->isFor,
                $found['helpers'] === [],
            ),
            Limits::approached($this->equations->from->estimates, $after->estimates),
            Brings::between($this->equations->from->cooked->weighed, $after->cooked->weighed),
            $this->otherHandling($with),
            $distance,
            $found['usual'],
            $after,
            $recipe,
        );
    }

    /** @param non-empty-list<Addition> $with */
    private function otherHandling(array $with): ?Sentence
    {
        $was = $this->equations->out->line->handling;
        foreach ($with as $addition) {
            if ($this->equations->handlingOf($addition->ingredient) !== $was) {
                return $was === Handling::Whole
                    ? Sentence::of(
                        'The {out} went in whole and gave about a tenth of what it has. {in} stirred in gives '
                            .'all of it, and cannot be lifted out again: the amount counts that.',
                        [
                            'out' => $this->equations->out->ingredient?->shortName() ?? '',
                            'in' => ucfirst($addition->ingredient->shortName()),
                        ],
                    )
                    : Sentence::of('The {out} was lifted out; {in} stays in.', [
                        'out' => $this->equations->out->ingredient?->shortName() ?? '',
                        'in' => $addition->ingredient->shortName(),
                    ]);
            }
        }

        return null;
    }

    /**
     * @param non-empty-list<Addition> $with
     * @param list<Addition> $added
     */
    private function rewritten(array $with, array $added): Recipe
    {
        $recipe = $this->equations->from->recipe;
        $fresh = $recipe->freshId('w');

        return $recipe->withStages(
            array_map(function (Stage $stage) use ($with, $added, $fresh): Stage {
                $lines = [];
                foreach ($stage->lines as $line) {
                    if ($line->id !== $this->equations->out->line->id) {
                        $lines[] = $line;
                        continue;
                    }
                    foreach ($with as $i => $addition) {
                        // what followed another line follows it still; what was held is held, as much as it takes now
                        $ratio = $addition->grams / max(1e-9, $this->equations->out->grams);
                        $tie = count($with) === 1 && $line->tie !== null
                            ? new Tie($line->tie->line, $line->tie->ratio * $ratio)
                            : null;
                        $lines[] = new Line(
                            $i === 0 ? $line->id : "{$fresh}-{$i}",
                            $addition->ingredient->slug,
                            $tie === null ? $addition->text : null,
                            null,
                            $this->equations->handlingOf($addition->ingredient),
                            $line->extent,
                            tie: $tie,
                            lock: $line->lock,
                            minG: $i === 0 && $line->minG !== null ? $line->minG * $ratio : null,
                            maxG: $i === 0 && $line->maxG !== null ? $line->maxG * $ratio : null,
                            optional: $line->optional,
                            note: $line->note,
                            extra: $line->extra,
                        );
                    }
                }
                foreach ($stage->id === $this->equations->out->stage->id ? $added : [] as $i => $addition) {
                    $lines[] = new Line("{$fresh}-b{$i}", $addition->ingredient->slug, $addition->text);
                }

                return $stage->withLines($lines);
            }, $recipe->stages),
        );
    }

    /**
     * @param array<string, string> $amounts
     * @return list<LineChange>
     */
    private function changes(array $amounts, Evaluation $after): array
    {
        $grams = [];
        foreach ($after->cooked->weighed->lines as $line) {
            $grams[$line->line->id] = $line->grams;
        }
        $changes = [];
        foreach ($this->equations->from->cooked->weighed->lines as $line) {
            $text = $amounts[$line->line->id] ?? null;
            if ($text !== null && $text !== $line->line->amount) {
                $changes[] = new LineChange(
                    $line->line->id,
                    $line->grams,
                    $grams[$line->line->id] ?? 0.0,
                    $text,
                    Sentence::of('makes up for it'),
                );
            }
        }

        return $changes;
    }
}
