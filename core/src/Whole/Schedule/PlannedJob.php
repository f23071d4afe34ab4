<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Schedule;

use function intdiv;
use function max;

/** A job with its tasks in time. */
final readonly class PlannedJob
{
    /** The latest end of its tasks; null when one has none, or there is no task. */
    public ?int $done;

    /** @param  list<PlannedTask>  $tasks */
    public function __construct(public JobToPlan $job, public array $tasks)
    {
        $done = null;
        foreach ($tasks as $task) {
            if ($task->end === null) {
                $done = null;

                break;
            }
            $done = max($done ?? $task->end, $task->end);
        }
        $this->done = $done;
    }

    /** Days from the promised one to that on which it is done, 0 when that is not later; null without both. */
    public function lateDays(): ?int
    {
        return $this->done === null || $this->job->promised === null ? null : max(0, intdiv($this->done, WallClock::DAY) - $this->job->promised);
    }
}
