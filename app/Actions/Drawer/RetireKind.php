<?php

declare(strict_types=1);

namespace App\Actions\Drawer;

use App\Actions\WorkshopAction;
use App\Models\ReservationState;
use App\Models\Spacer;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Validation\ValidationException;

/** Takes a kind out of use, or brings it back: what is out of use is chosen for no stack, and stays in the record. */
class RetireKind extends WorkshopAction
{
    public function __invoke(User $by, Spacer $spacer, bool $isOut): void
    {
        $this->change($by, 'countDrawer', function (Workshop $workshop) use ($by, $spacer, $isOut): void {
            $kept = $isOut ? $spacer->reservations()->where('state', ReservationState::Reserved)->with('job')->first() : null;
            if ($kept !== null) {
                throw ValidationException::withMessages(['quantity' => "{$kept->quantity} of it are kept for job {$kept->job->number}: give them back there first."]);
            }
            if (! $isOut && Spacer::inUse($workshop)->count() >= Spacer::MOST_KINDS) {
                throw ValidationException::withMessages(['quantity' => Spacer::tooMany()]);
            }
            Spacer::query()->whereKey($spacer->id)->when($isOut, fn ($query) => $query->whereNull('retired_at'))
                ->update($isOut ? ['retired_at' => now(), 'retired_by_id' => $by->id] : ['retired_at' => null, 'retired_by_id' => null]);
        });
    }
}
