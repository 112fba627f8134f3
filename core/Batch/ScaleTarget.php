<?php

declare(strict_types=1);

namespace Vinculum\Batch;

use Vinculum\Amount\MeasuringSet;
use Vinculum\Cooking\StageReport;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Pantry\Ingredient;

/**
 * How much sauce is wanted: so many times the recipe, grams, millilitres, containers, people, pieces, a pan, or all
 * there is of one thing.
 */
final readonly class ScaleTarget
{
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
     * @param float|null $filled millilitres of it instead
     * @param bool $isAsTheRecipeServes whether a recipe that says whom it serves decides what each has
     * @param bool $isUsual whether what each has is what is usual, and nobody said how much
     * @param float|null $millilitresAPiece of finished sauce for each piece, where the recipe has no such thing
     */
    private function __construct(
        public ?float $factor,
        public ?float $grams,
        public ?float $millilitres,
        public int $containers,
        public bool $isPeople = false,
        public ?float $panMillilitres = null,
        public ?array $allOf = null,
        public bool $isAsTheRecipeServes = false,
        public bool $isUsual = false,
        private ?float $millilitresAPiece = null,
        private ?float $filled = null,
    ) {}

    /** @throws UnreachableTarget where the text is no size of a batch */
    public static function parse(string $text, MeasuringSet $set): self
    {
        return TargetReader::read($text, $set);
    }

    public static function times(float $factor): self
    {
        return new self($factor, null, null, 0);
    }

    public static function ofGrams(float $grams): self
    {
        return new self(null, $grams, null, 0);
    }

    public static function ofMillilitres(float $millilitres): self
    {
        return new self(null, null, $millilitres, 0);
    }

    public static function containers(int $count, float $millilitres): self
    {
        return new self(null, null, $millilitres, $count);
    }

    /**
     * @param bool $asServed whether a recipe that says whom it serves decides how much that is
     * @param bool $isUsual whether nobody said how much each has
     */
    public static function people(int $count, float $millilitres, bool $asServed, bool $isUsual = false): self
    {
        return new self(
            null,
            null,
            $millilitres,
            $count,
            true,
            isAsTheRecipeServes: $asServed,
            isUsual: $isUsual,
        );
    }

    /** The same people, each with what is usual of such a sauce where neither they nor the recipe say how much. */
    public function inHelpingsOf(Evaluation $sauce): self
    {
        $isUnsaid = $this->isAsTheRecipeServes && self::firstNumber($sauce->recipe->serves) === null;

        return $this->isPeople && $isUnsaid && $sauce->style?->helpingMl !== null
            ? self::people($this->containers, $sauce->style->helpingMl, true, true)
            : $this;
    }

    /** The same people, who are known to have so much each. */
    public function having(float $millilitres): self
    {
        return self::people($this->containers, $millilitres, false);
    }

    public static function pan(float $millilitres): self
    {
        return new self(null, null, null, 0, panMillilitres: $millilitres);
    }

    /** All there is of one thing: grams of it, or so many pieces. */
    public static function allOf(?float $grams, float $pieces, string $words): self
    {
        return new self(null, null, null, 0, allOf: [$grams, $pieces, $words]);
    }

    /** All there is of one thing that pours or heaps. */
    public static function allThatFills(float $millilitres, string $words): self
    {
        return new self(null, null, null, 0, allOf: [null, 0.0, $words], filled: $millilitres);
    }

    /** So much for each of so many pieces, unless the recipe is made of them. */
    public static function pieces(int $count, float $millilitres, string $words): self
    {
        return new self(null, null, null, 0, allOf: [null, (float) $count, $words], millilitresAPiece: $millilitres);
    }

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
            return $this->factorOfAll($from, ...$this->allOf);
        }
        $serves = $this->isAsTheRecipeServes ? self::firstNumber($from->recipe->serves) : null;
        if ($serves !== null) {
            return $this->containers / $serves;
        }

        return $this->factor
            ?? ($this->grams !== null
                ? $this->grams / $from->estimates->mass()->value
                : ($fill * max(1, $this->containers)) / $from->estimates->volume()->value);
    }

    /** "4", "4 to 6 people" */
    private static function firstNumber(string $serves): ?float
    {
        preg_match('/\d+(?:\.\d+)?/', $serves, $match);

        return isset($match[0]) && (float) $match[0] > 0.0 ? (float) $match[0] : null;
    }

    /**
     * What is to be made of it, and whether in grams: null where it is no amount of sauce.
     *
     * @param float $fill mL in each container
     * @return array{float, bool}|null
     */
    public function made(Evaluation $from, float $fill): ?array
    {
        return match (true) {
            $this->grams !== null => [$this->grams, true],
            $this->millilitresAPiece !== null => $this->hasThem($from)
                ? null
                : [($this->allOf[1] ?? 1.0) * $this->millilitresAPiece, false],
            $this->isAsTheRecipeServes && self::firstNumber($from->recipe->serves) !== null => null,
            $this->millilitres !== null => [$fill * max(1, $this->containers), false],
            default => null,
        };
    }

    private function hasThem(Evaluation $from): bool
    {
        foreach ($from->cooked->weighed->lines as $line) {
            if ($line->ingredient !== null && $line->grams > 0.0 && $this->usesUp($line->ingredient)) {
                return true;
            }
        }

        return false;
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

    private function factorOfAll(Evaluation $from, ?float $grams, float $pieces, string $words): float
    {
        if ($this->millilitresAPiece !== null && ! $this->hasThem($from)) {
            return ($pieces * $this->millilitresAPiece) / $from->estimates->volume()->value;
        }
        $names = [];
        foreach ($from->cooked->weighed->lines as $line) {
            if ($line->ingredient === null || $line->grams <= 0.0) {
                continue;
            }
            $names[] = $line->ingredient->shortName();
            if (self::isCalled($line->ingredient, $words)) {
                $density = $line->ingredient->fillsASpoon() ? $line->ingredient->density : null;
                if ($this->filled !== null && $density === null) {
                    throw UnreachableTarget::notPoured($line->ingredient->shortName());
                }
                $have
                    = $grams
                    ?? ($this->filled !== null ? $this->filled * $density : null)
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
}
