<?php

declare(strict_types=1);

namespace Tests\Support;

use Facebook\WebDriver\Exception\JavascriptErrorException;
use Facebook\WebDriver\Exception\ScriptTimeoutException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\UnknownErrorException;
use Facebook\WebDriver\Remote\JsonWireCompat;
use Facebook\WebDriver\Remote\RemoteExecuteMethod;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverExpectedCondition;
use Facebook\WebDriver\WebDriverKeys;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use RuntimeException;

use function dirname;
use function in_array;
use function is_array;
use function is_string;

/** The application served as bin/start serves it, with a browser in front of it. */
final class Site implements Pages
{
    /** Rules of axe-core that never find anything serious: what they find would be left out anyway, and looking costs a fifth. */
    private const NEVER_SERIOUS = [
        'region', 'landmark-one-main', 'landmark-unique', 'landmark-no-duplicate-main', 'landmark-no-duplicate-banner',
        'landmark-no-duplicate-contentinfo',
        'landmark-banner-is-top-level', 'landmark-complementary-is-top-level', 'landmark-contentinfo-is-top-level',
        'landmark-main-is-top-level',
        'heading-order', 'page-has-heading-one', 'empty-heading', 'image-redundant-alt', 'skip-link', 'scope-attr-valid',
        'presentation-role-conflict',
        'meta-viewport-large', 'aria-allowed-role', 'empty-table-header',
    ];

    /** Rules that ask how a thing looks, and not what it is. */
    private const OF_ITS_LOOK = ['color-contrast', 'link-in-text-block', 'scrollable-region-focusable'];

    /** How long is waited for what should come. */
    private const PATIENCE_S = 30;

    private static ?self $open = null;

    private function __construct(
        public readonly string $address,
        public readonly Chrome $chrome,
        private Process $server,
        private readonly string $storage,
        private readonly int $port,
        /** @var array<string, string> what the server runs with beside the usual */
        private array $environment = [],
    ) {}

    /** One for a process, as it was opened: its server as it is served, its window as large as it was. */
    public static function open(): self
    {
        if (self::$open === null) {
            self::$open = self::start();
            register_shutdown_function(self::close(...));
        }
        (new Filesystem)->cleanDirectory(self::$open->storage.'/framework/cache/data');
        self::$open->environment === [] || self::$open->restart();
        self::$open->chrome->asOpened();
        self::$open->consoleErrors();
        self::$open->strangeRequests();

        return self::$open;
    }

    private static function close(): void
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
        foreach (['framework/sessions', 'framework/cache/data', 'logs', 'app'] as $folder) {
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
            [
                PHP_BINARY, '-d', 'variables_order=EGPCS', '-d', 'upload_max_filesize=24M', '-d', 'post_max_size=26M', '-d',
                'max_input_vars=5000', '-d', 'expose_php=0', '-S', "127.0.0.1:{$port}", '-t', "{$root}/public", "{$root}/server.php",
            ],
            [
                'PHP_CLI_SERVER_WORKERS' => '3', 'SESSION_DRIVER' => 'file', 'CACHE_STORE' => 'file', 'CACHE_LIMITER' => 'limits',
                'APP_ENV' => 'testing', 'APP_DEBUG' => 'false',
                'LARAVEL_STORAGE_PATH' => $storage, 'VIEW_COMPILED_PATH' => (string) config('view.compiled'),
                'APP_URL' => "http://127.0.0.1:{$port}", 'APP_KEY' => (string) config('app.key'),
                'DB_DATABASE' => DB::connection()->getDatabaseName(), 'PRIVATE_FILES' => Storage::path(''), ...$environment,
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
        $this->environment = $environment;
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

    public function visit(string $path): static
    {
        $this->driver()->get($this->address.$path);
        $this->waitForFocus();

        return $this;
    }

    /** Until the field that wants it has the focus: a key that is sent before goes to the page, where it means something else. */
    private function waitForFocus(): void
    {
        $this->inPage(<<<'JS'
            const wants = () => [...document.querySelectorAll('[autofocus]')].some((one) => one.checkVisibility());
            const end = performance.now() + 2000;
            const look = () => document.activeElement !== document.body || !wants() || performance.now() > end ? done(true) : setTimeout(look, 8);
            look();
            JS, 'The page went away.');
    }

    /**
     * From an empty page without a cookie: a page that was left open asks for its news by the second, and the answer to that brings the
     * cookie of who was here before.
     */
    public function signIn(string $email, string $password): static
    {
        $this->driver()->get('about:blank');
        $this->chrome->forgetCookies();
        $this->visit('/sign-in');
        $this->type('email', $email);
        $this->type('password', $password);
        $this->press('Sign in');
        str_starts_with(
            $this->driver()->getCurrentURL(), "{$this->address}/sign-in",
        ) && throw new RuntimeException("{$email} was not let in: ".$this->text('body'));

        return $this;
    }

    public function type(string $id, string $text): static
    {
        $this->whenThere(WebDriverBy::id($id), 'found.focus(), found.select()');
        $this->chrome->insert($text);

        return $this;
    }

    /** Chooses a file in a field for files. */
    public function attach(string $id, string $file): self
    {
        $this->wait(WebDriverBy::id($id))->sendKeys($file);

        return $this;
    }

    public function choose(string $id, string $value): static
    {
        $this->wait(WebDriverBy::cssSelector("#{$id} option[value='{$value}'], #{$id} input[value='{$value}']"))->click();

        return $this;
    }

    /** Clicks the button or link with these words, and waits until the page it was on is gone. */
    public function press(string $words): static
    {
        return $this->leaveBy(WebDriverBy::xpath(sprintf(self::BY_WORDS, "\"{$words}\"")));
    }

    public function click(string $selector): static
    {
        return $this->leaveBy(WebDriverBy::cssSelector($selector));
    }

    /** Clicks something that stays on its page: a box to tick, a summary to open. */
    public function tick(string $selector): static
    {
        $this->clickOn(WebDriverBy::cssSelector($selector));

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

        return $this->waitForNewPage();
    }

    public function text(string $selector = 'main'): string
    {
        $words = $this->whenThere(WebDriverBy::cssSelector($selector), 'found.innerText');

        return trim((string) preg_replace('/\s+/u', ' ', is_string($words) ? $words : ''));
    }

    /** Waits until something with these words stands there. */
    public function waitForText(string $selector, string $words): self
    {
        $this->driver()->wait(30, 25)
            ->until(
                WebDriverExpectedCondition::elementTextContains(WebDriverBy::cssSelector($selector), $words),
                "“{$words}” never stood at {$selector}.",
            );

        return $this;
    }

    public function value(string $id): string
    {
        $value = $this->whenThere(WebDriverBy::id($id), 'found.value ?? found.querySelector(":checked")?.value');

        return is_string($value) ? $value : '';
    }

    public function whichOf(string ...$selectors): array
    {
        /** @var list<string> */
        return $this->driver()->executeScript('return [...arguments].filter((one) => document.querySelector(one) !== null)', $selectors);
    }

    public function has(string $selector): bool
    {
        return $this->driver()->executeScript('return document.querySelector(arguments[0]) !== null', [$selector]) === true;
    }

    public function attributes(string $selector, string $attribute): array
    {
        /** @var list<string> */
        return $this->driver()
            ->executeScript(
                'return [...document.querySelectorAll(arguments[0])].map((one) => one.getAttribute(arguments[1])).filter((said) => said !== null)',
                [$selector, $attribute],
            );
    }

    public function address(): string
    {
        return $this->driver()->getCurrentURL();
    }

    public function send(string $path, array $fields): array
    {
        /** @var array{status: int, errors: array<string, list<string>>} */
        return $this->inPage(<<<'JS'
            const token = document.querySelector('input[name="_token"]').value;
            fetch(args[0], {method: 'POST', headers: {'Content-Type': 'application/json', 'Accept': 'application/json', 'X-CSRF-TOKEN': token}, body: JSON.stringify(args[1])})
                .then((answer) => answer.json().then((said) => done({status: answer.status, errors: said.errors ?? {}})));
            JS, "Nothing answers at {$path}.", [$path, $fields]);
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
            if (
                $message['method'] === 'Network.requestWillBeSent' && preg_match('/^(https?|wss?):/', $url) === 1
                    && ! str_starts_with($url, $this->address)
            ) {
                $strange[] = $url;
            }
        }

        return $strange;
    }

    /** @return list<string> what axe-core finds serious or critical on the page at hand */
    public function seriousFaults(): array
    {
        return $this->faults(['rules' => array_fill_keys(self::NEVER_SERIOUS, ['enabled' => false])]);
    }

    /**
     * The same of a page that was looked at before and looks otherwise now: only what is seen anew can have no name, or the
     * wrong one; how all of it looks is looked at again.
     *
     * @return list<string>
     */
    public function seriousFaultsOfItsLook(): array
    {
        $isAllKnown = $this->driver()
            ->executeScript(
                'return window.wasShown !== undefined && [...document.body.querySelectorAll("*")].every((one) => window.wasShown.has(one) '
                    .'|| !one.checkVisibility())',
            );

        return $isAllKnown === true ? $this->faults(['runOnly' => ['type' => 'rule', 'values' => self::OF_ITS_LOOK]]) : $this->seriousFaults();
    }

    /**
     * @param  array<string, mixed>  $options
     * @return list<string>
     */
    private function faults(array $options): array
    {
        if ($this->driver()->executeScript('return typeof axe') === 'undefined') {
            $axe = (string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js');
            $this->driver()->executeScript($axe);
        }
        /** @var array{violations: list<array{id: string, impact: string, help: string, nodes: list<array{html: string}>}>} $result */
        $result = $this->driver()->executeAsyncScript(<<<'JS'
            const done = arguments[arguments.length - 1], told = (e) => done({violations: [{id: String(e), impact: 'critical', help: '', nodes: []}]});
            window.wasShown = new Set([...document.body.querySelectorAll('*')].filter((one) => one.checkVisibility()));
            axe.run(document, {resultTypes: ['violations'], preload: false, ...arguments[0]}).then(done, told);
            JS, [$options]);
        $serious = array_filter(
            $result['violations'], fn (array $violation) => in_array($violation['impact'], ['serious', 'critical'], true),
        );

        return array_values(
            array_map(
                fn (array $violation) => "{$violation['id']}: {$violation['help']} ".substr($violation['nodes'][0]['html'] ?? '', 0, 160),
                $serious,
            ),
        );
    }

    /** Clicks what is there, and waits until the page it was on is gone. */
    private function leaveBy(WebDriverBy $by): static
    {
        $this->clickOn($by, 'document.querySelector("main").dataset.old = "yes"');

        return $this->waitForNewPage();
    }

    /** Clicks with the pointer in the middle of what is there, where nothing may lie over it. */
    private function clickOn(WebDriverBy $by, string $before = ''): void
    {
        /** @var list<float>|string $middle */
        $middle = $this->whenThere($by, <<<JS
            (() => {
                found.scrollIntoView({block: 'center', behavior: 'instant'});
                const box = found.getClientRects()[0], x = box.left + box.width / 2, y = box.top + box.height / 2;
                const hit = document.elementFromPoint(x, y);
                if (!found.contains(hit) && hit?.closest('label')?.control !== found) return hit?.outerHTML.slice(0, 200) ?? 'nothing';
                {$before};
                return [x, y];
            })()
            JS);
        is_array($middle) || throw new RuntimeException("Over {$by->getValue()} lies: {$middle}");
        $this->chrome->clickAt($middle[0], $middle[1]);
    }

    private function waitForNewPage(): static
    {
        $this->inPage(<<<'JS'
            const isNew = () => { const m = document.querySelector('main'); return document.readyState === 'complete' && m !== null
                && m.dataset.old === undefined && document.querySelector('.htmx-request, .htmx-swapping, .htmx-settling') === null; };
            const look = () => isNew() ? done(true) : setTimeout(look, 8);
            look();
            JS, 'The page did not change.');

        return $this;
    }

    private function wait(WebDriverBy $by): RemoteWebElement
    {
        /** @var array<string, string> $element */
        $element = $this->whenThere($by, 'found');

        return new RemoteWebElement(new RemoteExecuteMethod($this->driver()), JsonWireCompat::getElement($element), true);
    }

    /** What an expression gives for the first that can be seen of what is asked for, as soon as there is one. */
    private function whenThere(WebDriverBy $by, string $expression): mixed
    {
        [$how, $what] = [$by->getMechanism(), $by->getValue()];

        return $this->inPage(<<<JS
            const [how, what] = args;
            const sought = () => how === 'xpath' ? document.evaluate(what, document, null, XPathResult.FIRST_ORDERED_NODE_TYPE, null).singleNodeValue
                : how === 'id' ? document.getElementById(what) : document.querySelector(what);
            const shown = (e) => e.closest('select') ?? e;
            const isSeen = (e) => e !== null && shown(e).checkVisibility({visibilityProperty: true, opacityProperty: true})
                && shown(e).getClientRects().length > 0;
            const look = () => { const found = sought(); isSeen(found) ? done(({$expression})) : setTimeout(look, 20); };
            look();
            JS, "Nothing to see at {$what}.", [$how, $what]);
    }

    /**
     * Waits inside the page, which costs one way there and back instead of one for every look; begun again where the page went away meanwhile.
     *
     * @param  list<mixed>  $args
     */
    private function inPage(string $script, string $otherwise, array $args = []): mixed
    {
        $script = "const done = arguments[arguments.length - 1]; const args = [...arguments].slice(0, -1); {$script}";
        for ($end = microtime(true) + self::PATIENCE_S; microtime(true) < $end;) {
            try {
                return $this->driver()->executeAsyncScript($script, $args);
            } catch (JavascriptErrorException|ScriptTimeoutException|StaleElementReferenceException|UnknownErrorException $last) {
                usleep(10_000);
            }
        }
        throw new RuntimeException($otherwise.' At '.$this->driver()->getCurrentURL(), previous: $last ?? null);
    }
}
