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
        $this->see("//a[normalize-space()='From what I have']")->click();
        $this->see("//button[contains(@class,'kind-')][contains(.,'more')]")->click();
        $this->see("//button[contains(@class,'kind-')][contains(.,'Fruit ketchup')]")->click();
        $this->see("input[placeholder='1.2 kg plums, ginger']")->sendKeys('1.5 kg plums');
        $this->eventually(
            fn (): bool => str_contains($this->see("[aria-label='The draft'] table")->getText(), '1500 g'),
            'for the plums to be in it',
        );
        $draft = $this->see("[aria-label='The draft'] table")->getText();
        self::assertStringContainsString('1500 g plums', $draft);
        self::assertStringContainsString('brings', $draft);
        // another way to make it sour is in it at once, and the vinegar is not
        $this->see("//fieldset[legend[.='sour']]//button[.='malt vinegar']")->click();
        $this->eventually(
            fn (): bool => str_contains($this->see("[aria-label='The draft'] table")->getText(), 'malt vinegar'),
            'for the malt vinegar',
        );
        self::assertStringNotContainsString('cider vinegar', $this->see("[aria-label='The draft'] table")->getText());
        $this->see("//button[.='Take it to the Bench']")->click();
        $this->see('.segment');
        self::assertSame('Fruit ketchup', $this->see('.title')->getAttribute('value'));
    }

    /** With no heat there is none in it; pressed again it is as it was; two ways lead elsewhere. */
    public function test_what_is_pressed_is_in_the_draft_and_what_is_let_go_of_is_not(): void
    {
        $this->goTo('/begin');
        $this->see("//button[contains(@class,'kind-')][contains(.,'more')]")->click();
        $this->see("//button[contains(@class,'kind-')][contains(.,'Vinegar and pepper mop')]")->click();
        $table = fn (): string => $this->see("[aria-label='The draft'] table")->getText();
        $this->eventually(fn (): bool => str_contains($table(), 'cayenne'), 'for the mop');
        $before = $table();
        $this->see("//fieldset[legend[.='heat']]//button[.='none']")->click();
        $this->eventually(fn (): bool => ! str_contains($table(), 'cayenne'), 'for the heat to be gone');
        $this->see("//fieldset[legend[.='heat']]//button[.='none']")->click();
        $this->eventually(fn (): bool => $table() === $before, 'for it to be as it was');
        $this->see("//a[.='Paste what you jotted']")->click();
        $this->see("[role='dialog'], .bring-in, textarea");
        $this->window->navigate()->back();
        $this->see("//a[.='A pot is on, and it tastes wrong']")->click();
        $this->see("//h1[.='A pot is on']");
    }

    /** The way in is the product itself: said, applied, level; skipped as well, and there again. */
    public function test_a_newcomer_puts_a_ketchup_right_in_three_presses(): void
    {
        $this->goTo('/shelf');
        $this->see("//button[.='Show me']")->click();
        self::assertStringStartsWith('1 of 3', $this->see('.way-in')->getText());
        $this->see(
            "//*[@id='spoon']//*[@class='spoon-row'][contains(.,'Salty')]//button[normalize-space()='less']",
        )->click();
        $this->eventually(
            fn (): bool => str_starts_with($this->see('.way-in')->getText(), '2 of 3'),
            'for the second step',
        );
        $this->see("//*[contains(@class,'proposals')]//button[.='Apply it']")->click();
        $this->eventually(
            fn (): bool => str_starts_with($this->see('.way-in')->getText(), '3 of 3'),
            'for it to be level',
        );
        $this->see("//button[.='Stay here']")->click();
        self::assertSame([], $this->window->findElements(WebDriverBy::cssSelector('.way-in')));
        $this->goTo('/shelf');
        $this->see("//button[.='Show me']")->click();
        $this->see("//button[.='Skip this']")->click();
        self::assertSame([], $this->window->findElements(WebDriverBy::cssSelector('.way-in')));
    }
}
