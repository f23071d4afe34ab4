<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use App\Models\User;
use App\Models\Values\MailAddress;
use App\Notifications\PasswordForgotten;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Password;

use function Illuminate\Support\defer;

/** Who forgot a password. */
class ForgottenRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'email', 'max:'.Longest::ADDRESS]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['email.*' => 'Write the address of your account.'];
    }

    /** The letter goes out after the answer, which so takes the same time whether there is such an account or not. */
    public function send(): void
    {
        $address = MailAddress::normal($this->string('email')->value());
        defer(fn () => Password::sendResetLink(
            ['email' => $address, 'shut_out_at' => null],
            fn (User $person, string $token) => $person->notify(new PasswordForgotten($token)),
        ));
    }
}
