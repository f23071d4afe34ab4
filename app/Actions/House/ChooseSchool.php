<?php

declare(strict_types=1);

namespace App\Actions\House;

use App\Actions\Submission;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Contracts\Auth\Access\Gate;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use NeatSpindle\Core\Ground\House\School;

/** Answers a question of the house, for all jobs that are started from now on. */
class ChooseSchool
{
    public function __construct(private readonly Gate $gate, private readonly Submission $submission) {}

    /** @param  int  $seen  the answer the person saw standing there; 0 when none did */
    public function __invoke(User $by, School $school, string $why, int $seen): void
    {
        DB::transaction(function () use ($by, $school, $why, $seen): void {
            $this->submission->claim($by);
            $workshop = Workshop::query()->whereKey($by->workshop_id)->lockForUpdate()->firstOrFail();
            $this->gate->forUser($by)->authorize('setHouse', $workshop);
            $stands = $workshop->houseRules()->where('question', $school->question());
            if ((int) $stands->value('id') !== $seen) {
                throw ValidationException::withMessages(
                    ['school' => 'Somebody has answered this since the page was shown: look at it again.'],
                );
            }
            $stands->update(['superseded_at' => now()]);
            $workshop->houseRules()->create(
                ['user_id' => $by->id, 'question' => $school->question(), 'school' => $school, 'why' => $why, 'made_at' => now()],
            );
        });
    }
}
