<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use Illuminate\Validation\Rule;

use function in_array;

/** How a run is moved by hand. */
class MoveRunRequest extends VersionedRequest
{
    public function rules(): array
    {
        return parent::rules() + [
            'how' => ['required', 'string', Rule::in(['pass', 'avoid', 'either', 'shortest', 'remove'])],
            'place' => [
                Rule::requiredIf(in_array($this->input('how'), ['pass', 'avoid', 'either'], true)),
                'nullable',
                'string',
                'max:'.Longest::PLACE,
            ],
        ];
    }

    /** @return 'pass'|'avoid'|'either'|'shortest'|'remove' */
    public function how(): string
    {
        return match ($this->string('how')->value()) {
            'pass' => 'pass',
            'avoid' => 'avoid',
            'either' => 'either',
            'remove' => 'remove',
            default => 'shortest',
        };
    }

    public function place(): ?string
    {
        return $this->string('place')->value() ?: null;
    }
}
