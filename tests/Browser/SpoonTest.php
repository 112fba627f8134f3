<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** The maker tastes, says what the spoon says, and gets the amount to add before adding it. */
final class SpoonTest extends BrowserTestCase
{
    public function test_a_salty_sauce_is_rescued_and_undo_goes_all_the_way_back(): void
    {
        $this->openRecipe('Gooseberry ketchup');
        $before = $this->top('saltiness');
        $this->see("//button[.='In the pot']")->click();
        $this->says('salty', 'less');
        $ghost = (float) $this->see("[data-taste='saltiness'] .ghost")->getAttribute('data-ghost');
        self::assertLessThan($before, $ghost);
        self::assertSame($before, $this->top('saltiness'), 'nothing is applied by asking');
        self::assertStringContainsString('then 1', $this->see('.if-so')->getText());

        $this->see("//button[.='Add it']")->click();
        $this->eventually(
            fn (): bool => abs($this->top('saltiness') - $ghost) < 1e-3,
            'for the pot to be what was shown',
        );
        $this->see("//div[@class='stage-head']//button[.='To taste']");
        self::assertStringContainsString('taste again', $this->see('.done')->getText());

        $this->see("//button[.='Undo']")->click();
        $this->eventually(fn (): bool => $this->top('saltiness') === $before, 'for the pot to be as it was');
        self::assertFalse($this->see("//button[.='Undo']")->isEnabled());
    }

    public function test_a_flat_dip_is_lifted_by_halves(): void
    {
        $this->openRecipe('Miso and carrot dressing');
        $before = $this->top('saltiness');
        $this->see("//button[.='In the pot']")->click();
        $this->says('salty', 'more');
        $this->says('salty', 'more');
        self::assertStringContainsString('clearly', $this->see("[data-feel='salty']")->getText());
        $this->see('.why-not summary')->click();
        self::assertStringContainsString(': ', $this->see('.why-not li')->getText());
        $whole = (float) $this->see("[data-taste='saltiness'] .ghost")->getAttribute('data-ghost');
        $this->see("//button[.='Half of it first, then taste']")->click();
        $this->eventually(
            fn (): bool => $this->top('saltiness') > $before && $this->top('saltiness') < $whole,
            'for half of it to be in',
        );
        self::assertStringContainsString('say again', $this->see('.done')->getText());
    }

    public function test_a_recipe_is_moved_to_a_style_with_the_soy_locked(): void
    {
        $this->openRecipe('Lock-keeper’s steak sauce');
        $soy = $this->see("//li[contains(@class,'line')][.//span[contains(.,'soy sauce')]]");
        $id = (string) $soy->getAttribute('data-line');
        $grams = $soy->findElement(WebDriverBy::cssSelector('.grams'))->getText();
        $this->see("[data-line='{$id}'] .line-name")->click();
        $this->see("//button[.='Lock']")->click();
        $this->see("//button[.='Close']")->click();
        $this->see("//select[@aria-label='Style']//option[.='Tomato barbecue sauce, sweet']")->click();
        $this->see("//button[contains(.,'Bring it to tomato barbecue sauce, sweet')]")->click();
        $this->see('.proposal.shown .changes');
        $this->see("//button[.='Apply it']")->click();

        $this->eventually(
            fn (): bool => str_contains($this->see('.done')->getText(), 'Undo takes it back'),
            'for the recipe to be moved',
        );
        self::assertSame($grams, $this->see("[data-line='{$id}'] .grams")->getText(), 'the soy has not moved');
    }

    public function test_an_impossible_request_is_answered_well(): void
    {
        $this->openRecipe('Cranberry mustard');
        $this->says('hot', 'more');
        self::assertStringContainsString('nothing in the recipe brings any', $this->see('.proposal')->getText());

        $this->see("//button[.='In the pot']")->click();
        $this->says('hot', 'more');
        self::assertStringContainsString('Nothing on hand can mend that', $this->see('.proposals .note')->getText());
    }

    public function test_it_is_done_from_the_keyboard_alone(): void
    {
        $this->openRecipe('Gooseberry ketchup');
        $before = $this->top('sweetness');
        $this->press('1', WebDriverKeys::ARROW_DOWN);
        $this->see('.proposal.shown');
        $this->press(WebDriverKeys::ENTER, WebDriverKeys::ENTER);
        $this->eventually(fn (): bool => $this->top('sweetness') < 0.97 * $before, 'for the sugar to go down');
    }

    public function test_a_column_is_drawn_to_where_it_should_stand_and_a_figure_is_typed(): void
    {
        $this->openRecipe('Gooseberry ketchup');
        $this->window
            ->action()
            ->clickAndHold($this->see("[data-taste='sourness'] .figure"))
            ->moveByOffset(0, 60)
            ->moveByOffset(0, 60)
            ->release()
            ->perform();
        $this->see("[data-taste='sourness'] .ghost");
        self::assertStringContainsString('→', $this->see('.changes')->getText());

        $this->see("//button[contains(@class,'ask')][contains(.,'Sweet')]")->click();
        $this->see('.aim-for input')->sendKeys(['20', WebDriverKeys::ENTER]);
        $this->eventually(
            fn (): bool => str_contains($this->see('.legend')->getText(), 'If so: Sweet 20')
                || str_contains($this->see('.legend')->getText(), 'If so: Sweet 19')
                || str_contains($this->see('.legend')->getText(), 'If so: Sweet 21'),
            'for what that would take',
        );
    }

    public function test_a_ratio_is_held_and_a_variant_joins_the_family(): void
    {
        $this->openRecipe('Gooseberry ketchup');
        $this->see("//ul[@class='ratios']//button[contains(.,'acid')][1]")->click();
        $this->see("//ul[@class='ratios']//span[.='held']");
        $this->says('sweet', 'less');
        $this->see("//button[.='Save as a second recipe']")->click();
        $this->eventually(
            fn (): bool => $this->see('.title')->getAttribute('value') === 'Gooseberry ketchup, a variant',
            'for the variant to be opened',
        );
        $this->see("//button[.='Batches']")->click();
        self::assertStringContainsString(
            'Gooseberry ketchup',
            $this->see("//h3[.='Its family']/following-sibling::ul")->getText(),
        );
    }

    public function test_styles_are_held_side_by_side_copied_and_changed(): void
    {
        $this->goTo('/styles');
        $this->see("//button[.='White barbecue sauce, thin school']")->click();
        $this->see("//button[.='White barbecue sauce, thick school']")->click();
        $this->see("//th[.='White barbecue sauce, thick school']");
        $this->see("//button[.='Make my own of it']")->click();
        $low = $this->see("input[aria-label='Sweet, g sucrose, high']");
        $low->sendKeys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL, '1', WebDriverKeys::TAB]);
        $this->see("//button[.='Keep it']")->click();
        self::assertStringContainsString('low, aim, high in order', $this->see("[role='alert']")->getText());
    }

    public function test_a_vinegar_is_swapped_and_a_recipe_freed_of_soy(): void
    {
        $this->openRecipe('Gooseberry ketchup');
        $this->see("[data-line='l2'] .line-name")->click();
        $this->see("//button[.='Swap']")->click();
        self::assertStringContainsString('white vinegar, 5 %', $this->see('.proposal')->getText());
        $this->see("//button[.='Use it']")->click();
        $this->eventually(
            fn (): bool => str_contains($this->see("[data-line='l2'] .line-words")->getText(), 'white vinegar'),
            'for the vinegar to be swapped',
        );
        $this->see("//button[.='Good']")->click();
        $this->eventually(
            fn (): bool => str_starts_with($this->see('.done')->getText(), 'Remembered'),
            'for it to be remembered',
        );
        $this->see("//button[.='Close']")->click();

        $this->see("//button[starts-with(.,'For somebody')]")->click();
        $this->see("//button[.='no soy']")->click();
        self::assertStringContainsString('white miso contains soy', $this->see('.closer .contains')->getText());
        $this->see("//button[.='Apply it']")->click();
        $this->eventually(fn (): bool => ! str_contains($this->see('.lines')->getText(), 'miso'), 'for the miso to go');
    }

    private function says(string $feel, string $what): void
    {
        $this->see("//div[@data-feel='{$feel}']//button[starts-with(.,'{$what}')]")->click();
        $this->eventually(
            fn (): bool => $this->window->findElements(
                WebDriverBy::cssSelector(
                    ".proposals[aria-busy='false'] .proposal, .proposals .note, .proposals .trouble",
                ),
            ) !== [],
            'for an answer',
        );
    }
}
