<?php

declare(strict_types=1);

namespace Tests\Core\Pantry;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Mixture\Constituent;
use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\Ingredient;
use Vinculum\Pantry\InvalidIngredient;
use Vinculum\Pantry\OwnIngredient;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Taste\Measure;

final class OwnIngredientTest extends TestCase
{
    public function test_a_serving_is_written_as_the_label_has_it(): void
    {
        $salty = static fn (string $serving): float => Ingredient::fromCompiled(
            OwnIngredient::compile(
                'mine',
                ['name' => 'Mine', 'like' => 'soy-sauce', 'serving' => $serving, 'values' => ['sodium_mg' => 900]],
                Sauce::catalogue(),
            ),
        )->composition[Constituent::SODIUM] ?? 0.0;

        // a label's tablespoon is 15 mL: 17.4 g of soy sauce
        self::assertEqualsWithDelta((0.9 / 17.4) * 100, $salty('1 tbsp'), 0.01);
        self::assertEqualsWithDelta($salty('1 tbsp'), $salty('15 ml'), 1e-9);
        self::assertEqualsWithDelta(3.0, $salty('30 g'), 1e-9);
        self::assertEqualsWithDelta(3.0, $salty('30'), 1e-9);
        foreach (['some' => 'serving', '0 g' => 'serving', '3 bottles' => 'serving'] as $text => $field) {
            try {
                $salty($text);
                self::fail("“{$text}” was taken for a serving");
            } catch (InvalidIngredient $why) {
                self::assertSame($field, $why->field);
            }
        }
    }

    public function test_a_stronger_vinegar_is_its_relative_with_the_acid_put_right(): void
    {
        $mine = self::make(['name' => 'my vinegar', 'like' => 'cider-vinegar', 'values' => ['acidity_percent' => 6]]);

        self::assertEqualsWithDelta(6.0, self::sum($mine, Constituent::ACETIC, Constituent::MALIC), 1e-9);
        self::assertEqualsWithDelta(
            0.05 / 4.95,
            self::of($mine, Constituent::MALIC) / self::of($mine, Constituent::ACETIC),
            1e-9,
            'split as in the relative',
        );
        self::assertEqualsWithDelta(100.0, $mine->total(), 1e-9);
        self::assertSame('label, as you gave it', $mine->sources[Constituent::ACETIC]);
        self::assertStringStartsWith('estimate: as in cider vinegar', $mine->sources[Constituent::POTASSIUM]);
    }

    public function test_an_american_label_per_serving_and_a_european_one_per_100_g_say_the_same(): void
    {
        $eu = self::make([
            'name' => 'a',
            'like' => 'ketchup',
            'values' => ['sugars_g' => 24, 'salt_g' => 2, 'fat_g' => 0.2, 'protein_g' => 1.2],
        ]);
        $us = self::make([
            'name' => 'b',
            'like' => 'ketchup',
            'serving_g' => 17,
            'values' => [
                'sugars_g' => 24 * 0.17,
                'sodium_mg' => 800 * 0.17,
                'fat_g' => 0.2 * 0.17,
                'protein_g' => 1.2 * 0.17,
            ],
        ]);

        foreach ($eu->composition as $constituent => $value) {
            self::assertEqualsWithDelta($value, $us->composition[$constituent], 1e-9, Constituent::KEYS[$constituent]);
        }
        self::assertEqualsWithDelta(0.8, self::of($eu, Constituent::SODIUM), 1e-9);
        self::assertEqualsWithDelta(
            24.0,
            self::sum($eu, Constituent::SUCROSE, Constituent::GLUCOSE, Constituent::FRUCTOSE),
            1e-9,
        );
    }

    public function test_less_salt_takes_its_chloride_along_and_water_takes_the_place(): void
    {
        $soy = Sauce::ingredient('soy-sauce');
        $mine = self::make(['name' => 'lower-salt soy', 'like' => 'soy-sauce', 'values' => ['salt_g' => 8]]);

        self::assertEqualsWithDelta(100.0, $mine->total(), 1e-9);
        $less = self::of($soy, Constituent::SODIUM) - 3.2;
        self::assertEqualsWithDelta(
            self::of($soy, Constituent::WATER) + $less * 2.5421,
            self::of($mine, Constituent::WATER),
            1e-6,
        );
        self::assertSame($soy->contains, $mine->contains, 'allergens are those of the relative');
    }

    public function test_what_the_relative_does_not_know_stays_unknown(): void
    {
        $mine = self::make(['name' => 'm', 'like' => 'date-syrup', 'values' => ['sugars_g' => 60]]);

        self::assertNull($mine->composition[Constituent::GLUTAMIC]);
        self::assertSame('', $mine->sources[Constituent::GLUTAMIC]);
    }

    public function test_a_mild_year_of_chillies(): void
    {
        $mild = self::make(['name' => 'this year', 'like' => 'habanero', 'values' => ['heat_shu' => 12_000]]);

        self::assertEqualsWithDelta(12_000 / 16, self::of($mild, Constituent::CAPSAICINOIDS) * 1e4, 1e-6);
    }

    public function test_a_finished_sauce_is_an_ingredient_that_tastes_like_itself(): void
    {
        $sauce = Sauce::evaluate(
            [
                'gooseberry' => '1 kg',
                'sugar' => '300 g',
                'fine-salt' => '10 g',
                'habanero' => '8 g',
                'white-miso' => '30 g',
            ],
            ['process' => ['kind' => 'simmer', 'until' => ['loss_percent' => 25]]],
        );
        $definition = OwnIngredient::ofMixture('My ketchup', $sauce->cooked->mixture);
        $catalogue = new Catalogue(
            ['my-ketchup' => OwnIngredient::compile('my-ketchup', $definition, Sauce::catalogue())],
            Sauce::catalogue()->vocabulary,
        );
        $again = Evaluation::of(
            RecipeDocument::read([
                'format' => 'vinculum-recipe',
                'version' => 1,
                'name' => 'x',
                'stages' => [['lines' => [['ingredient' => 'my-ketchup', 'amount' => '100 ml']]]],
            ]),
            $catalogue,
            null,
        );

        foreach (Measure::cases() as $measure) {
            self::assertEqualsWithDelta(
                $sauce->tasting->value($measure),
                $again->tasting->value($measure),
                1e-5 * max(1.0, $sauce->tasting->value($measure)),
                $measure->value,
            );
        }
        self::assertEqualsWithDelta(
            100.0,
            $again->estimates->volume()->value,
            0.1,
            'and a hundred millilitres of it are that much',
        );
    }

    /**
     * @return iterable<string, array{array<string, mixed>, string, string}> definition, field, words
     */
    public static function impossible(): iterable
    {
        yield 'more than there is room for' => [
            ['name' => 'x', 'like' => 'honey', 'values' => ['sugars_g' => 150]],
            'values',
            'more than 100 g in 100 g',
        ];
        yield 'like nothing' => [['name' => 'x'], 'like', 'Say what it is most like'];
        yield 'like something unknown' => [['name' => 'x', 'like' => 'ambrosia'], 'like', 'There is no “ambrosia”'];
        yield 'a constituent nobody knows' => [
            ['name' => 'x', 'per_100g' => ['water' => 90, 'magic' => 1]],
            'per_100g.magic',
            'no constituent',
        ];
    }

    /**
     * @param array<string, mixed> $definition
     */
    #[DataProvider('impossible')]
    public function test_what_cannot_be_names_its_field(array $definition, string $field, string $words): void
    {
        try {
            self::make($definition);
            self::fail('It was made.');
        } catch (InvalidIngredient $why) {
            self::assertSame($field, $why->field);
            self::assertStringContainsString($words, $why->getMessage());
        }
    }

    /**
     * @param array<string, mixed> $definition
     */
    private static function make(array $definition): Ingredient
    {
        /** @phpstan-ignore argument.type */
        return Ingredient::fromCompiled(OwnIngredient::compile('mine', $definition, Sauce::catalogue()));
    }

    private static function of(Ingredient $ingredient, int $constituent): float
    {
        return $ingredient->composition[$constituent] ?? 0.0;
    }

    private static function sum(Ingredient $ingredient, int ...$constituents): float
    {
        return array_sum(
            array_map(static fn (int $constituent): float => self::of($ingredient, $constituent), $constituents),
        );
    }
}
