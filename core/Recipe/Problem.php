<?php

declare(strict_types=1);

namespace Vinculum\Recipe;

use Vinculum\Amount\UnreadableAmount;
use Vinculum\Figure\Quantity;
use Vinculum\Figure\Sentence;
use Vinculum\Pantry\Ingredient;

/**
 * What keeps a line, or a stage, out of the figures, or makes them other than they seem: a sentence a maker can act on.
 */
final readonly class Problem
{
    /**
     * @param string $at the id of the line or stage it is about
     * @param list<string> $suggestions up to three
     * @param list<string> $names as each is read, where it is not read as it is written
     */
    public function __construct(
        public string $at,
        public string $code,
        public Sentence $text,
        public array $suggestions = [],
        public array $names = [],
    ) {}

    public static function unreadable(string $at, UnreadableAmount $why): self
    {
        return new self($at, $why->problem, Sentence::plain($why->getMessage()), $why->suggestions);
    }

    /**
     * @param array<string, string> $suggestions names by slug
     */
    public static function unknownIngredient(string $at, string $slug, array $suggestions): self
    {
        $like = $suggestions === [] ? '' : ' Did you mean '.implode(' or ', $suggestions).'?';

        return new self(
            $at,
            'ingredient-unknown',
            Sentence::plain("“{$slug}” is not in the pantry, so this line is left out of every figure.{$like}"),
            array_keys($suggestions),
            array_values($suggestions),
        );
    }

    public static function refused(string $at, Ingredient $ingredient): self
    {
        return new self(
            $at,
            'ingredient-refused',
            Sentence::plain("{$ingredient->caution} This line is left out of every figure."),
        );
    }

    public static function tieToNothing(string $at, string $line): self
    {
        return new self(
            $at,
            'tie-broken',
            Sentence::plain(
                "This line follows “{$line}”, which is not a line of the recipe. Give it an amount of its own.",
            ),
        );
    }

    public static function tieInACircle(string $at): self
    {
        return new self(
            $at,
            'tie-circular',
            Sentence::plain('This line follows itself through its ties. Give one of them an amount of its own.'),
        );
    }

    public static function partsWithoutSize(string $at): self
    {
        return new self(
            $at,
            'size-missing',
            Sentence::plain('Parts need a batch size: say how much goes into the pot, in grams or millilitres.'),
        );
    }

    public static function sizeTooSmall(string $at): self
    {
        return new self(
            $at,
            'size-too-small',
            Sentence::plain(
                'What is measured already fills the batch, so there is nothing left for the parts. Make the '
                    .'batch larger.',
            ),
        );
    }

    public static function toTaste(string $at): self
    {
        return new self($at, 'to-taste', Sentence::plain('To taste: counted as nothing until you say how much.'));
    }

    public static function unknownStyle(string $slug): self
    {
        return new self(
            'style',
            'style-unknown',
            Sentence::plain("There is no style “{$slug}”, so there are no verdicts. Choose another, or none."),
        );
    }

    /**
     * @param float $all what goes in, g or ml as the end point is
     * @param float $water of it, in the same
     */
    public static function endPointUnreachable(Stage $stage, Until $until, float $all, float $water): self
    {
        $template = match ($until->kind) {
            'loss_percent' => '{stage} cannot lose {end}: only {water} of what is in the pot is water.',
            'mass_g',
            'volume_ml'
                => '{stage} cannot end at {end}: {all} go in, and without any water there would be {dry}.',
        };
        $size = $until->kind === 'volume_ml' ? Quantity::volume(...) : Quantity::mass(...);

        return new self(
            $stage->id,
            'end-point-unreachable',
            Sentence::of("{$template} The figures are without this reduction.", [
                'stage' => self::named($stage),
                'end'
                    => $until->kind === 'loss_percent'
                        ? Quantity::percent($until->value / 100)
                        : $size($until->value),
                'water' => Quantity::percent(floor((100 * $water) / $all) / 100),
                'all' => $size($all),
                'dry' => $size(ceil($all - $water)),
            ]),
        );
    }

    /** As a sentence about a stage begins. */
    public static function named(Stage $stage): string
    {
        return $stage->name === '' ? 'This stage' : $stage->name;
    }

    /** Whether the line has an amount that could not be read, so that the figures are not what the maker means. */
    public function isUnreadable(): bool
    {
        return preg_match('/^(amount|unit|density|size|tie)-/', $this->code) === 1;
    }
}
