<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Holding\Around\ObstacleKind;
use NeatSpindle\Core\Measuring\Survey\Instrument;

/** What stands out around the shell, how high and where, as it is typed. */
class ObstacleRequest extends FormRequest
{
    use ReadsQuantities;

    private const HIGHEST_MM = 80.0;

    private ?Measurement $height = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', 'string', Rule::enum(ObstacleKind::class)],
            'height' => ['required', 'string', 'max:'.Longest::FIGURE],
            'angle' => ['required', 'integer', 'between:0,359'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'height.required' => 'How high does it stand over the shell’s tube?',
            'angle.required' => 'Where around the axis?',
            'angle.*' => 'An angle from 0 to 359 degrees.',
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            $read = fn (string $typed): Measurement => $this->lengths()->measurement($typed, Instrument::Caliper->doubtMm());
            $this->height = $this->quantity($validator, 'height', $read);
            if ($this->height !== null && ($this->height->value <= 0 || $this->height->value > self::HIGHEST_MM)) {
                $validator->errors()->add('height', 'Nothing around a shell is that high: expected more than 0, at most 80 mm.');
            }
        }];
    }

    public function kind(): ObstacleKind
    {
        return ObstacleKind::from($this->string('kind')->value());
    }

    public function height(): Measurement
    {
        return $this->height ?? Measurement::exactly(0.0);
    }

    public function angle(): int
    {
        return $this->integer('angle');
    }
}
