<?php

declare(strict_types=1);

namespace Tests\Reference;

use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Mixture\Constituent;

/**
 * A ketchup cooked from tomato paste, vinegar, sugar and salt against the public composition of catsup.
 *
 * Reference: USDA FoodData Central, "Catsup" (from memory): water 68.5 g, sugars 21.3 to 22.8 g, sodium 907 mg per
 * 100 g.
 * The recipe is a common one (no source), salted to 2.2 % as ketchups are; so its salt was ours to choose. It is
 * reduced to
 * the water of the reference; what is checked is whether the catalogue, spoon measures and reduction then give its
 * sugar and
 * sodium.
 */
final class CatsupTest extends TestCase
{
    private const SUGARS = [
        Constituent::SUCROSE,
        Constituent::GLUCOSE,
        Constituent::FRUCTOSE,
        Constituent::MALTOSE,
        Constituent::LACTOSE,
    ];

    public function test_sugar_and_sodium_are_those_of_catsup(): void
    {
        $composition = self::composition(['loss_percent' => 28]);

        self::assertEqualsWithDelta(68.5, $composition['water'], 1.5, 'reduced to the water of the reference');
        // 10 %: brands of one kind differ by as much
        self::assertEqualsWithDelta(22.0, $composition['sugars'], 2.2);
        self::assertEqualsWithDelta(0.907, $composition['sodium'], 0.0907);
    }

    public function test_unreduced_it_is_no_ketchup(): void
    {
        self::assertLessThan(22.0 - 2.2, self::composition(null)['sugars']);
    }

    /**
     * @param array<string, float>|null $until
     * @return array{water: float, sugars: float, sodium: float} g per 100 g
     */
    private static function composition(?array $until): array
    {
        $mixture = Sauce::evaluate(
            [
                'tomato-paste' => '1 1/2 cup',
                'water' => '2 cup',
                'white-vinegar' => '2/3 cup',
                'sugar' => '2/3 cup',
                'fine-salt' => '3 1/4 tsp',
                'onion' => '1 small',
            ],
            ['process' => ['kind' => 'simmer', 'until' => $until]],
        )->cooked->mixture;
        $per100 = 100 / $mixture->mass();

        return [
            'water' => $mixture->grams[Constituent::WATER] * $per100,
            'sugars'
                => array_sum(array_map(static fn (int $of): float => $mixture->grams[$of], self::SUGARS)) * $per100,
            'sodium' => $mixture->grams[Constituent::SODIUM] * $per100,
        ];
    }
}
