<?php

declare(strict_types=1);

namespace Vinculum\Log;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Taste\Measure;

/**
 * A few trials of one sauce in one table: what was done otherwise from one to the next, and which was liked best.
 *
 * A liking of one sauce is a normal draw about what it is worth, and what sauces are worth is spread about their own
 * mean; so each is a normal posterior (any textbook on the normal model with known variance), and how sure the best is
 * the best is the chance that it beats the one that comes next.
 */
final readonly class Trials
{
    /** Batches in one table. */
    public const MOST = 4;

    /** Standard deviation of one liking about what a sauce is worth, points of nine; judgement. */
    private const LIKED = 1.2;

    /** And of what the trials of one sauce are worth among each other; judgement. */
    private const AMONG = 1.5;

    /**
     * @param list<array{name: string, amounts: list<string>}> $lines that differ anywhere
     * @param list<array{name: string, amounts: list<string>}> $stages that are done otherwise anywhere
     * @param array<string, list<float>> $steps from the first to each, by Measure value
     * @param list<float|null> $likings the mean of each; null where nobody said
     * @param int|null $best which is liked best; null where fewer than two were tasted
     * @param float $sureness that it is, 0.5 to 1
     */
    private function __construct(
        public array $lines,
        public array $stages,
        public array $steps,
        public array $likings,
        public ?int $best,
        public float $sureness,
    ) {}

    /**
     * @param non-empty-list<Evaluation> $made
     * @param list<list<int>> $likings what was said of each, 1 to 9
     */
    public static function of(array $made, array $likings): self
    {
        $steps = [];
        foreach (Measure::cases() as $measure) {
            $steps[$measure->value] = array_map(
                static fn (Evaluation $each): float => $measure->steps(
                    $made[0]->tasting->value($measure),
                    $each->tasting->value($measure),
                ),
                $made,
            );
        }
        $besides = array_map(static fn (Evaluation $each): Beside => Beside::of($made[0], $each), $made);
        [$best, $sureness] = self::best($likings);

        return new self(
            self::table(array_map(static fn (Beside $beside): array => $beside->lines, $besides)),
            self::table(array_map(static fn (Beside $beside): array => $beside->stages, $besides)),
            $steps,
            array_map(
                static fn (array $said): ?float => $said === [] ? null : array_sum($said) / count($said),
                $likings,
            ),
            $best,
            $sureness,
        );
    }

    /**
     * What differs from the first anywhere, with what it is in each.
     *
     * @param list<list<array{name: string, one: string, other: string}>> $differ from the first, for each
     * @return list<array{name: string, amounts: list<string>}>
     */
    private static function table(array $differ): array
    {
        $rows = [];
        foreach ($differ as $i => $rowsOfOne) {
            foreach ($rowsOfOne as $row) {
                $rows[$row['name']] ??= array_fill(0, count($differ), $row['one']);
                $rows[$row['name']][$i] = $row['other'];
            }
        }

        return array_map(
            static fn (string $name, array $amounts): array => ['name' => $name, 'amounts' => $amounts],
            array_keys($rows),
            $rows,
        );
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
