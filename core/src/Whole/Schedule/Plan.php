<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Schedule;

/** What a schedule came to. */
final readonly class Plan
{
    /**
     * @param  list<PlannedJob>  $jobs  as they were asked for
     * @param  list<Load>  $load  week by week, in each person by person
     */
    public function __construct(public array $jobs, public array $load) {}
}
