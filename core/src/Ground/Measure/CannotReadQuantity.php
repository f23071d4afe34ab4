<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\Measure;

use InvalidArgumentException;
use NeatSpindle\Core\CoreException;

/** What a person typed is not the quantity the field asks for; the message is meant for that person. */
final class CannotReadQuantity extends InvalidArgumentException implements CoreException
{
    public static function becauseNothingWasTyped(string $example): self
    {
        return new self("Nothing was typed. Write a number, for example {$example}.");
    }

    public static function becauseItIsNoNumber(string $typed, string $example): self
    {
        return new self("“{$typed}” is not a number we can read. Write it like {$example}.");
    }

    public static function becauseTheUnitIsUnknown(string $unit, string $expected): self
    {
        return new self("“{$unit}” does not fit here: this field takes {$expected}.");
    }

    public static function becauseAFractionNeedsItsUnit(string $typed): self
    {
        return new self("“{$typed}” is a fraction without a unit. If it is inches, write {$typed} in.");
    }

    public static function becauseTheDenominatorIsZero(string $typed): self
    {
        return new self("“{$typed}” divides by zero. Check the fraction.");
    }

    public static function becauseItIsNone(string $expected): self
    {
        return new self("Expected {$expected}.");
    }

    public static function becauseThereAreTooMany(int $most): self
    {
        return new self("That is more than {$most} at once. Enter fewer.");
    }
}
