<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Schedule;

use function array_column;
use function array_filter;
use function array_keys;
use function array_map;
use function array_values;
use function count;
use function intdiv;
use function is_int;
use function max;
use function min;
use function usort;

/**
 * What is done when, and by whom: jobs in the order of their promises, each one's tasks as they stand, each at the earliest
 * it can be. Later jobs use the gaps that earlier ones left, and never move them. Where there are only so many stands, a job's
 * tasks that hang in one begin when one is free from the first of them to the last.
 *
 * The rule, to the letter, is the schedule contract's.
 */
final class Schedule
{
    /** So many days from the first one everything has to have ended. */
    private const DAYS_AHEAD = 1_100;

    /** @var array<string, Diary> by person */
    private array $diaries = [];

    private readonly int $end;

    private readonly Stands $stands;

    private function __construct(private readonly Workshop $workshop)
    {
        $this->end = (intdiv($workshop->from, WallClock::DAY) + self::DAYS_AHEAD) * WallClock::DAY;
        $this->stands = new Stands($workshop->stands);
        foreach ($workshop->people as $person) {
            $this->diaries[$person->code] = new Diary(new WorkingTime($workshop->hours, $person, $workshop->from, self::DAYS_AHEAD));
        }
    }

    public static function of(Workshop $workshop): Plan
    {
        $schedule = new self($workshop);
        $order = array_keys($workshop->jobs);
        // Sorting is stable: equal ones stay as they stand.
        usort($order, fn (int $a, int $b) => ($workshop->jobs[$a]->promised ?? PHP_INT_MAX) <=> ($workshop->jobs[$b]->promised ?? PHP_INT_MAX));
        $planned = [];
        foreach ($order as $i) {
            $planned[$i] = $schedule->plan($workshop->jobs[$i]);
        }
        $jobs = [];
        foreach (array_keys($workshop->jobs) as $i) {
            $jobs[] = $planned[$i];
        }

        return new Plan($jobs, $schedule->load($jobs));
    }

    private function plan(JobToPlan $job): PlannedJob
    {
        $planned = [];
        foreach ($this->stretches($job) as $tasks) {
            $planned += $tasks[0]->isOnStand && $this->workshop->stands !== null
                ? $this->onStand($tasks, $planned) : $this->placed($tasks, $planned, $this->workshop->from);
        }

        return new PlannedJob($job, array_values($planned));
    }

    /** @return list<non-empty-list<Task>> tasks in a row that the bike spends in one stand; any other by itself */
    private function stretches(JobToPlan $job): array
    {
        $stretches = [];
        $hangs = false;
        foreach ($job->tasks as $task) {
            if ($hangs && $task->isOnStand) {
                $stretches[count($stretches) - 1][] = $task;
            } else {
                $stretches[] = [$task];
            }
            $hangs = $task->isOnStand && $this->workshop->stands !== null;
        }

        return $stretches;
    }

    /**
     * At the earliest at which a stand is free from the first of them to the last.
     *
     * @param  non-empty-list<Task>  $tasks
     * @param  array<array-key, PlannedTask>  $before  of its job, by code
     * @return array<array-key, PlannedTask> by code
     */
    private function onStand(array $tasks, array $before): array
    {
        $notBefore = $this->workshop->from;
        while (true) {
            $diaries = array_map(fn (Diary $diary) => clone $diary, $this->diaries);
            $placed = $this->placed($tasks, $before, $notBefore);
            $starts = array_filter(array_column($placed, 'start'), is_int(...));
            $ends = array_filter(array_column($placed, 'end'), is_int(...));
            if ($starts === [] || $ends === []) {
                return $placed;
            }
            $free = $this->stands->isFree(min($starts), max($ends));
            if ($free === true) {
                $this->stands->take(min($starts), max($ends));

                return $placed;
            }
            [$this->diaries, $notBefore] = [$diaries, $free];
        }
    }

    /**
     * @param  list<Task>  $tasks
     * @param  array<array-key, PlannedTask>  $before  of its job, by code
     * @return array<array-key, PlannedTask> by code
     */
    private function placed(array $tasks, array $before, int $notBefore): array
    {
        $placed = [];
        foreach ($tasks as $task) {
            $ready = $this->ready($task, $placed + $before);
            $placed[$task->code] = $this->place($task, $ready === null ? null : max($ready, $notBefore));
        }

        return $placed;
    }

    /**
     * The earliest it may begin; null when it is after something that has no end.
     *
     * @param  array<array-key, PlannedTask>  $planned  of its job, by code
     */
    private function ready(Task $task, array $planned): ?int
    {
        $ready = max($this->workshop->from, $task->notBefore ?? $this->workshop->from);
        foreach ($task->after as $before) {
            $end = $planned[$before]->end;
            if ($end === null) {
                return null;
            }
            $ready = max($ready, $end);
        }

        return $ready;
    }

    private function place(Task $task, ?int $ready): PlannedTask
    {
        return match (true) {
            $ready === null => new PlannedTask($task),
            $task->isWait => $ready + $task->minutes > $this->end ? new PlannedTask($task) : new PlannedTask($task, $ready, $ready + $task->minutes),
            default => $this->work($task, $ready),
        };
    }

    private function work(Task $task, int $ready): PlannedTask
    {
        [$who, $from, $end] = [null, 0, PHP_INT_MAX];
        foreach ($this->workshop->people as $person) {
            if ($task->who !== null ? $task->who !== $person->code : $task->skill !== null && ! $person->can($task->skill)) {
                continue;
            }
            $diary = $this->diaries[$person->code];
            $at = $diary->earliest($diary->time->numberAt($ready), $task->minutes);
            $ends = $at === null ? PHP_INT_MAX : $diary->time->begins($at + $task->minutes - 1) + 1;
            if ($at !== null && $ends < $end) {
                [$who, $from, $end] = [$person->code, $at, $ends];
            }
        }
        if ($who === null) {
            return new PlannedTask($task);
        }
        $this->diaries[$who]->take($from, $task->minutes);

        return new PlannedTask($task, $this->diaries[$who]->time->begins($from), $end, $who);
    }

    /**
     * @param  list<PlannedJob>  $jobs
     * @return list<Load> week by week, in each person by person
     */
    private function load(array $jobs): array
    {
        $first = intdiv($this->workshop->from, WallClock::DAY);
        $last = $first;
        foreach ($jobs as $job) {
            foreach ($job->tasks as $task) {
                $last = max($last, intdiv($task->end ?? 0, WallClock::DAY));
            }
        }
        $load = [];
        for ($monday = WallClock::mondayOf($first); $monday <= $last; $monday += 7) {
            foreach ($this->workshop->people as $person) {
                $load[] = $this->weekOf($person, $monday, $first);
            }
        }

        return $load;
    }

    private function weekOf(Person $person, int $monday, int $first): Load
    {
        $diary = $this->diaries[$person->code];
        $open = 0;
        for ($day = max($monday, $first); $day < $monday + 7; $day++) {
            $open += $diary->time->on($day) - ($day === $first ? $this->overBefore($person, $day) : 0);
        }
        $number = fn (int $day): int => $diary->time->numberAt($day * WallClock::DAY);

        return new Load($person->code, $monday, $diary->takenBetween($number($monday), $number($monday + 7)), $open);
    }

    /** Working minutes of the first day that are over when planning begins. */
    private function overBefore(Person $person, int $day): int
    {
        return $person->isAway($day) ? 0 : $this->workshop->hours->before($day, $this->workshop->from % WallClock::DAY);
    }
}
