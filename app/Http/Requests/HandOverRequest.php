<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use Illuminate\Support\Carbon;

/** When the bike comes back first, and what is said with it. */
class HandOverRequest extends VersionedRequest
{
    public function rules(): array
    {
        return parent::rules() + [
            'recheck_on' => ['required', 'date_format:Y-m-d', 'after:today', 'before:+1 year'],
            'note' => ['nullable', 'string', 'max:'.Longest::NOTE],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['recheck_on.*' => 'A day from tomorrow on, within a year: two weeks is usual.'];
    }

    public function recheckOn(): Carbon
    {
        return Carbon::parse($this->string('recheck_on')->value());
    }

    public function note(): ?string
    {
        return $this->string('note')->trim()->value() ?: null;
    }
}
