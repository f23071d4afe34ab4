<?php

declare(strict_types=1);

namespace App\Actions\Prove;

use App\Actions\JobAction;
use App\Bench\OpenJob;
use App\Models\HandOver;
use App\Models\Job;
use App\Models\Recheck;
use App\Models\Sheet;
use App\Models\SheetAddress;
use App\Models\StepRecord;
use App\Models\User;
use NeatSpindle\Core\Holding\Build\BuildStep;

use function array_column;
use function array_intersect;
use function array_values;
use function in_array;

/**
 * What was found when a bike came back becomes work: its hand-over is taken back, and the steps that cure it are open again on its
 * sheet, with what rests on them. All else stays done, and leaves with it again.
 */
class TakeUpFound extends JobAction
{
    /** @param  list<string>  $codes  of the steps that are done again */
    public function __invoke(Job $job, User $by, array $codes): void
    {
        ($this->change)($job, $by, 'takeBack', null, function (OpenJob $open) use ($job, $by, $codes): void {
            $recheck = Recheck::query()->where('job_id', $job->id)->latest('id')
                ->first() ?? $this->refuse('steps', 'It has not come back yet.');
            $open->job->handed_over_at !== null || $this->refuse('steps', 'It is in the workshop already: its sheet is open.');
            $known = array_values(array_intersect($codes, array_column($open->buildSheet()->steps ?? [], 'code')));
            $known !== [] || $this->refuse('steps', 'Say which steps are done again.');
            HandOver::query()->where('job_id', $job->id)->whereNull('taken_back_at')->update([
                'taken_back_at' => now(), 'taken_back_by_id' => $by->id, 'taken_back_because' => "Came back {$recheck->done_at->format('j F Y')}: ".$this->titles($open, $known),
            ]);
            SheetAddress::callBack([$job->id], $by);
            StepRecord::query()->where('job_id', $job->id)->where('sheet', Sheet::Build)->whereIn('step', $known)->whereNull('superseded_at')
                ->update(['superseded_at' => now()]);
            $open->job->handed_over_at = null;
        });
    }

    /** @param  list<string>  $codes */
    private function titles(OpenJob $open, array $codes): string
    {
        $steps = array_filter($open->buildSheet()->steps ?? [], fn (BuildStep $step) => in_array($step->code, $codes, true));

        return mb_substr(implode(', ', array_map(fn (BuildStep $step) => lcfirst($step->title), $steps)), 0, 400);
    }
}
