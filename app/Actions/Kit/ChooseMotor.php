<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\Kit;
use App\Models\User;
use NeatSpindle\Core\Drawer\Place;

/** Chooses a motor, with an insert where the shell needs one. A new motor empties the places a hand had filled for the old one. */
class ChooseMotor extends KitAction
{
    public function __invoke(Job $job, User $by, int $seen, int $motorId, ?int $insertId): void
    {
        ($this->change)($job, $by, 'choose', $seen, ['kit'], function (OpenJob $open) use ($by, $motorId, $insertId): void {
            $motor = $open->catalogue->motor($motorId) ?? $this->refuse('motor_id', 'The catalogue has no such motor.');
            $insert = $open->catalogue->insert($insertId);
            if ($insertId !== null && $insert === null) {
                $this->refuse('insert_id', 'The catalogue has no such insert.');
            }
            $with = $insert === null ? '' : " with insert {$insert->part->code}";
            $this->kit->alter($open, $by, "Motor {$motor->name}{$with}", array_column(Place::cases(), 'value'), fn (Kit $kit) => $kit->fill([
                'motor_id' => $motorId,
                'insert_id' => $insertId,
                'by_hand' => $kit->motor_id === $motorId ? $kit->by_hand : [],
            ]));
        });
    }
}
