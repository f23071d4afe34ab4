<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Absence;
use NeatSpindle\Core\Whole\Calendar\RestOfJob;

/** Something that is tried before it is kept. */
final readonly class WhatIf
{
    /**
     * @param  ?int  $job  whose plan would be another
     * @param  array{promised_on?: ?string, parts_on?: ?string, before_id?: ?int, hands?: ?array<string, int>}  $plan  of that job
     * @param  ?Absence  $absence  as it would be noted, not kept
     * @param  ?RestOfJob  $newcomer  a bike that is not taken in yet, planned after all others
     */
    public function __construct(
        public ?int $job = null, public array $plan = [], public ?Absence $absence = null, public ?RestOfJob $newcomer = null,
    ) {}
}
