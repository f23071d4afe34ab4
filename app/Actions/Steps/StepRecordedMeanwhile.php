<?php

declare(strict_types=1);

namespace App\Actions\Steps;

use App\Actions\ChangedMeanwhile;
use App\Models\StepRecord;
use App\Models\StepState;

/** Somebody else recorded the very step a person was recording. */
class StepRecordedMeanwhile extends ChangedMeanwhile
{
    /** @param  ?StepRecord  $stands  null when the record the person saw was taken back */
    public static function by(?StepRecord $stands): self
    {
        $told = $stands === null ? 'The record you saw has been taken back' : self::told($stands);

        return new self("{$told}, after you had opened this page. Yours was not kept: look at it, then say it again if it still holds.", 'state');
    }

    private static function told(StepRecord $stands): string
    {
        $who = "{$stands->user->firstName()}, at {$stands->recorded_at->format('H:i')},";

        return $stands->state === StepState::Done ? "{$who} ticked this step" : "{$who} wrote that this step fails its check: {$stands->note}";
    }
}
