<?php

declare(strict_types=1);

namespace App\View\Calendar;

use App\Models\Absence;
use App\Models\Job;
use App\Models\Motor;
use App\Models\User;
use App\Models\Workshop;
use App\Planning\UsualPieces;
use App\Planning\WhatIf;
use App\Planning\WorkshopPlan;
use App\View\Drawings\WeekView;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Whole\Schedule\Load;
use NeatSpindle\Core\Whole\Schedule\WallClock;

use function intdiv;
use function is_string;
use function min;

/** A week of the workshop by person, and every open job with its promised and its honest date. */
class CalendarPage
{
    public readonly int $monday;

    /** The one day that is looked at from near; null for the whole week. */
    public readonly ?int $near;

    private readonly WorkshopPlan $stands;

    private readonly ?WorkshopPlan $tried;

    private ?DatesTable $dates = null;

    private ?UsualPieces $newcomer = null;

    /**
     * @param  mixed  $week  a day of the week to look at, from the address
     * @param  mixed  $day  one day to look at from near, from the address
     */
    public function __construct(
        private readonly User $user, mixed $week, public readonly ?WhatIf $whatIf = null, public readonly ?Job $job = null, mixed $day = null,
        public readonly Newcomer $asked = new Newcomer, private readonly ?int $changing = null, private readonly bool $isAll = false,
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

    /** Whoever is at the bench may say what is in other hands, and how a customer is reached. */
    public function mayWork(): bool
    {
        return $this->user->can('startJob', $this->user->workshop);
    }

    public function dates(): DatesTable
    {
        return $this->dates ??= new DatesTable($this->stands, $this->tried, $this->changing, $this->isAll);
    }

    public function isEmpty(): bool
    {
        return $this->stands->jobs->isEmpty();
    }

    public function week(): WeekView
    {
        return $this->near === null ? new WeekView($this->plan(), $this->monday) : new WeekView($this->plan(), $this->near, 1);
    }

    /** @return array{int, int, int}|null when a bike could come that nobody has taken in yet, and when it would be ready, likely and carefully */
    public function ifItCame(): ?array
    {
        [$starts, $ready, $late] = $this->stands->newcomer($this->newcomer()->rest);

        return $starts === null || $ready === null || $late === null ? null : [
            intdiv($starts, WallClock::DAY), WorkshopPlan::dayOf($ready), WorkshopPlan::dayOf($late),
        ];
    }

    /** How much work the bike would be that one asks about. */
    public function newcomer(): UsualPieces
    {
        return $this->newcomer ??= UsualPieces::of($this->user->workshop_id, $this->asked->kind, $this->asked->motor, $this->asked->awaitsParts);
    }

    /** @return array<string, string> motors of the catalogue, by code */
    public function motors(): array
    {
        return Motor::query()->where('workshop_id', $this->user->workshop_id)->orderBy('name')->pluck('name', 'code')->all();
    }

    public function title(): string
    {
        return $this->near === null ? WallClock::weekText($this->monday) : DatesTable::day($this->near, 'l j F');
    }

    public function dayText(int $ahead): string
    {
        return WallClock::dayText($this->monday + $ahead);
    }

    public function who(?string $code): string
    {
        return $this->stands->firstName($code) ?? '';
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
}
