<?php

declare(strict_types=1);

namespace App\Actions;

use App\Bench\Departure;
use App\Bench\OpenJob;
use App\Bench\Progress;
use App\Bench\RestOfWork;
use App\Models\Job;
use App\Models\Longest;
use App\Models\StandingRows;
use App\Models\User;
use Closure;
use Illuminate\Contracts\Auth\Access\Gate;
use Illuminate\Support\Facades\DB;

use function in_array;

/**
 * The one door for changes to a job: whether the person may is asked, the job is held so that nobody else writes to it
 * meanwhile, and read anew; then it is changed, its version goes up, and where it stands is worked out once.
 */
class ChangeJob
{
    /** Two changes of different jobs may stand in each other's way in the database; the later one is tried again. */
    private const ATTEMPTS = 3;

    /** What may still be done once a bike was handed over. */
    private const AFTER_HAND_OVER = ['takeBack', 'comeBack', 'shareSheet', 'erase'];

    /** And once a job ended without one. */
    private const AFTER_ITS_END = ['takeUpAgain', 'erase'];

    private bool $isInOneGo = false;

    private ?OpenJob $stands = null;

    public function __construct(private readonly Gate $gate, private readonly Submission $submission, private readonly Written $written) {}

    /**
     * @template T
     *
     * @param  string  $ability  what a person must be allowed, of `JobPolicy`
     * @param  ?int  $seen  the version the person saw; null for a change that overwrites nothing
     * @param  Closure(OpenJob): T  $change  checks and writes, against the job as it stands
     * @return T
     *
     * @throws JobHasEnded when nothing of it is changed any more
     * @throws HandedOverAlready when the bike has left
     * @throws JobChangedMeanwhile when somebody else was quicker
     * @throws TakenInAlready when the form that asks for it was taken in before
     */
    public function __invoke(Job $job, User $by, string $ability, ?int $seen, Closure $change): mixed
    {
        return DB::transaction(function () use ($job, $by, $ability, $seen, $change): mixed {
            $this->submission->claim($by);

            return $this->asPartOfMore($job, $by, $ability, $seen, $change);
        }, self::ATTEMPTS);
    }

    /**
     * A change of a job that is part of one of more than this job: to be asked for inside the transaction of that, before the workshop is
     * held, job after job in the order of their ids.
     *
     * @template T
     *
     * @param  Closure(OpenJob): T  $change
     * @return T
     */
    public function asPartOfMore(Job $job, User $by, string $ability, ?int $seen, Closure $change): mixed
    {
        $held = Job::opened($job->id, isToBeChanged: true);
        $this->expectItMay($held, $by, $ability, $seen);
        $before = OpenJob::of($held);
        $ends = StandingRows::ends($held);
        [$result, $tables] = $this->written->during(fn (): mixed => $change($before));
        $held->forceFill(['version' => $held->version + 1, 'changed_by_id' => $by->id]);
        $this->isInOneGo ?: $this->keepProgress($this->stands = $this->renewed($held, $before, $tables, $ends === StandingRows::ends($held)));
        $held->save();
        $job->setRawAttributes($held->getAttributes(), true);

        return $result;
    }

    private function expectItMay(Job $held, User $by, string $ability, ?int $seen): void
    {
        $this->gate->forUser($by)->authorize($ability, $held);
        if ($held->ended_at !== null && ! in_array($ability, self::AFTER_ITS_END, true)) {
            throw JobHasEnded::on($held);
        }
        if ($held->handed_over_at !== null && ! in_array($ability, self::AFTER_HAND_OVER, true)) {
            throw HandedOverAlready::on($held);
        }
        if ($seen !== null && $seen !== $held->version) {
            throw JobChangedMeanwhile::job($held);
        }
    }

    /**
     * Many changes of one job in a row: where it stands is worked out once, after the last.
     *
     * @param  Closure(): mixed  $changes
     */
    public function inOneGo(Job $job, Closure $changes): void
    {
        $this->isInOneGo = true;
        try {
            $changes();
        } finally {
            $this->isInOneGo = false;
        }
        $open = $this->stands = OpenJob::of(Job::opened($job->id));
        $this->keepProgress($open);
        $open->job->save();
    }

    /** A job as it stands: as the change of this request has left it, where there was one. */
    public function standing(Job $job): OpenJob
    {
        return $this->stands !== null && $this->stands->job->id === $job->id ? $this->stands : OpenJob::of(Job::opened($job->id));
    }

    /**
     * @param  list<string>  $tables  that were written to
     * @param  bool  $endsAsBefore  whether it is stopped, handed over or ended as it was before
     */
    private function renewed(Job $held, OpenJob $before, array $tables, bool $endsAsBefore): OpenJob
    {
        $renewed = StandingRows::renew($held, $tables);

        return $endsAsBefore && $renewed === StandingRows::TICKS ? $before->afterTicks($held) : new OpenJob($held, $before->catalogue);
    }

    private function keepProgress(OpenJob $open): void
    {
        $progress = Progress::of($open);
        $waitsOn = $progress->waitsFor === $open->job->waits_for && $progress->next === $open->job->next_step;
        $open->job->fill([
            'waits_since' => $waitsOn ? $open->job->waits_since ?? now() : now(),
            'stage' => $progress->stage,
            'waits_for' => $progress->waitsFor,
            'next_step' => Longest::cut($progress->next, Longest::NEXT_STEP),
            'next_at' => $progress->at,
            'comes_back_on' => $open->the(Departure::class)->comesBackOn(),
            'rest' => RestOfWork::of($open, $progress)->toArray(),
        ]);
    }
}
