<?php

declare(strict_types=1);

namespace App\Actions\Steps;

use App\Actions\JobAction;
use App\Bench\BuildState;
use App\Bench\OpenJob;
use App\Models\Decision;
use App\Models\Job;
use App\Models\Longest;
use App\Models\User;
use App\Models\Values\About;

/** Goes on with a step that is held: somebody who may answers for it by name and reason, and for that very hold alone. */
class PassHold extends JobAction
{
    public function __invoke(Job $job, User $by, string $code, string $seen, string $reason): void
    {
        ($this->change)($job, $by, 'override', null, function (OpenJob $open) use ($job, $by, $code, $seen, $reason): void {
            $step = $open->buildSheet()?->step($code) ?? $this->refuse('step', 'The sheet has no such step any more: look at it again.');
            $hold = $open->the(BuildState::class)->gate?->hold($step);
            $hold !== null || $this->refuse('because', 'Nothing holds this step any more.');
            $open->stop() === null || $this->refuse('because', 'The job is stopped: a stop is lifted, not passed.');
            $hold->mark() === $seen || $this->refuse('because', "It is held by something else by now: {$hold->says}");
            $told = Longest::cut($hold->says, Longest::BEFORE_A_REASON);
            Decision::record($job, $by, About::pass($code), $hold->mark(), "{$told} Gone on with: {$reason}");
        });
    }
}
