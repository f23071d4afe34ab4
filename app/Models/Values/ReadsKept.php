<?php

declare(strict_types=1);

namespace App\Models\Values;

use BackedEnum;
use NeatSpindle\Core\Ground\Measure\Measurement;

use function is_array;
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

    /** @param  array<array-key, mixed>  $kept */
    private static function measurement(array $kept, string $key): ?Measurement
    {
        $value = is_array($kept[$key] ?? null) ? $kept[$key] : [];
        $mm = self::figure($value, 'value');

        return $mm === null ? null : Measurement::within($mm, self::figure($value, 'plus_minus') ?? 0.0);
    }

    /** @return array{value: float, plus_minus: float}|null */
    private static function written(?Measurement $measurement): ?array
    {
        return $measurement === null ? null : ['value' => $measurement->value, 'plus_minus' => $measurement->plusMinus];
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
