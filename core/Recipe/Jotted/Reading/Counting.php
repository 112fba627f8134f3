<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Amount\Dimension;
use Vinculum\Amount\Kitchenware;
use Vinculum\Amount\UnreadableAmount;
use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\Form;
use Vinculum\Pantry\Ingredient;
use Vinculum\Pantry\Singular;
use Vinculum\Pantry\Weight;
use Vinculum\Recipe\Jotted\JottedAmount;
use Vinculum\Recipe\Jotted\Named;
use Vinculum\Recipe\Jotted\Naming;

/** What a number counts: cloves or heads, the tin or what is in it, the seed by the spoon or the leaf. */
final readonly class Counting
{
    /** So many of what is not counted are grams or millilitres; judgement. */
    private const WEIGHED_FROM = 10.0;

    /** What is measured by less than this is measured as a spice is. */
    private const SPOON_ML = 6.0;

    /** A word so short is rather a measure than what is said of a thing; judgement. */
    private const SHORT = 3;

    /** So many times as large is another portion, which a bare number hardly means as well; judgement. */
    private const MUCH_LARGER = 5.0;

    public function __construct(
        private Catalogue $catalogue,
        private Kitchenware $kit,
        private Naming $naming,
    ) {}

    /**
     * "3 cloves garlic", "1 medium onion": the words after a bare number may be a portion of what follows them.
     *
     * @return array{string, string} the amount, and what follows it
     */
    public function countedPortion(string $number, string $rest): array
    {
        $words = explode(' ', $rest);
        $whole = $this->naming->exactly(Naming::parted($rest)[0]);
        foreach ($whole === null ? [3, 2, 1] : [] as $count) {
            $portion = implode(' ', array_slice($words, 0, $count));
            $name = (string) preg_replace('/^of\s+/iu', '', implode(' ', array_slice($words, $count)));
            if ($name === '') {
                continue;
            }
            $known = $this->naming->of($name);
            $ingredient = $known->ingredient;
            if ($ingredient === null) {
                continue;
            }
            $plain = mb_strtolower(
                (string) preg_replace(
                    '/^(?:(?:large|small|big|fat|good|medium|fresh|thick|thin|whole)\s+)+(?=\S)/iu',
                    '',
                    $portion,
                ),
            );
            $singular = Singular::of($plain);
            foreach (array_unique([Singular::of(mb_strtolower($portion)), $singular]) as $form) {
                if ($ingredient->portion($form) !== null && $ingredient->portion($form)->name !== 'each') {
                    return ["{$number} {$portion}", $name];
                }
            }
            if (
                $this->naming->lexicon->is('portions', $singular)
                && $this->naming->exactly(implode(' ', array_slice($words, 0, $count + 1))) === null
            ) {
                return ["{$number} {$portion}", $name];
            }
        }
        [$head, $behind] = Naming::parted($rest);
        $words = explode(' ', $head);
        // "garlic cloves", "10 mint leaves": the portion may stand behind the name as well
        if (count($words) > 1) {
            $last = Singular::of(mb_strtolower(rtrim((string) end($words), ',.')));
            $name = implode(' ', array_slice($words, 0, -1));
            // "3 fat garlic cloves", and no "onions chopped up small"
            $ingredient = $this->naming->exactly($name)
                ?? $this->naming->exactly(implode(' ', array_slice($words, -3, 2)))
                ?? $this->naming->exactly($words[count($words) - 2]);
            $portion = $ingredient?->portion($last);
            $isAnother
                = $whole === null
                || ($whole->slug === $ingredient?->slug
                    && abs(($portion->grams ?? 0.0) - ($this->oneOf($whole) ?? 0.0)) > 1e-9);
            if ($portion !== null && $isAnother) {
                return ["{$number} ".rtrim((string) end($words), ',.'), implode(', ', [$name, ...$behind])];
            }
        }

        return [$number, $rest];
    }

    /**
     * "2 peppers" are no peppercorns, "1 cup orange" may be juice or flesh, "garlic: 3" cloves or heads.
     *
     * @return array{string, Named, list<array{string, string, list<string>}>}
     */
    public function whatIsCounted(JottedAmount $amount, string $text, string $rest, Named $named): array
    {
        $thing = $named->ingredient;
        if ($thing === null || ! $named->isSure) {
            return [$text, $named, []];
        }
        [$head, $behind] = Naming::parted($rest);
        // a cup of a citrus fruit that is eaten: its flesh or its juice
        $isEither = $amount->unit?->dimension === Dimension::Volume
            && $thing->isOf('citrus-fruit')
            && $behind === []
            && Singular::of(mb_strtolower($head)) === mb_strtolower($thing->shortName());
        $juice = $isEither
            ? $this->naming->exactly("{$thing->shortName()} juice")
            : null;
        if ($juice !== null) {
            $either = [$thing->slug, $juice->slug];

            return [$text, new Named($thing, $named->words, $named->preparation, false, $either), []];
        }
        // "sugar 250": nobody counts lumps to 250
        $number = JottedAmount::parse($text, $this->kit)->terms[0]->number->value ?? 0.0;
        if (
            $amount->bare
            && $amount->container === ''
            && $text === $amount->text
            && $this->isHardlyCounted($thing, $number)
            && preg_match('/[^s]s$/u', Naming::parted($named->words)[0]) !== 1
        ) {
            $units = $thing->form === Form::Liquid ? ['ml', 'g'] : ['g'];
            $guesses = array_map(static fn (string $unit): string => "{$text} {$unit}", $units);
            // "orange 50" in a list of numbers is hardly fifty of them
            $guesses = $thing->portion('each') === null ? $guesses : [...$guesses, "{$text} each"];

            return [$guesses[0], $named, [['amount', "{$text} of what? No measure is written.", $guesses]]];
        }
        $either = $amount->bare && $text === $amount->text ? $this->smallOrLarge($thing, $rest) : [];
        if ($either !== []) {
            [$small, $large] = array_map(
                static fn (string $one): string => "{$text} ".Singular::many($one),
                $either,
            );

            $ask = "{$small}, or whole ".Singular::many($either[1]).'?';

            return [$small, $named, [['amount', $ask, [$small, $large]]]];
        }

        return [$text, $named, []];
    }

    /** Whether so many are grams or millilitres and no pieces: more than ever go into a sauce, or of what has none. */
    private function isHardlyCounted(Ingredient $thing, float $number): bool
    {
        $one = $this->oneOf($thing);

        return match (true) {
            $thing->form === Form::Pieces && $one !== null
                => $number >= self::WEIGHED_FROM && $this->naming->lexicon->unlikeliness($thing, $number * $one) > 0.0,
            $one === null, $thing->form === Form::Liquid => $number >= self::WEIGHED_FROM / 2,
            default => $number >= self::WEIGHED_FROM,
        };
    }

    /**
     * What a bare number may count of a thing that comes in small pieces and in large: cloves and heads.
     *
     * @return array{string, string}|array{}
     */
    private function smallOrLarge(Ingredient $thing, string $rest): array
    {
        $grams = [];
        foreach ($thing->portions as $portion) {
            $isKept = preg_match('/^(?:'.Sized::CONTAINER.')$/iu', $portion->name) === 1;
            if (! $isKept && $this->naming->lexicon->is('portions', $portion->name)) {
                $grams[$portion->name] = $portion->grams;
            }
        }
        $said = array_filter(
            array_keys($grams),
            static fn (string $name): bool => preg_match("/\\b(?:{$name}|".Singular::many($name).')/iu', $rest) === 1,
        );
        if (count($grams) < 2 || $said !== [] || $thing->portion('each') !== null) {
            return [];
        }
        asort($grams);
        $names = array_keys($grams);

        return end($grams) > self::MUCH_LARGER * reset($grams) ? [$names[0], end($names)] : [];
    }

    /** Grams of one of a thing, counted without a word; null where it cannot be counted. */
    private function oneOf(Ingredient $thing): ?float
    {
        $one = JottedAmount::parse('1', $this->kit);
        try {
            return $one === null ? null : Weight::of($one, $thing)->grams;
        } catch (UnreadableAmount) {
            return null;
        }
    }

    /** "1 tsp coriander": of something fresh and a spice of one name, what a teaspoon is asked of is the spice. */
    public function byTheSpoon(Named $named, string $amount): ?Named
    {
        $thing = $named->ingredient;
        $unit = JottedAmount::parse($amount, $this->kit)->terms[0]->unit ?? null;
        $isLittle = $unit?->dimension === Dimension::Volume && $unit->size < self::SPOON_ML;
        if ($thing === null || $thing->form === Form::Powder || ! $isLittle || $named->preparation !== '') {
            return null;
        }
        $set = $this->kit->set->value;
        $maybe = [
            ...$this->catalogue->maybe("{$named->words} by the spoon", $set),
            ...$named->isSure ? [] : $this->catalogue->maybe($named->words, $set),
        ];
        foreach ($maybe as $other) {
            if ($other->form === Form::Powder) {
                $either = array_map(static fn (Ingredient $one): string => $one->slug, [...$maybe, $thing]);

                return new Named($other, $named->words, '', false, array_values(array_unique($either)));
            }
        }

        return null;
    }

    /**
     * "2 Ibs. peaches", "1 pok garlic": a word nobody knows, right behind a bare number, may be what is counted: it is
     * where it is written short, or where one of the thing alone weighs nothing anybody could say.
     */
    public function perhapsInUnits(Named $named, string $rest): Named
    {
        $thing = $named->ingredient;
        $isWord = preg_match('/^([\p{L}\'’-]+)(\.?)\s+\S/u', $rest, $match) === 1;
        if (
            $thing === null
            || ! $named->isSure
            || ! $isWord
            || $this->naming->lexicon->isWay(mb_strtolower($match[1]))
            || ! $this->naming->beside->modifiers->isStrange(mb_strtolower($match[1]))
            || ($match[2] === '' && mb_strlen($match[1]) > self::SHORT && $this->oneOf($thing) !== null)
        ) {
            return $named;
        }

        return new Named(
            $thing,
            $named->words,
            $named->preparation,
            false,
            [$thing->slug],
            $named->like,
            $named->length,
        );
    }

    /** "1 stick of cinnamon": where a name may mean two things, the one that has such a portion. */
    public function withThePortion(Named $named, string $amount): Named
    {
        $portion
            = preg_match('/^\S+\s+(\p{L}+)$/u', $amount, $match) === 1
                ? Singular::of(mb_strtolower($match[1]))
                : '';
        $isMeasure = $portion === '' || $this->kit->find($portion) !== null;
        $has = $named->ingredient?->portion($portion) !== null;
        if ($named->ingredient === null || $isMeasure || ($named->isSure && $has)) {
            return $named;
        }
        $with = array_values(array_filter(
            $this->catalogue->maybe($named->words, $this->kit->set->value),
            static fn (Ingredient $one): bool => $one->portion($portion) !== null,
        ));
        if (count($with) === 1 || ($with !== [] && ! $has)) {
            return new Named($with[0], $named->words, $named->preparation, true);
        }

        return $named;
    }

    /** Where it is weighed and whatever the name may mean is made of the same, it matters to nobody which: salt. */
    public function whereItMatters(Named $named, string $amount): Named
    {
        $maybe = $named->isSure ? [] : $this->catalogue->maybe($named->words, $this->kit->set->value);
        $unit = $maybe === [] ? null : JottedAmount::parse($amount, $this->kit)->terms[0]->unit ?? null;
        if ($unit?->dimension !== Dimension::Mass) {
            return $named;
        }
        foreach ($maybe as $other) {
            if ($other->perGram !== $maybe[0]->perGram || $other->contains !== $maybe[0]->contains) {
                return $named;
            }
        }

        return new Named($maybe[0], $named->words, $named->preparation, true);
    }

    public function tinned(string $rest, string $container): string
    {
        $isTin = preg_match('/^(?:tin|can)/iu', $container) === 1 || preg_match('/^tin of\s/iu', $rest) === 1;
        $name = (string) preg_replace('/^tin of\s+/iu', '', $rest);
        if (! $isTin) {
            return $name;
        }
        [$head, $behind] = Naming::parted($name);
        $tail = $behind === [] ? '' : ', '.implode(', ', $behind);
        $noun = (string) preg_replace('/^(?:.*\s)(?=\S+$)/u', '', $head);
        foreach (["tinned {$head}", $head, "tinned {$noun}"] as $i => $made) {
            if ($this->naming->exactly($made) !== null && ($i !== 1 || ! $this->isFreshThing($head))) {
                return $made.$tail;
            }
        }

        // what comes in a tin is not the fresh thing: asked
        return "tinned {$name}";
    }

    private function isFreshThing(string $name): bool
    {
        return $this->naming->exactly($name)?->is('fresh-plant') === true;
    }
}
