<?php

declare(strict_types=1);

namespace Vinculum\Stove;

use Vinculum\Cooking\StageReport;
use Vinculum\Figure\Figure;
use Vinculum\Figure\Sentence;

/** One step of a cook: what to do, with what, how long it usually takes, and what to look for. */
final readonly class Step
{
    /** What is done, in the imperative, by process. */
    public const TITLES = [
        'none' => 'Stir in',
        'fry' => 'Fry',
        'warm' => 'Warm',
        'simmer' => 'Simmer',
        'boil' => 'Boil',
        'roast' => 'Roast',
        'flame' => 'Set alight',
        'grill' => 'Grill',
        'blend' => 'Blend',
        'ferment' => 'Ferment',
        'soak' => 'Soak',
        'rest' => 'Rest',
        'chill' => 'Chill',
    ];

    /**
     * @param string $id the same for the same step of the same recipe
     * @param string $title a word or two
     * @param StageReport|null $stage what the recipe says of this stage; null where it is no stage's
     * @param list<string> $lines ids, in the order that works
     * @param array<string, Sentence> $notes by line id: how it goes in
     * @param list<Sentence> $say what to do
     * @param list<Sentence> $lookFor how to know that it is done, by eye
     * @param Figure $minutes as long as it usually takes
     * @param bool $isHands whether somebody works at it all the while; otherwise the pot does it alone
     * @param 'ring'|'oven'|null $place what it takes up
     * @param bool $isReduction whether it boils down to somewhere
     * @param float $pace how many times as long as usual its minutes are
     */
    public function __construct(
        public string $id,
        public StepKind $kind,
        public string $title,
        public ?StageReport $stage,
        public array $lines,
        public array $notes,
        public array $say,
        public array $lookFor,
        public Figure $minutes,
        public bool $isHands,
        public ?string $place,
        public bool $isReduction = false,
        public float $pace = 1.0,
    ) {}

    /** The same work by hands that take so many times as long as usual; what a pot takes is as it was. */
    public function paced(float $pace): self
    {
        return $pace === 1.0 || ! $this->isHands || $this->kind === StepKind::Heat ? $this : new self(
            $this->id,
            $this->kind,
            $this->title,
            $this->stage,
            $this->lines,
            $this->notes,
            $this->say,
            $this->lookFor,
            new Figure($this->minutes->value * $pace, $this->minutes->spread, 'min'),
            $this->isHands,
            $this->place,
            $this->isReduction,
            $this->pace * $pace,
        );
    }

    /** Whether its lines are ticked off one by one. */
    public function isTicked(): bool
    {
        return in_array($this->kind, [StepKind::Gather, StepKind::Prepare, StepKind::Add], true);
    }

    /** What a tick of one of its lines is written down by: what goes into the pot goes in once. */
    public function tick(string $line): string
    {
        return $this->kind === StepKind::Add ? $line : "{$this->id}:{$line}";
    }
}
