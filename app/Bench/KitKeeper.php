<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Job;
use App\Models\Kit;
use App\Models\Run;
use App\Models\User;
use NeatSpindle\Core\Stack\Place;

/** Keeps what is chosen for a job. Every change is made against the version the person saw. */
class KitKeeper
{
    public function __construct(private readonly ChangeJob $change) {}

    /** A new motor empties the places a hand had filled: they were filled for the old one. */
    public function chooseMotor(Job $job, User $by, int $seen, int $motorId, ?int $insertId): void
    {
        $this->keep($job, $by, $seen, fn (Kit $kit) => $kit->fill([
            'motor_id' => $motorId,
            'insert_id' => $insertId,
            'by_hand' => $kit->motor_id === $motorId ? $kit->by_hand : [],
        ]));
    }

    public function chooseRing(Job $job, User $by, int $seen, int $ringId): void
    {
        $this->keep($job, $by, $seen, fn (Kit $kit) => $kit->fill(['ring_id' => $ringId]));
    }

    /** @param  list<float>|null  $pieces  in mm; null leaves the place to the drawer again */
    public function fill(Job $job, User $by, int $seen, Place $place, ?array $pieces): void
    {
        $this->keep($job, $by, $seen, function (Kit $kit) use ($place, $pieces): void {
            $byHand = $kit->by_hand;
            unset($byHand[$place->value]);
            $kit->by_hand = $pieces === null ? $byHand : [...$byHand, $place->value => $pieces];
        });
    }

    /** Leaves every place to the drawer again. */
    public function solve(Job $job, User $by, int $seen): void
    {
        $this->keep($job, $by, $seen, fn (Kit $kit) => $kit->fill(['by_hand' => []]));
    }

    public function supply(Job $job, User $by, int $seen, Run $run, float $mm): void
    {
        ($this->change)($job, $by, $seen, ['runs'], fn () => $run->update(['supply_mm' => $mm]));
    }

    /** @param  callable(Kit): mixed  $alter */
    private function keep(Job $job, User $by, int $seen, callable $alter): void
    {
        ($this->change)($job, $by, $seen, ['kit'], function () use ($job, $alter): void {
            $kit = Kit::query()->firstOrNew(['job_id' => $job->id]);
            $alter($kit);
            $kit->save();
        });
    }
}
