<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Schedule;

/** Who works when, from a time on, and what there is to do. */
final readonly class Workshop
{
    /**
     * @param  int  $from  nothing is planned before this time
     * @param  list<Person>  $people
     * @param  list<JobToPlan>  $jobs
     */
    public function __construct(public int $from, public OpeningHours $hours, public array $people, public array $jobs) {}
}
