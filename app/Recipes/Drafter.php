<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Pantry\Household;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Recipe\Jotted\JottedText;
use Vinculum\Recipe\WeighedRecipe;
use Vinculum\Safety\Need;
use Vinculum\Solve\Draft\Beginning;
use Vinculum\Solve\Draft\Draft;
use Vinculum\Solve\Draft\Drafted;
use Vinculum\Solve\Draft\MakeUps;
use Vinculum\Taste\Style;

/** A first recipe, with what this household has and never eats. */
final readonly class Drafter
{
    public function __construct(private Household $household, private Styles $styles, private Swapper $swapper) {}

    /**
     * @param list<string> $with as people write it: "1.2 kg plums", or a name
     * @param list<string> $freeOf needs
     * @param list<string> $without slugs of what of its make-up is left out
     */
    public function draft(string $style, array $with, array $freeOf, int $another, array $without = []): Drafted
    {
        $of = $this->styles->of($style) ?? throw InvalidRecipe::at('style', "There is no style “{$style}”.");
        $note = self::makeUp($style);
        $catalogue = $this->household->catalogue(implode(' ', [...$with, ...$without]));
        foreach ($without as $i => $slug) {
            if ($catalogue->find($slug) === null) {
                throw InvalidRecipe::at("without[{$i}]", "“{$slug}” is not in the pantry.");
            }
        }
        $needs = Need::each($freeOf, $catalogue->vocabulary, 'free_of');
        $things = [];
        foreach ($with as $i => $typed) {
            $named = $catalogue->find(trim($typed)) ?? $catalogue->named(trim($typed));
            $read
                = $named === null
                    ? WeighedRecipe::of(
                        JottedText::read($typed, $catalogue, $this->household->preferences()->measures)[0],
                        $catalogue,
                    )->lines[0] ?? null
                    : null;
            $thing
                = $named
                ?? ($read->ingredient
                    ?? throw InvalidRecipe::at(
                        "with[{$i}]",
                        "“{$typed}” is not in the pantry. Write it as 1.2 kg plums, or plums.",
                    ));
            $things[] = [
                'ingredient' => $thing,
                'grams' => $read === null || $read->grams <= 0.0 ? null : $read->grams,
            ];
        }

        return Draft::of(
            $of,
            $style,
            $note,
            $things,
            $needs,
            $catalogue,
            $this->swapper->criteria($catalogue, []),
            $another,
            $without,
        );
    }

    /** What a kind can be built on here and now, and what can bring each of its tastes. */
    public function beginning(string $style): Beginning
    {
        $of = $this->styles->of($style) ?? throw InvalidRecipe::at('style', "There is no style “{$style}”.");
        $catalogue = $this->household->catalogue();

        return Beginning::of($of, self::makeUp($style), $catalogue, $this->swapper->criteria($catalogue, []));
    }

    /** @return array<string, Style> that something can be drafted of, by slug */
    public function kinds(): array
    {
        $kinds = array_map($this->styles->of(...), array_combine($slugs = array_keys(self::makeUps()), $slugs));

        return array_filter($kinds, static fn (?Style $style): bool => $style !== null);
    }

    private static function makeUp(string $style): string
    {
        return self::makeUps()[$style]
            ?? throw InvalidRecipe::at(
                'style',
                'Of a style of your own nobody has said what it is usually made of. Begin with one that ships, or '
                    .'with an empty page.',
            );
    }

    /** @return array<string, string> notes, by style */
    private static function makeUps(): array
    {
        return MakeUps::read((string) file_get_contents(database_path('make-ups.txt')))->notes;
    }
}
