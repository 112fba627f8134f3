<?php

declare(strict_types=1);

namespace Tests\Core\Solve\Rescue;

use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Pantry\Form;
use Vinculum\Pantry\Ingredient;
use Vinculum\Recipe\Recipe;
use Vinculum\Solve\Addition;
use Vinculum\Solve\Rescue\Remedy;
use Vinculum\Solve\Rescue\Rescue;

/** Sixty recipes of our own, each with something wrong at the spoon; common practice, no source. */
final class SixtyTest extends TestCase
{
    private const ON_HAND = ['sugar', 'fine-salt', 'cider-vinegar', 'lemon-juice', 'water', 'honey'];

    /**
     * @param array<string, float> $feels
     * @return list<Remedy>
     */
    private static function remedies(Recipe $recipe, array $feels): array
    {
        $from = Evaluation::of($recipe, Sauce::catalogue(), null);
        $own = array_values(
            array_filter(array_map(static fn ($line): ?Ingredient => $line->ingredient, $from->cooked->weighed->lines)),
        );

        return Rescue::of($from, Sauce::catalogue(), $feels, [
            ...$own,
            ...array_map(Sauce::ingredient(...), self::ON_HAND),
        ])->remedies;
    }

    /** @return list<string> slugs of what the first remedy adds */
    private static function first(string $name, string $feel, float $steps): array
    {
        $recipe = iterator_to_array(Sauce::sixty())[$name];

        return array_map(
            static fn (Addition $each): string => $each->ingredient->slug,
            self::remedies($recipe, [$feel => $steps])[0]->additions ?? [],
        );
    }

    public function test_what_is_chopped_into_it_is_doubled_at_the_most_and_thickens_nothing(): void
    {
        $asked = [['salty', -2.0], ['sour', -2.0], ['thick', -2.0], ['sweet', 2.0]];
        foreach (Sauce::sixty() as $name => $recipe) {
            $weighed = Evaluation::of($recipe, Sauce::catalogue(), null)->cooked->weighed;
            [$feel, $steps] = $asked[crc32($name) % 4];
            foreach (self::remedies($recipe, [$feel => $steps]) as $remedy) {
                foreach ($remedy->additions as $addition) {
                    $thing = $addition->ingredient;
                    $isChoppedIn
                        = $thing->form === Form::Pieces && array_intersect($thing->roles, ['base', 'body']) === [];
                    $there = $weighed->gramsOf($thing->slug);
                    if ($isChoppedIn && $there > 0.0 && $remedy->growth() < 0.2) {
                        self::assertLessThanOrEqual(
                            1.15 * $there,
                            $addition->grams,
                            "{$name}, {$feel} {$steps}: {$addition->text} {$thing->slug}",
                        );
                        self::assertNotSame(
                            'thick',
                            $feel,
                            "{$name}: {$addition->text} {$thing->slug} thickens nothing",
                        );
                    }
                }
            }
        }
    }

    public function test_a_cook_reaches_for_the_salt(): void
    {
        foreach (['Tartare sauce', 'Remoulade', 'Piccalilli', 'Cheese sauce'] as $name) {
            self::assertSame(['fine-salt'], self::first($name, 'salty', -2.0), $name);
        }
    }

    public function test_more_of_all_the_rest_mends_what_is_pounded_and_too_salty(): void
    {
        self::assertSame(['basil', 'pine-nut', 'garlic', 'olive-oil'], self::first('Basil pesto', 'salty', 2.0));
    }

    public function test_no_water_goes_into_a_mash(): void
    {
        foreach (['Guacamole' => 'rich', 'Horseradish cream' => 'sweet', 'Tzatziki' => 'sour'] as $name => $feel) {
            $recipe = iterator_to_array(Sauce::sixty())[$name];
            foreach (self::remedies($recipe, [$feel => 2.0]) as $remedy) {
                self::assertNotContains(
                    'water',
                    array_map(static fn (Addition $each): string => $each->ingredient->slug, $remedy->additions),
                    $name,
                );
            }
        }
    }
}
