<?php

declare(strict_types=1);

namespace App\View\Job;

use App\Bench\Experience;
use App\Bench\Kept;
use App\Bench\LikeJob;

/** For places of a job where the logbook has something to propose; always with the job it comes from. */
trait LooksIntoLogbook
{
    /** @var list<LikeJob>|null */
    private ?array $likeJobs = null;

    /** @var array<string, string>|null */
    private ?array $titles = null;

    /** @return list<LikeJob> jobs of the logbook with a frame like this one, the likest first */
    public function likeJobs(): array
    {
        return $this->likeJobs ??= $this->opened->the(Experience::class)->like();
    }

    /** What a step of the sheet is called, where this job has a sheet. */
    public function titleOfStep(string $code): string
    {
        $titles = fn (): array => array_column($this->opened->buildSheet()->steps ?? [], 'title', 'code');
        $this->titles ??= Kept::of($this->opened, 'titles', $titles);

        return lcfirst($this->titles[$code] ?? str_replace('-', ' ', $code));
    }
}
