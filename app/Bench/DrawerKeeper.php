<?php

declare(strict_types=1);

namespace App\Bench;

use App\Http\Requests\ReserveRequest;
use App\Models\Job;
use App\Models\Reservation;
use App\Models\Spacer;
use App\Models\User;
use Illuminate\Support\Collection;
use Illuminate\Validation\ValidationException;
use NeatSpindle\Core\Stack\Place;

/** Keeps the drawer in step with the jobs: pieces reserved for one, taken out for it, given back. */
class DrawerKeeper
{
    public function __construct(private readonly ChangeJob $change) {}

    public function handle(Job $job, User $by, string $does, JobSheet $sheet): void
    {
        ($this->change)($job, $by, null, [], fn () => match ($does) {
            ReserveRequest::RESERVE => $this->reserve($job, $by, $sheet),
            ReserveRequest::TAKE => $this->take($job, $by),
            default => $this->giveBack($job),
        });
    }

    /** Keeps for the job what its stack uses now, and no longer what it used before. */
    private function reserve(Job $job, User $by, JobSheet $sheet): void
    {
        $this->of($job, Reservation::RESERVED)->each->delete();
        $taken = $this->of($job, Reservation::TAKEN)->pluck('quantity', 'spacer_id');
        foreach ($this->wanted($sheet) as $spacerId => $count) {
            $quantity = $count - (int) ($taken[$spacerId] ?? 0);
            if ($quantity > 0) {
                $this->note($job, $by, $spacerId, Reservation::RESERVED, $quantity);
            }
        }
    }

    private function take(Job $job, User $by): void
    {
        foreach ($this->of($job, Reservation::RESERVED) as $reservation) {
            $isThere = Spacer::query()->whereKey($reservation->spacer_id)->where('quantity', '>=', $reservation->quantity)->decrement('quantity', $reservation->quantity);
            if ($isThere === 0) {
                throw ValidationException::withMessages(['does' => "There are no longer {$reservation->quantity} of {$reservation->spacer->thickness_mm} mm in the drawer. Count it, then take them out."]);
            }
            $this->note($job, $by, $reservation->spacer_id, Reservation::TAKEN, $reservation->quantity);
            $reservation->delete();
        }
    }

    private function giveBack(Job $job): void
    {
        foreach ($this->of($job, Reservation::TAKEN) as $taken) {
            Spacer::query()->whereKey($taken->spacer_id)->increment('quantity', $taken->quantity);
        }
        Reservation::query()->where('job_id', $job->id)->delete();
    }

    private function note(Job $job, User $by, int $spacerId, string $state, int $quantity): void
    {
        $kept = Reservation::query()->firstOrNew(['job_id' => $job->id, 'spacer_id' => $spacerId, 'state' => $state], ['user_id' => $by->id, 'quantity' => 0]);
        $kept->fill(['quantity' => $kept->quantity + $quantity, 'user_id' => $by->id])->save();
    }

    /** @return Collection<int, Reservation> */
    private function of(Job $job, string $state): Collection
    {
        return Reservation::query()->with('spacer')->where('job_id', $job->id)->where('state', $state)->lockForUpdate()->get();
    }

    /** @return array<int, int> how many of each row the stack uses, each piece from the first row that has it */
    private function wanted(JobSheet $sheet): array
    {
        $left = $sheet->catalogue->spacers->mapWithKeys(fn (Spacer $spacer) => [$spacer->id => $spacer->available()])->all();
        $wanted = [];
        foreach ($sheet->chosenWorksheet()->stack->spacers ?? [] as $place => $spacers) {
            foreach ($spacers->pieces ?? [] as $piece) {
                $row = $sheet->catalogue->spacers->first(fn (Spacer $spacer) => abs($spacer->thickness_mm - $piece) < 1e-6
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
