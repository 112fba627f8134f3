<?php

declare(strict_types=1);

namespace Tests\Browser;

/** Kept on a phone's home screen, it opens though its machine does not answer, and says so. */
final class AwayTest extends BrowserTestCase
{
    protected const OWN_SERVER = true;

    public function test_it_opens_though_the_machine_is_off_and_says_so(): void
    {
        $this->goTo('/shelf');
        $this->see('.card');
        $manifest = (array) json_decode(
            (string) file_get_contents(self::$server->url.'/app.webmanifest'),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
        self::assertSame('standalone', $manifest['display']);
        $isReady = $this->window->executeAsyncScript(
            'const done = arguments[0]; navigator.serviceWorker.ready.then(() => done(true));',
        );
        self::assertTrue($isReady);
        $this->eventually(
            fn (): bool => $this->window->executeScript('return navigator.serviceWorker.controller !== null'),
            'for it to take over',
        );
        // with the machine there, what is shown is what the machine says
        $this->goTo('/pantry');
        $this->see('.pantry-list');

        self::$server->stop();
        $this->goTo('/shelf');
        self::assertStringContainsString('does not answer', $this->see('main')->getText());
        self::assertStringContainsString('still in this browser', $this->see('main')->getText());
        // what a screen asks for by itself is not answered with a page: it says so in its own words
        self::assertSame(
            'refused',
            $this->window->executeAsyncScript(
                "const done = arguments[0]; fetch('/api/recipes').then(() => done('answered'), () => done('refused'));",
            ),
        );
        // that the machine was not reached is what was wanted
        $this->window->manage()->getLog('browser');
    }
}
