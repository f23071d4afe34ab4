<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bench\JobHouse;
use App\Models\Longest;
use Illuminate\Validation\Rule;

/** What a customer insists on against advice. */
class InsistenceRequest extends VersionedRequest
{
    public function rules(): array
    {
        return parent::rules() + [
            'what' => ['required', 'string', Rule::in(array_keys(JobHouse::INSISTED))],
            'reason' => ['required', 'string', 'max:'.Longest::REASON_SIGNED],
            'signed_by' => ['nullable', 'string', 'max:'.Longest::SIGNATURE],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['what.*' => 'Choose what it is about.', 'reason.required' => 'Write down what is wished, and what was advised: it stays on the hand-over sheet.'];
    }

    public function what(): string
    {
        return $this->string('what')->value();
    }

    public function reason(): string
    {
        return $this->string('reason')->trim()->value();
    }

    public function signedBy(): ?string
    {
        return $this->string('signed_by')->trim()->value() ?: null;
    }
}
