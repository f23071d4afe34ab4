<?php

declare(strict_types=1);

namespace App\View\Calendar;

use App\Models\Job;
use App\Planning\WorkshopPlan;
use NeatSpindle\Core\Whole\Calendar\Reasons;
use NeatSpindle\Core\Whole\Calendar\RestOfJob;
use NeatSpindle\Core\Whole\Schedule\PlannedTask;

use function array_map;
use function lcfirst;

/** Why a job is done when it is, in words. */
final class Why
{
    public static function reasons(WorkshopPlan $plan, Job $job): ?Reasons
    {
        $planned = $plan->job($job);

        return $planned === null ? null : Reasons::of($planned, $plan->from);
    }

    /** Why nobody can put a day to it. */
    public static function noDate(WorkshopPlan $plan, Job $job): string
    {
        $endless = self::reasons($plan, $job)?->endless?->task;

        return match (true) {
            $endless === null => 'Nobody can do what is left.',
            $endless->skill === RestOfJob::NOBODY => $plan->label($job, $endless->code),
            default => 'Nobody here can do what comes next, or there are no hours for it: '.lcfirst($plan->label($job, $endless->code)).'.',
        };
    }

    /** @return list<array{string, string}> the chain of tasks that makes its date: what comes before each, and the task */
    public static function chain(WorkshopPlan $plan, Job $job): array
    {
        return array_map(fn (array $link) => self::link($plan, $job, $link), self::reasons($plan, $job)->links ?? []);
    }

    /**
     * @param  array{task: PlannedTask, waits: int, takes: int}  $link
     * @return array{string, string}
     */
    private static function link(WorkshopPlan $plan, Job $job, array $link): array
    {
        $who = $plan->firstName($link['task']->who);
        $until = $plan->isShortOfStands()
            ? 'until somebody and a stand are free, or it is open; ' : 'until somebody is free, or it is open; ';

        return [
            $link['waits'] > 0 ? Spans::words($link['waits'])." {$until}" : '',
            $plan->label($job, $link['task']->task->code).': '.Spans::words($link['takes']).($who === null ? '' : ", {$who}"),
        ];
    }
}
