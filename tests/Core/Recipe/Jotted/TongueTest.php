<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Jotted;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Recipe\Jotted\JottedText;
use Vinculum\Recipe\WeighedRecipe;

/** A note in a tongue that is not read is said to be one; its amounts are read, and its names are not guessed at. */
final class TongueTest extends TestCase
{
    /** @return iterable<string, array{string, string}> tongue, text */
    public static function notes(): iterable
    {
        yield 'German' => [
            'German',
            "Zwiebelsoße\n\n2 EL Öl\n3 Zwiebeln, fein gehackt\n250 ml Wasser\n1 TL Salz\n"
                ."1 Prise Pfeffer\n\nDie Zwiebeln im "
                .'Öl 10 Minuten dünsten, mit dem Wasser ablöschen und 20 Minuten köcheln lassen.',
        ];
        yield 'French' => [
            'French',
            "Sauce aux oignons\n\n2 c. à soupe d'huile\n3 oignons hachés\n25 cl de vin blanc\n"
                ."1 c. à café de sel\n\nFaire "
                .'revenir les oignons dans l’huile, ajouter le vin et laisser mijoter 20 minutes.',
        ];
        yield 'Spanish' => [
            'Spanish',
            "Salsa de tomate\n\n1 kg de tomates\n2 cebollas picadas\n3 dientes de ajo\n"
                ."4 cucharadas de aceite\n1 cucharadita "
                ."de sal\n\nCocinar la cebolla con el ajo hasta dorar, añadir los tomates y dejar hervir 30 minutos.",
        ];
        yield 'Italian' => [
            'Italian',
            "Sugo di pomodoro\n\n1 kg di pomodori\n1 cipolla tritata\n2 spicchi di aglio\n"
                ."3 cucchiai di olio\n1 pizzico di "
                ."sale\n\nCuocere la cipolla con il olio, aggiungere i pomodori e lasciare bollire 40 minuti.",
        ];
        yield 'Portuguese' => [
            'Portuguese',
            "Molho de tomate\n\n1 kg de tomates\n2 cebolas picadas\n2 dentes de alho\n"
                ."3 colheres de azeite\nsal\n\nJuntar a "
                .'cebola com o alho e deixar ferver 30 minutos até ficar com a consistência do molho.',
        ];
    }

    #[DataProvider('notes')]
    public function test_a_note_in_another_tongue_is_said_to_be_one(string $tongue, string $text): void
    {
        [$recipe, , , $said] = JottedText::readWithSpans($text, Sauce::catalogue(), MeasuringSet::Metric);

        self::assertSame($tongue, $said);
        // a sentence is kept as it is, and no line of the list
        self::assertLessThan(6, count($recipe->lines()));
        self::assertNotSame('', $recipe->story);
        foreach (WeighedRecipe::of($recipe, Sauce::catalogue())->lines as $line) {
            self::assertLessThan(1500.0, $line->grams, "{$line->line->amount} {$line->line->ingredient}");
        }
    }

    public function test_spoons_of_another_tongue_are_spoons(): void
    {
        foreach (['2 EL honey' => 30.0, '2 c. à soupe honey' => 30.0, '1 TL honey' => 5.0, '1 c. à café honey' => 5.0,
            '3 cucharadas honey' => 45.0, '2 cucchiai honey' => 30.0] as $line => $millilitres) {
            [$recipe] = JottedText::read("100 g sugar\n{$line}", Sauce::catalogue(), MeasuringSet::Metric);

            self::assertEqualsWithDelta(
                $millilitres * 1.42,
                WeighedRecipe::of($recipe, Sauce::catalogue())->lines[1]->grams,
                0.01,
                $line,
            );
        }
    }

    public function test_an_english_note_with_foreign_names_is_english(): void
    {
        foreach (
            [
                "Sauce gribiche\n\n2 eggs\n1 tbsp Dijon mustard\n200 ml olive oil\n"
                    ."cornichons, capers\n\nBoil the eggs for 8 "
                    .'minutes. Mix the yolks with the mustard and whisk in the oil.',
                "Salsa macha\n\n4 chiles de arbol\n1 cup peanuts\n2 cups oil\n\n"
                    .'Fry the chiles in the oil, then blend.',
            ] as $text
        ) {
            self::assertSame('', JottedText::readWithSpans($text, Sauce::catalogue(), MeasuringSet::Us)[3], $text);
        }
    }
}
