<?php

declare(strict_types=1);

namespace Tests\Browser;

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
}
