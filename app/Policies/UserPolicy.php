<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;

class UserPolicy
{
    public function manage(User $user, User $person): bool
    {
        return $user->workshop_id === $person->workshop_id && $user->role === Role::Owner;
    }
}
