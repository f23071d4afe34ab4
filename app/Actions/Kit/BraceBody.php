<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\JobAction;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\Kit;
use App\Models\User;
use NeatSpindle\Core\Reaction\BodyPosition;
use NeatSpindle\Core\Reaction\Rest;

/** Keeps how the nut is torqued and what the body rests on. */
class BraceBody extends JobAction
{
    /** @param  array<string, mixed>  $bracing  in N·m and mm */
    public function __invoke(Job $job, User $by, int $seen, array $bracing, BodyPosition $position, ?Rest $rest): void
    {
        ($this->change)($job, $by, 'choose', $seen, ['kit'], function (OpenJob $open) use ($bracing, $position, $rest): void {
            $bike = $open->job->bike;
            $objection = $rest?->objection($bike->kind, $bike->frame_material, $position);
            if ($objection !== null) {
                $this->refuse('rest', $objection);
            }
            Kit::of($open->job)->fill(['bracing' => $bracing])->save();
        });
    }
}
