<?php

declare(strict_types=1);

namespace App\Actions;

use Illuminate\Validation\ValidationException;

/** Something a person does to a job, through the one door. */
abstract class JobAction
{
    public function __construct(protected readonly ChangeJob $change) {}

    /** Says at a field why it is not done; nothing is kept. */
    protected function refuse(string $field, string $because): never
    {
        throw ValidationException::withMessages([$field => $because]);
    }
}
