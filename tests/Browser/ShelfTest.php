<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** A household that begins with nothing. */
final class ShelfTest extends BrowserTestCase
{
    protected const DEMO = false;

    public function test_an_empty_shelf_begins_with_what_it_should_taste_like(): void
    {
        $this->goTo('/');
        $this->see("//h2[.='What should it taste like?']");
        $this->see("//button[.//strong[.='Miso dressing']]")->click();
        self::assertSame('Miso dressing', $this->see('.title')->getAttribute('value'));
        self::assertStringContainsString('Nothing in the pot yet', $this->see('.closer .sentence')->getText());

        $this->goTo('/shelf');
        $this->see("//button[@aria-label='Duplicate Miso dressing']")->click();
        $this->see("//h2[.='Miso dressing, a copy']");
        $this->see("//button[@aria-label='Delete Miso dressing']")->click();
        $this->eventually(
            fn (): bool => count($this->window->findElements(WebDriverBy::cssSelector('.card'))) === 1,
            'for one card to be left',
        );
        $this->see("//button[.='Undo']")->click();
        $this->eventually(
            fn (): bool => count($this->window->findElements(WebDriverBy::cssSelector('.card'))) === 2,
            'for it to come back',
        );

        $this->see('.search')->sendKeys('copy');
        $this->eventually(
            fn (): bool => count($this->window->findElements(WebDriverBy::cssSelector('.card'))) === 1,
            'for the search to narrow',
        );
        $this->see('.search')->sendKeys('zzz');
        $this->see("//p[contains(.,'No sauce on the shelf is called')]");
    }

    public function test_an_address_of_nothing_says_so_and_leads_back(): void
    {
        $this->window->get(self::$server->url.'/bench/none');
        self::assertStringContainsString('There is nothing at this address', $this->see('[role=alert]')->getText());
        $this->see("//a[.='Back to the Shelf']")->click();
        $this->see("//h1[.='The Shelf']");
        // the browser logs the 404 that was asked for
        $this->window->manage()->getLog('browser');
    }
}
