<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use App\Models\Values\BracingDecision;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Holding\Reaction\BodyPosition;
use NeatSpindle\Core\Holding\Reaction\FaceSize;
use NeatSpindle\Core\Holding\Reaction\GapContents;
use NeatSpindle\Core\Holding\Reaction\Rest;
use NeatSpindle\Core\Holding\Reaction\ShellFace;
use NeatSpindle\Core\Holding\Reaction\ThreadState;
use NeatSpindle\Core\Measuring\Survey\Instrument;

/** How the nut is torqued and what the body rests on; lengths and torque as they are typed. */
class BraceRequest extends VersionedRequest
{
    use ReadsQuantities;

    private const MOST_MM = 1000.0;

    private const MOST_NM = 400.0;

    private const MOST_DOUBT = 100.0;

    /** @var array<string, float> */
    private array $read = [];

    /** @var array<string, Measurement> */
    private array $measured = [];

    public function rules(): array
    {
        return parent::rules() + [
            'nut_torque' => ['nullable', 'string', 'max:'.Longest::FIGURE],
            'thread_state' => ['nullable', Rule::enum(ThreadState::class)],
            'shell_face' => ['nullable', Rule::enum(ShellFace::class)],
            'shell_outer' => ['nullable', 'string', 'max:'.Longest::FIGURE],
            'shell_inner' => ['nullable', 'string', 'max:'.Longest::FIGURE],
            'position' => ['required', Rule::enum(BodyPosition::class)],
            'is_reversed' => ['nullable', 'boolean'],
            'rest' => ['nullable', Rule::enum(Rest::class)],
            'rest_radius' => ['nullable', 'string', 'max:'.Longest::FIGURE],
            'tube' => ['nullable', 'string', 'max:'.Longest::FIGURE],
            'gap' => ['required', Rule::enum(GapContents::class)],
            'block' => ['nullable', 'string', 'max:'.Longest::FIGURE],
            'soft' => ['nullable', 'string', 'max:'.Longest::FIGURE],
            'maker_allows' => ['nullable', 'string', 'max:'.Longest::SHORT_NOTE],
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            $this->figure($validator, 'nut_torque', self::MOST_NM, $this->torques()->nm(...));
            foreach (['shell_outer', 'shell_inner', 'rest_radius', 'tube'] as $field) {
                $this->figure($validator, $field, self::MOST_MM, $this->lengths()->mm(...));
            }
            foreach (['block', 'soft'] as $field) {
                $this->thickness($validator, $field);
            }
            if (! FaceSize::of($this->read['shell_outer'] ?? null, $this->read['shell_inner'] ?? null)->isRing()) {
                $validator->errors()->add('shell_outer', 'The face’s outer diameter is larger than its inner one.');
            }
        }];
    }

    public function bracing(): BracingDecision
    {
        return new BracingDecision(
            nutTorque: $this->read['nut_torque'] ?? null,
            threadState: ThreadState::tryFrom($this->string('thread_state')->value()),
            shellFace: ShellFace::tryFrom($this->string('shell_face')->value()),
            shellOuter: $this->read['shell_outer'] ?? null,
            shellInner: $this->read['shell_inner'] ?? null,
            position: BodyPosition::from($this->string('position')->value()),
            isReversed: $this->boolean('is_reversed'),
            rest: Rest::tryFrom($this->string('rest')->value()),
            restRadius: $this->read['rest_radius'] ?? null,
            gap: GapContents::from($this->string('gap')->value()),
            block: $this->measured['block'] ?? null,
            soft: $this->measured['soft'] ?? null,
            makerAllows: $this->string('maker_allows')->trim()->value() ?: null,
            tube: $this->read['tube'] ?? null,
        );
    }

    /** What was measured with a caliper, unless another doubt is typed. */
    private function thickness(Validator $validator, string $field): void
    {
        $read = fn (string $typed): Measurement => $this->lengths()->measurement($typed, Instrument::Caliper->doubtMm());
        $measurement = $this->filled($field) ? $this->quantity($validator, $field, $read) : null;
        if ($measurement === null) {
            return;
        }
        $this->measured[$field] = $measurement;
        if ($measurement->value <= 0 || $measurement->value > self::MOST_MM || $measurement->plusMinus > self::MOST_DOUBT) {
            $validator->errors()->add($field, 'That is no size such a thing can have.');
        }
    }

    /** @param  callable(string): float  $read */
    private function figure(Validator $validator, string $field, float $most, callable $read): void
    {
        $figure = $this->filled($field) ? $this->quantity($validator, $field, $read) : null;
        if ($figure === null) {
            return;
        }
        $this->read[$field] = $figure;
        if ($figure <= 0 || $figure > $most) {
            $validator->errors()->add($field, 'That is no size such a part can have.');
        }
    }
}
