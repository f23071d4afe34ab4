<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;

/** How a customer can be reached; nothing of it has to be said. */
class ContactRequest extends VersionedRequest
{
    public function rules(): array
    {
        return parent::rules() + self::fields();
    }

    /** @return array<string, list<mixed>> */
    public static function fields(): array
    {
        return [
            'phone' => [
                'nullable', 'string', 'max:'.Longest::PHONE, 'regex:/^[+\d][\d \/().-]*$/',
            ], 'email' => ['nullable', 'string', 'email', 'max:'.Longest::NAME],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return self::says();
    }

    /** @return array<string, string> */
    public static function says(): array
    {
        return [
            'phone.regex' => 'Write the number in digits, for example +351 22 555 0199.', 'email.email' => 'That is no e-mail address.',
        ];
    }

    public function phone(): ?string
    {
        return $this->string('phone')->trim()->value() ?: null;
    }

    public function email(): ?string
    {
        return $this->string('email')->trim()->value() ?: null;
    }
}
