<?php

declare(strict_types=1);

namespace Vinculum\Log;

use Vinculum\Recipe\ProcessKind;
use Vinculum\Recipe\Stage;

/**
 * What differs from one pot to another, however large either was: a batch made twice as large is no other sauce, so
 * amounts are held against what the size of the batch makes of them.
 *
 * @phpstan-import-type Went from AsMade
 */
final readonly class Changes
{
    /** Amounts within so much of each other are alike: exactly, and where a batch was made larger and rounded. */
    private const ALIKE = 0.01;
    private const ALIKE_SCALED = 0.08;

    /** A batch is another size where more than this share of its lines say the same of how much. */
    private const AGREE = 0.5;

    /** One thing stands in place of another of its kind, or of about as much; times. */
    private const AS_MUCH = 1.6;

    /** What is one change on purpose of an amount or a time: half as much again. */
    private const ON_PURPOSE = 1.5;

    /** Percent points boiled off that are one change. */
    private const POINTS = 10.0;

    /**
     * @param float $scale times as much as the other
     * @param list<Change> $all
     */
    private function __construct(public float $scale, public array $all) {}

    public static function between(AsMade $one, AsMade $other): self
    {
        $scale = self::scale($one->went, $other->went);

        return new self($scale, [
            ...self::things($one->went, $other->went, $scale),
            ...self::stages($one->recipe()->stages, $other->recipe()->stages, $scale),
        ]);
    }

    /**
     * How many times as much was made, by most of the lines; 1 where they do not agree.
     *
     * @param array<string, Went> $one
     * @param array<string, Went> $other
     */
    private static function scale(array $one, array $other): float
    {
        $ratios = [];
        foreach (array_intersect_key($other, $one) as $slug => $went) {
            $ratios[] = log($went['grams'] / $one[$slug]['grams']);
        }
        sort($ratios);
        if (count($ratios) < 2) {
            return 1.0;
        }
        $middle = $ratios[intdiv(count($ratios) - 1, 2)];
        $near = static fn (float $of): int => count(
            array_filter($ratios, static fn (float $ratio): bool => abs($ratio - $of) <= self::ALIKE_SCALED / 2),
        );

        // what is written down as it was before speaks for itself
        return $near(0.0) >= $near($middle) || $near($middle) <= self::AGREE * count($ratios) ? 1.0 : exp($middle);
    }

    /**
     * @param array<string, Went> $one
     * @param array<string, Went> $other
     * @return list<Change>
     */
    private static function things(array $one, array $other, float $scale): array
    {
        $isScaled = $scale !== 1.0;
        $changes = [];
        foreach (array_intersect_key($other, $one) as $slug => $went) {
            $ratio = $went['grams'] / ($one[$slug]['grams'] * $scale);
            if (abs($ratio - 1) > ($isScaled ? self::ALIKE_SCALED : self::ALIKE)) {
                $changes[] = new Change(
                    ChangeKind::Amount,
                    "of {$slug}",
                    log($ratio) / log(self::ON_PURPOSE),
                    $went['name'],
                    $went['text'],
                    self::text($one[$slug], $scale),
                );
            }
        }
        $gone = array_diff_key($one, $other);
        foreach (array_diff_key($other, $one) as $slug => $went) {
            $instead = self::inPlaceOf($went, $gone, $scale);
            if ($instead === null) {
                $changes[] = new Change(ChangeKind::Added, "with {$slug}", 1.0, $went['name'], $went['text']);
                continue;
            }
            $was = $gone[$instead];
            unset($gone[$instead]);
            $pair = [$instead, $slug];
            sort($pair);
            $changes[] = new Change(
                ChangeKind::Instead,
                implode(' or ', $pair),
                $pair[0] === $slug ? 1.0 : -1.0,
                $went['name'],
                $went['text'],
                self::text($was, $scale),
                $was['name'],
            );
        }
        foreach ($gone as $slug => $went) {
            $changes[] = new Change(
                ChangeKind::LeftOut,
                "with {$slug}",
                -1.0,
                $went['name'],
                '',
                self::text($went, $scale),
            );
        }

        return $changes;
    }

    /**
     * What a new thing stands in place of: of its own kind first, then of about as much.
     *
     * @param Went $new
     * @param array<string, Went> $gone
     */
    private static function inPlaceOf(array $new, array $gone, float $scale): ?string
    {
        $best = null;
        foreach ($gone as $slug => $old) {
            $times = exp(abs(log($new['grams'] / ($old['grams'] * $scale))));
            $isKin = $new['is'] !== null && $old['is'] !== null && $new['is']->isBeside($old['is']);
            if ($times > ($isKin ? self::AS_MUCH ** 2 : self::AS_MUCH)) {
                continue;
            }
            $off = log($times) - ($isKin ? log(self::AS_MUCH ** 2) : 0.0);
            $best = $best === null || $off < $best[1] ? [$slug, $off] : $best;
        }

        return $best[0] ?? null;
    }

    /** @param Went $went */
    private static function text(array $went, float $scale): string
    {
        return $scale === 1.0 ? $went['text'] : sprintf('%.3g g', $went['grams'] * $scale);
    }

    /**
     * @param list<Stage> $one
     * @param list<Stage> $other
     * @return list<Change>
     */
    private static function stages(array $one, array $other, float $scale): array
    {
        $one = self::doing($one);
        $other = self::doing($other);
        $changes = [];
        foreach (array_intersect_key($other, $one) as $key => $stage) {
            $change = self::process($key, $one[$key], $stage, $scale);
            $changes = $change === null ? $changes : [...$changes, $change];
        }
        foreach (array_diff_key($other, $one) as $key => $stage) {
            $changes[] = new Change(ChangeKind::Done, "doing {$key}", 1.0, self::verb($stage), AsMade::done($stage));
        }
        foreach (array_diff_key($one, $other) as $key => $stage) {
            $was = AsMade::done($stage);
            $changes[] = new Change(ChangeKind::NotDone, "doing {$key}", -1.0, self::verb($stage), '', $was);
        }

        return $changes;
    }

    /**
     * Stages that do something, by what they do: the second simmering is another than the first.
     *
     * @param list<Stage> $stages
     * @return array<string, Stage>
     */
    public static function doing(array $stages): array
    {
        $doing = [];
        foreach ($stages as $stage) {
            if ($stage->process !== null) {
                // a boil and a simmer are one, more or less fierce
                $kind = $stage->process->kind->simmers() ? ProcessKind::Simmer->value : $stage->process->kind->value;
                $key = $kind;
                for ($n = 2; isset($doing[$key]); $n++) {
                    $key = "{$kind} {$n}";
                }
                $doing[$key] = $stage;
            }
        }

        return $doing;
    }

    private static function process(string $key, Stage $one, Stage $other, float $scale): ?Change
    {
        [$was, $is] = [$one->process, $other->process];
        if ($was === null || $is === null || AsMade::done($one) === AsMade::done($other)) {
            return null;
        }
        $size = 1.0;
        if ($was->until !== null && $is->until?->kind === $was->until->kind) {
            $before = $was->until->kind === 'loss_percent' ? $was->until->value : $was->until->value * $scale;
            $size = $was->until->kind === 'loss_percent'
                ? ($is->until->value - $before) / self::POINTS
                : log($before / max(1e-9, $is->until->value)) / log(self::ON_PURPOSE);
            if (abs($is->until->value / max(1e-9, $before) - 1) <= ($scale === 1.0 ? 0.0 : self::ALIKE_SCALED)) {
                return null;
            }
        } elseif ($was->until === null && $is->until === null && ($was->minutes ?? 0.0) > 0.0 && $is->minutes > 0.0) {
            $size = log($is->minutes / $was->minutes) / log(self::ON_PURPOSE);
            // how hot it was, or under a lid
            $size = $size === 0.0 ? 1.0 : $size;
        }

        return new Change(
            ChangeKind::Longer,
            "how {$key}",
            $size,
            self::verb($other),
            implode(', ', array_diff(self::afterVerb($other), self::afterVerb($one))),
            implode(', ', array_diff(self::afterVerb($one), self::afterVerb($other))),
        );
    }

    private static function verb(Stage $stage): string
    {
        return $stage->process->kind->value ?? '';
    }

    /** @return list<string> how hot, how long, how far */
    private static function afterVerb(Stage $stage): array
    {
        return array_slice(explode(', ', AsMade::done($stage)), 1);
    }
}
