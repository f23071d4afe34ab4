<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\Document;

use BackedEnum;
use NeatSpindle\Core\Ground\Measure\Measurement;

use function is_float;
use function is_int;
use function is_string;
use function strlen;

/** A single value of a document, read with its rules: null where it breaks one, and then its node has a fault. */
final readonly class Value
{
    public const MIN_LENGTH_MM = 0.001;

    public const MAX_LENGTH_MM = 10_000;

    /** Beyond these no figure means anything, and sums of them would leave what a computer can count with. */
    public const TINIEST = 1e-100;

    public const LARGEST = 1e100;

    public const MAX_TEXT = 200;

    public const MAX_DOUBT = 100;

    private const MAX_READINGS = 1_000;

    public function __construct(private mixed $value, private Cursor $at) {}

    public function number(float $least = -INF, float $most = INF): ?float
    {
        $number = $this->finite();
        if ($number !== null && ($number < $least || $number > $most)) {
            $this->at->fault(match (true) {
                $most === INF => "Expected a number of at least {$least}.",
                $least === -INF => "Expected a number of at most {$most}.",
                default => "Expected a number from {$least} to {$most}.",
            });

            return null;
        }

        return $number;
    }

    public function positive(): ?float
    {
        $number = $this->finite();
        if ($number !== null && $number < self::TINIEST) {
            $this->at->fault('Expected a number above 0.');

            return null;
        }

        return $number;
    }

    /** A length in mm. */
    public function length(): ?float
    {
        return $this->number(self::MIN_LENGTH_MM, self::MAX_LENGTH_MM);
    }

    public function whole(int $least, int $most): ?int
    {
        $number = $this->finite();
        if ($number !== null && (floor($number) !== $number || $number < $least || $number > $most)) {
            $this->at->fault("Expected a whole number from {$least} to {$most}.");

            return null;
        }

        return $number === null ? null : (int) $number;
    }

    public function text(): ?string
    {
        if (! is_string($this->value)) {
            $this->at->fault('Expected a text.');

            return null;
        }
        if (self::isTooLong($this->value)) {
            $this->at->fault('Expected at most 200 characters.');

            return null;
        }

        return $this->value;
    }

    public static function isTooLong(string $text): bool
    {
        return strlen($text) > self::MAX_TEXT && mb_strlen($text) > self::MAX_TEXT;
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @param  array<string, T>  $aliases
     * @return T|null
     */
    public function oneOf(string $enum, array $aliases = []): ?BackedEnum
    {
        $case = is_string($this->value) ? $enum::tryFrom($this->value) ?? $aliases[$this->value] ?? null : null;
        if ($case === null) {
            $this->at->fault('Expected one of: '.implode(', ', array_map(fn (BackedEnum $one) => $one->value, $enum::cases())).'.');
        }

        return $case;
    }

    /** A measurement in exactly one of its forms, its value or each reading within a range. */
    public function measurement(float $least, float $most): ?Measurement
    {
        $figure = fn (self $one): ?float => $one->number($least, $most);
        if (is_int($this->value) || is_float($this->value)) {
            $value = $figure($this);

            return $value === null ? null : Measurement::exactly($value);
        }
        $hasValue = $this->at->names('value');
        $hasReadings = $this->at->names('readings');
        if ($hasValue === $hasReadings) {
            $this->at->fault('Expected a number, or an object with either a value or readings.');

            return null;
        }

        return $hasValue ? $this->stated($figure) : $this->fromReadings($figure);
    }

    /** @param  callable(self): ?float  $figure */
    private function stated(callable $figure): ?Measurement
    {
        $value = $figure($this->at->peek('value')->here());
        $doubt = $this->doubt('plus_minus');

        return $value === null ? null : Measurement::within($value, $doubt);
    }

    /** @param  callable(self): ?float  $figure */
    private function fromReadings(callable $figure): ?Measurement
    {
        $readings = [];
        foreach ($this->at->peek('readings')->itemsHere(1, self::MAX_READINGS) as $item) {
            $readings[] = $figure($item->here()) ?? 0.0;
        }
        $instrument = $this->doubt('instrument');

        return $readings === [] ? null : Measurement::fromReadings($readings, $instrument);
    }

    private function doubt(string $key): float
    {
        return $this->at->has($key) ? $this->at->peek($key)->here()->number(0.0, self::MAX_DOUBT) ?? 0.0 : 0.0;
    }

    private function finite(): ?float
    {
        if ((is_int($this->value) || is_float($this->value)) && abs($this->value) <= self::LARGEST) {
            return (float) $this->value;
        }
        $this->at->fault(is_float($this->value) ? 'Expected a smaller number: nothing is as large as that.' : 'Expected a number.');

        return null;
    }
}
