<?php

declare(strict_types=1);

namespace App\View\Job;

use App\Models\Job;
use NeatSpindle\Core\Holding\Build\PutRight;

use function route;

/** The next thing of a job and the place where it is done, as it is kept with the job: every place leads on to it. */
final readonly class Onward
{
    private function __construct(public string $address, public string $words) {}

    /** @return ?self null once a job has ended */
    public static function of(Job $job): ?self
    {
        $at = $job->next_at ?? ($job->handed_over_at === null ? null : PutRight::ComeBack);
        $address = $at === null ? route("job.{$job->stage->value}", $job) : WhereToPutRight::of($job, $at)->address;

        return $job->ended_at !== null ? null : new self($address, $job->next_step);
    }
}
