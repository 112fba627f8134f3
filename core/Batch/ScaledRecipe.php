<?php

declare(strict_types=1);

namespace Vinculum\Batch;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Sentence;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\WeighedLine;
use Vinculum\Taste\Measure;

/** A recipe for another amount of sauce, in amounts that can be measured, with what the rounding does. */
final readonly class ScaledRecipe
{
    /**
     * @param Evaluation $from as it is written now
     * @param list<ScaledLine> $lines
     * @param array<string, float> $driftSteps by Measure value: what rounding moved, in noticeable steps
     * @param array{
     *     count: int,
     *     volume_ml: float,
     *     fill_ml: float,
     *     full: int,
     *     left_ml: float,
     * }|null $containers null where none were asked for
     * @param list<array{about: string, text: Sentence}> $unscaled what does not go in a line with the rest, and why
     * @param Sentence|null $toWeigh the line to weigh, where spoons cannot hold the balance
     */
    public function __construct(
        public Evaluation $from,
        public float $factor,
        public array $lines,
        public array $driftSteps,
        public Evaluation $evaluation,
        public ?array $containers,
        public Recipe $recipe,
        public array $unscaled = [],
        public ?Sentence $toWeigh = null,
    ) {}

    /** As it is written: nothing is rounded, and nothing moves. */
    public static function asWritten(Evaluation $sauce): self
    {
        return new self(
            $sauce,
            1.0,
            array_map(
                static fn (WeighedLine $line): ScaledLine => new ScaledLine(
                    $line->line->id,
                    $line->grams,
                    $line->grams,
                    $line->line->amount,
                    Sentence::plain(''),
                ),
                $sauce->cooked->weighed->lines,
            ),
            array_fill_keys(array_map(static fn (Measure $measure): string => $measure->value, Measure::cases()), 0.0),
            $sauce,
            null,
            $sauce->recipe,
        );
    }

    /** With one thing more to be said of it. */
    public function saying(string $about, Sentence $text): self
    {
        return new self(
            $this->from,
            $this->factor,
            $this->lines,
            $this->driftSteps,
            $this->evaluation,
            $this->containers,
            $this->recipe,
            [...$this->unscaled, ['about' => $about, 'text' => $text]],
            $this->toWeigh,
        );
    }
}
