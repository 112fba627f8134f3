<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Recipe\WeighedRecipe;
use Vinculum\Safety\LabelList;

/** What is in a sauce, as a label has it. */
final class LabelListTest extends TestCase
{
    public function test_most_stands_first_allergens_are_marked_and_what_is_not_in_it_is_not_listed(): void
    {
        $weighed = WeighedRecipe::of(Sauce::of([
            'soy-sauce' => '50 g',
            'plum' => '1 kg',
            'white-sugar' => '200 g',
            'white-sugar 2' => '100 g',
            ['id' => 'bay', 'ingredient' => 'bay-leaf', 'amount' => '3', 'handling' => 'steeped'],
            ['id' => 'out', 'ingredient' => 'peanut-butter', 'amount' => '900 g', 'left_out' => true],
            ['id' => 'own', 'ingredient' => 'aunt’s walnut paste', 'amount' => '20 g'],
        ]), Sauce::catalogue());
        $list = LabelList::of($weighed);

        self::assertSame(['plums', 'white sugar', 'soy sauce'], array_slice(array_column($list, 'name'), 0, 3));
        $marked = array_column($list, 'is_allergen', 'name');
        self::assertFalse($marked['plums']);
        self::assertTrue($marked['soy sauce']);
        self::assertTrue($marked['aunt’s walnut paste'], 'a name nobody knows is marked by what it says');
        self::assertArrayNotHasKey('peanut butter', $marked);
        self::assertCount(5, $list, 'the same twice is one');
    }
}
