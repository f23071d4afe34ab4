<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Battery;

/** Whether a pack goes into a frame: what is asked. */
final readonly class PackQuestion
{
    public function __construct(public Triangle $triangle, public Pack $pack) {}
}
