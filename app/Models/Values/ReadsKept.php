<?php

declare(strict_types=1);

namespace App\Models\Values;

use BackedEnum;

use function is_float;
use function is_int;
use function is_string;

/** Reads what is kept bit by bit; what is no such thing counts as not said. */
trait ReadsKept
{
    /** @param  array<array-key, mixed>  $kept */
    private static function figure(array $kept, string $key): ?float
    {
        $value = $kept[$key] ?? null;

        return is_float($value) || is_int($value) ? (float) $value : null;
    }

    /**
     * @template T of BackedEnum
     *
     * @param  array<array-key, mixed>  $kept
     * @param  class-string<T>  $enum
     * @return T|null
     */
    private static function oneOf(array $kept, string $key, string $enum): ?BackedEnum
    {
        $value = $kept[$key] ?? null;

        return is_string($value) ? $enum::tryFrom($value) : null;
    }

    /**
     * @param  array<string, mixed>  $values
     * @return array<string, mixed>
     */
    private static function said(array $values): array
    {
        return array_filter($values, fn (mixed $value) => $value !== null);
    }
}
