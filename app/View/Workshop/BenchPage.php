<?php

declare(strict_types=1);

namespace App\View\Workshop;

use App\Models\Job;
use App\Models\User;
use App\Models\WaitsFor;
use App\Planning\WorkshopPlan;
use App\View\Calendar\DatesTable;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Whole\Schedule\WallClock;

use function is_string;
use function preg_match;

/** Every job by what it waits for, or those that are looked for. */
class BenchPage
{
    private const LONGEST_SEARCH = 80;

    private const ENDED_SHOWN = 20;

    public readonly string $find;

    public readonly ?int $who;

    private ?WorkshopPlan $plan = null;

    /** @var Collection<int, Job> */
    private readonly Collection $jobs;

    /**
     * @param  mixed  $find  from the address
     * @param  mixed  $who  whose jobs, by the person's number, from the address
     */
    public function __construct(public readonly User $user, mixed $find, mixed $who = null)
    {
        $this->find = is_string($find) ? mb_substr(trim($find), 0, self::LONGEST_SEARCH) : '';
        $this->who = is_string($who) && preg_match('/^\d{1,18}$/D', $who) === 1 ? (int) $who : null;
        $this->jobs = Job::query()->whereNull('ended_at')->withCustomer()->with(['bike', 'assignee'])->orderByRaw('promised_on is null, promised_on')->orderBy('number')->get();
    }

    /** @return Collection<int, User> */
    public function people(): Collection
    {
        return $this->plan()->people;
    }

    /** @return array{job: Job, what: string, minutes: int}|null what this person can do next, as the plan has it; null where there is nothing */
    public function nextForMe(): ?array
    {
        $next = null;
        foreach ($this->plan()->plan()->jobs as $planned) {
            foreach ($planned->tasks as $task) {
                if ($task->who === (string) $this->user->id && $task->start !== null && ($next === null || $task->start < $next[1]->start)) {
                    $next = [(int) $planned->job->code, $task];
                }
            }
        }
        $job = $next === null ? null : $this->jobs->firstWhere('id', $next[0]);

        return $next === null || $job === null ? null : [
            'job' => $job, 'what' => $this->plan()->label($job, $next[1]->task->code), 'minutes' => $next[1]->task->minutes,
        ];
    }

    /** @return array<string, Collection<int, Job>> what somebody should look at, by what it is; nothing where there is none */
    public function notices(): array
    {
        $open = $this->jobs->whereNull('handed_over_at');

        return array_filter([
            'Promises that will not hold' => $open->filter($this->isLate(...))->values(),
            'Deliveries that are late' => $open->filter(fn (Job $job) => ($job->rest['parts'] ?? false) === true && $job->parts_on?->isBefore(today()) === true)->values(),
        ], fn (Collection $jobs) => $jobs->isNotEmpty());
    }

    /** @return Collection<int, Job> what has ended and is looked for, the last first */
    public function ended(): Collection
    {
        if ($this->find === '') {
            return new Collection;
        }
        $like = '%'.addcslashes($this->find, '%_\\').'%';

        return Job::query()->whereNotNull('ended_at')->withCustomer()->with('bike')
            ->where(fn ($jobs) => $jobs->where('number', $this->find)
                ->orWhereHas(
                    'bike',
                    fn ($bikes) => $bikes->where('label', 'like', $like)->orWhereHas('customer', fn ($people) => $people->where('name', 'like', $like)),
                ))
            ->latest('ended_at')->limit(self::ENDED_SHOWN)->get();
    }

    /** The day a job will honestly be done; null where that cannot be said. */
    public function honest(Job $job): ?Carbon
    {
        $day = DatesTable::dayOf($this->plan()->job($job));

        return $day === null ? null : Carbon::parse(WallClock::dayText($day));
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
        $jobs = $this->who === null ? $this->jobs : $this->jobs->where('assignee_id', $this->who)->values();

        return $this->find === '' ? $jobs : $jobs->filter($this->isFound(...))->values();
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
