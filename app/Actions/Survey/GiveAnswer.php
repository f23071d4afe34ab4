<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use App\Actions\JobAction;
use App\Models\Answer;
use App\Models\Job;
use App\Models\User;
use NeatSpindle\Core\Measuring\Survey\Spot;

/** Keeps what was answered at a spot; a later answer supersedes. */
class GiveAnswer extends JobAction
{
    /**
     * @param  ?string  $seen  the answer the person saw, empty where none was given; null where nothing is said of it
     *
     * @throws FoundMeanwhile when somebody else has answered otherwise since
     */
    public function __invoke(Job $job, User $by, Spot $spot, string $value, ?string $seen = null): void
    {
        ($this->change)($job, $by, 'work', null, function () use ($job, $by, $spot, $value, $seen): void {
            $stands = Answer::query()->where('job_id', $job->id)->where('question', $spot->value)->whereNull('superseded_at')->with('user')->first();
            if ($stands !== null && $seen !== null && $stands->value !== $seen && $stands->value !== $value) {
                throw FoundMeanwhile::answer($stands);
            }
            Answer::give($job, $by, $spot->value, $value);
        });
    }
}
