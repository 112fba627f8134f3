<?php

declare(strict_types=1);

namespace Vinculum\Batch;

use Vinculum\Amount\Amount;
use Vinculum\Amount\Dimension;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Amount\Numeral;
use Vinculum\Amount\Units;
use Vinculum\Amount\UnreadableAmount;
use Vinculum\Cooking\StageReport;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Pantry\Ingredient;

/**
 * How much sauce is wanted: "2x", "900 g", "1.5 l", "6 x 250 ml", "8 people, glaze", "all of 900 g plums", "a 3 l pan".
 */
final readonly class ScaleTarget
{
    private const MOST_CONTAINERS = 1000;

    /** What one person has of it, mL, by use. Common practice, no source. */
    private const SERVINGS = ['dip' => 45.0, 'glaze' => 30.0, 'table' => 15.0, 'marinade' => 60.0, 'dressing' => 30.0];

    /** A pan is full at this share of its size: it boils over beyond. Common practice. */
    public const PAN_FULL = 2 / 3;

    /**
     * @param float|null $factor times the recipe
     * @param float|null $grams of finished sauce
     * @param float|null $millilitres of finished sauce; of one container where there are several
     * @param int $containers 0 where the target is no number of containers
     * @param bool $isPeople whether the containers are people
     * @param float|null $panMillilitres all that a pan of this size can take, two thirds full at its fullest
     * @param array{
     *     float|null,
     *     float,
     *     string,
     * }|null $allOf grams, pieces of its first portion, and the words for a thing that is used up
     */
    private function __construct(
        public ?float $factor,
        public ?float $grams,
        public ?float $millilitres,
        public int $containers,
        public bool $isPeople = false,
        public ?float $panMillilitres = null,
        public ?array $allOf = null,
    ) {}

    /**
     * The factor on the recipe.
     *
     * @param float $fill mL in each container
     *
     * @throws UnreachableTarget where the recipe has no such thing
     */
    public function factorFor(Evaluation $from, float $fill): float
    {
        if ($this->panMillilitres !== null) {
            return (self::PAN_FULL * $this->panMillilitres) / max(1e-9, self::fullest($from));
        }
        if ($this->allOf !== null) {
            return $this->allOf($from, ...$this->allOf);
        }

        return $this->factor
            ?? ($this->grams !== null
                ? $this->grams / $from->estimates->mass()->value
                : ($fill * max(1, $this->containers)) / $from->estimates->volume()->value);
    }

    /** The most there ever is in the pan, mL. */
    public static function fullest(Evaluation $from): float
    {
        return max(
            0.0,
            ...array_map(
                static fn (StageReport $report): float => max($report->volumeBefore, $report->volumeAfter),
                $from->cooked->stages,
            ),
        );
    }

    /** Whether it is the thing that is used up, which is measured by what there is of it. */
    public function usesUp(Ingredient $ingredient): bool
    {
        return $this->allOf !== null && self::isCalled($ingredient, $this->allOf[2]);
    }

    private function allOf(Evaluation $from, ?float $grams, float $pieces, string $words): float
    {
        $names = [];
        foreach ($from->cooked->weighed->lines as $line) {
            if ($line->ingredient === null || $line->grams <= 0.0) {
                continue;
            }
            $names[] = $line->ingredient->shortName();
            if (self::isCalled($line->ingredient, $words)) {
                $have
                    = $grams
                    ?? $pieces
                        * ($line->ingredient->portions[0]->grams
                            ?? throw UnreachableTarget::notCounted($line->ingredient->shortName()));

                return $have / $line->grams;
            }
        }
        throw UnreachableTarget::notInIt($words, $names);
    }

    private static function isCalled(Ingredient $ingredient, string $words): bool
    {
        $words = mb_strtolower(trim($words));
        foreach (
            [
                $words,
                rtrim($words, 's'),
                preg_replace('/ies$/u', 'y', $words) ?? $words,
                preg_replace('/es$/u', '', $words) ?? $words,
            ] as $form
        ) {
            foreach ([$ingredient->slug, $ingredient->shortName(), ...$ingredient->aliases] as $name) {
                if (
                    $form !== ''
                    && ($form === mb_strtolower($name)
                        || rtrim(mb_strtolower($name), 's') === $form
                        || str_contains(' '.mb_strtolower($name).' ', " {$form} "))
                ) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * @throws UnreachableTarget where the text is none of these
     */
    public static function parse(string $text, MeasuringSet $set): self
    {
        $plain = trim($text);
        try {
            if (
                preg_match('/^(.+?)\s*(?:x|×|times)$/iu', $plain, $match) === 1
                || preg_match('/^(?:x|×)\s*(.+)$/iu', $plain, $match) === 1
            ) {
                return self::factor($match[1], $text);
            }
            $words = ['half' => 0.5, 'double' => 2.0, 'triple' => 3.0];
            if (isset($words[mb_strtolower($plain)])) {
                return new self($words[mb_strtolower($plain)], null, null, 0);
            }
            if (
                preg_match(
                    '/^(?:for\s+)?(\d{1,4})\s*(?:people|persons?|guests?)\b\s*(?:[x×,:]|at|as|of)?\s*(.*)$/iu',
                    $plain,
                    $match,
                ) === 1
            ) {
                return self::people((int) $match[1], trim($match[2]), $set, $text);
            }
            if (
                preg_match('/^(?:a|an|my|the|all|fill)?\s*(?:a|my|the)?\s*(.+?)\s+(?:pan|pot)$/iu', $plain, $match)
                === 1
            ) {
                return new self(null, null, null, 0, panMillilitres: self::millilitres($match[1], $set, $text));
            }
            if (preg_match('/^(?:all(?: of)?|use up|everything from|from)\s+(.+)$/iu', $plain, $match) === 1) {
                return self::usingUp($match[1], $set, $text);
            }
            if (
                preg_match(
                    '/^(\d{1,5})\s*(?:x|×|\*|times|of)\s*(.+?)(?:\s+(?:bottles?|jars?))?$/iu',
                    $plain,
                    $match,
                ) === 1
            ) {
                return self::containers((int) $match[1], self::millilitres($match[2], $set, $text), $text);
            }
            $amount = Amount::parse($plain, $set);
        } catch (UnreadableAmount $why) {
            throw UnreachableTarget::unreadable($text, $why);
        }
        [$dimension, $size] = self::size($amount, $text);

        return $dimension === Dimension::Mass ? new self(null, $size, null, 0) : new self(null, null, $size, 0);
    }

    private static function factor(string $number, string $text): self
    {
        [$numeral, $rest] = Numeral::read($number) ?? throw UnreachableTarget::unreadable($text);
        if (trim($rest) !== '' || $numeral->value < 0.01 || $numeral->value > 1000) {
            throw UnreachableTarget::unreadable($text);
        }

        return new self($numeral->value, null, null, 0);
    }

    private static function containers(int $count, float $millilitres, string $text): self
    {
        if ($count < 1 || $count > self::MOST_CONTAINERS) {
            throw UnreachableTarget::unreadable($text);
        }

        return new self(null, null, $millilitres, $count);
    }

    private static function people(int $count, string $each, MeasuringSet $set, string $text): self
    {
        if ($count < 1 || $count > self::MOST_CONTAINERS) {
            throw UnreachableTarget::unreadable($text);
        }
        $use = mb_strtolower($each === '' ? 'table' : $each);

        return new self(null, null, self::SERVINGS[$use] ?? self::millilitres($each, $set, $text), $count, true);
    }

    /** "900 g of plums", "2 tins of tomatoes", "3 eggs" */
    private static function usingUp(string $what, MeasuringSet $set, string $text): self
    {
        [$numeral, $rest] = Numeral::read($what) ?? throw UnreachableTarget::unreadable($text);
        preg_match('/^\s*(\p{L}+)\.?\s+(?:of\s+)?(.+)$/u', $rest, $match);
        $unit = isset($match[1]) ? Units::find($match[1], $set) : null;
        if ($unit?->dimension === Dimension::Mass) {
            return new self(null, null, null, 0, allOf: [$numeral->value * $unit->size, 0.0, $match[2]]);
        }
        $words
            = preg_replace('/^\s*(?:tins?|cans?|bunch(?:es)?|bottles?|whole|cloves?)\s+(?:of\s+)?/iu', '', $rest)
            ?? $rest;

        return new self(null, null, null, 0, allOf: [null, $numeral->value, trim($words)]);
    }

    private static function millilitres(string $size, MeasuringSet $set, string $text): float
    {
        [$dimension, $millilitres] = self::size(Amount::parse($size, $set), $text);
        if ($dimension !== Dimension::Volume) {
            throw UnreachableTarget::containersByVolume($text);
        }

        return $millilitres;
    }

    /**
     * @return array{Dimension, float}
     */
    private static function size(Amount $amount, string $text): array
    {
        $size = 0.0;
        $dimension = null;
        foreach ($amount->terms as $term) {
            if (
                $term->unit === null
                || ! in_array($term->unit->dimension, [Dimension::Mass, Dimension::Volume], true)
                || ($dimension ?? $term->unit->dimension) !== $term->unit->dimension
            ) {
                throw UnreachableTarget::unreadable($text);
            }
            $dimension = $term->unit->dimension;
            $size += $term->number->value * $term->unit->size;
        }
        if ($dimension === null || $size < 1.0 || $size > 1e6) {
            throw UnreachableTarget::unreadable($text);
        }

        return [$dimension, $size];
    }
}
