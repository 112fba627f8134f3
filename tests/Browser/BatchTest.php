<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** From one cup to twelve bottles. */
final class BatchTest extends BrowserTestCase
{
    public function test_six_bottles_with_spoons_only(): void
    {
        $this->goTo('/pantry');
        $this->see("//summary[contains(.,'How I measure')]")->click();
        $this->see("//label[contains(.,'I have a scale')]/input")->click();
        $this->plan('Gooseberry ketchup', '6 x 250 ml');
        self::assertStringContainsString('6 of 6 filled', $this->see('.sentence')->getText());
        $amounts = array_map(
            static fn ($cell): string => $cell->getText(),
            $this->window->findElements(WebDriverBy::cssSelector('.scaled:not(.shopping) td strong')),
        );
        self::assertNotEmpty($amounts);
        foreach ($amounts as $amount) {
            self::assertDoesNotMatchRegularExpression('/\d g$/', $amount, 'no scale, no grams');
        }
        $this->goTo('/pantry');
        $this->see("//summary[contains(.,'How I measure')]")->click();
        $this->see("//label[contains(.,'I have a scale')]/input")->click();
    }

    public function test_a_recipe_with_one_egg_is_halved(): void
    {
        $this->openRecipe('Boathouse white sauce');
        $this->see('.add-input')->sendKeys('egg, whole');
        $this->see("//li//strong[starts-with(.,'egg')]")->click();
        $this->see('.amount-input')->sendKeys([
            WebDriverKeys::CONTROL,
            'a',
            WebDriverKeys::NULL,
            '1',
            WebDriverKeys::ENTER,
        ]);
        $this->waitUntilKept();
        $this->plan('Boathouse white sauce', 'half');
        $egg = $this->see("//table[contains(@class,'scaled')]//tr[td[starts-with(.,'egg')]]")->getText();
        self::assertStringContainsString('most of it: weigh', $egg);
    }

    public function test_everything_from_900_g_of_what_there_is(): void
    {
        $this->plan('Gooseberry ketchup', 'all of 900 g gooseberries');
        $gooseberries = $this->see("//table[contains(@class,'scaled')]//tr[td[.='gooseberries']]")->getText();
        self::assertStringContainsString('900 g', (string) preg_replace('/\s+/u', ' ', $gooseberries));
        self::assertStringStartsWith('× 0.9', $this->see('.sentence')->getText());

        $this->howMuch('all of 1 kg pears');
        self::assertStringContainsString('is not in this recipe', $this->see("[role='alert']")->getText());
    }

    public function test_a_batch_too_big_for_the_pan_is_said_and_printed_on_a_card(): void
    {
        $this->plan('Gooseberry ketchup', '10x');
        $this->see("//p[starts-with(.,'Too much for the preserving pan')]");

        $this->see("//a[.='Card to print']")->click();
        self::assertSame('10 kg', preg_replace('/\s+/', ' ', $this->see('.card-amount')->getText()));
        self::assertStringContainsString('Too much for the preserving pan', $this->see('.card-page')->getText());

        $this->window->navigate()->back();
        $this->see('.scaled');
        $this->howMuch('10x');
        $this->see("//summary[contains(.,'My pans and jars')]")->click();
        $this->see("//label[starts-with(.,'Name')]/input")->sendKeys('stock pot');
        $this->see("//label[starts-with(.,'to the brim')]/input")->sendKeys('30000');
        $this->see("//section[@aria-label='What it takes']//button[.='Keep it']")->click();
        $this->see("//p[starts-with(.,'It fits the stock pot')]");
    }

    public function test_a_recipe_is_brought_in_and_a_list_made_of_several(): void
    {
        $this->goTo('/shelf');
        $this->see("//button[.='Add from paper or a file']")->click();
        $this->see('.jotted')->sendKeys("# Plum sauce\n900 g plums\n200 g sugar\n1/2 cup cider vinegar");
        $this->see("//button[.='Read it']")->click();
        $this->see("//button[.='Put it on the Shelf']")->click();
        $this->eventually(
            fn (): bool => $this->see('.title')->getAttribute('value') === 'Plum sauce',
            'for the sauce to be opened',
        );

        $this->goTo('/shopping');
        $this->see("//label[contains(.,'Plum sauce')]/input")->click();
        $this->see("//label[contains(.,'Gooseberry ketchup')]/input")->click();
        $this->eventually(
            fn (): bool => str_contains($this->see('.shopping')->getText(), 'plum')
                && str_contains($this->see('.shopping')->getText(), 'gooseberries'),
            'for both to be on the list',
        );
    }

    private function plan(string $name, string $to): void
    {
        $this->openRecipe($name);
        $this->goTo('/batch/'.basename((string) parse_url($this->window->getCurrentURL(), PHP_URL_PATH)));
        $this->see('.scaled');
        $this->howMuch($to);
    }

    private function howMuch(string $to): void
    {
        $this->see("//label[starts-with(.,'How much')]/input")->sendKeys([
            WebDriverKeys::CONTROL,
            'a',
            WebDriverKeys::NULL,
            $to,
        ]);
        usleep(600_000);
    }
}
