<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Document;

use BackedEnum;
use NeatSpindle\Core\Measure\Measurement;
use NeatSpindle\Core\Measure\TorqueBand;
use stdClass;

use function count;
use function is_array;
use function is_bool;
use function is_float;
use function is_int;
use function is_string;
use function strlen;

/**
 * A place in a document, read with its rules: what breaks one is added to the faults with its pointer, and a
 * harmless stand-in is returned so that reading goes on. A node is sound when it is there and nothing under it was at
 * fault.
 */
final class Cursor
{
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
        $this->faults->add($this->path(), $message);
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

    public function number(string $key, float $least = -INF, float $most = INF): float
    {
        return $this->plain($key, $least, $most) ?? $this->required($key)?->here()->number($least, $most) ?? 0.0;
    }

    /** A required number; null where it is at fault. */
    public function numberOrNull(string $key): ?float
    {
        return $this->required($key)?->here()->number();
    }

    public function optionalNumber(string $key, float $least = -INF, float $most = INF): ?float
    {
        return $this->has($key) ? $this->number($key, $least, $most) : null;
    }

    public function positive(string $key): float
    {
        return $this->plain($key, PHP_FLOAT_MIN, INF) ?? $this->required($key)?->here()->positive() ?? 1.0;
    }

    public function optionalPositive(string $key): ?float
    {
        return $this->has($key) ? $this->positive($key) : null;
    }

    public function whole(string $key, int $least, int $most = PHP_INT_MAX): int
    {
        $value = $this->object->{$key} ?? null;

        return is_int($value) && $value >= $least && $value <= $most
            ? $value
            : $this->required($key)?->here()->whole($least, $most) ?? $least;
    }

    public function optionalWhole(string $key, int $least, int $most = PHP_INT_MAX): ?int
    {
        return $this->has($key) ? $this->whole($key, $least, $most) : null;
    }

    /** A length in mm, above 0. */
    public function length(string $key): float
    {
        $value = $this->object->{$key} ?? null;

        return (is_float($value) || is_int($value)) && $value > 0 && $value <= Value::MAX_LENGTH_MM
            ? (float) $value
            : $this->required($key)?->here()->length() ?? 1.0;
    }

    public function optionalLength(string $key): ?float
    {
        return $this->has($key) ? $this->length($key) : null;
    }

    /** A length in mm that may be 0. */
    public function lengthOrNone(string $key): float
    {
        return $this->number($key, 0.0, Value::MAX_LENGTH_MM);
    }

    public function optionalLengthOrNone(string $key): ?float
    {
        return $this->has($key) ? $this->lengthOrNone($key) : null;
    }

    /** A length in mm to either side. */
    public function offset(string $key): float
    {
        return $this->number($key, -200.0, 200.0);
    }

    public function optionalOffset(string $key): ?float
    {
        return $this->has($key) ? $this->offset($key) : null;
    }

    public function flag(string $key): ?bool
    {
        if (! $this->has($key)) {
            return null;
        }
        $child = $this->required($key);
        if ($child !== null && ! is_bool($child->value)) {
            $child->fault('Expected true or false.');
        }

        return $child?->value === true;
    }

    public function text(string $key): string
    {
        $value = $this->object->{$key} ?? null;

        return is_string($value) && strlen($value) <= Value::MAX_TEXT ? $value : $this->textOrNull($key) ?? '';
    }

    /** A required text; null where it is at fault. */
    public function textOrNull(string $key): ?string
    {
        $value = $this->object->{$key} ?? null;

        return is_string($value) && strlen($value) <= Value::MAX_TEXT ? $value : $this->required($key)?->here()->text();
    }

    /**
     * One of an enumeration's values; its first case stands in at fault.
     *
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @param  array<string, T>  $aliases
     * @return T
     */
    public function oneOf(string $key, string $enum, array $aliases = []): BackedEnum
    {
        return $this->oneOfOrNull($key, $enum, $aliases) ?? $enum::cases()[0];
    }

    /**
     * One of an enumeration's values; null where it is at fault.
     *
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @param  array<string, T>  $aliases
     * @return T|null
     */
    public function oneOfOrNull(string $key, string $enum, array $aliases = []): ?BackedEnum
    {
        $value = $this->object->{$key} ?? null;

        return (is_string($value) ? $enum::tryFrom($value) : null) ?? $this->required($key)?->here()->oneOf($enum, $aliases);
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T|null
     */
    public function optionalOneOf(string $key, string $enum): ?BackedEnum
    {
        return $this->has($key) ? $this->oneOf($key, $enum) : null;
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return list<T>
     */
    public function listOf(string $key, string $enum): array
    {
        $cases = [];
        $values = $this->object->{$key} ?? null;
        foreach (is_array($values) ? $values : $this->items($key) as $i => $value) {
            $cases[] = (is_string($value) ? $enum::tryFrom($value) : null)
                ?? $this->items($key)[$i]->here()->oneOf($enum) ?? $enum::cases()[0];
        }

        return $cases;
    }

    /** @return list<string> */
    public function texts(string $key): array
    {
        $texts = [];
        $values = $this->object->{$key} ?? null;
        foreach (is_array($values) ? $values : $this->items($key) as $i => $value) {
            $texts[] = is_string($value) && strlen($value) <= Value::MAX_TEXT ? $value : $this->items($key)[$i]->here()->text() ?? '';
        }

        return $texts;
    }

    /** @return list<string> */
    public function optionalTexts(string $key): array
    {
        return $this->has($key) ? $this->texts($key) : [];
    }

    /** A measured length above 0, in mm. */
    public function measurement(string $key): Measurement
    {
        return $this->plainMeasurement($key, PHP_FLOAT_MIN, Value::MAX_LENGTH_MM)
            ?? $this->required($key)?->here()->measurement(0.0, Value::MAX_LENGTH_MM, true) ?? Measurement::exactly(1.0);
    }

    public function optionalMeasurement(string $key): ?Measurement
    {
        return $this->has($key) ? $this->measurement($key) : null;
    }

    /** A measured depth that may be 0, in mm. */
    public function optionalDepth(string $key): ?Measurement
    {
        return $this->has($key) ? $this->required($key)?->here()->measurement(0.0, Value::MAX_LENGTH_MM) : null;
    }

    /** A measured offset to either side, in mm. */
    public function offsetMeasurement(string $key): Measurement
    {
        return $this->plainMeasurement($key, -200.0, 200.0) ?? $this->required($key)?->here()->measurement(-200.0, 200.0) ?? Measurement::exactly(0.0);
    }

    /** The part maker's torque, lowest to highest, in N·m. */
    public function torqueBand(string $key): TorqueBand
    {
        $figures = array_map(fn (self $end) => $end->here()->positive() ?? NAN, $this->items($key, 2, 2));
        if (count($figures) !== 2) {
            return new TorqueBand(1.0, 1.0);
        }
        if ($figures[0] > $figures[1]) {
            $this->faultAt($key, 'The lower torque must come first.');
        }

        return new TorqueBand(...$figures);
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

    /** Checks the key under which this entry stands: codes are texts too. */
    public function expectShortKey(): void
    {
        if (Value::isTooLong($this->key())) {
            $this->fault('Expected a code of at most 200 characters.');
        }
    }

    /** The number under a key where it keeps its range. Most do, and then no node is needed for it. */
    private function plain(string $key, float $least, float $most): ?float
    {
        $value = $this->object->{$key} ?? null;

        return (is_float($value) || is_int($value)) && $value >= $least && $value <= $most && $value <= PHP_FLOAT_MAX
            ? (float) $value
            : null;
    }

    /** A measurement in one of its two short forms where all of it keeps its range; any other is read bit by bit. */
    private function plainMeasurement(string $key, float $least, float $most): ?Measurement
    {
        $value = $this->object->{$key} ?? null;
        $doubt = 0;
        if ($value instanceof stdClass && ! property_exists($value, 'readings')) {
            $doubt = $value->plus_minus ?? 0;
            $value = $value->value ?? null;
        }

        return (is_float($value) || is_int($value)) && $value >= $least && $value <= $most
            && (is_float($doubt) || is_int($doubt)) && $doubt >= 0 && $doubt <= Value::MAX_DOUBT
            ? Measurement::within((float) $value, (float) $doubt)
            : null;
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
