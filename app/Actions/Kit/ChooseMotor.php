<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\Kit;
use App\Models\User;
use NeatSpindle\Core\Parts\Drawer\Place;

/**
 * Chooses a motor, with an insert where the shell needs one, and its ring where one goes with it. A new motor empties the
 * places a hand had filled for the old one.
 */
class ChooseMotor extends KitAction
{
    public function __invoke(Job $job, User $by, int $seen, int $motorId, ?int $insertId, ?int $ringId = null, string $mounting = ''): void
    {
        ($this->change)($job, $by, 'choose', $seen, function (OpenJob $open) use ($by, $motorId, $insertId, $ringId, $mounting): void {
            $motor = $open->catalogue->motor($motorId) ?? $this->refuse('motor_id', 'The catalogue has no such motor.');
            $insert = $open->catalogue->insert($insertId);
            if ($insertId !== null && $insert === null) {
                $this->refuse('insert_id', 'The catalogue has no such insert.');
            }
            $ring = $ringId === null ? null : $open->catalogue->parts->rings[$ringId]
                ?? $this->refuse('ring_id', 'The catalogue has no such ring.');
            if ($ring !== null && ! isset($ring->ways[$mounting])) {
                $this->refuse('mounting', 'The ring does not go on that way. Choose one of the ways the list shows.');
            }
            $and = $ring === null ? '' : ", ring {$ring->label($ring->ways[$mounting])}";
            $with = $insert === null ? '' : " with insert {$insert->part->label()}";
            $this->kit->alter($open, $by, "Motor {$motor->name}{$with}{$and}", array_column(Place::cases(), 'value'), fn (Kit $kit) => $kit->fill([
                'motor_id' => $motorId,
                'insert_id' => $insertId,
                ...($ring === null ? [] : ['ring_id' => $ringId, 'ring_mounting' => $mounting]),
                'by_hand' => $kit->motor_id === $motorId ? $kit->by_hand : [],
            ]));
            FollowingRuns::supply($open->job, $open->motor()?->papers->harness, $motor->papers->harness);
        });
    }
}
