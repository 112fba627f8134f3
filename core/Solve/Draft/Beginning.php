<?php

declare(strict_types=1);

namespace Vinculum\Solve\Draft;

use Vinculum\Amount\MeasuringSet;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Pantry\Aroma;
use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\Ingredient;
use Vinculum\Recipe\Jotted\JottedText;
use Vinculum\Solve\Sensible;
use Vinculum\Solve\Swap\Criteria;
use Vinculum\Taste\Measure;
use Vinculum\Taste\Style;

/**
 * What a sauce of a kind can be built on, and what can bring each of its tastes: the usual first, then what else does.
 */
final readonly class Beginning
{
    /** Groups of what grows: one fruit is as good a beginning as another. */
    private const GROWN = ['fruit', 'tomatoes', 'vegetable'];

    /** Tastes, by Measure value, that a sauce can do without; common practice. */
    public const NEEDLESS = ['umami', 'heat'];

    /** As many as anybody reads through. */
    private const MOST_MAINS = 10;
    private const MOST_BRINGERS = 5;

    /** Share of a taste from which a line of the make-up is what usually brings it. */
    private const BRINGS = 0.25;

    /** So many times what is just tasted is much of it in a thing by itself; judgement. */
    private const MUCH_ELSE = 20.0;

    /** How alike two things of a kind smell that nobody chooses between here; judgement. */
    private const TWINS = 0.95;

    /**
     * @param list<array{thing: Ingredient, why: 'usual'|'on hand'|'in season'|''}> $mains what it can be built on
     * @param array<string, list<array{thing: Ingredient, usual: bool}>> $bringers of each taste, by Measure value
     */
    private function __construct(public array $mains, public array $bringers) {}

    public static function of(Style $style, string $note, Catalogue $catalogue, Criteria $wishes): self
    {
        $recipe = JottedText::read("{$style->name}\n\n{$note}", $catalogue, MeasuringSet::Us)[0];
        $makeUp = Evaluation::of($recipe, $catalogue, $style);
        $main = $makeUp->cooked->weighed->lines[0]->ingredient ?? null;

        return new self(
            $main === null ? [] : self::mainsLike($main, $makeUp, $catalogue, $wishes),
            self::bringersOf($makeUp, $catalogue, $wishes),
        );
    }

    /** @return list<array{thing: Ingredient, why: 'usual'|'on hand'|'in season'|''}> */
    private static function mainsLike(
        Ingredient $main,
        Evaluation $makeUp,
        Catalogue $catalogue,
        Criteria $wishes,
    ): array {
        $sensible = new Sensible($makeUp);
        $pool = self::standInsOf($main, $catalogue, $wishes);
        foreach ($main->isOf(...self::GROWN) ? $catalogue->slugs() : [] as $slug) {
            $thing = $catalogue->find($slug);
            $isAtHand = in_array($slug, $wishes->onHand, true) || in_array($slug, $wishes->inSeason, true);
            $isLike = $thing?->isBeside($main) === true && in_array('base', $thing->roles, true);
            if ($thing !== null && $isAtHand && $isLike) {
                $pool[] = $thing;
            }
        }
        $mains = [$main->slug => ['thing' => $main, 'why' => 'usual']];
        foreach ($pool as $thing) {
            $isOnHand = in_array($thing->slug, $wishes->onHand, true);
            $isOut = ! $isOnHand && in_array($thing->slug, $wishes->outOfSeason, true);
            // salt alone stands in for soy where nothing else may, and nobody builds a sauce on it
            if (
                $isOut
                || $sensible->whyNot($thing, $main) !== null
                || ($thing->isPlain('salty') && ! $main->isPlain('salty'))
            ) {
                continue;
            }
            $mains[$thing->slug] ??= [
                'thing' => $thing,
                'why' => match (true) {
                    $isOnHand => 'on hand',
                    in_array($thing->slug, $wishes->inSeason, true) => 'in season',
                    default => '',
                },
            ];
        }
        $order = ['usual' => 0, 'on hand' => 1, 'in season' => 2, '' => 3];
        uasort($mains, static fn (array $a, array $b): int => $order[$a['why']] <=> $order[$b['why']]);

        return array_slice(array_values($mains), 0, self::MOST_MAINS);
    }

    /** @return array<string, list<array{thing: Ingredient, usual: bool}>> by Measure value */
    private static function bringersOf(Evaluation $makeUp, Catalogue $catalogue, Criteria $wishes): array
    {
        $sensible = new Sensible($makeUp);
        $bringers = [];
        foreach (Measure::cases() as $measure) {
            $tasted = $makeUp->tasting->measures[$measure->value];
            $usual = [];
            foreach ($tasted->contributions as $i => $own) {
                $thing = $makeUp->cooked->weighed->lines[$i]->ingredient;
                $isMuch = $tasted->figure->value > $measure->threshold() / 2
                    && $own >= self::BRINGS * $tasted->figure->value;
                $isForIt = in_array($measure->role(), $thing->roles ?? [], true);
                if ($thing !== null && $i > 0 && $isMuch && $isForIt) {
                    $usual[$thing->slug] = $thing;
                }
            }
            $found = array_map(static fn (Ingredient $thing): array => ['thing' => $thing, 'usual' => true], $usual);
            foreach ($usual as $thing) {
                foreach (self::standInsOf($thing, $catalogue, $wishes) as $other) {
                    $isStrong = ($measure->strengthOf($other) ?? 0.0) > 0.0
                        && $sensible->whyNot($other, $thing) === null
                        && ! self::bringsWhatIsNotIn($makeUp, $measure, $other);
                    $twins = array_filter(
                        $found,
                        static fn (array $each): bool => self::areTwins($each['thing'], $other),
                    );
                    if ($isStrong && $twins === [] && count($found) < self::MOST_BRINGERS) {
                        $found[$other->slug] = ['thing' => $other, 'usual' => false];
                    }
                }
            }
            $bringers[$measure->value] = array_values($found);
        }

        return $bringers;
    }

    /** Whether umami or heat comes with it that such a sauce has none of: soy sauce for the salt of a caramel. */
    private static function bringsWhatIsNotIn(Evaluation $makeUp, Measure $for, Ingredient $thing): bool
    {
        foreach (self::NEEDLESS as $name) {
            $measure = Measure::from($name);
            $aim = $makeUp->style?->band($measure)->aim ?? 0.0;
            $much = self::MUCH_ELSE * $measure->threshold();
            if ($measure !== $for && $aim <= 0.0 && ($measure->strengthOf($thing) ?? 0.0) > $much) {
                return true;
            }
        }

        return false;
    }

    /** Fine salt and coarse, sugar and icing sugar: of one kind, and nothing in their smell tells them apart. */
    private static function areTwins(Ingredient $one, Ingredient $other): bool
    {
        return $one->isBeside($other)
            && (($one->aroma === [] && $other->aroma === []) || Aroma::likeness($one, $other) >= self::TWINS);
    }

    /**
     * What a cook takes for a thing, one for one.
     *
     * @return list<Ingredient>
     */
    private static function standInsOf(Ingredient $thing, Catalogue $catalogue, Criteria $wishes): array
    {
        $found = [];
        foreach ($thing->standIns as $tier) {
            foreach ($tier as $together) {
                $other = count($together) === 1 ? $catalogue->find($together[0]) : null;
                if ($other !== null && ! $wishes->ruleOut($other)) {
                    $found[] = $other;
                }
            }
        }

        return $found;
    }
}
