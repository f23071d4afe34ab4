<?php

declare(strict_types=1);

namespace Tests\Support;

use DOMDocument;
use DOMElement;
use DOMNode;
use DOMText;
use DOMXPath;
use Illuminate\Routing\Route as OneRoute;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Route;
use RuntimeException;
use Symfony\Component\CssSelector\CssSelectorConverter;
use Symfony\Component\DomCrawler\Form;
use Symfony\Component\HttpKernel\HttpKernelBrowser;
use Throwable;

use function count;
use function in_array;
use function is_string;
use function sprintf;

/**
 * The application without a browser: pages as they come, links that are followed, forms that are sent with what stands in
 * them. It has neither script nor style; what is typed is written on the page. What is folded away can be neither read nor pressed.
 */
final class Paper implements Pages
{
    private const INLINE = [
        'a', 'abbr', 'b', 'bdi', 'cite', 'code', 'dfn', 'em', 'i', 'kbd', 'mark', 'q', 's', 'small', 'span', 'strong', 'sub', 'sup', 'time',
        'u', 'var', 'wbr', 'tspan',
    ];

    private DOMDocument $page;

    private function __construct(private readonly HttpKernelBrowser $browser, private readonly CssSelectorConverter $css) {}

    public static function open(): self
    {
        $browser = new HttpKernelBrowser(app(), ['HTTP_HOST' => '127.0.0.1']);
        $browser->useHtml5Parser(false);

        return new self($browser, new CssSelectorConverter);
    }

    public function visit(string $path): static
    {
        return $this->turn(fn () => $this->browser->request('GET', $path));
    }

    public function signIn(string $email, string $password): static
    {
        $this->browser->getCookieJar()->clear();
        $this->visit('/sign-in')->type('email', $email)->type('password', $password)->press('Sign in');
        str_ends_with($this->address(), '/sign-in') && throw new RuntimeException("{$email} was not let in: ".$this->text('body'));

        return $this;
    }

    public function type(string $id, string $text): static
    {
        $field = $this->seen("#{$id}");
        $field->nodeName === 'textarea' ? $field->textContent = $text : $field->setAttribute('value', $text);

        return $this;
    }

    public function choose(string $id, string $value): static
    {
        $this->mark($this->seen("#{$id} option[value='{$value}'], #{$id} input[value='{$value}']"));

        return $this;
    }

    public function press(string $words): static
    {
        $found = $this->ofXPath(sprintf(self::BY_WORDS, "\"{$words}\""))[0] ?? throw new RuntimeException(
            "Nothing says “{$words}” on {$this->address()}.",
        );

        return $this->follow($this->mustBeSeen($found, $words));
    }

    public function click(string $selector): static
    {
        return $this->follow($this->seen($selector));
    }

    public function tick(string $selector): static
    {
        $found = $this->seen($selector);
        if ($found->nodeName === 'summary') {
            $this->turnAttribute($this->parent($found, 'details'), 'open');
        } elseif ($found->getAttribute('type') === 'checkbox') {
            $this->turnAttribute($found, 'checked');
        } else {
            $this->mark($found);
        }

        return $this;
    }

    public function text(string $selector = 'main'): string
    {
        return trim((string) preg_replace('/\s+/u', ' ', $this->words($this->seen($selector))));
    }

    public function value(string $id): string
    {
        $field = $this->seen("#{$id}");
        $chosen = match ($field->nodeName) {
            'textarea' => $field->textContent,
            'input' => $field,
            'select' => $this->all("#{$id} option[selected]")[0] ?? $this->all("#{$id} option")[0] ?? null,
            default => $this->all("#{$id} input[checked]")[0] ?? null,
        };

        return is_string($chosen) ? $chosen : (string) $chosen?->getAttribute('value');
    }

    public function whichOf(string ...$selectors): array
    {
        return array_values(array_filter($selectors, $this->has(...)));
    }

    public function has(string $selector): bool
    {
        return $this->all($selector) !== [];
    }

    public function attributes(string $selector, string $attribute): array
    {
        $having = array_filter($this->all($selector), fn (DOMElement $one) => $one->hasAttribute($attribute));

        return array_values(array_map(fn (DOMElement $one) => $one->getAttribute($attribute), $having));
    }

    public function address(): string
    {
        return $this->browser->getHistory()->current()->getUri();
    }

    public function send(string $path, array $fields): array
    {
        $this->asANewRequest();
        $this->browser->jsonRequest('POST', $path, $fields, changeHistory: false);
        $answer = $this->browser->getInternalResponse();
        /** @var array{errors?: array<string, list<string>>} $said */
        $said = json_decode($answer->getContent(), true);

        return ['status' => $answer->getStatusCode(), 'errors' => $said['errors'] ?? []];
    }

    private function follow(DOMElement $found): static
    {
        if ($found->nodeName === 'a') {
            return $this->visit($found->getAttribute('href'));
        }
        $found->hasAttribute('disabled') && throw new RuntimeException("{$this->words($found)} cannot be pressed on {$this->address()}.");

        return $this->turn(fn () => $this->browser->submit(new Form($found, $this->address())));
    }

    /** @param  callable(): mixed  $ask */
    private function turn(callable $ask): static
    {
        $this->asANewRequest();
        $ask();
        while ($this->browser->getResponse()->isRedirect()) {
            $this->asANewRequest();
            $this->browser->followRedirect();
        }
        $fault = $this->browser->getResponse()->exception ?? null;
        $status = $this->browser->getInternalResponse()->getStatusCode();
        $status >= 500 && throw new RuntimeException(
            "{$this->address()} answers {$status}.", previous: $fault instanceof Throwable ? $fault : null,
        );
        $page = $this->browser->getCrawler()->getNode(0)?->ownerDocument;
        $this->page = $page ?? throw new RuntimeException("{$this->address()} answers with no page.");

        return $this;
    }

    /** What a process keeps while it answers is not there for the next. */
    private function asANewRequest(): void
    {
        array_map(fn (OneRoute $route) => $route->flushController(), Route::getRoutes()->getRoutes());
        Auth::forgetGuards();
        app()->forgetScopedInstances();
    }

    /** One of several by its name: chosen in place of the one that was. */
    private function mark(DOMElement $chosen): void
    {
        $isOption = $chosen->nodeName === 'option';
        $attribute = $isOption ? 'selected' : 'checked';
        $others = $isOption ? $this->parent($chosen, 'select')->getElementsByTagName('option') : $this->parent($chosen, 'form')
            ->getElementsByTagName('input');
        foreach ($others as $other) {
            if ($isOption || ($other->getAttribute('type') === 'radio' && $other->getAttribute('name') === $chosen->getAttribute('name'))) {
                $other->removeAttribute($attribute);
            }
        }
        $chosen->setAttribute($attribute, $attribute);
    }

    private function turnAttribute(DOMElement $of, string $attribute): void
    {
        $of->hasAttribute($attribute) ? $of->removeAttribute($attribute) : $of->setAttribute($attribute, $attribute);
    }

    private function parent(DOMElement $of, string $tag): DOMElement
    {
        for ($above = $of->parentNode; $above instanceof DOMElement; $above = $above->parentNode) {
            if ($above->nodeName === $tag) {
                return $above;
            }
        }
        throw new RuntimeException("No {$tag} is around {$of->nodeName} on {$this->address()}.");
    }

    private function seen(string $selector): DOMElement
    {
        return $this->mustBeSeen(
            $this->all($selector)[0] ?? throw new RuntimeException("Nothing to see at {$selector} on {$this->address()}."), $selector,
        );
    }

    private function mustBeSeen(DOMElement $found, string $what): DOMElement
    {
        for ($at = $found; $at instanceof DOMElement; $at = $at->parentNode) {
            $this->isShown($at) || throw new RuntimeException("{$what} is folded away on {$this->address()}.");
        }

        return $found;
    }

    /** Whether a thing is to be seen if what is around it is. */
    private function isShown(DOMElement $one): bool
    {
        $above = $one->parentNode;
        $isFolded = $above instanceof DOMElement && $above->nodeName === 'details' && ! $above->hasAttribute('open') && $one->nodeName !== 'summary';

        return ! $isFolded && ! $one->hasAttribute('hidden') && ! in_array($one->nodeName, ['script', 'style', 'template'], true)
            && $one->getAttribute('type') !== 'hidden';
    }

    private function words(DOMNode $node): string
    {
        if (! $node instanceof DOMElement) {
            return $node instanceof DOMText ? $node->data : '';
        }
        $words = $this->isShown($node) ? implode('', array_map($this->words(...), iterator_to_array($node->childNodes))) : '';

        return in_array($node->nodeName, self::INLINE, true) ? $words : " {$words} ";
    }

    /** @return list<DOMElement> */
    private function all(string $selector): array
    {
        return $this->ofXPath($this->xPath($selector));
    }

    /** @return list<DOMElement> */
    private function ofXPath(string $path): array
    {
        $found = (new DOMXPath($this->page))->query($path);

        return array_values(array_filter(iterator_to_array($found === false ? [] : $found), fn (mixed $one) => $one instanceof DOMElement));
    }

    /** What the converter does not know yet, `:has()`, goes through it as an attribute. */
    private function xPath(string $selector, string $prefix = 'descendant-or-self::'): string
    {
        $within = [];
        $plain = preg_replace_callback('/:has\(([^()]*(?:\([^()]*\))?[^()]*)\)/', function (array $found) use (&$within): string {
            $within['@having'.count($within).'x'] = $this->xPath($found[1], 'descendant::');

            return '[having'.(count($within) - 1).'x]';
        }, $selector);

        return strtr($this->css->toXPath((string) $plain, $prefix), $within);
    }
}
