<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\JobAction;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\Kit;
use App\Models\User;
use App\Models\Values\BracingDecision;
use NeatSpindle\Core\Holding\Reaction\BodyPosition;

/** Keeps how the nut is torqued and what the body rests on. */
class BraceBody extends JobAction
{
    public function __invoke(Job $job, User $by, int $seen, BracingDecision $bracing): void
    {
        ($this->change)($job, $by, 'choose', $seen, function (OpenJob $open) use ($bracing): void {
            $bike = $open->job->bike;
            $objection = $bracing->rest?->objection($bike->kind, $bike->frame_material, $bracing->position ?? BodyPosition::Below);
            if ($objection !== null) {
                $this->refuse('rest', $objection);
            }
            Kit::of($open->job)->fill(['bracing' => $bracing])->save();
        });
    }
}
