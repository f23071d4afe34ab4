<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Actions\StandsOtherwise;
use App\Models\Role;
use App\Models\User;
use Illuminate\Contracts\Auth\Access\Gate;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Names a person anew and gives them a role. A workshop never loses its last owner. */
class ChangePerson
{
    public function __construct(private readonly Gate $gate) {}

    /** @param  array{name: string, role: string}|null  $seen  what the person saw standing there; null where nothing is said of it */
    public function __invoke(User $by, User $person, string $name, Role $role, ?array $seen = null): void
    {
        DB::transaction(function () use ($by, $person, $name, $role, $seen): void {
            $person = User::query()->lockForUpdate()->findOrFail($person->id);
            $this->gate->forUser($by)->authorize('manage', $person);
            if ($seen !== null && ($seen['name'] !== $person->name || $seen['role'] !== $person->role->value)) {
                throw StandsOtherwise::told(
                    "This is {$person->name}, ".lcfirst($person->role->label()).', somebody has said', "role.{$person->id}",
                );
            }
            if ($role !== Role::Owner && ! User::anotherOwnerThan($person)) {
                throw ValidationException::withMessages(["role.{$person->id}" => 'This is the last owner: make somebody else one first.']);
            }
            $person->update(['name' => $name, 'role' => $role]);
        });
    }
}
