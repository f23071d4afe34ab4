<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Job;
use App\Models\Role;
use App\Models\User;

class JobPolicy
{
    public function view(User $user, Job $job): bool
    {
        return $user->workshop_id === $job->workshop_id;
    }

    /** Readings, answers and steps: everybody at the bench. */
    public function work(User $user, Job $job): bool
    {
        return $this->view($user, $job);
    }

    /** What goes into the frame is for those who can judge it. */
    public function choose(User $user, Job $job): bool
    {
        return $this->view($user, $job) && $user->role !== Role::Apprentice;
    }
}
