<?php

declare(strict_types=1);

namespace App\Bench;

use App\Exceptions\PlaceChangedMeanwhile;
use App\Models\Insert;
use App\Models\Job;
use App\Models\Kit;
use App\Models\KitChange;
use App\Models\Motor;
use App\Models\Ring;
use App\Models\Run;
use App\Models\User;
use NeatSpindle\Core\Stack\HandEdit;
use NeatSpindle\Core\Stack\Place;

use function in_array;

/**
 * Keeps what is chosen for a job, and every change of it, so that it can be taken back. A choice is made
 * against the version the person saw; an edit of the stack only against the places it touches, so that two
 * people can work on one stack.
 */
class KitKeeper
{
    public function __construct(private readonly ChangeJob $change) {}

    /** A new motor empties the places a hand had filled: they were filled for the old one. */
    public function chooseMotor(Job $job, User $by, int $seen, int $motorId, ?int $insertId): void
    {
        $name = Motor::query()->whereKey($motorId)->value('name');
        $with = $insertId === null ? '' : ' with insert '.Insert::query()->whereKey($insertId)->value('code');
        $this->keep($job, $by, $seen, "Motor {$name}{$with}", array_column(Place::cases(), 'value'), fn (Kit $kit) => $kit->fill([
            'motor_id' => $motorId,
            'insert_id' => $insertId,
            'by_hand' => $kit->motor_id === $motorId ? $kit->by_hand : [],
        ]));
    }

    public function chooseRing(Job $job, User $by, int $seen, int $ringId, string $mounting = ''): void
    {
        $code = Ring::query()->whereKey($ringId)->value('code');
        $this->keep($job, $by, $seen, rtrim("Ring {$code} {$mounting}"), [], fn (Kit $kit) => $kit->fill(['ring_id' => $ringId, 'ring_mounting' => $mounting]));
    }

    /**
     * @throws PlaceChangedMeanwhile when somebody else changed one of the places since
     */
    public function edit(Job $job, User $by, int $seen, HandEdit $edit): void
    {
        $this->keep($job, $by, null, $edit->what, array_map(fn (Place $place) => $place->value, $edit->touched()), function (Kit $kit) use ($job, $seen, $edit): void {
            $this->expectUntouched($job, $seen, $edit);
            $kit->by_hand = $edit->appliedTo($kit->by_hand);
        });
    }

    /** Leaves every place to the drawer again. */
    public function solve(Job $job, User $by, int $seen): void
    {
        $this->keep($job, $by, $seen, 'Solved from the drawer', array_column(Place::cases(), 'value'), fn (Kit $kit) => $kit->fill(['by_hand' => []]));
    }

    /** @param  array<string, list<float>>  $pieces in mm by place */
    public function fillAll(Job $job, User $by, int $seen, array $pieces): void
    {
        $this->keep($job, $by, $seen, 'Another way to build it', array_keys($pieces), fn (Kit $kit) => $kit->fill(['by_hand' => $pieces]));
    }

    /** Takes the last change back that still stands. */
    public function undo(Job $job, User $by, int $seen): void
    {
        $this->step($job, $by, $seen, KitChange::standingFor($job)->whereNull('undone_at')->latest('id')->first(), 'before', now());
    }

    /** Makes the change again that was taken back last. */
    public function redo(Job $job, User $by, int $seen): void
    {
        $this->step($job, $by, $seen, KitChange::standingFor($job)->whereNotNull('undone_at')->oldest('id')->first(), 'after', null);
    }

    /** @param  array<string, mixed>  $bracing */
    public function brace(Job $job, User $by, int $seen, array $bracing): void
    {
        ($this->change)($job, $by, $seen, ['kit'], fn () => $this->kitOf($job)->fill(['bracing' => $bracing])->save());
    }

    /** @param  array<string, mixed>  $riding */
    public function ride(Job $job, User $by, int $seen, array $riding): void
    {
        ($this->change)($job, $by, $seen, ['kit'], fn () => $this->kitOf($job)->fill(['riding' => $riding])->save());
    }

    public function supply(Job $job, User $by, int $seen, Run $run, float $mm): void
    {
        ($this->change)($job, $by, $seen, ['runs'], fn () => $run->update(['supply_mm' => $mm]));
    }

    /**
     * @param  list<string>  $touched
     * @param  callable(Kit): mixed  $alter
     */
    private function keep(Job $job, User $by, ?int $seen, string $what, array $touched, callable $alter): void
    {
        ($this->change)($job, $by, $seen, ['kit'], function () use ($job, $by, $what, $touched, $alter): void {
            $kit = $this->kitOf($job);
            $before = $kit->choice();
            $alter($kit);
            $kit->save();
            KitChange::standingFor($job)->whereNotNull('undone_at')->update(['superseded_at' => now()]);
            KitChange::query()->create([
                'job_id' => $job->id, 'user_id' => $by->id, 'version' => (int) $job->newQuery()->whereKey($job->id)->value('version'),
                'what' => mb_strimwidth($what, 0, 200, '…'), 'touched' => $touched,
                'before' => $before, 'after' => $kit->choice(), 'made_at' => now(),
            ]);
        });
    }

    private function step(Job $job, User $by, int $seen, ?KitChange $change, string $to, mixed $undoneAt): void
    {
        if ($change === null) {
            return;
        }
        ($this->change)($job, $by, $seen, ['kit'], function () use ($job, $change, $to, $undoneAt): void {
            $this->kitOf($job)->fill($change->{$to})->save();
            $change->update(['undone_at' => $undoneAt, 'version' => (int) $job->newQuery()->whereKey($job->id)->value('version')]);
        });
    }

    private function kitOf(Job $job): Kit
    {
        return Kit::query()->firstOrNew(['job_id' => $job->id]);
    }

    private function expectUntouched(Job $job, int $seen, HandEdit $edit): void
    {
        $since = KitChange::query()->with('user')->where('job_id', $job->id)->where('version', '>', $seen)->latest('id')->get();
        foreach ($edit->touched() as $place) {
            $other = $since->first(fn (KitChange $change) => in_array($place->value, $change->touched, true));
            if ($other !== null) {
                throw PlaceChangedMeanwhile::by($other, $place);
            }
        }
    }
}
