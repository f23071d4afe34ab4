<?php

declare(strict_types=1);

namespace Tests\Support;

use DOMDocument;
use DOMElement;
use DOMXPath;

use function in_array;
use function is_string;

/** The forms that stand on a page, with the fields a person would send. */
final class Forms
{
    /** @return list<array{method: string, path: string, fields: array<string, string|list<string>>, files: list<string>}> */
    public static function on(string $html): array
    {
        $page = new DOMDocument;
        $before = libxml_use_internal_errors(true);
        $page->loadHTML('<?xml encoding="utf-8"?>'.$html);
        libxml_clear_errors();
        libxml_use_internal_errors($before);
        $path = new DOMXPath($page);
        $forms = [];
        foreach ($path->query('//form') ?: [] as $form) {
            if ($form instanceof DOMElement) {
                $forms[] = self::read($path, $form);
            }
        }

        return $forms;
    }

    /** @return array{method: string, path: string, fields: array<string, string|list<string>>, files: list<string>} */
    private static function read(DOMXPath $path, DOMElement $form): array
    {
        $fields = [];
        $files = [];
        foreach ($path->query('.//input|.//select|.//textarea|.//button', $form) ?: [] as $field) {
            $name = $field instanceof DOMElement ? $field->getAttribute('name') : '';
            if (! $field instanceof DOMElement || $name === '' || in_array($name, ['_token', 'form_key'], true)) {
                continue;
            }
            if ($field->getAttribute('type') === 'file') {
                $files[] = $name;
            } elseif (preg_match('/^(\w+)\[\]$/', $name, $list) === 1) {
                $fields[$list[1]] = [...(array) ($fields[$list[1]] ?? []), $field->getAttribute('value')];
            } else {
                $option = $field->nodeName === 'select' ? ($path->query('.//option', $field) ?: [])[0] ?? null : null;
                $fields[$name] = $option instanceof DOMElement ? $option->getAttribute('value') : $field->getAttribute('value');
            }
        }
        $method = is_string($fields['_method'] ?? null) ? $fields['_method'] : strtoupper($form->getAttribute('method') ?: 'get');
        unset($fields['_method']);

        return [
            'method' => $method, 'path' => (string) parse_url($form->getAttribute('action'), PHP_URL_PATH), 'fields' => $fields,
            'files' => $files,
        ];
    }
}
