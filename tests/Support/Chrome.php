<?php

declare(strict_types=1);

namespace Tests\Support;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;

/** A headless Chromium of exact size, and the ChromeDriver that drives it. */
final class Chrome
{
    /** @var resource */
    private $process;

    private readonly string $address;

    private readonly string $folder;

    /** @var list<RemoteWebDriver> */
    private array $windows = [];

    public function __construct()
    {
        $port = Server::freePort();
        $this->address = "http://127.0.0.1:{$port}";
        $this->folder = sys_get_temp_dir().'/vinculum-chrome-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
        $process = proc_open(
            ['chromedriver', "--port={$port}", '--log-level=SEVERE'],
            [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']],
            $pipes,
        );
        if ($process === false) {
            throw new \RuntimeException('chromedriver did not start. Is chromium-driver installed?');
        }
        $this->process = $process;
        for ($tries = 0; @stream_socket_client("tcp://127.0.0.1:{$port}") === false; $tries++) {
            if ($tries > 200) {
                throw new \RuntimeException('chromedriver does not answer.');
            }
            usleep(50_000);
        }
    }

    /** A browser of its own, with exactly this viewport. */
    public function open(int $width = 1280, int $height = 800): RemoteWebDriver
    {
        $profile = $this->folder.'/'.count($this->windows);
        $options = (new ChromeOptions)->addArguments([
            '--headless',
            '--no-sandbox',
            '--disable-gpu',
            '--disable-quic',
            '--no-first-run',
            '--disable-background-networking',
            '--disable-component-update',
            '--disable-sync',
            '--disable-dev-shm-usage',
            '--force-color-profile=srgb',
            "--user-data-dir={$profile}",
        ]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        $driver = RemoteWebDriver::create($this->address, $capabilities, 30_000, 60_000);
        $driver->manage()->timeouts()->setScriptTimeout(30);
        self::resize($driver, $width, $height);

        return $this->windows[] = $driver;
    }

    /** No page is open any more that could still say something to a server. */
    public function leave(): void
    {
        foreach ($this->windows as $window) {
            try {
                $window->get('about:blank');
            } catch (\Throwable) {
                // it was closed
            }
        }
    }

    /** Exactly this viewport. */
    public static function resize(RemoteWebDriver $driver, int $width, int $height): void
    {
        (new ChromeDevToolsDriver($driver))->execute('Emulation.setDeviceMetricsOverride', [
            'width' => $width,
            'height' => $height,
            'deviceScaleFactor' => 1,
            'mobile' => false,
        ]);
    }

    /** Everything a page has kept here, said here or asked of the browser. */
    public static function forget(RemoteWebDriver $driver, string $origin): void
    {
        // what the last page held as it went may reach the browser after all was cleared: here it has come, and is gone
        $driver->get("{$origin}/icon.svg");
        $driver->executeScript('localStorage.clear(); sessionStorage.clear()');
        $tools = new ChromeDevToolsDriver($driver);
        $tools->execute('Storage.clearDataForOrigin', ['origin' => $origin, 'storageTypes' => 'all']);
        $tools->execute('Emulation.setEmulatedMedia', ['features' => []]);
        self::resize($driver, 1280, 800);
        $driver->manage()->getLog('browser');
    }

    public function close(): void
    {
        foreach ($this->windows as $window) {
            try {
                $window->quit();
            } catch (\Throwable) {
                // it is gone already
            }
        }
        proc_terminate($this->process);
        proc_close($this->process);
        shell_exec('rm -rf '.escapeshellarg($this->folder));
    }
}
