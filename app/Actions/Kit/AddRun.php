<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\JobAction;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\Run;
use App\Models\User;
use NeatSpindle\Core\Fitting\Route\Run as ToLay;

use function in_array;

/**
 * Adds a run: one of those that are usual, or one of one's own.
 *
 * @phpstan-import-type RunFields from Run
 */
class AddRun extends JobAction
{
    /** @param  RunFields  $run */
    public function __invoke(Job $job, User $by, array $run): void
    {
        ($this->change)($job, $by, 'work', null, function (OpenJob $open) use ($job, $run): void {
            $run = isset($run['role']) ? Run::usual($run['role'], $open->motor()?->papers->harness) : $run;
            $places = $open->laying()->ways->places;
            foreach (['from_place', 'to_place'] as $end) {
                isset($places[$run[$end]]) || in_array($run[$end], ToLay::ON_THE_BAR, true)
                    || $this->refuse($end, "This bike has no place called {$run[$end]}.");
            }
            if ($run['from_place'] === $run['to_place']) {
                $this->refuse('to_place', 'A run goes from one place to another.');
            }
            if (Run::query()->where('job_id', $job->id)->whereNull('removed_at')->count() >= Run::MOST) {
                $this->refuse('name', 'That is as many runs as a bike has room for: take one off first.');
            }
            Run::query()->create(
                ['job_id' => $job->id, 'position' => 1 + (int) Run::query()->where('job_id', $job->id)->max('position'), ...$run],
            );
        });
    }
}
