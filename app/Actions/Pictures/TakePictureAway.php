<?php

declare(strict_types=1);

namespace App\Actions\Pictures;

use App\Actions\JobAction;
use App\Models\Job;
use App\Models\Picture;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

/** Takes a picture away for good: of what somebody should not have taken nothing stays. */
class TakePictureAway extends JobAction
{
    public function __invoke(Job $job, User $by, Picture $picture): void
    {
        ($this->change)($job, $by, $picture->of->ability(), null, fn () => self::away([$picture]));
    }

    /** @param  iterable<Picture>  $pictures  to be asked for inside the transaction that lets go of them */
    public static function away(iterable $pictures): void
    {
        foreach ($pictures as $picture) {
            $picture->delete();
            DB::afterCommit(fn () => Storage::delete([$picture->path(), $picture->path(isSmall: true)]));
        }
    }
}
