<?php

declare(strict_types=1);

namespace App\View\Workshop;

use App\Models\Job;
use App\Models\User;
use App\Models\WaitsFor;
use App\Planning\WorkshopPlan;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Whole\Schedule\WallClock;

use function intdiv;
use function is_string;

/** Every job by what it waits for, or those that are looked for. */
class BenchPage
{
    private const LONGEST_SEARCH = 80;

    public readonly string $find;

    private ?WorkshopPlan $plan = null;

    /** @var Collection<int, Job> */
    private readonly Collection $jobs;

    /** @param  mixed  $find  from the address */
    public function __construct(public readonly User $user, mixed $find)
    {
        $this->find = is_string($find) ? mb_substr(trim($find), 0, self::LONGEST_SEARCH) : '';
        $this->jobs = Job::query()->whereNull('ended_at')->withCustomer()->with(['bike', 'assignee'])->orderByRaw('promised_on is null, promised_on')->orderBy('number')->get();
    }

    /** The day a job will honestly be done; null where that cannot be said. */
    public function honest(Job $job): ?Carbon
    {
        $done = $this->plan()->job($job)?->done;

        return $done === null ? null : Carbon::parse(WallClock::dayText(intdiv($done - 1, WallClock::DAY)));
    }

    /** Whether its promise will not hold as things stand. */
    public function isLate(Job $job): bool
    {
        $honest = $this->honest($job);

        return $job->promised_on !== null && ($job->promised_on->isBefore(today()) || ($honest !== null && $honest->greaterThan($job->promised_on)));
    }

    private function plan(): WorkshopPlan
    {
        return $this->plan ??= WorkshopPlan::of($this->user->workshop()->firstOrFail(), $this->jobs);
    }

    public function isEmpty(): bool
    {
        return $this->jobs->isEmpty();
    }

    /** @return Collection<int, Job> */
    public function found(): Collection
    {
        return $this->find === '' ? $this->jobs : $this->jobs->filter($this->isFound(...))->values();
    }

    /** @return Collection<int, Job> */
    public function waitingFor(WaitsFor $wait): Collection
    {
        return $this->found()->where('waits_for', $wait)->values();
    }

    private function isFound(Job $job): bool
    {
        $words = "{$job->number} {$job->bike->label} {$job->customer_name} {$job->next_step}";

        return str_contains(mb_strtolower($words), mb_strtolower($this->find));
    }
}
