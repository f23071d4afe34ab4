<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use NeatSpindle\Core\Fitting\Battery\Fixing;
use NeatSpindle\Core\Fitting\Battery\SiteCheck;

use function is_array;

/** How the chosen battery is set where it shall sit. Lengths as they are typed; the load in kg. */
class SetBatteryRequest extends VersionedRequest
{
    use ReadsQuantities;

    private const MOST_MM = 3_000.0;

    /** @var array<string, float> */
    private array $mm = [];

    public function rules(): array
    {
        return parent::rules() + [
            'at' => ['nullable', 'string', 'max:'.Longest::FIGURE],
            'move' => ['nullable', 'integer', 'between:-50,50'],
            'fixing' => ['nullable', 'string', Rule::enum(Fixing::class)],
            'length' => ['nullable', 'string', 'max:'.Longest::FIGURE],
            'width' => ['nullable', 'string', 'max:'.Longest::FIGURE],
            'load' => ['nullable', 'numeric', 'min:0.1', 'max:500'],
            'rest_fine' => ['nullable', 'boolean'],
            'seen' => ['nullable', 'array', 'max:30'],
            'seen.*' => ['nullable', 'string', 'in:yes,no'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['load.*' => 'What its maker lets it carry, in kg, from 0.1 to 500.'];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            foreach ($validator->errors()->isEmpty() ? ['at', 'length', 'width'] : [] as $field) {
                $mm = $this->filled($field) ? $this->quantity($validator, $field, $this->lengths()->mm(...)) : null;
                if ($mm !== null && ($mm < 0 || $mm > self::MOST_MM)) {
                    $validator->errors()->add($field, 'That is no length on a bike: from 0 to 3,000 mm.');
                }
                $mm === null ?: $this->mm[$field] = $mm;
            }
        }];
    }

    /** @return array{at: ?float, move: int, fixing: ?Fixing, floor: array<string, float>, seen: array<string, bool>, rest_fine: bool} */
    public function setting(): array
    {
        $seen = [];
        $given = is_array($this->input('seen')) ? $this->input('seen') : [];
        foreach (SiteCheck::cases() as $check) {
            isset($given[$check->value]) && $seen[$check->value] = $given[$check->value] === 'yes';
        }

        return [
            'at' => $this->mm['at'] ?? null,
            'move' => $this->integer('move'),
            'fixing' => Fixing::tryFrom($this->string('fixing')->value()),
            'floor' => array_intersect_key($this->mm, ['length' => 1, 'width' => 1])
                + ($this->filled('load') ? ['load' => $this->float('load')] : []),
            'seen' => $seen,
            'rest_fine' => $this->boolean('rest_fine'),
        ];
    }

    /** A comma is as good as a point. */
    protected function prepareForValidation(): void
    {
        $figures = array_filter($this->only(['load']), is_string(...));
        $this->merge(array_map(fn (string $typed) => str_replace(',', '.', trim($typed)), $figures));
    }
}
