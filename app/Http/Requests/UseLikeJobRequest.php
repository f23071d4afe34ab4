<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Which job of the logbook a stack is to be filled like. */
class UseLikeJobRequest extends VersionedRequest
{
    public function rules(): array
    {
        return parent::rules() + ['number' => ['required', 'integer', 'min:1']];
    }

    public function number(): int
    {
        return $this->integer('number');
    }
}
