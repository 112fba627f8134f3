<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** A pot is on, and nobody wrote a recipe for it. */
final class PotTest extends BrowserTestCase
{
    public function test_a_salty_pot_gets_an_answer_without_a_recipe(): void
    {
        $this->goTo('/shelf');
        $this->see("//a[.='A pot is on']")->click();
        $this->see('.pot');
        self::assertNotNull($this->see("//button[.='What now?']")->getAttribute('disabled'), 'nothing was said yet');
        $this->eventually(
            fn (): bool => count($this->window->findElements(WebDriverBy::cssSelector('.pot select option'))) > 20,
            'for the kinds of sauce',
        );
        $this->see("//option[@value='tomato-sweet-barbecue']")->click();
        $this->see(".pot input[placeholder='900 g, or 1 l']")->sendKeys('1 l');
        $this->see("[data-feel='salty'] button")->click();
        $this->see("[data-feel='salty'] button")->click();
        $this->see("//button[.='What now?']")->click();

        $answer = $this->see('.pot-answer')->getText();
        self::assertStringStartsWith('Begin with', $answer);
        self::assertStringContainsString('water', $answer);
        self::assertStringContainsString('Stir in the least', $this->see('[aria-label="What to do"]')->getText());
    }
}
