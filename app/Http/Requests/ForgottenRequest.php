<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use App\Notifications\PasswordForgotten;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Password;

/** Who forgot a password. */
class ForgottenRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'email', 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['email.*' => 'Write the address of your account.'];
    }

    public function send(): void
    {
        Password::sendResetLink(
            ['email' => $this->string('email')->trim()->lower()->value(), 'shut_out_at' => null],
            fn (User $person, string $token) => $person->notify(new PasswordForgotten($token)),
        );
    }
}
