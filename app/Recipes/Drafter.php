<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Pantry\Household;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Recipe\Jotted\JottedText;
use Vinculum\Recipe\WeighedRecipe;
use Vinculum\Safety\Need;
use Vinculum\Solve\Draft\Draft;
use Vinculum\Solve\Draft\Drafted;
use Vinculum\Solve\Draft\MakeUps;

/** A first recipe, with what this household has and never eats. */
final readonly class Drafter
{
    public function __construct(private Household $household, private Styles $styles, private Swapper $swapper) {}

    /**
     * @param list<string> $with as people write it: "1.2 kg plums", or a name
     * @param list<string> $freeOf needs
     */
    public function draft(string $style, array $with, array $freeOf, int $another): Drafted
    {
        $of = $this->styles->of($style) ?? throw InvalidRecipe::at('style', "There is no style “{$style}”.");
        $note = MakeUps::read((string) file_get_contents(database_path('make-ups.txt')))->notes[$style] ?? throw InvalidRecipe::at('style', 'Of a style of your own nobody has said what it is usually made of. Begin with one that ships, or with an empty page.');
        $catalogue = $this->household->catalogue();
        $needs = Need::each($freeOf, $catalogue->vocabulary, 'free_of');
        $things = [];
        foreach ($with as $i => $typed) {
            $named = $catalogue->find(trim($typed)) ?? $catalogue->named(trim($typed));
            $read = $named === null ? WeighedRecipe::of(JottedText::read($typed, $catalogue, $this->household->preferences()->measures)[0], $catalogue)->lines[0] ?? null : null;
            $thing = $named ?? $read->ingredient ?? throw InvalidRecipe::at("with[{$i}]", "“{$typed}” is not in the pantry. Write it as 1.2 kg plums, or plums.");
            $things[] = ['ingredient' => $thing, 'grams' => $read === null || $read->grams <= 0.0 ? null : $read->grams];
        }

        return Draft::of($of, $style, $note, $things, $needs, $catalogue, $this->swapper->criteria($catalogue, []), $another);
    }
}
