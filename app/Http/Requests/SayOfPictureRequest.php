<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use Illuminate\Foundation\Http\FormRequest;

/** What is said of a picture. */
class SayOfPictureRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'note' => ['nullable', 'string', 'max:'.Longest::SHORT_NOTE], 'shows_person' => ['nullable', 'boolean'],
            'on_sheet' => ['nullable', 'boolean'],
            'seen' => ['required', 'string', 'max:64'],
        ];
    }

    public function note(): ?string
    {
        return $this->string('note')->trim()->value() ?: null;
    }

    public function seen(): string
    {
        return $this->string('seen')->value();
    }
}
