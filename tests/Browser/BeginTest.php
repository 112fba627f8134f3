<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** Somebody with a crate of plums and no recipe. */
final class BeginTest extends BrowserTestCase
{
    public function test_a_crate_of_plums_is_a_draft_and_then_a_recipe(): void
    {
        $this->goTo('/shelf');
        $this->see("//a[normalize-space()='Begin with a draft']")->click();
        $this->see("//option[@value='fruit-ketchup']")->click();
        $this->see("input[placeholder='1.2 kg plums, ginger']")->sendKeys('1.5 kg plums');
        $this->see("//button[.='Draft it']")->click();
        $draft = $this->see("[aria-label='The draft'] table")->getText();
        self::assertStringContainsString('1500 g plums', $draft);
        self::assertStringContainsString('brings', $draft);
        $this->see("//button[.='To the Bench']")->click();
        $this->see('.segment');
        self::assertSame('Fruit ketchup', $this->see('.title')->getAttribute('value'));
    }

    /** The way in is the product itself: said, applied, level; skipped as well, and there again. */
    public function test_a_newcomer_puts_a_ketchup_right_in_three_presses(): void
    {
        $this->goTo('/shelf');
        $this->see("//button[.='Show me']")->click();
        self::assertStringStartsWith('1 of 3', $this->see('.way-in')->getText());
        $this->see("//*[@id='spoon']//*[@class='spoon-row'][contains(.,'Salty')]//button[normalize-space()='less']")->click();
        $this->eventually(fn (): bool => str_starts_with($this->see('.way-in')->getText(), '2 of 3'), 'for the second step');
        $this->see("//*[contains(@class,'proposals')]//button[.='Make it so']")->click();
        $this->eventually(fn (): bool => str_starts_with($this->see('.way-in')->getText(), '3 of 3'), 'for it to be level');
        $this->see("//button[.='Stay here']")->click();
        self::assertSame([], $this->window->findElements(WebDriverBy::cssSelector('.way-in')));
        $this->goTo('/shelf');
        $this->see("//button[.='Show me']")->click();
        $this->see("//button[.='Skip this']")->click();
        self::assertSame([], $this->window->findElements(WebDriverBy::cssSelector('.way-in')));
    }
}
