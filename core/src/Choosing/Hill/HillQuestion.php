<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Hill;

/** A hill a job asks about. */
final readonly class HillQuestion
{
    public function __construct(public float $gradePercent, public Load $load) {}
}
