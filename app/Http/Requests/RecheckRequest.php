<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use NeatSpindle\Core\Whole\Prove\Found;

use function is_array;
use function is_string;

/** What a bike was found like when it came back: of each thing how, and the torque before it was tightened. */
class RecheckRequest extends FormRequest
{
    use ReadsQuantities;

    private const MOST_NM = 500.0;

    /** @var array<string, float> */
    private array $torques = [];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kilometres' => ['required', 'integer', 'between:0,200000'],
            'next_on' => ['nullable', 'date_format:Y-m-d', 'after:today', 'before:+3 years'],
            'note' => ['nullable', 'string', 'max:'.Longest::NOTE],
            'found' => ['nullable', 'array', 'max:100'],
            'found.*' => ['nullable', 'string', Rule::enum(Found::class)],
            'torques' => ['nullable', 'array', 'max:100'],
            'torques.*' => ['nullable', 'string', 'max:'.Longest::FIGURE],
            'notes' => ['nullable', 'array', 'max:100'],
            'notes.*' => ['nullable', 'string', 'max:'.Longest::SHORT_NOTE],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['kilometres.*' => 'How far it was ridden since: from 0 to 200,000 km.', 'next_on.*' => 'A day from tomorrow on, within three years.'];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            foreach ($validator->errors()->isEmpty() ? $this->texts('torques') : [] as $code => $typed) {
                $nm = $this->quantity($validator, "torques.{$code}", $this->torques()->nm(...));
                if ($nm !== null && ($nm <= 0 || $nm > self::MOST_NM)) {
                    $validator->errors()->add("torques.{$code}", 'Expected more than 0, at most 500 N·m.');
                }
                $nm === null ?: $this->torques[$code] = $nm;
            }
        }];
    }

    public function nextOn(): ?Carbon
    {
        return $this->filled('next_on') ? Carbon::parse($this->string('next_on')->value()) : null;
    }

    public function note(): ?string
    {
        return $this->string('note')->trim()->value() ?: null;
    }

    /** @return array<string, array{found: Found, torque_nm: ?float, note: ?string}> those of which something was said, by code */
    public function items(): array
    {
        $items = [];
        foreach ($this->texts('found') as $code => $found) {
            $items[$code] = ['found' => Found::from($found), 'torque_nm' => $this->torques[$code] ?? null, 'note' => $this->texts('notes')[$code] ?? null];
        }

        return $items;
    }

    /** @return array<string, string> what was typed, by the thing's code */
    private function texts(string $field): array
    {
        $texts = [];
        foreach (is_array($this->input($field)) ? $this->input($field) : [] as $code => $text) {
            is_string($text) && trim($text) !== '' && $texts[(string) $code] = trim($text);
        }

        return $texts;
    }
}
