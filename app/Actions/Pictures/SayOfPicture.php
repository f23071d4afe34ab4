<?php

declare(strict_types=1);

namespace App\Actions\Pictures;

use App\Actions\JobAction;
use App\Actions\StandsOtherwise;
use App\Models\Job;
use App\Models\Picture;
use App\Models\User;

/** Says of a picture what is to be seen on it, whether it shows a person, and whether it leaves with the bike. */
class SayOfPicture extends JobAction
{
    /** @param  string  $seen  the mark of what the person saw */
    public function __invoke(Job $job, User $by, Picture $picture, ?string $note, bool $showsPerson, bool $isOnSheet, string $seen): void
    {
        ($this->change)($job, $by, 'work', null, function () use ($picture, $note, $showsPerson, $isOnSheet, $seen): void {
            $held = Picture::query()->whereKey($picture->id)->lockForUpdate()->firstOrFail();
            $held->mark() === $seen || throw StandsOtherwise::told('Somebody has said something else of this picture', 'note');
            $isMore = $isOnSheet && ! $held->on_sheet;
            if ($isMore && Picture::query()->where('job_id', $held->job_id)->where('on_sheet', true)->count() >= Picture::MOST_ON_SHEET) {
                $this->refuse('on_sheet', 'A sheet has room for '.Picture::MOST_ON_SHEET.' pictures.');
            }
            $held->update(['note' => $note, 'shows_person' => $showsPerson, 'on_sheet' => $isOnSheet]);
        });
    }
}
