<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** Six tries of one sauce, two tasters, one variant with another tomato, one written down long afterwards. */
final class TrialBookTest extends BrowserTestCase
{
    public function test_nine_weeks_of_a_tomato_sauce_in_one_book(): void
    {
        $recipe = $this->keptOnTheShelf();
        $this->goTo("/trials/{$recipe}");
        // made on the Bench, and so in the book
        $this->goTo("/bench/{$recipe}");
        $this->makeItToday();
        $this->goTo("/trials/{$recipe}");
        $this->see("//p[contains(.,'1 try since')]");

        // three more, one from memory of last summer, each with what was different in it
        $this->writeDown('2026-08-15', 'half the sugar, the tomatoes were riper', 2);
        self::assertStringContainsString('the tomatoes were riper', $this->see('.book-table')->getText());
        $this->writeDown('2026-11-20', '60 g sugar; 10 min more', 3);
        $this->writeDown('2026-11-24', '60 g sugar', 4);

        // the same with another tomato: a copy from the Shelf is of the family
        $this->goTo('/shelf');
        $this->see("[aria-label='Duplicate Relish of the lock']")->click();
        $this->copyIsOpen();
        $this->goTo('/shelf');
        $this->see("//li[contains(@class,'card')]//a[.='4 tries of 2 recipes']")->click();
        $this->see("//label[contains(.,'Made by')]//option[.='Relish of the lock, a copy']")->click();
        $this->writeDown('2026-11-26', 'tinned tomatoes instead of the tomatoes', 5);
        $this->writeDown('2026-11-28', '60 g sugar; 16 g salt', 6);
        self::assertStringContainsString('two things moved', $this->see('.book-table')->getText());

        // two tasters of two of them: one was boiled longer, one is the best
        $this->taste(2, [['', 4, 'went pasty'], ['Wen', 3, 'too thick']]);
        $this->taste(3, [['', 8, 'this is it'], ['Wen', 8, '']], 'salty');
        $this->goTo("/trials/{$recipe}");
        $this->see("//th[contains(@class,'book-likely')]//a");
        $book = $this->see('.book-table')->getText();
        self::assertStringContainsString('me 8 · Wen 8', $book);
        self::assertStringContainsString('“went pasty”', $book);
        self::assertMatchesRegularExpression('/Pasty: boiled \d+ min longer than no\. \d+/', $book);
        self::assertStringContainsString(
            'in liking, perhaps',
            $this->see("[aria-label='What made the difference']")->getText(),
        );

        // at 390 px one try a page
        $this->resize(390, 844);
        $this->eventually(
            fn (): bool => count($this->window->findElements(WebDriverBy::cssSelector('.book-pages > li'))) === 6,
            'for the pages',
        );
        self::assertSame(
            true,
            $this->window->executeScript('return document.documentElement.scrollWidth <= window.innerWidth'),
            'nothing is wider than the phone',
        );
        $this->resize(1280, 800);

        // what is worth trying next is set up as a recipe of the family
        $this->see("//section[@aria-label='The next try worth making']//p[contains(.,'It settles')]");
        $this->see("//button[.='Set it up']")->click();
        $this->eventually(
            fn (): bool => str_contains((string) $this->see('.title')->getAttribute('value'), 'after no.'),
            'for the recipe of the next try',
        );

        // and what was wished for stands on the spoon, its ghost on the Line
        $this->goTo("/bench/{$recipe}?feels=salty:2");
        $this->see("//div[@data-feel='salty']//button[starts-with(.,'less')][@aria-pressed='true']");
        $this->see('.ghost');
    }

    public function test_a_recipe_leaves_its_family_and_comes_back(): void
    {
        $recipe = $this->keptOnTheShelf();
        $this->goTo('/shelf');
        $this->see("[aria-label='Duplicate Relish of the lock']")->click();
        $this->copyIsOpen();
        $this->see("//a[.='Batches']|//button[.='Batches']")->click();
        $family = "//section[@aria-label='Its family']";
        $this->see("{$family}//a[.='Relish of the lock']");
        $this->see("{$family}//button[.='It is another sauce']")->click();
        $this->eventually(
            fn (): bool => $this->window->findElements(WebDriverBy::xpath("{$family}//li")) === [],
            'for it to stand alone',
        );
        $this->see("{$family}//button[.='It is a try of another']")->click();
        $this->see("{$family}//option[.='Relish of the lock']")->click();
        $this->see("{$family}//a[.='Relish of the lock']");
        $this->goTo("/trials/{$recipe}");
        $this->see("//p[@role='alert'][contains(.,'not made yet')]");
    }

    private function copyIsOpen(): void
    {
        $this->eventually(
            fn (): bool => $this->see('.title')->getAttribute('value') === 'Relish of the lock, a copy',
            'for the copy',
        );
        $this->see('.segment');
    }

    private function keptOnTheShelf(): string
    {
        $this->goTo('/shelf');

        return (string) $this->window->executeAsyncScript(
            "const done = arguments[arguments.length - 1];
            fetch('/api/recipes', { method: 'POST', headers: { 'Content-Type': 'application/json' },
                body: JSON.stringify({ recipe: arguments[0] }) }).then((it) => it.json()).then((it) => done(it.id));",
            [[
                'format' => 'vinculum-recipe',
                'version' => 3,
                'name' => 'Relish of the lock',
                'style' => 'tomato-ketchup',
                'stages' => [[
                    'id' => 's1',
                    'lines' => [
                        ['id' => 'l1', 'ingredient' => 'tomato', 'amount' => '1 kg'],
                        ['id' => 'l2', 'ingredient' => 'sugar', 'amount' => '80 g'],
                        ['id' => 'l3', 'ingredient' => 'cider-vinegar', 'amount' => '100 ml'],
                        ['id' => 'l4', 'ingredient' => 'fine-salt', 'amount' => '12 g'],
                    ],
                    'process' => ['kind' => 'simmer', 'minutes' => 25],
                ]],
            ]],
        );
    }

    private function writeDown(string $day, string $different, int $tries): void
    {
        $memory = "//section[@aria-label='Written down from memory']";
        $this->see("{$memory}//textarea")->sendKeys($different);
        $this->eventually(
            fn (): bool => count($this->window->findElements(WebDriverBy::cssSelector('.said-clauses li'))) > 0,
            'for what becomes of the words',
        );
        $this->window->executeScript(
            "const day = document.querySelector('.book-memory input[type=date]'); "
                ."Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(day, arguments[0]); "
                ."day.dispatchEvent(new Event('input', { bubbles: true }));",
            [$day],
        );
        $this->see("{$memory}//button[.='Write it down']")->click();
        $this->see("//p[contains(.,'{$tries} tries since')]");
    }

    /** @param list<array{string, int, string}> $said who, how well, in a word */
    private function taste(int $number, array $said, string $tooMuch = ''): void
    {
        $column = "//table[contains(@class,'book-table')]//thead//th[{$number}]//a";
        $this->see("//h1[.='Relish of the lock']");
        $this->see($column)->click();
        foreach ($said as $i => [$who, $liking, $note]) {
            $this->see("//button[.='Taste it']")->click();
            $this->see("input[placeholder='me']")->sendKeys($who);
            if ($tooMuch !== '') {
                $this->see("//div[@data-feel='{$tooMuch}']//button[starts-with(.,'less')]")->click();
            }
            $this->see("//fieldset[@class='log-liking']/button[.='{$liking}']")->click();
            $this->see("input[aria-label='In a word']")->sendKeys($note);
            $this->see("//button[.='Keep what was said']")->click();
            $this->eventually(
                fn (): bool => count($this->window->findElements(WebDriverBy::cssSelector('.log-tastings tbody tr')))
                    === $i + 1,
                "for what {$who} said",
            );
        }
        $this->window->navigate()->back();
        $this->see("//h1[.='Relish of the lock']");
    }
}
