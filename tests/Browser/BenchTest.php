<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;

/** What a maker does at the Bench, from the Shelf to the saved recipe. */
final class BenchTest extends BrowserTestCase
{
    public function test_an_amount_changed_in_any_unit_moves_the_line_and_is_there_after_a_reload(): void
    {
        $this->openRecipe('Gooseberry ketchup');
        $before = $this->top('sweetness');
        $this->type('l3', '500 g');
        $this->eventually(fn (): bool => $this->top('sweetness') > 1.5 * $before, 'for the column to rise');
        self::assertStringContainsString('step', $this->see('.ask:first-child .verdict')->getText());
        $this->eventually(
            fn (): bool => str_contains(
                $this->see('.unseen[aria-live]')->getText()
                ?: (string) $this->window->executeScript(
                    "return document.querySelector('.unseen[aria-live]').textContent",
                ),
                'Sweet',
            ),
            'for the verdict to be said aloud',
        );

        $this->eventually(
            fn (): bool => str_starts_with($this->see('.topbar-end [data-keeping]')->getText(), 'Kept now')
                || str_contains($this->see('.topbar-end [data-keeping]')->getText(), 'second'),
            'to be kept',
        );
        $this->waitUntilKept();
        $this->window->navigate()->refresh();
        $this->see('.segment');
        self::assertStringContainsString('500', $this->see("[data-line='l3'] .amount")->getText());
        self::assertGreaterThan(1.5 * $before, $this->top('sweetness'));
    }

    public function test_arrow_keys_go_up_and_down_in_kitchen_steps_and_undo_takes_them_back(): void
    {
        $this->openRecipe('Cranberry mustard');
        $before = $this->top('sweetness');
        $this->window->executeScript("document.querySelector('[data-line=\"l5\"] .amount').focus()");
        $this->press(WebDriverKeys::ARROW_UP, WebDriverKeys::ARROW_UP);
        $this->eventually(fn (): bool => $this->amount('l5') === '1 1/4 cup', 'for 3/4 cup to become 1 1/4');
        $this->eventually(fn (): bool => $this->top('sweetness') > $before, 'for the column to rise');
        $this->press(WebDriverKeys::ARROW_DOWN);
        $this->eventually(fn (): bool => $this->amount('l5') === '1 cup', 'for one step back down');

        $this->see("//button[.='Undo']")->click();
        $this->eventually(
            fn (): bool => $this->amount('l5') === '3/4 cup' && abs($this->top('sweetness') - $before) < 1e-9,
            'for the nudges to be taken back together',
        );
        $this->see("//button[.='Redo']")->click();
        $this->eventually(fn (): bool => $this->amount('l5') === '1 cup', 'for them to come again');
    }

    public function test_three_flurps_keep_their_text_and_the_last_good_figures(): void
    {
        $this->openRecipe('Miso and carrot dressing');
        $before = $this->top('sweetness');
        $this->type('l6', '3 flurps of sugar');

        self::assertStringStartsWith(
            '“flurps of sugar” is not a measure of honey that I know. Try g, tbsp or cup.',
            $this->see("[data-line='l6'] .trouble")->getText(),
        );
        self::assertSame('3 flurps of sugar', $this->amount('l6'));
        self::assertSame('From before: one line cannot be read.', $this->see('.the-line .trouble')->getText());
        self::assertSame($before, $this->top('sweetness'));

        $this->see("//button[.='3 tbsp']")->click();
        $this->eventually(fn (): bool => $this->top('sweetness') > $before, 'for the mended line to count');
        self::assertSame([], $this->window->findElements(WebDriverBy::cssSelector('.trouble')));
    }

    public function test_an_ingredient_is_found_added_moved_and_removed(): void
    {
        $this->openRecipe('Boathouse white sauce');
        $umami = $this->top('umami');
        $field = $this->see('.add-input');
        $field->sendKeys('fish s');
        self::assertStringContainsString(
            'cannot be taken back out',
            $this->see("//li[.//strong[.='fish sauce']]")->getText(),
        );
        $field->sendKeys(WebDriverKeys::ENTER);
        $input = $this->see('.amount-input');
        self::assertSame('1 tsp', $input->getAttribute('value'));
        $input->sendKeys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL, '1 tbsp', WebDriverKeys::ENTER]);
        $this->eventually(fn (): bool => $this->top('umami') > $umami, 'for umami to rise');

        self::assertSame('fish sauce', $this->names()[8]);
        $this->see("//button[contains(@class,'line-name')][contains(.,'fish sauce')]")->click();
        $this->see("//button[.='Up']")->click();
        $this->eventually(fn (): bool => $this->names()[7] === 'fish sauce', 'for the line to move up');
        $this->see("//button[.='Remove']")->click();
        $this->eventually(
            fn (): bool => count($this->names()) === 8 && $this->top('umami') === $umami,
            'for the line to go',
        );
    }

    public function test_a_jotted_list_is_pasted_its_questions_answered_and_its_lines_are_there(): void
    {
        $this->openRecipe('Boathouse white sauce');
        $this->see("//button[.='Paste a whole list']")->click();
        $this->see('.jotted')->sendKeys("2 glugs of olive oil\njuice of half a lemon\n1 tsp coriander");
        $this->see("//button[.='Read it']")->click();
        self::assertStringContainsString('Is “coriander” one of these?', $this->see('.questions')->getText());
        $this->see("//div[@role='dialog']//button[.='coriander seed, ground']")->click();
        $this->see("//button[.='Add 3 lines']")->click();
        $this->eventually(
            fn (): bool => array_slice($this->names(), -3) === ['olive oil', 'lemon juice', 'coriander seed, ground'],
            'for the three lines',
        );
        $this->see("//button[.='Undo']")->click();
        $this->eventually(
            fn (): bool => ! in_array('olive oil', $this->names(), true),
            'for all three to be taken back together',
        );
    }

    public function test_what_nobody_knows_stays_a_line_with_its_neighbours_offered(): void
    {
        $this->openRecipe('Boathouse white sauce');
        $this->see('.add-input')->sendKeys(['Dijon mustad', WebDriverKeys::ENTER]);
        self::assertStringContainsString('is not in the pantry', $this->see('.troubled .trouble')->getText());
        $this->press(WebDriverKeys::ESCAPE);
        $this->see("//button[.='smooth hot mustard']")->click();
        $this->eventually(
            fn (): bool => in_array('smooth hot mustard', $this->names(), true),
            'for the neighbour to take its place',
        );
        $this->waitUntilKept();
    }

    public function test_pointing_at_a_line_lights_its_share_and_a_taste_opens_to_who_brings_it(): void
    {
        $this->openRecipe('Lock-keeper’s steak sauce');
        $this->window->action()->moveToElement($this->see("[data-line='l6'] .line-name"))->perform();
        $this->see("[data-taste='saltiness'] .segment.lit[data-segment='l6']");
        $this->see("[data-taste='umami'] .segment.lit[data-segment='l6']");
        $this->window->action()->moveToElement($this->see("[data-taste='saltiness'] [data-segment='l12']"))->perform();
        $this->see(".line.lit[data-line='l12']");

        $this->see("//button[contains(@class,'ask')][contains(.,'Salty')]")->click();
        $first = $this->see('.bringers li:first-child')->getText();
        self::assertStringContainsString('fine salt', $first);
        self::assertMatchesRegularExpression('/\d+ %/', $first);
    }

    public function test_a_recipe_in_parts_is_given_its_batch_and_a_line_is_tied_to_another(): void
    {
        $this->openRecipe('Boathouse white sauce');
        $this->see("//button[.='Paste a list']|//button[.='Paste a whole list']")->click();
        $this->see('.jotted')->sendKeys("olive oil 3 parts\nred wine vinegar 1 part");
        $this->see("//button[.='Read it']")->click();
        $this->see("//button[.='Add 2 lines']")->click();
        $this->see(
            "//li[contains(@class,'troubled')]//*[contains(@class,'trouble')][contains(.,'Parts need a batch size')]",
        );
        $this->see("[aria-label='Batch size']")->sendKeys(['1000', WebDriverKeys::ENTER]);
        $this->eventually(
            fn (): bool => $this->window->findElements(WebDriverBy::cssSelector('.troubled')) === [],
            'for the parts to be weighed',
        );

        $this->see("[data-line='l5'] .line-name")->click();
        (new WebDriverSelect($this->see("//label[starts-with(.,'Follows')]/select")))->selectByVisibleText(
            'lemon juice',
        );
        $this->eventually(
            fn (): bool => $this->amount('l5') === 'follows lemon juice',
            'for the sugar to follow the lemon',
        );
        $before = $this->top('sweetness');
        $this->type('l3', '4 tbsp');
        $this->eventually(fn (): bool => $this->top('sweetness') > $before, 'for the sugar to go up with it');
    }

    public function test_a_unit_is_changed_and_the_amount_stays(): void
    {
        $this->openRecipe('Lock-keeper’s steak sauce');
        $before = $this->top('sourness');
        $this->see("[data-line='l2'] .line-name")->click();
        $grams = $this->see("//div[@class='others']/button[contains(.,' g')]");
        $text = $grams->getText();
        $grams->click();
        $this->eventually(fn (): bool => $this->amount('l2') === $text, 'for the line to be in grams');
        $this->eventually(
            fn (): bool => abs($this->top('sourness') / $before - 1) < 0.01,
            'for the sauce to stay the same',
        );
    }

    public function test_it_opens_with_one_question_and_again_with_what_is_new(): void
    {
        $asked = fn (): array => $this->window->executeScript(
            "return performance.getEntriesByType('resource').map(({ name }) => "
                ."name.split('/api/')[1]).filter((each) => each !== undefined && !each.startsWith('log'))",
        );
        $this->goTo('/bench');
        $this->see('.segment');
        self::assertSame(['bench'], $asked());

        $this->type('l3', '90 g');
        $this->waitUntilKept();
        $path = (string) parse_url($this->window->getCurrentURL(), PHP_URL_PATH);
        $this->goTo($path);
        self::assertStringStartsWith('90', $this->see("[data-line='l3'] .amount")->getText());
        self::assertSame([str_replace('/bench/', 'bench?recipe=', $path)], $asked());
    }

    public function test_six_bottles_are_shown_before_they_are_made(): void
    {
        $this->openRecipe('Towpath pineapple and habanero');
        $this->see("//button[.='Other amount']")->click();
        $this->eventually(
            fn (): bool => str_contains($this->see('[role=dialog] .sentence')->getText(), '6 of 6 filled with 23'),
            'for the six bottles',
        );
        self::assertSame('600 g', $this->amount('l1'), 'nothing is applied yet');

        $how = $this->see('[role=dialog] input');
        $how->sendKeys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL, 'loads']);
        self::assertStringContainsString(
            'is not a batch size I can read',
            $this->see('[role=dialog] .trouble')->getText(),
        );
        $how->sendKeys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL, '6 x 250 ml']);
        $this->see('[role=dialog] table');
        $this->see("//button[.='Apply it']")->click();

        $this->eventually(
            fn (): bool => preg_match('/^1[.,]4\d L/', $this->see('.facts dd')->getText()) === 1,
            'for the batch to make 6 × 237.5 mL',
        );
        self::assertNotSame('600 g', $this->amount('l1'));
        $this->see("//button[.='Undo']")->click();
        $this->eventually(fn (): bool => $this->amount('l1') === '600 g', 'for the old batch to come back');
    }

    public function test_pressed_before_the_answer_is_there_what_stands_in_the_field_is_made(): void
    {
        $this->openRecipe('Towpath pineapple and habanero');
        $this->see("//button[.='Other amount']")->click();
        $this->see('[role=dialog] table');
        $this->window->executeScript(
            'const real = window.fetch; window.fetch = async (...asked) => '
                .'{ await new Promise((pass) => setTimeout(pass, 800)); return real(...asked); }',
        );
        $this->see('[role=dialog] input')->sendKeys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL, '2x']);
        $this->see("//button[.='Apply it']")->click();

        $this->eventually(
            fn (): bool => $this->amount('l1') === '1200 g',
            'for twice, and not for the six bottles of before',
        );
        $this->see("//button[.='Undo']")->click();
        $this->waitUntilKept();
    }

    public function test_the_bar_leads_to_the_recipe_on_the_screen_and_not_to_the_last_one_that_was_changed(): void
    {
        $this->openRecipe('Boathouse white sauce');
        $here = $this->window->getCurrentURL();
        $this->openRecipe('Gooseberry ketchup');
        $this->type('l4', '1 large');
        $this->waitUntilKept();
        $this->window->get($here);
        $this->see('.segment');
        $this->see("//nav//a[.='Batch']")->click();
        $this->eventually(
            fn (): bool => $this->see('.batch-screen h1')->getText() === 'Boathouse white sauce',
            'for the sauce that was on the screen',
        );
        $this->see("//nav//a[.='Pantry']")->click();
        $this->see('.pantry');
        $this->see("//nav//a[.='Bench']")->click();
        $this->see('.segment');
        self::assertSame($here, $this->window->getCurrentURL());
    }

    public function test_a_digit_on_an_amount_goes_to_the_spoon_and_overwrites_nothing(): void
    {
        $this->openRecipe('Gooseberry ketchup');
        $before = $this->amount('l3');
        $this->see("[data-line='l3'] .amount")->sendKeys('3');

        self::assertSame('3', $this->window->switchTo()->activeElement()->getAttribute('data-key'));
        self::assertSame($before, $this->amount('l3'));
    }

    public function test_a_stale_tab_is_offered_both_versions(): void
    {
        $this->openRecipe('Gooseberry ketchup');
        $other = self::open();
        try {
            $other->get($this->window->getCurrentURL());
            $this->see('.segment', $other);
            $this->type('l4', '2 large');
            $this->eventually(
                fn (): bool => $this->see('.topbar-end [data-keeping]')->getAttribute('data-keeping') === 'kept'
                    && $this->amount('l4') === '2 large',
                'to be kept here',
            );
            usleep(1_000_000);
            $other->findElement(WebDriverBy::cssSelector("[data-line='l4'] .amount"))->click();
            $this->see("[data-line='l4'] .amount-input", $other)->sendKeys([
                WebDriverKeys::CONTROL,
                'a',
                WebDriverKeys::NULL,
                '3 small',
                WebDriverKeys::ENTER,
            ]);

            $dialog = $this->see('[role=dialog]', $other)->getText();
            self::assertStringContainsString('3 small onion', $dialog);
            self::assertStringContainsString('2 large onion', $dialog);
            $this->see("//button[.='Keep mine']", $other)->click();
            $this->see('[data-keeping="kept"]', $other);
        } finally {
            $other->quit();
        }
        $this->window->navigate()->refresh();
        $this->eventually(fn (): bool => $this->amount('l4') === '3 small', 'for the chosen version to be the kept '
            .'one');
    }

    public function test_without_an_answer_the_draft_stays_and_says_it_is_not_kept(): void
    {
        $this->openRecipe('Boathouse white sauce');
        $this->window->executeScript(
            "window.realFetch = window.fetch; window.fetch = () => Promise.reject(new TypeError('down'))",
        );
        $this->type('l6', '2 tsp');
        self::assertStringContainsString(
            'not kept yet: No answer from Vinculum',
            $this->see('[data-keeping="failed"]')->getText(),
        );
        self::assertSame('2 tsp', $this->amount('l6'));
        $this->window->executeScript('window.fetch = window.realFetch');
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

    /**
     * @return list<string>
     */
    private function names(): array
    {
        return array_map(
            static fn ($element): string => $element->getText(),
            $this->window->findElements(WebDriverBy::cssSelector('.line-words')),
        );
    }
}
