<?php

declare(strict_types=1);

namespace Vinculum\Solve\Rescue;

use Vinculum\Solve\Feel;

/** Which remedy comes first: what lands, and disturbs least, with fewest things and least mass. */
final readonly class Ranking
{
    private const OF_A_KIND = 2;
    /** A named taste lands where it is within so many steps of where it should be. */
    public const LANDS = 0.35;
    /** Steps that what is only held may move without being noticed. */
    private const QUIET = 0.5;
    /** The same where salt, sugar or vinegar goes in to taste, and is tasted again; judgement. */
    private const QUIET_TO_SEASON = 1.5;
    /** Where something is noticed anyway, one thing more has to save so many steps. */
    private const A_THING = 0.25;
    /** Growth that comes first, in parts of the pot; judgement, and what writing it down in spoons may add. */
    private const A_THIRD_MORE = 0.4;
    /** Boiling takes a while: as good as a tenth more in the pot. */
    private const TIME = 0.1;
    /** What is not in the sauce counts as more than one thing, and what is akin to nothing in it as more still. */
    private const COUNTS_AS = [1.25, 1.05, 1.0];
    /** What leaves more than this share of what is wrong is no remedy. */
    private const HELPS = 0.7;
    /** The same where several things are wrong, and one of them may be all that can be mended. */
    private const HELPS_ONE = 0.85;
    /**
     * What leaves more than this share of it only hides it: no pot is less salt for a spoon of sugar, though lemon cuts
     * what is sweet or rich; judgement.
     */
    private const ONLY_HIDES = 0.9;

    /** A step sweeter counts as so much of one where it was sharp; judgement. */
    private const FOR_THE_SHARP = 0.5;

    public function __construct(private Equations $equations) {}

    /**
     * What comes first: that it lands, then that nothing else is noticed, then few things, then little mass; where
     * something is noticed, that all of it together is little for the things it takes.
     *
     * @param array<string, float> $steps left
     * @param array<string, float> $grams of what it takes, by slug; '' for boiling off
     * @return list<float|int>
     */
    public function rank(array $steps, array $grams): array
    {
        $mass = array_sum($grams) - 2 * ($grams[''] ?? 0.0);
        $miss = $this->miss($steps);
        $moved = 0.0;
        $disturbed = 0.0;
        foreach ($steps as $feel => $left) {
            if (! isset($this->equations->feels[$feel])) {
                $each = abs($left) * min(1.0, Feel::from($feel)->held() + 0.3);
                $moved = max($moved, $each);
                $disturbed += $each ** 2;
            }
        }
        $growth = abs($mass) / $this->equations->pot->mass;
        $boils = isset($grams['']);
        // boiling is more work than a spoon, and moves everything
        $count = $boils ? 1 : 0;
        foreach (array_keys($grams) as $slug) {
            $count += self::COUNTS_AS[$this->equations->nearness((string) $slug)];
        }
        $isQuiet = $moved <= ($this->equations->isOnlyToSeason() ? self::QUIET_TO_SEASON : self::QUIET);

        return [
            // more of a pot than a third more is an offer, and no first answer
            $growth > self::A_THIRD_MORE * $this->equations->concentrates() ? 1 : 0,
            $miss <= self::LANDS ? 0 : (int) ceil(2 * $miss),
            $isQuiet ? 0 : 1,
            $isQuiet ? $count : sqrt($disturbed) + self::A_THING * $count + $growth,
            // half a step of what is disturbed weighs as much as a tenth of the pot
            $growth + 0.2 * $moved + ($boils ? self::TIME : 0.0),
        ];
    }

    /**
     * Steps that the named taste furthest out is left with, as it is tasted: one taste hides some of another.
     *
     * @param array<string, float> $steps left
     */
    public function miss(array $steps): float
    {
        return max(0.0, ...array_map(
            fn (string $named): float => abs($this->tasted($named, $steps)),
            array_keys($this->equations->feels),
        ));
    }

    /** @param array<string, float> $steps left */
    private function tasted(string $named, array $steps): float
    {
        $feel = Feel::from($named);
        $hides = $this->equations->hides($feel);

        return $hides === null
            ? $steps[$named]
            : $steps[$named] - $this->equations->hidden($feel) * $this->equations->moreOf($hides, $steps);
    }

    /**
     * Steps by which what is sweet, sour or salt is too much of, though nobody said so: what mends one taste and ruins
     * another is taken less of.
     *
     * @param array<string, float> $steps left
     */
    public function thrown(array $steps): float
    {
        $isSharp = ($this->equations->feels[Feel::Sour->value] ?? 0.0) > 0.0;

        return max(0.0, ...array_map(
            fn (Feel $feel): float => match (true) {
                isset($this->equations->feels[$feel->value]) => 0.0,
                // sugar is for what is sharp
                $isSharp && $feel === Feel::Sweet => self::FOR_THE_SHARP * $steps[$feel->value],
                default => $steps[$feel->value],
            },
            [Feel::Sweet, Feel::Sour, Feel::Salty],
        ));
    }

    /**
     * Whether it takes away a good part of what is wrong.
     *
     * @param array<string, float> $steps left
     * @param bool $isMore a batch more, which is no small thing, has to mend all of it
     */
    public function helps(array $steps, bool $isMore = false): bool
    {
        $before = 0.0;
        $after = 0.0;
        $tasted = 0.0;
        foreach (array_keys($this->equations->feels) as $feel) {
            $before += $this->equations->left($this->equations->pot)[$feel] ** 2;
            $after += Equations::isCut(Feel::from($feel)) ? 0.0 : $steps[$feel] ** 2;
            $tasted += $this->tasted($feel, $steps) ** 2;
        }

        $most = count($this->equations->feels) > 1 && ! $isMore ? self::HELPS_ONE : self::HELPS;

        return $tasted <= $most ** 2 * $before && $after <= self::ONLY_HIDES ** 2 * $before;
    }

    /**
     * Best first, without what only adds something to a better one and does no better.
     *
     * @template T of array{slugs: list<string>, rank: list<float|int>, ...}
     *
     * @param list<T> $found
     * @return list<T>
     */
    public static function news(array $found): array
    {
        usort($found, static fn (array $a, array $b): int => $a['rank'] <=> $b['rank']);
        $news = [];
        foreach ($found as $each) {
            $isOld = $each['slugs'] === [];
            foreach ($news as $better) {
                $isOld
                    = $isOld
                    || (array_diff($better['slugs'], $each['slugs']) === []
                        && array_slice($better['rank'], 0, 4) <= array_slice($each['rank'], 0, 4));
            }
            if (! $isOld) {
                $news[] = $each;
            }
        }

        return $news;
    }

    /**
     * Best first, and no more than two that take the same kinds of things: honey and lime, sugar and lemon.
     *
     * @template T of array{slugs: list<string>, ...}
     *
     * @param list<T> $found
     * @return list<T>
     */
    public function ofEachKind(array $found): array
    {
        $seen = [];

        return array_values(
            array_filter($found, function (array $each) use (&$seen): bool {
                $kinds = array_map(
                    fn (string $slug): string => $slug === ''
                        ? ''
                        : $this->equations->thing($slug)->shelf(),
                    $each['slugs'],
                );
                sort($kinds);
                $kind = implode(' + ', $kinds);
                $seen[$kind] = ($seen[$kind] ?? 0) + 1;

                return $seen[$kind] <= self::OF_A_KIND;
            }),
        );
    }
}
