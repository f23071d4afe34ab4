<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\Document;

use function is_float;
use function is_int;

/** Numbers and lengths of a document, each with its range. Lengths in mm. */
trait ReadsNumbers
{
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
        return $this->plain($key, Value::TINIEST, Value::LARGEST) ?? $this->required($key)?->here()->positive() ?? 1.0;
    }

    public function optionalPositive(string $key): ?float
    {
        return $this->has($key) ? $this->positive($key) : null;
    }

    public function whole(string $key, int $least, int $most): int
    {
        $value = $this->object->{$key} ?? null;

        return is_int($value) && $value >= $least && $value <= $most
            ? $value
            : $this->required($key)?->here()->whole($least, $most) ?? $least;
    }

    public function optionalWhole(string $key, int $least, int $most): ?int
    {
        return $this->has($key) ? $this->whole($key, $least, $most) : null;
    }

    /** A length in mm. */
    public function length(string $key): float
    {
        $value = $this->object->{$key} ?? null;

        return (is_float($value) || is_int($value)) && $value >= Value::MIN_LENGTH_MM && $value <= Value::MAX_LENGTH_MM
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

    /** The number under a key where it keeps its range. Most do, and then no node is needed for it. */
    private function plain(string $key, float $least, float $most): ?float
    {
        $value = $this->object->{$key} ?? null;

        return (is_float($value) || is_int($value)) && $value >= $least && $value <= $most && abs($value) <= Value::LARGEST
            ? (float) $value
            : null;
    }
}
