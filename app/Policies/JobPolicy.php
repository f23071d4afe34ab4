<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Job;
use App\Models\Role;
use App\Models\User;

/** Who may do what to a job; `docs/people.md` has it as a table. */
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

    /** What the workshop answers for by name. */
    public function decide(User $user, Job $job): bool
    {
        return $this->view($user, $job) && $user->role === Role::Owner;
    }

    /** That a bike may leave is for those who can judge it. */
    public function handOver(User $user, Job $job): bool
    {
        return $this->choose($user, $job);
    }

    /** Who may hand a bike over may give its sheet to the customer. */
    public function shareSheet(User $user, Job $job): bool
    {
        return $this->choose($user, $job);
    }

    /** What a bike is found like when it comes back: everybody at the bench. */
    public function comeBack(User $user, Job $job): bool
    {
        return $this->work($user, $job);
    }

    /** To end a job without a hand-over, and to take it up again. */
    public function end(User $user, Job $job): bool
    {
        return $this->choose($user, $job);
    }

    public function takeUpAgain(User $user, Job $job): bool
    {
        return $this->choose($user, $job);
    }

    /** Who a customer was is the owner's to erase. */
    public function erase(User $user, Job $job): bool
    {
        return $this->decide($user, $job);
    }

    /** A hand-over taken back opens the job again. */
    public function takeBack(User $user, Job $job): bool
    {
        return $this->choose($user, $job);
    }

    /** To go on where something holds the job is a decision. */
    public function override(User $user, Job $job): bool
    {
        return $this->choose($user, $job);
    }
}
