<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use App\Actions\ChangedMeanwhile;
use App\Models\Answer;
use App\Models\Condition;

/** Somebody else looked at, or answered, the very thing a person was telling. */
class FoundMeanwhile extends ChangedMeanwhile
{
    public static function condition(Condition $stands): self
    {
        return new self("{$stands->user->firstName()} found this “{$stands->severity->label()}” at {$stands->found_at->format('H:i')}, after you had opened the page. "
            .'Yours was not kept: look at it together, then say it again if it still holds.', 'severity');
    }

    public static function answer(Answer $stands): self
    {
        return new self("{$stands->user->firstName()} answered “{$stands->value}” at {$stands->given_at->format('H:i')}, after you had opened the page. "
            .'Yours was not kept: say it again if it still holds.', 'value');
    }
}
