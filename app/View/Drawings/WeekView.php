<?php

declare(strict_types=1);

namespace App\View\Drawings;

use App\Models\Job;
use App\Models\User;
use App\Planning\WorkshopPlan;
use Illuminate\Support\Carbon;
use NeatSpindle\Core\Whole\Schedule\OpeningHours;
use NeatSpindle\Core\Whole\Schedule\PlannedTask;
use NeatSpindle\Core\Whole\Schedule\WallClock;

use function count;
use function explode;
use function intdiv;
use function max;
use function min;

/** A week, or a day of it, as a picture: a row for each person, days side by side, below them what waits. */
class WeekView
{
    public const WIDTH = 1_200.0;

    public const NAMES = 92.0;

    public const ROW = 58.0;

    public const HEAD = 30.0;

    private const WAIT = 22.0;

    /** Narrower than so nothing is drawn: it could be neither seen nor pointed at. */
    private const LEAST = 5.0;

    private const APART = 2.5;

    /** Room for a job's number, and for what is done beside it. */
    private const FOR_NUMBER = 30.0;

    private const UPRIGHT = 13.0;

    private const FOR_LABEL = 96.0;

    /** @var list<array{job: Job, task: PlannedTask, row: int, x: float, width: float, label: string}>|null */
    private ?array $blocks = null;

    /** @var list<array{job: Job, label: string, x: float, width: float, lane: int}>|null */
    private ?array $waits = null;

    /** @var array{int, int}|null */
    private ?array $window = null;

    private ?OpeningHours $open = null;

    /**
     * @param  int  $first  the first day
     * @param  int  $count  how many days
     */
    public function __construct(private readonly WorkshopPlan $plan, private readonly int $first, private readonly int $count = 7) {}

    /** @return list<array{x: float, width: float, label: string, day: string, isToday: bool, isClosed: bool}> */
    public function days(): array
    {
        $days = [];
        for ($i = 0; $i < $this->count; $i++) {
            $day = Carbon::parse(WallClock::dayText($this->first + $i));
            $days[] = [
                'x' => $this->dayX($i), 'width' => $this->dayWidth(), 'label' => $day->format('D j M'), 'day' => $day->format('Y-m-d'),
                'isToday' => $this->first + $i === intdiv($this->plan->from, WallClock::DAY),
                'isClosed' => $this->isClosed($this->first + $i),
            ];
        }

        return $days;
    }

    /** @return list<array{x: float, label: string}> the hours of the one day that is looked at from near; none in a week */
    public function hours(): array
    {
        [$opens, $closes] = $this->window ??= $this->window();
        $hours = [];
        for ($minute = (intdiv($opens, 60) + 1) * 60; $this->isNear() && $minute < $closes; $minute += 60) {
            $hours[] = [
                'x' => round(
                    $this->dayX(0) + ($minute - $opens) * $this->dayWidth() / ($closes - $opens), 1,
                ), 'label' => sprintf('%d:00', intdiv($minute, 60)),
            ];
        }

        return $hours;
    }

    private function isClosed(int $day): bool
    {
        return ($this->open ??= $this->plan->opening->toHours())->on($day) === 0;
    }

    /** @return list<User> */
    public function people(): array
    {
        return array_values($this->plan->people->all());
    }

    /** @return list<array{job: Job, task: PlannedTask, row: int, x: float, width: float, label: string}> */
    public function blocks(): array
    {
        return $this->blocks ??= $this->makeBlocks();
    }

    /** @return list<array{job: Job, label: string, x: float, width: float, lane: int}> */
    public function waits(): array
    {
        return $this->waits ??= $this->makeWaits();
    }

    public function waitsAt(): float
    {
        return self::HEAD + count($this->people()) * self::ROW + 8.0;
    }

    public function waitY(int $lane): float
    {
        return $this->waitsAt() + 18.0 + $lane * self::WAIT;
    }

    public function height(): float
    {
        $lanes = $this->waits() === [] ? 0 : 1 + max(array_column($this->waits(), 'lane'));

        return $this->waitsAt() + ($lanes === 0 ? 0.0 : 24.0 + $lanes * self::WAIT);
    }

    public function showsNumber(float $width): bool
    {
        return $width >= self::FOR_NUMBER;
    }

    /** Whether it can be written upwards at least. */
    public function showsUpright(float $width): bool
    {
        return $width >= self::UPRIGHT;
    }

    public function showsLabel(float $width): bool
    {
        return $width >= self::FOR_LABEL;
    }

    /** @return list<array{job: Job, task: PlannedTask, row: int, x: float, width: float, label: string}> what one does in a row on one bike is one block */
    private function makeBlocks(): array
    {
        $rows = array_flip(array_map(fn (User $user) => (string) $user->id, $this->people()));
        $blocks = [];
        foreach ($this->stints() as [$job, $task, $label, $end]) {
            foreach ($this->pieces((int) $task->start, $end, isWork: true) as [$x, $width]) {
                $blocks[] = [
                    'job' => $job, 'task' => $task, 'row' => $rows[$task->who] ?? 0, 'x' => $x, 'width' => $width, 'label' => $label,
                ];
            }
        }

        return self::apart($blocks);
    }

    /**
     * Two that begin nearly at once begin a hair apart, and what is short lies on top: else nobody could point at one of them.
     *
     * @param  list<array{job: Job, task: PlannedTask, row: int, x: float, width: float, label: string}>  $blocks
     * @return list<array{job: Job, task: PlannedTask, row: int, x: float, width: float, label: string}>
     */
    private static function apart(array $blocks): array
    {
        usort($blocks, fn (array $a, array $b) => [$a['row'], $a['x']] <=> [$b['row'], $b['x']]);
        foreach ($blocks as $i => $block) {
            $before = $i > 0 && $blocks[$i - 1]['row'] === $block['row'] ? $blocks[$i - 1]['x'] : null;
            $blocks[$i]['x'] = $before === null ? $block['x'] : round(max($block['x'], $before + self::APART), 1);
        }
        usort($blocks, fn (array $a, array $b) => $b['width'] <=> $a['width']);

        return $blocks;
    }

    /** @return list<array{Job, PlannedTask, string, int}> what one person does on one bike without a pause: its first task, what it is called, and its end */
    private function stints(): array
    {
        $stints = [];
        foreach ($this->tasks() as [$job, $task, $label]) {
            if ($task->who === null || $task->start === null || $task->end === null) {
                continue;
            }
            $last = $stints === [] ? null : $stints[count($stints) - 1];
            if ($last !== null && ! $this->isNear() && $last[0]->id === $job->id && $last[1]->who === $task->who
                && $last[3] === $task->start) {
                $stints[count($stints) - 1] = [$job, $last[1], explode(' … ', $last[2])[0]." … {$label}", $task->end];
            } else {
                $stints[] = [$job, $task, $label, $task->end];
            }
        }

        return $stints;
    }

    /** Whether one day is looked at, task by task. */
    private function isNear(): bool
    {
        return $this->count === 1;
    }

    /** @return list<array{job: Job, label: string, x: float, width: float, lane: int}> */
    private function makeWaits(): array
    {
        $waits = [];
        $ends = [];
        foreach ($this->tasks() as [$job, $task, $label]) {
            if (! $task->task->isWait || $task->start === null || $task->end === null || $task->end <= $task->start) {
                continue;
            }
            $pieces = $this->pieces($task->start, $task->end);
            if ($pieces === []) {
                continue;
            }
            [$from, $to] = [$pieces[0][0], $pieces[count($pieces) - 1][0] + $pieces[count($pieces) - 1][1]];
            $lane = 0;
            while (($ends[$lane] ?? -1.0) > $from) {
                $lane++;
            }
            $ends[$lane] = $to;
            $waits[] = ['job' => $job, 'label' => $label, 'x' => $from, 'width' => $to - $from, 'lane' => $lane];
        }

        return $waits;
    }

    /** @return iterable<array{Job, PlannedTask, string}> */
    private function tasks(): iterable
    {
        $jobs = $this->plan->jobs->keyBy('id');
        foreach ($this->plan->plan()->jobs as $planned) {
            $job = $jobs->get((int) $planned->job->code);
            foreach ($planned->tasks as $task) {
                if ($job !== null && $this->isShown($task)) {
                    yield [$job, $task, $this->plan->label($job, $task->task->code)];
                }
            }
        }
    }

    private function isShown(PlannedTask $task): bool
    {
        return $task->start !== null && $task->end !== null
            && $task->end > $this->first * WallClock::DAY && $task->start < ($this->first + $this->count) * WallClock::DAY;
    }

    /** @return list<array{float, float}> where a stretch of time lies in each day of the week it touches, and how wide */
    private function pieces(int $start, int $end, bool $isWork = false): array
    {
        [$opens, $closes] = $this->window ??= $this->window();
        $pieces = [];
        for ($i = 0; $i < $this->count; $i++) {
            $midnight = ($this->first + $i) * WallClock::DAY;
            $from = max($start, $midnight + $opens);
            $to = min($end, $midnight + $closes);
            if ($to > $from && ! ($isWork && $this->isClosed($this->first + $i))) {
                $scale = $this->dayWidth() / ($closes - $opens);
                $pieces[] = [round($this->dayX($i) + ($from - $midnight - $opens) * $scale, 1), round(max(self::LEAST,
                    ($to - $from) * $scale), 1)];
            }
        }

        return $pieces;
    }

    /** @return array{int, int} minutes of a day between which somebody may work */
    private function window(): array
    {
        [$opens, $closes] = [WallClock::DAY, 0];
        foreach ($this->plan->opening->weekdays as $typed) {
            foreach ($this->plan->opening::ranges($typed) ?? [] as [$from, $to]) {
                [$opens, $closes] = [min($opens, $from), max($closes, $to)];
            }
        }

        return $opens < $closes ? [$opens, $closes] : [8 * 60, 18 * 60];
    }

    private function dayWidth(): float
    {
        return (self::WIDTH - self::NAMES) / $this->count - 4.0;
    }

    private function dayX(int $i): float
    {
        return round(self::NAMES + $i * (self::WIDTH - self::NAMES) / $this->count + 2.0, 1);
    }
}
