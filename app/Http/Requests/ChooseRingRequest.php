<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;

class ChooseRingRequest extends VersionedRequest
{
    public function rules(): array
    {
        return parent::rules() + ['ring_id' => ['required', 'integer'], 'mounting' => ['nullable', 'string', 'max:'.Longest::CODE]];
    }

    public function ringId(): int
    {
        return $this->integer('ring_id');
    }

    public function mounting(): string
    {
        return $this->string('mounting')->value();
    }
}
