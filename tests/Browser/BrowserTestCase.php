<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Remote\RemoteExecuteMethod;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\TestCase;
use Tests\Support\Chrome;
use Tests\Support\Server;

/** The real interface in a real browser, against the product as it is served. */
abstract class BrowserTestCase extends TestCase
{
    protected const DEMO = true;

    /** Whether it needs a server for itself, to stop it. */
    protected const OWN_SERVER = false;

    protected static Server $server;

    /** One for all stories; a second window beside it is opened where a story needs one. */
    private static ?Chrome $chrome = null;

    private static ?RemoteWebDriver $first = null;

    protected RemoteWebDriver $window;

    public static function setUpBeforeClass(): void
    {
        self::$chrome?->leave();
        self::$server = static::OWN_SERVER ? Server::start(static::DEMO) : Server::shared(static::DEMO);
    }

    protected function setUp(): void
    {
        $this->window = self::asNew();
    }

    protected function tearDown(): void
    {
        // a refusal that was provoked is logged as well, and is not a complaint of the page
        $complaints = array_filter(
            $this->window->manage()->getLog('browser'),
            static fn (array $entry): bool => $entry['level'] === 'SEVERE'
                && ! str_contains($entry['message'], 'the server responded with a status of 4'),
        );
        self::assertSame([], array_column($complaints, 'message'), 'the browser complained');
    }

    protected static function open(int $width = 1280, int $height = 800): RemoteWebDriver
    {
        if (self::$chrome === null) {
            self::$chrome = new Chrome;
            register_shutdown_function(self::$chrome->close(...));
        }

        return self::$chrome->open($width, $height);
    }

    /** The window of the last story with nothing left of it, or another where it is gone. */
    private static function asNew(): RemoteWebDriver
    {
        try {
            if (self::$first !== null) {
                Chrome::forget(self::$first, self::$server->url);

                return self::$first;
            }
        } catch (\Throwable) {
            // it was closed, or hangs
        }

        return self::$first = self::open();
    }

    /** The same window as it is on another screen. */
    protected function resize(int $width, int $height): void
    {
        Chrome::resize($this->window, $width, $height);
    }

    protected function goTo(string $path): void
    {
        $this->window->get(self::$server->url.$path);
    }

    /** Opens a recipe on the Bench, and waits for its figures. The way there from the Shelf has stories of its own. */
    protected function openRecipe(string $name): void
    {
        $found = (array) json_decode(
            (string) file_get_contents(self::$server->url.'/api/recipes?q='.rawurlencode($name)),
            true,
        );
        $ids = array_column((array) ($found['recipes'] ?? []), 'id', 'name');
        $this->goTo('/bench/'.($ids[$name] ?? self::fail("There is no recipe “{$name}”.")));
        $this->see('.segment');
    }

    /**
     * The first that can be seen, moved as a thumb would: clear of the bar across the foot of a phone. One question
     * to the browser, since a story asks thousands.
     */
    private const FIRST_SEEN = <<<'JS'
    const found = arguments[0].startsWith('/')
      ? document.evaluate(arguments[0], document, null, XPathResult.ORDERED_NODE_SNAPSHOT_TYPE)
      : document.querySelectorAll(arguments[0]);
    const drawn = (element) => {
      const { width, height } = element.getBoundingClientRect();
      return (width > 0 && height > 0) || [...element.children].some(drawn);
    };
    for (let at = 0; at < (found.snapshotLength ?? found.length); at++) {
      const element = found.snapshotItem?.(at) ?? found[at];
      const shown = element.closest('select') ?? element;
      if (shown.checkVisibility({ opacityProperty: true, visibilityProperty: true }) && drawn(shown)) {
        shown.scrollIntoView({ block: 'nearest', inline: 'nearest' });
        return element;
      }
    }
    return null;
    JS;

    /** Waits for an element by CSS, or by XPath where it begins with a slash. */
    protected function see(string $where, ?RemoteWebDriver $window = null): RemoteWebElement
    {
        $window ??= static::current();

        return $this->eventually(static function () use ($where, $window): ?RemoteWebElement {
            $found = $window->executeScript(self::FIRST_SEEN, [$where]);

            return is_array($found)
                ? new RemoteWebElement(new RemoteExecuteMethod($window), (string) reset($found), true)
                : null;
        }, "to see {$where}");
    }

    /**
     * @template T
     *
     * @param callable(): (T|null|false) $what tried again until it gives something
     * @return T
     */
    protected function eventually(callable $what, string $said): mixed
    {
        $until = microtime(true) + 10;
        do {
            try {
                $result = $what();
                if ($result !== null && $result !== false) {
                    return $result;
                }
            } catch (StaleElementReferenceException|ElementClickInterceptedException) {
                // it was drawn anew while it was looked at, or what came in above it pushed it under the bar
            }
            usleep(25_000);
        } while (microtime(true) < $until);
        self::fail(
            "Waited {$said}. On the page: "
                .mb_substr(static::current()->findElement(WebDriverBy::tagName('body'))->getText(), 0, 1500),
        );
    }

    /** Types an amount over a line's, and commits it. */
    protected function type(string $line, string $amount): void
    {
        $row = "[data-line='{$line}']";
        // a click that falls into a redraw is lost, for a hand as well: click again
        $input = $this->eventually(function () use ($row): ?RemoteWebElement {
            $open = $this->window->findElements(WebDriverBy::cssSelector("{$row} .amount-input"));
            if ($open !== []) {
                return $open[0];
            }
            $this->window->findElement(WebDriverBy::cssSelector("{$row} .amount"))->click();

            return null;
        }, "to type into {$line}");
        $input->sendKeys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL, $amount, WebDriverKeys::ENTER]);
    }

    /** Writes a batch down on the Bench, and waits until it stands first. */
    protected function makeItToday(): void
    {
        $this->see("//button[.='Batches']")->click();
        $count = fn (): int => count($this->window->findElements(WebDriverBy::cssSelector('.batch')));
        $button = $this->see("//button[.='Made it today']");
        usleep(300_000);
        $before = $count();
        $button->click();
        $this->eventually(static fn (): bool => $count() > $before, 'for the batch');
    }

    protected function press(string ...$keys): void
    {
        foreach ($keys as $key) {
            $this->window->getKeyboard()->sendKeys($key);
        }
    }

    /** How high a taste's column stands, in levels. */
    protected function top(string $taste): float
    {
        return (float) $this->see("[data-taste='{$taste}']")->getAttribute('data-top');
    }

    protected function waitUntilKept(): void
    {
        $this->see('[data-keeping="kept"]');
    }

    private static ?self $running = null;

    protected static function current(): RemoteWebDriver
    {
        return self::$running->window ?? throw new \LogicException('No test is running.');
    }

    protected function assertPreConditions(): void
    {
        self::$running = $this;
    }
}
