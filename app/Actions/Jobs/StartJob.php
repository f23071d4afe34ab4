<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Actions\WorkshopAction;
use App\Models\Customer;
use App\Models\Job;
use App\Models\Run;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Validation\ValidationException;
use NeatSpindle\Core\Fitting\Route\RunRole;

/**
 * Takes a bike in: customer, bike and job in one go, with the runs most motors bring.
 *
 * @phpstan-type Intake array{
 *     customer: string, bike: string, kind: string, frame_material: string, promised_on?: ?string, assignee_id?: int|string|null,
 *     phone?: ?string, email?: ?string,
 * }
 */
class StartJob extends WorkshopAction
{
    public const NEW = 'new';

    /**
     * @param  Intake  $typed
     * @param  string  $whose  the number of somebody known; `new` for somebody new, whatever others are called; empty where it was not said
     */
    public function __invoke(User $by, array $typed, string $whose = self::NEW): Job
    {
        return $this->change($by, 'startJob', function (Workshop $workshop) use ($by, $typed, $whose): Job {
            $customer = $this->known($workshop, $typed['customer'], $whose) ?? $workshop->customers()
                ->create(['name' => trim($typed['customer'])]);
            $customer->fill(array_filter(['phone' => $typed['phone'] ?? null, 'email' => $typed['email'] ?? null]))->save();
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
            $job->promised_on === null ?: $job->promises()->create([
                'user_id' => $by->id, 'promised_on' => $job->promised_on, 'promised_at' => now(),
            ]);
            foreach (RunRole::AT_START as $position => $role) {
                $job->runs()->create(['position' => $position, ...Run::usual($role)]);
            }

            return $job;
        });
    }

    /** Somebody known who was chosen; null for somebody new. A name alone says neither where others are called the same. */
    private function known(Workshop $workshop, string $name, string $whose): ?Customer
    {
        $namesakes = $whose === self::NEW ? new Collection : Customer::named($name, $workshop->id);
        $known = $namesakes->firstWhere('id', (int) $whose);
        if ($known === null && $namesakes->isNotEmpty()) {
            throw ValidationException::withMessages(['whose' => 'Somebody of this name is known here. Is it them, or somebody else of the same name?']);
        }

        return $known;
    }
}
