<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;

/** What is opened is what is kept now, and is asked for once. */
final class OpeningTest extends BrowserTestCase
{
    /** Another device keeps another amount of the first line of a recipe. */
    private const ELSEWHERE = <<<'JS'
    const [id, amount, done] = arguments;
    fetch(`/api/recipes/${id}`, { headers: { Accept: 'application/json' } })
      .then((answer) => answer.json())
      .then(({ recipe, revision }) => {
        recipe.stages[0].lines[0].amount = amount;
        return fetch(`/api/recipes/${id}`, {
          method: 'PUT',
          headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'If-Match': `"${revision}"` },
          body: JSON.stringify({ recipe }),
        });
      })
      .then(({ status }) => done(status));
    JS;

    /** The first question after the recipe takes so long that the page no longer waits for it. */
    private const SLOW = <<<'JS'
    const real = window.fetch;
    let isFirst = true;
    window.answered = false;
    window.fetch = async (...asked) => {
      const isHeldUp = isFirst && String(asked[0]?.url ?? asked[0]).includes('/api/bench');
      if (!isHeldUp) return real(...asked);
      isFirst = false;
      const answer = await real(...asked);
      await new Promise((pass) => setTimeout(pass, 2500));
      window.answered = true;
      return answer;
    };
    JS;

    private function idOfOpened(): string
    {
        return basename((string) parse_url($this->window->getCurrentURL(), PHP_URL_PATH));
    }

    private function changedElsewhere(string $id, string $amount): void
    {
        self::assertSame(200, $this->window->executeAsyncScript(self::ELSEWHERE, [$id, $amount]));
    }

    /** The amount of the first line, once it is opened from the Shelf without a new page. */
    private function openedFromTheShelf(string $id): string
    {
        $this->see("//a[.='Shelf']")->click();
        $this->see("a[href='/bench/{$id}']")->click();
        $this->see('.segment');

        return (string) preg_replace('/\s+/', ' ', $this->see('[data-line] .amount')->getText());
    }

    public function test_what_was_changed_while_another_screen_was_open_is_opened_as_it_is_now(): void
    {
        $this->openRecipe('Gooseberry ketchup');
        $this->waitUntilKept();
        $id = $this->idOfOpened();
        foreach (['Batch' => '901 g', 'Pantry' => '902 g'] as $screen => $amount) {
            $this->see("//nav//a[.='{$screen}']")->click();
            $this->see(".topbar a[aria-current='page'][href*='".strtolower($screen)."']");
            $this->changedElsewhere($id, $amount);

            self::assertSame($amount, $this->openedFromTheShelf($id), $screen);
        }
    }

    public function test_an_answer_that_came_too_late_to_be_waited_for_is_never_shown_later(): void
    {
        $this->openRecipe('Gooseberry ketchup');
        $this->waitUntilKept();
        $id = $this->idOfOpened();
        $tools = new ChromeDevToolsDriver($this->window);
        $script = $tools->execute('Page.addScriptToEvaluateOnNewDocument', ['source' => self::SLOW]);
        try {
            $this->goTo("/bench/{$id}");
            $this->see('.segment');
            $this->eventually(
                fn (): bool => $this->window->executeScript('return window.answered'),
                'for the late answer',
            );
        } finally {
            $tools->execute('Page.removeScriptToEvaluateOnNewDocument', ['identifier' => $script['identifier']]);
        }
        $this->see("//a[.='Shelf']")->click();
        $this->see("a[href='/bench/{$id}']");
        $this->changedElsewhere($id, '903 g');

        self::assertSame('903 g', $this->openedFromTheShelf($id));
    }

    public function test_the_bench_and_the_shelf_ask_once_for_what_they_open_with(): void
    {
        $this->openRecipe('Gooseberry ketchup');
        $id = $this->idOfOpened();
        foreach (
            [
                "/bench/{$id}" => "/api/bench?recipe={$id}",
                '/bench' => '/api/bench',
                '/shelf' => '/api/recipes?q=&page=0&by=family',
            ] as $screen => $asked
        ) {
            $this->goTo($screen);
            $this->see($screen === '/shelf' ? '.card' : '.segment');
            self::assertSame([$asked], $this->askedFor(strtok($asked, '?')), $screen);
        }
    }

    /** @return list<string> whatever the browser fetched that begins so, each time it did */
    private function askedFor(string $path): array
    {
        $asked = $this->window->executeScript(
            'return performance.getEntriesByType("resource").map(({ name }) => '
                .'name.slice(location.origin.length)).filter((name) => name.startsWith(arguments[0]))',
            [$path],
        );

        return is_array($asked) ? array_values(array_map(strval(...), $asked)) : [];
    }
}
