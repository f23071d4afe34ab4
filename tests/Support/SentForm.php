<?php

declare(strict_types=1);

namespace Tests\Support;

use DOMDocument;
use DOMElement;
use DOMXPath;

use function in_array;

/** A form as a browser sends it when Enter is pressed in one of its fields. */
final readonly class SentForm
{
    private const TYPED = ['', 'text', 'number', 'search', 'date', 'tel', 'email'];

    /**
     * @param  array<string, string>  $fields  all that is sent, by the name of its field
     * @param  array<string, string>  $typed  what kind of text goes into each field that is typed in, by its name: figure, date, email, tel or words
     */
    private function __construct(public string $method, public string $path, public array $fields, public array $typed) {}

    /** @return list<self> those of a page with a field to type in, and a button that Enter presses */
    public static function on(string $html): array
    {
        $page = new DOMDocument;
        @$page->loadHTML('<?xml encoding="utf-8"?>'.$html);
        $at = new DOMXPath($page);
        $forms = [];
        foreach ($at->query('//form[translate(@method, "POST", "post")="post"]') ?: [] as $form) {
            $sent = $form instanceof DOMElement ? self::read($at, $form) : null;
            $sent === null || $sent->typed === [] || $forms[] = $sent;
        }

        return $forms;
    }

    /**
     * The same fields with one typed anew, and something written into every other for words, as a request takes them.
     *
     * @return array<array-key, mixed>
     */
    public function with(string $name, string $value, string $beside): array
    {
        $words = array_fill_keys(array_keys(array_filter($this->typed, fn (string $kind) => $kind === 'words')), $beside);
        parse_str(http_build_query([$name => $value] + $words + $this->fields), $fields);

        return $fields;
    }

    private static function read(DOMXPath $at, DOMElement $form): ?self
    {
        [$fields, $typed, $button] = [[], [], null];
        foreach ($at->query('.//input|.//select|.//textarea|.//button', $form) ?: [] as $field) {
            if (! $field instanceof DOMElement || $field->hasAttribute('disabled')) {
                continue;
            }
            [$name, $type] = [$field->getAttribute('name'), $field->getAttribute('type')];
            if ($field->nodeName === 'button') {
                $button ??= $type === 'button' ? null : $field;
            } elseif ($field->nodeName === 'select') {
                $chosen = ($at->query('.//option[@selected]', $field) ?: null)?->item(0) ?? ($at->query('.//option', $field) ?: null)?->item(0);
                $fields[$name] = $chosen instanceof DOMElement ? $chosen->getAttribute('value') : '';
            } elseif ($field->nodeName === 'textarea' || in_array($type, self::TYPED, true)) {
                $fields[$name] = $field->nodeName === 'textarea' ? $field->textContent : $field->getAttribute('value');
                $typed[$name] = match (true) {
                    in_array($type, ['date', 'email', 'tel'], true) => $type,
                    $type === 'number' || $field->getAttribute('inputmode') !== '' || str_contains($field->getAttribute('class'), 'w-auto') => 'figure',
                    default => 'words',
                };
            } elseif (! in_array($type, ['radio', 'checkbox'], true) || $field->hasAttribute('checked')) {
                $fields[$name] = $field->getAttribute('value');
            }
        }
        if ($button === null || ($at->query('.//input[@type="password"]', $form) ?: null)?->length > 0) {
            return null;
        }
        $button->getAttribute('name') === '' || $fields[$button->getAttribute('name')] = $button->getAttribute('value');
        $method = $fields['_method'] ?? 'POST';
        unset($fields['_method'], $fields['_token'], $fields['form_key'], $typed['']);

        return new self($method, (string) parse_url($button->getAttribute('formaction') ?: $form->getAttribute('action'), PHP_URL_PATH), $fields, $typed);
    }
}
