<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Calendar;

use NeatSpindle\Core\Whole\Schedule\Task;
use NeatSpindle\Core\Whole\Schedule\WallClock;

/** What of a job lies in other hands, and which work cannot begin until it is back. */
final readonly class Elsewhere
{
    /**
     * @param  string  $code  of its task
     * @param  string  $what  in somebody's words
     * @param  WorkKind  $before  the first work that waits for it
     * @param  int  $since  the day on which it went there, as the wall clock counts days
     * @param  ?int  $backOn  the day that was named; null where none was
     */
    public function __construct(
        public string $code, public ElsewhereKind $kind, public string $what, public WorkKind $before, public int $since, public ?int $backOn,
    ) {}

    /** The day it is due back: as was named, else as long after it went as is usual; null where nobody can say. */
    public function dueOn(): ?int
    {
        $usual = $this->kind->usualDays();

        return $this->backOn ?? ($usual === null ? null : $this->since + $usual);
    }

    public function label(): string
    {
        $usual = $this->backOn === null && $this->kind->usualDays() !== null
            ? " (no day named, {$this->kind->usualDays()} days are usual)" : '';

        return "{$this->kind->label()}: {$this->what}{$usual}";
    }

    /** Whether work of a kind waits for it. */
    public function holds(WorkKind $work): bool
    {
        return $work->position() >= $this->before->position();
    }

    /**
     * It is away already: it waits for nothing of the job, from now on until it is due. Where nobody can say when, it has no end.
     *
     * @param  int  $from  now, a time
     */
    public function task(int $from): JobTask
    {
        $due = $this->dueOn();
        $task = $due === null ? new Task($this->code, 1, skill: RestOfJob::NOBODY) : Task::until($this->code, $from, $due * WallClock::DAY);

        return new JobTask($this->code, $this->label(), $task, null);
    }
}
