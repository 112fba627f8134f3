<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** What was made, what the table said of it, and the best of them found again. */
final class LogTest extends BrowserTestCase
{
    public function test_made_filled_tasted_by_three_compared_labelled_and_eaten_up(): void
    {
        $this->openRecipe('Miso and carrot dressing');
        $this->makeItToday();
        $this->see('.batch .strip');

        $this->goTo('/log');
        $this->see("//ul[@class='log-rows']//a[.//small='no. 14']")->click();
        $this->see("//h2[contains(.,'no. 14')]");
        $this->see("[aria-label='How many jars']")->sendKeys('2');
        $this->see("[aria-label='ml each']")->sendKeys('190'.WebDriverKeys::ENTER);
        $this->eventually(fn (): bool => count($this->window->findElements(WebDriverBy::cssSelector('.log-jar'))) === 2, 'for the jars');

        // three people, one phone, one after the other
        foreach ([['', 8, 'sour'], ['Ines', 6, 'sweet'], ['Tomas', 7, 'hot']] as $i => [$who, $liking, $feel]) {
            $this->see("//button[.='Taste it']")->click();
            $this->see("input[placeholder='me']")->sendKeys($who);
            $this->see("//div[@data-feel='{$feel}']//button[starts-with(.,'more')]")->click();
            $this->see("//fieldset[@class='log-liking']/button[.='{$liking}']")->click();
            $this->see("//button[.='Keep what was said']")->click();
            $this->eventually(fn (): bool => count($this->window->findElements(WebDriverBy::cssSelector('.log-tastings tbody tr'))) === $i + 1, "for what {$who} said");
        }
        self::assertStringContainsString('a touch more', $this->see('.log-tastings')->getText());
        self::assertStringContainsString('Tomas', $this->see('.log-likes')->getText());

        $this->see("//select[@aria-label='Beside which']/option[contains(.,'no. 12')]")->click();
        $this->eventually(fn (): bool => str_contains($this->see('.log-beside')->getText(), 'soy sauce'), 'for what differs');

        $this->see("//a[.='Labels']")->click();
        $this->eventually(fn (): bool => count($this->window->findElements(WebDriverBy::cssSelector('.label'))) === 2, 'for the labels');
        $label = $this->see('.label')->getText();
        self::assertStringContainsString('no. 14A', $label);
        self::assertStringContainsString('until', $label);
        self::assertStringContainsString('Contains', $label);
        self::assertGreaterThan(10, $this->window->executeScript('return document.querySelector(".label img").naturalWidth'));

        $this->see("//a[.='Back to the batch']")->click();
        foreach (['A', 'B'] as $jar) {
            $this->see("//button[contains(@class,'log-jar')][.//span[starts-with(.,'{$jar}')]]")->click();
            $this->see("//button[.='It is gone']")->click();
            $this->see("//button[contains(@class,'is-gone')][.//span[starts-with(.,'{$jar}')]]");
        }
        $this->eventually(fn (): bool => str_contains($this->see("//ul[@class='log-rows']//a[.//small='no. 14']")->getText(), 'gone'), 'for it to be eaten up');
    }

    public function test_the_best_of_three_is_found_and_made_again(): void
    {
        $this->goTo('/log');
        $this->see("input[type='search']")->sendKeys('gooseberry liked');
        $this->eventually(fn (): bool => count($this->window->findElements(WebDriverBy::cssSelector('.log-rows a'))) === 1, 'for the one that was liked');
        $this->see('.log-rows a')->click();
        $this->see("//button[.='Make it again like this']")->click();
        $this->see('.segment');
        self::assertStringContainsString('as no. 10', $this->window->getPageSource());
    }

    public function test_the_jar_to_use_first_leads_to_its_batch(): void
    {
        $this->goTo('/');
        $jar = $this->see("//section[@aria-label='Use first']//a");
        $name = explode(',', $jar->getText())[0];
        self::assertStringNotContainsString($jar->getText(), $this->see("//section[@aria-label='Past their day']")->getText(), 'what is past is not offered to be eaten');
        $jar->click();
        $this->see("//h2[contains(.,'{$name}')]");
        self::assertStringContainsString('/log/', $this->window->getCurrentURL());
    }
}
