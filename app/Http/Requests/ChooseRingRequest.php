<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rule;

class ChooseRingRequest extends JobChangeRequest
{
    public function rules(): array
    {
        return parent::rules() + [
            'turned' => ['nullable', 'boolean'],
            'ring_id' => ['required', Rule::exists('rings', 'id')->where('workshop_id', $this->job()->workshop_id)],
        ];
    }

    public function isTurned(): bool
    {
        return $this->boolean('turned');
    }

    public function ringId(): int
    {
        return $this->integer('ring_id');
    }
}
