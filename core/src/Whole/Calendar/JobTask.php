<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Calendar;

use NeatSpindle\Core\Whole\Schedule\Task;

/** A task of a job with what a person reads of it. */
final readonly class JobTask
{
    /** @param  ?WorkKind  $kind  null for a wait */
    public function __construct(public string $code, public string $label, public Task $task, public ?WorkKind $kind) {}

    public function isEndless(): bool
    {
        return $this->task->skill === RestOfJob::NOBODY;
    }
}
