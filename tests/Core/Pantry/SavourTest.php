<?php

declare(strict_types=1);

namespace Tests\Core\Pantry;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Figure\Sense;
use Vinculum\Mixture\Constituent;
use Vinculum\Taste\Measure;

/** What reads savoury, and the forms of one thing on one basis. */
final class SavourTest extends TestCase
{
    private const FORMS = [
        'tomato',
        'passata',
        'tomato-paste',
        'chopped-tomatoes',
        'cherry-tomato',
        'tomato-juice',
        'roasted-tomato',
    ];

    public function test_every_form_of_tomato_has_its_glutamate_by_its_solids_and_its_nucleotides_alike(): void
    {
        $solids = static fn (string $slug): float => 100.0
            - (Sauce::ingredient($slug)->composition[Constituent::WATER] ?? 0.0);
        $share = static fn (string $slug): float => (Sauce::ingredient($slug)->composition[Constituent::GLUTAMIC]
            ?? 0.0)
            / $solids($slug);
        foreach (self::FORMS as $slug) {
            self::assertEqualsWithDelta(1.0, $share($slug) / $share('tomato'), 0.15, $slug);
            self::assertNull(
                Sauce::ingredient($slug)->composition[Constituent::AMP],
                "{$slug}: known for all of them, or for none",
            );
        }
    }

    public function test_a_ketchup_from_paste_and_a_bought_one_agree_within_a_step(): void
    {
        $made = Sauce::evaluate([
            'tomato-paste' => '300 g',
            'water' => '350 g',
            'sugar' => '180 g',
            'white-vinegar' => '150 g',
            'fine-salt' => '22 g',
        ])->tasting->value(Measure::Umami);
        $bought = Sauce::evaluate(['ketchup' => '500 g'])->tasting->value(Measure::Umami);

        self::assertLessThan(1.0, abs(Sense::Umami->steps($made, $bought)));
    }

    /** @return iterable<string, array{string}> */
    public static function savoury(): iterable
    {
        foreach (
            [
                'nutritional-yeast',
                'amino-seasoning',
                'worcestershire-type-sauce',
                'hoisin-type-sauce',
                'soy-sauce',
                'hard-cheese',
                'coconut-aminos',
                'low-salt-soy',
                'nori',
                'cheddar',
            ] as $slug
        ) {
            yield $slug => [$slug];
        }
    }

    #[DataProvider('savoury')]
    public function test_what_is_savoury_does_not_read_nothing(string $slug): void
    {
        self::assertGreaterThan(0.05, Sauce::evaluate([$slug => '100 g'])->tasting->value(Measure::Umami));
    }
}
