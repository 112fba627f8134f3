<?php

declare(strict_types=1);

namespace Vinculum\Pantry;

use Vinculum\Amount\Spread;

/** A household measure an ingredient really comes in: one clove, a packed cup. */
final readonly class Portion
{
    /**
     * How alike two of a kind are: half-widths in ln(mass) of the four-in-five interval. Common practice, no source:
     * what is packed by weight is nearly alike, what is graded by size less so, and what grows as it likes least.
     */
    private const SPREADS = [
        'tin' => 0.03,
        'can' => 0.03,
        'jar' => 0.03,
        'tube' => 0.03,
        'block' => 0.05,
        'cube' => 0.05,
        'small' => 0.12,
        'medium' => 0.12,
        'large' => 0.12,
        'fillet' => 0.2,
        'slice' => 0.2,
        'piece' => 0.2,
        'star' => 0.2,
        'stick' => 0.25,
        'leaf' => 0.25,
        'pod' => 0.25,
        'juice of' => 0.25,
        'zest of' => 0.25,
        'cm' => 0.25,
        'stalk' => 0.25,
        'rib' => 0.25,
        'clove' => 0.3,
        'head' => 0.3,
        'sprig' => 0.35,
        'bunch' => 0.35,
        'thumb' => 0.4,
        'knob' => 0.4,
        'lump' => 0.4,
        'handful' => 0.4,
        'crank' => 0.4,
    ];

    /** What is no thing to be many of, or is written as a measure. */
    private const SAID_AS_IT_IS
        = ['each', 'small', 'medium', 'large', 'cup', 'tbsp', 'tsp', 'cm', 'inch', 'juice', 'zest'];

    /** Half-width in ln(grams) of the four-in-five interval of one. */
    public float $spread;

    /**
     * @param string $name singular ("clove"), or a unit with a preparation ("cup, packed")
     * @param float $grams edible grams of one; above 0
     * @param string $source where the mass comes from
     * @param float|null $spread where this one is better or worse known than its kind
     */
    public function __construct(public string $name, public float $grams, public string $source, ?float $spread = null)
    {
        $this->spread = $spread ?? (self::SPREADS[$name] ?? Spread::COUNT);
    }

    /** So many of it in words: "2 sticks" of what was one stick, and "1 clove" of what were two. */
    public static function counted(string $count, float $number, string $words): string
    {
        $word = (string) strtok($words, ' ,');
        $one = Singular::of($word);
        $said = $number <= 1.0 || in_array($one, self::SAID_AS_IT_IS, true) ? $one : Singular::many($one);

        return trim("{$count} {$said}".substr($words, strlen($word)));
    }
}
