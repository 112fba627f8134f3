<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Server;

/** For wet hands, other eyes, small screens and no network. */
final class EveryoneTest extends BrowserTestCase
{
    /**
     * @return iterable<string, array{int, int}>
     */
    public static function sizes(): iterable
    {
        yield 'a laptop' => [1280, 800];
        yield 'a phone' => [390, 844];
    }

    #[DataProvider('sizes')]
    public function test_axe_finds_nothing_to_complain_of_on_any_view_and_nothing_runs_over_its_side(
        int $width,
        int $height,
    ): void {
        $this->resize($width, $height);
        $this->goTo('/shelf');
        $this->see('.miniature');
        $this->assertNoViolations('the Shelf');

        $this->goTo('/pantry');
        $this->see('.strengths');
        // a dozen of its five hundred rows, each drawn as the others are
        $this->see("[aria-label='Find an ingredient']")->sendKeys('vinegar');
        $this->eventually(
            fn (): bool => count($this->window->findElements(WebDriverBy::cssSelector('.pantry-name'))) < 40,
            'for the vinegars',
        );
        $this->assertNoViolations('the Pantry');

        $this->openRecipe('Gooseberry ketchup');
        $this->assertNoViolations('the Bench');
        $this->see('.ask')->click();
        $this->see('.bringers');
        $this->assertNoViolations('the Bench with a taste open');
        $this->see("[data-line='l3'] .line-name")->click();
        $this->see('.brings');
        $this->assertNoViolations('the Bench with a line open');
        $this->type('l3', '3 flurps');
        $this->see('.troubled');
        $this->assertNoViolations('the Bench with a slip');
        $this->see('.finished .action')->click();
        $this->see('.scaled');
        $this->assertNoViolations('the Bench with another amount');

        foreach ($this->pagesOfGooseberryKetchup() as $path => $css) {
            $this->goTo($path);
            $this->see($css);
            $this->assertNoViolations($path);
        }

        $this->withAPotOn(function (): void {
            $this->assertNoViolations('the Stove');
            $this->see("//button[.='Let somebody taste it']")->click();
            $this->see('.stove-tongue');
            $this->assertNoViolations('the Stove with a pot that boils down');
        });
        $this->goTo('/pot');
        $this->see('.pot option + optgroup');
        $this->assertNoViolations('a pot without a recipe');
        $this->goTo('/styles');
        $this->see("//button[.='Fruit ketchup']")->click();
        $this->see('.style-table');
        $this->assertNoViolations('a style held up');
        $this->goTo('/styles');
        $this->see('.style-plane svg');
        $this->assertNoViolations('the map of styles');
        $this->goTo('/log');
        $this->see("//ul[@class='log-rows']//a[.//small='no. 10']")->click();
        $this->see("//button[.='Set up two cups']")->click();
        $this->see('.log-cup-steps');
        $this->assertNoViolations('two cups');
        $this->see("//a[.='The book of this sauce: all its tries']")->click();
        $this->see("//h2[.='What made the difference']");
        $this->assertNoViolations('trials');
        $this->goTo('/shopping');
        $this->see("//label[contains(.,'Gooseberry ketchup')]/input")->click();
        $this->see('.shopping');
        $this->assertNoViolations('a shopping list');
    }

    /** A practice pot that boils down, and off the stove again. */
    private function withAPotOn(callable $look): void
    {
        $cook = $this->window->executeAsyncScript(
            <<<'JS'
            const done = arguments[0];
            const send = async (path, body) => (await fetch(path, { method: 'POST', headers: { 'Content-Type': 'application/json', Accept: 'application/json' }, body: JSON.stringify(body) })).json();
            (async () => {
              const { recipes } = await (await fetch('/api/recipes')).json();
              const cook = await send('/api/cooks', { recipe: recipes.find((each) => each.name === 'Gooseberry ketchup').id, practice: true });
              await send(`/api/cooks/${cook.id}/events`, { kind: 'step', to: 's1.simmer' });
              done(cook.id);
            })();
            JS
            ,
        );
        $this->goTo("/stove/{$cook}");
        $this->see('.stove-huge');
        // on a phone the spoon is behind a key
        foreach ($this->window->findElements(WebDriverBy::cssSelector('.stove-taste-key')) as $key) {
            $key->isDisplayed() && $key->click();
        }
        $look();
        $this->window->executeAsyncScript(
            "fetch('/api/cooks/{$cook}', "
                ."{ method: 'DELETE', headers: { Accept: 'application/json' } }).then(arguments[0])",
        );
    }

    #[DataProvider('sizes')]
    public function test_a_name_of_one_long_word_stays_within_every_screen(int $width, int $height): void
    {
        $this->resize($width, $height);
        $this->openRecipe('Gooseberry ketchup');
        $id = $this->window->executeAsyncScript(
            <<<'JS'
            const done = arguments[0];
            const long = 'Wwwwwwwwww'.repeat(12);
            (async () => {
              const { recipe } = await (await fetch('/api/recipes/' + location.pathname.split('/').pop())).json();
              recipe.name = long;
              recipe.stages.forEach((stage) => { stage.name = long.slice(0, 60); });
              recipe.stages[0].lines[0].ingredient = long.slice(0, 80);
              const answer = await fetch('/api/recipes', {
                method: 'POST',
                headers: { 'Content-Type': 'application/json', Accept: 'application/json' },
                body: JSON.stringify({ recipe }),
              });
              done((await answer.json()).id);
            })();
            JS
            ,
        );
        self::assertIsString($id);
        $pages = [
            '/shelf' => '.card',
            "/bench/{$id}" => '.segment',
            "/batch/{$id}" => '.scaled',
            "/card/{$id}" => '.card-amount',
            '/shopping' => '.check',
        ];
        foreach ($pages as $path => $css) {
            $this->goTo($path);
            $this->see($css);
            $this->eventually(
                fn (): bool => str_contains(
                    (string) $this->window->executeScript(
                        'return document.body.innerText + [...document.querySelectorAll("input")].map((field) => '
                            .'field.value)',
                    ),
                    'Wwwwwwwwww',
                ),
                "for the name on {$path}",
            );
            self::assertLessThanOrEqual(
                $width,
                $this->window->executeScript('return document.documentElement.scrollWidth'),
                $path,
            );
        }
    }

    /**
     * @return array<string, string> what is to be seen on each, by path
     */
    private function pagesOfGooseberryKetchup(): array
    {
        $this->openRecipe('Gooseberry ketchup');
        $id = basename((string) parse_url($this->window->getCurrentURL(), PHP_URL_PATH));

        return [
            '/styles' => '.style-list',
            '/shopping' => '.shopping-pick',
            "/batch/{$id}" => '.scaled',
            "/card/{$id}?to=2x&headspace=5" => '.card-amount',
            '/how' => 'h2',
            '/keys' => '.keys kbd',
            "/when?recipe={$id}" => '.when-answer',
            "/stove?recipe={$id}" => '.stove-put-on',
            '/log' => '.log-batch .log-glass',
            '/begin' => '.begin h1',
        ];
    }

    public function test_on_a_phone_what_leads_to_the_spoon_lies_on_nothing_of_it(): void
    {
        $this->resize(390, 844);
        $this->openRecipe('Gooseberry ketchup');
        $this->see('.to-spoon')->click();
        $this->see('#spoon button');
        $this->eventually(
            fn (): bool => ! $this->window->executeScript("return document.querySelector('.to-spoon').checkVisibility()"),
            'for the way there to go',
        );
        self::assertTrue(
            $this->window->executeScript("return document.getElementById('spoon').contains(document.activeElement)"),
            'the keyboard is there too',
        );
        $this->window->executeScript('window.scrollTo(0, 0)');
        $this->eventually(
            fn (): bool => $this->window->executeScript("return document.querySelector('.to-spoon').checkVisibility()"),
            'for the way there to come back',
        );
        // no wall of nothing under the last of it
        $empty = $this->window->executeScript(
            "const panel = document.getElementById('spoon'); return panel.getBoundingClientRect().bottom - "
                ."Math.max(...[...panel.querySelectorAll('button, p')].map((part) => "
                    .'part.getBoundingClientRect().bottom))',
        );
        self::assertLessThan(60, $empty);
    }

    public function test_on_a_phone_the_tastes_under_a_picture_do_not_run_together(): void
    {
        $this->resize(390, 844);
        $this->openRecipe('Gooseberry ketchup');
        $this->goTo('/batch');
        $this->see('.scaled-pictures');
        $tight = $this->window->executeScript(
            <<<'JS'
            return [...document.querySelectorAll('.scaled-pictures .miniature-labels')].filter((labels) => {
              const words = [...labels.children].map((word) => {
                const range = document.createRange();
                range.selectNodeContents(word);
                return range.getBoundingClientRect();
              });
              return words.some((word, at) => at > 0 && word.left < words[at - 1].right + 3);
            }).length;
            JS
            ,
        );
        self::assertSame(0, $tight);
    }

    public function test_a_ten_line_recipe_needs_no_scrolling_at_1280_by_800(): void
    {
        $this->openRecipe('Cranberry mustard');
        $this->see('.add-input')->sendKeys(['honey', WebDriverKeys::ENTER]);
        $this->see('.amount-input')->sendKeys(WebDriverKeys::ENTER);
        $this->see("//button[contains(@class,'line-name')][contains(.,'honey')]");

        self::assertLessThanOrEqual(800, $this->window->executeScript('return document.documentElement.scrollHeight'));
        self::assertTrue(
            $this->window->executeScript(
                "const lines = document.querySelector('.lines'); return lines.scrollHeight <= lines.clientHeight",
            ),
            'the list of lines fits',
        );
        self::assertCount(10, $this->window->findElements(WebDriverBy::cssSelector('.line')));
    }

    public function test_a_recipe_is_changed_from_the_keyboard_alone(): void
    {
        $this->goTo('/shelf');
        $this->see('.card');
        $this->tabUntil(static fn (string $focus): bool => str_contains($focus, 'Cranberry mustard'));
        $this->press(WebDriverKeys::ENTER);
        $this->see('.segment');
        $before = $this->top('saltiness');
        $this->tabUntil(static fn (string $focus): bool => str_starts_with($focus, 'Amount of fine salt'));
        // a digit alone is the spoon's: the amount is opened first
        $this->press(WebDriverKeys::ENTER);
        $this->press('3', ' tsp', WebDriverKeys::ENTER);
        $this->eventually(fn (): bool => $this->top('saltiness') > 1.5 * $before, 'for the salt to rise');
        $this->tabUntil(
            static fn (string $focus): bool => str_contains($focus, 'fine salt') && ! str_starts_with($focus, 'Amount'),
        );
        $this->press('l');
        $this->see("//li[contains(.,'fine salt')]//span[.='locked']");
        $this->press(WebDriverKeys::DELETE);
        $this->eventually(fn (): bool => $this->top('saltiness') < $before, 'for the salt to go');
    }

    public function test_no_request_leaves_the_machine(): void
    {
        $this->openRecipe('Gooseberry ketchup');
        $asked = $this->window->executeScript(
            "return performance.getEntriesByType('resource').map((entry) => new URL(entry.name).host)",
        );
        self::assertNotEmpty($asked);
        self::assertSame(
            [parse_url(self::$server->url, PHP_URL_HOST).':'.parse_url(self::$server->url, PHP_URL_PORT)],
            array_values(array_unique($asked)),
        );
    }

    public function test_reduced_motion_is_respected(): void
    {
        (new ChromeDevToolsDriver($this->window))->execute('Emulation.setEmulatedMedia', [
            'features' => [['name' => 'prefers-reduced-motion', 'value' => 'reduce']],
        ]);
        $this->openRecipe('Gooseberry ketchup');

        self::assertContains(
            $this->window->executeScript(
                "return getComputedStyle(document.querySelector('.segment')).transitionDuration",
            ),
            ['0s', '0s, 0s, 0s'],
        );
    }

    public function test_where_colours_are_forced_the_bar_the_bands_and_what_is_chosen_are_still_to_be_seen(): void
    {
        (new ChromeDevToolsDriver($this->window))->execute('Emulation.setEmulatedMedia', [
            'features' => [['name' => 'forced-colors', 'value' => 'active']],
        ]);
        $look = fn (string $css, string $what): string => (string) $this->window->executeScript(
            'return getComputedStyle(document.querySelector(arguments[0]))[arguments[1]]',
            [$css, $what],
        );
        $this->openRecipe('Gooseberry ketchup');
        self::assertSame('dashed', $look('.band', 'borderTopStyle'));
        self::assertSame('solid', $look('[aria-pressed="true"]', 'outlineStyle'));
        self::assertSame($look('body', 'color'), $look('.vinculum', 'backgroundColor'));
        $this->goTo('/begin');
        $this->see('.kind-aim');
        self::assertSame($look('body', 'color'), $look('.kind-aim', 'backgroundColor'));
    }

    public function test_a_late_answer_does_not_overwrite_a_newer_one(): void
    {
        $this->openRecipe('Gooseberry ketchup');
        // the first answer asked for from here on is held back for a second
        $this->window->executeScript(
            <<<'JS'
            const real = window.fetch;
            let held = 0;
            window.fetch = (path, options) => {
                if (!String(path).endsWith('/evaluate') || held++ > 0) return real(path, options);
                return new Promise((done) => setTimeout(() => { window.lateAnswerCame = true; done(real(path, options)); }, 1000));
            };
            JS
            ,
        );
        $this->type('l3', '900 g');
        $this->type('l3', '10 g');
        $this->eventually(fn (): bool => $this->top('sweetness') < 0.6, 'for the newer answer');
        $this->eventually(
            fn (): bool => $this->window->executeScript('return window.lateAnswerCame === true'),
            'for the late answer',
        );
        usleep(500_000);
        self::assertLessThan(0.6, $this->top('sweetness'));
    }

    /**
     * @param callable(string): bool $isThere of what the focused element is called
     */
    private function tabUntil(callable $isThere): void
    {
        for ($tabs = 0; $tabs < 80; $tabs++) {
            $this->press(WebDriverKeys::TAB);
            $focus = $this->window->executeScript(
                "const it = document.activeElement; return it.getAttribute('aria-label') ?? it.textContent ?? ''",
            );
            if ($isThere((string) $focus)) {
                return;
            }
        }
        self::fail('The Tab key never came there.');
    }

    private function assertNoViolations(string $view): void
    {
        self::assertLessThanOrEqual(
            $this->window->executeScript('return innerWidth'),
            $this->window->executeScript('return document.documentElement.scrollWidth'),
            "{$view} runs over the side",
        );
        self::runAxe($this->window);
        // of a long table the first rows are looked at: the others are drawn by the same lines of code
        $found = $this->window->executeAsyncScript(
            'const done = arguments[0]; axe.run({ exclude: ["tr:nth-child(n + 30)"] }, '
                .'{ resultTypes: ["violations"], runOnly: ["wcag2a", "wcag2aa", "wcag21aa", "wcag22aa", "best-practice"] }).then((result) => done(result.violations.map((v) => v.id + ": " + v.nodes.map((n) => n.html.slice(0, 160) + " " + (n.any[0]?.message ?? "")).join(" | "))))',
        );
        self::assertSame([], $found, $view);
    }

    private static function runAxe(RemoteWebDriver $window): void
    {
        if ($window->executeScript('return typeof axe') !== 'object') {
            $window->executeScript((string) file_get_contents(Server::root().'/node_modules/axe-core/axe.min.js'));
        }
    }
}
