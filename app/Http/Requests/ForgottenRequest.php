<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use App\Models\Values\MailAddress;
use App\Notifications\LookForWhoForgot;
use Illuminate\Foundation\Http\FormRequest;

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

    /** Whether there is such an account is looked up later, so that the answer takes the same time for nobody. */
    public function send(): void
    {
        dispatch(new LookForWhoForgot(MailAddress::normal($this->string('email')->value())));
    }
}
