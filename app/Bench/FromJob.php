<?php

declare(strict_types=1);

namespace App\Bench;

/** Something that follows from a job: worked out once for each time it is opened, and asked for with `OpenJob::the`. */
interface FromJob
{
    /** Takes what it needs and keeps nothing of the opened job. */
    public static function of(OpenJob $open): static;
}
