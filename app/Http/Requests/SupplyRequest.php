<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Validator;

/** How long a run's own lead is. */
class SupplyRequest extends VersionedRequest
{
    use ReadsQuantities;

    private const MOST_MM = 10_000.0;

    private float $mm = 0.0;

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
            $this->mm = $validator->errors()->isEmpty() ? $this->quantity($validator, 'supply', $this->lengths()->mm(...)) ?? 0.0 : 0.0;
            if ($this->mm < 0 || $this->mm > self::MOST_MM) {
                $validator->errors()->add('supply', 'A lead is from 0 to 10,000 mm long.');
            }
        }];
    }

    public function mm(): float
    {
        return $this->mm;
    }
}
