<?php

declare(strict_types=1);

namespace App\View\Workshop;

use App\Models\Job;
use App\Models\Stage;
use App\Models\User;
use App\Models\WaitsFor;
use App\Planning\Notice;
use App\Planning\Notices;
use App\Planning\WorkshopPlan;
use App\View\Calendar\DatesTable;
use Illuminate\Support\Collection;
use Illuminate\Support\HtmlString;
use NeatSpindle\Core\Whole\Schedule\WallClock;

use function is_string;
use function preg_match;

/** Every job by what it waits for, or those that are looked for. */
class BenchPage
{
    private const LONGEST_SEARCH = 80;

    private const ENDED_SHOWN = 20;

    /** So many stand under what they wait for before the rest is asked for. */
    private const SHOWN = 25;

    public readonly string $find;

    public readonly ?int $who;

    private ?WorkshopPlan $plan = null;

    /** @var array<string, HtmlString> */
    private array $stations = [];

    /** @var Collection<string, Collection<int, Job>>|null */
    private ?Collection $byWait = null;

    /** @var Collection<int, Job> */
    private readonly Collection $jobs;

    /**
     * @param  mixed  $find  from the address
     * @param  mixed  $who  whose jobs, by the person's number, from the address
     * @param  bool  $isWeek  only what is promised, done or back until this week is over
     */
    public function __construct(public readonly User $user, mixed $find, mixed $who = null, private readonly bool $isAll = false, public readonly bool $isWeek = false)
    {
        $this->find = is_string($find) ? mb_substr(trim($find), 0, self::LONGEST_SEARCH) : '';
        $this->who = is_string($who) && preg_match('/^\d{1,18}$/D', $who) === 1 ? (int) $who : null;
        $this->jobs = Job::query()->onTheBench()->withCustomer()->with(['bike', 'assignee'])
            ->orderByRaw('promised_on is null, promised_on')->orderBy('number')->get();
    }

    /**
     * The bench as it is looked at, but for something.
     *
     * @param  array<string, int|string|null>  $other
     */
    public function address(array $other): string
    {
        return route('bench', array_filter([...['who' => $this->who, 'week' => $this->isWeek ? 'this' : null, 'find' => $this->find ?: null], ...$other]));
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

    /** What somebody should look at today. */
    public function notices(): Notices
    {
        return Notices::of($this->plan(), $this->jobs);
    }

    /** Where one looks at what a notice is about. */
    public function whereTo(Notice $notice, Job $job): string
    {
        return match ($notice) {
            Notice::Promise, Notice::Delivery, Notice::OtherHands => route('calendar', ['change' => $job->number])."#dates-{$job->number}",
            Notice::Decision, Notice::Cured, Notice::Recheck => route("job.{$job->stage->value}", $job),
        };
    }

    /** @return Collection<int, Job> what has ended or left and is looked for, the last first */
    public function ended(): Collection
    {
        if ($this->find === '') {
            return new Collection;
        }
        $like = '%'.addcslashes($this->find, '%_\\').'%';

        return Job::query()->whereKeyNot($this->jobs->modelKeys())->withCustomer()->with('bike')
            ->where(fn ($jobs) => $jobs->where('number', $this->find)
                ->orWhereHas(
                    'bike',
                    fn ($bikes) => $bikes->where('label', 'like', $like)->orWhereHas(
                        'customer', fn ($people) => $people->where('name', 'like', $like),
                    ),
                ))
            ->orderByDesc('number')->limit(self::ENDED_SHOWN)->get();
    }

    /** The day a job will honestly be done, in words; null where that cannot be said. */
    public function honest(Job $job): ?string
    {
        $day = $this->plan()->honest($job);

        return $day === null ? null : DatesTable::day($day, 'j M');
    }

    /** The day it is promised for, in words; null where none is. */
    public function promised(Job $job): ?string
    {
        $day = $job->promisedDay();

        return $day === null ? null : DatesTable::day($day);
    }

    /** Whether its promise will not hold as things stand; what has left has kept its own or not. */
    public function isLate(Job $job): bool
    {
        return $job->handed_over_at === null && $this->plan()->isLate($job);
    }

    private function plan(): WorkshopPlan
    {
        return $this->plan ??= WorkshopPlan::of($this->user->workshop()->firstOrFail(), $this->jobs);
    }

    /** The line of places with the one a job is at, each drawn once a page. */
    public function stations(Stage $stage): HtmlString
    {
        return $this->stations[$stage->value] ??= new HtmlString(view('components.stations', ['stage' => $stage])->render());
    }

    public function isEmpty(): bool
    {
        return $this->jobs->isEmpty();
    }

    /** @return Collection<int, Job> */
    public function found(): Collection
    {
        $jobs = $this->who === null ? $this->jobs : $this->jobs->where('assignee_id', $this->who)->values();
        $jobs = $this->isWeek ? $jobs->filter($this->isThisWeek(...))->values() : $jobs;

        return $this->find === '' ? $jobs : $jobs->filter($this->isFound(...))->values();
    }

    /** @return Collection<int, Job> all of them where that was asked for, or one looks for something */
    public function waitingFor(WaitsFor $wait): Collection
    {
        return $this->isAll || $this->find !== '' ? $this->allWaitingFor($wait) : $this->allWaitingFor($wait)->take(self::SHOWN);
    }

    public function moreWaitingFor(WaitsFor $wait): int
    {
        return $this->allWaitingFor($wait)->count() - $this->waitingFor($wait)->count();
    }

    /** @return Collection<int, Job> */
    private function allWaitingFor(WaitsFor $wait): Collection
    {
        $this->byWait ??= $this->found()->groupBy(fn (Job $job) => $job->waits_for->value);

        return $this->byWait->get($wait->value) ?? new Collection;
    }

    /** Whether it is promised or will be done until this week is over; or comes back until then. */
    private function isThisWeek(Job $job): bool
    {
        $sunday = WallClock::mondayOf((int) WallClock::day(today()->format('Y-m-d'))) + 6;
        $back = $job->comes_back_on === null ? null : WallClock::day($job->comes_back_on->format('Y-m-d'));
        $day = $job->handed_over_at === null ? min($job->promisedDay() ?? PHP_INT_MAX, $this->plan()->honest($job) ?? PHP_INT_MAX) : $back ?? PHP_INT_MAX;

        return $day <= $sunday;
    }

    private function isFound(Job $job): bool
    {
        $words = "{$job->number} {$job->bike->label} {$job->customer_name} {$job->next_step}";

        return str_contains(mb_strtolower($words), mb_strtolower($this->find));
    }
}
