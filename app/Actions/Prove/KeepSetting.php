<?php

declare(strict_types=1);

namespace App\Actions\Prove;

use App\Actions\JobAction;
use App\Models\Job;
use App\Models\Setting;
use App\Models\User;
use NeatSpindle\Core\Whole\Prove\SettingName;

/** Writes down what was set in the display; what stood there before stays in the log. A limit taken away is a decision. */
class KeepSetting extends JobAction
{
    private const WHY = 'A limit taken away is a decision: say why. It stays on the hand-over sheet.';

    private const LAW = 'Beside it stands the law’s own sentence for such a bike, word for word, and where it was read.';

    public function __invoke(Job $job, User $by, SettingName $name, string $value, ?string $reason, ?string $law): void
    {
        $isDecision = $name->isNoLimit($value);
        ($this->change)($job, $by, $isDecision ? 'decide' : 'work', null, function () use ($job, $by, $name, $value, $reason, $law, $isDecision): void {
            $fault = $name->fault($value);
            $fault === null || $this->refuse('value', $fault);
            $isDecision && $reason === null && $this->refuse('reason', self::WHY);
            $isDecision && $law === null && $this->refuse('law', self::LAW);
            $stands = Setting::query()->where('job_id', $job->id)->where('name', $name)->whereNull('superseded_at');
            $stands->update(['superseded_at' => now()]);
            Setting::query()->create([
                'job_id' => $job->id, 'user_id' => $by->id, 'name' => $name, 'value' => $value, 'reason' => $reason, 'law' => $law, 'set_at' => now(),
            ]);
        });
    }
}
