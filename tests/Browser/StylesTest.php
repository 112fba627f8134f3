<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** Where each kind of sauce lies, and ours among them. */
final class StylesTest extends BrowserTestCase
{
    public function test_the_kinds_lie_on_two_planes_with_ours_named_among_them_and_one_is_held_up(): void
    {
        $this->goTo('/styles');
        $this->eventually(
            fn (): bool => count($this->window->findElements(WebDriverBy::cssSelector('.style-plane svg'))) >= 2,
            'for two pictures',
        );
        self::assertStringContainsString(
            'Gooseberry ketchup',
            $this->see("//section[@aria-label='Sweet against sour']")->getText(),
        );
        $this->see("//section[@aria-label='Salty against umami']//summary")->click();
        $rows = $this->window->findElements(WebDriverBy::cssSelector("[aria-label='Salty against umami'] tbody tr"));
        // every kind and every sauce of the house, in words and figures
        self::assertGreaterThan(32, count($rows));
        self::assertStringContainsString('of this house', $rows[0]->getText());

        $this->see("[aria-label='Sweet against sour'] circle[r='5']")->click();
        $this->see('.style-table');
    }
}
