<?php

declare(strict_types=1);

namespace App\Actions\Calendar;

use App\Actions\JobAction;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\User;
use App\Models\Values\InOtherHands;
use NeatSpindle\Core\Whole\Calendar\ElsewhereKind;
use NeatSpindle\Core\Whole\Calendar\WorkKind;

/** Notes that something of a job lies in other hands, and which work waits for it. */
class NoteElsewhere extends JobAction
{
    /** @param  ?string  $backOn  a day; null where none was named */
    public function __invoke(Job $job, User $by, int $seen, ElsewhereKind $kind, string $what, WorkKind $before, ?string $backOn): void
    {
        ($this->change)($job, $by, 'work', $seen, function (OpenJob $open) use ($by, $kind, $what, $before, $backOn): void {
            $hands = $open->job->inOtherHands();
            $hands->isFull() && $this->refuse('what', 'That is as much as one bike has in other hands: '.InOtherHands::MOST.' times.');
            $open->job->elsewhere = $hands->with($kind, $what, $before, $backOn, $by->id);
        });
    }
}
