<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Actions\Submission;
use App\Bench\Hands;
use App\Models\HandDoubt;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use NeatSpindle\Core\Measuring\Survey\Instrument;

/** Takes what a person's own readings tell as the doubt of what they read from now on, or the usual one again. */
class TakeHandDoubt
{
    public function __construct(private readonly Submission $submission) {}

    public function __invoke(User $by, Instrument $instrument, bool $isOwn): void
    {
        DB::transaction(function () use ($by, $instrument, $isOwn): void {
            $this->submission->claim($by);
            User::query()->whereKey($by->id)->lockForUpdate()->firstOrFail();
            $known = Hands::with($by, $instrument);
            if ($isOwn && ! $known->suffices()) {
                throw ValidationException::withMessages(
                    ["hands.{$instrument->value}" => 'Too little was read several times with it to say anything yet.'],
                );
            }
            HandDoubt::query()->where('user_id', $by->id)->where('instrument', $instrument)->whereNull('superseded_at')->update(['superseded_at' => now()]);
            HandDoubt::query()->create([
                'user_id' => $by->id, 'instrument' => $instrument, 'doubt_mm' => $isOwn ? $known->doubt() : null,
                'from_readings' => $known->readings, 'from_spots' => $known->spots, 'taken_at' => now(),
            ]);
        });
    }
}
