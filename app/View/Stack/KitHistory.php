<?php

declare(strict_types=1);

namespace App\View\Stack;

use App\Models\Job;
use App\Models\KitChange;

/** What of a job's kit can be taken back, and what can be made again. */
readonly class KitHistory
{
    /**
     * @param  ?KitChange  $last  the change that would be taken back next; null when there is none, or it brought the motor
     * @param  ?KitChange  $next  the change that would be made again next; null when there is none
     */
    private function __construct(public ?KitChange $last, public ?KitChange $next) {}

    public static function of(Job $job): self
    {
        $made = KitChange::standingFor($job)->told()->whereNull('undone_at')->latest('id')->limit(1);
        $undone = KitChange::standingFor($job)->told()->whereNotNull('undone_at')->oldest('id')->limit(1);
        $changes = $made->union($undone)->get();

        $last = $changes->firstWhere('undone_at', null);

        return new self($last?->broughtTheMotor() === true ? null : $last, $changes->firstWhere('undone_at', '!=', null));
    }
}
