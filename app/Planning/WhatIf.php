<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Absence;

/** Something that is tried before it is kept. */
final readonly class WhatIf
{
    /**
     * @param  array<int, ?string>  $promises  days by job; null takes the promise away
     * @param  array<int, ?string>  $deliveries  days by job
     * @param  array<int, int>  $turns  by job
     * @param  list<Absence>  $absences
     */
    public function __construct(
        public array $promises = [], public array $deliveries = [], public array $turns = [], public array $absences = [],
    ) {}
}
