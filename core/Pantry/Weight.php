<?php

declare(strict_types=1);

namespace Vinculum\Pantry;

use Vinculum\Amount\Amount;
use Vinculum\Amount\AmountTerm;
use Vinculum\Amount\Dimension;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Amount\Spread;
use Vinculum\Amount\Unit;
use Vinculum\Amount\Units;
use Vinculum\Amount\UnreadableAmount;

/**
 * An amount of one ingredient in grams, with how far off it may be.
 */
final readonly class Weight
{
    /** A line of a home recipe is at most this, g. */
    private const MOST_GRAMS = 100_000.0;

    /**
     * @param float $grams 0 or more
     * @param float $spread half-width in ln(grams) of the four-in-five interval
     * @param float $parts how many parts, where the amount is in parts and grams are not yet known; else 0
     */
    private function __construct(public float $grams, public float $spread, public float $parts = 0.0) {}

    /**
     * @param float $scaleStep what the scale shows at the finest, g; the text may show finer
     *
     * @throws UnreadableAmount where the unit means nothing for this ingredient
     */
    public static function of(
        Amount $amount,
        Ingredient $ingredient,
        ?string $prep = null,
        float $scaleStep = Spread::SCALE_STEP_G,
    ): self {
        $grams = 0.0;
        $parts = 0.0;
        $variance = 0.0;
        foreach ($amount->terms as $term) {
            [$mass, $spread, $part] = self::term($term, $ingredient, $prep, $scaleStep);
            $mass *= $amount->factor;
            $grams += $mass;
            $parts += $part;
            $variance += ($mass * Spread::combine($spread, $term->number->spread())) ** 2;
        }
        if ($grams > self::MOST_GRAMS) {
            throw UnreadableAmount::outOfRange($amount->text);
        }
        $spread = match (true) {
            $parts > 0.0 => Spread::PART,
            $grams > 0.0 => sqrt($variance) / $grams,
            default => 0.0,
        };

        return new self(
            $grams,
            $amount->loose && ! $amount->isToTaste() ? Spread::combine($spread, Spread::LOOSE_WORD) : $spread,
            $parts,
        );
    }

    /**
     * The units and portions this ingredient can be measured in, for a message.
     *
     * @return list<string>
     */
    public static function accepted(Ingredient $ingredient): array
    {
        $portions = array_map(static fn (Portion $portion): string => $portion->name, $ingredient->portions);
        $portions = array_filter($portions, static fn (string $name): bool => ! str_contains($name, ','));

        return array_values(
            array_unique([
                'g',
                ...$ingredient->density === null ? ['oz'] : ['tbsp', 'cup'],
                ...array_slice($portions, 0, 2),
            ]),
        );
    }

    /**
     * @return array{float, float, float} grams, spread, parts
     */
    private static function term(AmountTerm $term, Ingredient $ingredient, ?string $prep, float $scaleStep): array
    {
        $number = $term->number->value;
        $portion = self::portion($term, $ingredient, $prep);
        $unit = $term->unit;
        if ($portion !== null) {
            $spread
                = $unit?->dimension === Dimension::Volume && ! $unit->informal
                    ? $ingredient->form->spread($unit->size * $number)
                    : $portion->spread;

            return [$number * $portion->grams, $spread, 0.0];
        }
        if ($unit?->dimension === Dimension::Mass) {
            $step = min($scaleStep, ($term->number->finestPlace() ?? INF) * $unit->size);
            $grams = $number * $unit->size * (self::isAsBought($prep) ? $ingredient->edible : 1.0);

            return [
                $grams,
                match (true) {
                    $unit->informal => Spread::INFORMAL,
                    // a scale is read to half its step; where that is wide, a spoon is what measures it
                    $grams > 0.0 => min(Spread::LEVEL_SPOON, $step / 2 / $grams),
                    default => 0.0,
                },
                0.0,
            ];
        }
        if ($unit?->dimension === Dimension::Part) {
            return [0.0, Spread::PART, $number];
        }
        if ($unit?->dimension === Dimension::Volume) {
            return self::volume($number * $unit->size, $unit->informal, $ingredient);
        }
        $asked = trim($term->words);
        throw UnreadableAmount::unknownUnit(
            $asked === '' ? $term->number->text() : $asked,
            $ingredient->shortName(),
            $term->number,
            self::accepted($ingredient),
        );
    }

    /** A weight with its peel, husk, stones or stems still on: only a part of it goes into the pot. */
    public static function isAsBought(?string $prep): bool
    {
        return $prep !== null
            && preg_match(
                '/\b(?:as bought|un(?:peeled|husked|trimmed|stoned|pitted)|with (?:the |its |their '
                    .')?(?:peels?|skins?|husks?|stones?|pits?|stems?|cores?)|weighed whole)\b/iu',
                $prep,
            ) === 1;
    }

    /**
     * "cup, packed" before a plain cup, and its own handful before any handful; "clove", "cloves"; a bare number counts
     * the first portion.
     */
    private static function portion(AmountTerm $term, Ingredient $ingredient, ?string $prep): ?Portion
    {
        $prep = $prep === null ? '' : mb_strtolower(trim($prep));
        if ($term->unit?->dimension === Dimension::Volume) {
            return match (true) {
                $term->unit->informal => $ingredient->portion($term->unit->name),
                $prep === '' => null,
                default => self::preparedVolume($term->unit, $ingredient, $prep),
            };
        }
        $words = mb_strtolower(trim($term->words, ' ,.'));
        if ($words === '' || $term->unit?->name === 'each') {
            return $ingredient->portion('each') ?? self::firstCounted($ingredient);
        }
        $singular = Singular::of($words);
        $singular = $singular === 'can' && $ingredient->portion('can') === null ? 'tin' : $singular;
        foreach (
            $prep === ''
                ? [$words, $singular]
                : ["{$singular}, {$prep}", "{$prep} {$singular}", $words, $singular] as $name
        ) {
            if (($portion = $ingredient->portion($name)) !== null) {
                return $portion;
            }
        }

        return null;
    }

    /**
     * The catalogue's portions by cup or spoon are US ones; only how densely it lies carries over to another measure.
     */
    private static function preparedVolume(Unit $unit, Ingredient $ingredient, string $prep): ?Portion
    {
        foreach ($ingredient->portions as $portion) {
            [$measure, $how] = [...explode(', ', $portion->name, 2), ''];
            $isSo = $how !== ''
                && preg_match('/(?<!loosely |lightly |un)\b'.preg_quote($how, '/').'\b/u', $prep) === 1;
            $us = $isSo ? Units::find($measure, MeasuringSet::Us) : null;
            if ($us?->dimension === Dimension::Volume) {
                return new Portion(
                    "{$unit->name}, {$how}",
                    ($portion->grams * $unit->size) / $us->size,
                    $portion->source,
                );
            }
        }

        return null;
    }

    private static function firstCounted(Ingredient $ingredient): ?Portion
    {
        foreach ($ingredient->portions as $portion) {
            if (! str_contains($portion->name, ',')) {
                return $portion;
            }
        }

        return null;
    }

    /**
     * @return array{float, float, float}
     */
    private static function volume(float $millilitres, bool $informal, Ingredient $ingredient): array
    {
        if ($ingredient->density === null) {
            throw UnreadableAmount::volumeOfUnknownDensity($ingredient->shortName());
        }

        return [
            $millilitres * $ingredient->density,
            $informal ? Spread::INFORMAL : $ingredient->form->spread($millilitres),
            0.0,
        ];
    }
}
