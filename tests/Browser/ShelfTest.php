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
        // the copy is open, and of the same sauce: one card for both
        $this->eventually(
            fn (): bool => $this->see('.title')->getAttribute('value') === 'Miso dressing, a copy',
            'for the copy',
        );
        $this->goTo('/shelf');
        $this->see("//li[contains(@class,'card')]//p[.='2 recipes']");
        self::assertCount(1, $this->window->findElements(WebDriverBy::cssSelector('.card')));
        $this->see("//li[contains(@class,'card')]//button[starts-with(@aria-label,'Delete')]")->click();
        $this->eventually(
            fn (): bool => $this->window->findElements(WebDriverBy::xpath("//p[.='2 recipes']")) === [],
            'for one of the two to be left',
        );
        $this->see("//button[.='Undo']")->click();
        $this->see("//p[.='2 recipes']");

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
