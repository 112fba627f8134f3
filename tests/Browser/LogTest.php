<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Server;

/** What was made, what the table said of it, and the best of them found again. */
final class LogTest extends BrowserTestCase
{
    public function test_made_filled_tasted_by_three_compared_labelled_and_eaten_up(): void
    {
        $this->openRecipe('Miso and carrot dressing');
        $this->makeItToday();
        $this->see('.batch .strip');

        $this->goTo('/log');
        $this->see("//ul[@class='log-rows']//a[.//small='no. 14']")->click();
        $this->see("//h2[contains(.,'no. 14')]");
        $this->see("[aria-label='How many jars']")->sendKeys('2');
        $this->see("[aria-label='How large each']")->sendKeys('190 ml'.WebDriverKeys::ENTER);
        $this->eventually(
            fn (): bool => count($this->window->findElements(WebDriverBy::cssSelector('.log-jar'))) === 2,
            'for the jars',
        );

        // three people, one phone, one after the other
        foreach ([['', 8, 'sour'], ['Ines', 6, 'sweet'], ['Tomas', 7, 'hot']] as $i => [$who, $liking, $feel]) {
            $this->see("//button[.='Taste it']")->click();
            $this->see("input[placeholder='me']")->sendKeys($who);
            $this->see("//div[@data-feel='{$feel}']//button[starts-with(.,'more')]")->click();
            $this->see("//fieldset[@class='log-liking']/button[.='{$liking}']")->click();
            $this->see("//button[.='Keep what was said']")->click();
            $this->eventually(
                fn (): bool => count($this->window->findElements(WebDriverBy::cssSelector('.log-tastings tbody tr')))
                    === $i + 1,
                "for what {$who} said",
            );
        }
        self::assertStringContainsString('a touch more', $this->see('.log-tastings')->getText());
        self::assertStringContainsString('Tomas', $this->see('.log-likes')->getText());

        $this->see("//select[@aria-label='Beside which']/option[contains(.,'no. 12')]")->click();
        $this->eventually(
            fn (): bool => str_contains($this->see('.log-beside')->getText(), 'soy sauce'),
            'for what differs',
        );

        $this->see("//a[.='Labels']")->click();
        $this->eventually(
            fn (): bool => count($this->window->findElements(WebDriverBy::cssSelector('.label'))) === 2,
            'for the labels',
        );
        $label = $this->see('.label')->getText();
        self::assertStringContainsString('no. 14A', $label);
        self::assertStringContainsString('until', $label);
        self::assertStringContainsString('Contains', $label);
        self::assertGreaterThan(
            10,
            $this->window->executeScript('return document.querySelector(".label img").naturalWidth'),
        );
        $this->asPrinted();

        $this->see("//a[.='Back to the batch']")->click();
        foreach (['A', 'B'] as $jar) {
            $this->see("//button[contains(@class,'log-jar')][.//span[starts-with(.,'{$jar}')]]")->click();
            $this->see("//button[.='It is gone']")->click();
            $this->see("//button[contains(@class,'is-gone')][.//span[starts-with(.,'{$jar}')]]");
        }
        $this->eventually(
            fn (): bool => str_contains($this->see("//ul[@class='log-rows']//a[.//small='no. 14']")->getText(), 'gone'),
            'for it to be eaten up',
        );
    }

    public function test_the_best_of_three_is_found_and_made_again(): void
    {
        $this->goTo('/log');
        $this->see("input[type='search']")->sendKeys('gooseberry liked');
        $this->eventually(
            fn (): bool => count($this->window->findElements(WebDriverBy::cssSelector('.log-rows a'))) === 1,
            'for the one that was liked',
        );
        $this->see('.log-rows a')->click();
        $this->see("//button[.='Make it again like this']")->click();
        $this->see('.segment');
        self::assertStringContainsString('as no. 10', $this->window->getPageSource());
    }

    public function test_the_book_of_one_sauce_says_what_was_different_and_sorts(): void
    {
        $this->goTo('/log');
        $this->see("input[type='search']")->sendKeys('gooseberry liked');
        $this->see("//ul[@class='log-rows']//a[.//small='no. 10']")->click();
        $this->see("//a[.='The book of this sauce: all its tries']")->click();
        $this->see("//p[contains(.,'No. 10 is liked best')]");
        self::assertStringContainsString('best so far', $this->see('.book-table .book-likely')->getText());
        self::assertStringContainsString(
            '3/4 cup cider vinegar, not 1/2 cup',
            $this->see("//tr[th='What was different']")->getText(),
        );
        $this->see("//label[contains(.,'Sort')]//option[.='best liked first']")->click();
        $this->eventually(
            fn (): bool => str_starts_with($this->see('.book-table thead th')->getText(), 'no. 10'),
            'for the best to stand first',
        );
    }

    public function test_what_was_made_last_summer_is_written_down_thrown_away_and_put_back(): void
    {
        $this->goTo('/log');
        $this->see("//button[.='Write one down']")->click();
        $this->see("//label[contains(.,'What was made')]//option[.='Boathouse white sauce']")->click();
        $this->window->executeScript(
            "const day = document.querySelector('input[type=date]'); "
                ."Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(day, "
                    ."'2026-08-15'); day.dispatchEvent(new Event('input', { bubbles: true }));",
        );
        $this->see("//button[.='Write it down']")->click();
        $this->see("//section[@aria-label='The batch']//span[contains(.,'15 August')]");
        $this->see("//a[.='Measure']")->click();
        $this->see("//section[@aria-label='Batch of 2026-08-15']//button[contains(.,'Forget')]")->click();
        $this->eventually(
            fn (): bool => $this->window->findElements(
                WebDriverBy::xpath("//section[@aria-label='Batch of 2026-08-15']"),
            ) === [],
            'for it to be gone',
        );

        $this->goTo('/shelf');
        $this->see('details.house summary')->click();
        $this->see(
            "//button[starts-with(@aria-label,'Put back') and contains(@aria-label,'Boathouse white sauce of 15 "
                ."August 2026')]",
        )->click();
        $this->eventually(
            fn (): bool => $this->window->findElements(WebDriverBy::cssSelector('#bin')) === [],
            'for the bin to be empty',
        );
        $this->goTo('/log');
        $this->see("//ul[@class='log-rows']//a[contains(.,'Boathouse') and contains(.,'15 Aug')]");
    }

    public function test_two_cups_are_tasted_blind_by_three_on_one_phone_and_the_result_is_said(): void
    {
        $this->resize(390, 844);
        $this->goTo('/log');
        $this->see("//ul[@class='log-rows']//a[.//small='no. 10']")->click();
        $this->see("//button[.='Set up two cups']")->click();
        $changed = $this->see('.log-cup-steps li:nth-child(2) strong')->getText();
        // who tastes sees two names and not which is which
        foreach (['', 'Ines', 'Tomas'] as $i => $who) {
            $this->see('.log-cups input')->sendKeys($who);
            $this->see("//section[@aria-label='The next trial']//button[.='{$changed} is better']")->click();
            $this->see("//p[@role='status'][starts-with(.,'".($i + 1)."')]");
        }
        $this->see("//button[.='Look which it was']")->click();
        $this->see("//section[@aria-label='The next trial']//p[starts-with(.,'3 liked it better with')]");
        $this->eventually(
            fn (): bool => substr_count($this->see('.log-tastings')->getText(), 'blind: better with') === 3,
            'for what was said',
        );
    }

    public function test_a_picture_of_a_batch_is_added_and_taken_away(): void
    {
        $file = sys_get_temp_dir().'/jars '.bin2hex(random_bytes(4)).'.png';
        $drawn = imagecreatetruecolor(320, 200);
        self::assertNotFalse($drawn);
        imagepng($drawn, $file);
        $this->goTo('/log');
        $this->see("//ul[@class='log-rows']//a[.//small='no. 12']")->click();
        $this->see("//h2[contains(.,'no. 12')]");
        $this->see(".log-pictures input[type='file']")->sendKeys($file);
        $this->eventually(
            fn (): bool => $this->window->executeScript(
                "return document.querySelector('.log-pictures img')?.naturalWidth",
            ) === 320,
            'for the picture',
        );
        $this->see("[aria-label='Take picture 1 away']")->click();
        $this->eventually(
            fn (): bool => $this->window->findElements(WebDriverBy::cssSelector('.log-pictures img')) === [],
            'for it to be gone',
        );
        unlink($file);
    }

    public function test_the_jar_to_use_first_leads_to_its_batch(): void
    {
        $this->goTo('/');
        $jar = $this->see("//section[@aria-label='Use first']//a");
        $name = explode(',', $jar->getText())[0];
        self::assertStringNotContainsString(
            $jar->getText(),
            $this->see("//section[@aria-label='Past their day']")->getText(),
            'what is past is not offered to be eaten',
        );
        $jar->click();
        $this->see("//h2[contains(.,'{$name}')]");
        self::assertStringContainsString('/log/', $this->window->getCurrentURL());
    }

    /**
     * The sheet as it comes out of a printer: one page, the labels and nothing else on it, each as large as was
     * bought, and a code that opens the batch.
     */
    private function asPrinted(): void
    {
        $tools = new ChromeDevToolsDriver($this->window);
        $tools->execute('Emulation.setEmulatedMedia', ['media' => 'print']);
        self::assertStringStartsNotWith('Print', trim($this->see('.labels')->getText()), 'the buttons are not printed');
        // 96 of its pixels are an inch
        $millimetres = fn (string $of): float => (float) $this->window->executeScript(
            "return document.querySelector('.label').getBoundingClientRect().{$of} * 25.4 / 96",
        );
        self::assertEqualsWithDelta(37.0, $millimetres('height'), 0.5, 'three across and seven down');
        self::assertGreaterThan(60.0, $millimetres('width'));
        self::assertTrue(
            $this->window->executeScript(
                'return [...document.querySelectorAll(".label")].every((label) => label.scrollHeight <= '
                    .'label.clientHeight + 1 && label.scrollWidth <= label.clientWidth + 1)',
            ),
            'nothing runs off a label',
        );
        $pdf = base64_decode(
            (string) $tools->execute('Page.printToPDF', [
                'paperWidth' => 8.27,
                'paperHeight' => 11.69,
                'marginTop' => 0,
                'marginBottom' => 0,
                'marginLeft' => 0,
                'marginRight' => 0,
            ])['data'],
            true,
        );
        self::assertIsString($pdf);
        self::assertSame(1, preg_match_all('#/Type\s*/Page\b(?!s)#', $pdf), 'one page');

        $box = $this->window->executeScript(
            'const b = document.querySelector(".label img").getBoundingClientRect(); return '
                .'{x: b.x - 8, y: b.y - 8, width: b.width + 16, height: b.height + 16, scale: 4}',
        );
        $file = (string) tempnam(sys_get_temp_dir(), 'label');
        file_put_contents(
            $file,
            base64_decode(
                (string) $tools->execute('Page.captureScreenshot', ['format' => 'png', 'clip' => $box])['data'],
                true,
            ),
        );
        exec(
            'node '.escapeshellarg(Server::root().'/tests/Support/read-code.mjs').' '.escapeshellarg($file),
            $said,
        );
        unlink($file);
        self::assertSame(
            preg_replace('#/labels/#', '/log/', $this->window->getCurrentURL()),
            implode('', $said),
            'the code opens the batch',
        );
        $tools->execute('Emulation.setEmulatedMedia', ['media' => '']);
    }
}
