<?php

declare(strict_types=1);

namespace App\Actions\House;

use App\Actions\WorkshopAction;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Validation\ValidationException;
use NeatSpindle\Core\Ground\House\School;

/** Answers a question of the house, for all jobs that are started from now on. */
class ChooseSchool extends WorkshopAction
{
    /** @param  int  $seen  the answer the person saw standing there; 0 when none did */
    public function __invoke(User $by, School $school, string $why, int $seen): void
    {
        $this->change($by, 'setHouse', function (Workshop $workshop) use ($by, $school, $why, $seen): void {
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
