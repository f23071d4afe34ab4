<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Calendar;

use NeatSpindle\Core\Whole\Schedule\PlannedJob;
use NeatSpindle\Core\Whole\Schedule\PlannedTask;

use function array_reverse;

/**
 * Why a job is done when it is: the chain of tasks that makes its date, from the time planning begins to its end. Each link is the wait
 * before work (nobody free, or closed) and the task itself, a delivery from when it is waited for; all of them together are the whole of the time.
 */
final readonly class Reasons
{
    /**
     * @param  list<array{task: PlannedTask, waits: int, takes: int}>  $links  minutes of clock time, the first link first
     * @param  ?PlannedTask  $endless  the task that has no end, where one has none
     */
    private function __construct(public array $links, public ?PlannedTask $endless) {}

    public static function of(PlannedJob $job, int $from): self
    {
        $byCode = [];
        $last = null;
        foreach ($job->tasks as $task) {
            if ($task->end === null) {
                return new self([], $task);
            }
            $byCode[$task->task->code] = $task;
            $last = $last === null || $task->end >= $last->end ? $task : $last;
        }
        $links = [];
        while ($last !== null && $last->start !== null && $last->end !== null) {
            $before = null;
            foreach ($last->task->after as $code) {
                $one = $byCode[$code] ?? null;
                $before = $one !== null && ($before === null || $one->end > $before->end) ? $one : $before;
            }
            $ready = $before->end ?? $from;
            $waits = $last->task->isWait ? 0 : $last->start - $ready;
            $links[] = ['task' => $last, 'waits' => $waits, 'takes' => $last->end - $ready - $waits];
            $last = $before;
        }

        return new self(array_reverse($links), null);
    }

    /** All of it in minutes of clock time: from where planning begins to the end. */
    public function total(): int
    {
        $total = 0;
        foreach ($this->links as $link) {
            $total += $link['waits'] + $link['takes'];
        }

        return $total;
    }

    /** Which link is cheapest to shorten: the longest wait for a person or a delivery, before any work. What cures takes its time. */
    public function cheapest(): ?PlannedTask
    {
        $cheapest = null;
        $most = 0;
        foreach ($this->links as $link) {
            $slack = match (true) {
                $link['task']->task->code === RestOfJob::CURE => 0,
                $link['task']->task->isWait => $link['takes'],
                default => $link['waits'],
            };
            if ($slack > $most) {
                [$cheapest, $most] = [$link['task'], $slack];
            }
        }

        return $cheapest ?? $this->longestWork();
    }

    /** Where nobody waits, the longest piece of work. */
    private function longestWork(): ?PlannedTask
    {
        $longest = null;
        $most = -1;
        foreach ($this->links as $link) {
            if (! $link['task']->task->isWait && $link['takes'] > $most) {
                [$longest, $most] = [$link['task'], $link['takes']];
            }
        }

        return $longest;
    }
}
