<?php

declare(strict_types=1);

namespace Tests\Support;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\DriverCommand;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverKeys;
use RuntimeException;

/** A headless Chromium of its own, driven through a ChromeDriver of its own; it can reach nothing but this machine. */
final class Chrome
{
    private const FLAGS = [
        '--headless', '--force-prefers-reduced-motion', '--no-sandbox', '--disable-gpu',
        '--disable-quic', '--disable-dev-shm-usage', '--no-first-run',
        '--no-default-browser-check', '--disable-background-networking', '--disable-component-update', '--disable-sync',
        '--disable-default-apps', '--disable-extensions', '--no-pings', '--force-device-scale-factor=1', '--window-size=1280,800',
        '--host-resolver-rules=MAP * ~NOTFOUND , EXCLUDE 127.0.0.1',
    ];

    /** @var list<string> what runs in every page, by the browser's names for it */
    private array $inEveryPage = [];

    private function __construct(
        public readonly RemoteWebDriver $driver,
        private readonly Process $chromedriver,
    ) {}

    public static function open(): self
    {
        $port = Process::freePort();
        $chromedriver = Process::start(['/usr/bin/chromedriver', "--port={$port}"]);
        $chromedriver->waitForPort($port);
        $options = (new ChromeOptions)->setBinary('/usr/bin/chromium-headless-shell')->addArguments(self::FLAGS);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL', 'performance' => 'ALL']);

        $driver = RemoteWebDriver::create("http://127.0.0.1:{$port}", $capabilities, 30_000, 60_000);
        $driver->manage()->timeouts()->setScriptTimeout(30);

        return new self($driver, $chromedriver);
    }

    /** As large as it was opened, with nothing of ours in its pages. */
    public function asOpened(): void
    {
        $devTools = new ChromeDevToolsDriver($this->driver);
        $devTools->execute('Emulation.clearDeviceMetricsOverride', []);
        foreach ($this->inEveryPage as $script) {
            $devTools->execute('Page.removeScriptToEvaluateOnNewDocument', ['identifier' => $script]);
        }
        $this->inEveryPage = [];
    }

    public function forgetCookies(): void
    {
        (new ChromeDevToolsDriver($this->driver))->execute('Network.clearBrowserCookies', []);
    }

    public function size(int $width, int $height): void
    {
        (new ChromeDevToolsDriver($this->driver))->execute('Emulation.setDeviceMetricsOverride', [
            'width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => false,
        ]);
    }

    /** Presses and releases the pointer there, as a hand does. */
    public function clickAt(float $x, float $y): void
    {
        $devTools = new ChromeDevToolsDriver($this->driver);
        foreach (['mousePressed', 'mouseReleased'] as $type) {
            $devTools->execute('Input.dispatchMouseEvent', ['type' => $type, 'x' => $x, 'y' => $y, 'button' => 'left', 'clickCount' => 1]);
        }
    }

    /** So many presses of the Tab key, back with Shift: one that is held, as it repeats itself, in one command. */
    public function tabs(int $times, bool $isBack = false): void
    {
        $key = fn (string $type, string $key): array => ['type' => $type, 'value' => $key];
        $shift = fn (string $type): array => $isBack ? [$key($type, WebDriverKeys::SHIFT)] : [];
        $this->driver->execute(DriverCommand::ACTIONS, ['actions' => [['type' => 'key', 'id' => 'keyboard', 'actions' => [
            ...$shift('keyDown'), ...array_fill(
                0, $times, $key('keyDown', WebDriverKeys::TAB),
            ), $key('keyUp', WebDriverKeys::TAB), ...$shift('keyUp'),
        ]]]]);
    }

    /** Gives a text to what has the focus, as a telephone's keyboard does: in one go, without keys. */
    public function insert(string $text): void
    {
        (new ChromeDevToolsDriver($this->driver))->execute('Input.insertText', ['text' => $text]);
    }

    /** Runs a script in every page before its own, whatever the page's policy says. */
    public function inEveryPage(string $script): void
    {
        $added = (new ChromeDevToolsDriver($this->driver))->execute('Page.addScriptToEvaluateOnNewDocument', ['source' => $script]);
        $this->inEveryPage[] = (string) $added['identifier'];
    }

    public function onPaper(): void
    {
        (new ChromeDevToolsDriver($this->driver))->execute('Emulation.setEmulatedMedia', ['media' => 'print']);
    }

    public function picture(string $file): void
    {
        $this->driver->takeScreenshot($file);
        is_file($file) || throw new RuntimeException("No picture was written to {$file}.");
    }

    public function quit(): void
    {
        $this->driver->quit();
        $this->chromedriver->stop();
    }
}
