<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Safety\Need;

/** What somebody does not eat, as it is said. */
final class NeedTest extends TestCase
{
    /** @return iterable<string, array{string, string|null}> what is said, and the need it is */
    public static function said(): iterable
    {
        $same = [
            'eggs' => ['eggs', 'egg', 'no eggs', 'Egg-free', 'egg free', ' without egg '],
            'peanuts' => ['peanut', 'no peanuts', 'groundnuts'],
            'soy' => ['soya', 'soy-free', 'no soya', 'Soybeans'],
            'milk' => ['dairy', 'dairy-free', 'no dairy', 'milk free', 'lactose-free'],
            'gluten' => ['wheat', 'gluten-free', 'coeliac', 'celiac'],
            'nuts' => ['nut', 'tree nuts', 'nut-free'],
            'sulphites' => ['sulfites', 'no sulphite'],
            'added-sugar' => ['sugar', 'added sugar', 'sugar-free', 'no added sugar'],
            'shellfish' => ['crustaceans', 'no shellfish', 'molluscs'],
            'vegan' => ['Vegan', 'plant-based'],
            'alcohol' => ['alcohol-free', 'no alcohol'],
        ];
        foreach ($same as $need => $words) {
            foreach ($words as $word) {
                yield $word => [$word, $need];
            }
        }
        foreach (['sorrow', '', 'no', '-free', 'eggplant', 'nutmeg'] as $word) {
            yield "“{$word}”" => [$word, null];
        }
    }

    #[DataProvider('said')]
    public function test_one_need_in_the_words_people_use(string $said, ?string $need): void
    {
        self::assertSame($need, Need::named($said, Sauce::catalogue()->vocabulary)?->slug);
    }

    public function test_one_that_nobody_knows_names_the_field_and_what_would_be_accepted(): void
    {
        try {
            Need::each(['egg', 'sorrow'], Sauce::catalogue()->vocabulary, 'free_of');
            self::fail('Sorrow is no need.');
        } catch (InvalidRecipe $why) {
            self::assertStringContainsString(
                '“sorrow” is not accepted. Expected: one of vegan, vegetarian, gluten',
                $why->getMessage(),
            );
        }
        self::assertSame(
            ['eggs', 'soy'],
            array_map(
                static fn (Need $need): string => $need->slug,
                Need::each(['egg', 'soya'], Sauce::catalogue()->vocabulary, 'free_of'),
            ),
        );
    }

    /**
     * What is not eaten is against it, what may hold some is to be checked, and of what nobody has spoken for nobody
     * knows.
     */
    public function test_what_a_thing_is_to_a_need(): void
    {
        $verdict = static fn (string $need, string $slug): ?string => Sauce::need($need)->verdict(
            Sauce::ingredient($slug),
        );

        self::assertSame('against', $verdict('eggs', 'mayonnaise'));
        self::assertSame('against', $verdict('gluten', 'soy-sauce'));
        self::assertSame('against', $verdict('vegan', 'honey'));
        self::assertSame('check', $verdict('celery', 'chicken-stock'));
        self::assertNull($verdict('eggs', 'sugar'));
        self::assertSame('contains eggs', Sauce::need('eggs')->why(Sauce::ingredient('mayonnaise')));
        self::assertSame('is not vegan', Sauce::need('vegan')->why(Sauce::ingredient('honey')));
    }
}
