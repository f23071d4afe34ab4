<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Route;

/** So many extension leads of one kind in the drawer. Length in mm. */
final readonly class Lead
{
    public function __construct(
        public string $connector,
        public float $length,
        public int $quantity,
    ) {}
}
