<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\People\ChoosePassword;
use App\Models\Longest;
use App\Models\User;
use App\Models\Values\MailAddress;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Password;
use Illuminate\Validation\Rules\Password as PasswordRule;
use Illuminate\Validation\ValidationException;

/** A password chosen with the token from a letter. */
class NewPasswordRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'token' => ['required', 'string', 'max:'.Longest::SECRET],
            'email' => ['required', 'string', 'email', 'max:'.Longest::ADDRESS],
            'password' => ['required', 'string', 'max:'.Longest::SECRET, 'confirmed', PasswordRule::defaults()],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['password.confirmed' => 'The two do not agree. Type it twice the same.', 'password.required' => 'Choose a password.'];
    }

    /** @throws ValidationException when the letter no longer holds */
    public function reset(ChoosePassword $choose): void
    {
        $status = Password::reset(
            [...$this->only('token', 'password'), 'email' => MailAddress::normal($this->string('email')->value()), 'shut_out_at' => null],
            fn (User $person, string $password) => $choose($person, $password),
        );
        if ($status !== Password::PasswordReset) {
            throw ValidationException::withMessages(['email' => 'This letter no longer holds. Ask for a new one.']);
        }
    }
}
