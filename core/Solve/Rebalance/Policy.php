<?php

declare(strict_types=1);

namespace Vinculum\Solve\Rebalance;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Recipe\WeighedLine;
use Vinculum\Solve\Aims;
use Vinculum\Solve\Character;
use Vinculum\Solve\Role;
use Vinculum\Solve\Sensible;
use Vinculum\Taste\Measure;

/** Which lines may move, how far, and what it costs: what makes a sauce itself moves last and least. */
final readonly class Policy
{
    /**
     * ln of how far a line may move unasked: what somebody wrote to nearly a half or twice of it, so that it is no
     * further once it stands in spoons; judgement.
     */
    public const WRITTEN = [-0.64, 0.64];

    /**
     * ... and what is only drafted, or brings much of a taste that was asked for, to a fiftieth or eight times;
     * judgement.
     */
    public const FREELY = [-3.9, 2.08];

    /** ln of how far what names a sauce or is its body moves, unasked. */
    private const ITSELF = [-0.405, 0.405];

    /** What a move costs, squared, by the role of its line; judgement. */
    private const COSTS = ['seasoning' => 1.0, 'part' => 3.0, 'body' => 6.0, 'accent' => 8.0, 'names-it' => 12.0];

    /** ... and as it then is written. */
    private const AS_WRITTEN = M_LN2;

    /** Much of a taste, in parts of it; judgement. */
    private const BRINGS_IT = 0.25;

    /** At most so many lines move: the ones that matter most. */
    private const MOST_LINES = 33;

    /** Of a move, that is no matter. */
    private const HAIR = 1e-6;

    private Sensible $sensible;

    private Character $character;

    /**
     * @param array{float, float} $reach ln of the least and the most of what a line was, where it has no other bound
     */
    public function __construct(private Evaluation $from, private Aims $aims, private array $reach = self::WRITTEN)
    {
        $this->sensible = new Sensible($from);
        $this->character = new Character($from);
    }

    /**
     * How far each deciding line may move. One that something locked follows may not.
     *
     * @return array<int, array{float, float}>
     */
    public function bounds(): array
    {
        $bounds = [];
        $locked = [];
        $movesHeat = $this->aims->steps(Measure::Heat, $this->from->tasting->value(Measure::Heat)) !== 0.0;
        foreach ($this->from->cooked->weighed->lines as $line) {
            if (
                $line->grams <= 0.0
                || $line->ingredient === null
                || ! isset($this->from->cooked->tangents[$line->source])
            ) {
                continue;
            }
            $bounds[$line->source] ??= $this->reach($line);
            if ($line->line->lock || ! $this->sensible->isLever($line->ingredient, $movesHeat)) {
                $locked[$line->source] = true;
            }
            // less than a spoon measures is nothing
            $least = log($line->ingredient->leastMeasured() / $line->grams);
            $bounds[$line->source][0] = min(0.0, max($bounds[$line->source][0], $least));
            if ($line->line->minG !== null) {
                $bounds[$line->source][0] = max(
                    $bounds[$line->source][0],
                    $line->line->minG > 0.0 ? log($line->line->minG / $line->grams) : self::FREELY[0],
                );
            }
            // never past what anyone would put in, though what is in already may stay
            $room = log(Sensible::room($line->ingredient, $this->from->cooked->mixture->mass()) / $line->grams);
            $bounds[$line->source][1] = min($bounds[$line->source][1], max(0.0, $room));
            if ($line->line->maxG !== null && $line->line->maxG > 0.0) {
                $bounds[$line->source][1] = min($bounds[$line->source][1], log($line->line->maxG / $line->grams));
            }
        }
        $bounds = array_filter(
            array_diff_key($bounds, $locked),
            static fn (array $each): bool => $each[0] <= $each[1],
        );
        if (count($bounds) > self::MOST_LINES) {
            $leverage = array_map(
                fn (int $source): float => Equations::leverage($this->from, $source),
                array_combine(array_keys($bounds), array_keys($bounds)),
            );
            arsort($leverage);
            $bounds = array_intersect_key($bounds, array_slice($leverage, 0, self::MOST_LINES, true));
        }

        return $bounds;
    }

    /** @return array{float, float} ln of the least and the most that a line may be of what it was */
    private function reach(WeighedLine $line): array
    {
        foreach ($this->aims->asked as $measure) {
            $tasted = $this->from->tasting->measures[$measure];
            $brings = 0.0;
            foreach ($this->from->cooked->weighed->lines as $i => $other) {
                $brings += $other->source === $line->source ? $tasted->contributions[$i] ?? 0.0 : 0.0;
            }
            if ($brings > 0.0 && $brings >= self::BRINGS_IT * $tasted->figure->value) {
                return self::FREELY;
            }
        }

        return match (true) {
            $this->reach !== self::WRITTEN => $this->reach,
            $this->character->isItself($line->source) => self::ITSELF,
            // what is strong never rises for a taste that is not its own
            ($this->character->roles[$line->source] ?? null) === Role::Accent => [self::WRITTEN[0], 0.0],
            default => self::WRITTEN,
        };
    }

    /** What a move of a line weighs. */
    public function cost(int $source): float
    {
        return sqrt(self::COSTS[($this->character->roles[$source] ?? Role::Part)->value]);
    }

    /** Whether an amount as it would be written is no further from what it was than a line may move. */
    public function isWithinReach(WeighedLine $line, float $grams): bool
    {
        $move = abs(log(max($grams, 1e-12) / $line->grams));

        return $grams <= 0.0 || $this->reach($line) === self::FREELY || $move <= self::AS_WRITTEN + self::HAIR;
    }
}
