<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use App\Actions\JobAction;
use App\Actions\StandsOtherwise;
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
    /**
     * @param  list<float>  $weights  smallest cog first
     * @param  ?string  $seen  the weights the person saw standing there, empty where none were given; null where nothing is said of them
     */
    public function __invoke(Job $job, User $by, array $weights, ?string $seen = null): void
    {
        ($this->change)($job, $by, 'work', null, function (OpenJob $open) use ($job, $by, $weights, $seen): void {
            $stands = Answer::query()->with('user')->where('job_id', $job->id)->where('question', Findings::USE)
                ->whereNull('superseded_at')->first();
            if ($stands !== null && $seen !== null && $stands->value !== $seen && ! $stands->user->is($by)) {
                throw StandsOtherwise::told("{$stands->user->firstName()} has weighed the cogs otherwise", 'weights');
            }
            if (count($weights) !== count($open->findings->teeth(Spot::Cogs) ?? []) || array_sum($weights) <= 0) {
                $this->refuse('weights', 'One weight for each cog, and not all of them nothing.');
            }
            Answer::give($job, $by, Findings::USE, implode(' ', array_map(fn (float $weight) => (string) round($weight, 2), $weights)));
        });
    }
}
