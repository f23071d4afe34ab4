<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bench\Findings;
use App\Models\Job;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;

use function count;

/** How much each cog will be ridden, smallest first. */
class WeightsRequest extends FormRequest
{
    private const MOST = 10;

    public function authorize(): bool
    {
        return $this->user()?->can('work', $this->job()) ?? false;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['weights' => ['required', 'array'], 'weights.*' => ['required', 'numeric', 'min:0', 'max:'.self::MOST]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['weights.*' => 'Each weight is a number from 0 to 10.'];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isEmpty() && (count($this->weights()) !== count(Findings::of($this->job())->teeth('cogs') ?? []) || array_sum($this->weights()) <= 0)) {
                $validator->errors()->add('weights', 'One weight for each cog, and not all of them nothing.');
            }
        }];
    }

    public function job(): Job
    {
        $job = $this->route('job');

        return $job instanceof Job ? $job : abort(404);
    }

    public function answer(): string
    {
        return implode(' ', array_map(fn (float $weight) => (string) round($weight, 2), $this->weights()));
    }

    /** @return list<float> */
    private function weights(): array
    {
        return array_map(fn (mixed $weight) => is_numeric($weight) ? (float) $weight : 0.0, array_values((array) $this->input('weights')));
    }
}
