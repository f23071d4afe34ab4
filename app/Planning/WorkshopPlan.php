<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Absence;
use App\Models\Job;
use App\Models\User;
use App\Models\Values\OpeningTimes;
use App\Models\Workshop;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Cache;
use NeatSpindle\Core\Whole\Calendar\Minutes;
use NeatSpindle\Core\Whole\Calendar\RestOfJob;
use NeatSpindle\Core\Whole\Calendar\Terms;
use NeatSpindle\Core\Whole\Calendar\Turns;
use NeatSpindle\Core\Whole\Schedule\JobToPlan;
use NeatSpindle\Core\Whole\Schedule\Person;
use NeatSpindle\Core\Whole\Schedule\Plan;
use NeatSpindle\Core\Whole\Schedule\PlannedJob;
use NeatSpindle\Core\Whole\Schedule\Schedule;
use NeatSpindle\Core\Whole\Schedule\Task;
use NeatSpindle\Core\Whole\Schedule\WallClock;
use NeatSpindle\Core\Whole\Schedule\Workshop as WorkshopToPlan;
use WeakMap;

use function array_column;
use function array_filter;
use function array_flip;
use function array_intersect_key;
use function array_map;
use function array_values;
use function intdiv;
use function is_int;

/**
 * Every open job of a workshop in time: what is still to be done, by whom, and when each will honestly be done. Worked out once for what
 * stands, and kept until something of it changes or a quarter of an hour is over.
 */
class WorkshopPlan
{
    /** By the wall, nothing is planned before the quarter of an hour that runs. */
    private const QUARTER = 15;

    private const KEPT_MINUTES = 120;

    private const NEWCOMER = 'new';

    /** What of a job's row its plan follows from. */
    private const MAKES_A_PLAN = ['id', 'number', 'rest', 'promised_on', 'parts_on', 'before_id', 'elsewhere', 'hands'];

    private ?string $mark = null;

    /** @var array<int, RestOfJob> by job */
    private array $rests = [];

    private ?Plan $plan = null;

    private ?Plan $careful = null;

    /** @var WeakMap<Plan, array<string, PlannedJob>>|null jobs of each plan by code */
    private ?WeakMap $indexes = null;

    /**
     * @param  Collection<int, Job>  $jobs  those that are open, by number
     * @param  Collection<int, User>  $people
     * @param  Collection<int, Absence>  $absences
     */
    private function __construct(
        public readonly OpeningTimes $opening, public readonly Wall $wall, public readonly Collection $jobs, public readonly Collection $people,
        public readonly Collection $absences, public readonly Minutes $minutes, private readonly Benches $benches, public readonly int $from,
        private readonly ?RestOfJob $newcomer = null,
    ) {}

    /** @param  ?Collection<int, Job>  $jobs  every open job with bike and customer, where they were read already */
    public static function of(Workshop $workshop, ?Collection $jobs = null): self
    {
        $wall = new Wall($workshop->time_zone);
        $people = User::query()->where('workshop_id', $workshop->id)->whereNull('shut_out_at')->orderBy('id')->get();
        $absences = Absence::query()->whereIn('user_id', $people->modelKeys())->whereNull('taken_back_at')->orderBy('from_on')->get();

        return new self(
            $workshop->hours ?? OpeningTimes::usual(), $wall, ($jobs ?? self::open($workshop))->whereNull('handed_over_at')->sortBy('number')->values(), $people,
            $absences->each(fn (Absence $one) => $one->setRelation('user', $people->find($one->user_id))),
            Learned::of($workshop->id), Benches::of($workshop, $people), intdiv($wall->now(), self::QUARTER) * self::QUARTER,
        );
    }

    /** @return Collection<int, Job> */
    private static function open(Workshop $workshop): Collection
    {
        return Job::query()->where('workshop_id', $workshop->id)->whereNull('ended_at')->whereNull('handed_over_at')
            ->withCustomer()->with(['bike', 'assignee'])->get();
    }

    /** The same, if something were otherwise. */
    public function if(WhatIf $whatIf): self
    {
        $jobs = $this->jobs->map(fn (Job $job) => $job->id === $whatIf->job ? (clone $job)->fill($whatIf->plan) : $job);
        $absences = $whatIf->absence === null ? $this->absences : $this->absences->concat([$whatIf->absence]);

        return new self($this->opening, $this->wall, $jobs, $this->people, $absences, $this->minutes, $this->benches, $this->from, $whatIf->newcomer);
    }

    /** With what pieces of work mostly take. */
    public function plan(): Plan
    {
        return $this->plan ??= $this->kept($this->minutes, 'likely');
    }

    /** With what three of four of them take at the most. */
    private function carefulPlan(): Plan
    {
        return $this->careful ??= $this->kept($this->minutes->careful(), 'careful');
    }

    public function job(Job $job): ?PlannedJob
    {
        return $this->jobIn($this->plan(), (string) $job->id);
    }

    /** The same with a careful date. */
    public function careful(Job $job): ?PlannedJob
    {
        return $this->jobIn($this->carefulPlan(), (string) $job->id);
    }

    /** @return array{?PlannedJob, ?PlannedJob} the bike that is not taken in yet, likely and careful */
    public function newcomer(): array
    {
        return [$this->jobIn($this->plan(), self::NEWCOMER), $this->jobIn($this->carefulPlan(), self::NEWCOMER)];
    }

    private function jobIn(Plan $plan, string $code): ?PlannedJob
    {
        $this->indexes ??= new WeakMap;
        $this->indexes[$plan] ??= array_column(
            array_map(fn (PlannedJob $one) => ['code' => "job {$one->job->code}", 'job' => $one], $plan->jobs), 'job', 'code',
        );

        return $this->indexes[$plan]["job {$code}"] ?? null;
    }

    /** The day a job will honestly be done; null where that cannot be said. */
    public function honest(Job $job): ?Carbon
    {
        $done = $this->job($job)?->done;

        return $done === null ? null : Carbon::parse(WallClock::dayText(intdiv(max(0, $done - 1), WallClock::DAY)));
    }

    /** Whether its promise is over, or will not hold as things stand. */
    public function isLate(Job $job): bool
    {
        return $job->promised_on !== null && ($job->promised_on->isBefore(today()) || $this->honest($job)?->greaterThan($job->promised_on) === true);
    }

    /** What a task of a job is called. */
    public function label(Job $job, string $code): string
    {
        foreach ($job->inOtherHands()->open() as $elsewhere) {
            if ($elsewhere->code === $code) {
                return $elsewhere->label();
            }
        }

        return $this->restOf($job)->label($code, $job->parts_on !== null);
    }

    private function kept(Minutes $minutes, string $how): Plan
    {
        return Cache::remember(
            "plan {$this->mark()} {$how}", now()->addMinutes(self::KEPT_MINUTES), fn () => Schedule::of($this->toPlan($minutes)),
        );
    }

    /** By which all that a plan follows from is known again. */
    private function mark(): string
    {
        return $this->mark ??= hash('xxh128', serialize([
            $this->from, $this->opening->toArray(), $this->wall->ahead(now()), $this->minutes, $this->newcomer,
            $this->people->map(fn (User $user) => $user->id)->all(), $this->benches,
            $this->absences->map(fn (Absence $one) => [$one->user_id, $one->from_on->format('Ymd'), $one->to_on->format('Ymd')])->all(),
            $this->jobs->map(fn (Job $job) => array_intersect_key($job->getAttributes(), array_flip(self::MAKES_A_PLAN)))->all(),
        ]));
    }

    private function toPlan(Minutes $minutes): WorkshopToPlan
    {
        $away = $this->absences->groupBy('user_id');
        $people = $this->people->map(fn (User $user) => new Person(
            (string) $user->id, array_column($this->benches->doneBy($user->id), 'value'),
            array_values(($away->get($user->id) ?? new Collection)->map(fn (Absence $one) => [
                (int) WallClock::day($one->from_on->format('Y-m-d')), (int) WallClock::day($one->to_on->format('Y-m-d')),
            ])->all()),
        ));
        $jobs = [];
        $tasks = $this->jobs->mapWithKeys(fn (Job $job) => [$job->id => $this->tasks($job, $minutes)])->all();
        foreach ($this->turns() as $id => $turn) {
            $jobs[] = new JobToPlan((string) $id, $turn, $tasks[$id]);
        }
        if ($this->newcomer !== null) {
            $jobs[] = new JobToPlan(self::NEWCOMER, null, array_column($this->newcomer->tasks(new Terms($minutes, $this->from)), 'task'));
        }

        return new WorkshopToPlan($this->from, $this->opening->toHours(), array_values($people->all()), $jobs, $this->benches->stands);
    }

    /** @return array<int, ?int> as urgent as what is promised for a day, by job, in the order in which equals are planned */
    private function turns(): array
    {
        $promised = [];
        $before = [];
        foreach ($this->jobs as $job) {
            $promised[$job->id] = $job->promised_on === null ? null : WallClock::day($job->promised_on->format('Y-m-d'));
            $before[$job->id] = $job->before_id;
        }

        return Turns::of($promised, array_filter($before, is_int(...)));
    }

    /** @return list<Task> */
    private function tasks(Job $job, Minutes $minutes): array
    {
        $partsAt = $job->parts_on === null ? null : (int) WallClock::day($job->parts_on->format('Y-m-d')) * WallClock::DAY;

        $terms = new Terms($minutes, $this->from, $partsAt, array_values($job->inOtherHands()->open()), $this->benches->named($job->hands ?? []));

        return array_column($this->restOf($job)->onTheWall($this->wall->ahead(now()))->tasks($terms), 'task');
    }

    private function restOf(Job $job): RestOfJob
    {
        return $this->rests[$job->id] ??= $job->rest === null ? RestOfJob::untouched() : RestOfJob::fromArray($job->rest);
    }
}
