<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\Document;

use BackedEnum;

use function is_array;
use function is_bool;
use function is_string;
use function strlen;

/** Texts, answers and words of a fixed choice. */
trait ReadsWords
{
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

    /** Empty where it is not there, or at fault. */
    public function optionalText(string $key): string
    {
        return $this->has($key) ? $this->text($key) : '';
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
                ?? $this->item($key, $i, $value)->here()->oneOf($enum) ?? $enum::cases()[0];
        }

        return $cases;
    }

    /** @return list<string> */
    public function texts(string $key): array
    {
        $texts = [];
        $values = $this->object->{$key} ?? null;
        foreach (is_array($values) ? $values : $this->items($key) as $i => $value) {
            $texts[] = is_string($value) && strlen($value) <= Value::MAX_TEXT ? $value : $this->item($key, $i, $value)->here()->text() ?? '';
        }

        return $texts;
    }

    /** @return list<string> */
    public function optionalTexts(string $key): array
    {
        return $this->has($key) ? $this->texts($key) : [];
    }

    /** Checks the key under which this entry stands: codes are texts too. */
    public function expectShortKey(): void
    {
        if (Value::isTooLong($this->key())) {
            $this->fault('Expected a code of at most 200 characters.');
        }
    }
}
