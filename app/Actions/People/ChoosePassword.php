<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Models\User;
use Illuminate\Support\Str;

/** Keeps a new password; whoever was signed in with the old one no longer is. */
class ChoosePassword
{
    public function __invoke(User $person, string $password): void
    {
        $person->forceFill(['password' => $password, 'remember_token' => Str::random(60)])->save();
    }
}
