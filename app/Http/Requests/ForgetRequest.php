<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use App\Models\Values\NameInText;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;

use function array_filter;
use function array_map;
use function array_values;
use function count;
use function explode;

/** Who is to be forgotten: how else the customer is called, and whether in other customers' jobs too. */
class ForgetRequest extends FormRequest
{
    private const MOST = 5;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'also' => ['nullable', 'string', 'max:'.Longest::NOTE],
            'asked' => ['nullable', 'boolean'],
            'everywhere' => ['nullable', 'boolean'],
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if (count($this->also()) > self::MOST) {
                $validator->errors()->add('also', 'At most '.self::MOST.' other names, parted by commas.');
            }
            if (array_filter($this->also(), fn (string $name) => NameInText::of($name) === null) !== []) {
                $validator->errors()->add('also', 'A name has a letter or a digit in it.');
            }
        });
    }

    /** @return list<string> */
    public function also(): array
    {
        return array_values(array_filter(
            array_map(trim(...), explode(',', $this->string('also')->value())), fn (string $name) => $name !== '',
        ));
    }

    /** Unless somebody has said otherwise it goes everywhere. */
    public function isEverywhere(): bool
    {
        return ! $this->boolean('asked') || $this->boolean('everywhere');
    }
}
