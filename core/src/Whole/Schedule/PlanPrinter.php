<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Schedule;

use function array_map;

/** A plan in the shape of the schedule contract's answer. */
final class PlanPrinter
{
    /** @return array<string, mixed> */
    public static function toArray(Plan $plan): array
    {
        return [
            'format' => 'neat-spindle/schedule-answer',
            'version' => 1,
            'jobs' => array_map(self::job(...), $plan->jobs),
            'load' => array_map(fn (Load $load) => [
                'who' => $load->who, 'week' => WallClock::weekText($load->monday), 'busy_minutes' => $load->busy, 'open_minutes' => $load->open,
            ], $plan->load),
        ];
    }

    /** @return array<string, mixed> */
    private static function job(PlannedJob $planned): array
    {
        return [
            'code' => $planned->job->code,
            'promised' => $planned->job->promised === null ? null : WallClock::dayText($planned->job->promised),
            'done' => self::time($planned->done),
            'late_days' => $planned->lateDays(),
            'tasks' => array_map(fn (PlannedTask $one) => [
                'code' => $one->task->code, 'who' => $one->who, 'start' => self::time($one->start), 'end' => self::time($one->end),
            ], $planned->tasks),
        ];
    }

    private static function time(?int $time): ?string
    {
        return $time === null ? null : WallClock::timeText($time);
    }
}
