<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use NeatSpindle\Core\Ground\Measure\TorqueBand;
use NeatSpindle\Core\Parts\Fastening\Fastener;

/** The band on a part's paper, as it is typed. */
class BandRequest extends FormRequest
{
    use ReadsQuantities;

    private const MOST_NM = 500.0;

    /** @var array<string, float> */
    private array $read = [];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'fastener' => ['required', 'string', Rule::enum(Fastener::class)],
            'step' => ['nullable', 'string', 'max:'.Longest::STEP],
            'seen' => ['nullable', 'integer', 'min:0'],
            'low' => ['required', 'string', 'max:'.Longest::FIGURE],
            'high' => ['required', 'string', 'max:'.Longest::FIGURE],
            'paper' => ['required', 'string', 'max:'.Longest::NAME],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'low.required' => 'The lower figure of the band; one figure alone is typed twice.',
            'high.required' => 'The upper figure of the band; one figure alone is typed twice.',
            'paper.required' => 'Say on which paper it stands, so that the next person can look.',
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            foreach (['low', 'high'] as $field) {
                $nm = $this->quantity($validator, $field, $this->torques()->nm(...));
                if ($nm !== null && ($nm <= 0 || $nm > self::MOST_NM)) {
                    $validator->errors()->add($field, 'No part of this job is torqued like that: expected more than 0, at most 500 N·m.');
                }
                $this->read[$field] = $nm ?? 0.0;
            }
            if ($validator->errors()->isEmpty() && $this->read['low'] > $this->read['high']) {
                $validator->errors()->add('low', 'The lower figure comes first.');
            }
        }];
    }

    /** The band that stood on the page; 0 where none did. */
    public function seen(): int
    {
        return $this->integer('seen');
    }

    public function fastener(): Fastener
    {
        return Fastener::from($this->string('fastener')->value());
    }

    public function band(): TorqueBand
    {
        return new TorqueBand($this->read['low'], $this->read['high']);
    }

    public function paper(): string
    {
        return $this->string('paper')->trim()->value();
    }

    /** The step it was typed at. */
    public function step(): string
    {
        return $this->string('step')->value();
    }
}
