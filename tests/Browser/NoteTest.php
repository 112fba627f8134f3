<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** Notes as people write them, pasted, dropped in and typed. */
final class NoteTest extends BrowserTestCase
{
    private const CARD = <<<'CARD'
    Gran's plum ketchup (good!)
    Makes 3 small jars

    - 1 kg plums, stoned
    - 1 onion, chopped
    - 1 tsp coriander
    - 1/2 cup, 150 g honey
    - 300 ml cider vinegar
    - 1 cinnamon stick
    - salt to taste

    1. Soften the onion for 5 min.
    2. Add the plums, vinegar, coriander and cinnamon, simmer 30 minutes.
    3. Push through a sieve, then stir in the honey and reduce by a third.
    Jo says more chilli
    CARD;

    public function test_a_card_from_the_drawer_is_cooked_up_to_the_bench_with_two_questions_answered(): void
    {
        $this->goTo('/shelf');
        $this->see("//button[.='Add from paper or a file']")->click();
        $this->see("textarea[aria-label='Or paste it here']")->sendKeys(self::CARD);
        $this->see("//button[.='Read it']")->click();
        $this->see("//button[.='coriander seed, ground']")->click();
        $this->see("//button[.='150 g']")->click();
        $this->see("//button[.='Put it on the Shelf']")->click();
        $this->see(
            "//h1[contains(.,'plum ketchup')] | //input[contains(@value,'plum ketchup')] | //*[contains(.,'plum "
                ."ketchup') and contains(@class,'name')]",
        );
        $lines = $this->eventually(
            fn (): ?string => str_contains(
                $text = $this->see("//section[.//button[.='Add a stage']]")->getText(),
                'coriander seed',
            )
                ? $text
                : null,
            'for the lines',
        );
        self::assertStringContainsString('honey', $lines);
        self::assertStringContainsString('150 g', $lines);
        $panel = $this->see("//section[.//button[.='Add a stage']]")->getText();
        self::assertStringContainsString('simmer, 30 min', $panel);
        $losses = array_map(
            static fn ($input): string => (string) $input->getAttribute('value'),
            $this->window->findElements(WebDriverBy::cssSelector('.loss')),
        );
        self::assertNotSame([], preg_grep('/^33/', $losses), implode(' ', $losses));
    }

    public function test_each_word_stands_beside_what_became_of_it(): void
    {
        $this->goTo('/shelf');
        $this->see("//button[.='Add from paper or a file']")->click();
        $note = "Gravy\n500 ml chicken stock\n2 tbsp xyzzy\n\nBoil hard for 10 min. Stir in 20 g butter. "
            .'Lovely with chips.';
        $this->see("textarea[aria-label='Or paste it here']")->sendKeys($note);
        $this->see("//button[.='Read it']")->click();

        $this->see("//h3[.='Your words']");
        $words = fn (string $css): array => array_map(
            static fn ($word): string => $word->getText(),
            $this->window->findElements(WebDriverBy::cssSelector(".your-words .words .{$css}")),
        );
        self::assertSame(['Gravy'], $words('says'));
        self::assertSame(['500 ml', 'chicken stock', '20 g', 'butter'], $words('goes-in'));
        self::assertSame(['2 tbsp xyzzy'], $words('untied'));
        self::assertSame(['Boil hard for 10 min.', 'Stir in'], $words('is-done'));
        self::assertSame(['Lovely with chips.'], $words('remark'));
        $steps = $this->see('.as-you-stand')->getText();
        self::assertStringContainsString('Boil 10 minutes', $steps);
        self::assertStringContainsString('butter, unsalted', $steps);
        // what is held in the list is shown in the words
        $this->see("//button[contains(@class,'thing')][contains(.,'butter')]")->click();
        self::assertSame(['20 g', 'butter'], $words('word[data-held=true]'));
    }

    public function test_a_web_page_s_recipe_is_dropped_in(): void
    {
        $this->goTo('/shelf');
        $this->see("//button[.='Add from paper or a file']")->click();
        $page
            = '{"@context":"https://schema.org","@graph":[{"@type":"Recipe","name":"Mango glaze","recipeYield":"2 cups","recipeIngredient":["1 mango, peeled","2 tbsp lime juice","100 g sugar"],"recipeInstructions":[{"@type":"HowToStep","text":"Simmer everything for 15 minutes."},{"@type":"HowToStep","text":"Blend until smooth."}]}]}';
        $this->see("textarea[aria-label='Or paste it here']")->sendKeys($page);
        $this->see("//button[.='Read it']")->click();
        $this->see("//button[.='Put it on the Shelf']")->click();
        $panel = $this->eventually(
            fn (): ?string => str_contains(
                $text = $this->see("//section[.//button[.='Add a stage']]")->getText(),
                'mango',
            )
                ? $text
                : null,
            'for the lines',
        );
        self::assertStringContainsString('simmer, 15 min', $panel);
        self::assertStringContainsString('blend', $panel);
    }

    public function test_what_is_typed_into_the_add_field_is_read_as_a_line(): void
    {
        $this->openRecipe('Gooseberry ketchup');
        $this->see('.add-input')->sendKeys(['1 cup tamari', WebDriverKeys::ENTER]);
        $lines = $this->eventually(
            fn (): ?string => str_contains(
                $text = $this->see("//section[.//button[.='Add a stage']]")->getText(),
                'tamari',
            )
                ? $text
                : null,
            'for the tamari',
        );
        self::assertMatchesRegularExpression('/1\s*cup\s*J?\s*tamari/u', $lines);
    }

    public function test_a_word_typed_on_the_bench_is_asked_once_and_remembered(): void
    {
        $this->openRecipe('Boathouse white sauce');
        $field = $this->see("[aria-label='Add an ingredient']");
        $field->sendKeys(['1 cup cider', WebDriverKeys::ENTER]);
        $asked = $this->see('.add-asked');
        self::assertStringContainsString('Is “cider” one of these?', $asked->getText());
        $this->see("//button[.='cider vinegar, 5 %']")->click();
        $this->see("//button[.='always so in this house']")->click();
        $this->eventually(
            fn (): bool => str_contains($this->see('.add-asked')->getText(), 'Kept: “cider” is cider vinegar, 5 % '
                .'here'),
            'for it to be kept',
        );
        $this->see("//button[.='Add it']")->click();
        $this->eventually(
            fn (): bool => substr_count($this->see('.lines')->getText(), 'cider vinegar') > 1,
            'for the line',
        );

        $this->goTo('/pantry');
        $this->see("//summary[.='How I measure and read']")->click();
        $this->see("//button[starts-with(.,'cider: cider vinegar, 5 %')]")->click();
        $this->eventually(
            fn (): bool => $this->window->findElements(WebDriverBy::xpath("//legend[.='What words mean here']")) === [],
            'for it to be taken out',
        );
    }
}
