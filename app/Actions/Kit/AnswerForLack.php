<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\JobAction;
use App\Bench\Lacking;
use App\Bench\OpenJob;
use App\Models\Decision;
use App\Models\Job;
use App\Models\Longest;
use App\Models\User;
use App\Models\Values\About;
use NeatSpindle\Core\Holding\Build\Lack;

/** An owner answers by name for what a job goes without; for that very thing as it is told now, and for nothing that comes later. */
class AnswerForLack extends JobAction
{
    public function __invoke(Job $job, User $by, string $code, string $seen, string $reason): void
    {
        ($this->change)($job, $by, 'decide', null, function (OpenJob $open) use ($job, $by, $code, $seen, $reason): void {
            $lack = $open->the(Lacking::class)->lack($code);
            $lack instanceof Lack || $this->refuse("why.{$code}", 'Nothing of the kind is wanting any more.');
            $lack->mark() === $seen || $this->refuse("why.{$code}", "It is otherwise by now: {$lack->says}");
            $told = Longest::cut($lack->says, Longest::BEFORE_A_REASON);
            Decision::record($job, $by, About::without($code), $lack->mark(), "{$told} Left so: {$reason}");
        });
    }
}
