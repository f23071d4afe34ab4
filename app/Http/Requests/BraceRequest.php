<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use NeatSpindle\Core\Measure\CannotReadQuantity;
use NeatSpindle\Core\Measure\LengthText;
use NeatSpindle\Core\Measure\LengthUnit;
use NeatSpindle\Core\Measure\TorqueText;
use NeatSpindle\Core\Measure\TorqueUnit;
use NeatSpindle\Core\Reaction\BodyPosition;
use NeatSpindle\Core\Reaction\GapContents;
use NeatSpindle\Core\Reaction\Rest;
use NeatSpindle\Core\Reaction\ShellFace;
use NeatSpindle\Core\Reaction\ThreadState;

/** How the nut is torqued and what the body rests on; lengths and torque as they are typed. */
class BraceRequest extends JobChangeRequest
{
    private const MOST_MM = 1000.0;

    private const MOST_NM = 400.0;

    /** @var array<string, float> */
    private array $read = [];

    public function rules(): array
    {
        return parent::rules() + [
            'nut_torque' => ['nullable', 'string', 'max:40'],
            'thread_state' => ['nullable', Rule::enum(ThreadState::class)],
            'shell_face' => ['nullable', Rule::enum(ShellFace::class)],
            'shell_outer' => ['nullable', 'string', 'max:40'],
            'shell_inner' => ['nullable', 'string', 'max:40'],
            'position' => ['required', Rule::enum(BodyPosition::class)],
            'is_reversed' => ['nullable', 'boolean'],
            'rest' => ['nullable', Rule::enum(Rest::class)],
            'rest_radius' => ['nullable', 'string', 'max:40'],
            'gap' => ['required', Rule::enum(GapContents::class)],
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            $length = new LengthText($this->user()->length_unit ?? LengthUnit::Millimetre);
            $torque = new TorqueText($this->user()->torque_unit ?? TorqueUnit::NewtonMetre);
            $this->figure($validator, 'nut_torque', self::MOST_NM, $torque->nm(...));
            foreach (['shell_outer', 'shell_inner', 'rest_radius'] as $field) {
                $this->figure($validator, $field, self::MOST_MM, $length->mm(...));
            }
            $this->expectSense($validator);
        }];
    }

    /** @return array<string, mixed> as it is kept: N·m and mm */
    public function bracing(): array
    {
        return array_filter([
            'nut_torque_nm' => $this->read['nut_torque'] ?? null,
            'thread_state' => $this->input('thread_state'),
            'shell_face' => $this->input('shell_face'),
            'shell_outer_mm' => $this->read['shell_outer'] ?? null,
            'shell_inner_mm' => $this->read['shell_inner'] ?? null,
            'position' => $this->input('position'),
            'is_reversed' => $this->boolean('is_reversed'),
            'rest' => $this->input('rest'),
            'rest_radius_mm' => $this->read['rest_radius'] ?? null,
            'gap' => $this->input('gap'),
        ], fn (mixed $value) => $value !== null);
    }

    /** @param  callable(string): float  $read */
    private function figure(Validator $validator, string $field, float $most, callable $read): void
    {
        if (! $this->filled($field)) {
            return;
        }
        try {
            $this->read[$field] = $read($this->string($field)->value());
            if ($this->read[$field] <= 0 || $this->read[$field] > $most) {
                $validator->errors()->add($field, 'That is no size such a part can have.');
            }
        } catch (CannotReadQuantity $e) {
            $validator->errors()->add($field, $e->getMessage());
        }
    }

    private function expectSense(Validator $validator): void
    {
        if (($this->read['shell_outer'] ?? 40.0) <= ($this->read['shell_inner'] ?? 34.0)) {
            $validator->errors()->add('shell_outer', 'The face’s outer diameter is larger than its inner one.');
        }
        $objection = Rest::tryFrom($this->string('rest')->value())?->objection(
            $this->job()->bike->kind,
            $this->job()->bike->frame_material,
            BodyPosition::from($this->string('position')->value()),
        );
        if ($objection !== null) {
            $validator->errors()->add('rest', $objection);
        }
    }
}
