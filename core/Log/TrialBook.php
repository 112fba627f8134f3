<?php

declare(strict_types=1);

namespace Vinculum\Log;

/**
 * All the tries of one sauce: what was made otherwise from one to another, what that moved, and which is liked best.
 *
 * A liking of one sauce is a normal draw about what it is worth, and what sauces are worth is spread about their own
 * mean; so each is a normal posterior (any textbook on the normal model with known variance), and how sure the best is
 * the best is the chance that it beats the one that comes next.
 */
final readonly class TrialBook
{
    /** Earlier tries that one may have been made from: the latest of them. */
    private const LOOKED_BACK = 40;

    /** How sure it has to be that one try is the best before it is said; judgement. */
    public const LIKELY = 0.75;

    /** Standard deviation of one liking about what a sauce is worth, points of nine; judgement. */
    private const LIKED = 1.2;

    /** And of what the tries of one sauce are worth among each other; judgement. */
    private const AMONG = 1.5;

    /**
     * @param list<Attempt> $tries the oldest first
     * @param list<int|null> $from which earlier one each is nearest to; null for the first
     * @param list<list<Change>> $changes from that one
     * @param list<float> $scales times as much as that one
     * @param list<array<string, float>> $steps from the first to each, by Measure value
     * @param list<Effect> $effects
     * @param int|null $best which is liked best; null where fewer than two were tasted
     * @param float $sureness that it is, 0.5 to 1
     */
    private function __construct(
        public array $tries,
        public array $from,
        public array $changes,
        public array $scales,
        public array $steps,
        public array $effects,
        public ?int $best,
        public float $sureness,
    ) {}

    /**
     * @param non-empty-list<Attempt> $tries the oldest first
     * @param string|null $taster whose likings count; everybody's where null
     */
    public static function of(array $tries, ?string $taster = null): self
    {
        $from = $changes = $scales = $moves = [];
        $likings = array_map(static fn (Attempt $try): array => $taster === null
            ? $try->likings()
            : array_intersect_key($try->likings(), [$taster => true]), $tries);
        foreach ($tries as $i => $try) {
            [$nearest, $between] = self::nearest($tries, $i);
            $from[] = $nearest;
            $changes[] = $between->all ?? [];
            $scales[] = $between->scale ?? 1.0;
            $moves[] = ['from' => $nearest, 'changes' => $between->all ?? [], 'likings' => $likings[$i]];
        }
        [$best, $sureness] = self::best(
            array_map(static fn (array $said): array => array_merge(...array_values($said)), $likings),
        );

        return new self(
            $tries,
            $from,
            $changes,
            $scales,
            array_map(static fn (Attempt $try): array => Beside::steps(
                $tries[0]->made->evaluation,
                $try->made->evaluation,
            ), $tries),
            Effects::of($moves),
            $best,
            $sureness,
        );
    }

    /** The try that the next is made from: the best, where it is likely the best, else the last that was tasted. */
    public function toGoOnFrom(): int
    {
        if ($this->best !== null && $this->sureness >= self::LIKELY) {
            return $this->best;
        }
        foreach (array_reverse(array_keys($this->tries)) as $i) {
            if ($this->tries[$i]->notes !== []) {
                return $i;
            }
        }

        return count($this->tries) - 1;
    }

    /**
     * The earlier try with the fewest things made otherwise; of several the latest.
     *
     * @param list<Attempt> $tries
     * @return array{int|null, Changes|null}
     */
    private static function nearest(array $tries, int $i): array
    {
        [$nearest, $fewest] = [null, null];
        for ($j = $i - 1; $j >= max(0, $i - self::LOOKED_BACK); $j--) {
            $between = Changes::between($tries[$j]->made, $tries[$i]->made);
            if ($fewest === null || count($between->all) < count($fewest->all)) {
                [$nearest, $fewest] = [$j, $between];
            }
        }

        return [$nearest, $fewest];
    }

    /**
     * @param list<list<int>> $likings
     * @return array{int|null, float}
     */
    private static function best(array $likings): array
    {
        $said = array_filter($likings, static fn (array $of): bool => $of !== []);
        if (count($said) < 2) {
            return [null, 0.5];
        }
        $all = array_merge(...array_values($said));
        $middle = array_sum($all) / count($all);
        $worth = [];
        foreach ($said as $i => $of) {
            $variance = 1 / (1 / self::AMONG ** 2 + count($of) / self::LIKED ** 2);
            $worth[$i] = [$variance * ($middle / self::AMONG ** 2 + array_sum($of) / self::LIKED ** 2), $variance];
        }
        uasort($worth, static fn (array $one, array $other): int => $other[0] <=> $one[0]);
        [[$first, $spread], [$next, $nextSpread]] = array_values($worth);

        return [array_key_first($worth), Normal::below(($first - $next) / sqrt($spread + $nextSpread))];
    }
}
