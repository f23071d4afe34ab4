<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** For how many days an address of a sheet opens. */
class SheetAddressRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['days' => ['required', 'integer', 'between:1,365']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['days.*' => 'For how many days: from 1 to 365.'];
    }

    public function days(): int
    {
        return $this->integer('days');
    }
}
