<?php

declare(strict_types=1);

namespace Vinculum\Solve\Swap;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Quantity;
use Vinculum\Figure\Sentence;
use Vinculum\Pantry\Aroma;
use Vinculum\Pantry\Form;
use Vinculum\Recipe\WeighedLine;
use Vinculum\Solve\Addition;
use Vinculum\Solve\Feel;
use Vinculum\Taste\Measure;

/** What no amount can mend about a swap, in words: thickness, colour, aroma, and a thing that only sounds right. */
final class Notes
{
    /** Below this share of the strength, a thing brings almost none of a taste. */
    private const ALMOST_NONE = 0.05;

    /** From this share of what there was, an aroma is a part of it; below half of it, it is lost. */
    private const A_PART = 0.2;
    private const LOST = 0.5;

    /** Every taste within so many steps, and smelling alike, is the same sauce. */
    private const SAME_STEPS = 0.2;
    private const SAME_SMELL = 0.75;

    private const CERTAIN = [
        'pure' => 'exactly',
        'assayed' => 'to 3 %',
        'branded' => 'to 10 %: brands differ',
        'produce' => 'to 15 %: no two are alike',
    ];

    /**
     * @param non-empty-list<Addition> $with
     * @param array<string, float> $steps by Feel value
     * @return list<Sentence>
     */
    public static function of(
        Evaluation $before,
        Evaluation $after,
        WeighedLine $out,
        array $with,
        array $steps,
        ?Measure $isFor,
        bool $isAlone,
    ): array {
        $ingredient = $out->ingredient;
        if ($ingredient === null) {
            return [];
        }
        $notes = [];
        $name = implode(
            ' and ',
            array_map(static fn (Addition $addition): string => $addition->ingredient->shortName(), $with),
        );
        if ($isFor !== null) {
            $strength = $isFor->strengthOf($ingredient) ?? 0.0;
            $theirs = max(
                array_map(
                    static fn (Addition $addition): float => $isFor->strengthOf($addition->ingredient) ?? 0.0,
                    $with,
                ),
            );
            if ($strength > 0.0 && $theirs < self::ALMOST_NONE * $strength) {
                $notes[] = Sentence::of('{name} brings almost no {taste}: it only sounds right.', [
                    'name' => ucfirst($name),
                    'taste' => [
                        'sweetness' => 'sweetness',
                        'sourness' => 'sourness',
                        'saltiness' => 'salt',
                        'umami' => 'umami',
                        'heat' => 'heat',
                    ][$isFor->value],
                ]);
            } elseif (
                count($with) === 1
                && $theirs > 0.0
                && $strength > 0.0
                && ($theirs / $strength > 1.15 || $theirs / $strength < 0.87)
            ) {
                $notes[] = Sentence::of('Not one for one: by weight it is {times} times as {taste}.', [
                    'times' => Quantity::number($theirs / $strength, $theirs / $strength < 10 ? 1 : 0),
                    'taste' => [
                        'sweetness' => 'sweet',
                        'sourness' => 'sour',
                        'saltiness' => 'salty',
                        'umami' => 'savoury',
                        'heat' => 'hot',
                    ][$isFor->value],
                ]);
            }
        }
        $smells = self::smells($out, $with);
        $tastes = array_filter(
            Measure::cases(),
            static fn (Measure $measure): bool => abs($steps[Feel::ofMeasure($measure)->value]) > self::SAME_STEPS,
        );
        if (
            $isAlone
            && $tastes === []
            && count($with) === 1
            && $with[0]->ingredient->isBeside($ingredient)
            && Aroma::likeness($ingredient, $with[0]->ingredient) > self::SAME_SMELL
            && $smells === []
        ) {
            $notes[] = Sentence::of('A cosmetic swap: the sauce tastes the same.');
        }
        $was = $before->estimates->thickness();
        $is = $after->estimates->thickness();
        if ($was !== null && $is !== null && $was !== $is) {
            $notes[] = Sentence::of('It {was} now, and then {is}.', ['was' => $was->words(), 'is' => $is->words()]);
        }
        $tints = array_values(
            array_unique(array_map(static fn (Addition $addition): string => $addition->ingredient->tint, $with)),
        );
        if (! in_array($ingredient->tint, $tints, true) && $out->grams > 0.02 * $before->cooked->mixture->mass()) {
            $notes[] = Sentence::of('The colour moves from {from} towards {to}.', [
                'from' => $ingredient->tint,
                'to' => implode(' and ', $tints),
            ]);
        }
        $notes = [...$notes, ...$smells];
        foreach ($with as $addition) {
            $in = $addition->ingredient;
            if (
                $ingredient->form === Form::Paste
                && $ingredient->isFatty()
                && $in->isFatty()
                && in_array($in->form, [Form::Pieces, Form::Powder], true)
            ) {
                $notes[] = Sentence::of('Grind the {name} to a paste first: whole they bind nothing.', [
                    'name' => $in->shortName(),
                ]);
            }
            // what it is easily confused with: crystals of another size, vinegar of another strength
            if ($addition->ingredient->caution !== '') {
                $notes[] = Sentence::of('{name}: {caution}', [
                    'name' => ucfirst($addition->ingredient->shortName()),
                    'caution' => lcfirst($addition->ingredient->caution),
                ]);
            }
        }
        $notes[] = Sentence::of('Its strength is known {how}.', [
            'how' => self::CERTAIN[$with[0]->ingredient->certainty->value],
        ]);

        return $notes;
    }

    /**
     * @param non-empty-list<Addition> $with
     * @return list<Sentence>
     */
    private static function smells(WeighedLine $out, array $with): array
    {
        $had
            = $out->ingredient === null
                ? []
                : array_map(static fn (float $strength): float => $strength * $out->grams, $out->ingredient->aroma);
        $has = [];
        foreach ($with as $addition) {
            foreach ($addition->ingredient->aroma as $aroma => $strength) {
                $has[$aroma] = ($has[$aroma] ?? 0.0) + $strength * $addition->grams;
            }
        }
        $all = max(1e-9, array_sum($had));
        $lost = array_keys(
            array_filter(
                $had,
                static fn (float $strength, string $aroma): bool => $strength > self::A_PART * $all
                    && ($has[$aroma] ?? 0.0) < self::LOST * $strength,
                ARRAY_FILTER_USE_BOTH,
            ),
        );
        $new = array_keys(
            array_filter(
                $has,
                static fn (float $strength, string $aroma): bool => ! isset($had[$aroma])
                    && $strength > self::A_PART * max($all, array_sum($has) * self::A_PART),
                ARRAY_FILTER_USE_BOTH,
            ),
        );
        $names = static fn (string ...$of): string => str_replace('-', ' ', implode(' and ', $of));

        return array_values(
            array_filter([
                $lost === [] ? null : Sentence::of('Loses the smell of {smells}.', ['smells' => $names(...$lost)]),
                $new === [] ? null : Sentence::of('Smells of {smells} instead.', ['smells' => $names(...$new)]),
            ]),
        );
    }
}
