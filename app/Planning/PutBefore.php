<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Job;
use NeatSpindle\Core\Whole\Calendar\Turns;

/** One job that is to be done before another. */
final class PutBefore
{
    /** Why it cannot be put there, in words; null where it can. */
    public static function objection(Job $job, int $other): ?string
    {
        /** @var array<int, int> $before */
        $before = Job::query()->where('workshop_id', $job->workshop_id)->whereNotNull('before_id')->pluck('before_id', 'id')->all();

        return match (true) {
            $other === $job->id => 'It cannot be done before itself.',
            Turns::isCircle($before, $job->id, $other) => 'That one is itself done before this one: give that one its turn by promise first.',
            default => null,
        };
    }
}
