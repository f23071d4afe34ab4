<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use Illuminate\Foundation\Http\FormRequest;

/** How a customer can be reached; nothing of it has to be said. */
class ContactRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['seen' => ['required', 'string', 'size:32']] + self::fields();
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

    /** By which what the person saw is known again. */
    public function seen(): string
    {
        return $this->string('seen')->value();
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
