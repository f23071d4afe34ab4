<?php

declare(strict_types=1);

namespace App\Actions\Calendar;

use App\Actions\StandsOtherwise;
use App\Actions\WorkshopAction;
use App\Models\User;
use App\Models\Values\Skill;
use App\Models\Values\Skills;
use App\Models\Workshop;
use Illuminate\Validation\ValidationException;

/** Keeps what a skill is asked for and who has it, or drops it. */
class KeepSkill extends WorkshopAction
{
    /**
     * @param  string  $seen  the mark of the skills the person saw
     * @param  ?string  $was  what it was called; null for a new one
     * @param  ?Skill  $skill  as it is now; null drops it
     */
    public function __invoke(User $by, string $seen, ?string $was, ?Skill $skill): void
    {
        $this->change($by, 'setHouse', function (Workshop $workshop) use ($seen, $was, $skill): void {
            $skills = $workshop->skills ?? Skills::none();
            if ($skills->mark() !== $seen) {
                throw StandsOtherwise::told('Somebody has changed the skills', 'skill');
            }
            $left = $was === null ? $skills : $skills->without($was);
            if ($skill !== null && $left->has($skill->name)) {
                throw ValidationException::withMessages(['name' => 'There is a skill of this name already: change that one.']);
            }
            if ($skill !== null && $left->isFull()) {
                throw ValidationException::withMessages(['skill' => 'That is as many as are kept: drop one first.']);
            }
            $workshop->fill(['skills' => $skill === null ? $left : $left->with($skill)])->save();
        });
    }
}
