<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;

/** Cooking on the Bench, what is in the jar, and what was measured of it. */
final class SauceTest extends BrowserTestCase
{
    public function test_a_reduction_that_stops_later_makes_less_and_stronger_sauce(): void
    {
        $this->openRecipe('Gooseberry ketchup');
        $before = $this->top('sweetness');
        $this->see("//button[.='Simmer']")->click();
        self::assertStringContainsString('pan and sauce', $this->see('.stop')->getText());

        $this->see('.where-to-stop summary')->click();
        $this->see("//details//button[contains(.,'50')]")->click();
        $this->eventually(fn (): bool => $this->top('sweetness') > 1.2 * $before, 'for the sauce to be stronger');
        self::assertSame('50', $this->see('.loss')->getAttribute('value'));

        (new WebDriverSelect($this->see("//label[starts-with(.,'Stop')]/select")))->selectByValue('mass_g');
        $this->see("//label[starts-with(.,'Where')]/input")->sendKeys([
            WebDriverKeys::CONTROL,
            'a',
            WebDriverKeys::NULL,
            '5000',
            WebDriverKeys::ENTER,
        ]);
        self::assertStringContainsString('cannot end at 5 000 g', $this->see('.closer .trouble')->getText());
    }

    public function test_figures_open_to_what_they_mean_and_lead_to_how_they_are_worked_out(): void
    {
        $this->openRecipe('Gooseberry ketchup');
        $this->see("//dt/button[.='pH']")->click();
        self::assertStringContainsString('meter', $this->see('.closer')->getText());
        self::assertStringContainsString('Water activity', $this->see('.closer .roomy')->getText());
        $this->see("//dt/button[.='Keeping']")->click();
        self::assertStringContainsString('soy', $this->see('.contains')->getText());
        $this->see('.more-cautions summary')->click();
        self::assertStringContainsString('21 CFR 114', $this->see('.more-cautions .cautions')->getText());
        $this->see("//dt/button[.='pH']")->click();
        $this->see("//section[@aria-label='A closer look']//a[contains(.,'How is this worked out')]")->click();
        $this->see("//h2[contains(.,'pH')]");
    }

    public function test_a_batch_takes_a_reading_and_says_that_it_moved(): void
    {
        $this->openRecipe('Gooseberry ketchup');
        $this->makeItToday();
        $this->see("//label[starts-with(.,'Reading')]/input")->sendKeys('3.4');
        $this->see("//button[.='Note it']")->click();
        $this->eventually(
            fn (): bool => str_contains($this->see('.batch')->getText(), '± 0.05'),
            'for the estimate to narrow',
        );
        self::assertStringContainsString('trust the instrument', $this->see('.batch')->getText());
    }
}
