<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\Measure;

use InvalidArgumentException;

/** An instrument said something that is no reading of its kind. */
final class CannotReadLine extends InvalidArgumentException
{
    public static function of(string $instrument, string $line): self
    {
        return new self(
            "That is nothing a {$instrument} says: “{$line}”. Nothing was taken from it; take it again, or type what it shows.",
        );
    }
}
