<?php

declare(strict_types=1);

namespace App\View\Shared;

use App\Models\Job;

use function route;
use function str_replace;

/** Where a job is gone on with. A page says that dozens of times: each way is made out once. */
final class JobAddress
{
    private const JOB = '_job_';

    /** @var array<string, string> by stage */
    private static array $ways = [];

    public static function of(Job $job): string
    {
        $stage = $job->stage->value;
        self::$ways[$stage] ??= route("job.{$stage}", self::JOB, absolute: false);

        return str_replace(self::JOB, (string) $job->id, self::$ways[$stage]);
    }
}
