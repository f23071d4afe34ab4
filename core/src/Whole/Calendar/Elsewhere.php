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
     * @param  ?int  $backOn  the day that was named, as the wall clock counts days; null where none was
     */
    public function __construct(
        public string $code, public ElsewhereKind $kind, public string $what, public WorkKind $before, public ?int $backOn,
    ) {}

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

    /** It began when it was sent away: it waits for nothing of the job. Without a day or a usual time it has no end. */
    public function task(): JobTask
    {
        $task = match (true) {
            $this->backOn !== null => new Task($this->code, 0, isWait: true, notBefore: $this->backOn * WallClock::DAY),
            $this->kind->usualDays() !== null => new Task($this->code, $this->kind->usualDays() * WallClock::DAY, isWait: true),
            default => new Task($this->code, 1, skill: RestOfJob::NOBODY),
        };

        return new JobTask($this->code, $this->label(), $task, null);
    }
}
