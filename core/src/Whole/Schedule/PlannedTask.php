<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Schedule;

/** A task with its place in time; start and end are null where it has none. */
final readonly class PlannedTask
{
    public function __construct(public Task $task, public ?int $start = null, public ?int $end = null, public ?string $who = null) {}
}
