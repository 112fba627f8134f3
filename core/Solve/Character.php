<?php

declare(strict_types=1);

namespace Vinculum\Solve;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Pantry\Ingredient;
use Vinculum\Pantry\Singular;
use Vinculum\Recipe\WeighedLine;

/** What makes a sauce itself: the role of each of its lines. Judgement, tuned by eye on recipes of our own. */
final readonly class Character
{
    /** The largest lines up to this share of the mass are its body. */
    private const BODY = 0.667;

    /** Share of a sauce up to which nobody puts in more of a thing that is strong. */
    private const ACCENT = 0.12;

    /** Roles of what is there to be smelled or to burn. */
    private const STRONG = ['aroma', 'hot'];

    /** @var array<int, Role> by line */
    public array $roles;

    public function __construct(Evaluation $of)
    {
        $lines = array_filter(
            $of->cooked->weighed->lines,
            static fn (WeighedLine $line): bool => $line->ingredient !== null && $line->grams > 0.0,
        );
        $ofAny = $of->cooked->weighed->vocabulary->words['of_any_sauce'];
        $names = self::words($of->recipe->name, $ofAny);
        $base = $of->style?->base['ingredient'] ?? null;
        uasort($lines, static fn (WeighedLine $a, WeighedLine $b): int => $b->grams <=> $a->grams);
        $all = array_sum(array_map(static fn (WeighedLine $line): float => $line->grams, $lines));
        $roles = [];
        $sum = 0.0;
        foreach ($lines as $i => $line) {
            $thing = $line->ingredient;
            if ($thing === null) {
                continue;
            }
            $isSeasoning = self::isSeasoning($thing);
            $roles[$i] = match (true) {
                $thing->slug === $base,
                ! $thing->isPlain('water') && self::isNamed($thing, $names, $ofAny) => Role::NamesIt,
                $isSeasoning => Role::Seasoning,
                self::isStrong($thing) => Role::Accent,
                $sum < self::BODY * $all => Role::Body,
                default => Role::Part,
            };
            $sum += $isSeasoning ? 0.0 : $line->grams;
        }
        $this->roles = $roles;
    }

    /** What decides the volume or the name of it: moved a little at the most, unless somebody asks. */
    public function isItself(int $line): bool
    {
        return in_array($this->roles[$line] ?? null, [Role::NamesIt, Role::Body], true);
    }

    private static function isStrong(Ingredient $thing): bool
    {
        return $thing->mostShare <= self::ACCENT && array_intersect($thing->roles, self::STRONG) !== [];
    }

    private static function isSeasoning(Ingredient $thing): bool
    {
        return $thing->isPlain('water')
            || $thing->isOf('salt', 'sweet', 'vinegar', 'citrus-juice')
            || ($thing->isFatty() && $thing->aroma === []);
    }

    /**
     * @param list<string> $names words of the recipe's name
     * @param list<string> $ofAny words of any sauce
     */
    private static function isNamed(Ingredient $thing, array $names, array $ofAny): bool
    {
        foreach ([$thing->shortName(), ...$thing->aliases] as $name) {
            $words = self::words($name, $ofAny);
            // the noun of "habanero chilli" and its first word both say it
            if ($words !== [] && array_intersect([$words[0], $words[count($words) - 1]], $names) !== []) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<string> $ofAny words that say nothing of a sauce
     * @return list<string> the others, in the singular, without short ones
     */
    private static function words(string $text, array $ofAny): array
    {
        return array_values(array_filter(
            array_map(
                static fn (string $word): string => Singular::of($word),
                preg_split('/[^\p{L}]+/u', mb_strtolower($text)) ?: [],
            ),
            static fn (string $word): bool => mb_strlen($word) > 2 && ! in_array($word, $ofAny, true),
        ));
    }
}
