<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use App\Models\Run;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use NeatSpindle\Core\Fitting\Route\RunKind;
use NeatSpindle\Core\Fitting\Route\RunRole;

/**
 * A run to add: one of the usual ones by its name, or one's own with both ends, kind, plug and length.
 *
 * @phpstan-import-type RunFields from Run
 */
class AddRunRequest extends FormRequest
{
    use ReadsQuantities;

    private float $mm = 0.0;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'usual' => ['nullable', 'string', Rule::enum(RunRole::class)->only(RunRole::offered())],
            'name' => ['required_without:usual', 'nullable', 'string', 'max:'.Longest::RUN_NAME],
            'kind' => ['required_without:usual', 'nullable', 'string', Rule::enum(RunKind::class)],
            'from_place' => ['required_without:usual', 'nullable', 'string', 'max:'.Longest::PLACE],
            'to_place' => ['required_without:usual', 'nullable', 'string', 'max:'.Longest::PLACE],
            'supply' => ['required_without:usual', 'nullable', 'string', 'max:'.Longest::FIGURE],
            'connector' => ['required_without:usual', 'nullable', 'string', 'max:'.Longest::PLACE],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required_without' => 'What is it?', 'supply.required_without' => 'Measure the lead, plug to plug; 0 where it has none of its own.',
            'connector.required_without' => 'Which plug does it have?', '*.required_without' => 'This is needed too.',
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isEmpty() && ! $this->filled('usual')) {
                $this->mm = $this->leadLength($validator, 'supply');
            }
        }];
    }

    /** @return RunFields */
    public function run(): array
    {
        $usual = $this->enum('usual', RunRole::class);

        return $usual !== null ? Run::usual($usual) : [
            'name' => $this->string('name')->trim()->value(), 'kind' => $this->string('kind')->value(),
            'from_place' => $this->string('from_place')->value(), 'to_place' => $this->string('to_place')->value(),
            'supply_mm' => $this->mm, 'connector' => $this->string('connector')->trim()->value(),
        ];
    }
}
