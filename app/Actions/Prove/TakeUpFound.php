<?php

declare(strict_types=1);

namespace App\Actions\Prove;

use App\Actions\JobAction;
use App\Bench\Departure;
use App\Bench\OpenJob;
use App\Models\HandOver;
use App\Models\Job;
use App\Models\Sheet;
use App\Models\StepRecord;
use App\Models\User;
use NeatSpindle\Core\Holding\Build\BuildStep;

use function array_column;
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
            $recheck = $open->the(Departure::class)->recheck ?? $this->refuse('steps', 'It has not come back since it left.');
            $again = array_values(array_filter($open->buildSheet()->steps ?? [], fn (BuildStep $step) => in_array($step->code, $codes, true)));
            $again !== [] || $this->refuse('steps', 'Say which steps are done again.');
            HandOver::takeBack($open->job, $by, "Came back {$recheck->done_at->format('j F Y')}: ".implode(
                ', ', array_map(fn (BuildStep $step) => lcfirst($step->title), $again),
            ));
            StepRecord::query()->where('job_id', $job->id)->where('sheet', Sheet::Build)->whereIn('step', array_column($again, 'code'))
                ->whereNull('superseded_at')->update(['superseded_at' => now()]);
        });
    }
}
