<?php

declare(strict_types=1);

namespace App\Actions;

use Illuminate\Validation\ValidationException;

/** For what says no at a field, inside a change: nothing of the change is kept then. */
trait Refuses
{
    protected function refuse(string $field, string $because): never
    {
        throw ValidationException::withMessages([$field => $because]);
    }
}
