<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Absence;

/** Something that is tried before it is kept. */
final readonly class WhatIf
{
    /**
     * @param  ?int  $job  whose plan would be another
     * @param  array{promised_on?: ?string, parts_on?: ?string, before_id?: ?int, hands?: ?array<string, int>}  $plan  of that job
     * @param  ?Absence  $absence  as it would be noted, not kept
     */
    public function __construct(
        public ?int $job = null, public array $plan = [], public ?Absence $absence = null,
    ) {}
}
