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

    /** What a part without papers measures is for those who can judge it. */
    public function measureParts(User $user, Workshop $workshop): bool
    {
        return $user->workshop_id === $workshop->id && $user->role !== Role::Apprentice;
    }

    /** Who is away, and what is done before what, is for those who can judge it. */
    public function plan(User $user, Workshop $workshop): bool
    {
        return $this->measureParts($user, $workshop);
    }

    /** How the house goes about its work is the owner's to say. */
    public function setHouse(User $user, Workshop $workshop): bool
    {
        return $this->importCatalogue($user, $workshop);
    }

    /** Who works here is the owner's to say. */
    public function invite(User $user, Workshop $workshop): bool
    {
        return $user->workshop_id === $workshop->id && $user->role === Role::Owner;
    }
}
