<?php

declare(strict_types=1);

namespace App\View\Calendar;

use App\Models\Absence;
use App\Models\Job;
use App\Models\User;
use App\Models\Workshop;
use App\Planning\WhatIf;
use App\Planning\WorkshopPlan;
use App\View\Drawings\WeekView;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Whole\Calendar\Reasons;
use NeatSpindle\Core\Whole\Calendar\RestOfJob;
use NeatSpindle\Core\Whole\Schedule\Load;
use NeatSpindle\Core\Whole\Schedule\PlannedJob;
use NeatSpindle\Core\Whole\Schedule\WallClock;

use function intdiv;
use function is_string;
use function max;
use function min;

/** A week of the workshop by person, and every open job with its promised and its honest date. */
class CalendarPage
{
    public readonly int $monday;

    /** The one day that is looked at from near; null for the whole week. */
    public readonly ?int $near;

    /** So many jobs stand in the table before the rest is asked for. */
    private const SHOWN = 80;

    private readonly WorkshopPlan $stands;

    /** @var Collection<int, Job>|null */
    private ?Collection $jobs = null;

    private readonly ?WorkshopPlan $tried;

    /**
     * @param  mixed  $week  a day of the week to look at, from the address
     * @param  mixed  $day  one day to look at from near, from the address
     */
    public function __construct(
        private readonly User $user, mixed $week, public readonly ?WhatIf $whatIf = null, public readonly ?Job $job = null, mixed $day = null,
        public readonly bool $isPartsAsked = false, private readonly ?int $changing = null, private readonly bool $isAll = false,
    ) {
        $workshop = Workshop::query()->findOrFail($user->workshop_id);
        $this->stands = WorkshopPlan::of($workshop);
        $this->tried = $whatIf === null ? null : $this->stands->if($whatIf);
        $this->near = is_string($day) ? WallClock::day($day) : null;
        $asked = $this->near ?? (is_string($week) ? WallClock::day($week) : null);
        $this->monday = WallClock::mondayOf($asked ?? $this->firstDay());
    }

    /** The day of the first work there is: a week that is over in all but name is not looked at. */
    private function firstDay(): int
    {
        $first = null;
        foreach ($this->plan()->plan()->jobs as $job) {
            foreach ($job->tasks as $task) {
                $first = $task->who === null || $task->start === null ? $first : min($first ?? $task->start, $task->start);
            }
        }

        return intdiv($first ?? $this->stands->from, WallClock::DAY);
    }

    public function plan(): WorkshopPlan
    {
        return $this->tried ?? $this->stands;
    }

    public function mayPlan(): bool
    {
        return $this->user->can('plan', $this->user->workshop);
    }

    public function week(): WeekView
    {
        return $this->near === null ? new WeekView($this->plan(), $this->monday) : new WeekView($this->plan(), $this->near, 1);
    }

    /** @return array{int, int, int}|null when a bike could come that nobody has taken in yet, and when it would be ready, likely and carefully */
    public function ifItCame(): ?array
    {
        [$likely, $careful] = $this->stands->if(new WhatIf(newcomer: RestOfJob::untouched($this->isPartsAsked)))->newcomer();
        $starts = $likely->tasks[0]->start ?? null;
        [$ready, $late] = [self::dayOf($likely), self::dayOf($careful)];

        return $starts === null || $ready === null || $late === null ? null : [intdiv($starts, WallClock::DAY), $ready, $late];
    }

    public function title(): string
    {
        return $this->near === null ? WallClock::weekText($this->monday) : $this->day($this->near, 'l j F');
    }

    public function day(int $day, string $format = 'D j M'): string
    {
        return Carbon::parse(WallClock::dayText($day))->format($format);
    }

    public function dayText(int $ahead): string
    {
        return WallClock::dayText($this->monday + $ahead);
    }

    /** @return Collection<int, Job> the first promised first, then by number */
    public function jobs(): Collection
    {
        return $this->jobs ??= $this->stands->jobs->sortBy(fn (Job $job) => [$job->promised_on?->format('Y-m-d') ?? '9', $job->number])->values();
    }

    /** @return Collection<int, Job> those in the table: all where that was asked for, or something is tried */
    public function shown(): Collection
    {
        return $this->isAll || $this->whatIf !== null ? $this->jobs() : $this->jobs()->filter(fn (Job $job, int $i) => $i < self::SHOWN || $this->isChanging($job))->values();
    }

    public function hidden(): int
    {
        return $this->jobs()->count() - $this->shown()->count();
    }

    public function isChanging(Job $job): bool
    {
        return $this->changing === $job->number;
    }

    /** @return array<int, string> the jobs it could be done before, by their numbers in the database */
    public function others(Job $job): array
    {
        return $this->jobs()->where('id', '!=', $job->id)->mapWithKeys(fn (Job $one) => [$one->id => "{$one->number} {$one->bike->label}"])->all();
    }

    public function planned(Job $job): ?PlannedJob
    {
        return $this->plan()->job($job);
    }

    /** The day a job will honestly be done; null where that cannot be said. */
    public function honest(Job $job): ?int
    {
        return self::dayOf($this->planned($job));
    }

    public function before(Job $job): ?int
    {
        return self::dayOf($this->stands->job($job));
    }

    public function careful(Job $job): ?int
    {
        return self::dayOf($this->plan()->careful($job));
    }

    /** Days after its promise; 0 where it holds, null without a promise or a date. */
    public function late(Job $job): ?int
    {
        $promised = $job->promised_on === null ? null : WallClock::day($job->promised_on->format('Y-m-d'));
        $honest = $this->honest($job);

        return $promised === null || $honest === null ? null : max(0, $honest - $promised);
    }

    public function reasons(Job $job): ?Reasons
    {
        $planned = $this->planned($job);

        return $planned === null ? null : Reasons::of($planned, $this->plan()->from);
    }

    /** What one could tell the customer: to be copied, nothing is sent by itself. The careful day is told, not the likely one. */
    public function words(Job $job): string
    {
        $day = $this->careful($job) ?? $this->honest($job);
        $parts = $job->parts_on?->format('j F');
        $waits = ($job->rest['parts'] ?? false) !== true ? '' : ' We wait for parts'.($parts === null ? '.' : ", which are to come on {$parts}.");

        return "Your {$job->bike->label} (number {$job->number}): ".($day === null
            ? 'we cannot name a day yet. '.rtrim($this->whyNoDate($job), '.').'.'
            : "we expect it to be ready on {$this->day($day, 'l j F')}.{$waits}");
    }

    /** Why nobody can put a day to a job. */
    public function whyNoDate(Job $job): string
    {
        foreach ($this->plan()->tasks($job) as $task) {
            if ($task->isEndless()) {
                return $task->label;
            }
        }

        return 'Nobody can do what is left.';
    }

    /** What a task of a job is called. */
    public function label(Job $job, string $code): string
    {
        foreach ($this->plan()->tasks($job) as $task) {
            if ($task->code === $code) {
                return $task->label;
            }
        }

        return $code;
    }

    public function who(?string $code): string
    {
        return $this->stands->people->firstWhere('id', (int) $code)?->firstName() ?? '';
    }

    /** @return Collection<int, User> */
    public function people(): Collection
    {
        return $this->stands->people;
    }

    /** @return Collection<int, Absence> those that are not over */
    public function absences(): Collection
    {
        return $this->stands->absences->filter(fn (Absence $one) => $one->to_on->isFuture() || $one->to_on->isToday())->values();
    }

    /** @return list<Load> of the week, person by person */
    public function load(): array
    {
        return array_values(array_filter($this->plan()->plan()->load, fn (Load $load) => $load->monday === $this->monday));
    }

    /** How long something takes, in words. */
    public function duration(int $minutes): string
    {
        return match (true) {
            $minutes >= 2 * WallClock::DAY => round($minutes / WallClock::DAY, 1).' days',
            $minutes >= 120 => round($minutes / 60, 1).' h',
            default => "{$minutes} min",
        };
    }

    private static function dayOf(?PlannedJob $planned): ?int
    {
        return $planned?->done === null ? null : intdiv(max(0, $planned->done - 1), WallClock::DAY);
    }
}
