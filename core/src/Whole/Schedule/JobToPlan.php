<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Schedule;

/** A job's tasks, in their order, and the day it is promised for. */
final readonly class JobToPlan
{
    /** @param  list<Task>  $tasks */
    public function __construct(public string $code, public ?int $promised, public array $tasks) {}
}
