<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** What somebody may not eat and what can hurt, as it is met on the screens. */
final class CareTest extends BrowserTestCase
{
    public function test_egg_mayonnaise_made_into_an_ingredient_of_a_dip_still_says_egg_everywhere(): void
    {
        $this->keep('House mayonnaise', [
            'egg-yolk' => '2 each',
            'sunflower-oil' => '1 cup',
            'lemon-juice' => '1 tbsp',
        ]);
        $this->goTo('/pantry');
        $this->see(
            "//select[@aria-label='Make an ingredient of one of my recipes']/option[.='House mayonnaise']",
        )->click();
        $this->see("//h2[contains(.,'House mayonnaise')]");
        self::assertStringContainsString('eggs', $this->see('.page, .ingredient-page, main')->getText());

        $id = $this->keep('Herb dip', ['house-mayonnaise' => '1 cup', 'yoghurt' => '1/2 cup', 'chives' => '1 tbsp']);
        $this->openRecipe('Herb dip');
        self::assertStringContainsString('eggs', $this->see('.contains-short')->getText());
        $this->see("//button[.='Keeping']")->click();
        $card = $this->see("//section[@aria-label='A closer look']")->getText();
        self::assertStringContainsString('eggs from House mayonnaise', $card);
        self::assertStringContainsString('Raw egg', $card);
        self::assertMatchesRegularExpression('/In the fridge, [12] days?/', $card);

        $this->goTo("/card/{$id}");
        $printed = $this->eventually(
            fn (): ?string => str_contains($text = $this->see('main')->getText(), 'Contains') ? $text : null,
            'for the card',
        );
        self::assertStringContainsString('eggs', $printed);
        self::assertStringContainsString('Raw egg', $printed);
    }

    public function test_a_guest_who_may_not_have_nuts(): void
    {
        $this->keep('Cashew sauce', [
            'cashew' => '100 g',
            'water' => '150 g',
            'lemon-juice' => '2 tbsp',
            'fine-salt' => '1/2 tsp',
        ]);
        $this->openRecipe('Cashew sauce');
        $this->see("//button[starts-with(.,'For somebody')]")->click();
        $this->see("//button[.='no nuts']")->click();
        self::assertStringContainsString('contains tree nuts', $this->see('.closer .contains')->getText());
        self::assertStringNotContainsString('It brings', $this->see('.closer')->getText());
        self::assertDoesNotMatchRegularExpression(
            '/peanut|almond|walnut|sesame|egg/',
            $this->see('.closer .contains')->getText(),
        );
    }

    public function test_a_reading_of_5_2_is_asked_about_and_raises_the_card_of_its_batch(): void
    {
        $this->openRecipe('Gooseberry ketchup');
        $this->makeItToday();
        $this->see("//label[starts-with(.,'Reading')]/input")->sendKeys('5.2');
        $this->see("//button[.='Note it']")->click();
        $batch = $this->eventually(
            fn (): ?string => str_contains($text = $this->see('.batch')->getText(), 'Set aside') ? $text : null,
            'for the reading to be kept',
        );
        self::assertStringContainsString('Far from what is thought', $batch);
        self::assertStringContainsString('4.6', $this->see('.batch')->getText());
        self::assertMatchesRegularExpression('/In the fridge, [1-4] days/', $this->see('.batch')->getText());
        $this->see("//button[.='Set aside']")->click();
        $this->eventually(
            fn (): bool => $this->window->findElements(WebDriverBy::xpath("//button[.='Set aside']")) === [],
            'for it to be set aside',
        );
        self::assertStringContainsString('5.20', $this->see('.batch')->getText(), 'its trace is kept');
    }

    public function test_a_bottle_of_soy_alone_frightens_nobody(): void
    {
        $this->keep('Soy', ['soy-sauce' => '150 g']);
        $this->openRecipe('Soy');
        $this->see("//button[.='Keeping']")->click();
        $card = $this->see("//section[@aria-label='A closer look']")->getText();
        self::assertStringContainsString('as its label says', $card);
        foreach (['botulism', 'Stop', 'raw', '4.6'] as $frightening) {
            self::assertStringNotContainsString($frightening, $card);
        }
    }

    /** @param array<string, string> $lines amounts by slug */
    private function keep(string $name, array $lines): string
    {
        $documents = [];
        foreach ($lines as $slug => $amount) {
            $documents[] = ['id' => "l{$slug}", 'ingredient' => $slug, 'amount' => $amount];
        }
        $recipe = [
            'format' => 'vinculum-recipe',
            'version' => 1,
            'name' => $name,
            'stages' => [['id' => 's1', 'lines' => $documents]],
        ];
        $answer = file_get_contents(
            self::$server->url.'/api/recipes',
            false,
            stream_context_create([
                'http' => [
                    'method' => 'POST',
                    'header' => "Content-Type: application/json\r\nAccept: application/json",
                    'content' => json_encode(['recipe' => $recipe], JSON_THROW_ON_ERROR),
                ],
            ]),
        );

        return ((array) json_decode((string) $answer, true))['id'];
    }
}
