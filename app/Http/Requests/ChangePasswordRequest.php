<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Password as PasswordRule;

class ChangePasswordRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'current' => ['required', 'string', 'max:'.Longest::SECRET, new OwnPassword],
            'password' => ['required', 'string', 'max:'.Longest::SECRET, 'confirmed', PasswordRule::defaults()],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'current.required' => 'This is not your password.',
            'password.required' => 'Choose a password.',
            'password.confirmed' => 'The two do not agree. Type it twice the same.',
        ];
    }
}
