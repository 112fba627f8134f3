<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** Whatever is wished for, found by its word from any screen, with the keyboard alone. */
final class FindTest extends BrowserTestCase
{
    private function find(string $typed): void
    {
        $this->see('body')->sendKeys([WebDriverKeys::CONTROL, 'k', WebDriverKeys::NULL]);
        $this->see('.find input')->sendKeys($typed);
    }

    private function at(string $path): void
    {
        $this->eventually(
            fn (): bool => str_starts_with((string) parse_url($this->window->getCurrentURL(), PHP_URL_PATH), $path),
            "for {$path}",
        );
    }

    public function test_a_wish_leads_to_its_screen_of_the_sauce_that_is_open(): void
    {
        $this->openRecipe('Gooseberry ketchup');
        $id = basename((string) parse_url($this->window->getCurrentURL(), PHP_URL_PATH));
        foreach (['print it' => 'card', 'twice as much' => 'batch', 'what changed' => 'trials'] as $wish => $screen) {
            $this->goTo("/bench/{$id}");
            $this->see('.title');
            $this->find($wish);
            $this->see("//div[@role='option'][@aria-selected='true']");
            $this->eventually(function () use ($wish): bool {
                $first = $this->see("//div[@role='option']")->getText();

                return $first !== '' && $this->see('.find input')->getAttribute('value') === $wish;
            }, 'for what was typed');
            usleep(400_000);
            $this->see('.find input')->sendKeys(WebDriverKeys::ENTER);
            $this->at("/{$screen}/{$id}");
        }
    }

    public function test_the_arrows_choose_and_escape_goes_back_to_where_one_was(): void
    {
        $this->goTo('/pantry');
        $this->see("//button[@aria-label='Find']")->click();
        $this->see('.find input')->sendKeys('gooseberr');
        $this->see("//div[@role='option'][contains(., 'Gooseberry ketchup')]");
        $names = fn (): string => $this->see("//div[@role='option'][@aria-selected='true']")->getText();
        $first = $names();
        $this->see('.find input')->sendKeys(WebDriverKeys::ARROW_DOWN);
        $this->eventually(fn (): bool => $names() !== $first, 'for the second to be chosen');
        self::assertSame(
            $this->see('.find input')->getAttribute('aria-activedescendant'),
            $this->see("//div[@role='option'][@aria-selected='true']")->getAttribute('id'),
        );
        $this->see('.find input')->sendKeys(WebDriverKeys::ESCAPE);
        $this->eventually(
            fn (): bool => $this->window->findElements(WebDriverBy::cssSelector('.find')) === [],
            'for it to close',
        );
        self::assertSame('Find', $this->window->switchTo()->activeElement()->getAttribute('aria-label'));
        $this->at('/pantry');
    }

    public function test_what_is_nowhere_says_what_to_do(): void
    {
        $this->goTo('/log');
        $this->find('zzqx');
        $this->see("//dialog//p[contains(., 'Nothing here is called “zzqx”')]");
        $this->see("//dialog//button[.='Close']")->click();
        $this->see("//h1[contains(., 'Log')]");
    }
}
