<?php

declare(strict_types=1);

namespace App\Actions\Drawer;

use App\Actions\ChangeJob;
use App\Actions\JobAction;
use App\Actions\Stock\KeptForJob;
use App\Assembly\ReceivedBox;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\Reservation;
use App\Models\ReservationState;
use App\Models\Spacer;
use App\Models\User;
use NeatSpindle\Core\Parts\Drawer\Place;
use NeatSpindle\Core\Parts\Drawer\Spacers;

/** Keeps for the job what its stack uses now, and no longer what it used before. */
class ReservePieces extends JobAction
{
    public function __construct(ChangeJob $change, private readonly KeptForJob $kept)
    {
        parent::__construct($change);
    }

    public function __invoke(Job $job, User $by, int $seen): void
    {
        ($this->change)($job, $by, 'choose', $seen, function (OpenJob $open) use ($by): void {
            $this->kept->freeSpacers($open->job, $by);
            $taken = Reservation::of($open->job, ReservationState::Taken)->pluck('quantity', 'spacer_id');
            foreach ($this->wanted($open) as $spacerId => $count) {
                $quantity = $count - (int) ($taken[$spacerId] ?? 0);
                if ($quantity > 0) {
                    $this->kept->reserve($open->job, $by, $spacerId, $quantity);
                }
            }
        });
    }

    /** @return array<int, int> how many of each row the stack uses beyond what came in the box, each piece from the first row that has it */
    private function wanted(OpenJob $open): array
    {
        $spacers = $open->catalogue->spacers;
        $left = $spacers->mapWithKeys(fn (Spacer $spacer) => [$spacer->id => $spacer->available()])->all();
        $wanted = [];
        $stack = array_map(fn (?Spacers $fitted) => $fitted->pieces ?? [], $open->worksheet()->stack->spacers ?? []);
        foreach (ReceivedBox::of($open->job, $open->motor())->packed()->rest($stack) as $place => $pieces) {
            foreach ($pieces as $piece) {
                $row = $spacers->first(fn (Spacer $spacer) => abs($spacer->thickness_mm - $piece) < 1e-6
                    && $spacer->serves(Place::from($place)) && $left[$spacer->id] > 0);
                if ($row !== null) {
                    $left[$row->id]--;
                    $wanted[$row->id] = ($wanted[$row->id] ?? 0) + 1;
                }
            }
        }

        return $wanted;
    }
}
