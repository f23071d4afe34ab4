<?php

declare(strict_types=1);

namespace Tests\Support;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverExpectedCondition;
use Facebook\WebDriver\WebDriverKeys;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;
use RuntimeException;

use function dirname;
use function in_array;

/** The application served as bin/start serves it, with a browser in front of it. */
final class Site
{
    private static ?self $open = null;

    private function __construct(
        public readonly string $address,
        public readonly Chrome $chrome,
        private Process $server,
        private readonly string $storage,
        private readonly int $port,
    ) {}

    /** One for a test file; close it after the last test. */
    public static function open(): self
    {
        return self::$open ??= self::start();
    }

    public static function close(): void
    {
        self::$open?->chrome->quit();
        self::$open?->server->stop();
        (new Filesystem)->deleteDirectory(self::$open->storage ?? '');
        self::$open = null;
    }

    /** The same application in a browser of its own, as a second person has it; quit its browser after use. */
    public function besides(): self
    {
        return new self($this->address, Chrome::open(), $this->server, $this->storage, $this->port);
    }

    private static function start(): self
    {
        $storage = sys_get_temp_dir().'/neat-spindle-site-'.bin2hex(random_bytes(6));
        foreach (['framework/views', 'framework/sessions', 'framework/cache/data', 'logs', 'app'] as $folder) {
            mkdir("{$storage}/{$folder}", 0o700, true);
        }
        $port = Process::freePort();

        return new self("http://127.0.0.1:{$port}", Chrome::open(), self::serve($port, $storage, []), $storage, $port);
    }

    /** @param  array<string, string>  $environment  added to what the server runs with */
    private static function serve(int $port, string $storage, array $environment): Process
    {
        $root = dirname(__DIR__, 2);
        $server = Process::start(
            [PHP_BINARY, '-d', 'variables_order=EGPCS', '-d', 'upload_max_filesize=24M', '-d', 'post_max_size=26M', '-d', 'expose_php=0', '-S', "127.0.0.1:{$port}", '-t', "{$root}/public", "{$root}/server.php"],
            [
                'PHP_CLI_SERVER_WORKERS' => '3', 'SESSION_DRIVER' => 'file', 'CACHE_STORE' => 'file', 'APP_ENV' => 'testing', 'APP_DEBUG' => 'false',
                'LARAVEL_STORAGE_PATH' => $storage, 'APP_URL' => "http://127.0.0.1:{$port}", 'APP_KEY' => (string) config('app.key'),
                'DB_DATABASE' => DB::connection()->getDatabaseName(), ...$environment,
            ],
            $root,
        );
        $server->waitForPort($port);

        return $server;
    }

    /**
     * Kills the server where it stands and starts it again, as after a power cut.
     *
     * @param  array<string, string>  $environment  added to what the server runs with
     */
    public function restart(array $environment = []): self
    {
        $this->takeAway();
        $this->server = self::serve($this->port, $this->storage, $environment);

        return $this;
    }

    /** Kills the server and leaves it so. */
    public function takeAway(): self
    {
        $this->server->kill();
        Process::waitForSilence($this->port);

        return $this;
    }

    public function driver(): RemoteWebDriver
    {
        return $this->chrome->driver;
    }

    public function visit(string $path): self
    {
        $this->driver()->get($this->address.$path);
        $this->waitForFocus();

        return $this;
    }

    /** Until the field that wants it has the focus: a key that is sent before goes to the page, where it means something else. */
    private function waitForFocus(): void
    {
        for ($tries = 0; $tries < 80; $tries++) {
            if ($this->driver()->executeScript('return document.querySelector("[autofocus]") === null || document.activeElement !== document.body') === true) {
                return;
            }
            usleep(25_000);
        }
    }

    public function signIn(string $email, string $password): self
    {
        $this->driver()->manage()->deleteAllCookies();
        $this->visit('/sign-in');
        $this->type('email', $email);
        $this->type('password', $password);

        return $this->press('Sign in');
    }

    public function type(string $id, string $text): self
    {
        $field = $this->wait(WebDriverBy::id($id));
        $this->driver()->executeScript('return arguments[0].value', [$field]) === '' || $field->clear();
        $field->sendKeys($text);

        return $this;
    }

    /** Chooses a file in a field for files. */
    public function attach(string $id, string $file): self
    {
        $this->wait(WebDriverBy::id($id))->sendKeys($file);

        return $this;
    }

    public function choose(string $id, string $value): self
    {
        $this->wait(WebDriverBy::cssSelector("#{$id} option[value='{$value}']"))->click();

        return $this;
    }

    /** Clicks the button or link with these words, and waits until the page it was on is gone. */
    public function press(string $words): self
    {
        $quoted = '"'.$words.'"';

        return $this->leaveBy($this->wait(WebDriverBy::xpath("//main//button[contains(normalize-space(), {$quoted})] | //main//a[contains(normalize-space(), {$quoted})] | //nav//a[contains(normalize-space(), {$quoted})] | //button[normalize-space()={$quoted}] | //a[normalize-space()={$quoted}]")));
    }

    public function click(string $selector): self
    {
        return $this->leaveBy($this->wait(WebDriverBy::cssSelector($selector)));
    }

    /** Clicks something that stays on its page: a box to tick, a summary to open. */
    public function tick(string $selector): self
    {
        $element = $this->wait(WebDriverBy::cssSelector($selector));
        $this->driver()->executeScript('arguments[0].scrollIntoView({block: "center"})', [$element]);
        $element->click();

        return $this;
    }

    /** Drags one thing onto another with the pointer. */
    public function drag(string $from, string $to): self
    {
        return $this->andWait(function () use ($from, $to): void {
            [$piece, $place] = [$this->wait(WebDriverBy::cssSelector($from)), $this->driver()->findElement(WebDriverBy::cssSelector($to))];
            $this->driver()->executeScript('arguments[0].scrollIntoView({block: "center"})', [$piece]);
            $actions = $this->driver()->action();
            $actions->clickAndHold($piece)->moveToElement($place, 4, 4)->moveToElement($place)->release()->perform();
        });
    }

    /** Sends keys to whatever has the focus. */
    public function keys(string ...$keys): self
    {
        foreach ($keys as $key) {
            $this->driver()->getKeyboard()->sendKeys($key);
        }

        return $this;
    }

    /** Tabs on until the focus is on what the selector names. */
    public function tabTo(string $selector): self
    {
        for ($presses = 0; $presses < 120; $presses++) {
            if ($this->driver()->executeScript('return document.activeElement.matches(arguments[0])', [$selector]) === true) {
                return $this;
            }
            $this->keys(WebDriverKeys::TAB);
        }
        throw new RuntimeException("The Tab key never reaches {$selector}.");
    }

    /** Does something that swaps the page, and waits for the new one. */
    public function andWait(callable $act): self
    {
        $this->driver()->executeScript('document.querySelector("main").dataset.old = "yes"');
        $act();
        $this->driver()->wait(30, 25)->until(
            fn () => $this->driver()->executeScript('const m = document.querySelector("main"); return document.readyState === "complete" && m !== null && m.dataset.old === undefined && document.querySelector(".htmx-request, .htmx-swapping, .htmx-settling") === null') === true,
            'The page did not change after '.$this->driver()->getCurrentURL(),
        );

        return $this;
    }

    public function text(string $selector = 'main'): string
    {
        return (string) preg_replace('/\s+/u', ' ', $this->wait(WebDriverBy::cssSelector($selector))->getText());
    }

    /** Waits until something with these words stands there. */
    public function waitForText(string $selector, string $words): self
    {
        $this->driver()->wait(30, 25)->until(WebDriverExpectedCondition::elementTextContains(WebDriverBy::cssSelector($selector), $words), "“{$words}” never stood at {$selector}.");

        return $this;
    }

    /** @phpstan-impure what stands in a field changes as it is typed in */
    public function value(string $id): string
    {
        return (string) $this->wait(WebDriverBy::id($id))->getAttribute('value');
    }

    /** @phpstan-impure the page may have changed since it was last asked */
    public function has(string $selector): bool
    {
        return $this->driver()->findElements(WebDriverBy::cssSelector($selector)) !== [];
    }

    /** @return list<string> what the console has to say that is an error */
    public function consoleErrors(): array
    {
        $errors = array_filter($this->driver()->manage()->getLog('browser'), fn (array $line) => $line['level'] === 'SEVERE');

        return array_values(array_map(fn (array $line) => $line['message'], $errors));
    }

    /** @return list<string> addresses asked for that are not this site's */
    public function strangeRequests(): array
    {
        $strange = [];
        foreach ($this->driver()->manage()->getLog('performance') as $line) {
            $message = json_decode($line['message'], true)['message'];
            $url = $message['params']['request']['url'] ?? null;
            if ($message['method'] === 'Network.requestWillBeSent' && preg_match('/^(https?|wss?):/', $url) === 1 && ! str_starts_with($url, $this->address)) {
                $strange[] = $url;
            }
        }

        return $strange;
    }

    /** @return list<string> what axe-core finds serious or critical on the page at hand */
    public function seriousFaults(): array
    {
        $this->driver()->executeScript((string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'));
        /** @var array{violations: list<array{id: string, impact: string, help: string, nodes: list<array{html: string}>}>} $result */
        $result = $this->driver()->executeAsyncScript('const done = arguments[0]; axe.run(document, {resultTypes: ["violations"]}).then(done, e => done({violations: [{id: String(e), impact: "critical", help: "", nodes: []}]}))');
        $serious = array_filter(
            $result['violations'], fn (array $violation) => in_array($violation['impact'], ['serious', 'critical'], true),
        );

        return array_values(array_map(fn (array $violation) => "{$violation['id']}: {$violation['help']} ".substr($violation['nodes'][0]['html'] ?? '', 0, 160), $serious));
    }

    private function leaveBy(RemoteWebElement $element): self
    {
        return $this->andWait(function () use ($element): void {
            $this->driver()->executeScript('arguments[0].scrollIntoView({block: "center"})', [$element]);
            $element->click();
        });
    }

    private function wait(WebDriverBy $by): RemoteWebElement
    {
        return $this->driver()->wait(30, 25)->until(
            WebDriverExpectedCondition::visibilityOfElementLocated($by), "Nothing to see at {$by->getValue()}",
        );
    }
}
