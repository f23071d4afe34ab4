<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Absence;

/** Something that is tried before it is kept. */
final readonly class WhatIf
{
    /**
     * @param  array<int, array{promised_on?: ?string, parts_on?: ?string, before_id?: ?int, hands?: ?array<string, int>}>  $plans  of jobs whose
     *                                                                                                                         plan would be another, by job
     * @param  ?Absence  $absence  as it would be noted, not kept
     */
    public function __construct(public array $plans = [], public ?Absence $absence = null) {}
}
