<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Battery;

/** The room where a battery lies flat, in mm, and what may be laid there, in kg; null for what is not measured or known. */
final readonly class Floor
{
    public function __construct(public ?float $length = null, public ?float $width = null, public ?float $load = null) {}
}
