<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;

/** Finding out how strong things are. */
final class PantryTest extends BrowserTestCase
{
    public function test_salty_things_are_found_held_side_by_side_and_marked_on_hand(): void
    {
        $this->goTo('/pantry');
        $this->see('.pantry-name');
        (new WebDriverSelect($this->see("select[aria-label='By taste']")))->selectByValue('saltiness');
        $this->see("//input[starts-with(@aria-label,'At most')]")->sendKeys('15');
        $this->eventually(
            fn (): bool => str_contains($this->see('.pantry-list li')->getText(), 'tamari')
                || ! str_contains($this->see('.pantry-list')->getText(), 'fine salt'),
            'for the strongest to go',
        );

        $this->see("//button[@class='pantry-name'][contains(.,'soy sauce, dark brewed')]")->click();
        self::assertStringContainsString(
            'Contains soy, wheat.',
            $this->see("article[aria-label='soy sauce, dark brewed']")->getText(),
        );
        $this->see("//button[@aria-label='Hold tamari beside']")->click();
        self::assertStringContainsString(
            'May contain wheat: check the label.',
            $this->see("article[aria-label='tamari']")->getText(),
        );

        $this->see("article[aria-label='tamari'] .on-hand input[type=checkbox]")->click();
        $this->see("//button[@class='pantry-name'][contains(.,'tamari')]//span[.='on hand']");
        $this->see("//a[.='Lock-keeper’s steak sauce']")->click();
        $this->see('.segment');
    }

    public function test_a_bottle_is_added_from_its_label_in_a_minute(): void
    {
        $this->goTo('/pantry');
        $this->see('.search')->sendKeys('cider vin');
        $this->see("article[aria-label='cider vinegar, 5 %'] .action")->click();
        $this->see("//label[starts-with(.,'Acidity')]/input")->sendKeys('6');
        $this->eventually(
            fn (): bool => str_contains($this->see("//tr[td[.='Sour']]")->getText(), '5.85'),
            'for the label to be worked out: at its own pH a little of its acid is neutral already',
        );
        $this->see("//button[.='Keep it']")->click();
        $this->see("article[aria-label='my cider vinegar']");
        self::assertStringContainsString(
            'mine',
            $this->see("//button[@class='pantry-name'][contains(.,'my cider vinegar')]")->getText(),
        );

        $price = $this->see("article[aria-label='my cider vinegar'] .on-hand input[inputmode=decimal]");
        $price->sendKeys(['cheap', WebDriverKeys::TAB]);
        self::assertStringContainsString('a price from 0 to 100000', $this->see('.on-hand [role=alert]')->getText());
        self::assertSame('cheap', $price->getAttribute('value'), 'what was typed is still there');
        $this->see("//button[.='Correct it']")->click();
        $this->see("//label[starts-with(.,'Sugars')]/input")->sendKeys('150');
        self::assertStringContainsString(
            'more than 100 g in 100 g',
            $this->see('[role=dialog] [role=alert]')->getText(),
        );
    }

    public function test_the_blue_mug_is_measured_once_and_poured_on_the_bench(): void
    {
        $this->goTo('/pantry');
        $this->see('.vessels summary')->click();
        $this->see(".vessels input[placeholder='blue mug']")->sendKeys('blue mug');
        $this->see("//details[contains(@class,'vessels')]//label[starts-with(.,'holds')]/input")->sendKeys('330');
        $this->see("//details[contains(@class,'vessels')]//button[.='Keep it']")->click();
        $this->see("//button[@aria-label='Forget blue mug']");

        $this->openRecipe('Cranberry mustard');
        $this->type('l2', '2 blue mugs');
        $this->eventually(
            fn (): bool => str_contains($this->see("[data-line='l2'] .grams")->getText(), '667'),
            'for two mugs of vinegar',
        );
    }

    public function test_a_source_stands_beside_every_value(): void
    {
        $this->goTo('/pantry');
        $this->see('.search')->sendKeys('gooseb');
        $this->eventually(
            fn (): bool => count($this->window->findElements(WebDriverBy::cssSelector('.pantry-name'))) === 1,
            'for one to be left',
        );
        $this->see("article[aria-label='gooseberries'] summary")->click();
        self::assertStringContainsString('Souci', $this->see("//tr[td[.='citric']]")->getText());
    }
}
