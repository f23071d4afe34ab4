<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\People\InvitePerson;
use App\Models\Longest;
use App\Models\Values\MailAddress;

use function is_string;

/** Somebody to be taken into the workshop. */
class InviteRequest extends PersonRequest
{
    public function rules(): array
    {
        return parent::rules() + ['email' => ['required', 'string', 'email', 'max:'.Longest::ADDRESS, 'unique:users,email']];
    }

    /** What is wrong is said here, not beside a person who is there already. */
    protected function prepareForValidation(): void
    {
        if (is_string($this->input('email'))) {
            $this->merge(['email' => MailAddress::normal($this->input('email'))]);
        }
    }

    public function messages(): array
    {
        return parent::messages() + [
            'email.required' => 'Where does the letter go?',
            'email.email' => 'That is no address a letter could go to.',
            'email.unique' => InvitePerson::KNOWN,
        ];
    }

    public function email(): string
    {
        return $this->string('email')->value();
    }
}
