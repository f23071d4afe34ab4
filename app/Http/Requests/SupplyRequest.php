<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use Illuminate\Validation\Validator;

/** How long a run's own lead is; of one that carries power, the current and the copper too. */
class SupplyRequest extends VersionedRequest
{
    use ReadsQuantities;

    private const FIGURES = ['current' => 'current_a', 'area' => 'area_mm2', 'fuse' => 'fuse_a', 'made_for' => 'connector_a', 'bears' => 'bears_a'];

    private float $mm = 0.0;

    public function rules(): array
    {
        return parent::rules() + [
            'supply' => ['required', 'string', 'max:'.Longest::FIGURE], 'run' => ['nullable', 'integer'],
            'current' => ['nullable', 'numeric', 'min:0.01', 'max:1000'], 'area' => ['nullable', 'numeric', 'min:0.05', 'max:200'],
            'fuse' => ['nullable', 'numeric', 'min:0.01', 'max:1000'], 'made_for' => ['nullable', 'numeric', 'min:0.01', 'max:1000'],
            'bears' => ['nullable', 'numeric', 'min:0.01', 'max:1000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'supply.required' => 'Measure the lead, plug to plug.',
            'current.*' => 'The most it carries, in amperes, such as 20; the motor’s papers say it. From 0.01 to 1,000.',
            'fuse.*' => 'What is printed on the fuse, in amperes. From 0.01 to 1,000.',
            'made_for.*' => 'What the plug is made for, in amperes; its papers say it. From 0.01 to 1,000.',
            'bears.*' => 'What the lead’s maker allows, in amperes. From 0.01 to 1,000.',
            'area.*' => 'The copper’s area in mm², such as 2.5; it is printed on the lead. From 0.05 to 200.',
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $this->mm = $validator->errors()->isEmpty() ? $this->leadLength($validator, 'supply') : 0.0;
        }];
    }

    /** @return array<string, ?float> with `supply_mm`; a figure that was not asked stays as it was, one left empty is not known */
    public function lead(): array
    {
        $lead = ['supply_mm' => $this->mm];
        foreach (self::FIGURES as $field => $column) {
            if ($this->has($field)) {
                $lead[$column] = $this->filled($field) ? $this->float($field) : null;
            }
        }

        return $lead;
    }

    /** A comma is as good as a point. */
    protected function prepareForValidation(): void
    {
        $figures = array_filter($this->only(array_keys(self::FIGURES)), is_string(...));
        $this->merge(array_map(fn (string $typed) => str_replace(',', '.', trim($typed)), $figures));
    }
}
