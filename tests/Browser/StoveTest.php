<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** A phone that leans on the tiles, and a pot that is cooked by it. */
final class StoveTest extends BrowserTestCase
{
    private const PHONE = [390, 844];

    public function test_a_whole_ketchup_is_cooked_in_practice_on_a_phone_reloaded_half_way_and_followed_by_a_second(): void
    {
        $this->onAPhone();
        $this->practise('Gooseberry ketchup');
        $this->next('prepare');
        $this->next('put in');
        $this->tap("//button[@aria-label='gooseberries is in']");
        $this->see("//*[contains(.,'1 thing already in')]");
        $this->tap("//button[@aria-label='Other than white sugar']");
        $this->see("input[placeholder='330 g']")->sendKeys('230 g');
        $this->tap("//button[.='Went in']");
        $this->see("//*[@class='stove-otherwise']");

        $this->next('simmer');
        $this->see('.stove-progress');
        $this->tap("//button[.='Scale']");
        $this->see("//*[contains(.,'pan and sauce') and contains(.,'simulated')]");

        // the phone's battery dies; another stands in for it, and the first comes back
        $this->window->navigate()->refresh();
        self::assertStringContainsString('Simmer', $this->see('.stove-step h1')->getText());
        $second = self::open();
        $second->get(self::$server->url.'/stove');
        $this->see('.stove-curve', $second);
        $this->window->executeScript('window.scrollTo(0, 0)');
        $this->next('lift out');
        $this->eventually(
            static fn (): bool => str_contains(
                $second->findElement(WebDriverBy::cssSelector('.stove-step h1'))->getText(),
                'Lift out',
            ),
            'for the second to follow',
        );
        $second->quit();

        $this->next('taste');
        $this->tap("//button[.='Let somebody taste it']");
        self::assertNotSame('', $this->see('.stove-tongue')->getText());
        foreach (['off the heat', 'blend', 'taste', 'cool', 'fill and label'] as $step) {
            $this->next($step);
        }
        $this->tap("//button[.='It is done']");
        self::assertStringContainsString('Practice is over', $this->see('.stove-over')->getText());
        self::assertStringContainsString('Sweet', $this->see('.stove-over table')->getText());
        $this->tap("//button[.='Close']");
        $this->see('.stove-put-on');
    }

    public function test_an_overshoot_is_put_right_and_a_weight_that_cannot_be_read_is_said(): void
    {
        $this->onAPhone();
        $this->begin('Towpath pineapple and habanero');
        foreach (['prepare', 'put in', 'boil'] as $step) {
            $this->next($step);
        }
        $this->tap("//button[.='It boils now']");
        $weight = $this->see("input[placeholder='weight, g']");
        $weight->sendKeys('27oo'.WebDriverKeys::ENTER);
        self::assertStringContainsString(
            'no weight that can be read',
            $this->see('.stove-instruments [role=alert]')->getText(),
        );
        $this->tap('.stove-check input');
        $weight->sendKeys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL]);
        $this->see("input[placeholder='weight, g']")->sendKeys('400'.WebDriverKeys::ENTER);
        $this->eventually(
            fn (): bool => str_contains(
                $this->see('.stove-instruments [role=alert]')->getText(),
                'Was the pan on the scale',
            ),
            'to be asked',
        );
        $this->see("input[placeholder='weight, g']")->sendKeys(WebDriverKeys::ENTER);
        $this->see('.stove-past');
        $this->tap("//button[starts-with(.,'Stir in')]");
        $this->eventually(
            fn (): bool => $this->window->findElements(WebDriverBy::cssSelector('.stove-past')) === [],
            'for it to be put right',
        );
        $this->takeOff();
    }

    public function test_two_pots_stand_side_by_side_and_each_says_which_it_is(): void
    {
        $this->begin('Gooseberry ketchup');
        $this->tap("//button[.='Another pot']");
        $this->begin('Miso and carrot dressing', onTop: true);
        self::assertCount(2, $this->window->findElements(WebDriverBy::cssSelector('.stove-bar')));
        self::assertStringContainsString('Miso and carrot dressing', $this->see('.stove-step header')->getText());
        self::assertStringContainsString('Gooseberry ketchup', $this->see('.stove-elsewhere')->getText());
        $this->tap("//button[contains(@class,'stove-pot')][.//strong='Gooseberry ketchup']");
        $this->eventually(
            fn (): bool => str_contains($this->see('.stove-step header')->getText(), 'Gooseberry ketchup'),
            'for the other pot',
        );
        $this->takeOff();
        $this->takeOff();
    }

    /** A thumb scrolls what lies under the keys into sight before it presses it. */
    private function tap(string $where): void
    {
        $this->eventually(function () use ($where): bool {
            $element = $this->see($where);
            $this->window->executeScript('arguments[0].scrollIntoView({ block: "center" })', [$element]);
            $element->click();

            return true;
        }, "to press {$where}");
    }

    private function onAPhone(): void
    {
        $this->resize(...self::PHONE);
    }

    private function practise(string $name): void
    {
        $this->choose($name);
        $this->tap("//button[.='Practise it']");
        $this->see('.stove-step');
    }

    private function begin(string $name, bool $onTop = false): void
    {
        $onTop ? $this->chooseHere($name) : $this->choose($name);
        $this->tap("//button[.='Begin']");
        $this->eventually(
            fn (): bool => str_contains($this->see('.stove-step header')->getText(), $name),
            "for {$name}",
        );
    }

    private function choose(string $name): void
    {
        $this->goTo('/stove');
        $this->chooseHere($name);
    }

    private function chooseHere(string $name): void
    {
        $this->tap("//option[.='{$name}']");
    }

    private function next(string $step): void
    {
        $this->tap("//nav[@aria-label='Steps']//button[.='Next: {$step}']");
        $this->eventually(
            fn (): bool => str_contains(mb_strtolower($this->see('.stove-step h1')->getText()), $step),
            "for the step {$step}",
        );
    }

    private function takeOff(): void
    {
        $before = count($this->window->findElements(WebDriverBy::cssSelector('.stove-bar')));
        $this->tap("//button[.='Take it off']");
        $this->window->switchTo()->alert()->accept();
        $this->eventually(
            fn (): bool => count($this->window->findElements(WebDriverBy::cssSelector('.stove-bar'))) < max(1, $before),
            'for the pot to be off',
        );
    }
}
