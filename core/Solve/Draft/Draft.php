<?php

declare(strict_types=1);

namespace Vinculum\Solve\Draft;

use Vinculum\Amount\MeasuringSet;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Quantity;
use Vinculum\Figure\Sentence;
use Vinculum\Mixture\Constituent;
use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\Ingredient;
use Vinculum\Recipe\Jotted\JottedText;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\LineWriter;
use Vinculum\Recipe\ProcessKind;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\Stage;
use Vinculum\Recipe\Until;
use Vinculum\Recipe\WeighedLine;
use Vinculum\Recipe\WeighedRecipe;
use Vinculum\Safety\Need;
use Vinculum\Solve\Aims;
use Vinculum\Solve\Rebalance\Policy;
use Vinculum\Solve\Rebalance\Rebalance;
use Vinculum\Solve\Sensible;
use Vinculum\Solve\Swap\Criteria;
use Vinculum\Solve\Swap\FreeOf;
use Vinculum\Taste\Measure;
use Vinculum\Taste\Style;

/**
 * A sound first recipe of a kind: its usual make-up, with what there is in the place of what is usual, freed of what
 * somebody does not eat, scaled to what there is of it, and moved to the style's bands by the same judge as every other
 * answer.
 */
final readonly class Draft
{
    /** Share of a taste from which a line is there for it. */
    private const THERE_FOR = 0.2;

    /** Share of what there is that has to go in for it to be worth no word. */
    private const MOST_OF_IT = 0.6;

    /** How much larger or smaller a batch may become on its way to its bands, ln. */
    private const BLOWN_UP = 0.3;

    /** Per cent of a pot that a draft boils off: less is not worth it, more takes all day. */
    private const LEAST_LOST = 10.0;
    private const MOST_LOST = 55.0;

    /**
     * Grams of what has no usual place, where nobody says how much there is, and at most this part of its highest
     * sensible share: of cloves that is a few; judgement.
     */
    private const BESIDE = 50.0;
    private const OF_MOST = 0.25;

    /** Highest sensible share from which what smells is a herb by the handful, and no spice; judgement. */
    private const HERB = 0.4;

    private const ROLES = ['sweet', 'acid', 'salty', 'hot', 'umami', 'body', 'fat'];

    private const TASTES = [
        'sweetness' => 'sweetness',
        'sourness' => 'sourness',
        'saltiness' => 'salt',
        'umami' => 'depth',
        'heat' => 'heat',
    ];

    /**
     * @param list<array{ingredient: Ingredient, grams: float|null}> $with what it is to be made of; null for as much as
     *     is usual
     * @param list<Need> $needs who it is for
     * @param int $another 0 for the first draft, 1 and 2 for others
     * @param list<string> $without slugs of what of its make-up is left out
     */
    public static function of(
        Style $style,
        string $slug,
        string $note,
        array $with,
        array $needs,
        Catalogue $catalogue,
        Criteria $wishes,
        int $another = 0,
        array $without = [],
    ): Drafted {
        $recipe = JottedText::read("{$style->name}\n\n{$note}", $catalogue, MeasuringSet::Us)[0]->withStyle($slug);
        $main = $catalogue->find($recipe->lines()[0]->ingredient ?? '')->slug ?? '';
        $recipe = $recipe->withStages(array_map(
            static fn (Stage $stage): Stage => $stage->withLines(array_values(array_filter(
                $stage->lines,
                static fn (Line $line): bool => ! in_array($line->ingredient, $without, true),
            ))),
            $recipe->stages,
        ));
        $notes = [];
        $asked = [];
        $sensible = new Sensible(Evaluation::of($recipe, $catalogue, $style));
        foreach ($with as $i => $each) {
            $why = $sensible->whyNot($each['ingredient']);
            if ($why !== null) {
                $notes[] = Sentence::of('No {name} in it. {why}.', [
                    'name' => $each['ingredient']->shortName(),
                    'why' => $why->words(),
                ]);
                unset($with[$i]);
                continue;
            }
            $recipe = self::with($recipe, $each['ingredient'], $each['grams'], $catalogue, $asked, $notes);
            $asked[] = $each['ingredient']->slug;
        }
        $evaluation = Evaluation::of($recipe, $catalogue, $style);
        if ($needs !== []) {
            $freed = FreeOf::of($evaluation, $catalogue, $needs, $wishes);
            $recipe = $freed->recipe;
            $evaluation = $freed->after;
            foreach ($freed->left as $left) {
                $notes[] = $left['why'];
            }
        }
        $evaluation = Evaluation::of(Held::near($recipe, $evaluation, $main), $catalogue, $style);
        $answers = Rebalance::answers(
            $evaluation,
            $catalogue,
            Aims::ofStyle($evaluation, $style),
            Policy::FREELY,
        );
        $answer = $answers[min($another, count($answers) - 1)];
        // what cannot land is better as it is usually made than blown up on the way
        $blownUp = abs(log(max(1e-9, $answer->after->cooked->mixture->mass())
            / max(1e-9, $evaluation->cooked->mixture->mass()))) > self::BLOWN_UP;
        [$final, $recipe] = ! $answer->isReached && $blownUp
            ? [$evaluation, $evaluation->recipe]
            : [$answer->after, $answer->recipe];
        foreach ($with as $each) {
            $in = $final->cooked->weighed->gramsOf($each['ingredient']->slug);
            if ($each['grams'] !== null && $in < self::MOST_OF_IT * $each['grams']) {
                $notes[] = Sentence::of('Only {in} of the {given} {name} go into it.', [
                    'in' => Quantity::mass($in),
                    'given' => Quantity::mass($each['grams']),
                    'name' => $each['ingredient']->shortName(),
                ]);
            }
        }
        foreach ((new Sensible($final))->tooMuch() as $thing) {
            $notes[] = Sentence::of(
                'That is more {name} than anybody puts into a sauce: no more than {most} of it.',
                ['name' => $thing->shortName(), 'most' => Quantity::percent($thing->mostShare)],
            );
        }

        return new Drafted(
            $recipe->withStages(array_map(
                static fn (Stage $stage): Stage => $stage->withLines(array_map(
                    static fn (Line $line): Line => $line->unbound(),
                    $stage->lines,
                )),
                $recipe->stages,
            )),
            $final,
            self::reasons($final),
            $answer->isReached,
            $answer->why,
            $notes,
            count($answers),
        );
    }

    /**
     * What there is, in the place of what it is most like in the make-up; else beside it.
     *
     * @param list<string> $asked slugs of what is in it because it was asked for
     * @param list<Sentence> $notes
     */
    private static function with(
        Recipe $recipe,
        Ingredient $thing,
        ?float $grams,
        Catalogue $catalogue,
        array $asked,
        array &$notes,
    ): Recipe {
        $weighed = WeighedRecipe::of($recipe, $catalogue);
        $place = self::placeFor($weighed, $thing, $asked);
        if ($place === null) {
            $mass = array_sum(array_map(static fn (WeighedLine $line): float => $line->grams, $weighed->lines));
            $usual = min(self::BESIDE, self::OF_MOST * Sensible::room($thing, $mass));
            $line = new Line(
                $recipe->freshId('l'),
                $thing->slug,
                $grams === null
                    ? LineWriter::fresh($usual, $thing, $recipe->kitchenware())
                    : LineWriter::weighed($grams, $recipe->kitchenware()),
            );
            $stages = $recipe->stages;
            $stages[0] = $stages[0]->withLines([...$stages[0]->lines, $line]);
            $notes[] = Sentence::of('There is no usual place for {name} in it: put in beside the rest.', [
                'name' => $thing->shortName(),
            ]);

            return $recipe->withStages($stages);
        }
        $old = $weighed->lines[$place];
        $factor = $grams === null || $old->grams <= 0.0 ? 1.0 : $grams / $old->grams;
        $dry = static fn (?Ingredient $of): float => 1 - ($of->perGram[Constituent::WATER] ?? 0.0);
        // a fresh thing in the place of a paste brings the water the paste was thinned with, and takes less of the rest
        $drier = $place === 0 && $dry($old->ingredient) > 0.0
            ? min(1.0, $dry($thing) / $dry($old->ingredient))
            : 1.0;
        $rest = $factor * $drier;
        $brought = $old->grams * $factor * (1 - $drier);
        $amounts = [];
        foreach ($weighed->lines as $i => $line) {
            if ($line->ingredient?->isPlain('water') === true && $brought > 0.0) {
                $left = max(0.0, $line->grams * $rest - $brought);
                $brought -= $line->grams * $rest - $left;
                $amounts[$line->line->id] = $left < 1.0 ? '' : LineWriter::weighed($left, $recipe->kitchenware());
            } elseif ($line->grams > 0.0) {
                $amounts[$line->line->id] = $i === $place
                    ? LineWriter::weighed($line->grams * $factor, $recipe->kitchenware())
                    // it is made for as much as there is of its main thing
                    : ($place === 0 && $rest !== 1.0
                        ? (LineWriter::ways($line, $rest, $recipe->kitchenware())[0]
                            ?? LineWriter::weighed($line->grams * $rest, $recipe->kitchenware()))
                        : ($line->line->amount ?? ''));
            }
        }
        $stages = array_map(
            static fn (Stage $stage): Stage => $stage->withLines(array_map(
                static fn (Line $line): Line => $line->id === $old->line->id
                    ? new Line($line->id, $thing->slug, $amounts[$line->id] ?? $line->amount, handling: $line->handling)
                    : $line->withAmount($amounts[$line->id] ?? ($line->amount ?? '')),
                array_values(array_filter(
                    $stage->lines,
                    static fn (Line $line): bool => ($amounts[$line->id] ?? null) !== '',
                )),
            )),
            $recipe->stages,
        );

        return self::boiledDown($recipe->withStages($stages), $brought, $catalogue);
    }

    /** What water is too much boils off where it simmers anyway. */
    private static function boiledDown(Recipe $recipe, float $water, Catalogue $catalogue): Recipe
    {
        $mass = 0.0;
        foreach (WeighedRecipe::of($recipe, $catalogue)->lines as $line) {
            $mass += $line->grams;
        }
        $percent = $mass > 0.0 ? min(self::MOST_LOST, round(20 * $water / $mass) * 5) : 0.0;
        $first = $recipe->stages[0]->process;
        $already = $first?->until?->kind === 'loss_percent' ? $first->until->value : 0.0;
        if ($percent < self::LEAST_LOST || $first?->kind !== ProcessKind::Simmer || $first->lid === true) {
            return $recipe;
        }
        // nobody stops at 41 per cent
        $until = new Until('loss_percent', 5 * round(($already + (100 - $already) * $percent / 100) / 5));
        $stages = $recipe->stages;
        $stages[0] = $stages[0]->processed($first->ending(null, $until));

        return $recipe->withStages($stages);
    }

    /**
     * Whose place it takes: its own, the main thing's where both are bodies, or that of what is there for the same;
     * never that of what was asked for too.
     *
     * @param list<string> $asked slugs
     */
    private static function placeFor(WeighedRecipe $weighed, Ingredient $thing, array $asked): ?int
    {
        foreach ($weighed->lines as $i => $line) {
            if ($line->ingredient?->slug === $thing->slug) {
                return $i;
            }
        }
        $lines = array_filter(
            $weighed->lines,
            static fn (WeighedLine $line): bool => ! in_array($line->ingredient->slug ?? '', $asked, true),
        );
        $main = $weighed->lines[0]->ingredient ?? null;
        if (in_array('base', $main->roles ?? [], true) && in_array('base', $thing->roles, true)) {
            // a second body stands beside the first, and never where the vinegar stood
            return isset($lines[0]) ? 0 : null;
        }
        $best = null;
        $most = 0;
        foreach ($lines as $i => $line) {
            $shared = count(array_intersect($line->ingredient->roles ?? [], $thing->roles, self::ROLES));
            $alike = $shared + ($line->ingredient?->isBeside($thing) === true ? 1 : 0);
            if ($shared > 0 && $alike > $most) {
                [$best, $most] = [$i, $alike];
            }
        }

        return $best ?? self::herbLike($lines, $thing);
    }

    /**
     * The fresh herb whose place another takes: nothing there for its smell alone tastes of anything else.
     *
     * @param array<int, WeighedLine> $lines
     */
    private static function herbLike(array $lines, Ingredient $thing): ?int
    {
        if ($thing->roles !== ['aroma'] || $thing->mostShare < self::HERB) {
            return null;
        }
        foreach ($lines as $i => $line) {
            $its = $line->ingredient;
            if ($its?->roles === ['aroma'] && $its->isBeside($thing) && $its->mostShare >= self::HERB) {
                return $i;
            }
        }

        return null;
    }

    /** @return array<string, Sentence> by line id: what each is there for */
    private static function reasons(Evaluation $evaluation): array
    {
        $reasons = [];
        foreach ($evaluation->cooked->weighed->lines as $i => $line) {
            $thing = $line->ingredient;
            if ($thing === null || $line->grams <= 0.0) {
                continue;
            }
            $for = [];
            foreach (Measure::cases() as $measure) {
                $tasted = $evaluation->tasting->measures[$measure->value];
                $value = $tasted->figure->value;
                $share = $value > $measure->threshold() / 2 ? ($tasted->contributions[$i] ?? 0.0) / $value : 0.0;
                if ($share >= self::THERE_FOR) {
                    $for["share{$measure->value}"] = [$share, self::TASTES[$measure->value]];
                }
            }
            $reasons[$line->line->id] = $for === [] ? self::otherwise($thing, $i) : self::brings(array_values($for));
        }

        return $reasons;
    }

    /** @param non-empty-list<array{float, string}> $for */
    private static function brings(array $for): Sentence
    {
        $parts = [];
        $slots = [];
        foreach ($for as $n => [$share, $taste]) {
            $parts[] = "{share{$n}} of its {taste{$n}}";
            $slots["share{$n}"] = Quantity::percent($share);
            $slots["taste{$n}"] = $taste;
        }

        return Sentence::of('brings '.implode(' and ', $parts), $slots);
    }

    private static function otherwise(Ingredient $thing, int $place): Sentence
    {
        return Sentence::of(match (true) {
            $place === 0 => 'what it is made of',
            $thing->isThickener() => 'thickens it',
            $thing->isPlain('water') => 'thins it',
            $thing->isFatty() => 'makes it round',
            in_array('body', $thing->roles, true) => 'gives it body',
            in_array('hot', $thing->roles, true) => 'for a little heat',
            default => 'for its aroma',
        });
    }
}
