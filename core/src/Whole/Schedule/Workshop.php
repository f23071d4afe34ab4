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
     * @param  ?int  $stands  so many bikes hang at a time; null where that limits nothing, as in a schedule document
     */
    public function __construct(
        public int $from, public OpeningHours $hours, public array $people, public array $jobs, public ?int $stands = null,
    ) {}
}
