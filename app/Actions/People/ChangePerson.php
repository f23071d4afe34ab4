<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Models\Role;
use App\Models\User;
use Illuminate\Contracts\Auth\Access\Gate;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Names a person anew and gives them a role. A workshop never loses its last owner. */
class ChangePerson
{
    public function __construct(private readonly Gate $gate) {}

    public function __invoke(User $by, User $person, string $name, Role $role): void
    {
        DB::transaction(function () use ($by, $person, $name, $role): void {
            $this->gate->forUser($by)->authorize('manage', $person);
            if ($role !== Role::Owner && ! User::anotherOwnerThan($person)) {
                throw ValidationException::withMessages(["role.{$person->id}" => 'This is the last owner: make somebody else one first.']);
            }
            $person->update(['name' => $name, 'role' => $role]);
        });
    }
}
