<?php

declare(strict_types=1);

namespace App\Documents\Api;

use App\Models\Job;
use App\Models\Workshop;
use App\Planning\WorkshopPlan;
use NeatSpindle\Core\Whole\Schedule\PlannedTask;
use NeatSpindle\Core\Whole\Schedule\WallClock;

use function array_map;
use function array_values;

/** What is planned, job by job. Times are by the workshop’s wall clock, without a zone. */
final class ScheduleEntries
{
    /** @return array<string, mixed> */
    public static function of(Workshop $workshop): array
    {
        $plan = WorkshopPlan::of($workshop);

        return [
            'time_zone' => $workshop->time_zone, 'planned_from' => WallClock::timeText($plan->from),
            'jobs' => array_values($plan->jobs->map(fn (Job $job) => self::job($plan, $job))->all()),
        ];
    }

    /** @return array<string, mixed> */
    private static function job(WorkshopPlan $plan, Job $job): array
    {
        $planned = $plan->job($job);
        [$honest, $careful] = [$plan->honest($job), $plan->careful($job)];

        return [
            'number' => $job->number, 'promised_on' => $job->promised_on?->format('Y-m-d'), 'honest_on' => $honest === null
                ? null : WallClock::dayText($honest),
            'careful_on' => $careful === null ? null : WallClock::dayText(WorkshopPlan::dayOf($careful)), 'is_late' => $plan->isLate($job),
            'tasks' => array_map(fn (PlannedTask $task) => [
                'code' => $task->task->code, 'what' => $plan->label($job, $task->task->code), 'is_wait' => $task->task->isWait,
                'starts_at' => $task->start === null ? null : WallClock::timeText($task->start), 'ends_at' => $task->end === null
                    ? null : WallClock::timeText($task->end),
                'by' => $plan->firstName($task->who),
            ], $planned->tasks ?? []),
        ];
    }
}
