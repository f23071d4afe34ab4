<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Validator;
use NeatSpindle\Core\Measure\CannotReadQuantity;
use NeatSpindle\Core\Measure\LengthText;
use NeatSpindle\Core\Measure\LengthUnit;

/** How long a run's own lead is. */
class SupplyRequest extends JobChangeRequest
{
    private const MOST_MM = 10_000.0;

    private float $mm = 0.0;

    public function authorize(): bool
    {
        return $this->user()?->can('work', $this->job()) ?? false;
    }

    public function rules(): array
    {
        return parent::rules() + ['supply' => ['required', 'string', 'max:40'], 'run' => ['nullable', 'integer']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['supply.required' => 'Measure the lead, plug to plug.'];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            try {
                $this->mm = (new LengthText($this->user()->length_unit ?? LengthUnit::Millimetre))->mm($this->string('supply')->value());
                if ($this->mm < 0 || $this->mm > self::MOST_MM) {
                    $validator->errors()->add('supply', 'A lead is from 0 to 10,000 mm long.');
                }
            } catch (CannotReadQuantity $e) {
                $validator->errors()->add('supply', $e->getMessage());
            }
        }];
    }

    public function mm(): float
    {
        return $this->mm;
    }
}
