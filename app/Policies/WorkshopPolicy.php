<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;
use App\Models\Workshop;

class WorkshopPolicy
{
    public function startJob(User $user, Workshop $workshop): bool
    {
        return $user->workshop_id === $workshop->id;
    }

    public function countDrawer(User $user, Workshop $workshop): bool
    {
        return $user->workshop_id === $workshop->id;
    }

    public function importCatalogue(User $user, Workshop $workshop): bool
    {
        return $user->workshop_id === $workshop->id && $user->role === Role::Owner;
    }

    /** Who works here is the owner's to say. */
    public function invite(User $user, Workshop $workshop): bool
    {
        return $user->workshop_id === $workshop->id && $user->role === Role::Owner;
    }
}
