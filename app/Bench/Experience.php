<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Job;
use App\Models\Recheck;
use Illuminate\Database\Eloquent\Builder;
use NeatSpindle\Core\Prove\RecheckPlan;

/** What was found twice or more on bikes of the same kind with a motor of the same mount, by the step it was found at: said where the hand is, and from which job it comes. */
class Experience
{
    /** Older ones are not looked through. */
    private const MOST_JOBS = 50;

    /** @return array<string, list<string>> in words, by the step's code */
    public static function for(OpenJob $open): array
    {
        $mount = $open->mount();
        $said = [];
        foreach ($mount === null ? [] : self::likeJobs($open->job, $mount->code()) as $job) {
            $found = array_values($job->rechecks->map(fn (Recheck $recheck) => $recheck->found())->all());
            foreach (RecheckPlan::findings($found) as $code => [$how, $times]) {
                $said[$code][] = "From job {$job->number}: {$how->label()}, found {$times} times when it came back.";
            }
        }

        return $said;
    }

    /** @return iterable<Job> */
    private static function likeJobs(Job $job, string $mount): iterable
    {
        return Job::query()->whereKeyNot($job->id)->where('workshop_id', $job->workshop_id)->has('rechecks', '>=', 2)
            ->whereHas('bike', fn (Builder $bike) => $bike->where('kind', $job->bike->kind))
            ->whereHas('kit.motor', fn (Builder $motor) => $motor->where('mount', $mount))
            ->with('rechecks.items')->latest('id')->limit(self::MOST_JOBS)->get();
    }
}
