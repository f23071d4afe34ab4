<?php

declare(strict_types=1);

namespace App\Actions\House;

use App\Actions\JobAction;
use App\Models\Decision;
use App\Models\Job;
use App\Models\User;
use App\Models\Values\About;
use NeatSpindle\Core\Ground\House\School;

/** Goes about one question differently on one job: a decision by name, with its reason. */
class DepartFromHouse extends JobAction
{
    public function __invoke(Job $job, User $by, int $seen, School $school, string $reason): void
    {
        ($this->change)($job, $by, 'choose', $seen, fn () => Decision::record(
            $job, $by, About::departure($school->question()), $school->value, $reason,
        ));
    }
}
