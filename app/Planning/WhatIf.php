<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Absence;
use NeatSpindle\Core\Whole\Calendar\RestOfJob;

/** Something that is tried before it is kept. */
final readonly class WhatIf
{
    /**
     * @param  array<int, ?string>  $promises  days by job; null takes the promise away
     * @param  array<int, ?string>  $deliveries  days by job
     * @param  array<int, int>  $turns  by job
     * @param  list<Absence>  $absences
     * @param  ?RestOfJob  $newcomer  a bike that is not taken in yet, planned after all others
     */
    public function __construct(
        public array $promises = [], public array $deliveries = [], public array $turns = [], public array $absences = [], public ?RestOfJob $newcomer = null,
    ) {}
}
