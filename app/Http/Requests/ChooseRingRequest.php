<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rule;

class ChooseRingRequest extends JobChangeRequest
{
    public function rules(): array
    {
        return parent::rules() + [
            'ring_id' => ['required', Rule::exists('rings', 'id')->where('workshop_id', $this->job()->workshop_id)],
        ];
    }

    public function ringId(): int
    {
        return $this->integer('ring_id');
    }
}
