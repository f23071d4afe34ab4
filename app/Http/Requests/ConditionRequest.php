<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use NeatSpindle\Core\Measuring\Survey\Remedy;
use NeatSpindle\Core\Measuring\Survey\Severity;
use NeatSpindle\Core\Measuring\Survey\Subject;

class ConditionRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $severity = Severity::tryFrom($this->string('severity')->value());

        return [
            'subject' => ['required', 'string', new Enum(Subject::class)],
            'severity' => ['required', 'string', new Enum(Severity::class)],
            'remedy' => [Rule::requiredIf($severity === Severity::Bad), 'nullable', new Enum(Remedy::class)],
            'declined_by' => ['required_if:remedy,declined', 'nullable', 'string', 'max:'.Longest::NAME],
            'seen' => ['nullable', 'integer', 'min:0'],
            'note' => [Rule::requiredIf($severity === Severity::Stop), 'nullable', 'string', 'max:'.Longest::NOTE],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'severity.required' => 'Say how it is.',
            'remedy.required' => 'What is not good enough needs an answer: mend it, replace it, or the customer declines.',
            'declined_by.required_if' => 'Write down who declined.',
            'note.required' => 'Say why the job has to stop.',
        ];
    }

    public function subject(): Subject
    {
        return Subject::from($this->string('subject')->value());
    }

    /** The finding the person saw standing there; 0 when none did. */
    public function seen(): int
    {
        return $this->integer('seen');
    }

    /** @return array{severity: Severity, remedy: ?Remedy, declined_by: ?string, note: ?string} */
    public function found(): array
    {
        $severity = Severity::from($this->string('severity')->value());
        $remedy = $severity->remedies() === [] ? null : Remedy::tryFrom($this->string('remedy')->value());

        return [
            'severity' => $severity,
            'remedy' => $remedy,
            'declined_by' => $remedy === Remedy::Declined ? $this->string('declined_by')->trim()->value() : null,
            'note' => $this->string('note')->trim()->value() ?: null,
        ];
    }
}
