<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Actions\Submission;
use App\Models\Customer;
use App\Models\Job;
use App\Models\Run;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Contracts\Auth\Access\Gate;
use Illuminate\Support\Facades\DB;
use NeatSpindle\Core\Fitting\Route\RunRole;

/** Takes a bike in: customer, bike and job in one go, with the runs most motors bring. */
class StartJob
{
    public function __construct(private readonly Gate $gate, private readonly Submission $submission) {}

    /**
     * @param  array{customer: string, bike: string, kind: string, frame_material: string, promised_on?: ?string, assignee_id?: int|string|null}  $typed
     * @param  ?Customer  $known  whose bike it is, where that is somebody known; null for somebody new, whatever others are called
     */
    public function __invoke(User $by, array $typed, ?Customer $known = null): Job
    {
        return DB::transaction(function () use ($by, $typed, $known): Job {
            $this->submission->claim($by);
            $workshop = Workshop::query()->whereKey($by->workshop_id)->lockForUpdate()->firstOrFail();
            $this->gate->forUser($by)->authorize('startJob', $workshop);
            $customer = $known === null ? $workshop->customers()->create(['name' => trim($typed['customer'])])
                : $workshop->customers()->whereNull('erased_at')->findOrFail($known->id);
            $bike = $customer->bikes()->create([
                'label' => $typed['bike'], 'kind' => $typed['kind'], 'frame_material' => $typed['frame_material'],
            ]);
            $job = $workshop->jobs()->create([
                'bike_id' => $bike->id,
                'assignee_id' => $typed['assignee_id'] ?? $by->id,
                'number' => max($workshop->first_number, 1 + (int) $workshop->jobs()->max('number')),
                'promised_on' => $typed['promised_on'] ?? null,
                'next_step' => 'Walk round the bike and measure',
                'house' => $workshop->house()->toKeep(),
            ]);
            foreach (RunRole::AT_START as $position => $role) {
                $job->runs()->create(['position' => $position, ...Run::usual($role)]);
            }

            return $job;
        });
    }
}
