<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Exchange;

use stdClass;

use function array_keys;
use function array_unique;
use function is_array;
use function is_float;
use function is_int;
use function is_scalar;

/** What two documents of a job say otherwise of bike and kit, place by place. The catalogue is the workshop’s own, and is left out. */
final class Difference
{
    private const PARTS = ['bike', 'kit'];

    /** @return list<Differing> in the order of the first document, then what the second has beside */
    public static function between(stdClass $here, stdClass $there): array
    {
        $differing = [];
        foreach (self::PARTS as $part) {
            $was = self::leaves($here->{$part} ?? null, "/{$part}");
            $would = self::leaves($there->{$part} ?? null, "/{$part}");
            foreach (array_unique([...array_keys($was), ...array_keys($would)]) as $pointer) {
                if (! self::isSame($was[$pointer] ?? null, $would[$pointer] ?? null)) {
                    $differing[] = new Differing($pointer, $was[$pointer] ?? null, $would[$pointer] ?? null);
                }
            }
        }

        return $differing;
    }

    /** @return array<string, mixed> by pointer */
    private static function leaves(mixed $value, string $pointer): array
    {
        $isMeasured = $value instanceof stdClass && (isset($value->value) || isset($value->readings));
        if ($value === null || is_scalar($value) || $isMeasured || (is_array($value) && self::isPlain($value))) {
            return $value === null ? [] : [$pointer => $value];
        }
        $leaves = [];
        foreach ((array) $value as $key => $one) {
            $radius = $one instanceof stdClass ? $one->radius_mm ?? null : null;
            $leaves += self::leaves($one, "{$pointer}/".(is_int($radius) || is_float($radius) ? $radius : $key));
        }

        return $leaves;
    }

    /** @param  array<array-key, mixed>  $value */
    private static function isPlain(array $value): bool
    {
        return array_filter($value, fn (mixed $one) => ! is_scalar($one)) === [];
    }

    private static function isSame(mixed $here, mixed $there): bool
    {
        return self::plain($here) === self::plain($there);
    }

    /** As text, a whole figure like the same one with a point. */
    private static function plain(mixed $value): string
    {
        return match (true) {
            is_int($value), is_float($value) => sprintf('%.9F', $value),
            is_array($value) => implode(' ', array_map(self::plain(...), $value)),
            $value instanceof stdClass => implode(' ', array_map(fn (string $key, mixed $one) => $key.self::plain($one),
                array_keys((array) $value), (array) $value)),
            default => json_encode($value, JSON_THROW_ON_ERROR),
        };
    }
}
