<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use App\Actions\JobAction;
use App\Models\Job;
use App\Models\Reading;
use App\Models\User;

/** Makes a reading that was taken back count again, as a reading of its own: that it was taken back stays in the record. */
class BringReadingBack extends JobAction
{
    public function __invoke(Job $job, User $by, Reading $reading): void
    {
        ($this->change)($job, $by, 'work', null, function () use ($job, $by, $reading): void {
            $gone = Reading::query()->takenBack($job)->whereKey($reading->id)->lockForUpdate()->first()
                ?? $this->refuse('typed', 'This reading counts already, or a later one has replaced it.');
            $back = $gone->replicate()->fill(['superseded_at' => null, 'withdrawn_by_id' => null, 'brought_back_by_id' => $by->id]);
            $back->save();
            $gone->update(['superseded_by_id' => $back->id]);
        });
    }
}
