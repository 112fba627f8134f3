<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Recipe\Jotted\Question;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\Tie;

/** Ties are jotted by name; they are kept by line. One that names nothing in the recipe is asked. */
final class Ties
{
    /** @var list<Question> */
    public array $questions = [];

    /** @param array<string, int> $places where in the text each tied line stands, by id */
    public function __construct(private readonly array $places) {}

    /**
     * @param list<array{name: string, lines: list<Line>}> $groups
     * @return list<array{name: string, lines: list<Line>}>
     */
    public function resolved(array $groups): array
    {
        $byIngredient = [];
        foreach ($groups as $group) {
            foreach ($group['lines'] as $line) {
                $byIngredient[$line->ingredient] ??= $line->id;
            }
        }

        return array_map(
            fn (array $group): array => [
                'name' => $group['name'],
                'lines' => array_map(fn (Line $line): Line => $this->tied($line, $byIngredient), $group['lines']),
            ],
            $groups,
        );
    }

    /**
     * "the mustard" is whichever mustard the recipe has, where it has one.
     *
     * @param array<string, string> $byIngredient ids of lines
     */
    private function soCalled(string $slug, array $byIngredient): ?string
    {
        $noun = (string) preg_replace('/^.*[-\s]/u', '', $slug);
        $called = array_filter(
            $byIngredient,
            static fn (string $ingredient): bool => in_array($noun, explode('-', $ingredient), true),
            ARRAY_FILTER_USE_KEY,
        );

        return count($called) === 1 ? reset($called) : null;
    }

    /**
     * @param array<string, string> $byIngredient ids of lines
     */
    private function tied(Line $line, array $byIngredient): Line
    {
        if ($line->tie === null) {
            return $line;
        }
        $target = $byIngredient[$line->tie->line] ?? $this->soCalled($line->tie->line, $byIngredient) ?? $line->id;
        if ($target !== $line->id) {
            return $line->tiedTo(new Tie($target, $line->tie->ratio));
        }
        $this->questions[] = new Question(
            $this->places[$line->id] ?? 0,
            $line->id,
            $line->ingredient,
            'amount',
            "As much as what? There is no {$line->tie->line} in the recipe.",
            ['to taste'],
        );

        return new Line($line->id, $line->ingredient, 'to taste', optional: $line->optional);
    }
}
