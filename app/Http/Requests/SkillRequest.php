<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use App\Models\Values\Skill;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use NeatSpindle\Core\Whole\Calendar\WorkKind;

use function array_filter;
use function array_map;
use function array_values;
use function in_array;

/** What a skill is called, which work asks for it, and who has it. */
class SkillRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $needed = $this->isDropped() ? 'nullable' : 'required';

        return [
            'seen' => ['required', 'string', 'size:32'], 'was' => ['nullable', 'string', 'max:'.Longest::PLACE], 'name' => [$needed, 'string', 'max:'.Longest::PLACE],
            'kinds' => [$needed, 'array'], 'kinds.*' => [new Enum(WorkKind::class)],
            'people' => ['nullable', 'array'],
            'people.*' => [
                'integer', Rule::exists('users', 'id')->where('workshop_id', $this->user()?->workshop_id)->whereNull('shut_out_at'),
            ],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'What is it called?', 'kinds.required' => 'Which work asks for it?', 'kinds.*' => 'No such work is known.',
            'people.*' => 'Nobody here is called so any more.',
        ];
    }

    public function seen(): string
    {
        return $this->string('seen')->value();
    }

    /** What it was called; null for a new one. */
    public function was(): ?string
    {
        return $this->string('was')->value() ?: null;
    }

    /** As it is now; null where it is dropped. */
    public function skill(): ?Skill
    {
        return $this->isDropped() ? null : new Skill($this->string('name')->trim()->value(), $this->work(), $this->people());
    }

    private function isDropped(): bool
    {
        return $this->boolean('drop');
    }

    /** @return list<WorkKind> */
    private function work(): array
    {
        $asks = (array) $this->input('kinds', []);

        return array_values(array_filter(WorkKind::cases(), fn (WorkKind $kind) => in_array($kind->value, $asks, true)));
    }

    /** @return list<int> */
    private function people(): array
    {
        return array_values(array_map(fn (mixed $one) => is_numeric($one) ? (int) $one : 0, (array) $this->input('people', [])));
    }
}
