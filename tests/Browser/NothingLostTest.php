<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** What is typed is there again: after a reload, a crash, a server that was away, a recipe thrown away elsewhere. */
final class NothingLostTest extends BrowserTestCase
{
    private const DOWN = "window.realFetch = window.fetch; window.fetch = () => Promise.reject(new TypeError('down'))";

    public function test_enter_and_close_at_once(): void
    {
        $this->openRecipe('Gooseberry ketchup');
        foreach (['2 large', '3 small', '1 medium'] as $amount) {
            $this->type('l4', $amount);
            $this->window->navigate()->refresh();
            $this->eventually(fn (): bool => $this->amount('l4') === $amount, "for {$amount} to be there");
            $this->waitUntilKept();
        }
    }

    public function test_what_was_sent_as_the_page_went_is_no_conflict_with_itself(): void
    {
        $this->openRecipe('Gooseberry ketchup');
        $this->type('l4', '6 large');
        // the same draft comes in by another way before the pause is over
        $status = $this->window->executeAsyncScript(
            <<<'JS'
            const done = arguments[0];
            const id = location.pathname.split('/').pop();
            const held = JSON.parse(Object.entries(localStorage).find(([key]) => key.includes(id))[1]);
            fetch(`/api/recipes/${id}`, { method: 'PUT', headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'If-Match': `"${held.revision}"` }, body: JSON.stringify({ recipe: held.recipe }) }).then((answer) => done(answer.status));
            JS
            ,
        );
        self::assertSame(200, $status);
        $this->waitUntilKept();
        self::assertSame('6 large', $this->amount('l4'));
        self::assertSame([], $this->window->findElements(WebDriverBy::cssSelector('[data-keeping="conflict"]')));
    }

    public function test_typed_and_not_left(): void
    {
        $this->openRecipe('Gooseberry ketchup');
        foreach (['4 large', '5 small'] as $amount) {
            $this->window->findElement(WebDriverBy::cssSelector("[data-line='l4'] .amount"))->click();
            $this->see("[data-line='l4'] .amount-input")->sendKeys([
                WebDriverKeys::CONTROL,
                'a',
                WebDriverKeys::NULL,
                $amount,
            ]);
            $this->window->navigate()->refresh();
            $this->eventually(fn (): bool => $this->amount('l4') === $amount, "for {$amount} to be there");
            $this->waitUntilKept();
        }
    }

    public function test_after_a_crash_it_is_put_back_and_undo_takes_it_away(): void
    {
        $this->openRecipe('Boathouse white sauce');
        $was = $this->amount('l6');
        $url = $this->window->getCurrentURL();
        $this->window->executeScript(self::DOWN);
        $this->type('l6', '3 tsp');
        $this->see('[data-keeping="failed"]');
        $this->window->get('about:blank');
        $this->window->get($url);

        $this->eventually(fn (): bool => $this->amount('l6') === '3 tsp', 'for what was held to be back');
        self::assertStringContainsString('Undo takes it away', $this->see('.put-back')->getText());
        $this->waitUntilKept();
        $this->see("//button[.='Undo']")->click();
        $this->eventually(fn (): bool => $this->amount('l6') === $was, 'for undo to take it away');
        $this->waitUntilKept();
    }

    public function test_what_was_typed_at_a_crash_comes_back_to_its_own_recipe_and_no_other(): void
    {
        $this->openRecipe('Boathouse white sauce');
        $other = $this->window->getCurrentURL();
        $was = $this->amount('l4');
        $this->openRecipe('Gooseberry ketchup');
        $url = $this->window->getCurrentURL();
        $this->window->findElement(WebDriverBy::cssSelector("[data-line='l4'] .amount"))->click();
        $this->see("[data-line='l4'] .amount-input")->sendKeys([
            WebDriverKeys::CONTROL,
            'a',
            WebDriverKeys::NULL,
            '9 large',
        ]);
        // a crash leaves what stands in the store at this moment, and nothing is said to the page
        $typed = $this->window->executeScript(
            "return Object.entries(localStorage).find(([key]) => key.startsWith('vinculum.typing'))",
        );
        self::assertIsArray($typed);
        $this->see("[data-line='l4'] .amount-input")->sendKeys(WebDriverKeys::ESCAPE);
        $this->window->get('about:blank');
        $this->goTo('/shelf');
        $this->window->executeScript('localStorage.setItem(...arguments[0])', [$typed]);

        $this->window->get($other);
        $this->see('.segment');
        self::assertSame($was, $this->amount('l4'));
        $this->window->get($url);
        $this->eventually(fn (): bool => $this->amount('l4') === '9 large', 'for it to come back');
        $this->waitUntilKept();
    }

    public function test_the_server_away_and_another_screen(): void
    {
        $this->openRecipe('Cranberry mustard');
        $url = $this->window->getCurrentURL();
        $line = (string) $this->see('[data-line]')->getAttribute('data-line');
        $this->window->executeScript(self::DOWN);
        $this->type($line, '321 g');
        $this->see("//nav//a[.='Shelf'] | //a[.='Shelf']")->click();
        $this->see('.shelf');
        $this->window->executeScript('window.fetch = window.realFetch');
        $this->eventually(
            fn (): bool => $this->window->executeScript(
                "return Object.keys(localStorage).filter((key) => key.startsWith('vinculum.unkept.')).length === 0",
            ),
            'for what was held to be sent',
        );

        $this->window->executeScript('localStorage.clear()');
        $this->window->get($url);
        $this->eventually(fn (): bool => $this->amount($line) === '321 g', 'for it to be kept');
    }

    public function test_a_change_undone_before_it_was_sent_leaves_nothing_to_keep(): void
    {
        $this->openRecipe('Gooseberry ketchup');
        $this->type('l4', '7 large');
        $this->window->findElement(WebDriverBy::xpath("//button[.='Undo']"))->click();
        usleep(1_500_000);
        self::assertSame('kept', $this->see('[data-keeping]')->getAttribute('data-keeping'));
    }

    public function test_a_recipe_thrown_away_in_the_other_tab_is_kept_as_a_copy(): void
    {
        $this->openRecipe('Miso and carrot dressing');
        $url = $this->window->getCurrentURL();
        $id = basename((string) parse_url($url, PHP_URL_PATH));
        $line = (string) $this->see('[data-line]')->getAttribute('data-line');
        $this->window->executeAsyncScript(
            "fetch('/api/recipes/{$id}', { method: 'DELETE' }).then(() => arguments[0]())",
        );
        $this->type($line, '222 g');
        self::assertStringContainsString('thrown away', $this->see('[data-keeping="gone"]')->getText());
        $this->see("//button[.='Keep it as a copy']")->click();
        $this->eventually(
            fn (): bool => ! str_contains($this->window->getCurrentURL(), $id) && $this->amount($line) === '222 g',
            'for the copy to be open',
        );
        $this->waitUntilKept();
    }

    public function test_the_sixtieth_line_is_said_to_be_the_last(): void
    {
        $this->openRecipe('Gooseberry ketchup');
        $id = $this->window->executeAsyncScript(
            <<<'JS'
            const done = arguments[0];
            const recipe = { format: 'vinculum-recipe', version: 2, name: 'Fifty-nine spices', stages: [
              { lines: Array.from({ length: 59 }, (_, i) => ({ ingredient: i === 0 ? 'water' : 'allspice', amount: `${i + 1} g` })) },
            ] };
            fetch('/api/recipes', {
              method: 'POST',
              headers: { 'Content-Type': 'application/json', Accept: 'application/json' },
              body: JSON.stringify({ recipe }),
            }).then((answer) => answer.json()).then((kept) => done(kept.id));
            JS
            ,
        );
        $this->goTo("/bench/{$id}");
        self::assertStringStartsWith('One more line fits', $this->see('.room')->getText());
        $this->see("//button[.='Paste a whole list']")->click();
        $this->see('.jotted')->sendKeys("2 g salt\n3 g sugar");
        $this->see("//button[.='Read it']")->click();
        self::assertStringStartsWith('One more line fits', $this->see("[role='dialog'] .room")->getText());
        self::assertNotNull($this->see("//button[.='Add 2 lines']")->getAttribute('disabled'));
        $this->see("//button[.='Cancel']")->click();
        $this->see("input[aria-label='Add an ingredient']")->sendKeys(['2 g salt', WebDriverKeys::ENTER]);
        $this->eventually(
            fn (): bool => str_starts_with($this->see('.room')->getText(), 'A recipe holds 60 lines'),
            'for the recipe to be full',
        );
        self::assertSame(
            [],
            $this->window->findElements(WebDriverBy::cssSelector("input[aria-label='Add an ingredient']")),
        );
        $this->waitUntilKept();
    }

    public function test_figures_come_back_by_themselves(): void
    {
        $this->openRecipe('Gooseberry ketchup');
        $sugar = (string) $this->see(
            "//*[@data-line][.//*[contains(@class, 'line-words')][contains(., 'sugar')]]",
        )->getAttribute('data-line');
        $before = $this->top('sweetness');
        $this->window->executeScript(self::DOWN);
        $this->type($sugar, '5 cups');
        usleep(400_000);
        self::assertSame($before, $this->top('sweetness'));
        $this->window->executeScript('window.fetch = window.realFetch');
        $this->eventually(fn (): bool => $this->top('sweetness') > $before, 'for the figures to come back');
        $this->waitUntilKept();
    }

    private function amount(string $line): string
    {
        return preg_replace(
            '/^Amount of .*?: /',
            '',
            (string) $this->see("[data-line='{$line}'] .amount")->getAttribute('aria-label'),
        ) ?? '';
    }
}
