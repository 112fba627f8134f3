<?php

declare(strict_types=1);

namespace Vinculum\Solve\Rescue;

use Vinculum\Amount\MeasuringSet;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Sentence;
use Vinculum\Mixture\Constituent;
use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\Ingredient;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\Process;
use Vinculum\Recipe\ProcessKind;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\Stage;
use Vinculum\Solve\Addition;
use Vinculum\Solve\Feel;
use Vinculum\Taste\Measure;
use Vinculum\Taste\Style;

/**
 * A pot nobody wrote a recipe for: what kind of sauce it is, how much there is of it, and what the spoon says. It is
 * taken for the middle of its kind, made of plain things, and mended; and taken for either edge of its kind as well, so
 * that the answer is as wide as what is known. The smaller amount is where to begin.
 */
final class NamelessPot
{
    /** What a taste is made of where nothing else is known: the plain thing for it. */
    private const MADE_OF = [
        'sweetness' => 'sweet',
        'sourness' => 'sour',
        'saltiness' => 'salty',
        'umami' => 'umami',
        'heat' => 'hot',
    ];

    /** How often the amounts are corrected. */
    private const ROUNDS = 8;

    /** Shares of the way to the edges of its bands that a pot of a kind is taken to be within. */
    private const EDGES = [-1.0, 1.0];

    /** Steps from which another taste is thrown out, and by how much more than what is mended; judgement. */
    private const THROWN = 2.5;
    private const THROWN_BESIDE = 0.5;

    /** Things that are a few. */
    private const FEW = 3;

    /** What a pot may grow by. */
    private const GROWS = 0.6;

    /** Share of a pot that shows in its thickness when it is water; judgement. */
    private const THINS = 0.08;

    /** As many ways as are offered. */
    private const SHOWN = 4;

    /**
     * @param array<string, float> $feels steps by Feel value, positive is too much, none of them 0
     * @param list<Ingredient> $have
     * @param bool $isCooked whether it is cooked, so that it may boil again
     *
     * @return list<array{
     *     remedy: Remedy,
     *     least: list<float>,
     *     most: list<float>,
     *     note: Sentence,
     * }> grams of each addition, least and most, and what to mind
     */
    public static function mended(
        Style $style,
        float $grams,
        array $feels,
        array $have,
        Catalogue $catalogue,
        MeasuringSet $measures,
        bool $isCooked,
    ): array {
        $at = static fn (float $edge): Evaluation => self::pot($style, $grams, $catalogue, $measures, $isCooked, $edge);
        $found = [];
        $middle = array_values(array_filter(
            Rescue::of($at(0.0), $catalogue, $feels, $have, new PotState($grams, isNameless: true))->remedies,
            static fn (Remedy $remedy): bool => self::isPlain($remedy, $feels),
        ));
        $edges = array_map($at, self::EDGES);
        foreach (array_slice($middle, 0, self::SHOWN) as $remedy) {
            $things = [];
            $least = [];
            foreach ($remedy->additions as $addition) {
                $things[] = $addition->ingredient;
                $least[] = $addition->grams;
            }
            $most = $least;
            foreach ($edges as $edge) {
                $there = self::withThese(
                    Rescue::of($edge, $catalogue, $feels, $things, new PotState($grams, isNameless: true))->remedies,
                    $things,
                );
                foreach ($there as $i => $each) {
                    $least[$i] = min($least[$i], $each);
                    $most[$i] = max($most[$i], $each);
                }
            }
            $found[] = [
                'remedy' => $remedy,
                'least' => array_values($least),
                'most' => array_values($most),
                'note' => Sentence::together([...self::thinner($remedy, $isCooked), $remedy->note]),
            ];
        }

        return $found;
    }

    /**
     * Where nothing could be weighed out: what a cook does by the spoon. How thick or rich it is, nobody wrote down.
     *
     * @param array<string, float> $feels steps by Feel value, positive is too much
     */
    public static function nothing(array $feels): Sentence
    {
        $isTooMuch = static fn (Feel $feel): bool => ($feels[$feel->value] ?? 0.0) > 0.0;
        $said = [];
        if ($isTooMuch(Feel::Thick)) {
            $said[] = Sentence::of(
                'How thick it is cannot be told without its lines: stir in water, or stock or milk where it is made of '
                    .'that, a spoonful at a time, until it runs as it should.',
            );
        }
        if ($isTooMuch(Feel::Rich)) {
            $said[] = Sentence::of(
                'How rich it is cannot be told without its lines: a few drops of lemon or vinegar at a time cut it, or '
                    .'more of all the rest.',
            );
        }
        if ($isTooMuch(Feel::Hot)) {
            $said[] = Sentence::of(
                'Heat goes with more of the sauce alone: make as much again without the chilli and mix the two, or eat '
                    .'it with yoghurt or cream.',
            );
        }

        return $said === [] ? Writer::nothingHelps($feels) : Sentence::together($said);
    }

    /**
     * Of thickness nothing is known without a recipe, but that water takes it away.
     *
     * @return list<Sentence>
     */
    private static function thinner(Remedy $remedy, bool $isCooked): array
    {
        $water = 0.0;
        foreach ($remedy->additions as $addition) {
            $water += $addition->grams * $addition->ingredient->perGram[Constituent::WATER];
        }

        return match (true) {
            $water < self::THINS * $remedy->potAfter => [],
            $isCooked => [Sentence::of(
                'It will be thinner: thicken it, if it must be thick. Boiled down, it would be as strong again.',
            )],
            default => [Sentence::of('It will be thinner.')],
        };
    }

    /**
     * A sauce of a kind, of plain things.
     *
     * @param float $edge −1 for the low ends of its bands, 0 for its aims, 1 for the high ends
     */
    public static function pot(
        Style $style,
        float $grams,
        Catalogue $catalogue,
        MeasuringSet $measures,
        bool $isCooked,
        float $edge,
    ): Evaluation {
        $aims = [];
        $amounts = [];
        foreach (Measure::cases() as $measure) {
            $band = $style->band($measure);
            $thing = $catalogue->plainFor(self::MADE_OF[$measure->value]);
            $strength = $thing === null ? 0.0 : $measure->strengthOf($thing) ?? 0.0;
            if ($band === null || $thing === null || $strength <= 0.0) {
                continue;
            }
            $aim = $edge < 0.0
                ? $band->aim + $edge * ($band->aim - $band->low)
                : $band->aim + $edge * ($band->high - $band->aim);
            if ($aim > 0.0) {
                $aims[$measure->value] = [$measure, $thing, $aim];
                $amounts[$measure->value] = ($grams * $aim) / $strength;
            }
        }
        // acid is weaker beside acid, and savour stronger beside savour: a few rounds settle it
        for ($round = 0; ; $round++) {
            $evaluation = Evaluation::of(
                self::written($aims, $amounts, $style->base, $grams, $catalogue, $measures, $isCooked),
                $catalogue,
                $style,
            );
            if ($round === self::ROUNDS) {
                return $evaluation;
            }
            foreach ($aims as $name => [$measure, , $aim]) {
                $is = $evaluation->tasting->value($measure);
                $amounts[$name] = ($amounts[$name] ?? 0.0) * ($is > 0.0 ? $aim / $is : 1.0);
            }
        }
    }

    /**
     * @param array<string, array{Measure, Ingredient, float}> $aims
     * @param array<string, float> $amounts grams
     * @param array{ingredient: string, share: float|int}|null $base
     */
    private static function written(
        array $aims,
        array $amounts,
        ?array $base,
        float $grams,
        Catalogue $catalogue,
        MeasuringSet $measures,
        bool $isCooked,
    ): Recipe {
        $lines = [];
        foreach ($aims as $name => [, $thing]) {
            $lines[] = new Line("l-{$name}", $thing->slug, sprintf('%.4f g', max(0.001, $amounts[$name])));
        }
        $rest = max(0.0, $grams - array_sum($amounts));
        $ofBase = $base === null ? 0.0 : min($rest, $grams * $base['share']);
        $water = $catalogue->plainFor('water');
        foreach ([[$base['ingredient'] ?? '', $ofBase], [$water->slug ?? '', $rest - $ofBase]] as [$slug, $mass]) {
            if ($slug !== '' && $mass > 0.0) {
                $lines[] = new Line("l-{$slug}", $slug, sprintf('%.4f g', $mass));
            }
        }
        $process = $isCooked ? new Process(ProcessKind::Simmer, minutes: 1.0, lid: true) : null;

        return new Recipe('A pot', null, $measures, null, [], [new Stage('s1', '', $lines, $process)]);
    }

    /**
     * A few plain things, not another pot of them, and nothing else thrown out further than what is mended: of the
     * tastes, that is, since of thickness and fat nothing is known.
     *
     * @param array<string, float> $feels
     */
    private static function isPlain(Remedy $remedy, array $feels): bool
    {
        // what is short of something takes it, whatever is thinned by it; what has too much is no better for a
        // worse fault
        $tooMuch = max([...array_values($feels), 0.0]);
        $thrown = $tooMuch > 0.0 ? min(self::THROWN, $tooMuch + self::THROWN_BESIDE) : self::THROWN;
        foreach (Feel::cases() as $feel) {
            $isHeld = $feel->measure() !== null && ! isset($feels[$feel->value]);
            if ($isHeld && abs($remedy->steps[$feel->value]) > $thrown) {
                return false;
            }
        }

        return count($remedy->additions) <= self::FEW && $remedy->growth() <= self::GROWS;
    }

    /**
     * Grams of these, in their order, in the first remedy that takes just these; none where none does.
     *
     * @param list<Remedy> $remedies
     * @param list<Ingredient> $things
     *
     * @return list<float>
     */
    private static function withThese(array $remedies, array $things): array
    {
        foreach ($remedies as $remedy) {
            $grams = [];
            foreach ($remedy->additions as $addition) {
                $grams[$addition->ingredient->slug] = $addition->grams;
            }
            $found = array_map(static fn (Ingredient $thing): ?float => $grams[$thing->slug] ?? null, $things);
            if (count($grams) === count($things) && ! in_array(null, $found, true)) {
                return array_values(array_filter($found, static fn (?float $each): bool => $each !== null));
            }
        }

        return [];
    }
}
