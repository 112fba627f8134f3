<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** When to begin, from the Batch to the stove. */
final class WhenTest extends BrowserTestCase
{
    public function test_two_sauces_are_planned_and_put_on_together(): void
    {
        $this->openRecipe('Gooseberry ketchup');
        $this->goTo('/batch/'.basename((string) parse_url($this->window->getCurrentURL(), PHP_URL_PATH)));
        $this->see("//a[.='When to begin']")->click();
        self::assertStringStartsWith('Begin ', $this->see('.when-answer h2')->getText());
        $this->see("//button[.='Another sauce']")->click();
        $this->see("//fieldset[2]//option[.='Miso and carrot dressing']")->click();
        $this->eventually(
            fn (): bool => count($this->window->findElements(WebDriverBy::cssSelector('.when-row strong'))) >= 4,
            'for both sauces, the cook and the rings',
        );
        self::assertStringContainsString('Miso and carrot dressing', $this->see('.when-list')->getText());

        $this->see("//button[.='To the stove']")->click();
        $this->eventually(
            fn (): bool => count($this->window->findElements(WebDriverBy::cssSelector('.stove-bar'))) === 2,
            'for both pots',
        );
    }
}
