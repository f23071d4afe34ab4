<?php

declare(strict_types=1);

namespace App\Actions;

/** Something a person does to a job, through the one door. */
abstract class JobAction
{
    use Refuses;

    public function __construct(protected readonly ChangeJob $change) {}
}
