<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Absence;
use App\Models\Job;
use App\Models\User;
use App\Models\Values\OpeningTimes;
use App\Models\Workshop;
use Closure;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Cache;
use NeatSpindle\Core\Whole\Calendar\Elsewhere;
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

    /** @var array<int, array<array-key, string>> what tasks are called that are no work, by job */
    private array $labels = [];

    /** @var array<int, string>|null by person */
    private ?array $firstNames = null;

    private ?Plan $plan = null;

    /** @var array<array-key, ?int>|null */
    private ?array $careful = null;

    /** @var array<array-key, PlannedJob>|null by job */
    private ?array $planned = null;

    /**
     * @param  Collection<int, Job>  $jobs  those that are open, by number
     * @param  Collection<int, User>  $people
     * @param  Collection<int, Absence>  $absences
     */
    private function __construct(
        public readonly OpeningTimes $opening, public readonly Wall $wall, public readonly Collection $jobs,
        public readonly Collection $people,
        public readonly Collection $absences, public readonly Minutes $minutes, private readonly Benches $benches,
        public readonly int $from,
    ) {}

    /** @param  ?Collection<int, Job>  $jobs  every open job with bike and customer, where they were read already */
    public static function of(Workshop $workshop, ?Collection $jobs = null): self
    {
        $wall = new Wall($workshop->time_zone);
        $people = User::query()->where('workshop_id', $workshop->id)->whereNull('shut_out_at')->orderBy('id')->get();
        $absences = Absence::query()->whereIn('user_id', $people->modelKeys())->whereNull('taken_back_at')->orderBy('from_on')->get();

        return new self(
            $workshop->hours ?? OpeningTimes::usual(), $wall, ($jobs ?? self::open($workshop))->whereNull('handed_over_at')
                ->sortBy('number')->values(), $people,
            $absences->each(fn (Absence $one) => $one->setRelation('user', $people->find($one->user_id))),
            Learned::of($workshop->id), Benches::of($workshop, $people), intdiv($wall->now(), self::QUARTER) * self::QUARTER,
        );
    }

    /** @return Collection<int, Job> */
    private static function open(Workshop $workshop): Collection
    {
        return Job::query()->where('workshop_id', $workshop->id)->whereNull('ended_at')->whereNull('handed_over_at')
            ->withCustomer()->with('bike')->get();
    }

    /** The same, if something were otherwise. */
    public function if(WhatIf $whatIf): self
    {
        $jobs = $this->jobs->map(fn (Job $job) => isset($whatIf->plans[$job->id]) ? (clone $job)->fill($whatIf->plans[$job->id]) : $job);
        $absences = $whatIf->absence === null ? $this->absences : $this->absences->concat([$whatIf->absence]);

        return new self($this->opening, $this->wall, $jobs, $this->people, $absences, $this->minutes, $this->benches, $this->from);
    }

    /** With what pieces of work mostly take. */
    public function plan(): Plan
    {
        return $this->plan ??= $this->kept('likely', fn (): Plan => Schedule::of($this->toPlan($this->minutes)));
    }

    /**
     * When each is done with what three of four of them take at the most: a time, or none.
     *
     * @return array<array-key, ?int> by job
     */
    private function carefully(): array
    {
        return $this->careful ??= $this->kept(
            'careful', fn (): array => $this->done(Schedule::of($this->toPlan($this->minutes->careful()))),
        );
    }

    public function job(Job $job): ?PlannedJob
    {
        $this->planned ??= array_column(array_map(fn (PlannedJob $one) => [$one->job->code, $one], $this->plan()->jobs), 1, 0);

        return $this->planned[$job->id] ?? null;
    }

    /** When a job is carefully done, a time; null where that cannot be said. */
    public function careful(Job $job): ?int
    {
        return $this->carefully()[$job->id] ?? null;
    }

    /**
     * When a bike that is not taken in yet begins, is likely done, and carefully: times, or none. It is planned after all others.
     *
     * @return array{?int, ?int, ?int}
     */
    public function newcomer(RestOfJob $rest): array
    {
        return $this->kept('newcomer '.serialize($rest), function () use ($rest): array {
            $planned = fn (Minutes $minutes): ?PlannedJob => collect(Schedule::of($this->toPlan($minutes, $rest))->jobs)->last();
            $likely = $planned($this->minutes);

            return [$likely->tasks[0]->start ?? null, $likely?->done, $planned($this->minutes->careful())?->done];
        });
    }

    /** @return array<array-key, ?int> when each is done, by job */
    private function done(Plan $plan): array
    {
        return array_column(array_map(fn (PlannedJob $one) => [$one->job->code, $one->done], $plan->jobs), 1, 0);
    }

    /** Whether bikes may have to wait for a stand. */
    public function isShortOfStands(): bool
    {
        return $this->benches->stands !== null;
    }

    /** The day a job will honestly be done, as the wall clock counts days; null where that cannot be said. */
    public function honest(Job $job): ?int
    {
        $done = $this->job($job)?->done;

        return $done === null ? null : self::dayOf($done);
    }

    /** The day of a last minute. */
    public static function dayOf(int $done): int
    {
        return intdiv(max(0, $done - 1), WallClock::DAY);
    }

    /** Whether its promise is over, or will not hold as things stand. */
    public function isLate(Job $job): bool
    {
        $promised = $job->promisedDay();

        return $promised !== null && max($this->honest($job) ?? 0, intdiv($this->from, WallClock::DAY)) > $promised;
    }

    /** Who does a task, by first name; null where nobody here does. */
    public function firstName(?string $person): ?string
    {
        $this->firstNames ??= $this->people->mapWithKeys(fn (User $user) => [$user->id => $user->firstName()])->all();

        return $person === null ? null : $this->firstNames[(int) $person] ?? null;
    }

    /** What a task of a job is called. */
    public function label(Job $job, string $code): string
    {
        $names = $this->labels[$job->id] ??= array_column(
            array_map(fn (Elsewhere $one) => [$one->code, $one->label()], $job->inOtherHands()->open()), 1, 0,
        ) + ['parts' => $this->restOf($job)->label('parts', $job->parts_on !== null)];

        return $names[$code] ?? $this->restOf($job)->label($code, true);
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $make
     * @return T
     */
    private function kept(string $what, Closure $make): mixed
    {
        return Cache::remember('plan '.hash('xxh128', "{$this->mark()} {$what}"), now()->addMinutes(self::KEPT_MINUTES), $make);
    }

    /** By which all that a plan follows from is known again. */
    private function mark(): string
    {
        return $this->mark ??= hash('xxh128', serialize([
            $this->from, $this->opening->toArray(), $this->wall->ahead(now()), $this->minutes,
            $this->people->map(fn (User $user) => $user->id)->all(), $this->benches,
            $this->absences->map(fn (Absence $one) => [$one->user_id, $one->from_on->format('Ymd'), $one->to_on->format('Ymd')])->all(),
            $this->jobs->map(fn (Job $job) => array_intersect_key($job->getAttributes(), array_flip(self::MAKES_A_PLAN)))->all(),
        ]));
    }

    /** @param  ?RestOfJob  $newcomer  planned after all others */
    private function toPlan(Minutes $minutes, ?RestOfJob $newcomer = null): WorkshopToPlan
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
        if ($newcomer !== null) {
            $jobs[] = new JobToPlan(self::NEWCOMER, null, array_column($newcomer->tasks(new Terms($minutes, $this->from)), 'task'));
        }

        return new WorkshopToPlan($this->from, $this->opening->toHours(), array_values($people->all()), $jobs, $this->benches->stands);
    }

    /** @return array<int, ?int> as urgent as what is promised for a day, by job, in the order in which equals are planned */
    private function turns(): array
    {
        $promised = [];
        $before = [];
        foreach ($this->jobs as $job) {
            $promised[$job->id] = $job->promisedDay();
            $before[$job->id] = $job->before_id;
        }

        return Turns::of($promised, array_filter($before, is_int(...)));
    }

    /** @return list<Task> */
    private function tasks(Job $job, Minutes $minutes): array
    {
        $partsAt = $job->parts_on === null ? null : (int) WallClock::day($job->parts_on->format('Y-m-d')) * WallClock::DAY;

        $terms = new Terms(
            $minutes, $this->from, $partsAt, array_values($job->inOtherHands()->open()), $this->benches->named($job->hands ?? []),
        );

        return array_column($this->restOf($job)->onTheWall($this->wall->ahead(now()))->tasks($terms), 'task');
    }

    private function restOf(Job $job): RestOfJob
    {
        return $this->rests[$job->id] ??= $job->rest === null ? RestOfJob::untouched() : RestOfJob::fromArray($job->rest);
    }
}
