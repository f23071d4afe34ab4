<?php

declare(strict_types=1);

namespace App\Http\Requests;

class ChooseRingRequest extends VersionedRequest
{
    public function rules(): array
    {
        return parent::rules() + ['ring_id' => ['required', 'integer'], 'mounting' => ['nullable', 'string', 'max:200']];
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
