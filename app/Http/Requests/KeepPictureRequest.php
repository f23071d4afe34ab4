<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Documents\Photograph;
use App\Models\Longest;
use App\Models\PictureOf;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Validator;

/** A picture and what it shows. */
class KeepPictureRequest extends FormRequest
{
    use ReadsPictures;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'picture' => ['required', ...self::PICTURE], 'of' => ['required', 'string', new Enum(PictureOf::class)],
            'code' => ['nullable', 'string', 'max:60'], 'picture_note' => ['nullable', 'string', 'max:'.Longest::SHORT_NOTE],
            'shows_person' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['picture.required' => 'Take a picture or choose one first.', 'of.*' => 'Keep it from the page of what it shows.',
            ...self::PICTURE_SAYS];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [fn (Validator $validator) => $this->readPicture($validator)];
    }

    public function of(): PictureOf
    {
        return PictureOf::from($this->string('of')->value());
    }

    public function code(): string
    {
        return $this->string('code')->value();
    }

    public function note(): ?string
    {
        return $this->string('picture_note')->trim()->value() ?: null;
    }

    public function photograph(): Photograph
    {
        return $this->photograph ?? abort(422);
    }
}
