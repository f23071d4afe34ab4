<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Models\Role;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Support\Facades\DB;

/** Makes a workshop and its first person, who owns it. */
class FoundWorkshop
{
    public function __invoke(string $name, string $place, string $owner, string $email, string $password): User
    {
        return DB::transaction(fn (): User => Workshop::query()->create(['name' => $name, 'place' => $place])->users()->create([
            'name' => $owner, 'email' => $email, 'password' => $password, 'role' => Role::Owner,
        ]));
    }
}
