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
        $this->see("//button[.='When to begin']")->click();
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

    /** How much, what is set apart and how it ends are said once, and Batch, When, Stove and Log say the same. */
    public function test_one_making_is_the_same_from_the_batch_to_the_jar(): void
    {
        $this->openRecipe('Boathouse white sauce');
        $this->goTo('/batch/'.basename((string) parse_url($this->window->getCurrentURL(), PHP_URL_PATH)));
        $this->see('.scaled');
        $much = $this->see("//label[starts-with(.,'How much')]/input");
        self::assertSame('', $much->getAttribute('value'), 'nothing is taken that was not asked');
        $much->sendKeys('1 x 16 oz');
        $this->see("[aria-label='Portions']")->sendKeys('150 g for the marinade, table the rest');
        $this->see("//button[@role='radio'][.='jarred']")->click();
        $this->eventually(
            fn (): bool => preg_match('/449 mL in it.*marinade: 1/s', $this->making()) === 1,
            'for the bottle and what is set apart',
        );
        $this->see("//button[.='When to begin']")->click();
        $this->see('.when-answer');
        $this->eventually(
            fn (): bool => preg_match('/449 mL in it.*marinade: 1/s', $this->making()) === 1,
            'for the same making',
        );
        self::assertSame('true', $this->see("//button[@role='radio'][.='jarred']")->getAttribute('aria-checked'));
        $list = $this->see('.when-list')->getText();
        self::assertStringContainsString('set apart', $list);
        self::assertStringContainsString('fill and label', $list);

        // what is said otherwise here is so from here on
        $this->see("//button[@role='radio'][.='frozen']")->click();
        $this->eventually(
            fn (): bool => $this->see("//button[@role='radio'][.='frozen']")->getAttribute('aria-checked') === 'true',
            'for the other end',
        );
        $this->see("//button[.='To the stove']")->click();
        $bar = "//div[@class='stove-bar'][contains(.,'Boathouse white sauce')]";
        $this->eventually(
            fn (): bool => str_contains($this->see($bar)->getText(), '449 mL · frozen'),
            'for the pot to be that making',
        );
        $this->see("{$bar}//button")->click();
        $this->see("//button[starts-with(.,'Next: ')]");
        while (! str_contains($this->see('.stove-step')->getText(), 'Set apart')) {
            $this->see("//button[starts-with(.,'Next: ')]")->click();
            usleep(400_000);
        }
        self::assertStringContainsString('marinade', mb_strtolower($this->see('.stove-step')->getText()));

        // whoever closes the screen finds it again
        $this->see("//nav//a[.='When']")->click();
        $waiting = $this->see("//table[contains(@class,'making-waiting')]//tr[contains(.,'frozen')]")->getText();
        self::assertStringContainsString('1 x 16 oz', $waiting);
        self::assertStringContainsString('on the stove', $waiting);
    }

    private function making(): string
    {
        return $this->see('.making')->getText();
    }
}
