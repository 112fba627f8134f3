<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** What a household keeps besides its recipes: seasons, styles, batches as they were tasted, files in and out. */
final class HouseholdTest extends BrowserTestCase
{
    public function test_a_season_is_changed_on_the_page_of_what_grows(): void
    {
        $this->goTo('/pantry');
        $this->see("//button[contains(.,'apricots')]")->click();
        $this->see("//select[contains(@aria-label,'first month')]//option[.='November']")->click();
        $this->see("//select[contains(@aria-label,'last month')]//option[.='January']")->click();
        $this->eventually(
            fn (): bool => $this->see("//select[contains(@aria-label,'last month')]")->getAttribute('value') === '1',
            'for the season to be kept',
        );

        $this->goTo('/pantry');
        $this->see("//button[contains(.,'apricots')]")->click();
        $this->eventually(
            fn (): bool => $this->see("//select[contains(@aria-label,'first month')]")->getAttribute('value') === '11',
            'for November',
        );
        $this->see("//button[contains(.,'agave syrup')]")->click();
        $this->see("//h2[contains(.,'agave syrup')]");
        self::assertSame(
            [],
            $this->window->findElements(WebDriverBy::cssSelector('.in-season')),
            'a bottle has no season',
        );
    }

    public function test_a_sauce_that_is_liked_becomes_a_style_others_are_held_to(): void
    {
        $this->openRecipe('Miso and carrot dressing');
        $this->see("//button[.='The whole balance']")->click();
        $this->see("//button[.='Keep it as a style']")->click();
        $name = $this->see("//label[contains(.,'Style called')]/input");
        $this->write($name, 'Like our dressing');
        $this->see("//button[.='Keep it']")->click();
        self::assertStringContainsString('Like our dressing is among the styles', $this->see('.done')->getText());
        $this->see("//select[@aria-label='Style']//option[.='Like our dressing']")->click();
        $this->eventually(
            fn (): bool => preg_match_all(
                '/^(?:Sweet|Sour|Salty|Umami|Heat)\nlevel$/m',
                $this->see("//section[.//h2[.='The Line']]")->getText(),
            ) === 5,
            'for it to fit its own style',
        );

        $this->goTo('/styles');
        $this->see("//h2[.='My own']");
        $this->see("//button[.='Like our dressing']");
    }

    public function test_what_was_stirred_in_is_kept_with_the_batch(): void
    {
        $this->openRecipe('Lock-keeper’s steak sauce');
        $this->see("//button[.='In the pot']")->click();
        $this->see("//div[@data-feel='sweet']//button[starts-with(.,'more')]")->click();
        $this->see('.proposal.shown');
        $this->see("//button[.='Add it']")->click();
        $this->see("//div[@class='stage-head']//button[.='To taste']");
        $this->waitUntilKept();
        $this->makeItToday();

        self::assertStringContainsString('Stirred in to taste, in order:', $this->see('.batch')->getText());
    }

    public function test_a_page_s_recipe_is_brought_in_with_its_questions_and_never_as_markup(): void
    {
        $this->goTo('/shelf');
        $this->see("//button[.='Add from paper or a file']")->click();
        $page
            = '{"@context":"https://schema.org","@type":"Recipe","name":"Towpath <img src=x onerror=alert(1)> relish","recipeIngredient":["2 cups cider vinegar","1 cup essence of moonlight","300 g sugar"],"recipeInstructions":"Simmer for 20 minutes."}';
        $this->write($this->see('.jotted'), $page);
        $this->see("//button[.='Read it']")->click();
        self::assertStringContainsString('moonlight', $this->see('.bring-in .questions')->getText());
        $this->see("//button[.='Put it on the Shelf']")->click();
        // what is not understood is asked about once
        self::assertStringContainsString('not understood', $this->see('.stands [role=alert]')->getText());
        $this->see("//button[.='Put it on the Shelf']")->click();
        $this->eventually(
            fn (): bool => str_starts_with((string) $this->see('.title')->getAttribute('value'), 'Towpath'),
            'for it to be opened',
        );

        self::assertSame([], $this->window->findElements(WebDriverBy::cssSelector('main img')));
        self::assertStringContainsString('20 min', $this->see('.stage-head')->getText());
    }

    public function test_a_card_prints_without_its_buttons(): void
    {
        $this->openRecipe('Cranberry mustard');
        $id = basename((string) parse_url($this->window->getCurrentURL(), PHP_URL_PATH));
        $this->goTo("/card/{$id}?to=2x&headspace=0");
        $this->see('.card-amount');
        $this->window->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', [
            'cmd' => 'Emulation.setEmulatedMedia',
            'params' => ['media' => 'print'],
        ]);

        self::assertFalse($this->window->findElement(WebDriverBy::cssSelector('.no-print'))->isDisplayed());
        self::assertTrue($this->window->findElement(WebDriverBy::cssSelector('.card-amount'))->isDisplayed());
        foreach ([794, 816] as $width) {
            // A4 and Letter at 96 dots to the inch
            $this->window->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', [
                'cmd' => 'Emulation.setDeviceMetricsOverride',
                'params' => ['width' => $width, 'height' => 1000, 'deviceScaleFactor' => 1, 'mobile' => false],
            ]);
            self::assertLessThanOrEqual(
                $width,
                $this->window->executeScript('return document.documentElement.scrollWidth'),
            );
        }
    }

    public function test_a_recipe_leaves_as_a_file_and_says_what_it_cannot_carry(): void
    {
        $this->openRecipe('Gooseberry ketchup');
        $this->goTo('/batch/'.basename((string) parse_url($this->window->getCurrentURL(), PHP_URL_PATH)));
        $this->see("//button[.='CSV']")->click();
        $said = $this->see('.done')->getText();

        self::assertStringContainsString('gooseberry-ketchup.csv is saved', $said);
        self::assertStringContainsString('It cannot carry', $said);
    }

    private function write(\Facebook\WebDriver\Remote\RemoteWebElement $where, string $text): void
    {
        $where->clear();
        $where->sendKeys($text);
    }
}
