<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use App\Actions\JobAction;
use App\Assembly\Findings;
use App\Bench\OpenJob;
use App\Models\Answer;
use App\Models\Job;
use App\Models\User;
use NeatSpindle\Core\Measuring\Survey\Spot;

use function count;

/** Keeps how much each cog will be ridden. */
class WeighCogs extends JobAction
{
    /** @param  list<float>  $weights  smallest cog first */
    public function __invoke(Job $job, User $by, array $weights): void
    {
        ($this->change)($job, $by, 'work', null, function (OpenJob $open) use ($job, $by, $weights): void {
            if (count($weights) !== count($open->findings->teeth(Spot::Cogs) ?? []) || array_sum($weights) <= 0) {
                $this->refuse('weights', 'One weight for each cog, and not all of them nothing.');
            }
            Answer::give($job, $by, Findings::USE, implode(' ', array_map(fn (float $weight) => (string) round($weight, 2), $weights)));
        });
    }
}
