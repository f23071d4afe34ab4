<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\Document;

use stdClass;

use function count;
use function is_array;

/**
 * A place in a document, read with its rules: what breaks one is added to the faults with its pointer, and a
 * harmless stand-in is returned so that reading goes on. A cursor is sound when it is there and nothing under it was at
 * fault.
 */
final class Cursor
{
    use ReadsMeasurements;
    use ReadsNumbers;
    use ReadsWords;

    /** Of every format there is. */
    public const VERSION = 1;

    private readonly int $faultsBefore;

    /** What stands here, where it is an object. */
    private readonly ?stdClass $object;

    private function __construct(
        private readonly mixed $value,
        private readonly Faults $faults,
        private readonly ?self $parent,
        private readonly string|int $key,
    ) {
        $this->faultsBefore = $faults->count;
        $this->object = $value instanceof stdClass ? $value : null;
    }

    /** @param  string  $key what it is called, for a part that stands alone */
    public static function root(stdClass $document, Faults $faults, string $key = ''): self
    {
        return new self($document, $faults, null, $key);
    }

    public function isSound(): bool
    {
        return $this->value !== null && $this->faults->count === $this->faultsBefore;
    }

    /** The JSON pointer to this place. */
    public function path(): string
    {
        return $this->parent === null
            ? ''
            : $this->parent->path().'/'.str_replace(['~', '/'], ['~0', '~1'], (string) $this->key);
    }

    public function fault(string $message): void
    {
        $this->faults->add($this->path(...), $message);
    }

    public function faultAt(string|int $key, string $message): void
    {
        $this->child($key, null)->fault($message);
    }

    /** Whether an optional key is there; null counts as absent. */
    public function has(string $key): bool
    {
        return isset($this->object->{$key});
    }

    /** Whether a key is named, with whatever value. */
    public function names(string $key): bool
    {
        return $this->object !== null && property_exists($this->object, $key);
    }

    /** How many items this list has; null when it is none. */
    public function size(): ?int
    {
        return is_array($this->value) ? count($this->value) : null;
    }

    /** What stands under a key, unjudged; a node that holds null when nothing does. */
    public function peek(string $key): self
    {
        return $this->child($key, $this->raw($key));
    }

    /** The object under a required key; a node that holds nothing where it is at fault. */
    public function object(string $key): self
    {
        $value = $this->object->{$key} ?? null;
        if ($value instanceof stdClass) {
            return new self($value, $this->faults, $this, $key);
        }
        $child = $this->required($key);
        if ($child !== null && $child->object === null) {
            $child->fault('Expected an object.');
        }

        return $child ?? $this->child($key, null);
    }

    public function optionalObject(string $key): ?self
    {
        return $this->has($key) ? $this->object($key) : null;
    }

    /**
     * The entries of an object, by key.
     *
     * @return list<self>
     */
    public function entries(): array
    {
        $entries = [];
        foreach ((array) $this->object as $key => $value) {
            $entries[] = new self($value, $this->faults, $this, $key);
        }

        return $entries;
    }

    public function key(): string
    {
        return (string) $this->key;
    }

    /** Whether this is an object whose members can be read. */
    public function isObject(): bool
    {
        return $this->object !== null;
    }

    /** Adds faults where a document does not say that it is of this format, in the one version there is. */
    public function expectFormat(string $format): void
    {
        $said = $this->textOrNull('format');
        if ($said !== null && $said !== $format) {
            $this->faultAt('format', "Expected “{$format}”.");
        }
        $version = $this->numberOrNull('version');
        if ($version !== null && $version !== (float) self::VERSION) {
            $this->faultAt('version', 'Expected version '.self::VERSION.'.');
        }
    }

    /** Adds a fault when this entry of an object or list is no object. */
    public function expectObject(): bool
    {
        if (! $this->isObject()) {
            $this->fault('Expected an object.');
        }

        return $this->isObject();
    }

    /**
     * The items of a list under a required key.
     *
     * @return list<self>
     */
    public function items(string $key, int $least = 0, int $most = PHP_INT_MAX): array
    {
        $value = $this->object->{$key} ?? null;

        return is_array($value)
            ? (new self($value, $this->faults, $this, $key))->itemsHere($least, $most)
            : $this->required($key)?->itemsHere($least, $most) ?? [];
    }

    /** @return list<self> */
    public function optionalItems(string $key, int $least = 0, int $most = PHP_INT_MAX): array
    {
        return $this->has($key) ? $this->items($key, $least, $most) : [];
    }

    /** @return list<self> */
    public function itemsHere(int $least, int $most): array
    {
        if (! is_array($this->value)) {
            $this->fault('Expected a list.');

            return [];
        }
        if (count($this->value) < $least || count($this->value) > $most) {
            $this->fault($most === PHP_INT_MAX
                ? "Expected at least {$least} entries."
                : "Expected {$least} to {$most} entries, found ".count($this->value).'.');
        }
        $items = [];
        foreach ($this->value as $i => $value) {
            $items[] = new self($value, $this->faults, $this, (int) $i);
        }

        return $items;
    }

    /** What stands here itself, to be read as a single value. */
    public function here(): Value
    {
        return new Value($this->value, $this);
    }

    /** One item of the list under a key. */
    private function item(string $key, int|string $i, mixed $value): self
    {
        return $this->child($key, $this->raw($key))->child($i, $value);
    }

    private function raw(string $key): mixed
    {
        return $this->object->{$key} ?? null;
    }

    private function required(string $key): ?self
    {
        if ($this->object === null) {
            return null;
        }
        if (! property_exists($this->object, $key)) {
            $this->faultAt($key, 'This is required and missing.');

            return null;
        }

        return $this->child($key, $this->object->{$key});
    }

    private function child(string|int $key, mixed $value): self
    {
        return new self($value, $this->faults, $this, $key);
    }
}
