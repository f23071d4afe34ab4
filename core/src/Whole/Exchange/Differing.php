<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Exchange;

use stdClass;

use function is_array;
use function is_bool;
use function is_scalar;

/** One place at which two documents of a job say something else. */
final readonly class Differing
{
    /**
     * @param  string  $pointer  of the place; a point of the chainstay by its radius, whichever number it has: `/bike/chainstay/profile/45/outboard_mm`
     * @param  mixed  $here  a figure, a text, a measurement with its doubt or a list; null where the one says nothing
     * @param  mixed  $there  what the other says
     */
    public function __construct(public string $pointer, public mixed $here, public mixed $there) {}

    public function hereText(): string
    {
        return self::text($this->here);
    }

    public function thereText(): string
    {
        return self::text($this->there);
    }

    private static function text(mixed $value): string
    {
        $measured = fn (stdClass $one): string => isset($one->readings) && is_array($one->readings)
            ? implode(' ', array_filter($one->readings, is_scalar(...)))
            : implode(' ± ', array_filter([$one->value ?? null, $one->plus_minus ?? null], is_scalar(...)));

        return match (true) {
            $value === null => 'nothing',
            is_bool($value) => $value ? 'yes' : 'no',
            is_array($value) => implode(' ', array_filter($value, is_scalar(...))),
            $value instanceof stdClass => $measured($value),
            is_scalar($value) => (string) $value,
            default => '',
        };
    }
}
