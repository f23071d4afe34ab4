<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use NeatSpindle\Core\Measuring\Frame\Direction;
use NeatSpindle\Core\Measuring\Frame\Mark;

use function is_array;

/** A way from a place of the frame to another, or to a new one, as it was measured. */
class OwnStretchRequest extends FormRequest
{
    use ReadsQuantities;

    private float $mm = 0.0;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'stretch_from' => ['required', 'string', 'max:'.Longest::PLACE],
            'stretch_to' => ['required', 'string', 'max:'.Longest::PLACE, 'different:stretch_from'],
            'stretch_length' => ['required', 'string', 'max:'.Longest::FIGURE],
            'towards' => ['required', 'string', Rule::enum(Direction::class)],
            'tags' => ['nullable', 'array', 'max:10'],
            'tags.*' => ['string', Rule::enum(Mark::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'stretch_to.required' => 'What is the place called?', 'stretch_to.different' => 'A stretch goes from one place to another.',
            'stretch_length.required' => 'Measure it along the way the lead would take.',
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isEmpty()) {
                $this->mm = $this->leadLength($validator, 'stretch_length');
                $this->mm > 0 || $validator->errors()->has('stretch_length') || $validator->errors()->add(
                    'stretch_length', 'A stretch of nothing is none: the two are one place.',
                );
            }
        }];
    }

    /** @return array{from_place: string, to_place: string, length_mm: float, towards: Direction, tags: list<string>} */
    public function stretch(): array
    {
        return [
            'from_place' => $this->string('stretch_from')->value(),
            'to_place' => $this->string('stretch_to')->trim()->value(),
            'length_mm' => $this->mm,
            'towards' => Direction::from($this->string('towards')->value()),
            'tags' => array_values(array_map(strval(...), is_array($this->input('tags')) ? $this->input('tags') : [])),
        ];
    }
}
