<?php

declare(strict_types=1);

namespace Tests\Support;

use Facebook\WebDriver\WebDriverKeys;
use RuntimeException;

use function is_string;

/** Somebody without a pointer: the key that stands beside a thing, else the Tab key until it has the focus. */
final class Keys extends Hand
{
    /** How often the Tab key was pressed. */
    public int $tabs = 0;

    /** @var array<string, int> the most Tab presses on the way to a thing, by what it is */
    public array $far = [];

    /** Whether the hand is there, or the thing lies before it. */
    private const WHERE = <<<'JS'
        const at = document.activeElement, found = document.querySelector(arguments[0]);
        if (at === found) return 'here';
        const isBefore = at !== document.body && found !== null && !at.contains(found)
            && (at.compareDocumentPosition(found) & Node.DOCUMENT_POSITION_PRECEDING) !== 0;
        return isBefore ? 'before' : 'after';
        JS;

    public function __construct(private readonly Site $browser)
    {
        parent::__construct($browser);
    }

    protected function fill(string $id, string $text): void
    {
        $this->to("#{$id}");
        $this->browser->driver()->executeScript('document.activeElement.select?.()');
        $this->browser->chrome->insert($text);
    }

    protected function pick(string $id, string $value): void
    {
        if ($this->is("#{$id}", 'fieldset')) {
            $this->turnTo("#{$id} input[value='{$value}']");

            return;
        }
        $this->to("#{$id}");
        for ($i = 0; $i < 60 && $this->browser->value($id) !== $value; $i++) {
            $this->browser->keys($i < 30 ? WebDriverKeys::ARROW_DOWN : WebDriverKeys::ARROW_UP);
        }
        $this->browser->value($id) === $value || throw new RuntimeException("No key chooses {$value} at {$id}.");
    }

    protected function touch(string $selector): void
    {
        if ($this->is($selector, 'input[type=radio]')) {
            $this->turnTo($selector);

            return;
        }
        $this->to($selector);
        $this->browser->keys($this->is($selector, 'summary') ? WebDriverKeys::ENTER : WebDriverKeys::SPACE);
    }

    protected function send(string $selector): void
    {
        $key = $this->browser->driver()->executeScript(<<<'JS'
            const found = document.querySelector(arguments[0]), key = found?.dataset.key;
            const first = key === undefined ? undefined : [...document.querySelectorAll(`[data-key="${CSS.escape(key)}"]`)]
                .filter((one) => one.getClientRects().length > 0);
            const at = document.activeElement;
            const isTyping = at.closest('input, textarea, select') !== null && !(at.matches('input[inputmode=decimal]') && at.value === ''
                && /^[a-z]$/.test(key));
            return key?.length === 1 && !isTyping && (first.find((one) => one.closest('main')) ?? first[0]) === found ? key : null;
            JS, [$selector]);
        if (is_string($key)) {
            $this->browser->andWait(fn () => $this->browser->keys($key));

            return;
        }
        $isEnter = $this->browser->driver()->executeScript(<<<'JS'
            const at = document.activeElement, found = document.querySelector(arguments[0]);
            return at.matches('input:not([type=checkbox]):not([type=radio])') && at.form !== null && found?.form === at.form
                && at.form.querySelector('button:not([type=button])') === found;
            JS, [$selector]) === true;
        $isEnter ?: $this->to($selector);
        $this->browser->andWait(fn () => $this->browser->keys(WebDriverKeys::ENTER));
    }

    public function press(string $words): static
    {
        $this->browser->driver()->executeScript(<<<'JS'
            document.querySelectorAll('[data-wanted]').forEach((one) => delete one.dataset.wanted);
            const all = [...document.querySelectorAll('main button, main a, nav a, button, a')];
            all.find((one) => one.textContent.replace(/\s+/g, ' ').includes(arguments[0])).dataset.wanted = 'yes';
            JS, [$words]);

        return $this->click('[data-wanted]');
    }

    private function to(string $selector): void
    {
        for ($pressed = 0; $pressed < 150; $pressed++) {
            $way = $this->browser->driver()->executeScript(self::WHERE, [$selector]);
            if ($way === 'here') {
                $this->far[$selector] = max($pressed, $this->far[$selector] ?? 0);

                return;
            }
            $this->tabs++;
            $this->browser->chrome->tabs(1, $way === 'before');
        }
        throw new RuntimeException("The Tab key never reaches {$selector} on {$this->browser->address()}.");
    }

    /** Of things of which one is chosen the Tab key reaches that one, and the arrows the others. */
    private function turnTo(string $selector): void
    {
        $chosen = $this->browser->driver()
            ->executeScript(
                'return document.querySelector(`input[type=radio][name="${document.querySelector(arguments[0]).name}"]:checked`)?.value ?? null',
                [$selector],
            );
        $this->to(is_string($chosen) ? (string) preg_replace('/\[value=[^\]]*\]/', "[value='{$chosen}']", $selector) : $selector);
        for ($i = 0; $i < 30 && ! $this->is($selector, ':checked'); $i++) {
            $this->browser->keys(WebDriverKeys::ARROW_DOWN);
        }
        $this->is($selector, ':checked') || throw new RuntimeException("No arrow key chooses {$selector}.");
    }

    private function is(string $selector, string $tag): bool
    {
        return $this->browser->driver()
            ->executeScript('return document.querySelector(arguments[0]).matches(arguments[1])', [$selector, $tag]) === true;
    }
}
